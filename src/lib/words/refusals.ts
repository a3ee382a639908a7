/** The wording of refusals: what is wrong, and what to do. */
import type { Refusal } from '$core/schedule/checkEntry';
import { longDate } from './general';

export function refusalText(refusal: Refusal): string {
	switch (refusal.code) {
		case 'job-gone':
			return `The job "${refusal.job}" is not in this home any more. Go back to Today and choose another.`;
		case 'part-unknown':
			return `The job "${refusal.job}" has no such part of the day. Go back to Today and choose it there.`;
		case 'member-unknown':
			return `"${refusal.member}" does not live here. Choose somebody of this home.`;
		case 'zone-unknown':
			return `There is no zone "${refusal.zone}" here. Choose one of this home.`;
		case 'target-unknown':
			return `There is no "${refusal.target}" here to pause. Choose one of this home.`;
		case 'date-ahead':
			return `${longDate(refusal.date)} is still to come. Write down what was done on its day, or earlier.`;
		case 'date-far':
			return `${longDate(refusal.date)} is too far off. Choose a date within three years.`;
		case 'not-moved':
			return `A job cannot move back to ${longDate(refusal.date)}. Choose today or a day to come.`;
		case 'undo-unknown':
			return 'That entry is not in this home’s history. Find it in History and undo it there.';
		case 'variant-unknown':
			return `"${refusal.variant}" is none of the things this job alternates between. Leave it out.`;
		case 'depth-unknown':
			return `This job has no ${refusal.depth} version. Choose another depth.`;
		case 'rung-unknown':
			return 'This job has no such part any more. Reload the page and choose another.';
	}
}
