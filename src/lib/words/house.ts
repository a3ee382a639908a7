/** The words of House: rooms, zones, and the parts of the work that are switched on one after the other. */
import type { DateOrder, Layer, Units } from '$core/household/home';

export const LAYER_NAMES: Readonly<Record<Layer, string>> = {
	basics: 'Daily routine',
	weekly: 'Weekly jobs',
	zone: 'Zone jobs',
	long: 'Monthly and yearly jobs'
};

/** How the home writes, among the house rules. */
export const WRITING: {
	readonly dates: Readonly<Record<DateOrder, string>>;
	readonly units: Readonly<Record<Units, string>>;
} = {
	dates: {
		dayFirst: '25 March (25/03)',
		monthFirst: 'March 25 (03/25)',
		yearFirst: 'March 25 (2027-03-25)'
	},
	units: { metric: 'millilitres and litres', cups: 'cups and spoons' }
};

/** A room that goes along to another home. */
export const ALONG = {
	open: 'Take it along to another home',
	to: 'To',
	act: 'Take it along …',
	about: 'Its jobs and what was done in it are copied there. Nothing changes here.',
	chooseHome: 'Choose one of the other homes that you organise.',
	done: (room: string, home: string) => `${room} is in ${home} now, with its jobs and what was done there.`
};

/** Wherever a job shows whose part of the work is switched off. */
export const LAYER_OFF = {
	starts: (layer: Layer) =>
		`Starts when the ${LAYER_NAMES[layer].toLowerCase()} ${layer === 'basics' ? 'is' : 'are'} on. Until then nothing of it is due.`,
	short: (layer: Layer) => `when the ${LAYER_NAMES[layer].toLowerCase()} are on`,
	turnOn: (layer: Layer) => `Turn on ${LAYER_NAMES[layer].toLowerCase()}`,
	mayCome: (layer: Layer) =>
		`What is on has held for two weeks. The ${LAYER_NAMES[layer].toLowerCase()} can come next, when you like.`,
	saved: (layer: Layer) => `Saved. It starts when the ${LAYER_NAMES[layer].toLowerCase()} are on.`
} as const;

export const ZONE_PAGE = {
	jobs: 'The zone’s jobs',
	jobsInOrder: 'The zone’s jobs, in order',
	ofRooms: 'Jobs of its rooms',
	ofRoomsHelp: 'They come on this zone’s own day, every week or in their week of the month.',
	extra: 'Deeper jobs, one after the other'
} as const;

/** The library of jobs. */
export const LIBRARY = {
	all: 'all of it',
	missing: 'what you do not have yet',
	only: 'Which of it',
	had: 'You have it',
	then: ', ',
	hadIn: (had: number, rooms: number) => `You have it in ${had} of ${rooms} rooms`,
	count: (jobs: number, had: number) => `${jobs} jobs, ${had} of them in your home`,
	section: (jobs: number, had: number) =>
		had === 0
			? `${jobs} ${jobs === 1 ? 'job' : 'jobs'}`
			: `${jobs} ${jobs === 1 ? 'job' : 'jobs'}, you have ${had}`
};
