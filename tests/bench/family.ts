/** Figures of the family: giving out a week, signing in, telling the other devices. */
import { get as httpGet, type IncomingMessage } from 'node:http';
import { randomUUID } from 'node:crypto';
import { v7 as uuidv7 } from 'uuid';
import { assign, type ShareItem, type Sharer } from '../../src/lib/core/people/assign';
import { seededRandom } from '../../src/lib/core/random';
import { hashSecret, secretFits } from '../../src/lib/server/secrets';
import { freePort } from '../../scripts/lib/database.mjs';
import { serve } from '../../scripts/lib/stack.mjs';
import { median, ms, say, time } from './measure';
import { loadHighs, type Highs } from './highs';

/** A week of 120 jobs for six people of different shares, of whom the smaller may take fewer. */
function week(seed: number): { people: Sharer[]; items: ShareItem[] } {
	const random = seededRandom(seed);
	const parts = [1, 1, 0.6, 0.4, 0.15, 0.2];
	const sum = parts.reduce((a, b) => a + b, 0);
	const people = parts.map((part, i) => ({
		id: `p${i}`,
		share: part / sum,
		minutesSoFar: Math.round(random() * 300 * part)
	}));
	const items = Array.from({ length: 120 }, (_, i) => ({
		id: `j${i}`,
		minutes: Math.round((2 + random() * 18) * 2) / 2,
		can: people.filter((_p, p) => random() < (p < 2 ? 0.9 : p === 2 ? 0.6 : 0.25)).map((one) => one.id)
	}));
	return { people, items: items.map((item) => (item.can.length > 0 ? item : { ...item, can: ['p0'] })) };
}

/** The smallest largest deviation that even jobs cut to pieces could reach: no whole giving-out is below it. */
function bound(highs: Highs, people: readonly Sharer[], items: readonly ShareItem[]): number {
	const total =
		items.reduce((sum, item) => sum + item.minutes, 0) +
		people.reduce((sum, one) => sum + one.minutesSoFar, 0);
	const x = (item: ShareItem, id: string) => `x_${item.id}_${id}`;
	const once = items.map((item) => ` o${item.id}: ${item.can.map((id) => x(item, id)).join(' + ')} = 1`);
	const near = people.flatMap((one) => {
		const load = items
			.filter((item) => item.can.includes(one.id))
			.map((item) => `${item.minutes} ${x(item, one.id)}`)
			.join(' + ');
		const target = one.share * total - one.minutesSoFar;
		return [
			` u${one.id}: ${load} - ${total} t <= ${target}`,
			` l${one.id}: ${load} + ${total} t >= ${target}`
		];
	});
	return highs.solve(`Minimize\n obj: t\nSubject To\n${[...once, ...near].join('\n')}\nBounds\n t >= 0\nEnd`)
		.ObjectiveValue;
}

async function givingOut() {
	const highs = await loadHighs();
	let worst = 0;
	let slowest = 0;
	for (let seed = 1; seed <= 6; seed++) {
		const { people, items } = week(seed);
		const { spread } = assign(people, items);
		worst = Math.max(worst, spread - bound(highs, people, items));
		slowest = Math.max(slowest, await time(5, () => assign(people, items)));
	}
	say(
		'a week of 120 jobs given to 6 people, worst of 6',
		`${worst.toFixed(4)} from the bound`,
		'within 0.005 of the bound of a solver (highs)',
		worst <= 0.005
	);
	say('the same, slowest', ms(slowest), 'under 100 ms', slowest < 100);
}

async function signingIn(
	url: string,
	post: (path: string, form: Record<string, string>) => Promise<unknown>
) {
	const hashed = await hashSecret('four plain words here');
	const hash = await time(8, () => secretFits('not the password', hashed));
	say('hashing of a sign-in', ms(hash), 'at least 100 ms', hash >= 100);
	const idle = await time(60, async () => (await fetch(`${url}/alive`)).text());
	const during: number[] = [];
	let signing = true;
	const tries = Promise.all(
		Array.from({ length: 6 }, (_, i) =>
			post('/sign-in?/in', { email: `n${i}@bench.test`, password: 'nothing at all' })
		)
	).then(() => (signing = false));
	while (signing) {
		const from = performance.now();
		await (await fetch(`${url}/alive`)).text();
		during.push(performance.now() - from);
	}
	await tries;
	say(
		'another request while six sign in at once',
		`${ms(median(during))} (idle ${ms(idle)})`,
		`under a quarter of one hashing, ${ms(hash / 4)}`,
		median(during) < hash / 4
	);
	await post('/sign-up?/up', { email: 'known@bench.test', password: 'four plain words here' });
	const times: Record<'known' | 'unknown', number[]> = { known: [], unknown: [] };
	for (let i = 0; i < 7; i++) {
		for (const kind of ['known', 'unknown'] as const) {
			const from = performance.now();
			await post('/sign-in?/in', { email: `${kind}@bench.test`, password: `wrong ${i}` });
			times[kind].push(performance.now() - from);
		}
	}
	const ratio = median(times.unknown) / median(times.known);
	say(
		'an unknown address against a wrong password',
		`${ratio.toFixed(2)} times as long`,
		'between 0.8 and 1.25',
		ratio > 0.8 && ratio < 1.25
	);
}

/** With other homes in the same database nobody is shown the demo who did not ask for it. */
const LOOKS_AT_DEMO = 'demo=look';
const LISTENERS = 200;

async function live(url: string, post: (path: string, form: Record<string, string>) => Promise<unknown>) {
	let told: (() => void) | null = null;
	const streams: IncomingMessage[] = [];
	for (let i = 0; i < LISTENERS; i++) {
		const stream = await new Promise<IncomingMessage>((done, reject) =>
			httpGet(`${url}/live`, { agent: false, headers: { cookie: LOOKS_AT_DEMO } }, done).on('error', reject)
		);
		stream.setEncoding('utf8');
		stream.on('data', (text: string) => text.includes('event: changed') && told?.());
		streams.push(stream);
	}
	const latencies: number[] = [];
	const lines = ['make-the-beds', 'sweep-the-lamp-room', 'out-for-tomorrow', 'stove-ash', 'kitchen-reset'];
	for (const line of [...lines, ...lines]) {
		// Each has been told of all that went before.
		await new Promise((done) => setTimeout(done, 500));
		const from = performance.now();
		const all = new Promise<void>((done) => {
			let heard = 0;
			told = () => {
				latencies.push(performance.now() - from);
				if (++heard === LISTENERS) done();
			};
		});
		await post('/?/tick', { id: uuidv7(), line, outcome: 'done', by: 'ottilie' });
		await Promise.race([all, new Promise((done) => setTimeout(done, 5000))]);
		told = null;
	}
	for (const stream of streams) stream.destroy();
	latencies.sort((a, b) => a - b);
	const p99 = latencies[Math.floor(latencies.length * 0.99)] ?? Infinity;
	const whole = latencies.length === LISTENERS * lines.length * 2;
	say(
		`a tick on ${LISTENERS} open devices, 99 of 100`,
		`${ms(p99)} (half of them ${ms(median(latencies))})`,
		whole ? 'under 1000 ms; every one heard each' : `only ${latencies.length} were heard`,
		whole && p99 < 1000
	);
}

/** With the demo loaded in the database of `databaseUrl`. */
export async function family(databaseUrl: string, clockFile: string) {
	await givingOut();
	const port = await freePort();
	const server = await serve({ url: databaseUrl, port, clockFile });
	const url = `http://127.0.0.1:${port}`;
	const post = async (path: string, form: Record<string, string>) =>
		(
			await fetch(`${url}${path}`, {
				method: 'POST',
				headers: { origin: url, accept: 'text/html', cookie: LOOKS_AT_DEMO, 'user-agent': randomUUID() },
				body: new URLSearchParams(form),
				redirect: 'manual'
			})
		).text();
	try {
		await signingIn(url, post);
		await live(url, post);
	} finally {
		await server.stop();
	}
}
