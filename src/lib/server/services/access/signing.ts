/** Signing up, in and out, the second factor, and a new password. */
import { SIGNING_SAYS, waitWords } from '$words/answers/access';
import { fail, redirect, type Cookies, type RequestEvent } from '@sveltejs/kit';
import { message, setError } from 'sveltekit-superforms/server';
import { env } from 'node:process';
import { v7 as uuidv7 } from 'uuid';
import { z } from 'zod';
import { LIMITS } from '../../access/attempts';
import {
	askResetForm,
	readDoorForm,
	secondForm,
	setPasswordForm,
	signInForm,
	signUpForm
} from '../../access/doorForms';
import { addressMark, COOKIES, letIn, letOut, setCookie, type Passage } from '../../access/door';
import { houseAddress, NO_ADDRESS } from '../../access/houseAddress';
import { keepUnsent, sendLater } from '../../access/mail';
import { LASTS, passwordProblem } from '../../access/rules';
import { totpStep } from '../../access/totp';
import { now } from '../../clock';
import { reading, transaction } from '../../db/pool';
import { log } from '../../log';
import {
	accountByEmail,
	accountById,
	addReset,
	makeAccount,
	resetOf,
	setPassword,
	useRecoveryCode,
	useReset,
	useTotpStep
} from '../../repo/accountRepo';
import { endSignIn, endSignInsOf, signInByToken } from '../../repo/signInRepo';
import { forgive, tryAt } from '../../repo/attemptRepo';
import { fingerprint, hashSecret, newCode, newToken, readCode, secretFits } from '../../secrets';
import { acting } from '../guard';

export const passageOf = ({ cookies, request }: RequestEvent): Passage => ({
	cookies,
	agent: request.headers.get('user-agent') ?? ''
});

const text = (form: FormData, name: string) => {
	const value = form.get(name);
	return typeof value === 'string' ? value : '';
};

/** A place within the app to go on to. */
const goOn = (form: FormData) =>
	z
		.string()
		.regex(/^\/(?![/\\])[^\s]*$/)
		.max(300)
		.catch('/')
		.parse(text(form, 'to') || '/');

/** The bucket of a device that this account was let in from before; null for an unknown one. */
const knownBucket = (cookies: Cookies, account: string) => {
	const mark = cookies.get(COOKIES.known);
	return mark && mark.length <= 100 ? `known ${account} ${fingerprint(mark)}` : null;
};

/** The mark holds only where this account's own sign-ins put it there. */
async function isKnownDevice(cookies: Cookies, account: string): Promise<boolean> {
	const mark = cookies.get(COOKIES.known);
	if (!mark || mark.length > 100) return false;
	const [of, proof] = mark.split('.');
	return proof !== undefined && fingerprint(`${of} ${account} ${await deviceSecret(account)}`) === proof;
}

/** What a known device is proved with: it changes with the password. */
async function deviceSecret(account: string): Promise<string> {
	return (await reading((db) => accountById(db, account)))?.passwordHash ?? '';
}

async function markKnown(passage: Passage, account: string): Promise<void> {
	const of = newToken().slice(0, 20);
	const proof = fingerprint(`${of} ${account} ${await deviceSecret(account)}`);
	setCookie(passage, COOKIES.known, `${of}.${proof}`);
}

const WRONG = SIGNING_SAYS.thatAddressAndPasswordDo;

export function signIn(event: RequestEvent, data: FormData) {
	return acting(new FormData(), async () => {
		const { typed, form } = await readDoorForm(signInForm, data, 'in');
		const { email, password } = typed;
		const at = now();
		const from = addressMark(event.getClientAddress());
		const account = await reading((db) => accountByEmail(db, email));
		const known = account && (await isKnownDevice(event.cookies, account.id));
		const own = account ? knownBucket(event.cookies, account.id) : null;
		const wait = await transaction((db) =>
			tryAt(
				db,
				known && own
					? [[own, LIMITS.signIn]]
					: [
							[`sign-in ${email} ${from}`, LIMITS.signIn],
							[`sign-in from ${from}`, LIMITS.address],
							[`sign-in at ${email}`, LIMITS.account]
						],
				at
			)
		);
		if (wait > 0) {
			log.warn({ from, why: 'too many tries' }, 'sign-in refused');
			return message(form, SIGNING_SAYS.thatWasTriedTooOften(waitWords(wait)), { status: 429 });
		}
		// As long for an address that nobody has as for a wrong password.
		const fits = await secretFits(password, account?.passwordHash ?? null);
		if (!account || !fits) {
			log.warn({ from, why: 'wrong' }, 'sign-in refused');
			return message(form, WRONG, { status: 400 });
		}
		const passage = passageOf(event);
		if (account.totpProved) {
			await transaction((db) =>
				letIn(
					db,
					passage,
					{ account: account.id, household: null, member: null, device: null, how: 'waiting' },
					LASTS.waiting,
					at
				)
			);
			return { form, second: true as const, to: goOn(data) };
		}
		await welcome(passage, account.id, email, from, at);
		redirect(303, goOn(data));
	});
}

/** Lets an account in, and forgives the tries that led here. */
async function welcome(passage: Passage, account: string, email: string, from: string, at: number) {
	await transaction(async (db) => {
		await letIn(
			db,
			passage,
			{ account, household: null, member: null, device: null, how: 'password' },
			LASTS.signIn,
			at
		);
		await forgive(db, `sign-in ${email} ${from}`);
		const own = knownBucket(passage.cookies, account);
		if (own) await forgive(db, own);
	});
	await markKnown(passage, account);
	log.info({ from }, 'signed in');
}

/** The code of the second factor, after a password that was right. */
export function second(event: RequestEvent, data: FormData) {
	return acting(new FormData(), async () => {
		const { typed, form } = await readDoorForm(secondForm, data, 'second');
		const at = now();
		const token = event.cookies.get(COOKIES.token) ?? '';
		const waiting = await reading((db) => signInByToken(db, fingerprint(token.slice(0, 100)), at));
		const account =
			waiting?.how === 'waiting' && waiting.account
				? await reading((db) => accountById(db, waiting.account as string))
				: null;
		if (!waiting || !account?.totpSecret)
			return message(form, SIGNING_SAYS.thatTookTooLongSign, { status: 400 });
		const wait = await transaction((db) => tryAt(db, [[`second ${account.id}`, LIMITS.second]], at));
		/** The code is asked for again. */
		const refused = (status: number, says: string) => {
			form.valid = false;
			form.errors.code = [says];
			return fail(status, { form, second: true as const, to: goOn(data) });
		};
		if (wait > 0) return refused(429, SIGNING_SAYS.tooManyCodesWereTried(waitWords(wait)));
		const step = totpStep(account.totpSecret, typed.code, at);
		const spare = step === null ? readCode(typed.code) : null;
		const taken = await transaction((db) =>
			step !== null
				? useTotpStep(db, account.id, step)
				: spare !== null
					? useRecoveryCode(db, account.id, fingerprint(spare), at)
					: Promise.resolve(false)
		);
		const from = addressMark(event.getClientAddress());
		if (!taken) {
			log.warn({ from, why: 'second factor' }, 'sign-in refused');
			return refused(
				400,
				spare === null ? SIGNING_SAYS.thatCodeIsNotThe : SIGNING_SAYS.thatRecoveryCodeIsNot
			);
		}
		await transaction((db) => endSignIn(db, waiting.id, at));
		await transaction((db) => forgive(db, `second ${account.id}`));
		await welcome(passageOf(event), account.id, account.email, from, at);
		redirect(303, goOn(data));
	});
}

/** Said where `PAIL_SIGN_UP=closed`: whoever is invited comes in all the same. */
export const SIGN_UP_CLOSED = SIGNING_SAYS.nobodyCanSignUpHere;

/** Makes an account and lets it in. An address that has one already is answered as if it were new, and told by mail. */
export function signUp(event: RequestEvent, data: FormData, then: (account: string) => Promise<string>) {
	return acting(new FormData(), async () => {
		const at = now();
		const { typed, form } = await readDoorForm(signUpForm, data, 'up');
		if (env.PAIL_SIGN_UP === 'closed') return message(form, SIGN_UP_CLOSED, { status: 403 });
		if (!form.valid) return fail(400, { form });
		const { email, password } = typed;
		const from = addressMark(event.getClientAddress());
		const wait = await transaction((db) => tryAt(db, [[`sign-up from ${from}`, LIMITS.signUp]], at));
		if (wait > 0) return message(form, SIGNING_SAYS.manyHaveSignedUpFrom(waitWords(wait)), { status: 429 });
		const passwordHash = await hashSecret(password);
		const id = uuidv7({ msecs: at });
		const made = await transaction((db) => makeAccount(db, { id, email, passwordHash }, at));
		if (!made) {
			// Pressed twice, or somebody who has forgotten: the right password simply lets them in.
			const account = await reading((db) => accountByEmail(db, email));
			if (account && !account.totpProved && (await secretFits(password, account.passwordHash))) {
				await welcome(passageOf(event), account.id, email, from, at);
				redirect(303, await then(account.id));
			}
			log.warn({ from, why: 'address taken' }, 'sign-up refused');
			return setError(form, 'email', SIGNING_SAYS.thisAddressCannotBeSigned);
		}
		await welcome(passageOf(event), id, email, from, at);
		redirect(303, await then(id));
	});
}

export async function signOut(event: RequestEvent) {
	await transaction((db) => letOut(db, passageOf(event), now()));
	event.cookies.delete(COOKIES.demo, { path: '/' });
	log.info('signed out');
	redirect(303, event.locals.access.device ? '/who' : '/sign-in');
}

/** Asks for a new password. The answer is the same whoever asks, and the mail goes out after it. */
export function askReset(event: RequestEvent, data: FormData) {
	return acting(new FormData(), async () => {
		const { typed, form } = await readDoorForm(askResetForm, data, 'ask');
		if (!form.valid) return fail(400, { form });
		const { email } = typed;
		const at = now();
		const from = addressMark(event.getClientAddress());
		const wait = await transaction((db) =>
			tryAt(
				db,
				[
					[`reset ${email} ${from}`, LIMITS.reset],
					[`reset from ${from}`, LIMITS.address]
				],
				at
			)
		);
		if (wait > 0) return message(form, SIGNING_SAYS.thatWasAskedForToo(waitWords(wait)), { status: 429 });
		sendLater(async () => {
			const account = await reading((db) => accountByEmail(db, email));
			if (!account) return null;
			const subject = SIGNING_SAYS.aNewPasswordForPail;
			const origin = await houseAddress();
			if (origin === null) {
				await keepUnsent({ to: email, subject, body: '' }, false, NO_ADDRESS);
				return 'kept';
			}
			const code = newCode();
			await transaction((db) => addReset(db, fingerprint(code), account.id, at + LASTS.reset, at));
			return {
				to: email,
				subject,
				body: SIGNING_SAYS.somebodyAskedForANew(origin, code)
			};
			// Never the demo's, whose mail anybody may read.
		}, false);
		return { form, asked: email };
	});
}

/** Sets a new password by the code of a mail, once; everybody who was in is out. */
export function setByReset(event: RequestEvent, data: FormData) {
	return acting(new FormData(), async () => {
		const at = now();
		const { typed, form } = await readDoorForm(setPasswordForm, data, 'set');
		const code = readCode(typed.code);
		const from = addressMark(event.getClientAddress());
		const wait = await transaction((db) => tryAt(db, [[`reset code ${from}`, LIMITS.join]], at));
		if (wait > 0) return message(form, SIGNING_SAYS.tooManyTriesWaitThen(waitWords(wait)), { status: 429 });
		const account = code === null ? null : await reading((db) => resetOf(db, fingerprint(code), at));
		const found = account === null ? null : await reading((db) => accountById(db, account));
		if (code === null || account === null || !found) {
			log.warn({ from, why: 'reset code' }, 'reset refused');
			return message(form, SIGNING_SAYS.thisWayToANew, { status: 400 });
		}
		const { password } = typed;
		const problem = passwordProblem(password, found.email);
		if (problem !== null) return setError(form, 'password', problem);
		const passwordHash = await hashSecret(password);
		const done = await transaction(async (db) => {
			if (!(await useReset(db, fingerprint(code), account, at))) return false;
			await setPassword(db, account, passwordHash);
			await endSignInsOf(db, { account, household: '', member: '' }, {}, at);
			return true;
		});
		if (!done) return message(form, SIGNING_SAYS.thisWayToANew, { status: 400 });
		log.info({ from }, 'password reset');
		return { form, set: true as const };
	});
}
