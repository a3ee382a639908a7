/** Coming in by an invitation, and saying at a device of the family who one is. */
import { type RequestEvent } from '@sveltejs/kit';
import { LIMITS } from '../../access/attempts';
import { addressMark } from '../../access/door';
import { now } from '../../clock';
import { reading, transaction } from '../../db/pool';
import { invitationByCode } from '../../repo/invitationRepo';
import { waysIn } from '../../repo/membershipRepo';
import { tryAt } from '../../repo/attemptRepo';
import { loadHome } from '../../repo/homeRepo';
import { fingerprint } from '../../secrets';
import { codeOf } from '../../services/access/joining';

export interface InvitedView {
	readonly code: string;
	readonly home: string;
	/** Whose way in it is; null for a device of the family. */
	readonly name: string | null;
}

/** What an invitation opens, without using it up; null where it opens nothing. Looking is a try, too. */
export async function loadInvitation(event: RequestEvent): Promise<InvitedView | 'gone' | null> {
	const asked = event.url.searchParams.get('code');
	if (asked === null) return null;
	const code = codeOf(asked);
	const at = now();
	const from = addressMark(event.getClientAddress());
	const wait = await transaction((db) => tryAt(db, [[`join from ${from}`, LIMITS.join]], at));
	if (code === null || wait > 0) return 'gone';
	const found = await reading((db) => invitationByCode(db, fingerprint(code)));
	if (!found || found.usedAt !== null || found.expiresAt <= at) return 'gone';
	const home = await reading((db) => loadHome(db, found.household));
	const member = home?.home.members.find((one) => one.id === found.member);
	if (!home || (found.member !== null && !member)) return 'gone';
	return { code, home: home.home.household.name, name: member?.name ?? null };
}

export interface WhoView {
	readonly device: string;
	readonly home: string;
	readonly people: readonly { readonly id: string; readonly name: string; readonly hasPin: boolean }[];
	/** Who is signed in at it now. */
	readonly now: string | null;
}

/** Who can say at this device who they are: the children and helpers of its home. */
export async function loadWho({ locals }: RequestEvent): Promise<WhoView | null> {
	const { device, signIn } = locals.access;
	if (!device) return null;
	const [home, ways] = await reading((db) =>
		Promise.all([loadHome(db, device.household), waysIn(db, device.household)])
	);
	if (!home) return null;
	const people = home.members.filter((one) => one.role === 'child' || one.role === 'helper');
	return {
		device: device.name,
		home: home.home.household.name,
		people: people.map(({ id, name }) => ({ id, name, hasPin: ways.pins.has(id) })),
		now: signIn?.device === device.id ? (people.find((one) => one.id === signIn.member)?.name ?? null) : null
	};
}
