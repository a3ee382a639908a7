/** The first steps behind the page: quick touches, two presses at once, somebody else's change meanwhile. */
import { randomUUID } from 'node:crypto';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Cookies } from '@sveltejs/kit';
import { isRedirect } from '@sveltejs/kit';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { start, take, touch } from '../../src/lib/server/services/setup/begin';
import { loadToday } from '../../src/lib/server/pages/today/loadToday';
import { now } from '../../src/lib/server/clock';
import { loadCrew } from '../../src/lib/server/pages/people/loadCrew';
import { loadSchedule } from '../../src/lib/server/pages/schedule/loadSchedule';
import { loadBegin } from '../../src/lib/server/pages/setup/loadBegin';
import { editHouse } from '../../src/lib/server/services/home/house';
import { editJob } from '../../src/lib/server/services/home/job';
import { makeAccount } from '../../src/lib/server/repo/accountRepo';
import { loadDraft } from '../../src/lib/server/repo/draftRepo';
import { changeHomeOnce, loadHome } from '../../src/lib/server/repo/homeRepo';
import { transaction } from '../../src/lib/server/db/pool';
import { said } from './asking';
import { addDays, toDay } from '../../src/lib/core/calendar/civil';
import { givenBetween } from '../../src/lib/server/repo/assignmentRepo';
import { allHomes, makeDatabase, type TestDatabase } from './database';

let db: TestDatabase;
let server: string | undefined;
const clockFile = join(mkdtempSync(join(tmpdir(), 'pail-')), 'clock');
beforeAll(async () => {
	db = await makeDatabase();
	server = process.env.DATABASE_URL;
	process.env.DATABASE_URL = db.url;
	process.env.PAIL_CLOCK = clockFile;
	writeFileSync(clockFile, '2027-03-03T10:40:00Z');
});
afterAll(async () => {
	process.env.DATABASE_URL = server;
	delete process.env.PAIL_CLOCK;
	await db?.drop();
});
const pool = () => db.pool as never;

/** A browser: what it keeps, and its touches. */
function browser() {
	const jar = new Map<string, string>();
	const account = randomUUID();
	const cookies = {
		get: (name: string) => jar.get(name),
		set: (name: string, value: string) => void jar.set(name, value),
		delete: (name: string) => void jar.delete(name)
	} as unknown as Cookies;
	const form = (fields: Record<string, string>) => {
		const data = new FormData();
		for (const [name, value] of Object.entries(fields)) data.set(name, value);
		return data;
	};
	const through = async <T>(work: Promise<T>) => {
		try {
			return await work;
		} catch (thrown) {
			if (isRedirect(thrown)) return { to: thrown.location };
			throw thrown;
		}
	};
	return {
		open: (room: string | null = null) =>
			loadBegin(cookies, {
				step: null,
				room,
				beside: null,
				hasHome: false,
				organises: jar.get('home') ?? null
			}),
		touch: (fields: Record<string, string>) =>
			through(touch({ cookies, getClientAddress: () => '10.0.0.1' } as never, form(fields))),
		start: async () => {
			// Whoever begins a home has signed up on the way to it.
			await makeAccount(pool(), { id: account, email: `${account}@test.invalid`, passwordHash: '' }, 1);
			return through(start(cookies, form({}), { account, organises: jar.get('home') ?? null }));
		},
		take: (household: string, step = '') => through(take(cookies, form(step ? { step } : {}), household)),
		home: () => jar.get('home') ?? '',
		draft: async () => (await loadDraft(pool(), jar.get('setup') ?? ''))?.draft
	};
}

const KINDS = ['kitchen', 'bathroom', 'bedroom', 'hall', 'living', 'study', 'toilet', 'store'];

/** A home with these rooms and grown-ups, begun after some more touches. */
async function begun(
	kinds: readonly string[],
	people: readonly string[],
	touches: readonly Record<string, string>[] = []
) {
	const one = browser();
	await one.open();
	for (const kind of kinds) await one.touch({ op: 'hang', kind, storey: '0' });
	for (const name of people) await one.touch({ op: 'person', name, role: 'adult' });
	for (const more of touches) await one.touch(more);
	await one.start();
	return { one, household: one.home() };
}

/** Of six rooms and one grown-up, begun whole. */
const sixRooms = (touches: readonly Record<string, string>[]) =>
	begun(
		['kitchen', 'bathroom', 'bedroom', 'hall', 'living', 'child'],
		['Ada'],
		[...touches, { op: 'begin', begin: 'all' }]
	);

describe('touches', () => {
	it('in quick succession all count, whatever the order in which they come', async () => {
		const one = browser();
		await one.open();
		await Promise.all([
			...KINDS.map((kind) => one.touch({ op: 'hang', kind, storey: '0' })),
			one.touch({ op: 'pet', kind: 'cat' }),
			one.touch({ op: 'device', timeZone: 'Europe/Oslo', clock: '24h', dates: 'dayFirst', units: 'metric' }),
			one.touch({ op: 'minutes', minutes: '45' })
		]);
		const draft = await one.draft();
		expect(draft?.rooms.map((room) => room.kind).sort()).toEqual([...KINDS].sort());
		expect([draft?.pets.length, draft?.timeZone, draft?.minutesADay]).toEqual([1, 'Europe/Oslo', 45]);
	});

	it('that make no sense are refused in words, and change nothing', async () => {
		const one = browser();
		await one.open();
		await one.touch({ op: 'hang', kind: 'kitchen', storey: '0' });
		const before = await one.draft();
		for (const fields of [
			{ op: 'device', timeZone: 'Moon/Base', clock: '24h', dates: 'dayFirst', units: 'metric' },
			{ op: 'minutes', minutes: 'ten' },
			{ op: 'minutes', minutes: '' },
			{ op: 'hang', kind: 'ballroom', storey: '0' },
			{ op: 'person', name: '', role: 'adult' },
			{ op: 'explode' }
		]) {
			const answer = said(await one.touch(fields as unknown as Record<string, string>));
			expect(answer.status, JSON.stringify(fields)).toBe(400);
			expect(answer.message.length).toBeGreaterThan(5);
			// What is typed is told beside its field.
			if ('name' in fields || 'minutes' in fields) expect(answer.field).toBe(Object.keys(fields)[1]);
		}
		expect(await one.draft()).toEqual(before);
	});

	it('of two browsers are of two homes', async () => {
		const [one, other] = [browser(), browser()];
		await Promise.all([one.open(), other.open()]);
		await Promise.all([
			one.touch({ op: 'hang', kind: 'kitchen', storey: '0' }),
			other.touch({ op: 'hang', kind: 'study', storey: '0' })
		]);
		expect((await one.draft())?.rooms.map((room) => room.kind)).toEqual(['kitchen']);
		expect((await other.draft())?.rooms.map((room) => room.kind)).toEqual(['study']);
	});
});

describe('the beginning of a home', () => {
	it('asks how old a child is before it begins: nothing is a child’s by chance', async () => {
		const one = browser();
		await one.open();
		await one.touch({ op: 'hang', kind: 'kitchen', storey: '0' });
		await one.touch({ op: 'person', name: 'Ada', role: 'adult' });
		await one.touch({ op: 'person', name: 'Cy', role: 'child' });
		await one.touch({ op: 'person', name: 'Dot', role: 'child' });
		const asked = 'How old are Cy and Dot? Touch the age under “People”';
		for (const answer of [await one.touch({ op: 'step', step: 'first-morning' }), await one.start()])
			expect(said(answer).message).toContain(asked);
		expect((await one.draft())?.step).not.toBe('first-morning');
		const [, cy, dot] = (await one.draft())?.people ?? [];
		await one.touch({ op: 'age', person: cy?.id ?? '', age: '9' });
		expect(said(await one.touch({ op: 'step', step: 'first-morning' })).message).toContain('How old is Dot?');
		await one.touch({ op: 'age', person: dot?.id ?? '', age: '0' });
		expect(await one.touch({ op: 'step', step: 'first-morning' })).toEqual({ to: '/begin' });
		expect((await one.draft())?.step).toBe('first-morning');
	});

	it('shares out its first week: on Today everything is somebody’s, and what a child is too young for is not theirs', async () => {
		const one = browser();
		await one.open();
		for (const kind of ['kitchen', 'bathroom', 'child', 'bedroom'])
			await one.touch({ op: 'hang', kind, storey: '0' });
		await one.touch({ op: 'person', name: 'Ada', role: 'adult' });
		await one.touch({ op: 'person', name: 'Ben', role: 'adult' });
		await one.touch({ op: 'person', name: 'Cy', role: 'child', age: '3' });
		const draft = await one.draft();
		const room = draft?.rooms.find((other) => other.kind === 'child')?.id ?? '';
		const cy = draft?.people.find((person) => person.name === 'Cy')?.id ?? '';
		await one.touch({ op: 'owner', room, person: cy });
		expect((await one.draft())?.rooms.find((other) => other.id === room)?.owners).toEqual([cy]);
		await one.start();
		const today = await loadToday({ household: one.home(), on: null, open: null, me: null, now: now() });
		const rows = today.parts.flatMap((part) => part.rows);
		expect(rows.length).toBeGreaterThan(8);
		expect(new Set(rows.map((row) => row.who))).toEqual(new Set(['Ada', 'Ben']));
		// The same on the schedule of the week, and in what each still has to do.
		const { days } = await loadSchedule({
			household: one.home(),
			on: null,
			mode: null,
			find: null,
			me: null
		});
		const coming = days.flatMap((day) => day.items);
		expect(coming.map((item) => item.who).filter((who) => who !== 'Ada' && who !== 'Ben')).toEqual([]);
		const { people } = await loadCrew(one.home(), null);
		expect(people.map((person) => person.stillToDo > 0)).toEqual([true, true, false]);
	});

	it('of somebody who lives alone shares nothing out: all of it is theirs, and no zone is spoken of where there is none', async () => {
		const one = browser();
		await one.open();
		for (const kind of ['kitchen', 'bathroom']) await one.touch({ op: 'hang', kind, storey: '0' });
		await one.touch({ op: 'pattern', pattern: 'upkeep' });
		await one.touch({ op: 'person', name: 'Ada', role: 'adult' });
		await one.start();
		const today = await loadToday({ household: one.home(), on: null, open: null, me: null, now: now() });
		const rows = today.parts.flatMap((part) => part.rows);
		expect(new Set(rows.map((row) => row.who))).toEqual(new Set(['Ada']));
		expect(today.hasZones).toBe(false);
		expect((await loadCrew(one.home(), null)).isShared).toBe(false);
	});

	it('says of its first days what Today says when they come, the zone’s jobs as well', async () => {
		const one = browser();
		await one.open();
		for (const kind of ['kitchen', 'bathroom', 'bedroom', 'hall', 'living'])
			await one.touch({ op: 'hang', kind, storey: '0' });
		await one.touch({ op: 'person', name: 'Ada', role: 'adult' });
		await one.touch({ op: 'begin', begin: 'all' });
		await one.touch({ op: 'step', step: 'first-morning' });
		const { first } = await one.open();
		await one.start();
		const shown = await Promise.all(
			['2027-03-03', '2027-03-04', '2027-03-05', '2027-03-06'].map((on) =>
				loadToday({ household: one.home(), on, open: null, me: null, now: now() })
			)
		);
		expect(first?.days.slice(0, 4).map((day) => day.minutes)).toEqual(
			shown.map((day) => Math.round(day.minutesLeft))
		);
		expect(shown.some((day) => (day.zone?.next.length ?? 0) > 0)).toBe(true);
	});

	it('pressed twice at once, and again, makes one home in the zone of its device', async () => {
		const one = browser();
		await one.open();
		await one.touch({
			op: 'device',
			timeZone: 'Pacific/Auckland',
			clock: '24h',
			dates: 'dayFirst',
			units: 'metric'
		});
		await one.touch({ op: 'hang', kind: 'kitchen', storey: '0' });
		const before = (await allHomes(db.pool)).length;
		const answers = await Promise.all([one.start(), one.start(), one.start()]);
		expect([...answers, await one.start()]).toEqual(Array(4).fill({ to: '/' }));
		expect((await allHomes(db.pool)).length).toBe(before + 1);
		const home = await loadHome(pool(), one.home());
		// At 10:40 in Greenwich it is late in the evening of the same day there.
		expect(home?.home.household).toMatchObject({ timeZone: 'Pacific/Auckland', startsOn: '2027-03-03' });
		// Whoever begins again, begins with an empty house.
		await one.open();
		await one.touch({ op: 'hang', kind: 'study', storey: '0' });
		expect((await one.draft())?.rooms.length).toBe(1);
	});

	it('without a room is refused in words', async () => {
		const one = browser();
		await one.open();
		await one.touch({ op: 'pet', kind: 'cat' });
		expect(await one.start()).toMatchObject({ status: 400 });
		expect(one.home()).toBe('');
	});

	it('run again shows the jobs that there are, and says of the days what Today says once it is saved', async () => {
		const { one, household } = await sixRooms([{ op: 'minutes', minutes: '30' }]);
		const retired = (await loadHome(pool(), household))?.home.jobs[0]?.id ?? '';
		const form = new FormData();
		form.set('op', 'retire');
		form.set('id', '01900000-0000-7000-b000-00000000f0a1');
		await expect(editJob(household, retired, form)).rejects.toMatchObject({ location: '/house' });
		const jobs = (await loadHome(pool(), household))?.home.jobs.length ?? 0;
		await one.take(household, 'first-morning');
		await one.touch({ op: 'step', step: 'first-morning' });
		const asItIs = (await one.open()).first;
		// What was taken out stays out, and nothing that there is does not fit.
		expect([asItIs?.jobs, asItIs?.isAnew, asItIs?.leftOut]).toEqual([jobs, false, []]);
		await one.touch({ op: 'hang', kind: 'study', storey: '0' });
		await one.touch({ op: 'step', step: 'first-morning' });
		const { first } = await one.open();
		expect(first?.jobs).toBeGreaterThan(jobs);
		const kept = async (room: string) => (await one.open(room)).room?.keeps;
		expect([await kept('kitchen'), await kept('study')]).toEqual([expect.any(Number), null]);
		await one.start();
		const shown = await Promise.all(
			['2027-03-03', '2027-03-04', '2027-03-05', '2027-03-06'].map((on) =>
				loadToday({ household, on, open: null, me: null, now: now() })
			)
		);
		expect(first?.days.slice(0, 4).map((day) => day.minutes)).toEqual(
			shown.map((day) => Math.round(day.minutesLeft))
		);
		expect((await loadHome(pool(), household))?.home.jobs.length).toBe(first?.jobs);
	});

	it('run again by another way of cleaning shows what it will be, and it is so once it is saved', async () => {
		const { one, household } = await sixRooms([
			{ op: 'minutes', minutes: '120' },
			{ op: 'pattern', pattern: 'rolling-zones' }
		]);
		const jobsOf = async () => (await loadHome(pool(), household))?.home.jobs ?? [];
		const [retired] = await jobsOf();
		const form = new FormData();
		form.set('op', 'retire');
		form.set('id', '01900000-0000-7000-b000-00000000f0a2');
		await expect(editJob(household, retired?.id ?? '', form)).rejects.toMatchObject({ location: '/house' });
		await one.take(household, 'rhythm');
		await one.touch({ op: 'pattern', pattern: 'upkeep' });
		await one.touch({ op: 'step', step: 'first-morning' });
		const { first, room } = await one.open('kitchen');
		// In each room that stays stand the jobs that it will have, and none is asked for again.
		expect([first?.isAnew, room?.keeps]).toEqual([true, room?.jobs.length]);
		await one.start();
		const after = await jobsOf();
		expect(after.length).toBe(first?.jobs);
		expect(after.some((job) => job.library === retired?.library && job.room === retired?.room)).toBe(false);
		const shown = await Promise.all(
			['2027-03-03', '2027-03-04', '2027-03-05'].map((on) =>
				loadToday({ household, on, open: null, me: null, now: now() })
			)
		);
		expect(first?.days.slice(0, 3).map((day) => day.minutes)).toEqual(
			shown.map((day) => Math.round(day.minutesLeft))
		);
	});

	it('run again on a home with a way of its own shows that way first, and keeps to it', async () => {
		const { one, household } = await begun(
			['kitchen', 'bathroom', 'hall'],
			[],
			[{ op: 'begin', begin: 'all' }]
		);
		const before = (await loadHome(pool(), household))?.home;
		if (!before) throw new Error('no home');
		const { rhythm } = before.household;
		const own = {
			...before,
			household: { ...before.household, rhythm: { ...rhythm, pattern: 'As we did' } }
		};
		const change = { id: '01900000-0000-7000-b000-00000000f0a3', revision: 1 };
		await transaction((db) => changeHomeOnce(db, household, change, own, toDay('2027-03-03'), now()));
		await one.take(household);
		await one.touch({ op: 'hang', kind: 'study', storey: '0' });
		const { patterns, draft } = await one.open();
		expect([patterns[0]?.name, patterns[0]?.id]).toEqual(['As we did', draft.pattern]);
		await one.start();
		const after = (await loadHome(pool(), household))?.home;
		expect(after?.household.rhythm).toEqual(own.household.rhythm);
		expect(after?.jobs.filter((job) => job.room !== 'study')).toEqual(own.jobs);
		expect(after?.jobs.length).toBeGreaterThan(own.jobs.length);
	});

	it('run again without anybody who organises shows nothing, and says why', async () => {
		const { one, household } = await begun(['kitchen'], ['Ada', 'Ben']);
		await one.take(household);
		await one.touch({ op: 'unperson', person: 'ada' });
		await one.touch({ op: 'step', step: 'first-morning' });
		const { first, refused } = await one.open();
		expect(first).toBeNull();
		expect(refused).toContain('Make somebody else an organiser first.');
		expect(await one.start()).toMatchObject({ status: 400, data: { message: refused } });
	});

	it('says that there are as many rooms as there can be, and forgets none', async () => {
		const one = browser();
		await one.open();
		const hang = () => one.touch({ op: 'hang', kind: 'store', storey: '0' });
		for (let i = 0; i < 200; i++) await hang();
		expect(await hang()).toMatchObject({
			status: 400,
			data: { message: 'A home has 200 rooms at most. Take one away before you add another.' }
		});
		expect((await one.open()).rooms.length).toBe(200);
	});

	it('tells apart whose room it is where two are called alike', async () => {
		const one = browser();
		await one.open();
		for (const kind of ['bedroom', 'bedroom']) await one.touch({ op: 'hang', kind, storey: '1' });
		for (const role of ['adult', 'adult', 'child']) await one.touch({ op: 'person', name: 'Ada', role });
		const { apart } = await one.open();
		expect(Object.values(apart.people)).toEqual(['Ada (adult, 1)', 'Ada (adult, 2)', 'Ada (child)']);
		expect(new Set(Object.values(apart.rooms)).size).toBe(2);
	});

	it('run again for the people takes somebody out with all that was given to them', async () => {
		const { one, household } = await begun(['kitchen'], ['Ada', 'Ben']);
		const from = toDay('2027-03-03');
		const has = async (member: string) =>
			(await givenBetween(pool(), household, from, addDays(from, 10))).some((turn) => turn.member === member);
		expect(await has('ben')).toBe(true);
		writeFileSync(clockFile, '2027-03-05T10:40:00Z');
		expect(await one.take(household, 'people')).toEqual({ to: '/begin?step=people' });
		expect(await one.take(household, 'elsewhere')).toEqual({ to: '/begin' });
		await one.touch({ op: 'unperson', person: 'ben' });
		await one.start();
		writeFileSync(clockFile, '2027-03-03T10:40:00Z');
		const home = await loadHome(pool(), household);
		expect(home?.members.map((member) => member.name)).toEqual(['Ada']);
		expect(await has('ada')).toBe(true);
		// What was given for days gone by stays as it was.
		const left = (await givenBetween(pool(), household, from, addDays(from, 10))).filter(
			(turn) => turn.member === 'ben'
		);
		expect(left.every((turn) => turn.due < addDays(from, 2))).toBe(true);
		expect(home?.everyMember.get('ben')?.name).toBe('Ben');
	});

	it('run again is not written over what somebody else changed; asked anew it is', async () => {
		const one = browser();
		await one.open();
		await one.touch({ op: 'hang', kind: 'kitchen', storey: '0' });
		await one.start();
		const household = one.home();
		await one.take(household);
		await one.touch({
			op: 'device',
			timeZone: 'Asia/Tokyo',
			clock: '24h',
			dates: 'dayFirst',
			units: 'metric'
		});
		await one.touch({ op: 'hang', kind: 'study', storey: '0' });
		const form = new FormData();
		for (const [name, value] of Object.entries({
			op: 'addRoom',
			kind: 'store',
			storey: '0',
			name: 'Coal',
			id: '01900000-0000-7000-b000-00000000f001'
		}))
			form.set(name, value);
		const both = await Promise.all([
			one.start(),
			editHouse({ householdId: household, viewer: { role: 'organiser', member: null }, me: null }, form)
		]);
		const home = await loadHome(pool(), household);
		const names = home?.home.rooms.map((room) => room.name) ?? [];
		// Either of the two may come first; the second is told, and nothing of the first is lost.
		const told = both.filter((answer) => ((answer as { status?: number }).status ?? 0) >= 400);
		const answers = JSON.stringify(both);
		expect(names.includes('Coal') || names.includes('Study'), answers).toBe(true);
		expect(names.includes('Coal') && names.includes('Study'), answers).toBe(told.length === 0);
		// A home that is changed keeps its time zone.
		expect(home?.home.household.timeZone).toBe('Europe/London');
	});
});
