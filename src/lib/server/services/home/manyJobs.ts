/** Many jobs are changed at once. */
import { LAYERS } from '$core/household/home';
import { changeJobs, type JobsChange } from '$core/setup/manyJobs';
import { MANY } from '$words/manyJobs';
import { editHome } from './editHome';

/** What a form asks to change, and to what; null where that means nothing. */
function changeOf(what: string, to: string): JobsChange | null {
	switch (what) {
		case 'retire':
			return { what };
		case 'who':
			return to === 'shared' || to === 'free'
				? { what, mode: to }
				: to
					? { what: 'member', member: to }
					: null;
		case 'weekday': {
			const weekday = ([1, 2, 3, 4, 5, 6, 7] as const).find((day) => String(day) === to);
			return weekday ? { what, weekday } : null;
		}
		case 'layer': {
			const layer = LAYERS.find((one) => one === to);
			return layer ? { what, layer } : null;
		}
		case 'room':
			return to ? { what, room: to } : null;
		default:
			return null;
	}
}

export function editMany(household: string, form: FormData) {
	return editHome(
		household,
		form,
		({ home, text, list }) => {
			const change = changeOf(text('what'), text('to'));
			return change ? changeJobs(home, list('job'), change) : MANY.chooseTo;
		},
		({ text }) => (text('what') === 'retire' ? MANY.removed : MANY.saved)
	);
}
