/** The words of pails: what each kind and each way of filling is called. */
import type { SessionKind } from '$core/session/kinds';

export const KIND_WORDS: Readonly<
	Record<SessionKind, { title: string; short: string; note: string | null }>
> = {
	bite: { title: 'A pail', short: 'a pail', note: null },
	basics: { title: 'The basics', short: 'the basics', note: null },
	round: {
		title: 'The weekly round',
		short: 'the weekly round',
		note: 'Each job stops at ten minutes, finished or not, and counts as done.'
	},
	zone: { title: 'A zone sitting', short: 'the sitting', note: null },
	clearing: { title: 'A clearing', short: 'the clearing', note: null },
	visitors: {
		title: 'They ring soon',
		short: 'the visit',
		note: 'Most seen first. As the time runs short, the last jobs are let lie.'
	},
	reset: { title: 'The kitchen for tonight', short: 'the reset', note: null },
	bigday: {
		title: 'A big day',
		short: 'the big day',
		note: 'From the top of the house down, with rests, and the laundry running underneath.'
	},
	detail: {
		title: 'A few deep things',
		short: 'the deep things',
		note: 'Four or five at most. Take out what you do not want.'
	}
};

export const OFFER_TITLES = {
	worth: 'Most worth',
	room: 'One room',
	longest: 'What waited longest',
	start: 'A start'
} as const;
