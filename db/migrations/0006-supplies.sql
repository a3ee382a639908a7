-- How much there is of what stands in the cupboard, and what was written on the list to buy by hand.
CREATE TABLE supply (
	household_id CHAR(36) CHARACTER SET ascii NOT NULL,
	-- The id of a product or tool of the home, or one of its own for what is on the list alone.
	id VARCHAR(60) CHARACTER SET ascii NOT NULL,
	-- Of what is on the list alone.
	name VARCHAR(80) NULL,
	level VARCHAR(8) CHARACTER SET ascii NOT NULL,
	changed_at BIGINT NOT NULL,
	by_member VARCHAR(60) CHARACTER SET ascii NULL,
	PRIMARY KEY (household_id, id),
	CONSTRAINT supply_household FOREIGN KEY (household_id) REFERENCES household (id)
) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
