/** The home's doors: ways in are made and taken away. */
import { DOORS_SAYS } from '$words/answers/access';
import { householdTime, wallTime } from '$core/calendar/instant';
import { lastWithPassword } from '$core/people/lastOrganiser';
import { opensByPin } from '$core/people/permissions';
import { clockText, tinyDate } from '$words/general';
import { fail, type RequestEvent } from '@sveltejs/kit';
import QRCode from 'qrcode';
import { z } from 'zod';
import { deviceForm, mailForm, pinForm, readDoorForm, refuse } from '../../access/doorForms';
import { houseAddress, NO_ADDRESS } from '../../access/houseAddress';
import { keepUnsent, sendMail } from '../../access/mail';
import { LASTS } from '../../access/rules';
import { now } from '../../clock';
import { reading, transaction } from '../../db/pool';
import { log } from '../../log';
import { accountByEmail } from '../../repo/accountRepo';
import { addDevice, devicesOf, revokeDevice } from '../../repo/deviceRepo';
import { invite } from '../../repo/invitationRepo';
import { putOutOf, setPin, waysIn } from '../../repo/membershipRepo';
import { endSignInsOf } from '../../repo/signInRepo';
import { forgive } from '../../repo/attemptRepo';
import { loadHome } from '../../repo/homeRepo';
import { fingerprint, hashSecret, newCode, shownCode } from '../../secrets';
import { acting } from '../guard';
import { inHousehold, useCase } from '../useCase';

export async function timeWords(household: string) {
	const home = await reading((db) => loadHome(db, household));
	if (!home) throw new RangeError(`no household ${household}`);
	const rules = home.home.household;
	return {
		home,
		when: (at: number) =>
			`${tinyDate(householdTime(at, rules).date)}, ${clockText(wallTime(at, rules.timeZone), rules.clock)}`
	};
}

/** A QR code as SVG: drawn here, so that no other place learns the address. */
export const qrOf = (text: string): Promise<string> =>
	QRCode.toString(text, { type: 'svg', margin: 1, errorCorrectionLevel: 'M' });

/** A way in that has just been made: shown once, as only its fingerprint is kept. */
export interface MadeWay {
	readonly made: {
		readonly name: string;
		readonly code: string;
		/** Null where no address is set for links: the code is typed then. */
		readonly link: string | null;
		readonly qr: string | null;
		readonly sentTo: string | null;
		/** Why no mail went out; null where one did, or none was asked for. */
		readonly unsent: string | null;
	};
}

async function makeWay(
	household: string,
	id: string,
	who: { readonly member: string | null; readonly device: string | null; readonly name: string },
	sendTo: string | null,
	isDemo: boolean,
	homeName: string
): Promise<MadeWay> {
	const at = now();
	const code = newCode();
	await inHousehold(household, (db) =>
		invite(
			db,
			household,
			{
				id,
				member: who.member,
				device: who.device,
				codeHash: fingerprint(code),
				expiresAt: at + LASTS.invitation
			},
			at
		)
	);
	const origin = await houseAddress();
	const link = origin === null ? null : `${origin}/join?code=${code}`;
	const subject = DOORS_SAYS.aWayInto(homeName);
	if (sendTo !== null && link === null)
		await keepUnsent({ to: sendTo, subject, body: '' }, isDemo, NO_ADDRESS);
	else if (sendTo !== null)
		await sendMail(
			{
				to: sendTo,
				subject,
				body: DOORS_SAYS.thisOpensInPailRound(
					who.name,
					homeName ?? '',
					link ?? '',
					shownCode(code),
					origin ?? ''
				)
			},
			isDemo
		);
	log.info({ device: who.device !== null }, 'invited');
	return {
		made: {
			name: who.name,
			code: shownCode(code),
			link,
			qr: link === null ? null : await qrOf(link),
			sentTo: link === null ? null : sendTo,
			unsent: link === null && sendTo !== null ? NO_ADDRESS : null
		}
	};
}

const idField = z.uuid(DOORS_SAYS.thisPageIsTooOld);

/** A one-time way in for a member. */
export function inviteMember({ locals }: RequestEvent, data: FormData) {
	return acting(data, async () => {
		const household = locals.householdId;
		const id = idField.safeParse(data.get('id'));
		if (!id.success) return fail(400, { message: id.error.issues[0]?.message ?? '' });
		const home = await reading((db) => loadHome(db, household));
		const member = home?.home.members.find((one) => one.id === data.get('member') && one.role !== 'device');
		if (!home || !member) return fail(400, { message: DOORS_SAYS.thatPersonDoesNotLive });
		const byMail = data.has('email') ? await readDoorForm(mailForm, data, `mail ${member.id}`) : null;
		if (byMail && !byMail.form.valid) return fail(400, { form: byMail.form });
		const way = await makeWay(
			household,
			id.data,
			{ member: member.id, device: null, name: member.name },
			byMail?.typed.email ?? null,
			locals.isDemo,
			home.home.household.name
		);
		return byMail ? { form: byMail.form, ...way } : way;
	});
}

/** So many shared devices a home has at the most. */
const MOST_DEVICES = 20;

/** A way in for a device that is there, under its own name. */
const wayFor = async ({ locals }: RequestEvent, id: string, device: string, name: string) => {
	const { home } = await timeWords(locals.householdId);
	const who = { member: null, device, name };
	return makeWay(locals.householdId, id, who, null, locals.isDemo, home.home.household.name);
};

/** A device of the family: a name, and a one-time way in for it. */
export function addFamilyDevice(event: RequestEvent, data: FormData) {
	return acting(data, async () => {
		const household = event.locals.householdId;
		const id = idField.safeParse(data.get('id'));
		if (!id.success) return fail(400, { message: id.error.issues[0]?.message ?? '' });
		const { typed, form } = await readDoorForm(deviceForm, data, 'device');
		if (!form.valid) return fail(400, { form });
		const isFull = await inHousehold(household, async (db) => {
			// Those that are there, but for this one where it is sent once more.
			const others = (await devicesOf(db, household)).filter((one) => one.id !== id.data);
			if (others.length >= MOST_DEVICES) return true;
			await addDevice(db, household, id.data, typed.name, now());
			return false;
		});
		if (isFull) return refuse(form, DOORS_SAYS.aHomeHasAtMost);
		return { form, ...(await wayFor(event, id.data, id.data, typed.name)) };
	});
}

/** Another one-time way in for a device that the home has, as where its browser was emptied. */
export function renewDevice(event: RequestEvent, data: FormData) {
	return acting(data, async () => {
		const id = idField.safeParse(data.get('id'));
		if (!id.success) return fail(400, { message: id.error.issues[0]?.message ?? '' });
		const devices = await reading((db) => devicesOf(db, event.locals.householdId));
		const device = devices.find((one) => one.id === data.get('device'));
		if (!device) return fail(400, { message: DOORS_SAYS.thatDeviceIsLoggedOut });
		return wayFor(event, id.data, device.id, device.name);
	});
}

export function revoke({ locals }: RequestEvent, form: FormData) {
	return useCase(locals.householdId, form, async () => {
		await transaction((db) =>
			revokeDevice(db, locals.householdId, String(form.get('device') ?? '').slice(0, 36), now())
		);
		log.info('device revoked');
		return { said: DOORS_SAYS.itsKeyIsTakenAway };
	});
}

/** Sets or takes off the PIN of a child; tries that were made with the old one are forgotten. */
export function changePin({ locals }: RequestEvent, data: FormData) {
	return acting(new FormData(), async () => {
		const household = locals.householdId;
		const { typed, form } = await readDoorForm(pinForm, data, `pin ${String(data.get('member'))}`);
		const { home } = await timeWords(household);
		const member = home.home.members.find((one) => one.id === typed.member && opensByPin(one.role));
		if (!member) return refuse(form, DOORS_SAYS.onlyChildrenAndHelpersHave);
		if (!form.valid) return fail(400, { form });
		const { pin } = typed;
		const hashed = pin === '' ? null : await hashSecret(pin);
		await inHousehold(household, async (db) => {
			await setPin(db, household, member.id, hashed, now());
			for (const device of await devicesOf(db, household)) await forgive(db, `pin ${device.id} ${member.id}`);
		});
		return {
			form,
			said: pin === '' ? DOORS_SAYS.needsNoPinAnyMore(member.name) : DOORS_SAYS.hasANewPinFor(member.name)
		};
	});
}

/** Signs somebody of the home out everywhere. */
export function putOut({ locals }: RequestEvent, form: FormData) {
	return useCase(locals.householdId, form, async () => {
		const household = locals.householdId;
		const member = String(form.get('member') ?? '').slice(0, 60);
		const { emails } = await reading((db) => waysIn(db, household));
		const home = await reading((db) => loadHome(db, household));
		const members = home?.home.members ?? [];
		const last = lastWithPassword(
			members,
			members.filter((one) => one.id !== member),
			emails
		);
		// Nobody could make them a new way in.
		if (last) return fail(409, { message: DOORS_SAYS.nobodyCouldLetThemIn(last.name) });
		const email = emails.get(member);
		const account = email ? await reading((db) => accountByEmail(db, email)) : null;
		const at = now();
		// An account that opens other homes stays signed in there: of this home it sees nothing any more.
		await reading((db) => endSignInsOf(db, { account: account?.id ?? null, household, member }, {}, at));
		await reading((db) => putOutOf(db, household, member, at));
		return { said: DOORS_SAYS.signedOutEverywhereToLet };
	});
}
