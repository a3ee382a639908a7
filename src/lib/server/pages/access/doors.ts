/** The access of a home: who has a way in, invitations, devices, PINs; and one's own sign-ins. */
import { DOORS_VIEW_SAYS } from '$words/answers/access';
import type { DoorsView, OwnView } from '$views/access';
import { type RequestEvent } from '@sveltejs/kit';
import { v7 as uuidv7 } from 'uuid';
import { totpAddress } from '../../access/totp';
import { now } from '../../clock';
import { reading } from '../../db/pool';
import { accountByEmail, accountById, recoveryCodesLeft } from '../../repo/accountRepo';
import { devicesOf } from '../../repo/deviceRepo';
import { openInvitations } from '../../repo/invitationRepo';
import { waysIn } from '../../repo/membershipRepo';
import { signInsOf, type SignIn } from '../../repo/signInRepo';
import { ROLES } from '$words/people';
import { qrOf, timeWords } from '../../services/access/doors';
import { whose } from '../../services/access/ownKeys';

/** What a browser calls itself, in a few words. */
function agentWords(agent: string): string {
	const system = /iPhone|iPad/.test(agent)
		? DOORS_VIEW_SAYS.aPhone
		: /Android/.test(agent)
			? DOORS_VIEW_SAYS.aPhone
			: /Windows|Macintosh|X11|Linux|CrOS/.test(agent)
				? DOORS_VIEW_SAYS.aComputer
				: 'a device';
	const browser = /Firefox/.test(agent)
		? 'Firefox'
		: /Edg\//.test(agent)
			? 'Edge'
			: /Chrome/.test(agent)
				? 'Chrome'
				: /Safari/.test(agent)
					? 'Safari'
					: '';
	return browser ? `${browser} on ${system}` : system;
}

export async function loadDoors(household: string): Promise<DoorsView> {
	const at = now();
	const { home, when } = await timeWords(household);
	const [ways, devices, invitations] = await reading((db) =>
		Promise.all([waysIn(db, household), devicesOf(db, household), openInvitations(db, household, at)])
	);
	const people = home.members.filter((one) => one.role !== 'device');
	const signIns = await Promise.all(
		people.map(async (one) => {
			const email = ways.emails.get(one.id);
			const account = email ? await reading((db) => accountByEmail(db, email)) : null;
			return reading((db) => signInsOf(db, { account: account?.id ?? null, household, member: one.id }, at));
		})
	);
	return {
		formId: uuidv7(),
		people: people.map((one, i) => ({
			id: one.id,
			name: one.name,
			role: one.role === 'device' ? '' : ROLES[one.role].name,
			isChild: one.role === 'child',
			email: ways.emails.get(one.id) ?? null,
			hasPin: ways.pins.has(one.id),
			invited: invitations.some((two) => two.member === one.id),
			ins: (signIns[i] as SignIn[]).length,
			lastIn: signIns[i]?.[0] ? when((signIns[i]?.[0] as SignIn).seenAt) : null
		})),
		devices: devices.map((one) => ({
			id: one.id,
			name: one.name,
			state: one.hasKey
				? one.seenAt === null
					? DOORS_VIEW_SAYS.notOpenedYet
					: DOORS_VIEW_SAYS.lastSeen(when(one.seenAt))
				: invitations.some((two) => two.device === one.id)
					? DOORS_VIEW_SAYS.waits
					: DOORS_VIEW_SAYS.runOut
		}))
	};
}

export async function loadOwn(event: RequestEvent): Promise<OwnView> {
	const { locals } = event;
	const at = now();
	const { home, when } = await timeWords(locals.householdId);
	const mine = whose(event);
	const [account, signIns, codesLeft] = await reading((db) =>
		Promise.all([
			mine.account ? accountById(db, mine.account) : null,
			signInsOf(db, mine, at),
			mine.account ? recoveryCodesLeft(db, mine.account) : 0
		])
	);
	const secret = account && !account.totpProved ? account.totpSecret : null;
	return {
		formId: uuidv7(),
		name: home.members.find((one) => one.id === mine.member)?.name ?? '',
		isDemo: locals.isDemo,
		email: account?.email ?? null,
		second: account?.totpProved ?? false,
		codesLeft,
		setUp:
			secret && account
				? {
						secret: secret.replace(/(.{4})(?=.)/g, '$1 '),
						qr: await qrOf(totpAddress(secret, account.email))
					}
				: null,
		signIns: signIns.map((one) => ({
			id: one.id,
			here: one.id === locals.access.signIn?.id,
			words: agentWords(one.agent),
			how: DOORS_VIEW_SAYS.how[one.how === 'password' || one.how === 'join' ? one.how : 'device'],
			seen: when(one.seenAt)
		}))
	};
}
