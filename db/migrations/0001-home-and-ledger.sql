-- A household and everything that belongs to it. Every row carries the household's id, and every query asks by it.
-- Instants are milliseconds since 1970 (UTC); civil dates are DATE. Ids of people, rooms and jobs are the
-- household's own short words; ids of what happens are UUIDs made where it happened.

CREATE TABLE household (
	id CHAR(36) CHARACTER SET ascii NOT NULL,
	name VARCHAR(80) NOT NULL,
	revision INT UNSIGNED NOT NULL,
	created_at BIGINT NOT NULL,
	PRIMARY KEY (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

-- Each revision of the home holds from a day on; the past is judged by the revision of its own day.
CREATE TABLE home_revision (
	household_id CHAR(36) CHARACTER SET ascii NOT NULL,
	revision INT UNSIGNED NOT NULL,
	holds_from DATE NOT NULL,
	format_version INT UNSIGNED NOT NULL,
	settings JSON NOT NULL,
	made_at BIGINT NOT NULL,
	PRIMARY KEY (household_id, revision),
	CONSTRAINT home_revision_household FOREIGN KEY (household_id) REFERENCES household (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

-- The parts of a home live from one revision to another: `until_revision` is the first in which a row no
-- longer holds, NULL while it does.
CREATE TABLE zone (
	household_id CHAR(36) CHARACTER SET ascii NOT NULL,
	id VARCHAR(60) CHARACTER SET ascii NOT NULL,
	since_revision INT UNSIGNED NOT NULL,
	until_revision INT UNSIGNED NULL,
	place INT UNSIGNED NOT NULL,
	name VARCHAR(80) NOT NULL,
	weave VARCHAR(20) NOT NULL,
	order_by VARCHAR(10) NOT NULL,
	list JSON NOT NULL,
	PRIMARY KEY (household_id, id, since_revision),
	CONSTRAINT zone_household FOREIGN KEY (household_id) REFERENCES household (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

CREATE TABLE room (
	household_id CHAR(36) CHARACTER SET ascii NOT NULL,
	id VARCHAR(60) CHARACTER SET ascii NOT NULL,
	since_revision INT UNSIGNED NOT NULL,
	until_revision INT UNSIGNED NULL,
	place INT UNSIGNED NOT NULL,
	name VARCHAR(80) NOT NULL,
	kind VARCHAR(20) NOT NULL,
	storey INT NOT NULL,
	walk_order INT NOT NULL,
	seen_by_visitors BOOLEAN NOT NULL,
	zone_id VARCHAR(60) CHARACTER SET ascii NULL,
	PRIMARY KEY (household_id, id, since_revision),
	CONSTRAINT room_household FOREIGN KEY (household_id) REFERENCES household (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

CREATE TABLE member (
	household_id CHAR(36) CHARACTER SET ascii NOT NULL,
	id VARCHAR(60) CHARACTER SET ascii NOT NULL,
	since_revision INT UNSIGNED NOT NULL,
	until_revision INT UNSIGNED NULL,
	place INT UNSIGNED NOT NULL,
	name VARCHAR(80) NOT NULL,
	role VARCHAR(20) NOT NULL,
	born_on DATE NULL,
	presence JSON NOT NULL,
	PRIMARY KEY (household_id, id, since_revision),
	CONSTRAINT member_household FOREIGN KEY (household_id) REFERENCES household (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

CREATE TABLE job (
	household_id CHAR(36) CHARACTER SET ascii NOT NULL,
	id VARCHAR(60) CHARACTER SET ascii NOT NULL,
	since_revision INT UNSIGNED NOT NULL,
	until_revision INT UNSIGNED NULL,
	place INT UNSIGNED NOT NULL,
	name VARCHAR(80) NOT NULL,
	room_id VARCHAR(60) CHARACTER SET ascii NOT NULL,
	layer VARCHAR(10) NOT NULL,
	weight TINYINT UNSIGNED NOT NULL,
	miss_rule VARCHAR(10) NOT NULL,
	starts_on DATE NULL,
	lead_days INT UNSIGNED NOT NULL,
	cadence JSON NOT NULL,
	-- Depths with their steps, season, parts of the day, variants, covers, who, needs, cautions.
	detail JSON NOT NULL,
	PRIMARY KEY (household_id, id, since_revision),
	CONSTRAINT job_household FOREIGN KEY (household_id) REFERENCES household (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

-- Append-only. `seq` is the order of first receipt; an id that comes twice is the same entry.
CREATE TABLE ledger (
	household_id CHAR(36) CHARACTER SET ascii NOT NULL,
	id CHAR(36) CHARACTER SET ascii NOT NULL,
	seq BIGINT UNSIGNED NOT NULL AUTO_INCREMENT,
	outcome VARCHAR(12) CHARACTER SET ascii NOT NULL,
	date DATE NOT NULL,
	by_member VARCHAR(60) CHARACTER SET ascii NULL,
	job_id VARCHAR(60) CHARACTER SET ascii NULL,
	part VARCHAR(10) CHARACTER SET ascii NULL,
	due_on DATE NULL,
	to_date DATE NULL,
	of_id CHAR(36) CHARACTER SET ascii NULL,
	depth VARCHAR(10) CHARACTER SET ascii NULL,
	variant VARCHAR(80) NULL,
	minutes DECIMAL(7,2) NULL,
	cut_off BOOLEAN NULL,
	found VARCHAR(10) CHARACTER SET ascii NULL,
	share_done DECIMAL(5,4) NULL,
	session_id CHAR(36) CHARACTER SET ascii NULL,
	covered_by CHAR(36) CHARACTER SET ascii NULL,
	-- Pauses: scope, target, from, to, reason. Judgements: zone, clutter.
	detail JSON NULL,
	-- The device that made it and its own count, for entries that were made without a connection.
	device_id VARCHAR(60) CHARACTER SET ascii NULL,
	device_count BIGINT UNSIGNED NULL,
	received_at BIGINT NOT NULL,
	PRIMARY KEY (household_id, id),
	UNIQUE KEY ledger_seq (seq),
	KEY ledger_day (household_id, date, seq),
	KEY ledger_line (household_id, job_id, part, date, seq),
	KEY ledger_of (household_id, of_id),
	KEY ledger_member (household_id, by_member, date),
	KEY ledger_home (household_id, outcome, seq),
	CONSTRAINT ledger_household FOREIGN KEY (household_id) REFERENCES household (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

-- Projections of the ledger: written in the transaction of the entry, rebuilt at any time by `npm run rebuild`.
CREATE TABLE standing (
	household_id CHAR(36) CHARACTER SET ascii NOT NULL,
	line_id VARCHAR(71) CHARACTER SET ascii NOT NULL,
	checkpoint JSON NOT NULL,
	tail JSON NOT NULL,
	last JSON NULL,
	PRIMARY KEY (household_id, line_id),
	CONSTRAINT standing_household FOREIGN KEY (household_id) REFERENCES household (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

CREATE TABLE zone_standing (
	household_id CHAR(36) CHARACTER SET ascii NOT NULL,
	zone_id VARCHAR(60) CHARACTER SET ascii NOT NULL,
	state JSON NOT NULL,
	PRIMARY KEY (household_id, zone_id),
	CONSTRAINT zone_standing_household FOREIGN KEY (household_id) REFERENCES household (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

-- A session is its plan and rows of instants; time left is always computed from them.
CREATE TABLE session (
	household_id CHAR(36) CHARACTER SET ascii NOT NULL,
	id CHAR(36) CHARACTER SET ascii NOT NULL,
	kind VARCHAR(20) CHARACTER SET ascii NOT NULL,
	member_id VARCHAR(60) CHARACTER SET ascii NOT NULL,
	date DATE NOT NULL,
	bell_minutes DECIMAL(6,2) NOT NULL,
	plan JSON NOT NULL,
	is_over BOOLEAN NOT NULL DEFAULT FALSE,
	made_at BIGINT NOT NULL,
	PRIMARY KEY (household_id, id),
	KEY session_day (household_id, date),
	KEY session_open (household_id, is_over),
	CONSTRAINT session_household FOREIGN KEY (household_id) REFERENCES household (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

CREATE TABLE session_event (
	household_id CHAR(36) CHARACTER SET ascii NOT NULL,
	session_id CHAR(36) CHARACTER SET ascii NOT NULL,
	id CHAR(36) CHARACTER SET ascii NOT NULL,
	seq BIGINT UNSIGNED NOT NULL AUTO_INCREMENT,
	kind VARCHAR(12) CHARACTER SET ascii NOT NULL,
	at BIGINT NOT NULL,
	step INT NULL,
	PRIMARY KEY (household_id, session_id, id),
	UNIQUE KEY session_event_seq (seq),
	CONSTRAINT session_event_session FOREIGN KEY (household_id, session_id) REFERENCES session (household_id, id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
