/** Passwords, PINs, tokens and codes: how they are made, kept and compared. */
import { hash, verify } from '@node-rs/argon2';
import { createHash, randomBytes, randomInt } from 'node:crypto';

/**
 * argon2id with 64 MiB and four passes: well over 100 ms on a small machine. The work runs beside the server's own
 * thread, so that other requests go on.
 */
export const HASHING = { memoryCost: 65_536, timeCost: 4, parallelism: 1 } as const;

export const hashSecret = (secret: string): Promise<string> => hash(secret, HASHING);

/** A hash that no secret has: compared with where there is none, so that the answer takes as long. */
let noSecret: Promise<string> | null = null;

/** Compares a secret with a hash; without a hash it takes as long and is wrong. */
export async function secretFits(secret: string, hashed: string | null): Promise<boolean> {
	noSecret ??= hashSecret(randomBytes(24).toString('base64url'));
	const against = hashed ?? (await noSecret);
	const fits = await verify(against, secret).catch(() => false);
	return hashed !== null && fits;
}

/** A token for a cookie: 256 bits. */
export const newToken = (): string => randomBytes(32).toString('base64url');

/** What is kept of a token, key or code. */
export const fingerprint = (token: string): string => createHash('sha256').update(token).digest('hex');

/** Letters and figures that are not mistaken for one another: no O, no I, no 0, no 1. */
export const CLEAR_LETTERS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';

/** A code that can be read out and typed: twelve clear letters, 60 bits. */
export function newCode(length = 12): string {
	return Array.from({ length }, () => CLEAR_LETTERS[randomInt(CLEAR_LETTERS.length)]).join('');
}

/** A code as it is kept, however it was typed; null where it can be none. */
export function readCode(typed: string): string | null {
	const code = typed.toUpperCase().replace(/[\s-]/g, '');
	return code.length === 12 && [...code].every((letter) => CLEAR_LETTERS.includes(letter)) ? code : null;
}

/** A code in groups of four, as it is shown. */
export const shownCode = (code: string): string => code.replace(/(.{4})(?=.)/g, '$1-');
