/** Parts a migration into its statements, and makes each one that can be run again. Rules: "Migrations". */

/** The statements of an SQL file, without comments; a semicolon in quotes ends none. */
export function statementsOf(sql: string): string[] {
	const found: string[] = [];
	let text = '';
	let quote: string | null = null;
	for (let i = 0; i < sql.length; i++) {
		const c = sql[i] as string;
		if (quote !== null) {
			text += c;
			// A quote that is doubled, or escaped, does not end the text.
			if (c === '\\') text += sql[++i] ?? '';
			else if (c === quote && sql[i + 1] === quote) text += sql[++i];
			else if (c === quote) quote = null;
		} else if (c === "'" || c === '"' || c === '`') {
			quote = c;
			text += c;
		} else if ((c === '-' && sql[i + 1] === '-' && /\s/.test(sql[i + 2] ?? '\n')) || c === '#') {
			const end = sql.indexOf('\n', i);
			i = end < 0 ? sql.length : end - 1;
		} else if (c === ';') {
			if (text.trim() !== '') found.push(text.trim());
			text = '';
		} else text += c;
	}
	if (text.trim() !== '') found.push(text.trim());
	return found;
}

/**
 * A statement that does nothing where it was carried out already: statements of this database commit one by one, so a
 * process that ends between one and its record runs it once more.
 */
export function repeatable(statement: string): string {
	if (/^CREATE\s+TABLE\s/i.test(statement))
		return statement.replace(/^CREATE\s+TABLE\s+(?!IF\s)/i, 'CREATE TABLE IF NOT EXISTS ');
	if (/^DROP\s+TABLE\s/i.test(statement))
		return statement.replace(/^DROP\s+TABLE\s+(?!IF\s)/i, 'DROP TABLE IF EXISTS ');
	if (!/^ALTER\s+TABLE\s/i.test(statement)) return statement;
	return statement
		.replace(/\bADD\s+COLUMN\s+(?!IF\s)/gi, 'ADD COLUMN IF NOT EXISTS ')
		.replace(/\bADD\s+UNIQUE\s+KEY\s+(?!IF\s)/gi, 'ADD UNIQUE KEY IF NOT EXISTS ')
		.replace(/\bADD\s+KEY\s+(?!IF\s)/gi, 'ADD KEY IF NOT EXISTS ')
		.replace(/\bDROP\s+COLUMN\s+(?!IF\s)/gi, 'DROP COLUMN IF EXISTS ')
		.replace(/\bDROP\s+KEY\s+(?!IF\s)/gi, 'DROP KEY IF EXISTS ');
}
