/** The words of pails: what each kind is called, why an offer is as it is, and why a job hangs aside. */
import { lowerNumber, numberWord, plural } from '$ui/words';
import type { DayLine } from '$core/routine/readDay';
import type { Filling, PailOffer } from '$core/session/fill';
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

/** Why this way of filling: one or two short sentences. */
export function offerWhy(offer: PailOffer, filled: Filling, roomName: (id: string) => string): string {
	if (offer.plan.entries.length === 0) return 'Nothing on the line is for this pail.';
	if (offer.name === 'start') return 'Nothing fits whole. This is a start; the bell stops you.';
	const planned = [...new Set(offer.plan.entries.map((entry) => entry.job))];
	const lines = planned.flatMap((id) => filled.lineOf.get(id) ?? []);
	const late = lines.filter((line) => line.state === 'late').length;
	if (offer.name === 'room')
		return `Only the ${roomName(offer.about ?? '')}: ${lowerNumber(planned.length)} ${plural(planned.length, 'job')}, no stairs.`;
	if (offer.name === 'longest') {
		const line = filled.lineOf.get(offer.about ?? '') as DayLine | undefined;
		return `${line?.line.job.name ?? ''} first of all, then what still fits.`;
	}
	const rooms = new Set(
		offer.input.jobs
			.filter((job) => planned.includes(job.id))
			.flatMap((job) => job.steps.map((step) => step.room))
	);
	const soaks = offer.plan.entries.filter((entry) => {
		const steps = offer.input.jobs.find((job) => job.id === entry.job)?.steps ?? [];
		const step = steps[entry.step];
		return step !== undefined && (step.waitMin ?? 0) > 0 && entry.step < steps.length - 1;
	}).length;
	return [
		rooms.size === 1
			? `All in the ${roomName([...rooms][0] as string)}.`
			: `In ${lowerNumber(rooms.size)} rooms.`,
		late > 0 ? `${late === 1 ? 'One is' : `${numberWord(late)} are`} late.` : '',
		soaks > 0 ? `${soaks === 1 ? 'A soak works' : `${numberWord(soaks)} soaks work`} meanwhile.` : ''
	]
		.filter(Boolean)
		.slice(0, 3)
		.join(' ');
}
