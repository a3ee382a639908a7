/** Figures of sessions: planning, replanning, and the bell in a real browser. */
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import { chromium } from '@playwright/test';
import { planInput } from '../../scripts/case-kinds';
import { freePort } from '../../scripts/lib/database.mjs';
import { serve } from '../../scripts/lib/stack.mjs';
import { replan } from '../../src/lib/core/session/replan';
import { checkPlan } from '../../src/lib/core/planner/checkPlan';
import { readSession } from '../../src/lib/core/session/sessionState';
import type { PlanInput } from '../../src/lib/core/planner/plan';
import { effortFor, firstPlan, makePlan } from '../../src/lib/core/planner/makePlan';
import { flatten } from '../../src/lib/core/planner/solver/problem';
import { Search } from '../../src/lib/core/planner/solver/search';
import { seededRandom } from '../../src/lib/core/random';
import { event, MINUTE, session, step } from '../core/sessions';
import { median, ms, say, time } from './measure';

interface CaseFile {
	readonly input: PlanInput;
	readonly expect?: { readonly worth: number; readonly end: number };
	readonly found?: { readonly worth: number; readonly end: number };
	readonly bound?: { readonly worth: number };
}
const filesIn = (dir: string) =>
	readdirSync(dir)
		.sort()
		.map((name) => {
			const file = JSON.parse(readFileSync(join(dir, name), 'utf8')) as CaseFile;
			return { name: name.replace('.json', ''), ...file, input: planInput(file.input) };
		});

function planning() {
	let slowest = 0;
	let right = 0;
	const cases = filesIn('tests/cases/plan');
	for (const { input, expect } of cases) {
		const begin = performance.now();
		const plan = makePlan(input);
		slowest = Math.max(slowest, performance.now() - begin);
		if (expect && plan.worth >= expect.worth - 0.001 && plan.end <= expect.end * 1.05) right++;
	}
	say(
		`the ${cases.length} worked plans`,
		`${right} as good as the best known, the slowest ${ms(slowest)}`,
		'each under 400 ms',
		slowest < 400 && right === cases.length
	);
	for (const { name, input, found, bound } of filesIn('tests/bench/plan-large')) {
		const firstTimes: number[] = [];
		const times: number[] = [];
		let worth = 0;
		let broken = 0;
		for (let i = 0; i < 5; i++) {
			let begin = performance.now();
			const first = firstPlan(input);
			firstTimes.push(performance.now() - begin);
			begin = performance.now();
			const plan = makePlan(input);
			times.push(performance.now() - begin);
			worth = plan.worth;
			broken =
				checkPlan(input, plan.entries).length +
				checkPlan(input, first.entries).filter((one) => one.rule !== 'missing-job').length;
		}
		const [first, whole] = [median(firstTimes), median(times)];
		say(
			`${input.jobs.length} jobs, ${input.people.length} people, ${input.bell} min (${name})`,
			`first plan ${ms(first)}; worth ${worth.toFixed(2)} in ${ms(whole)}`,
			`first under 50 ms, whole under 1500 ms; known ${found?.worth}, never above ${bound?.worth}`,
			broken === 0 && first < 50 && whole < 1500 && worth >= (found?.worth ?? 0) - 1e-9
		);
	}
}

/** Jobs of the largest file, so many of them: more than it has are told twice, under other names. */
function sized(jobs: number): PlanInput {
	const largest = filesIn('tests/bench/plan-large').at(-1)?.input as PlanInput;
	const all = [
		...largest.jobs,
		...largest.jobs.map((job) => ({ ...job, id: `${job.id} again`, optional: true }))
	];
	return {
		...largest,
		people: largest.people.slice(0, Math.max(1, Math.min(5, Math.round(jobs / 30)))),
		bell: 120,
		pairs: [],
		jobs: all.slice(0, jobs).map((job) => ({ ...job, optional: true }))
	};
}

/** No plan is worth more: worth by the minute, filled into the minutes that all people have together. */
function minutesBound(input: PlanInput): number {
	let left = input.people.reduce((sum, one) => sum + Math.min(one.until, input.bell) - one.from, 0);
	const minutes = (job: PlanInput['jobs'][number]) => job.steps.reduce((sum, one) => sum + one.minutes, 0);
	return [...input.jobs]
		.sort((a, b) => b.worth / minutes(b) - a.worth / minutes(a))
		.reduce((sum, job) => {
			const part = Math.max(0, Math.min(1, left / minutes(job)));
			left -= part * minutes(job);
			return sum + part * job.worth;
		}, 0);
}

function rounds() {
	const ROUNDS = [0, 5, 15, 40, 100];
	console.log(
		`         worth against rounds of search, and the bound by minutes alone: ${ROUNDS.join(', ')}`
	);
	for (const jobs of [20, 40, 80, 160]) {
		const input = sized(jobs);
		const worths = ROUNDS.map((count) => {
			const searching = new Search(flatten(input));
			searching.greedy(300_000);
			for (const better of searching.rounds(count)) void better;
			return searching.best.worth;
		});
		const risen = worths.every((worth, i) => i === 0 || worth >= (worths[i - 1] as number) * 0.97);
		say(
			`${jobs} jobs for ${input.people.length}`,
			worths.map((worth) => worth.toFixed(1)).join(', '),
			`bound ${minutesBound(input).toFixed(1)}; the page asks for ${effortFor(input).rounds} rounds`,
			risen && (worths.at(-1) as number) >= (worths[0] as number)
		);
	}
}

async function replanning() {
	const random = seededRandom(5);
	const people = ['ada', 'ben', 'cy'];
	const steps = Array.from({ length: 40 }, (_, i) => {
		const who = people[i % 3] as string;
		const room = ['a', 'b', 'c'][Math.floor(random() * 3)] as string;
		return i % 5 === 0
			? [
					step(`j${i}`, 0, 1, { who, room, wait: { label: 'soak', min: 8, max: 40 }, last: false, start: i }),
					step(`j${i}`, 1, 4, { who, room, class: 5, start: i + 9 })
				]
			: [step(`j${i}`, 0, 1 + Math.floor(random() * 6), { who, room, class: 3, start: i })];
	}).flat();
	const plan = session(steps, 60);
	const events = [event('started', 0), ...[0, 1, 2, 3, 4].map((i) => event('stepDone', 4 + i * 3, i * 2))];
	// Late: not all of it fits any more, so that it is planned anew and not only timed.
	const at = 40 * MINUTE;
	const left = replan(plan, readSession(plan, events, at), at);
	const took = await time(30, () => replan(plan, readSession(plan, events, at), at));
	say(
		`planning the rest of a session of 40 jobs and 3 people again`,
		`${ms(took)}, ${left.off.length} let lie`,
		'under 50 ms',
		took < 50 && left.off.length > 0
	);
}

/** The bell in a browser: half an hour of a session, the clock moved on, a reload, the last ten seconds real. */
async function bell(url: string, clockFile: string) {
	const start = Date.parse('2027-03-03T10:40:00Z');
	// A shift, so that the server's clock runs on.
	const shiftTo = (instant: number) => {
		const seconds = (instant - Date.now()) / 1000;
		writeFileSync(clockFile, `+${seconds}`);
		return seconds * 1000;
	};
	shiftTo(start);
	const port = await freePort();
	const server = await serve({ url, port, clockFile });
	const browser = await chromium.launch({
		executablePath: '/usr/bin/chromium',
		args: [
			'--no-sandbox',
			'--disable-quic',
			'--disable-background-networking',
			'--disable-component-update',
			'--disable-sync'
		]
	});
	try {
		const context = await browser.newContext({ timezoneId: 'Europe/London', locale: 'en-GB' });
		// With other homes in the same database nobody is shown the demo who did not ask for it.
		await context.addCookies([{ name: 'demo', value: 'look', url: `http://127.0.0.1:${port}` }]);
		const page = await context.newPage();
		await page.addInitScript(() => {
			const rung: number[] = [];
			Object.assign(window, { rung });
			navigator.vibrate = () => rung.push(performance.timeOrigin + performance.now()) > 0;
		});
		await page.goto(`http://127.0.0.1:${port}/timer?minutes=30&for=ottilie`);
		await page.waitForFunction(() => document.documentElement.dataset.ready === 'yes');
		await page.getByRole('button', { name: 'Start', exact: true }).click();
		await page.waitForURL(/\/timer\/[0-9a-f-]{36}$/);
		// Ten real seconds before the bell, whatever the page knew until now.
		const shift = shiftTo(start + 30 * 60_000 - 10_000);
		await page.reload();
		await page.waitForFunction(() => (window as unknown as { rung: number[] }).rung.length > 0, null, {
			timeout: 30_000
		});
		const [rang] = await page.evaluate(() => (window as unknown as { rung: number[] }).rung);
		const [row] = await (await import('mysql2/promise')).createConnection(url).then(async (db) => {
			const [rows] = await db.query(
				"SELECT MIN(at) AS at FROM session_event WHERE kind = 'started' AND at >= ?",
				[start]
			);
			await db.end();
			return rows as { at: number }[];
		});
		const due = Number(row?.at ?? start) + 30 * 60_000 - shift;
		const off = (rang ?? 0) - due;
		say(
			'a bell after half an hour and a reload',
			`${ms(Math.abs(off))} ${off < 0 ? 'early' : 'late'}`,
			'within 300 ms of its instant',
			Math.abs(off) <= 300
		);
	} finally {
		await browser.close();
		await server.stop();
	}
}

/** All figures of sessions. */
export async function sessions(url: string, clockFile: string): Promise<void> {
	planning();
	rounds();
	await replanning();
	await bell(url, clockFile);
}
