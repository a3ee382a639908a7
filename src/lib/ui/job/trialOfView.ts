/** What comes of a job as its editor has it now. */
import type { CivilDay } from '$core/calendar/civil';
import type { Job } from '$core/household/home';
import { tryJob, type JobTrial } from '$core/setup/trial';
import type { JobEditorView } from '$views/jobEditor';

export const trialOfView = (view: JobEditorView, after: Job): JobTrial =>
	tryJob({
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
		today: view.today as CivilDay,
		zoneDays: view.zoneDays as CivilDay[]
	});
