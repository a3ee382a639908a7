/** Coming in: an invitation is used up, a child says who they are at a device of the family. */
import { opensByPin } from '$core/people/permissions';
import { JOINING_SAYS, waitWords } from '$words/answers/access';
import { fail, redirect, type RequestEvent } from '@sveltejs/kit';
import { message, setError } from 'sveltekit-superforms/server';
import { joinForm, readDoorForm } from '../../access/doorForms';
import { LIMITS } from '../../access/attempts';
import { addressMark, COOKIES, letIn, letOut, setCookie } from '../../access/door';
import { LASTS } from '../../access/rules';
import { now } from '../../clock';
import { reading, transaction } from '../../db/pool';
import { log } from '../../log';
import { giveKey } from '../../repo/deviceRepo';
import { invitationByCode, useInvitation } from '../../repo/invitationRepo';
import { addMembership, pinOf } from '../../repo/membershipRepo';
import { forgive, tryAt } from '../../repo/attemptRepo';
import { loadHome } from '../../repo/homeRepo';
import { fingerprint, newToken, readCode, secretFits } from '../../secrets';
import { acting } from '../guard';
import { inHousehold } from '../useCase';
import { passageOf } from './signing';

/** Said of an invitation that is used or over. */
export const GONE = JOINING_SAYS.thisInvitationHasBeenUsed;

export const codeOf = (value: FormDataEntryValue | string | null) =>
	typeof value === 'string' ? readCode(value) : null;

/** Uses an invitation up, once: the phone is the member's from now on, or the device the family's. */
export function comeIn(event: RequestEvent, data: FormData) {
	return acting(new FormData(), async () => {
		const at = now();
		const { typed, form } = await readDoorForm(joinForm, data, 'join');
		const from = addressMark(event.getClientAddress());
		const wait = await transaction((db) => tryAt(db, [[`join from ${from}`, LIMITS.join]], at));
		if (wait > 0)
			return setError(form, 'code', JOINING_SAYS.tooManyCodesWereTried(waitWords(wait)), { status: 429 });
		const code = readCode(typed.code);
		const found = code === null ? null : await reading((db) => invitationByCode(db, fingerprint(code)));
		const home = found ? await reading((db) => loadHome(db, found.household)) : null;
		const known =
			found && (found.member === null || home?.home.members.some((one) => one.id === found.member));
		if (!found || !known) {
			log.warn({ from, why: 'invitation' }, 'join refused');
			return message(form, GONE, { status: 400 });
		}
		const passage = passageOf(event);
		const key = newToken();
		// Whoever has a password already keeps their one way in, and gets this home beside the others.
		const account = event.locals.access.signIn?.account ?? null;
		const done = await inHousehold(found.household, async (db) => {
			if (!(await useInvitation(db, found.household, found.id, at))) return false;
			if (found.device !== null) {
				await giveKey(db, found.household, found.device, fingerprint(key));
				await letOut(db, passage, at);
			} else if (
				account === null ||
				!(await addMembership(db, found.household, found.member as string, account, at))
			)
				await letIn(
					db,
					passage,
					{
						account: null,
						household: found.household,
						member: found.member,
						device: null,
						how: 'join'
					},
					LASTS.signIn,
					at
				);
			await forgive(db, `join from ${from}`);
			return true;
		});
		if (!done) {
			log.warn({ from, why: 'invitation used' }, 'join refused');
			return message(form, GONE, { status: 400 });
		}
		if (found.device !== null) setCookie(passage, COOKIES.device, key);
		setCookie(passage, COOKIES.home, found.household);
		log.info({ from, device: found.device !== null }, 'joined');
		redirect(303, '/');
	});
}

/** A child says who they are, with their PIN where they have one. */
export function iAm(event: RequestEvent, form: FormData) {
	return acting(new FormData(), async () => {
		const { device } = event.locals.access;
		if (!device) return fail(403, { message: JOINING_SAYS.onlyTheFamilysOwnDevices });
		const member = String(form.get('member') ?? '').slice(0, 60);
		const home = await reading((db) => loadHome(db, device.household));
		const found = home?.home.members.find((one) => one.id === member && opensByPin(one.role));
		const at = now();
		const bucket = `pin ${device.id} ${member}`;
		const wait = await transaction((db) => tryAt(db, [[bucket, LIMITS.pin]], at));
		if (wait > 0) {
			log.warn({ device: device.id, why: 'too many PINs' }, 'PIN refused');
			return fail(429, {
				message: JOINING_SAYS.thatWasTriedTooOften(waitWords(wait)),
				member
			});
		}
		const hashed = await reading((db) => pinOf(db, device.household, member));
		const pin = String(form.get('pin') ?? '').slice(0, 20);
		const fits = hashed === null ? found !== undefined && pin === '' : await secretFits(pin, hashed);
		if (!found || !fits) {
			log.warn({ device: device.id, why: 'wrong PIN' }, 'PIN refused');
			return fail(400, { message: JOINING_SAYS.thatPinDoesNotFit, member });
		}
		await transaction(async (db) => {
			await letIn(
				db,
				passageOf(event),
				{ account: null, household: device.household, member, device: device.id, how: 'pin' },
				LASTS.atDevice,
				at
			);
			await forgive(db, bucket);
		});
		setCookie(passageOf(event), COOKIES.home, device.household);
		redirect(303, '/mine');
	});
}

/** Back to the device's own day. */
export async function iAmDone(event: RequestEvent) {
	await transaction((db) => letOut(db, passageOf(event), now()));
	redirect(303, '/');
}
