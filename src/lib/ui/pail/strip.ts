/** A plan as lanes of cloths and strings: what the strip and the list draw. */
import type { Plan, PlanInput } from '$core/session/plan';
import type { CatalogueJob } from './view';

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
	/** Row under the lane, from 0: strings do not cross a plate. */
	readonly row: number;
}

export interface LaneOfCloths {
	readonly who: string;
	readonly minutes: number;
	readonly cloths: readonly Cloth[];
	readonly rows: number;
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
		const taken: number[] = [];
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
					let row = taken.findIndex((until) => until <= entry.end);
					if (row < 0) row = taken.length;
					taken[row] = to + 4;
					wait = { label: words.wait, from: entry.end, to, row };
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
			cloths,
			rows: taken.length
		};
	});
}
