/**
 * Who may do what: one table, asked by every page, every action and every query that shows a part. Rules: "Who may do what".
 */
import { isWork, type LedgerEntry } from '../household/entry';
import type { Home, Job, Member } from '../household/home';

export type Role = Member['role'];

/** Somebody at the door: a member of the home in a role, or nobody. */
export interface Viewer {
	readonly role: Role;
	/** Null: a device, as long as nobody was tapped. */
	readonly member: string | null;
}

/**
 * What can be done. `see-…` are pages and what they read; the rest writes.
 */
export const ACTS = [
	/** The day for all, the schedule, what is given out. */
	'see-day',
	/** The list of whoever looks. */
	'see-list',
	'tick',
	/** Moves, calls and hangs extra occurrences; enough for today. */
	'plan-day',
	/** A pail of one's own: start it, press it, end it. */
	'time',
	'see-ledger',
	'write-ledger',
	'see-house',
	/** Rooms, zones, jobs, people, rhythm, layers. */
	'edit-home',
	'pause',
	/** Files of the whole home in and out, addresses of calendars. */
	'files',
	'see-crew',
	'give-out',
	/** Ask for a swap, and answer one. */
	'swap',
	'look-round',
	/** Answer a look-round, say how far a child has grown. */
	'confirm',
	'call-help',
	'print',
	'tick-paper',
	/** Who may come in: invitations, devices, other people's sign-ins. */
	'doors',
	/** One's own sign-ins, password, second factor. */
	'own-access',
	/** What changes as others work. */
	'follow'
] as const;

export type Act = (typeof ACTS)[number];

/** All of the home's, or only what is one's own to do. */
export type Extent = 'all' | 'own';

const ADULT: Partial<Record<Act, Extent>> = {
	'see-day': 'all',
	'see-list': 'own',
	tick: 'own',
	'plan-day': 'own',
	time: 'own',
	'see-ledger': 'all',
	'write-ledger': 'own',
	'see-house': 'all',
	pause: 'own',
	'see-crew': 'all',
	'give-out': 'all',
	swap: 'own',
	'look-round': 'own',
	confirm: 'all',
	'call-help': 'own',
	print: 'all',
	'own-access': 'own',
	follow: 'all'
};

export const PERMISSIONS: Readonly<Record<Role, Readonly<Partial<Record<Act, Extent>>>>> = {
	organiser: Object.fromEntries(ACTS.map((act) => [act, 'all'])),
	adult: ADULT,
	child: {
		'see-list': 'own',
		tick: 'own',
		time: 'own',
		'look-round': 'own',
		'call-help': 'own',
		swap: 'own',
		follow: 'own'
	},
	helper: {
		'see-list': 'own',
		tick: 'own',
		time: 'own',
		'look-round': 'own',
		'call-help': 'own',
		'own-access': 'own',
		follow: 'own'
	},
	device: { 'see-day': 'all', tick: 'all', follow: 'all' }
};

/**
 * Whether a PIN on the family's devices lets somebody in: four figures are no key to what adults may do. Rules: "Who may do
 * what".
 */
export const opensByPin = (role: Role): boolean => role === 'child' || role === 'helper';

/** How far a role may do something; null for not at all. */
export function extentOf(role: Role, act: Act): Extent | null {
	return PERMISSIONS[role][act] ?? null;
}

/**
 * Whether a job is somebody's own or shared to do: it names them, or names nobody and lies in no room of others.
 * What is given to them for the day counts, whoever the job names.
 */
export function isOwnOrShared(home: Home, job: Job, member: string, givenTo: string | null = null): boolean {
	if (givenTo === member) return true;
	if (job.who.members.length > 0) return job.who.members.includes(member);
	const owners = home.rooms.find((room) => room.id === job.room)?.owners ?? [];
	return owners.length === 0 || owners.includes(member);
}

export type TickRefusal = 'not-yours' | 'not-for-others' | 'nobody-named';

/** Somebody whose work an adult confirms: children and helpers. */
const isLookedAfter = (home: Home, member: string) =>
	['child', 'helper'].includes(roleOf(home, member) ?? '');

const roleOf = (home: Home, member: string) => home.members.find((one) => one.id === member)?.role;

/**
 * Whether a viewer may write down work on a job in somebody's name. Organisers may in anybody's; adults in anybody's
 * for what is their own or shared, and in another's who is no organiser for what is that one's; children and helpers in their own
 * for what is on their list; a device in the name of whoever was tapped. Null where they may. Rules: "Who may do what".
 */
export function mayTick(
	home: Home,
	viewer: Viewer,
	job: Job,
	by: string | null,
	onList: boolean
): TickRefusal | null {
	const extent = extentOf(viewer.role, 'tick');
	if (extent === null) return 'not-yours';
	if (viewer.role === 'device') return by === null ? 'nobody-named' : null;
	if (extent === 'all') return null;
	if (viewer.member === null) return 'not-yours';
	if (viewer.role === 'adult') {
		const own = isOwnOrShared(home, job, viewer.member) || onList;
		const theirs = by !== null && roleOf(home, by) !== 'organiser' && isOwnOrShared(home, job, by);
		return own || theirs ? null : 'not-yours';
	}
	if (by !== viewer.member) return 'not-for-others';
	return onList ? null : 'not-yours';
}

/**
 * Whether a viewer may take an entry back, or bring it back. Organisers may any; everybody what they wrote; an adult
 * also what children and helpers wrote, and what stands on jobs that are the adult's own or shared, but of pauses their
 * own alone; a device what was ticked. Rules: "Who may do what".
 */
export function mayUndo(home: Home, viewer: Viewer, entry: LedgerEntry): boolean {
	if (viewer.role === 'organiser') return true;
	const job = 'job' in entry ? home.jobs.find((one) => one.id === entry.job) : undefined;
	if (viewer.role === 'device') return isWork(entry);
	if (viewer.member === null) return false;
	if (entry.outcome === 'pause')
		return viewer.role === 'adult' && entry.scope === 'member' && entry.target === viewer.member;
	if (entry.by === viewer.member) return true;
	if (viewer.role !== 'adult') return false;
	if (entry.by !== null && isLookedAfter(home, entry.by)) return true;
	return job
		? isOwnOrShared(home, job, viewer.member)
		: entry.outcome === 'enough' || entry.outcome === 'dayDepth';
}
