/**
 * Several homes that go on living while everything is killed around them: each act is sent with an id of its own until
 * the house itself has answered, as a device does it. What was acknowledged is written down at the end.
 */
import { randomUUID } from 'node:crypto';
import { readFileSync, writeFileSync } from 'node:fs';
import type { Act } from './acts';
import { seededRandom } from '../../src/lib/core/random';

const [, , base = '', minutesText = '', seedText = '', record = ''] = process.argv;
/** Milliseconds; the time runs from when all homes have begun. */
let until = Date.now() + 120_000;
const random = seededRandom(Number(seedText));
const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
const sleep = (milliseconds: number) => new Promise((done) => setTimeout(done, milliseconds));

interface Answer {
	readonly status: number;
	readonly text: string;
}

/** What is sent too late to be answered before the end is not waited for without end. */
const last = () => until + 60_000;

class Browser {
	readonly #jar = new Map<string, string>();

	async send(path: string, body: BodyInit | null, headers: Record<string, string> = {}): Promise<Answer> {
		const answer = await fetch(`${base}${path}`, {
			method: body === null ? 'GET' : 'POST',
			body,
			redirect: 'manual',
			signal: AbortSignal.timeout(20_000),
			headers: {
				origin: base,
				accept: 'application/json',
				'x-sveltekit-action': 'true',
				cookie: [...this.#jar].map(([name, value]) => `${name}=${value}`).join('; '),
				...headers
			}
		});
		for (const line of answer.headers.getSetCookie()) {
			const [, name = '', value = ''] = /^([^=]+)=([^;]*)/.exec(line) ?? [];
			this.#jar.set(name, value);
		}
		return { status: answer.status, text: await answer.text() };
	}

	/** Sends until the house itself has answered; null where the time is over before. */
	async untilAnswered(
		path: string,
		body: () => BodyInit,
		headers: Record<string, string> = {}
	): Promise<Answer | null> {
		while (Date.now() < last()) {
			const answer = await this.send(path, body(), headers).catch(() => null);
			if (
				answer &&
				answer.status < 500 &&
				/"type":"(success|failure|redirect)"|"household":/.test(answer.text)
			) {
				const status = Number(/"status":(\d+)/.exec(answer.text)?.[1] ?? answer.status);
				if (status < 500) return { status, text: answer.text };
			}
			await sleep(150 + random() * 300);
		}
		return null;
	}
}

const form = (fields: Record<string, string>) => () => new URLSearchParams(fields);
const FORM = { 'content-type': 'application/x-www-form-urlencoded' };

interface Home {
	readonly id: string;
	readonly browser: Browser;
	readonly lines: readonly string[];
	readonly rooms: readonly string[];
	session: { id: string; step: number } | null;
	days: number;
}

const station = readFileSync('demo/station-house.json', 'utf8');

async function begin(): Promise<Home> {
	const browser = new Browser();
	const email = `${randomUUID()}@faults.test`;
	const password = 'pegs and wet linen';
	await browser.untilAnswered('/sign-up?/up', form({ email, password }), FORM);
	const id = randomUUID();
	const taken = await browser.untilAnswered(`/house/files/import?id=${id}`, () => station, {
		'content-type': 'application/octet-stream'
	});
	const household = /"household":"([0-9a-f-]+)"/.exec(taken?.text ?? '')?.[1];
	if (!household) throw new Error(`no home has come of the file: ${taken?.text.slice(0, 300)}`);
	while ((await browser.send('/home', form({ home: household })(), FORM)).status !== 303) await sleep(200);
	const file = JSON.parse(station) as {
		jobs: { id: string; parts?: string[]; cadence: { type: string } }[];
		rooms: { id: string }[];
	};
	const jobs = file.jobs.filter((job) => job.cadence.type !== 'zone' && job.cadence.type !== 'onCall');
	return {
		id: household,
		browser,
		lines: jobs.map((job) => ((job.parts ?? []).length > 1 ? `${job.id}/${job.parts?.[0]}` : job.id)),
		rooms: file.rooms.map((room) => room.id),
		session: null,
		days: 0
	};
}

const isoBack = (days: number) =>
	new Date(Date.parse('2027-03-03') - days * 86_400_000).toISOString().slice(0, 10);

/** One act of a home; its ids, and whether it was acknowledged. */
async function act(home: Home): Promise<Act | null> {
	const id = randomUUID();
	const done = (kind: Act['kind'], ids: readonly string[], answer: Answer | null): Act => ({
		home: home.id,
		kind,
		ids,
		answered: answer !== null && answer.status < 400 && /"type":"(success|redirect)"/.test(answer.text)
	});
	const dice = random();
	if (dice < 0.5) {
		// Each line and day is ticked once: two of them would be a double.
		home.days++;
		const line = home.lines[home.days % home.lines.length] as string;
		const date = isoBack(2 + Math.floor(home.days / home.lines.length));
		const fields = { id, line, date, outcome: 'done', minutes: '4', seen: '' };
		return done('tick', [id], await home.browser.untilAnswered('/?/tick', form(fields), FORM));
	}
	if (dice < 0.8) {
		if (!home.session) {
			const session = randomUUID();
			const started = await home.browser.untilAnswered(
				'/timer?/start',
				form({ id: session, kind: 'bite', minutes: '30', member: 'ottilie' }),
				FORM
			);
			if (started && /"type":"redirect"/.test(started.text)) home.session = { id: session, step: 0 };
			return null;
		}
		const { session } = home;
		const fields = { id, kind: 'stepDone', step: String(session.step++), ago: '0' };
		const answer = await home.browser.untilAnswered(`/timer/${session.id}?/event`, form(fields), FORM);
		const pressed = done('press', [id], answer);
		if (!pressed.answered) {
			// The last step was ticked, or there are no more: the pail is set down and another one begun.
			await home.browser.untilAnswered(
				`/timer/${session.id}?/event`,
				form({ id: randomUUID(), kind: 'setDown' }),
				FORM
			);
			home.session = null;
			return answer === null ? pressed : null;
		}
		return pressed;
	}
	if (dice < 0.92) {
		const fields = {
			id,
			op: 'changeRoom',
			room: pick(home.rooms),
			name: `Room ${Math.floor(random() * 1e6)}`
		};
		return done('edit', [id], await home.browser.untilAnswered('/house?/edit', form(fields), FORM));
	}
	const ids = Array.from({ length: 20 }, () => randomUUID());
	const rows = ids.map((one) => {
		home.days++;
		const [job, part = ''] = (home.lines[home.days % home.lines.length] as string).split('/');
		return `${one},${isoBack(2 + Math.floor(home.days / home.lines.length))},${job},${part},done`;
	});
	const csv = ['id,date,job,part,outcome', ...rows].join('\n');
	const upload = () => {
		const data = new FormData();
		data.set('write', '1');
		data.set('file', new File([csv], 'ledger.csv', { type: 'text/csv' }));
		return data;
	};
	return done('upload', ids, await home.browser.untilAnswered('/house/files?/ledger', upload));
}

const acts: Act[] = [];
async function live(home: Home): Promise<void> {
	while (Date.now() < until) {
		const one = await act(home);
		if (one) acts.push(one);
		await sleep(random() * 60);
	}
}

const homes: Home[] = [];
for (let i = 0; i < 3; i++) homes.push(await begin());
until = Date.now() + Number(minutesText) * 60_000;
writeFileSync(`${record}.ready`, '');
await Promise.all(homes.map(live));
writeFileSync(record, JSON.stringify({ homes: homes.map((one) => one.id), acts }));
const answered = acts.filter((one) => one.answered);
const count = (kind: Act['kind']) => answered.filter((one) => one.kind === kind).length;
console.log(
	`Acknowledged: ${count('tick')} ticks, ${count('press')} presses, ${count('edit')} changes of a home, ${count('upload')} uploads; without an answer: ${acts.length - answered.length}.`
);
process.exit(answered.length > 0 ? 0 : 1);
