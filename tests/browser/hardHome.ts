/** Homes that are hard to draw: long, short, foreign and twin names, nine people, forty jobs on a day; and one with nothing. */
import { readFileSync } from 'node:fs';

interface Named {
	id: string;
	name: string;
}
interface HomeFile {
	rooms: Named[];
	zones: (Named & { list: string[] })[];
	members: (Named & { role: string; dislikes?: string[] })[];
	cupboard: {
		products: Named[];
		tools: Named[];
		kits: (Named & { contents: string[] })[];
		poisonCentre: string;
	};
	jobs: (Named & { layer: string; cadence: { type: string }; missRule: string })[];
}

const PEOPLE = [
	'Bartholomew Featherstonehaugh-Montgomery',
	'Bartholomew Featherstonehaugh-Montgomery',
	'Wilhelmina Konstantinopoulou-Abercrombie',
	'Al',
	'مريم عبد الرحمن آل سعيد الهاشمي',
	'Łucja Świętosławska-Brzęczyszczykiewicz',
	'Jo'
];
const ROOM = 'The long upstairs landing by the back do';
const JOB = 'Unaufschiebbare Treppenhausgrundreinigung';
const LONG = 40;

const demo = (): HomeFile => JSON.parse(readFileSync('demo/station-house.json', 'utf8')) as HomeFile;

export function hardHome(): HomeFile {
	const home = demo();
	const people = home.members.filter((one) => one.role !== 'device');
	people.forEach((one, i) => (one.name = (PEOPLE[i] ?? one.name).slice(0, LONG)));
	const pattern = people.find((one) => one.role === 'adult') as HomeFile['members'][number];
	for (let n = people.length; n < 9; n++)
		home.members.push({ ...pattern, id: `more-${n}`, name: (PEOPLE[0] as string).slice(0, LONG) });
	home.rooms.push({ ...(home.rooms[0] as Named), id: 'one-more-room' });
	home.rooms.forEach((room, i) => (room.name = i % 4 === 0 ? ROOM : room.name));
	home.jobs.forEach((job, i) => (job.name = i % 2 === 1 ? `${JOB} ${i}`.slice(0, 60) : job.name));
	// Forty on one day: what comes once a week comes on each.
	let onADay = 0;
	for (const job of home.jobs)
		if (job.layer === 'weekly' && job.cadence.type === 'weekly' && onADay++ < 26)
			Object.assign(job.cadence, { weekdays: [1, 2, 3, 4, 5, 6, 7] });
	const { products, tools, kits } = home.cupboard;
	for (const things of [products, tools, kits])
		things.forEach((one, i) => (one.name = i % 2 === 0 ? `${JOB}smittel ${i}`.slice(0, 60) : one.name));
	return home;
}

export function emptyHome(): HomeFile {
	const home = demo();
	home.jobs = [];
	home.cupboard = { products: [], tools: [], kits: [], poisonCentre: '' };
	for (const zone of home.zones) zone.list = [];
	for (const one of home.members) one.dislikes = [];
	return home;
}
