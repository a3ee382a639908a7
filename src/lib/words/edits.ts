/** The wording of changes of the home: what they do beside themselves, and why one is refused. */
import type { EditRefusal, Effect } from '$core/setup/edit';
import type { NeverOn } from '$core/schedule/zonesNeverOn';
import { listNames, lowerNumber, numberWord, plural } from './general';

export function editRefusalText(refusal: EditRefusal): string {
	switch (refusal.code) {
		case 'unknown':
			return `That ${refusal.what} is not in this home any more. Reload the page and choose another.`;
		case 'none-chosen':
			return 'Choose at least one job.';
		case 'no-weekday':
			return 'None of these jobs comes every week, so none has a weekday. Choose weekly jobs, or change how often they come first.';
		case 'same-week':
			return 'That is the same week. Choose another one.';
		case 'week-over':
			return 'A week that is over stays as it was. Choose this week or a later one.';
		case 'no-zone-then':
			return 'One of the two weeks has no zone. Choose a week that has one.';
		case 'last-room':
			return 'A home keeps at least one room. Add another before this one goes.';
		case 'last-organiser':
			return 'Nobody else organises this home. Make somebody else an organiser first.';
		case 'child-without-birthday':
			return 'When was this child born? Say it under "What to know" first: jobs and products are given by age.';
		case 'too-many-zones':
			return 'There are as many zones as there can be. Remove one before adding another.';
		case 'same':
			return 'It is like that already.';
		case 'has-it':
			return `${refusal.room} has this job already.`;
		case 'problems': {
			const [first] = refusal.problems;
			return first ? `${first.at}: ${first.says}` : 'This home cannot be saved so.';
		}
	}
}

const items = (n: number) => `${numberWord(n)} deep ${plural(n, 'job')}`;

/** The field that a refusal speaks of, and what to say beside it: nothing where it speaks of no single field. */
export function refusedField(refusal: EditRefusal): { readonly field?: string; readonly says?: string } {
	const first = refusal.code === 'problems' ? refusal.problems[0] : undefined;
	return first?.field ? { field: first.field, says: first.says } : {};
}

/** One sentence an effect. */
export function effectText(effect: Effect): string {
	switch (effect.code) {
		case 'items-move':
			return `${items(effect.count)} ${effect.count === 1 ? 'goes' : 'go'} to the end of the list of ${effect.to}.`;
		case 'items-float':
			return `${items(effect.count)} ${effect.count === 1 ? 'comes' : 'come'} 60 to 90 days after ${effect.count === 1 ? 'it was' : 'they were'} last done instead.`;
		case 'jobs-retire':
			return `${numberWord(effect.count)} ${plural(effect.count, 'job')} ${effect.count === 1 ? 'is removed' : 'are removed'}: ${listNames(effect.names)}${effect.count > effect.names.length ? ` and ${lowerNumber(effect.count - effect.names.length)} more` : ''}.`;
		case 'jobs-without-product':
			return `${numberWord(effect.count)} ${plural(effect.count, 'job')} ${effect.count === 1 ? 'keeps' : 'keep'} what kind of product ${effect.count === 1 ? 'it needs' : 'they need'}, and ${effect.count === 1 ? 'names' : 'name'} none of the cupboard: ${listNames(effect.names)}${effect.count > effect.names.length ? ` and ${lowerNumber(effect.count - effect.names.length)} more` : ''}.`;
		case 'jobs-to-others':
			return `${numberWord(effect.count)} ${plural(effect.count, 'job')} that ${effect.count === 1 ? 'names' : 'name'} them ${effect.count === 1 ? 'goes' : 'go'} to the others: ${listNames(effect.names)}${effect.count > effect.names.length ? ` and ${lowerNumber(effect.count - effect.names.length)} more` : ''}.`;
		case 'jobs-move':
			return `${numberWord(effect.count)} ${plural(effect.count, 'job')} ${effect.count === 1 ? 'moves' : 'move'} to ${effect.to}.`;
		case 'jobs-come':
			return `${effect.room} comes with ${effect.count === 0 ? 'no jobs' : `${lowerNumber(effect.count)} ${plural(effect.count, 'job')}`} and what was done there. It is in no zone yet.`;
		case 'rooms-without-zone':
			return `${numberWord(effect.count)} ${plural(effect.count, 'room')} will be in no zone.`;
		case 'rooms-move':
			return `${numberWord(effect.count)} ${plural(effect.count, 'room')} ${effect.count === 1 ? 'goes' : 'go'} to ${effect.to}.`;
		case 'stay-as-they-are':
			return `${effect.names.slice(0, 3).join(', ')}${effect.count > 3 ? ` and ${effect.count - 3} more` : ''} ${effect.count === 1 ? 'does' : 'do'} not come every week and ${effect.count === 1 ? 'stays as it is' : 'stay as they are'}.`;
		case 'numbers-shift':
			return 'The numbers of the zones after it shift, and with them the weeks they fall on.';
		case 'history-stays':
			return 'What was done stays in History.';
		case 'passes-begin-anew':
			return `The list of ${effect.zone} begins anew.`;
	}
}

/** Zones that have jobs and no day, in one sentence; none where there is none. */
export function neverOnWords(zones: readonly NeverOn[]): string[] {
	if (zones.length === 0) return [];
	const one = zones.length === 1;
	const jobs = zones.reduce((sum, { jobs }) => sum + jobs, 0);
	const theirs = `${one ? 'its' : 'their'} ${jobs === 1 ? 'deep job does' : `${lowerNumber(jobs)} deep jobs do`} not come up`;
	return [
		`${listNames(zones.map(({ zone }) => zone.name))} ${one ? 'has' : 'have'} no day, so ${theirs}. Give ${one ? 'it' : 'each'} a day under “Cleaning days and house rules”, or move ${one ? 'its' : 'their'} rooms to another zone.`
	];
}
