/** Kits and tools. */
import { capital, listNames, plural } from '../general';

export const KITS = {
	title: 'Kits and tools',
	kits: 'Kits',
	tools: 'Tools and cloths',
	addKit: 'New kit',
	addTool: 'New tool',
	name: 'Name',
	letter: 'Letter',
	weave: 'Pattern',
	place: 'Lives where',
	rooms: 'For which rooms',
	roomsHelp: 'None: it goes through the whole home.',
	contents: 'What is in it',
	boundTo: 'Only for one room',
	anyRoom: 'any room',
	hotWash: 'Goes into the hot wash',
	jobs: (n: number) => (n === 0 ? 'Jobs that need it' : `Jobs that need it: ${n}`),
	jobIn: (job: string, room: string) => `${job}, ${room}`,
	only: (room: string) => `only for ${room}`,
	washWords: 'hot wash after',
	save: 'Save',
	remove: 'Remove it',
	/** "For Bathroom and Toilet: gloves and a brush"; a kit that is called like its only room says the room once. */
	holds: (kit: string, rooms: readonly string[], things: readonly string[]) => {
		const what = things.length === 0 ? 'empty' : listNames(things);
		if (rooms.length === 1 && rooms[0] === kit) return capital(what);
		return rooms.length === 0 ? `For the whole home: ${what}` : `For ${listNames(rooms)}: ${what}`;
	},
	things: (n: number) => `${n} ${plural(n, 'thing')}`,
	/** The marks of two kits, drawn where there is none yet. */
	drawn: [
		{ letter: 'K', weave: 'check' },
		{ letter: 'B', weave: 'waffle' }
	],
	noKits: 'No kit yet',
	noKitsLine: 'Make one for the kitchen and one for the bathroom, each with what lives in it.',
	noTools: 'No tools yet',
	noToolsLine: 'A toilet brush that goes nowhere else is a good first one.'
} as const;
