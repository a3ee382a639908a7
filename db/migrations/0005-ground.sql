-- What the ground needs: looking only at one's own rows, ways out and back, settings of the installation.

-- No request looks through other homes.
ALTER TABLE household ADD KEY household_demo (is_demo);
ALTER TABLE session ADD KEY session_forgotten (is_over, date);

-- Settings of the installation itself, such as the address at which the home is reached.
CREATE TABLE setting (
	name VARCHAR(40) CHARACTER SET ascii NOT NULL,
	value VARCHAR(400) NOT NULL,
	changed_at BIGINT NOT NULL,
	PRIMARY KEY (name)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

-- Codes that stand in for the second factor, once each. Hashed as passwords are.
CREATE TABLE recovery_code (
	account_id CHAR(36) CHARACTER SET ascii NOT NULL,
	code_hash CHAR(64) CHARACTER SET ascii NOT NULL,
	made_at BIGINT NOT NULL,
	used_at BIGINT NULL,
	PRIMARY KEY (account_id, code_hash),
	CONSTRAINT recovery_code_account FOREIGN KEY (account_id) REFERENCES account (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

-- Somebody who was put out stays out, with a password as well, until they are invited again.
ALTER TABLE membership ADD COLUMN put_out_at BIGINT NULL;

-- A home or an account that is being deleted: nobody reads it any more, and it is gone within a day.
ALTER TABLE household ADD COLUMN deleted_at BIGINT NULL, ADD KEY household_deleted (deleted_at);
ALTER TABLE account ADD COLUMN deleted_at BIGINT NULL, ADD KEY account_deleted (deleted_at);

-- Why a mail was not sent.
ALTER TABLE outbox ADD COLUMN why VARCHAR(300) NOT NULL DEFAULT '';

-- What the night's sweep looks for.
ALTER TABLE attempt ADD KEY attempt_at (at);
ALTER TABLE setup_draft ADD KEY setup_draft_changed (changed_at);
ALTER TABLE sign_in ADD KEY sign_in_expires (expires_at);
ALTER TABLE invitation ADD KEY invitation_expires (expires_at);
ALTER TABLE password_reset ADD KEY password_reset_expires (expires_at);
