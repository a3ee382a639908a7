import ICAL from 'ical.js';
import { execFileSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { addDays, isoOf, toDay } from '../../src/lib/core/calendar/civil';
import { feedEvents } from '../../src/lib/core/formats/feed';
import { readHouseholdFile } from '../../src/lib/core/formats/householdFile';
import { occurrencesBetween } from '../../src/lib/core/schedule/occurrences';
import { prepareHome } from '../../src/lib/core/schedule/preparedHome';
import { projectHome } from '../../src/lib/core/schedule/projection';
import { EMPTY_DRAFT } from '../../src/lib/core/setup/draft';
import { retireJob, saveJob } from '../../src/lib/core/setup/editJobs';
import { calendarText, readFamilyCalendar } from '../../src/lib/server/calendarText/calendarText';
import { transaction } from '../../src/lib/server/db/pool';
import { busyBetween, saveBusy } from '../../src/lib/server/repo/busyRepo';
import { finishDraft, loadDraft, saveDraft } from '../../src/lib/server/repo/draftRepo';
import { feedAddresses, feedOf, renewFeed } from '../../src/lib/server/repo/feedRepo';
import { changeHomeOnce, loadHome } from '../../src/lib/server/repo/homeRepo';
import { readHistory, revisionOf } from '../../src/lib/server/repo/homeRows';
import { allEntries } from '../../src/lib/server/repo/ledgerRepo';
import { loadProjection } from '../../src/lib/server/repo/projectionRepo';
import { exportHousehold, importHousehold } from '../../src/lib/server/services/home/wholeHome';
import { recordEntries } from '../../src/lib/server/services/ledger/recordEntries';
import { done, entry } from '../core/entries';
import { demoHome } from '../core/home';
import { allHomes, makeDatabase, makeHousehold, type TestDatabase } from './database';

const TODAY = toDay('2027-03-03');
const id = (n: number) => `01900000-0000-7000-a000-${String(n).padStart(12, '0')}`;
let db: TestDatabase;
beforeAll(async () => {
	db = await makeDatabase();
});
afterAll(() => db?.drop());

const pool = () => db.pool as never;

describe('a change of the home', () => {
	it('is made once, from the home that was seen, in one transaction', async () => {
		const household = await makeHousehold(db.pool, 1);
		const home = await loadHome(pool(), household);
		if (!home) throw new Error('no home');
		const edit = retireJob(home.home, 'bench');
		if (!edit.ok) throw new Error('refused');
		const save = (n: number, revision: number) =>
			transaction((c) => changeHomeOnce(c, household, { id: id(n), revision }, edit.home, TODAY, 9), db.pool);
		expect(await save(1, 1)).toBe('saved');
		expect(await save(1, 1)).toBe('known');
		expect(await save(2, 1)).toBe('behind');
		expect(await revisionOf(pool(), household)).toBe(2);
		const [before, after] = await readHistory(pool(), household);
		expect([
			before?.home.jobs.some((job) => job.id === 'bench'),
			after?.home.jobs.some((job) => job.id === 'bench')
		]).toEqual([true, false]);
		// What fails half-way leaves nothing behind, and no copy of it is kept.
		await expect(
			transaction(async (c) => {
				await changeHomeOnce(c, household, { id: id(3), revision: 2 }, home.home, TODAY, 9);
				throw new Error('power cut');
			}, db.pool)
		).rejects.toThrow('power cut');
		expect((await loadHome(pool(), household))?.jobById.has('bench')).toBe(false);
	});

	it('keeps the past judged by its own day, and the standing as a rebuild has it', async () => {
		const household = await makeHousehold(db.pool, 2);
		await transaction((c) => recordEntries(c, household, [done('bench', '2027-02-24')], TODAY, 5), db.pool);
		const home = await loadHome(pool(), household);
		const bench = home?.jobById.get('bench');
		if (!home || !bench) throw new Error('no home');
		const edit = saveJob(home.home, {
			...bench,
			cadence: { type: 'afterDone', min: 3, max: 5 },
			missRule: 'stays'
		});
		if (!edit.ok) throw new Error('refused');
		await transaction(async (c) => {
			await changeHomeOnce(c, household, { id: id(4), revision: 1 }, edit.home, TODAY, 9);
		}, db.pool);
		const now = prepareHome(await readHistory(pool(), household));
		const kept = await loadProjection(pool(), household);
		const ledger = (await allEntries(pool(), household)).map((stored) => stored.entry);
		const rebuilt = projectHome(now, ledger);
		expect([...kept.series.entries()].sort()).toEqual([...rebuilt.series.entries()].sort());
	});
});

describe('first steps', () => {
	it('are kept, and found again until a home has come of them', async () => {
		await saveDraft(pool(), id(10), { ...EMPTY_DRAFT, name: 'Łódź 🎨' }, 1);
		expect((await loadDraft(pool(), id(10)))?.draft.name).toBe('Łódź 🎨');
		expect(await loadDraft(pool(), id(11))).toBeNull();
		const household = await makeHousehold(db.pool, 3);
		await finishDraft(pool(), id(10), household, 2);
		await saveDraft(pool(), id(10), { ...EMPTY_DRAFT, name: 'other' }, 3);
		expect(await loadDraft(pool(), id(10))).toMatchObject({ household, draft: { name: 'Łódź 🎨' } });
	});
});

describe('a whole home', () => {
	it('goes out and comes in the same, beside the one it came from', async () => {
		const household = await makeHousehold(db.pool, 4);
		const entries = [
			done('bench', '2027-02-24', { minutes: 4.5 }),
			entry({ outcome: 'part', date: '2027-02-25', job: 'toilet', share: 0.25 }),
			entry({
				outcome: 'pause',
				date: '2027-03-01',
				scope: 'room',
				target: 'loft',
				from: '2027-03-04',
				to: '2027-03-05',
				reason: 'other',
				note: '“q” 🎨 \\'
			}),
			entry({ outcome: 'judgement', date: '2027-03-01', zone: 'front', clutter: 'nearly' })
		];
		await transaction((c) => recordEntries(c, household, entries, TODAY, 5), db.pool);
		await transaction(
			(c) =>
				recordEntries(
					c,
					household,
					[entry({ outcome: 'undo', date: '2027-03-02', of: entries[0]?.id })],
					TODAY,
					6
				),
			db.pool
		);
		let text = '';
		for await (const piece of exportHousehold(pool(), household)) text += piece;
		const read = readHouseholdFile(text, TODAY);
		if (!read.ok) throw new Error(JSON.stringify(read.problems));
		const told: number[] = [];
		await transaction((c) => importHousehold(c, id(20), read.file, 9, (done) => told.push(done)), db.pool);
		expect(told).toEqual([5]);
		expect(await readHistory(pool(), id(20))).toEqual(await readHistory(pool(), household));
		expect((await allEntries(pool(), id(20))).map(({ seq: _seq, ...rest }) => rest)).toEqual(
			(await allEntries(pool(), household)).map(({ seq: _seq, ...rest }) => rest)
		);
		expect((await loadProjection(pool(), id(20))).series).toEqual(
			(await loadProjection(pool(), household)).series
		);
		let again = '';
		for await (const piece of exportHousehold(pool(), id(20))) again += piece;
		expect(again).toBe(text);
	});

	it('is in no part there where it could not come in whole', async () => {
		const household = await makeHousehold(db.pool, 5);
		let text = '';
		for await (const piece of exportHousehold(pool(), household)) text += piece;
		const read = readHouseholdFile(text, TODAY);
		if (!read.ok) throw new Error('unread');
		await expect(
			transaction(async (c) => {
				await importHousehold(c, id(21), read.file, 9, () => undefined);
				throw new Error('lost');
			}, db.pool)
		).rejects.toThrow('lost');
		expect((await allHomes(db.pool)).includes(id(21))).toBe(false);
		for (const table of ['room', 'job', 'ledger', 'standing']) {
			const [rows] = await db.pool.query(`SELECT COUNT(*) AS n FROM ${table} WHERE household_id = ?`, [
				id(21)
			]);
			expect((rows as { n: number }[])[0]?.n, table).toBe(0);
		}
	});
});

describe('other households', () => {
	it('see nothing of feeds and busy times', async () => {
		const [one, two] = [await makeHousehold(db.pool, 6), await makeHousehold(db.pool, 7)];
		const first = await renewFeed(pool(), one, '', 1);
		const second = await renewFeed(pool(), one, '', 2);
		expect(await feedOf(pool(), first)).toBeNull();
		expect(await feedOf(pool(), second)).toEqual({ household: one, member: '' });
		expect(await feedAddresses(pool(), two)).toEqual([]);
		await saveBusy(pool(), one, [
			{ id: id(30), uid: 'a', member: null, date: TODAY, from: 600, to: 660, title: 'Dentist' }
		]);
		await saveBusy(pool(), one, [
			{ id: id(30), uid: 'a', member: null, date: TODAY, from: 600, to: 690, title: 'Dentist' }
		]);
		expect(await busyBetween(pool(), one, TODAY, TODAY)).toMatchObject([{ to: 690 }]);
		expect(await busyBetween(pool(), two, TODAY, TODAY)).toEqual([]);
	});
});

/** Dates of every event of a calendar between two days, by ical.js: key → ISO dates. */
function datesByIcal(text: string, from: string, to: string): Map<string, string[]> {
	const root = new ICAL.Component(ICAL.parse(text));
	const found = new Map<string, string[]>();
	const masters = root
		.getAllSubcomponents('vevent')
		.filter((component) => !component.hasProperty('recurrence-id'));
	for (const component of masters) {
		if (component.getFirstPropertyValue('status') === 'CANCELLED') continue;
		const uid = String(component.getFirstPropertyValue('uid'));
		const event = new ICAL.Event(component, {
			exceptions: root
				.getAllSubcomponents('vevent')
				.filter(
					(other) => other.hasProperty('recurrence-id') && other.getFirstPropertyValue('uid') === uid
				) as never
		});
		const days: string[] = [];
		const text8 = (time: { year: number; month: number; day: number }) =>
			`${time.year}-${String(time.month).padStart(2, '0')}-${String(time.day).padStart(2, '0')}`;
		if (!event.isRecurring()) days.push(text8(event.startDate));
		else {
			const iterator = event.iterator();
			for (let next = iterator.next(); next && text8(next) <= addTo(to); next = iterator.next())
				days.push(text8(event.getOccurrenceDetails(next).startDate));
		}
		found.set(uid, [...(found.get(uid) ?? []), ...days].filter((one) => one >= from && one <= to).sort());
	}
	return found;
}
const addTo = (iso: string) => isoOf(addDays(toDay(iso), 40));

describe('the calendar feed', () => {
	const home = prepareHome([{ from: toDay('2027-01-04'), home: demoHome() }]);
	const ledger = [
		entry({
			outcome: 'moved',
			date: '2027-03-03',
			job: 'bins-to-the-gate',
			dueOn: '2027-03-10',
			to: '2027-03-11'
		}),
		entry({ outcome: 'skipped', date: '2027-03-03', job: 'fold-towels', dueOn: '2027-03-10' }),
		entry({
			outcome: 'pause',
			date: '2027-03-03',
			scope: 'household',
			from: '2027-03-22',
			to: '2027-03-28',
			reason: 'holiday'
		})
	].filter((one) => !('job' in one) || home.jobById.has(one.job));
	const projection = projectHome(home, ledger);
	const head = {
		name: 'The Vales',
		timeZone: 'Europe/London',
		host: 'test.pail-round',
		sequence: 3,
		stamp: Date.parse('2027-03-03T10:40:00Z'),
		today: TODAY,
		todo: false
	};
	const text = calendarText(feedEvents({ home, projection, today: TODAY, member: null }), head);
	const wanted = occurrencesBetween(home, projection, TODAY, TODAY, toDay('2027-05-31'));
	/** All dates of a line: of its own event, and of single ones (`line/date`, `line/+n`). */
	const datesOf = (found: Map<string, string[]>, line: string) =>
		[...found]
			.filter(([uid]) => uid === `${line}@test.pail-round` || new RegExp(`^${line}/[+\\d]\\d*@`).test(uid))
			.flatMap(([, days]) => days)
			.sort();
	const compare = (found: Map<string, string[]>) => {
		let compared = 0;
		for (const [line, days] of wanted) {
			if (home.seriesById.get(line)?.job.cadence.type === 'onCall') continue;
			expect(datesOf(found, line), line).toEqual(days.map((one) => isoOf(one)));
			compared++;
		}
		expect(compared).toBeGreaterThan(40);
	};

	it('is read back by ical.js, date for date', () => {
		compare(datesByIcal(text, '2027-03-03', '2027-05-31'));
	});

	it('has lines of at most 75 octets, stable UIDs, a sequence and a time zone', () => {
		for (const line of text.split('\r\n')) expect(Buffer.byteLength(line), line).toBeLessThanOrEqual(75);
		expect(text).toContain('TZID:Europe/London');
		expect(text).toContain('SEQUENCE:3');
		const again = calendarText(feedEvents({ home, projection, today: addDays(TODAY, 1), member: null }), {
			...head,
			today: addDays(TODAY, 1)
		});
		const uids = (one: string) =>
			new Set(
				[...one.matchAll(/^UID:(.*)$/gm)]
					.map((match) => match[1]?.trim())
					// Single dates come and go with what is forecast and what waits.
					.filter((uid) => !/\/[+\d]\d*@|^zone\//.test(uid ?? ''))
			);
		for (const uid of uids(again)) expect(uids(text).has(uid), uid).toBe(true);
	});

	it('gives to-dos on request', () => {
		const todo = calendarText(feedEvents({ home, projection, today: TODAY, member: null }), {
			...head,
			todo: true
		});
		expect(todo).toContain('BEGIN:VTODO');
		expect(todo).not.toContain('BEGIN:VEVENT');
		expect(todo).toMatch(/DUE;VALUE=DATE:20270303/);
	});

	it('is read by a second calendar program, whose dates are the same', () => {
		const python = '/usr/bin/python3';
		expect(existsSync(python), 'python3 and python3-icalendar come with npm test').toBe(true);
		const program = `
import sys, json, datetime
from icalendar import Calendar
from dateutil.rrule import rrulestr
cal = Calendar.from_ical(sys.stdin.buffer.read())
day = lambda v: v.date() if isinstance(v, datetime.datetime) else v
out = {}
moved = {}
for e in cal.walk('VEVENT'):
    if 'RECURRENCE-ID' in e: moved.setdefault(str(e['UID']), []).append((day(e['RECURRENCE-ID'].dt), day(e['DTSTART'].dt)))
for e in cal.walk('VEVENT'):
    uid = str(e['UID'])
    if 'RECURRENCE-ID' in e or str(e.get('STATUS', '')) == 'CANCELLED': continue
    start = day(e['DTSTART'].dt)
    days = [start]
    if 'RRULE' in e:
        rule = rrulestr(e['RRULE'].to_ical().decode(), dtstart=datetime.datetime(start.year, start.month, start.day))
        days = [d.date() for d in rule.between(datetime.datetime(2027, 3, 2), datetime.datetime(2027, 6, 10), inc=True)]
        ex = e.get('EXDATE', [])
        for x in (ex if isinstance(ex, list) else [ex]):
            for d in x.dts:
                if day(d.dt) in days: days.remove(day(d.dt))
        for a, b in moved.get(uid, []):
            if a in days: days.remove(a)
            days.append(b)
    out.setdefault(uid, []).extend(d.isoformat() for d in sorted(days) if '2027-03-03' <= d.isoformat() <= '2027-05-31')
print(json.dumps(out))
`;
		const out = execFileSync(python, ['-c', program], { input: text, maxBuffer: 1 << 26 }).toString();
		compare(new Map(Object.entries(JSON.parse(out) as Record<string, string[]>)));
	});
});

describe('a family calendar', () => {
	const calendar = (...events: string[]) =>
		`BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:x\r\n${events.map((one) => `BEGIN:VEVENT\r\n${one}\r\nEND:VEVENT\r\n`).join('')}END:VCALENDAR\r\n`;
	const read = (...events: string[]) => readFamilyCalendar(calendar(...events), TODAY, 'Europe/London');

	it('reads moved occurrences, further dates and several rules as a calendar means them', () => {
		const found = read(
			'UID:s\r\nSUMMARY:Swimming\r\nDTSTART;TZID=Europe/London:20270303T160000\r\nDTEND;TZID=Europe/London:20270303T170000\r\nRRULE:FREQ=WEEKLY;COUNT=4\r\nRRULE:FREQ=MONTHLY;BYMONTHDAY=5;UNTIL=20270430T000000Z\r\nRDATE;TZID=Europe/London:20270306T090000\r\nRDATE;TZID=Europe/London;VALUE=PERIOD:20270307T090000/PT1H\r\nEXDATE;TZID=Europe/London:20270317T160000',
			'UID:s\r\nSUMMARY:Swimming gala\r\nRECURRENCE-ID;TZID=Europe/London:20270310T160000\r\nDTSTART;TZID=Europe/London:20270305T100000\r\nDTEND;TZID=Europe/London:20270305T113000',
			'UID:s\r\nSUMMARY:Swimming\r\nSTATUS:CANCELLED\r\nRECURRENCE-ID;TZID=Europe/London:20270324T160000\r\nDTSTART;TZID=Europe/London:20270324T160000\r\nDTEND;TZID=Europe/London:20270324T170000',
			'UID:alone\r\nSUMMARY:Moved of another file\r\nRECURRENCE-ID:20270308T100000Z\r\nDTSTART:20270309T100000Z\r\nDTEND:20270309T110000Z'
		);
		expect(found.reports).toEqual([]);
		const dates = found.events
			.filter((one) => one.uid === 's')
			.map((one) => `${isoOf(one.from)} ${one.fromMinute} ${one.title}`)
			.sort();
		expect(dates).toEqual([
			'2027-03-03 960 Swimming',
			'2027-03-05 600 Swimming gala',
			'2027-03-05 960 Swimming',
			'2027-03-06 540 Swimming',
			'2027-03-07 540 Swimming',
			'2027-04-05 960 Swimming'
		]);
		expect(found.events.find((one) => one.uid.startsWith('alone'))?.from).toBe(toDay('2027-03-09'));
	});

	it('gives holidays, visitors and busy times, in the household’s own hours', () => {
		const found = read(
			'UID:a\r\nSUMMARY:Half-term holiday\r\nDTSTART;VALUE=DATE:20270405\r\nDTEND;VALUE=DATE:20270410',
			'UID:b\r\nSUMMARY:Guests for dinner\r\nDTSTART:20270306T180000Z\r\nDTEND:20270306T210000Z',
			'UID:c\r\nSUMMARY:Choir\r\nDTSTART;TZID=Europe/Paris:20270308T190000\r\nDTEND;TZID=Europe/Paris:20270308T203000\r\nRRULE:FREQ=WEEKLY;COUNT=3'
		);
		expect(
			found.events.map((event) => [
				event.uid,
				event.kind,
				isoOf(event.from),
				isoOf(event.to),
				event.fromMinute
			])
		).toEqual([
			['a', 'holiday', '2027-04-05', '2027-04-09', null],
			['b', 'visitors', '2027-03-06', '2027-03-06', 1080],
			['c', 'busy', '2027-03-08', '2027-03-08', 1080],
			['c', 'busy', '2027-03-15', '2027-03-15', 1080],
			['c', 'busy', '2027-03-22', '2027-03-22', 1080]
		]);
	});

	it('reports what it does not take, and never runs without end', () => {
		const found = read(
			'UID:a\r\nSUMMARY:Tick\r\nDTSTART:20270304T100000Z\r\nRRULE:FREQ=SECONDLY',
			'UID:b\r\nSUMMARY:Moon\r\nDTSTART;TZID=Moon/Base:20270304T100000',
			'UID:c\r\nSUMMARY:No beginning',
			'UID:d\r\nSUMMARY:Every day for ever\r\nDTSTART;VALUE=DATE:19700101\r\nRRULE:FREQ=DAILY',
			'UID:e\r\nSUMMARY:Never\r\nDTSTART;VALUE=DATE:20270304\r\nRRULE:FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30',
			'UID:a\r\nSUMMARY:Twice\r\nDTSTART:20270304T100000Z'
		);
		expect(found.reports.join('\n')).toMatch(/secondly/);
		expect(found.reports.join('\n')).toMatch(/Moon\/Base/);
		expect(found.reports.join('\n')).toMatch(/no beginning/);
		expect(found.reports.join('\n')).toMatch(/twice/);
		expect(found.events.filter((event) => event.uid === 'd').length).toBeLessThanOrEqual(400);
		for (const bad of ['', 'hello', calendar('UID:a').slice(0, 60)])
			expect(readFamilyCalendar(bad, TODAY, 'Europe/London').refused, bad).toBe(true);
	});
});
