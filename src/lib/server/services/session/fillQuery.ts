/** What an address or a form asks of a pail: kind, minutes, people, what is in and out. */
import { FILL_QUERY_SAYS } from '$words/answers/session';
import { depth, type Depth } from '$core/household/fields';
import { SESSION_KINDS } from '$core/session/kinds';
import { TOGETHER } from '$core/session/together';
import { z } from 'zod';

/** Minutes asked for: more than none, at most ten hours; what cannot be read is refused with words. */
export const minutesAsked = z.coerce
	.number(FILL_QUERY_SAYS.minutesAreANumberSuch)
	.min(1, FILL_QUERY_SAYS.aSessionTakesAtLeast)
	.max(600, FILL_QUERY_SAYS.aSessionTakesAtMost);

const ids = z
	.string()
	.max(4000)
	.transform((text) => text.split(',').filter(Boolean).slice(0, 80))
	.catch([]);

/** Left out and not understood are the same: null. */
const orNull = <T extends z.ZodType>(schema: T) =>
	schema
		.nullish()
		.catch(null)
		.transform((value): z.output<T> | null => value ?? null);

/** A switch of an address: on with `1`. */
const flag = z
	.unknown()
	.optional()
	.transform((value) => value === '1');

/** `job:deep,other:quick`: what is not understood is left out. */
const depthsOfJobs = z
	.string()
	.max(4000)
	.transform(
		(text): ReadonlyMap<string, Depth> =>
			new Map(
				text.split(',').flatMap((one): [string, Depth][] => {
					const at = one.lastIndexOf(':');
					const read = depth.safeParse(one.slice(at + 1));
					return at > 0 && read.success ? [[one.slice(0, at), read.data]] : [];
				})
			)
	)
	.catch(new Map());

/** The depths of single jobs, as one word of an address. */
export const depthsWord = (depths: ReadonlyMap<string, Depth>): string =>
	[...depths].map(([line, chosen]) => `${line}:${chosen}`).join(',');

/** What an address or a form asks for; words that mean nothing are as if they were left out. */
const askedSchema = z.object({
	kind: z.enum(SESSION_KINDS).catch('bite'),
	minutes: orNull(z.string().max(20)),
	for: orNull(z.string().max(60)),
	with: ids,
	in: ids,
	out: ids,
	how: orNull(z.enum(TOGETHER)),
	choice: z.enum(['worth', 'room', 'longest', 'start']).catch('worth'),
	rooms: orNull(ids),
	/** `1`, for a round: the sitting of the zone follows in the same session. */
	sitting: flag,
	/** `1`: filled to the brim, without a margin. */
	brim: flag,
	/** `1`: with what belongs to a later part of the day. */
	later: flag,
	/** How thoroughly; left out: as the day and each job have it. */
	depth: orNull(z.enum(['quick', 'deep'])),
	/** How thoroughly single jobs are done: these go before all else. */
	depths: depthsOfJobs,
	/** Floors last of all, or with their rooms; left out: as the home says. */
	floors: orNull(z.enum(['at-end', 'with-room'])),
	spot: orNull(z.string().trim().max(80))
});

export type Query = z.infer<typeof askedSchema>;

export function readQuery(params: Iterable<[string, unknown]>): Query {
	const all: Record<string, unknown> = Object.fromEntries(params);
	const lists = ['with', 'in', 'out', 'depths'].map((key) => [key, all[key] ?? '']);
	const kind = all.kind ?? (all.zone === '1' ? 'zone' : 'bite');
	return askedSchema.parse({ ...all, ...Object.fromEntries(lists), kind });
}

/** The address of this page with some of what it asks for changed. */
export function hrefOf(query: Query, minutes: number, changes: Partial<Record<keyof Query, string>>): string {
	const params = new URLSearchParams();
	const put = (key: keyof Query, value: string | null | undefined) => {
		if (value) params.set(key, value);
	};
	put('kind', query.kind === 'bite' ? null : query.kind);
	put('minutes', String(minutes));
	put('for', query.for);
	put('with', query.with.join(','));
	put('how', query.how);
	put('in', query.in.join(','));
	put('out', query.out.join(','));
	put('rooms', query.rooms?.join(','));
	put('brim', query.brim ? '1' : null);
	put('later', query.later ? '1' : null);
	put('floors', query.floors);
	put('depth', query.depth);
	put('depths', depthsWord(query.depths));
	put('sitting', query.sitting ? '1' : null);
	put('choice', query.choice === 'worth' ? null : query.choice);
	for (const [key, value] of Object.entries(changes)) {
		if (value) params.set(key, value);
		else params.delete(key);
	}
	return `/timer?${params}`;
}
