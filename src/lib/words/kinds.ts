/** What a running session is called, by its kind. */
import type { SessionKind } from '$core/session/kinds';

export const KIND_TITLES: Readonly<Record<SessionKind, string>> = {
	bite: 'Pail',
	basics: 'Basics',
	round: 'Weekly round',
	zone: 'Zone sitting',
	clearing: 'Clearing',
	visitors: 'Before they ring: a pail',
	reset: 'Kitchen for tonight: a pail',
	bigday: 'Big day',
	detail: 'Deep things'
};
