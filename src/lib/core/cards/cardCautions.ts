/** What to mind on a side of a card. Rules: "Care with products". */
import type { Job } from '../household/jobSchema';
import type { Series } from '../schedule/preparedHome';
import type { CardCaution, JobCaution } from './card';
import type { Week } from './cardWeek';

/** What to mind with some jobs: a danger before what is only to be minded, and what is said of several of them once. */
export function cautionsOf({ cautionsOf: ofJob }: Week, lines: readonly Series[]): CardCaution[] {
	const written = (job: Job): JobCaution[] => job.cautions.map((one) => ({ ...one, grave: true }));
	const said = lines.flatMap(({ job }) =>
		(ofJob ? ofJob(job) : written(job)).map((one) => ({ ...one, id: job.id, name: job.name }))
	);
	const one = new Map<string, CardCaution>();
	for (const { headline, text, id, name } of [
		...said.filter((care) => care.grave),
		...said.filter((care) => !care.grave)
	]) {
		const key = `${headline} ${text}`;
		const of = one.get(key)?.of ?? [];
		// A job of several lines is said once.
		one.set(key, { headline, text, of: of.some((other) => other.id === id) ? of : [...of, { id, name }] });
	}
	return [...one.values()];
}
