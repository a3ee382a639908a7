-- Homes beside the demo: what rooms are made of, which home is the demo, first steps that can be left and
-- resumed, and secret addresses of the calendar feed.

ALTER TABLE room ADD COLUMN detail JSON NOT NULL DEFAULT '{}';

-- Until now every home was the demo.
ALTER TABLE household ADD COLUMN is_demo BOOLEAN NOT NULL DEFAULT FALSE;
UPDATE household SET is_demo = TRUE;

-- A change of the home is made once, however often it is sent.
ALTER TABLE home_revision ADD COLUMN edit_id CHAR(36) CHARACTER SET ascii NULL,
	ADD UNIQUE KEY home_revision_edit (household_id, edit_id);

-- Answers to the first steps. `household_id` is NULL until a home has come of them.
CREATE TABLE setup_draft (
	id CHAR(36) CHARACTER SET ascii NOT NULL,
	household_id CHAR(36) CHARACTER SET ascii NULL,
	answers JSON NOT NULL,
	changed_at BIGINT NOT NULL,
	PRIMARY KEY (id),
	CONSTRAINT setup_draft_household FOREIGN KEY (household_id) REFERENCES household (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

-- A secret address a home or a member; renewing it is a new secret in the same row.
CREATE TABLE calendar_feed (
	household_id CHAR(36) CHARACTER SET ascii NOT NULL,
	-- Empty for the whole home.
	member_id VARCHAR(60) CHARACTER SET ascii NOT NULL,
	secret CHAR(43) CHARACTER SET ascii NOT NULL,
	made_at BIGINT NOT NULL,
	PRIMARY KEY (household_id, member_id),
	UNIQUE KEY calendar_feed_secret (secret),
	CONSTRAINT calendar_feed_household FOREIGN KEY (household_id) REFERENCES household (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

-- The kitchen's other people: times that a family calendar says somebody is busy.
CREATE TABLE busy_time (
	household_id CHAR(36) CHARACTER SET ascii NOT NULL,
	id CHAR(36) CHARACTER SET ascii NOT NULL,
	uid VARCHAR(255) NOT NULL,
	member_id VARCHAR(60) CHARACTER SET ascii NULL,
	date DATE NOT NULL,
	from_minute INT NOT NULL,
	to_minute INT NOT NULL,
	title VARCHAR(120) NOT NULL,
	PRIMARY KEY (household_id, id),
	KEY busy_time_day (household_id, date),
	CONSTRAINT busy_time_household FOREIGN KEY (household_id) REFERENCES household (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
