/** Brings homes of older versions of the open format up to the present one. docs/formats.md. */
import { CORE_OF_LIBRARY, FACTS_OF_LIBRARY } from './factsOfLibrary';

type Plain = Record<string, unknown>;

const isPlain = (data: unknown): data is Plain =>
	typeof data === 'object' && data !== null && !Array.isArray(data);

/**
 * Version 2 added layers that can be off, subjects of weekdays, what rooms are made of, and rungs. A version 1
 * home had all layers on; everything else it leaves out has a default.
 */
function fromVersion1(home: Plain): Plain {
	const household = isPlain(home.household)
		? { layers: ['basics', 'weekly', 'zone', 'long'], ...home.household }
		: home.household;
	return { ...home, version: 2, household };
}

/** What version 2 told only by the words of a name: read from them once, never again. */
const WORDS_OF_ORDER: readonly (readonly [string, RegExp])[] = [
	['above-hob', /\b(hood|extractor|upper cupboards?|cupboard tops?)\b/],
	['hob', /\b(hob|cooktop|stove top|rings?)\b/],
	['dishes', /\bdish(es)?\b/],
	['sink', /\bsinks?\b/],
	['bins-out', /\bbins?\b.*\b(gate|out|outside)\b|\b(gate|out|outside)\b.*\bbins?\b/],
	['cloths', /\bcloths?\b.*\bwash\b|\bwash\b.*\bcloths?\b/]
];
const WORDS_OF_SHUT =
	/\b(inside|once through|cold box|fridge|freezer|larder|oven|drawers?|cupboards?|wardrobe|list|ash)\b/i;
const SHOWS_BY_SUBJECT: Readonly<Record<string, number>> = {
	cupboards: 0.1,
	appliances: 0.2,
	laundry: 0.2,
	bins: 0.3,
	pets: 0.3,
	safety: 0.1,
	admin: 0,
	paper: 0.4,
	walls: 0.6
};
const WORDS_OF_TOOLS: readonly (readonly [string, RegExp])[] = [
	['vacuum', /\bvacuum(?!ed)/i],
	['mop', /\bmop\b/i],
	['iron', /^iron the/i]
];

function stepFromVersion2(step: unknown): unknown {
	if (!isPlain(step) || step.appliance !== undefined || typeof step.text !== 'string') return step;
	const { text } = step;
	const tool = WORDS_OF_TOOLS.find(([, words]) => words.test(text));
	return tool ? { ...step, appliance: tool[0] } : step;
}

function depthsFromVersion2(depths: unknown): unknown {
	if (!isPlain(depths)) return depths;
	return Object.fromEntries(
		Object.entries(depths).map(([depth, what]) => [
			depth,
			isPlain(what) && Array.isArray(what.steps) ? { ...what, steps: what.steps.map(stepFromVersion2) } : what
		])
	);
}

/** Version 3 says of a job what version 2 left to the words of its name. */
function jobFromVersion2(job: unknown): unknown {
	if (!isPlain(job)) return job;
	const known = typeof job.library === 'string' ? FACTS_OF_LIBRARY[job.library] : undefined;
	const name = typeof job.name === 'string' ? job.name : '';
	const told = `${name} ${typeof job.subject === 'string' ? job.subject : ''}`.toLowerCase();
	const order = known
		? known.order
		: WORDS_OF_ORDER.filter(([, words]) => words.test(told)).map(([place]) => place);
	const bySubject = typeof job.subject === 'string' ? SHOWS_BY_SUBJECT[job.subject] : undefined;
	const shows = known ? known.shows : (bySubject ?? (WORDS_OF_SHUT.test(name) ? 0.2 : undefined));
	return {
		...(order && order.length > 0 ? { order } : {}),
		...(shows === undefined ? {} : { shows }),
		...(known?.errand ? { errand: true } : {}),
		...(known?.wholeHouse ? { wholeHouse: true } : {}),
		...(known ? { aloneFrom: known.aloneFrom } : {}),
		...job,
		...(known?.hidden ? { hidden: true } : {}),
		depths: depthsFromVersion2(job.depths)
	};
}

function fromVersion2(home: Plain): Plain {
	return {
		...home,
		version: 3,
		...(Array.isArray(home.jobs) ? { jobs: home.jobs.map(jobFromVersion2) } : {})
	};
}

const sameName = (a: unknown, b: unknown) =>
	typeof a === 'string' && typeof b === 'string' && a.trim().toLowerCase() === b.trim().toLowerCase();
const listOf = (data: unknown): unknown[] => (Array.isArray(data) ? data : []);

/** The rooms that a job of version 3 is done in. */
function roomsFromVersion3(job: Plain): Set<unknown> {
	const steps = Object.values(isPlain(job.depths) ? job.depths : {}).flatMap((depth) =>
		isPlain(depth) ? listOf(depth.steps).filter(isPlain) : []
	);
	return new Set([
		job.room,
		...listOf(job.rooms),
		...steps.flatMap((step) => (step.room === undefined ? [] : [step.room]))
	]);
}

/**
 * Version 4 names the things of the cupboard that a job needs by their ids, where version 3 found them by their names: of
 * several tools of one name the one for its room. What somebody has at hand follows. It says of a job, too, whether a week is
 * no week without it.
 */
function fromVersion3(home: Plain): Plain {
	const cupboard = isPlain(home.cupboard) ? home.cupboard : {};
	const tools = listOf(cupboard.tools).filter(isPlain);
	const products = listOf(cupboard.products).filter(isPlain);
	const thingFor = (need: unknown, rooms: ReadonlySet<unknown>): Plain | undefined => {
		const called = tools.filter((tool) => sameName(tool.name, need));
		return (
			called.find((tool) => tool.boundTo !== undefined && rooms.has(tool.boundTo)) ??
			called.find((tool) => tool.boundTo === undefined) ??
			called[0] ??
			products.find((product) => sameName(product.name, need))
		);
	};
	const withCore = (job: Plain): Plain =>
		typeof job.library === 'string' && CORE_OF_LIBRARY.includes(job.library) ? { core: true, ...job } : job;
	const jobFrom = (data: unknown): unknown => {
		if (!isPlain(data)) return data;
		const job = withCore(data);
		if (!Array.isArray(job.needs)) return job;
		const rooms = roomsFromVersion3(job);
		const found = job.needs.map((need: unknown) => ({ need, thing: thingFor(need, rooms) }));
		if (found.every(({ thing }) => thing === undefined)) return job;
		return {
			...job,
			needs: found.filter(({ thing }) => thing === undefined).map(({ need }) => need),
			things: [
				...new Set([...listOf(job.things), ...found.flatMap(({ thing }) => (thing ? [thing.id] : []))])
			]
		};
	};
	const memberFrom = (member: unknown): unknown => {
		if (!isPlain(member) || !Array.isArray(member.kit)) return member;
		const kit = member.kit.flatMap((word: unknown) => {
			const called = [...tools, ...products].filter((thing) => sameName(thing.name, word));
			return called.length > 0 ? called.map((thing) => thing.id) : [word];
		});
		return { ...member, kit: [...new Set(kit)] };
	};
	return {
		...home,
		version: 4,
		...(Array.isArray(home.jobs) ? { jobs: home.jobs.map(jobFrom) } : {}),
		...(Array.isArray(home.members) ? { members: home.members.map(memberFrom) } : {})
	};
}

const STEPS: Readonly<Record<number, (home: Plain) => Plain>> = {
	1: fromVersion1,
	2: fromVersion2,
	3: fromVersion3
};

/** The home in the present version. What is no home, or of an unknown version, comes back as it was. */
export function upgradeHome(data: unknown): unknown {
	let home = data;
	while (isPlain(home) && typeof home.version === 'number' && STEPS[home.version]) {
		home = (STEPS[home.version] as (home: Plain) => Plain)(home);
	}
	return home;
}
