/** Deleting a home, or an account: after the password, exported first, unreadable at once and gone within a day. */
import { lastWithPassword } from '$core/people/lastOrganiser';
import { DELETION_SAYS } from '$words/answers/access';
import { listNames } from '$words/general';
import { redirect, type Cookies, type RequestEvent } from '@sveltejs/kit';
import { COOKIES } from '../../access/door';
import { passwordAgainForm, readDoorForm, refuse } from '../../access/doorForms';
import { now } from '../../clock';
import { reading, RolledBack, transaction } from '../../db/pool';
import { log } from '../../log';
import { accountById } from '../../repo/accountRepo';
import { markAccountDeleted, markHomeDeleted } from '../../repo/deletionRepo';
import { loadHome } from '../../repo/homeRepo';
import { lockHousehold } from '../../repo/householdRepo';
import { membershipsOf, waysIn } from '../../repo/membershipRepo';
import { acting } from '../guard';
import { inHousehold } from '../useCase';
import { whose } from './ownKeys';
import { notThatPassword, passwordRefusal } from './passwordAgain';

const EXPORTED = 'exported';
/** A file of the home that was saved within the last hour is what is kept of it. */
const FRESH = 60 * 60_000;

/** Remembers on this device that the file of a home was saved. */
export function rememberExport(cookies: Cookies, household: string): void {
	cookies.set(EXPORTED, `${household} ${now()}`, {
		path: '/',
		httpOnly: true,
		sameSite: 'lax',
		maxAge: FRESH / 1000
	});
}

function isExported(cookies: Cookies, household: string): boolean {
	const [of, at] = (cookies.get(EXPORTED) ?? '').split(' ');
	return of === household && Math.abs(now() - Number(at)) < FRESH;
}

/** Deletes the current home. Only whoever organises it, with their password, and with its file saved. */
export function deleteHome(event: RequestEvent, data: FormData) {
	return acting(new FormData(), async () => {
		const { typed, form } = await readDoorForm(passwordAgainForm, data, 'deleteHome');
		const { locals, cookies } = event;
		if (locals.isDemo) return refuse(form, DELETION_SAYS.theDemoHomeCannotBe);
		const { account } = whose(event);
		const refused = await passwordRefusal(
			account ? await reading((db) => accountById(db, account)) : null,
			typed.old
		);
		if (refused !== null) return notThatPassword(form, refused);
		if (!isExported(cookies, locals.householdId))
			return refuse(form, DELETION_SAYS.saveTheFileOfEverything, 409);
		await inHousehold(locals.householdId, (db) => markHomeDeleted(db, locals.householdId, now()));
		log.info('a home was deleted');
		cookies.delete(COOKIES.home, { path: '/' });
		redirect(303, '/');
	});
}

/** Deletes one's account. A home that nobody else organises is deleted, or handed on, before. */
export function deleteAccount(event: RequestEvent, data: FormData) {
	return acting(new FormData(), async () => {
		const { typed, form } = await readDoorForm(passwordAgainForm, data, 'delete');
		const { account } = whose(event);
		if (!account) return refuse(form, DELETION_SAYS.youHaveNoPasswordHere);
		const refused = await passwordRefusal(await reading((db) => accountById(db, account)), typed.old);
		if (refused !== null) return notThatPassword(form, refused);
		const homes = await reading((db) => membershipsOf(db, account));
		const own = await transaction<string[]>(async (db) => {
			// Each home is held while it is asked who else organises it: of two who leave at once one is told.
			for (const household of homes.map((one) => one.household).sort()) await lockHousehold(db, household);
			const alone: string[] = [];
			for (const { household, member } of homes) {
				const home = (await loadHome(db, household))?.home;
				const { emails } = await waysIn(db, household);
				const others = home?.members.filter((one) => one.id !== member) ?? [];
				if (home && lastWithPassword(home.members, others, emails)) alone.push(home.household.name);
			}
			if (alone.length > 0) return new RolledBack(alone);
			await markAccountDeleted(db, account, now());
			return [];
		});
		if (own.length > 0)
			return refuse(form, DELETION_SAYS.nobodyElseOrganisesMakeSomebody(listNames(own)), 409);
		log.info('an account was deleted');
		event.cookies.delete(COOKIES.token, { path: '/' });
		redirect(303, '/sign-in');
	});
}
