/** What the screens of today say: one group a screen or part. What several share stands in the files above. */
import type { Shown } from './shown';

export const TODAY_DONE_OF_TODAY = {
	paused: 'paused',
	more: (count: Shown) => `${count} more`,
	minLeft: (minutesLeft: Shown) => `${minutesLeft} min left`
} as const;

export const TODAY_JOB_SHEET = {
	theDeepOne: ', the deep one',
	min: (minutes: Shown, theDeepOne: Shown) => `· ${minutes} min${theDeepOne}`,
	then: (wait: Shown) => `· then ${wait}`,
	tools: (names: readonly string[]) => `· ${names.join(', ')}`,
	minOf: (minutes: Shown) => `${minutes} min`,
	minWith: (minutes: Shown) => `, ${minutes} min`
} as const;

export const TODAY_KEY_LIST = {
	useTheseKeys: 'Use these keys'
} as const;

export const TODAY_LINE = {
	whatIsToDo: 'What is to do'
} as const;

export const TODAY_MOVE_TO_DAY = {
	toWhichDay: 'To which day'
} as const;

export const TODAY_NEXT_TOWEL = {
	/** It stays on the line of its number. */
	min: '\u00a0min',
	forIt: (whoName: Shown) => `, for ${whoName}`
} as const;

export const TODAY_ROW = {
	/** It stays on the line of its number. */
	min: '\u00a0min'
} as const;

export const TODAY_SITTING_ROW = {
	/** It stays on the line of its number. */
	min: '\u00a0min'
} as const;

export const TODAY_HOW_MANY = {
	minutes: (minutes: Shown) => `${minutes} minutes`
} as const;

export const TODAY_PAST_DAY = {
	min: (minutes: Shown) => `${minutes} min`
} as const;

export const TODAY_ZONE_OF_WEEK = {
	min: (minutes: Shown) => `${minutes} min`
} as const;

export const PAGE = {
	pailRound: (title: Shown) => `${title} · Pail Round`
} as const;

export const TODAY_STRINGS = {
	tooLong: 'now, it has waited too long',
	readyInMinutes: (minutes: Shown) => `ready in ${minutes} min`,
	readyInHours: (hours: Shown) => `ready in ${hours} h`,
	seeToItNow: 'see to it now'
} as const;
