/** Who stands at the door: what the cookies of a request say, and which homes that opens. */
import { DOOR_SAYS } from '$words/answers/access';
import type { Member } from '$core/household/home';
import { opensByPin, type Role, type Viewer } from '$core/people/permissions';
import type { Cookies } from '@sveltejs/kit';
import { createHash } from 'node:crypto';
import { v7 as uuidv7 } from 'uuid';
import type { Db } from '../db/pool';
import { deviceByKey, type Device } from '../repo/deviceRepo';
import { membershipsOf } from '../repo/membershipRepo';
import { addSignIn, endSignIn, signInByToken, type SignIn } from '../repo/signInRepo';
import {
	anybodyHasAHome,
	isLivedIn as anybodyLivesHere,
	homesAmong,
	type HouseholdRow
} from '../repo/householdRepo';
import { loadHome } from '../repo/homeRepo';
import { fingerprint, newToken } from '../secrets';
import { LASTS } from './rules';
import { lastsByNote, noteDevice, noteSignIn } from './seen';

export const COOKIES = {
	/** The token of a sign-in. */
	token: 'door',
	/** The key of a device of the family. */
	device: 'device',
	/** Marks a device that an account was let in from before: it has tries of its own. */
	known: 'known',
	/** Which home is shown. */
	home: 'home',
	/** In the demo home alone: as whom. */
	as: 'as',
	/** Whoever is nobody in particular asked to look round the demo home. */
	demo: 'demo'
} as const;

export interface Access {
	readonly signIn: SignIn | null;
	readonly device: Device | null;
	/** The homes that are open, one's own first. */
	readonly homes: readonly HouseholdRow[];
	readonly current: HouseholdRow | null;
	/** Null: nobody that the current home knows. */
	readonly viewer: Viewer | null;
	/** Whether anybody lives in this house yet, the demo included. */
	readonly isLivedIn: boolean;
	/** In the demo: who can be looked at it as. */
	readonly canBe: readonly { readonly id: string; readonly name: string; readonly role: Role }[];
}

/** How often the time of the last use is written down. */
const SEEN_EVERY = 10 * 60_000;

async function signInOf(db: Db, cookies: Cookies, now: number): Promise<SignIn | null> {
	const token = cookies.get(COOKIES.token);
	if (!token || token.length > 100) return null;
	// Until when it lasts may be noted and not written down yet.
	const signIn = await signInByToken(db, fingerprint(token), 0);
	if (!signIn || signIn.how === 'waiting') return null;
	if (Math.max(signIn.expiresAt, lastsByNote(signIn.id) ?? 0) <= now) return null;
	// A child at a device counts as there as long as something is pressed; the others for two months.
	const every = signIn.how === 'pin' ? 60_000 : SEEN_EVERY;
	if (now - signIn.seenAt >= every) {
		const lasts = signIn.how === 'pin' ? LASTS.atDevice : LASTS.signIn;
		noteSignIn(signIn.id, now, now + lasts);
	}
	return signIn;
}

async function deviceOf(db: Db, cookies: Cookies, now: number): Promise<Device | null> {
	const key = cookies.get(COOKIES.device);
	if (!key || key.length > 100) return null;
	const device = await deviceByKey(db, fingerprint(key));
	if (device && now - (device.seenAt ?? 0) >= SEEN_EVERY) noteDevice(device.household, device.id, now);
	return device;
}

/** Reads the cookies, and what they open at this instant. */
export async function accessAt(db: Db, cookies: Cookies, now: number): Promise<Access> {
	const [signIn, device] = await Promise.all([signInOf(db, cookies, now), deviceOf(db, cookies, now)]);
	const memberships = signIn?.account ? await membershipsOf(db, signIn.account) : [];
	const memberOf = new Map(memberships.map((one) => [one.household, one.member]));
	if (signIn?.household && signIn.member) memberOf.set(signIn.household, signIn.member);
	const homes = await homesAmong(db, [...memberOf.keys(), ...(device ? [device.household] : [])]);
	const isLivedIn = homes.length > 0 || (await anybodyLivesHere(db));
	const current = homes.find((home) => home.id === cookies.get(COOKIES.home)) ?? homes[0] ?? null;
	// Where somebody has a home, whoever is nobody in particular stands at the door, not in another family's home.
	const atTheDoor =
		current?.isDemo === true &&
		signIn === null &&
		device === null &&
		cookies.get(COOKIES.demo) === undefined &&
		(await anybodyHasAHome(db));
	const known = current && !atTheDoor ? await loadHome(db, current.id) : null;
	if (!current || !known) return { signIn, device, homes, current: null, viewer: null, isLivedIn, canBe: [] };
	const { members } = known.home;
	if (current.isDemo) {
		const canBe = [
			...members.map(({ id, name, role }) => ({ id, name, role })),
			...(members.some((one) => one.role === 'device')
				? []
				: [{ id: 'kitchen-tablet', name: DOOR_SAYS.theKitchenTablet, role: 'device' as const }])
		];
		const asked = canBe.find((one) => one.id === cookies.get(COOKIES.as));
		const one = asked ?? (members.find((member) => member.role === 'organiser') as Member);
		const viewer = { role: one.role, member: one.role === 'device' ? null : one.id };
		return { signIn, device, homes, current, viewer, isLivedIn, canBe };
	}
	const member = members.find(
		(one) =>
			one.id === memberOf.get(current.id) &&
			one.role !== 'device' &&
			// Whoever grew out of the role that a PIN is for comes in by a key of their own.
			(signIn?.how !== 'pin' || opensByPin(one.role))
	);
	const viewer: Viewer | null = member
		? { role: member.role, member: member.id }
		: device?.household === current.id
			? { role: 'device', member: null }
			: null;
	return { signIn, device, homes, current, viewer, isLivedIn, canBe: [] };
}

export interface Passage {
	readonly cookies: Cookies;
	readonly agent: string;
}

const YEAR = 365 * 24 * 60 * 60;

export function setCookie({ cookies }: Passage, name: string, value: string, seconds = YEAR): void {
	cookies.set(name, value, { path: '/', httpOnly: true, sameSite: 'lax', maxAge: seconds });
}

/** Lets somebody in: always with a new token, and what was there before ends. */
export async function letIn(
	db: Db,
	passage: Passage,
	who: Pick<SignIn, 'account' | 'household' | 'member' | 'device' | 'how'>,
	lasts: number,
	now: number
): Promise<string> {
	await letOut(db, passage, now);
	const token = newToken();
	const id = uuidv7({ msecs: now });
	await addSignIn(
		db,
		{ ...who, id, tokenHash: fingerprint(token), agent: passage.agent, expiresAt: now + lasts },
		now
	);
	setCookie(passage, COOKIES.token, token, Math.max(60, Math.floor(lasts / 1000)));
	return id;
}

/** Ends the sign-in that a request carries. */
export async function letOut(db: Db, { cookies }: Passage, now: number): Promise<void> {
	const token = cookies.get(COOKIES.token);
	if (token && token.length <= 100) {
		const signIn = await signInByToken(db, fingerprint(token), now);
		if (signIn) await endSignIn(db, signIn.id, now);
	}
	cookies.delete(COOKIES.token, { path: '/' });
}

/** An address without saying which: for buckets of tries and for the log. */
export const addressMark = (address: string): string =>
	createHash('sha256').update(`address ${address}`).digest('hex').slice(0, 16);
