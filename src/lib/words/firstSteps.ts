/** What the first steps say of what the days do not hold. */
import { numberWord } from './general';

export const LEFT_OUT = {
	says: 'Work of the whole house is in, the rest by how much it matters. What is left waits in the library; take it in when you like.',
	which: 'Which ones',
	takeAll: 'Take them in all the same',
	onlyWhatFits: 'Only what the days hold',
	morePeople: 'Add somebody who helps'
} as const;

/** "Four jobs do not fit into your days" */
export const leftOutTitle = (count: number): string =>
	count === 0
		? 'Everything is in, though the days do not hold it'
		: `${numberWord(count)} ${count === 1 ? 'job does' : 'jobs do'} not fit into your days`;

/** "Vacuum the study, Study: 12 min a week" */
export const leftOutLine = (one: {
	readonly name: string;
	readonly room: string;
	readonly minutes: number;
}): string => `${one.name}, ${one.room}: ${one.minutes < 1 ? 'under 1' : one.minutes} min a week`;

export const longerDays = (minutes: number): string => `Plan ${minutes} minutes a day`;
