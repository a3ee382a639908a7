/** What a running session is called, by its kind. */
import type { SessionKind } from '$core/session/kinds';

export const KIND_TITLES: Readonly<Record<SessionKind, string>> = {
	bite: 'Session',
	basics: 'Daily routine',
	round: 'Weekly quick clean',
	zone: 'Zone jobs',
	clearing: 'Decluttering',
	visitors: 'Before visitors: a session',
	reset: 'Evening kitchen: a session',
	bigday: 'Whole house in a day',
	detail: 'Deep cleaning'
};
