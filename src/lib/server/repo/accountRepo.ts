/** Accounts: who signs in, and with what. Hashes in, hashes out: no secret stands here. */
import type { Db, Row } from '../db/pool';

export interface Account {
	readonly id: string;
	readonly email: string;
	readonly passwordHash: string;
	readonly totpSecret: string | null;
	readonly totpProved: boolean;
	readonly totpLast: number | null;
}

const accountOf = (row: Row): Account => ({
	id: row.id as string,
	email: row.email as string,
	passwordHash: row.password_hash as string,
	totpSecret: row.totp_secret as string | null,
	totpProved: row.totp_proved === 1,
	totpLast: row.totp_last as number | null
});

const ACCOUNT = 'id, email, password_hash, totp_secret, totp_proved, totp_last';

export async function accountByEmail(db: Db, email: string): Promise<Account | null> {
	const [rows] = await db.execute<Row[]>(
		`SELECT ${ACCOUNT} FROM account WHERE email = ? AND deleted_at IS NULL`,
		[email]
	);
	return rows[0] ? accountOf(rows[0]) : null;
}

export async function accountById(db: Db, id: string): Promise<Account | null> {
	const [rows] = await db.execute<Row[]>(
		`SELECT ${ACCOUNT} FROM account WHERE id = ? AND deleted_at IS NULL`,
		[id]
	);
	return rows[0] ? accountOf(rows[0]) : null;
}

/** Makes an account; false where the address has one. */
export async function makeAccount(
	db: Db,
	account: { readonly id: string; readonly email: string; readonly passwordHash: string },
	now: number
): Promise<boolean> {
	const [done] = await db.query(
		'INSERT IGNORE INTO account (id, email, password_hash, made_at) VALUES (?, ?, ?, ?)',
		[account.id, account.email, account.passwordHash, now]
	);
	return (done as { affectedRows: number }).affectedRows > 0;
}

export async function setPassword(db: Db, account: string, passwordHash: string): Promise<void> {
	await db.query('UPDATE account SET password_hash = ? WHERE id = ?', [passwordHash, account]);
}

/** A new second factor, not proved yet; null takes it off. */
export async function setTotp(db: Db, account: string, secret: string | null): Promise<void> {
	await db.query('UPDATE account SET totp_secret = ?, totp_proved = FALSE, totp_last = NULL WHERE id = ?', [
		secret,
		account
	]);
}

/** Takes a code's time step once: false where it, or a later one, was taken before. */
export async function useTotpStep(db: Db, account: string, step: number): Promise<boolean> {
	const [done] = await db.query(
		'UPDATE account SET totp_last = ?, totp_proved = TRUE WHERE id = ? AND (totp_last IS NULL OR totp_last < ?)',
		[step, account, step]
	);
	return (done as { affectedRows: number }).affectedRows > 0;
}

/** Sets the recovery codes of an account; those of before are gone. */
export async function setRecoveryCodes(
	db: Db,
	account: string,
	hashes: readonly string[],
	now: number
): Promise<void> {
	await db.query('DELETE FROM recovery_code WHERE account_id = ?', [account]);
	if (hashes.length > 0)
		await db.query('INSERT INTO recovery_code (account_id, code_hash, made_at) VALUES ?', [
			hashes.map((hash) => [account, hash, now])
		]);
}

/** Uses a recovery code up: true once. */
export async function useRecoveryCode(db: Db, account: string, hash: string, now: number): Promise<boolean> {
	const [done] = await db.query(
		'UPDATE recovery_code SET used_at = ? WHERE account_id = ? AND code_hash = ? AND used_at IS NULL',
		[now, account, hash]
	);
	return (done as { affectedRows: number }).affectedRows > 0;
}

/** How many recovery codes are left. */
export async function recoveryCodesLeft(db: Db, account: string): Promise<number> {
	const [rows] = await db.execute<Row[]>(
		'SELECT COUNT(*) AS n FROM recovery_code WHERE account_id = ? AND used_at IS NULL',
		[account]
	);
	return Number(rows[0]?.n ?? 0);
}

export async function addReset(db: Db, codeHash: string, account: string, expiresAt: number, now: number) {
	await db.query(
		'INSERT INTO password_reset (code_hash, account_id, made_at, expires_at) VALUES (?, ?, ?, ?)',
		[codeHash, account, now, expiresAt]
	);
}

/** The account of a reset that can still be used. */
export async function resetOf(db: Db, codeHash: string, now: number): Promise<string | null> {
	const [rows] = await db.execute<Row[]>(
		'SELECT account_id FROM password_reset WHERE code_hash = ? AND used_at IS NULL AND expires_at > ?',
		[codeHash, now]
	);
	return (rows[0]?.account_id as string | undefined) ?? null;
}

/** Uses a reset up, and with it all others of the account: true for the one who comes first. */
export async function useReset(db: Db, codeHash: string, account: string, now: number): Promise<boolean> {
	const [done] = await db.query(
		'UPDATE password_reset SET used_at = ? WHERE code_hash = ? AND used_at IS NULL AND expires_at > ?',
		[now, codeHash, now]
	);
	await db.query('UPDATE password_reset SET used_at = ? WHERE account_id = ? AND used_at IS NULL', [
		now,
		account
	]);
	return (done as { affectedRows: number }).affectedRows > 0;
}
