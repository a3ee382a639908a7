/** A job for one day, from what has to be said of it. Rules: "Recurrence". */
import { z } from 'zod';
import { isoDate, name, uuid } from '../household/fields';
import type { Home } from '../household/home';
import { blankJob } from './blankJob';
import type { Edit } from './edit';
import { saveJob } from './editJobs';
import { freeId } from './library';

export const onceJobSchema = z.object({
	/** Of the change of the home: sent twice it counts once. */
	id: uuid,
	name: name.max(80, 'A name has at most 80 letters.'),
	date: isoDate,
	/** A member; empty: whoever comes first. */
	who: z.string().max(60).default(''),
	minutes: z.coerce
		.number('Minutes are a number, such as 15.')
		.gt(0, 'Minutes are more than 0.')
		.max(1440, 'Minutes are at most 1440, a whole day.'),
	room: z.string().max(60)
});

export type OnceJob = z.infer<typeof onceJobSchema>;

/** A sentence for the field that cannot be so. */
export interface OnceRefusal {
	readonly field: 'date' | 'who' | 'room';
	readonly says: string;
}

/**
 * Adds the job to the home: due on its day alone, kept until it is done. `today` is YYYY-MM-DD. Refuses a day that is
 * past, and people and rooms that are not in the home.
 */
export function addOnceJob(
	home: Home,
	said: Omit<OnceJob, 'id'>,
	today: string
): { readonly edit: Edit } | { readonly refusal: OnceRefusal } {
	if (said.date < today)
		return { refusal: { field: 'date', says: 'That day is past. Choose today or a day to come.' } };
	if (!home.rooms.some((room) => room.id === said.room))
		return { refusal: { field: 'room', says: 'That room is not in this home any more. Choose another.' } };
	if (said.who !== '' && !home.members.some((member) => member.id === said.who && member.role !== 'device'))
		return {
			refusal: { field: 'who', says: 'That person does not live here. Choose somebody of this home.' }
		};
	const minutes = Math.max(0.5, Math.round(said.minutes * 2) / 2);
	const job = blankJob(
		{
			id: freeId(said.name, new Set(home.jobs.map((one) => one.id))),
			name: said.name,
			room: said.room,
			layer: 'weekly',
			cadence: { type: 'once', date: said.date },
			missRule: 'stays'
		},
		said.name,
		minutes
	);
	return {
		edit: saveJob(home, {
			...job,
			startsOn: today,
			who: said.who === '' ? job.who : { mode: 'fixed', members: [said.who] }
		})
	};
}
