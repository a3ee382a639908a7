/** A plan as lanes of cloths and strings: what the strip and the list draw. */
import type { Plan, PlanInput } from '$core/planner/plan';
import type { CatalogueJob } from '$views/session';

export interface Cloth {
	readonly job: string;
	readonly step: number;
	readonly name: string;
	readonly text: string;
	readonly room: string;
	readonly weave: string | null;
	/** Minutes from the start. */
	readonly from: number;
	readonly to: number;
	readonly minutes: number;
	/** It only sets something going: bare weave, and the string says what it is. */
	readonly bare: boolean;
	readonly last: boolean;
	readonly wait: SlackString | null;
}

export interface SlackString {
	readonly label: string;
	readonly from: number;
	/** When it is fetched: at the start of the job's next step, or when the least time is over. */
	readonly to: number;
}

export interface LaneOfCloths {
	readonly who: string;
	readonly minutes: number;
	readonly cloths: readonly Cloth[];
}

/** Longest minutes of a step that shows as bare weave. */
const BARE = 2;

/** The lanes of a plan, one for each person, in the order of the input. */
export function lanesOf(
	input: PlanInput,
	plan: Plan,
	catalogue: Readonly<Record<string, CatalogueJob>>
): LaneOfCloths[] {
	return input.people.map((person) => {
		const cloths = plan.entries
			.filter((entry) => entry.person === person.id)
			.map((entry): Cloth => {
				const job = input.jobs.find((one) => one.id === entry.job);
				const step = job?.steps[entry.step];
				const words = catalogue[entry.job]?.steps[entry.step];
				const next = plan.entries.find((one) => one.job === entry.job && one.step === entry.step + 1);
				let wait: SlackString | null = null;
				if (words?.wait && step) {
					const to = next?.start ?? entry.end + (step.waitMin ?? 0);
					wait = { label: words.wait, from: entry.end, to };
				}
				return {
					job: entry.job,
					step: entry.step,
					name: catalogue[entry.job]?.name ?? '',
					text: words?.text ?? '',
					room: words?.roomName ?? '',
					weave: words?.weave ?? null,
					from: entry.start,
					to: entry.end,
					minutes: entry.end - entry.start,
					bare: step !== undefined && step.class === 0 && entry.end - entry.start < BARE,
					last: next === undefined,
					wait
				};
			});
		return {
			who: person.id,
			minutes: cloths.reduce((sum, cloth) => sum + cloth.minutes, 0),
			cloths
		};
	});
}

/** A string as it hangs under its lane. */
export interface HungString {
	/** Row under the lane, from 0: no string of a row crosses another's words or plate. */
	readonly row: number;
	/** Where its words stand, in pixels from the prop. */
	readonly label: number;
}

/** Pixels of a letter of a label, of the space about a label, and of half a plate with an hour in it. */
const LETTER = 7.8;
const ABOUT = 12;
const HALF_PLATE = 36;
const BETWEEN = 8;

/**
 * Hangs the strings of a lane so that their words are whole: between string and plate where there is room, else before
 * the plate past the string's begin, else behind the plate. `place` gives pixels from the prop for minutes.
 */
export function hangStrings(
	strings: readonly SlackString[],
	place: (minutes: number) => number
): HungString[] {
	const drawn = strings.map(({ label, from, to }) => {
		const [begin, plate] = [place(from), place(to)];
		const width = label.length * LETTER + ABOUT;
		const before = plate - HALF_PLATE - width;
		const at = before >= begin ? begin + (before - begin) / 2 : before >= 0 ? before : plate + HALF_PLATE;
		return { at, left: Math.min(begin, at), right: Math.max(plate + HALF_PLATE, at + width) };
	});
	const ends: number[] = [];
	const rows = new Map<number, number>();
	const order = drawn.map((_, i) => i).sort((a, b) => (drawn[a]?.left ?? 0) - (drawn[b]?.left ?? 0) || a - b);
	for (const i of order) {
		const { left, right } = drawn[i] as (typeof drawn)[number];
		let row = ends.findIndex((end) => end + BETWEEN <= left);
		if (row < 0) row = ends.length;
		ends[row] = right;
		rows.set(i, row);
	}
	return drawn.map(({ at }, i) => ({ row: rows.get(i) ?? 0, label: at }));
}
