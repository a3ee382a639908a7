-- Who may come in. Secrets are kept as hashes alone: passwords and PINs by argon2id, tokens and keys by SHA-256.

CREATE TABLE account (
	id CHAR(36) CHARACTER SET ascii NOT NULL,
	-- In small letters; what was typed is not kept.
	email VARCHAR(254) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	password_hash VARCHAR(255) CHARACTER SET ascii NOT NULL,
	-- The second factor: NULL until it is set up, and asked for once it was proved by a code.
	totp_secret VARCHAR(64) CHARACTER SET ascii NULL,
	totp_proved BOOLEAN NOT NULL DEFAULT FALSE,
	-- The time step of the last code that was taken: none is taken twice.
	totp_last BIGINT NULL,
	made_at BIGINT NOT NULL,
	PRIMARY KEY (id),
	UNIQUE KEY account_email (email)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

-- Which member of which home an account is.
CREATE TABLE membership (
	household_id CHAR(36) CHARACTER SET ascii NOT NULL,
	member_id VARCHAR(60) CHARACTER SET ascii NOT NULL,
	account_id CHAR(36) CHARACTER SET ascii NOT NULL,
	made_at BIGINT NOT NULL,
	PRIMARY KEY (household_id, member_id),
	UNIQUE KEY membership_account (account_id, household_id),
	CONSTRAINT membership_household FOREIGN KEY (household_id) REFERENCES household (id),
	CONSTRAINT membership_of_account FOREIGN KEY (account_id) REFERENCES account (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

-- A tablet on the kitchen wall, or another of the family's own devices: a key of its own, revoked by itself.
CREATE TABLE device (
	household_id CHAR(36) CHARACTER SET ascii NOT NULL,
	id CHAR(36) CHARACTER SET ascii NOT NULL,
	name VARCHAR(80) NOT NULL,
	key_hash CHAR(64) CHARACTER SET ascii NULL,
	made_at BIGINT NOT NULL,
	seen_at BIGINT NULL,
	revoked_at BIGINT NULL,
	PRIMARY KEY (household_id, id),
	UNIQUE KEY device_key (key_hash),
	CONSTRAINT device_household FOREIGN KEY (household_id) REFERENCES household (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

-- A one-time way in: for a member's own phone, or for a device of the family.
CREATE TABLE invitation (
	household_id CHAR(36) CHARACTER SET ascii NOT NULL,
	id CHAR(36) CHARACTER SET ascii NOT NULL,
	member_id VARCHAR(60) CHARACTER SET ascii NULL,
	device_id CHAR(36) CHARACTER SET ascii NULL,
	code_hash CHAR(64) CHARACTER SET ascii NOT NULL,
	made_at BIGINT NOT NULL,
	expires_at BIGINT NOT NULL,
	used_at BIGINT NULL,
	PRIMARY KEY (household_id, id),
	UNIQUE KEY invitation_code (code_hash),
	CONSTRAINT invitation_household FOREIGN KEY (household_id) REFERENCES household (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

CREATE TABLE member_pin (
	household_id CHAR(36) CHARACTER SET ascii NOT NULL,
	member_id VARCHAR(60) CHARACTER SET ascii NOT NULL,
	pin_hash VARCHAR(255) CHARACTER SET ascii NOT NULL,
	changed_at BIGINT NOT NULL,
	PRIMARY KEY (household_id, member_id),
	CONSTRAINT member_pin_household FOREIGN KEY (household_id) REFERENCES household (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

-- One row each time that somebody came in. `waiting` is a password that was right and a second factor to come.
CREATE TABLE sign_in (
	id CHAR(36) CHARACTER SET ascii NOT NULL,
	token_hash CHAR(64) CHARACTER SET ascii NOT NULL,
	account_id CHAR(36) CHARACTER SET ascii NULL,
	household_id CHAR(36) CHARACTER SET ascii NULL,
	member_id VARCHAR(60) CHARACTER SET ascii NULL,
	device_id CHAR(36) CHARACTER SET ascii NULL,
	how VARCHAR(12) CHARACTER SET ascii NOT NULL,
	agent VARCHAR(200) NOT NULL,
	made_at BIGINT NOT NULL,
	seen_at BIGINT NOT NULL,
	expires_at BIGINT NOT NULL,
	ended_at BIGINT NULL,
	PRIMARY KEY (id),
	UNIQUE KEY sign_in_token (token_hash),
	KEY sign_in_account (account_id, ended_at),
	KEY sign_in_member (household_id, member_id, ended_at),
	KEY sign_in_device (household_id, device_id, ended_at)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

CREATE TABLE password_reset (
	code_hash CHAR(64) CHARACTER SET ascii NOT NULL,
	account_id CHAR(36) CHARACTER SET ascii NOT NULL,
	made_at BIGINT NOT NULL,
	expires_at BIGINT NOT NULL,
	used_at BIGINT NULL,
	PRIMARY KEY (code_hash),
	CONSTRAINT password_reset_account FOREIGN KEY (account_id) REFERENCES account (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

-- Tries at a door: how full each bucket was when it was last looked at. Names of buckets are hashed.
CREATE TABLE attempt (
	bucket CHAR(64) CHARACTER SET ascii NOT NULL,
	level DOUBLE NOT NULL,
	at BIGINT NOT NULL,
	PRIMARY KEY (bucket)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

-- Mail that no server takes: read on the machine itself, or in the demo home what was written in it.
CREATE TABLE outbox (
	id CHAR(36) CHARACTER SET ascii NOT NULL,
	is_demo BOOLEAN NOT NULL,
	recipient VARCHAR(254) NOT NULL,
	subject VARCHAR(200) NOT NULL,
	body TEXT NOT NULL,
	made_at BIGINT NOT NULL,
	PRIMARY KEY (id),
	KEY outbox_made (made_at)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

-- Counts the changes of a home: what other devices have seen, and what they have not.
ALTER TABLE household ADD COLUMN changes BIGINT UNSIGNED NOT NULL DEFAULT 0;

-- Who takes which turns of a week, as it was given out: a plan, made anew whenever it is asked for.
CREATE TABLE handout (
	household_id CHAR(36) CHARACTER SET ascii NOT NULL,
	week_begin DATE NOT NULL,
	id CHAR(36) CHARACTER SET ascii NOT NULL,
	made_at BIGINT NOT NULL,
	PRIMARY KEY (household_id, week_begin),
	CONSTRAINT handout_household FOREIGN KEY (household_id) REFERENCES household (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

CREATE TABLE given_turn (
	household_id CHAR(36) CHARACTER SET ascii NOT NULL,
	week_begin DATE NOT NULL,
	line_id VARCHAR(71) CHARACTER SET ascii NOT NULL,
	due_on DATE NOT NULL,
	member_id VARCHAR(60) CHARACTER SET ascii NOT NULL,
	-- Given by hand or swapped: giving out again leaves it where it is.
	is_held BOOLEAN NOT NULL DEFAULT FALSE,
	PRIMARY KEY (household_id, line_id, due_on),
	KEY given_turn_week (household_id, week_begin),
	KEY given_turn_day (household_id, due_on),
	CONSTRAINT given_turn_household FOREIGN KEY (household_id) REFERENCES household (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

-- A swap is asked for by one and answered by the other. `back_line_id` is what comes in return, if anything.
CREATE TABLE swap (
	household_id CHAR(36) CHARACTER SET ascii NOT NULL,
	id CHAR(36) CHARACTER SET ascii NOT NULL,
	line_id VARCHAR(71) CHARACTER SET ascii NOT NULL,
	due_on DATE NOT NULL,
	from_member VARCHAR(60) CHARACTER SET ascii NOT NULL,
	to_member VARCHAR(60) CHARACTER SET ascii NOT NULL,
	back_line_id VARCHAR(71) CHARACTER SET ascii NULL,
	back_due_on DATE NULL,
	state VARCHAR(10) CHARACTER SET ascii NOT NULL,
	asked_at BIGINT NOT NULL,
	answered_at BIGINT NULL,
	PRIMARY KEY (household_id, id),
	KEY swap_open (household_id, state),
	CONSTRAINT swap_household FOREIGN KEY (household_id) REFERENCES household (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

-- A call for help, until somebody has come.
CREATE TABLE help_call (
	household_id CHAR(36) CHARACTER SET ascii NOT NULL,
	id CHAR(36) CHARACTER SET ascii NOT NULL,
	member_id VARCHAR(60) CHARACTER SET ascii NOT NULL,
	-- What it is about; NULL for nothing in particular.
	line_id VARCHAR(71) CHARACTER SET ascii NULL,
	called_at BIGINT NOT NULL,
	came_at BIGINT NULL,
	PRIMARY KEY (household_id, id),
	KEY help_call_open (household_id, came_at),
	CONSTRAINT help_call_household FOREIGN KEY (household_id) REFERENCES household (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

-- A printed card: its code, and what its boxes stand for.
CREATE TABLE paper_card (
	household_id CHAR(36) CHARACTER SET ascii NOT NULL,
	code VARCHAR(8) CHARACTER SET ascii NOT NULL,
	title VARCHAR(160) NOT NULL,
	boxes JSON NOT NULL,
	-- The same card printed again has the same code.
	content_hash CHAR(64) CHARACTER SET ascii NOT NULL,
	made_at BIGINT NOT NULL,
	PRIMARY KEY (household_id, code),
	UNIQUE KEY paper_card_content (household_id, content_hash),
	CONSTRAINT paper_card_household FOREIGN KEY (household_id) REFERENCES household (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
