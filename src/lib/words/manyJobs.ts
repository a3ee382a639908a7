/** The words of the table in which many jobs are changed at once. */

export const MANY = {
	title: 'All jobs',
	lead: 'Choose some, then say what changes for all of them.',
	back: 'Back to House',
	table: 'All jobs of the home',
	all: 'Choose all that are shown',
	find: 'Find',
	findHolder: 'a name or a room',
	columns: {
		name: 'Job',
		room: 'Room',
		layer: 'Part of the work',
		often: 'How often',
		who: 'Who',
		minutes: 'Minutes'
	},
	what: 'Change',
	whats: [
		{ value: 'who', label: 'Who does them' },
		{ value: 'weekday', label: 'Weekday' },
		{ value: 'layer', label: 'Part of the work' },
		{ value: 'room', label: 'Room' },
		{ value: 'retire', label: 'Remove them' }
	],
	to: 'To',
	shared: 'shared out fairly',
	free: 'whoever comes first',
	change: (count: number) => (count === 1 ? 'Change one job' : `Change ${count} jobs`),
	remove: (count: number) => (count === 1 ? 'Remove one job' : `Remove ${count} jobs`),
	saved: 'Saved. It holds from today.',
	removed: 'Removed. What was done of them stays in History.',
	noneShown: 'No job is called so.',
	unit: '\u00a0min',
	none: 'No jobs yet',
	noneLine: 'The library has the usual jobs of a home, room by room. What you add stands here.',
	toLibrary: 'Open the library',
	chooseTo: 'Say what it changes to.'
} as const;
