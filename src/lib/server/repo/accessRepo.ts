/** Accounts, memberships, devices, invitations, PINs and sign-ins. Hashes in, hashes out: no secret stands here. */
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

export interface Membership {
	readonly household: string;
	readonly member: string;
}

export async function membershipsOf(db: Db, account: string): Promise<Membership[]> {
	const [rows] = await db.execute<Row[]>(
		'SELECT household_id, member_id FROM membership WHERE account_id = ? AND put_out_at IS NULL ORDER BY made_at DESC',
		[account]
	);
	return rows.map((row) => ({ household: row.household_id as string, member: row.member_id as string }));
}

/** Makes an account a member of a home; false where the member, or the account in this home, is taken. */
export async function addMembership(
	db: Db,
	household: string,
	member: string,
	account: string,
	now: number
): Promise<boolean> {
	const [done] = await db.query(
		'INSERT IGNORE INTO membership (household_id, member_id, account_id, made_at) VALUES (?, ?, ?, ?)',
		[household, member, account, now]
	);
	if ((done as { affectedRows: number }).affectedRows > 0) return true;
	// Whoever was put out and is invited again comes back as who they were.
	const [back] = await db.query(
		'UPDATE membership SET put_out_at = NULL WHERE household_id = ? AND member_id = ? AND account_id = ? AND put_out_at IS NOT NULL',
		[household, member, account]
	);
	return (back as { affectedRows: number }).affectedRows > 0;
}

/** Puts a member out: their account opens this home no more until they are invited again. */
export async function putOutOf(db: Db, household: string, member: string, now: number): Promise<void> {
	await db.query(
		'UPDATE membership SET put_out_at = ? WHERE household_id = ? AND member_id = ? AND put_out_at IS NULL',
		[now, household, member]
	);
	await endInvitationsOf(db, household, member, now);
}

/** Ends the invitations of a member that are still open. */
export async function endInvitationsOf(
	db: Db,
	household: string,
	member: string,
	now: number
): Promise<void> {
	await db.query(
		'UPDATE invitation SET used_at = ? WHERE household_id = ? AND member_id = ? AND used_at IS NULL',
		[now, household, member]
	);
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

/** Which members of a home have an account, a PIN, and how many ways in are open to each. */
export async function waysIn(db: Db, household: string) {
	const [accounts] = await db.execute<Row[]>(
		'SELECT m.member_id, a.email FROM membership m JOIN account a ON a.id = m.account_id WHERE m.household_id = ? AND m.put_out_at IS NULL AND a.deleted_at IS NULL',
		[household]
	);
	const [pins] = await db.execute<Row[]>('SELECT member_id FROM member_pin WHERE household_id = ?', [
		household
	]);
	return {
		emails: new Map(accounts.map((row) => [row.member_id as string, row.email as string])),
		pins: new Set(pins.map((row) => row.member_id as string))
	};
}

export async function pinOf(db: Db, household: string, member: string): Promise<string | null> {
	const [rows] = await db.execute<Row[]>(
		'SELECT pin_hash FROM member_pin WHERE household_id = ? AND member_id = ?',
		[household, member]
	);
	return (rows[0]?.pin_hash as string | undefined) ?? null;
}

/** Sets a PIN; null takes it off. */
export async function setPin(db: Db, household: string, member: string, pin: string | null, now: number) {
	if (pin === null)
		await db.query('DELETE FROM member_pin WHERE household_id = ? AND member_id = ?', [household, member]);
	else
		await db.query(
			'REPLACE INTO member_pin (household_id, member_id, pin_hash, changed_at) VALUES (?, ?, ?, ?)',
			[household, member, pin, now]
		);
}

export interface Device {
	readonly household: string;
	readonly id: string;
	readonly name: string;
	readonly hasKey: boolean;
	readonly madeAt: number;
	readonly seenAt: number | null;
}

const deviceOf = (row: Row): Device => ({
	household: row.household_id as string,
	id: row.id as string,
	name: row.name as string,
	hasKey: row.key_hash !== null,
	madeAt: row.made_at as number,
	seenAt: row.seen_at as number | null
});

export async function devicesOf(db: Db, household: string): Promise<Device[]> {
	const [rows] = await db.execute<Row[]>(
		'SELECT * FROM device WHERE household_id = ? AND revoked_at IS NULL ORDER BY made_at',
		[household]
	);
	return rows.map(deviceOf);
}

/** The device with a key, where it has not been revoked. */
export async function deviceByKey(db: Db, keyHash: string): Promise<Device | null> {
	const [rows] = await db.execute<Row[]>('SELECT * FROM device WHERE key_hash = ? AND revoked_at IS NULL', [
		keyHash
	]);
	return rows[0] ? deviceOf(rows[0]) : null;
}

export async function addDevice(db: Db, household: string, id: string, name: string, now: number) {
	await db.query('INSERT IGNORE INTO device (household_id, id, name, made_at) VALUES (?, ?, ?, ?)', [
		household,
		id,
		name,
		now
	]);
}

export async function giveKey(db: Db, household: string, device: string, keyHash: string): Promise<void> {
	await db.query('UPDATE device SET key_hash = ? WHERE household_id = ? AND id = ? AND revoked_at IS NULL', [
		keyHash,
		household,
		device
	]);
}

export async function sawDevice(db: Db, household: string, device: string, now: number): Promise<void> {
	await db.query('UPDATE device SET seen_at = ? WHERE household_id = ? AND id = ?', [now, household, device]);
}

/** Takes a device's key away, and whoever is signed in at it out. */
export async function revokeDevice(db: Db, household: string, device: string, now: number): Promise<void> {
	await db.query('UPDATE device SET revoked_at = ? WHERE household_id = ? AND id = ?', [
		now,
		household,
		device
	]);
	await db.query(
		'UPDATE sign_in SET ended_at = ? WHERE household_id = ? AND device_id = ? AND ended_at IS NULL',
		[now, household, device]
	);
	await db.query(
		'UPDATE invitation SET used_at = ? WHERE household_id = ? AND device_id = ? AND used_at IS NULL',
		[now, household, device]
	);
}

export interface Invitation {
	readonly household: string;
	readonly id: string;
	readonly member: string | null;
	readonly device: string | null;
	readonly expiresAt: number;
	readonly usedAt: number | null;
}

const invitationOf = (row: Row): Invitation => ({
	household: row.household_id as string,
	id: row.id as string,
	member: row.member_id as string | null,
	device: row.device_id as string | null,
	expiresAt: row.expires_at as number,
	usedAt: row.used_at as number | null
});

/** Makes an invitation, once an id; one that was open for the same member or device is taken back. */
export async function invite(
	db: Db,
	household: string,
	one: {
		readonly id: string;
		readonly member: string | null;
		readonly device: string | null;
		readonly codeHash: string;
		readonly expiresAt: number;
	},
	now: number
): Promise<void> {
	await db.query(
		`UPDATE invitation SET used_at = ? WHERE household_id = ? AND used_at IS NULL AND id <> ?
			AND (member_id <=> ?) AND (device_id <=> ?)`,
		[now, household, one.id, one.member, one.device]
	);
	await db.query(
		`INSERT INTO invitation (household_id, id, member_id, device_id, code_hash, made_at, expires_at)
			VALUES (?, ?, ?, ?, ?, ?, ?) ON DUPLICATE KEY UPDATE code_hash = VALUES(code_hash)`,
		[household, one.id, one.member, one.device, one.codeHash, now, one.expiresAt]
	);
}

export async function invitationByCode(db: Db, codeHash: string): Promise<Invitation | null> {
	const [rows] = await db.execute<Row[]>('SELECT * FROM invitation WHERE code_hash = ?', [codeHash]);
	return rows[0] ? invitationOf(rows[0]) : null;
}

/** Uses an invitation up: true for the one who comes first. */
export async function useInvitation(db: Db, household: string, id: string, now: number): Promise<boolean> {
	const [done] = await db.query(
		'UPDATE invitation SET used_at = ? WHERE household_id = ? AND id = ? AND used_at IS NULL AND expires_at > ?',
		[now, household, id, now]
	);
	return (done as { affectedRows: number }).affectedRows > 0;
}

export async function openInvitations(db: Db, household: string, now: number): Promise<Invitation[]> {
	const [rows] = await db.execute<Row[]>(
		'SELECT * FROM invitation WHERE household_id = ? AND used_at IS NULL AND expires_at > ? ORDER BY made_at',
		[household, now]
	);
	return rows.map(invitationOf);
}

export interface SignIn {
	readonly id: string;
	readonly account: string | null;
	readonly household: string | null;
	readonly member: string | null;
	readonly device: string | null;
	readonly how: 'password' | 'join' | 'pin' | 'waiting';
	readonly agent: string;
	readonly madeAt: number;
	readonly seenAt: number;
	readonly expiresAt: number;
}

const signInOf = (row: Row): SignIn => ({
	id: row.id as string,
	account: row.account_id as string | null,
	household: row.household_id as string | null,
	member: row.member_id as string | null,
	device: row.device_id as string | null,
	how: row.how as SignIn['how'],
	agent: row.agent as string,
	madeAt: row.made_at as number,
	seenAt: row.seen_at as number,
	expiresAt: row.expires_at as number
});

export async function addSignIn(
	db: Db,
	one: Omit<SignIn, 'madeAt' | 'seenAt'> & { readonly tokenHash: string },
	now: number
): Promise<void> {
	await db.query(
		`INSERT INTO sign_in (id, token_hash, account_id, household_id, member_id, device_id, how, agent, made_at, seen_at, expires_at)
			VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`,
		[
			one.id,
			one.tokenHash,
			one.account,
			one.household,
			one.member,
			one.device,
			one.how,
			one.agent.slice(0, 200),
			now,
			now,
			one.expiresAt
		]
	);
}

/** The sign-in of a token that holds at an instant. */
export async function signInByToken(db: Db, tokenHash: string, now: number): Promise<SignIn | null> {
	const [rows] = await db.execute<Row[]>(
		'SELECT * FROM sign_in WHERE token_hash = ? AND ended_at IS NULL AND expires_at > ?',
		[tokenHash, now]
	);
	return rows[0] ? signInOf(rows[0]) : null;
}

export async function sawSignIn(db: Db, id: string, now: number, expiresAt: number): Promise<void> {
	await db.query('UPDATE sign_in SET seen_at = ?, expires_at = ? WHERE id = ?', [now, expiresAt, id]);
}

export async function endSignIn(db: Db, id: string, now: number): Promise<void> {
	await db.query('UPDATE sign_in SET ended_at = ? WHERE id = ? AND ended_at IS NULL', [now, id]);
}

/** Whose sign-ins: an account's, and those of one member of a home. */
export interface Whose {
	readonly account: string | null;
	readonly household: string;
	readonly member: string;
}

const WHOSE = '((account_id IS NOT NULL AND account_id = ?) OR (household_id = ? AND member_id = ?))';

export async function signInsOf(db: Db, whose: Whose, now: number): Promise<SignIn[]> {
	const [rows] = await db.execute<Row[]>(
		`SELECT * FROM sign_in WHERE ${WHOSE} AND ended_at IS NULL AND expires_at > ? AND how <> 'waiting' ORDER BY seen_at DESC`,
		[whose.account, whose.household, whose.member, now]
	);
	return rows.map(signInOf);
}

/** Ends somebody's sign-ins: one, or all but the one that is kept. */
export async function endSignInsOf(
	db: Db,
	whose: Whose,
	which: { readonly only?: string; readonly but?: string },
	now: number
): Promise<void> {
	await db.query(
		`UPDATE sign_in SET ended_at = ? WHERE ${WHOSE} AND ended_at IS NULL AND (? = '' OR id = ?) AND id <> ?`,
		[now, whose.account, whose.household, whose.member, which.only ?? '', which.only ?? '', which.but ?? '']
	);
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

export interface Mail {
	readonly to: string;
	readonly subject: string;
	readonly body: string;
}

export async function putInOutbox(db: Db, id: string, mail: Mail, isDemo: boolean, now: number, why = '') {
	await db.query(
		'INSERT IGNORE INTO outbox (id, is_demo, recipient, subject, body, made_at, why) VALUES (?, ?, ?, ?, ?, ?, ?)',
		[id, isDemo ? 1 : 0, mail.to.slice(0, 254), mail.subject.slice(0, 200), mail.body, now, why.slice(0, 300)]
	);
}

/** The newest mail of the outbox: all of it, or the demo's alone. */
export async function outboxMail(
	db: Db,
	onlyDemo: boolean,
	count = 30
): Promise<(Mail & { readonly at: number; readonly why: string })[]> {
	const [rows] = await db.execute<Row[]>(
		`SELECT recipient, subject, body, made_at, why FROM outbox ${onlyDemo ? 'WHERE is_demo = TRUE' : ''}
			ORDER BY made_at DESC LIMIT ${Math.floor(count)}`
	);
	return rows.map((row) => ({
		to: row.recipient as string,
		subject: row.subject as string,
		body: row.body as string,
		at: row.made_at as number,
		why: row.why as string
	}));
}
