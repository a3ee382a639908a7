/**
 * What each page and each action asks of whoever opens it. Everything that can be reached stands here; what does
 * not is refused. The roles stand in the core's table of permissions.
 */
import { extentOf, type Act, type Viewer } from '$core/people/permissions';

/** `anyone`: before the door. `signed-in`: any account or member, whichever home is shown. */
export type Needs = Act | 'anyone' | 'signed-in';

export interface RouteNeeds {
	/** To look at it. */
	readonly see?: Needs;
	/** To send something to it: by the name of the action, or of the method for a server route. */
	readonly send?: Readonly<Record<string, Needs>>;
}

export const ROUTES: Readonly<Record<string, RouteNeeds>> = {
	'/': {
		see: 'see-day',
		send: {
			tick: 'tick',
			skip: 'plan-day',
			note: 'plan-day',
			move: 'plan-day',
			once: 'plan-day',
			enough: 'plan-day',
			depth: 'plan-day',
			call: 'plan-day',
			undo: 'tick',
			left: 'plan-day'
		}
	},
	'/mine': {
		see: 'see-list',
		send: { tick: 'tick', undo: 'tick', help: 'call-help', came: 'call-help', swap: 'swap' }
	},
	'/mine/look/[line]': { see: 'look-round', send: { done: 'look-round' } },
	'/timer': { see: 'time', send: { start: 'time' } },
	'/timer/[id]': { see: 'time', send: { event: 'time', carry: 'plan-day' } },
	'/say': { see: 'plan-day' },
	'/say/read': { see: 'plan-day' },
	'/laundry': {
		see: 'plan-day',
		send: { add: 'plan-day', tell: 'plan-day', drop: 'plan-day', set: 'edit-home' }
	},
	'/supplies': { see: 'see-house', send: { edit: 'edit-home', level: 'plan-day' } },
	'/supplies/kits': { see: 'see-house', send: { edit: 'edit-home' } },
	'/supplies/list': { see: 'see-house', send: { tell: 'plan-day', write: 'plan-day' } },
	'/supplies/list/text': { see: 'see-house' },
	'/supplies/mix': { see: 'see-house', send: { edit: 'edit-home' } },
	'/supplies/mix/[mix]': { see: 'see-house' },
	'/supplies/door': { see: 'see-house', send: { edit: 'edit-home' } },
	'/schedule': {
		see: 'see-day',
		send: {
			move: 'plan-day',
			skip: 'plan-day',
			extra: 'plan-day',
			undo: 'plan-day',
			weeks: 'edit-home'
		}
	},
	'/house': { see: 'see-house', send: { edit: 'edit-home' } },
	'/house/job/[id]': { see: 'edit-home', send: { edit: 'edit-home' } },
	'/house/jobs': { see: 'edit-home', send: { change: 'edit-home' } },
	'/house/library': { see: 'edit-home', send: { add: 'edit-home' } },
	'/house/rhythm': { see: 'edit-home', send: { keep: 'edit-home' } },
	'/house/changes': { see: 'edit-home', send: { undo: 'edit-home' } },
	'/house/growing': { see: 'edit-home', send: { switch: 'edit-home' } },
	'/house/pauses': { see: 'see-house', send: { pause: 'pause', move: 'plan-day', undo: 'pause' } },
	'/house/files': {
		see: 'files',
		send: { feed: 'files', jobs: 'files', products: 'files', ledger: 'files', calendar: 'files' }
	},
	'/house/files/home.json': { see: 'files' },
	'/house/files/jobs.csv': { see: 'files' },
	'/house/files/products.csv': { see: 'files' },
	'/house/files/ledger.csv': { see: 'files' },
	// A home that is taken in becomes the sender's own: the account is asked for there, before anything is read.
	'/house/files/import': { send: { POST: 'anyone' } },
	'/people': { see: 'see-crew', send: { came: 'see-crew' } },
	'/people/week': {
		see: 'see-crew',
		send: { give: 'give-out', put: 'give-out', ask: 'swap', answer: 'swap' }
	},
	'/people/[member]': { see: 'see-crew', send: { keep: 'edit-home', role: 'edit-home', leave: 'edit-home' } },
	'/people/family': { see: 'see-crew', send: { keep: 'edit-home', ribbon: 'give-out' } },
	'/people/learning': { see: 'see-crew', send: { say: 'confirm', answer: 'confirm', already: 'confirm' } },
	'/people/access': {
		see: 'doors',
		send: {
			invite: 'doors',
			device: 'doors',
			renew: 'doors',
			revoke: 'doors',
			pin: 'doors',
			out: 'doors',
			delete: 'doors'
		}
	},
	'/print': { see: 'print' },
	'/print/card': { see: 'print', send: { keep: 'print' } },
	'/print/tick': { see: 'tick-paper', send: { tick: 'tick-paper' } },
	'/history': { see: 'see-ledger', send: { write: 'write-ledger', undo: 'write-ledger' } },
	'/history/month': { see: 'see-ledger' },
	'/live': { see: 'follow' },
	'/kit': { see: 'anyone' },
	'/more': { see: 'see-day' },
	'/begin': {
		see: 'anyone',
		// Whose home it changes, and whose it becomes, the action asks itself.
		send: { touch: 'anyone', start: 'anyone', takeDemo: 'anyone', takeOwn: 'edit-home', anew: 'anyone' }
	},
	'/sign-up': { see: 'anyone', send: { up: 'anyone' } },
	'/sign-in': { see: 'anyone', send: { in: 'anyone', second: 'anyone', out: 'anyone' } },
	'/reset': { see: 'anyone', send: { ask: 'anyone', set: 'anyone' } },
	'/join': { see: 'anyone', send: { come: 'anyone' } },
	'/who': { see: 'anyone', send: { is: 'anyone', done: 'anyone' } },
	'/own': {
		see: 'own-access',
		send: {
			password: 'own-access',
			out: 'own-access',
			outAll: 'own-access',
			second: 'own-access',
			prove: 'own-access',
			noSecond: 'own-access',
			account: 'own-access',
			delete: 'own-access'
		}
	},
	'/about': { see: 'anyone' },
	'/demo/look': { send: { POST: 'anyone' } },
	'/demo/as': { send: { POST: 'anyone' } },
	'/demo/outbox': { see: 'anyone' },
	'/home': { send: { POST: 'anyone' } },
	'/light': { send: { POST: 'anyone' } },
	'/alive': { see: 'anyone' },
	'/calendar/[secret]': { see: 'anyone' },
	'/schema/[name]': { see: 'anyone' }
};

/** What a request asks for; null where nothing of the kind is there. */
export function needsOf(route: string | null, method: string, action: string | null): Needs | null {
	if (route === null || !Object.hasOwn(ROUTES, route)) return null;
	const needs = ROUTES[route] as RouteNeeds;
	if (method === 'GET' || method === 'HEAD') return needs.see ?? null;
	if (method !== 'POST') return null;
	// What the address names is a word from outside: only the table's own words count.
	const name = action ?? 'POST';
	return needs.send && Object.hasOwn(needs.send, name) ? (needs.send[name] ?? null) : null;
}

/** Whether somebody may have what is needed. */
export function opens(needs: Needs, viewer: Viewer | null, signedIn: boolean): boolean {
	if (needs === 'anyone') return true;
	if (needs === 'signed-in') return signedIn;
	return viewer !== null && extentOf(viewer.role, needs) !== null;
}

/** The name of the action that an address names: `?/tick` is `tick`. */
export function actionOf(url: URL): string | null {
	const named = [...url.searchParams.keys()].find((key) => key.startsWith('/'));
	return named ? named.slice(1) : null;
}

/** Where somebody begins: children and helpers at their list, all others at the day. */
export const startOf = (viewer: Viewer | null): '/' | '/mine' =>
	viewer && (viewer.role === 'child' || viewer.role === 'helper') ? '/mine' : '/';
