/** One's own keys: where one is signed in, one's password, an account of one's own, and the second factor. */
import { fail, type RequestEvent } from '@sveltejs/kit';
import { setError } from 'sveltekit-superforms/server';
import { v7 as uuidv7 } from 'uuid';
import { DOORS_SAYS, waitWords } from '$words/answers/access';
import { LIMITS } from '../../access/attempts';
import {
	changePasswordForm,
	passwordAgainForm,
	readDoorForm,
	refuse,
	secondForm,
	signUpForm
} from '../../access/doorForms';
import { passwordProblem } from '../../access/rules';
import { newTotpSecret, totpStep } from '../../access/totp';
import { now } from '../../clock';
import type { Db } from '../../db/pool';
import { reading, transaction } from '../../db/pool';
import { log } from '../../log';
import {
	accountById,
	makeAccount,
	setPassword,
	setRecoveryCodes,
	setTotp,
	useTotpStep
} from '../../repo/accountRepo';
import { forgive, tryAt } from '../../repo/attemptRepo';
import { endInvitationsOf } from '../../repo/invitationRepo';
import { addMembership } from '../../repo/membershipRepo';
import { endSignInsOf } from '../../repo/signInRepo';
import { fingerprint, hashSecret, newCode, shownCode } from '../../secrets';
import { acting } from '../guard';
import { inHousehold } from '../useCase';
import { notThatPassword, passwordRefusal } from './passwordAgain';

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
		return inHousehold(mine.household, async (db) => {
			if (!(await makeAccount(db, { id, email: typed.email, passwordHash }, at)))
				return setError(form, 'email', DOORS_SAYS.thisAddressCannotBeUsed);
			// They have one already, and came in to this device by an invitation: no second one stays without a home.
			if (!(await addMembership(db, mine.household, mine.member, id, at)))
				return refuse(form, DOORS_SAYS.youHaveAPasswordAlready);
			return { form, said: DOORS_SAYS.fromNowOnYouCan };
		});
	});
}

/** So many codes stand in for the second factor. */
const RECOVERY_CODES = 10;

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
