/** What comes of a job as its editor has it now: its next dates, those that are no more, and which of them moves. */
import { addDays, type CivilDay } from '$core/calendar/civil';
import type { Job } from '$core/household/home';
import { datesBefore, movedFirst, trialDates, type TrialInput } from '$core/setup/trial';
import type { JobEditorView } from '$views/jobEditor';

export interface JobTrial {
	readonly dates: CivilDay[];
	readonly gone: CivilDay[];
	readonly moved: ReturnType<typeof movedFirst>;
}

export function trialOfView(view: JobEditorView, after: Job): JobTrial {
	const today = view.today as CivilDay;
	const input: TrialInput = {
		household: view.household,
		room: view.room,
		before: view.isNew ? null : view.job,
		// A job without a first day of its own began with the home; a new one has today as its first day already.
		after,
		versions: view.versions,
		projection: {
			series: new Map(view.projection ? [[view.projection.id, view.projection.line]] : []),
			zones: new Map(),
			home: []
		},
		pauses: view.pauses,
		today,
		zoneDays: view.zoneDays as CivilDay[]
	};
	const dates = trialDates(input);
	const now = new Set<number>(dates);
	const end = dates[dates.length - 1] ?? addDays(today, 60);
	const gone = datesBefore(input, 12).filter((day) => !now.has(day) && day <= end);
	return { dates, gone: gone.slice(0, 6), moved: movedFirst(input) };
}
