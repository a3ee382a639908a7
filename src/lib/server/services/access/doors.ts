/** The home's doors and one's own keys: ways in are made and taken away, passwords and second factors set. */
import { DOORS_SAYS } from '$words/answers/access';
import { householdTime, wallTime } from '$core/calendar/instant';
import { clockText, tinyDate } from '$words/general';
import { fail, type RequestEvent } from '@sveltejs/kit';
import QRCode from 'qrcode';
import { message, setError, type SuperValidated } from 'sveltekit-superforms';
import { v7 as uuidv7 } from 'uuid';
import { z } from 'zod';
import { LIMITS } from '../../access/attempts';
import {
	changePasswordForm,
	deviceForm,
	mailForm,
	passwordAgainForm,
	pinForm,
	readDoorForm,
	secondForm,
	signUpForm
} from '../../access/doorForms';
import { houseAddress, NO_ADDRESS } from '../../access/houseAddress';
import { keepUnsent, sendMail } from '../../access/mail';
import { LASTS, passwordProblem } from '../../access/rules';
import { newTotpSecret, totpStep } from '../../access/totp';
import { now } from '../../clock';
import type { Db } from '../../db/pool';
import { reading, transaction } from '../../db/pool';
import { log } from '../../log';
import {
	accountByEmail,
	accountById,
	makeAccount,
	setPassword,
	setRecoveryCodes,
	setTotp,
	useTotpStep,
	type Account
} from '../../repo/accountRepo';
import { addDevice, devicesOf, revokeDevice } from '../../repo/deviceRepo';
import { endInvitationsOf, invite } from '../../repo/invitationRepo';
import { addMembership, putOutOf, setPin, waysIn } from '../../repo/membershipRepo';
import { endSignInsOf } from '../../repo/signInRepo';
import { forgive, tryAt } from '../../repo/attemptRepo';
import { loadHome } from '../../repo/homeRepo';
import { fingerprint, hashSecret, newCode, secretFits, shownCode } from '../../secrets';
import { acting } from '../guard';
import { inHousehold, useCase } from '../useCase';
import { waitWords } from './signing';

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

/** A device of the family: a name, and a one-time way in for it. */
export function addFamilyDevice({ locals }: RequestEvent, data: FormData) {
	return acting(data, async () => {
		const household = locals.householdId;
		const id = idField.safeParse(data.get('id'));
		if (!id.success) return fail(400, { message: id.error.issues[0]?.message ?? '' });
		const { typed, form } = await readDoorForm(deviceForm, data, 'device');
		const devices = await reading((db) => devicesOf(db, household));
		const known = devices.find((one) => one.id === data.get('device'));
		if (!known && !form.valid) return fail(400, { form });
		if (!known && devices.length >= 20) return refuse(form, DOORS_SAYS.aHomeHasAtMost);
		const device = known?.id ?? id.data;
		if (!known) await inHousehold(household, (db) => addDevice(db, household, device, typed.name, now()));
		const { home } = await timeWords(household);
		const way = await makeWay(
			household,
			id.data,
			{ member: null, device, name: known?.name ?? typed.name },
			null,
			locals.isDemo,
			home.home.household.name
		);
		return known ? way : { form, ...way };
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
		const member = home.home.members.find(
			(one) => one.id === typed.member && (one.role === 'child' || one.role === 'helper')
		);
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
		const ways = await reading((db) => waysIn(db, household));
		const email = ways.emails.get(member);
		const account = email ? await reading((db) => accountByEmail(db, email)) : null;
		const at = now();
		// An account that opens other homes stays signed in there: of this home it sees nothing any more.
		await reading((db) => endSignInsOf(db, { account: account?.id ?? null, household, member }, {}, at));
		await reading((db) => putOutOf(db, household, member, at));
		return { said: DOORS_SAYS.signedOutEverywhereToLet };
	});
}

export const whose = ({ locals }: RequestEvent) => ({
	account: locals.access.signIn?.account ?? null,
	household: locals.householdId,
	member: locals.viewer?.member ?? ''
});

const DEMO = DOORS_SAYS.theDemoHomeHasNo;

/** Ends one of one's own sign-ins, or all others. */
export function outOwn(event: RequestEvent, form: FormData, all: boolean) {
	return acting(form, async () => {
		const here = event.locals.access.signIn?.id ?? '';
		const only = String(form.get('signIn') ?? '').slice(0, 36);
		if (!all && only === '') return fail(400, { message: DOORS_SAYS.chooseWhichOneToEnd });
		const mine = whose(event);
		const end = async (db: Db) => {
			await endSignInsOf(db, mine, all ? { but: here } : { only }, now());
			// What was sent to this one to come in with is over as well.
			if (all && mine.member !== '') await endInvitationsOf(db, mine.household, mine.member, now());
		};
		await (mine.household === '' ? transaction(end) : inHousehold(mine.household, end));
		return { said: all ? DOORS_SAYS.signedOutEverywhereElse : DOORS_SAYS.thatOneIsSignedOut };
	});
}

/** A new password, with the old one; everybody else who was in by it is out. */
export function changePassword(event: RequestEvent, data: FormData) {
	return acting(new FormData(), async () => {
		const { typed, form } = await readDoorForm(changePasswordForm, data, 'password');
		const mine = whose(event);
		const account = mine.account ? await reading((db) => accountById(db, mine.account as string)) : null;
		if (!account) return refuse(form, event.locals.isDemo ? DEMO : DOORS_SAYS.youHaveNoPasswordHere);
		const at = now();
		const refused = await passwordRefusal(account, typed.old, DOORS_SAYS.theOldPasswordIsNot);
		if (refused !== null) return notThatPassword(form, refused);
		const problem = passwordProblem(typed.password, account.email);
		if (problem !== null) return setError(form, 'password', problem);
		const hashed = await hashSecret(typed.password);
		await transaction(async (db) => {
			await setPassword(db, account.id, hashed);
			await endSignInsOf(db, mine, { but: event.locals.access.signIn?.id ?? '' }, at);
			await forgive(db, `password ${account.id}`);
		});
		log.info('password changed');
		return { form, said: DOORS_SAYS.theNewPasswordHoldsAll };
	});
}

/** Somebody who came in by an invitation takes an address and a password of their own. */
export function takeAccount(event: RequestEvent, data: FormData) {
	return acting(new FormData(), async () => {
		const { typed, form } = await readDoorForm(signUpForm, data, 'account');
		const mine = whose(event);
		if (event.locals.isDemo) return refuse(form, DEMO);
		if (mine.account || mine.member === '') return refuse(form, DOORS_SAYS.youHaveAPasswordAlready);
		if (!form.valid) return fail(400, { form });
		const at = now();
		const wait = await transaction((db) =>
			tryAt(db, [[`sign-up of ${mine.household} ${mine.member}`, LIMITS.signUp]], at)
		);
		if (wait > 0) return refuse(form, DOORS_SAYS.tooManyTriesWaitThen(waitWords(wait)), 429);
		const passwordHash = await hashSecret(typed.password);
		const id = uuidv7({ msecs: at });
		const done = await inHousehold(mine.household, async (db) => {
			if (!(await makeAccount(db, { id, email: typed.email, passwordHash }, at))) return 'address';
			return (await addMembership(db, mine.household, mine.member, id, at)) ? 'done' : 'member';
		});
		if (done !== 'done') return setError(form, 'email', DOORS_SAYS.thisAddressCannotBeUsed);
		return { form, said: DOORS_SAYS.fromNowOnYouCan };
	});
}

/** So many codes stand in for the second factor. */
const RECOVERY_CODES = 10;

interface PasswordRefusal {
	readonly status: 400 | 429;
	readonly message: string;
	/** It is the password itself that is wrong: said beside its field. */
	readonly beside: boolean;
}

/** Why a password that was asked for once more does not do; null where it does. */
export async function passwordRefusal(
	account: Account | null,
	password: string,
	wrong: string = DOORS_SAYS.thePasswordIsNotRight
): Promise<PasswordRefusal | null> {
	if (!account) return { status: 400, message: DOORS_SAYS.youHaveNoPasswordHere, beside: false };
	const wait = await transaction((db) => tryAt(db, [[`password ${account.id}`, LIMITS.second]], now()));
	if (wait > 0)
		return { status: 429, message: DOORS_SAYS.tooManyTriesWaitThen(waitWords(wait)), beside: false };
	return (await secretFits(password, account.passwordHash))
		? null
		: { status: 400, message: wrong, beside: true };
}

/** A refusal of a form as a whole. */
export const refuse = <F extends SuperValidated<Record<string, unknown>>>(
	form: F,
	text: string,
	status: 400 | 409 | 429 = 400
) => message(form, text, { status });

/** A form whose password once more does not do. */
export const notThatPassword = (form: SuperValidated<{ old: string }>, refused: PasswordRefusal) =>
	refused.beside
		? setError(form, 'old', refused.message, { status: refused.status })
		: refuse(form, refused.message, refused.status);

/** Begins the second factor: a secret that counts only once a code proves it. */
export function beginSecond(event: RequestEvent, data: FormData) {
	return acting(new FormData(), async () => {
		const { typed, form } = await readDoorForm(passwordAgainForm, data, 'second');
		const { account } = whose(event);
		if (!account) return refuse(form, event.locals.isDemo ? DEMO : DOORS_SAYS.takeAPasswordFirst);
		const found = await reading((db) => accountById(db, account));
		const refused = await passwordRefusal(found, typed.old);
		if (refused !== null) return notThatPassword(form, refused);
		if (found?.totpProved) return refuse(form, DOORS_SAYS.thereIsASecondFactor);
		await transaction((db) => setTotp(db, account, newTotpSecret()));
		return { form, said: DOORS_SAYS.scanThePictureThenType };
	});
}

export function proveSecond(event: RequestEvent, data: FormData) {
	return acting(new FormData(), async () => {
		const { typed, form } = await readDoorForm(secondForm, data, 'prove');
		const { account } = whose(event);
		const found = account ? await reading((db) => accountById(db, account)) : null;
		if (!found?.totpSecret || found.totpProved) return refuse(form, DOORS_SAYS.beginItAgainThereIs);
		const at = now();
		const wait = await transaction((db) => tryAt(db, [[`second ${found.id}`, LIMITS.second]], at));
		if (wait > 0) return refuse(form, DOORS_SAYS.tooManyCodesWaitThen(waitWords(wait)), 429);
		const step = totpStep(found.totpSecret, typed.code, at);
		if (step === null || !(await transaction((db) => useTotpStep(db, found.id, step))))
			return setError(form, 'code', DOORS_SAYS.thatCodeIsNotThe);
		const codes = Array.from({ length: RECOVERY_CODES }, () => newCode());
		await transaction((db) => setRecoveryCodes(db, found.id, codes.map(fingerprint), at));
		log.info('second factor set');
		return { form, said: DOORS_SAYS.fromNowOnSigningIn, codes: codes.map(shownCode) };
	});
}

/** Takes the second factor off, with the password. */
export function endSecond(event: RequestEvent, data: FormData) {
	return acting(new FormData(), async () => {
		const { typed, form } = await readDoorForm(passwordAgainForm, data, 'noSecond');
		const { account } = whose(event);
		const found = account ? await reading((db) => accountById(db, account)) : null;
		if (!found) return refuse(form, event.locals.isDemo ? DEMO : DOORS_SAYS.thereIsNone);
		const refused = await passwordRefusal(found, typed.old);
		if (refused !== null) return notThatPassword(form, refused);
		await transaction(async (db) => {
			await setTotp(db, found.id, null);
			await setRecoveryCodes(db, found.id, [], now());
		});
		log.info('second factor taken off');
		return { form, said: DOORS_SAYS.signingInAsksForThe };
	});
}
