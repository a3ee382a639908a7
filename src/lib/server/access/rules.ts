/** What is taken as an address, a password, a PIN; and how long things last. */
import { RULES_SAYS } from '$words/answers/access';
import { readFileSync } from 'node:fs';
import { z } from 'zod';

const MINUTE = 60_000;
const DAY = 24 * 60 * MINUTE;

/** How long a sign-in lasts without being used, an invitation, a reset, a second factor, a child at a device. */
export const LASTS = {
	signIn: 60 * DAY,
	invitation: 2 * DAY,
	reset: 60 * MINUTE,
	waiting: 10 * MINUTE,
	atDevice: 30 * MINUTE
} as const;

export const emailField = z
	.string()
	.trim()
	.toLowerCase()
	.max(254, RULES_SAYS.anAddressHasAtMost)
	.pipe(z.email(RULES_SAYS.thatIsNoEMail));

let common: ReadonlySet<string> | null = null;

/** Passwords that everybody tries first. */
function commonPasswords(): ReadonlySet<string> {
	common ??= new Set(
		readFileSync('library/common-passwords.txt', 'utf8')
			.split('\n')
			.filter((line) => line !== '' && !line.startsWith('#'))
	);
	return common;
}

const plainLetters = (text: string) => text.toLowerCase().replace(/[^\p{L}\p{N}]/gu, '');

/** Long enough, and not one that everybody tries: nothing is asked of its letters. Null where it will do. */
export function passwordProblem(password: string, email: string): string | null {
	if ([...password].length < 10) return RULES_SAYS.aPasswordHasAtLeast;
	if (password.length > 200) return RULES_SAYS.aPasswordHasAtMost;
	const plain = plainLetters(password);
	const tried = commonPasswords();
	if (tried.has(password.toLowerCase()) || tried.has(plain)) return RULES_SAYS.thatOneIsOnThe;
	if (new Set(plain).size < 4) return RULES_SAYS.thatOneIsTooEasy;
	const [name = ''] = email.split('@');
	if (plain === plainLetters(email) || (name.length > 3 && plain === plainLetters(name).repeat(2)))
		return RULES_SAYS.yourAddressIsTheFirst;
	return null;
}

/** Four to eight figures; not one figure alone, and no run such as 1234. */
export function pinProblem(pin: string): string | null {
	if (!/^\d{4,8}$/.test(pin)) return RULES_SAYS.aPinIsFourTo;
	const steps = new Set([...pin].slice(1).map((figure, i) => Number(figure) - Number(pin[i])));
	const [step] = steps;
	if (steps.size === 1 && Math.abs(step ?? 9) <= 1) return RULES_SAYS.thatPinIsTriedFirst;
	return null;
}
