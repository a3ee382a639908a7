-- Sessions of every kind: what an event carries, clearings and what they leave behind, and the laundry.

-- What an event carries beside its kind and step: who, a line, a container, a room.
ALTER TABLE session_event ADD COLUMN detail JSON NULL;

-- A clearing that was sorted but not carried home stays on the list until it is.
ALTER TABLE session ADD COLUMN closing VARCHAR(6) CHARACTER SET ascii NOT NULL DEFAULT 'none';
ALTER TABLE session ADD KEY session_closing (household_id, closing);

-- A give-away bag, until it has left the house.
CREATE TABLE give_bag (
	household_id CHAR(36) CHARACTER SET ascii NOT NULL,
	id CHAR(36) CHARACTER SET ascii NOT NULL,
	session_id CHAR(36) CHARACTER SET ascii NOT NULL,
	things INT NOT NULL,
	place VARCHAR(80) NOT NULL,
	carrier VARCHAR(60) CHARACTER SET ascii NULL,
	leaves_on DATE NOT NULL,
	left_at BIGINT NULL,
	PRIMARY KEY (household_id, id),
	KEY give_bag_open (household_id, left_at),
	CONSTRAINT give_bag_household FOREIGN KEY (household_id) REFERENCES household (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

-- A box beside a place that was full: it waits for this place.
CREATE TABLE waiting_box (
	household_id CHAR(36) CHARACTER SET ascii NOT NULL,
	id CHAR(36) CHARACTER SET ascii NOT NULL,
	session_id CHAR(36) CHARACTER SET ascii NOT NULL,
	room_id VARCHAR(60) CHARACTER SET ascii NOT NULL,
	things VARCHAR(400) NOT NULL,
	since_at BIGINT NOT NULL,
	gone_at BIGINT NULL,
	PRIMARY KEY (household_id, id),
	KEY waiting_box_open (household_id, gone_at),
	CONSTRAINT waiting_box_household FOREIGN KEY (household_id) REFERENCES household (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

-- A load of laundry, and the instants at which it came to each stage.
CREATE TABLE laundry_load (
	household_id CHAR(36) CHARACTER SET ascii NOT NULL,
	id CHAR(36) CHARACTER SET ascii NOT NULL,
	name VARCHAR(80) NOT NULL,
	kind VARCHAR(8) CHARACTER SET ascii NOT NULL,
	owner_id VARCHAR(60) CHARACTER SET ascii NULL,
	dry VARCHAR(8) CHARACTER SET ascii NOT NULL,
	wash_minutes INT NOT NULL,
	dry_minutes INT NOT NULL,
	made_at BIGINT NOT NULL,
	is_over BOOLEAN NOT NULL DEFAULT FALSE,
	PRIMARY KEY (household_id, id),
	KEY laundry_open (household_id, is_over),
	CONSTRAINT laundry_load_household FOREIGN KEY (household_id) REFERENCES household (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

CREATE TABLE laundry_event (
	household_id CHAR(36) CHARACTER SET ascii NOT NULL,
	load_id CHAR(36) CHARACTER SET ascii NOT NULL,
	id CHAR(36) CHARACTER SET ascii NOT NULL,
	seq BIGINT UNSIGNED NOT NULL AUTO_INCREMENT,
	stage VARCHAR(10) CHARACTER SET ascii NOT NULL,
	at BIGINT NOT NULL,
	by_member VARCHAR(60) CHARACTER SET ascii NULL,
	PRIMARY KEY (household_id, load_id, id),
	UNIQUE KEY laundry_event_seq (seq),
	CONSTRAINT laundry_event_load FOREIGN KEY (household_id, load_id) REFERENCES laundry_load (household_id, id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
