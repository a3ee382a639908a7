/** The words of Schedule. */

/** Exchanging two weeks of the zones. */
export const SWAP = {
	open: 'Swap two weeks',
	title: 'Swap two weeks of the zones',
	help: 'The two weeks exchange their zone, its jobs and its cards. Jobs with days of their own stay where they are.',
	week: 'This week',
	with: 'Gets the zone of',
	how: 'How',
	hows: [
		{ value: 'once', label: 'Only these two weeks' },
		{ value: 'on', label: 'All zones move, from this week on' }
	],
	weekOf: (date: string, zone: string) => `Week of ${date}: ${zone}`,
	noZone: 'no zone',
	save: 'Swap',
	standing: 'Swapped so far',
	swap: (a: string, b: string) => `Week of ${a} and week of ${b}`,
	shift: (from: string, places: number) =>
		`From the week of ${from} on, ${places === 1 ? 'one zone' : `${places} zones`} later`,
	back: 'Take back',
	chooseBoth: 'Choose both weeks.',
	swapped: 'Swapped. Both weeks have each other’s zone.',
	shifted: 'Moved. The zones follow from that week on.',
	takenBack: 'Taken back. The zones come as before.'
} as const;
