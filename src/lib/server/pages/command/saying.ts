/** Commands in plain words: what each would do, said before it is done. */
import { parseDay } from '$core/calendar/civil';
import { householdTime } from '$core/calendar/instant';
import { readCommand, type Command, type CommandContext, type Read } from '$core/command/parse';
import type { Job } from '$core/household/home';
import type { PreparedHome } from '$core/schedule/preparedHome';
import { readDay } from '$core/schedule/readDay';
import type { SaidView } from '$views/command';
import { dayAhead, lowerNumber, minutesText, OUTCOME_WORDS, plural } from '$words/general';
import { placeWords } from '$words/laundry';
import { memberName } from '$words/names';
import { KIND_WORDS } from '$words/session';
import { now } from '../../clock';
import { reading } from '../../db/pool';
import { loadHome } from '../../repo/homeRepo';
import { openLoads } from '../../repo/laundryRepo';
import { loadProjection } from '../../repo/projectionRepo';
import type { Asker } from '../../services/ledger/whoMay';
import { stateText } from '../today/jobRows';

const WHY: Readonly<Record<Exclude<Read, { ok: true }>['why'], string>> = {
	empty: 'Type a command.',
	unknown: 'That is not understood. Do you mean one of these?',
	'which-job': 'Which job?',
	'which-person': 'Who was it?',
	'until-when': 'Until when?',
	'no-load': 'No load is at that stage. Add one on the laundry page.',
	'no-minutes': 'A session takes from 1 to 600 minutes.'
};

/** Reads what was said against the home as it is now. */
export async function say(asker: Asker, text: string): Promise<SaidView> {
	const at = now();
	const { home, context } = await reading(async (db) => {
		const found = await loadHome(db, asker.householdId);
		if (!found) throw new RangeError('no such household');
		const { date } = householdTime(at, found.home.household);
		const [projection, loads] = await Promise.all([
			loadProjection(db, asker.householdId),
			openLoads(db, asker.householdId)
		]);
		const day = readDay(found, projection, date);
		const made: CommandContext = {
			today: date,
			now: at,
			me: asker.viewer?.member ?? asker.me ?? found.members[0]?.id ?? '',
			members: found.members.filter((one) => one.role !== 'device').map(({ id, name }) => ({ id, name })),
			rooms: found.rooms.map(({ id, name, kind }) => ({
				id,
				name,
				also: [kind, ROOM_WORDS[kind] ?? '']
			})),
			lines: day.lines
				.filter((line) => line.state !== 'paused')
				.map((line) => ({
					id: line.line.id,
					name: line.line.job.name,
					also: [
						line.line.room.name,
						ROOM_WORDS[line.line.room.kind] ?? line.line.room.kind,
						line.line.part ?? ''
					],
					isOn: line.state === 'due' || line.state === 'late' || line.state === 'open',
					isLate: line.state === 'late',
					lateWords: stateText(line, date)
				})),
			loads
		};
		return { home: found, context: made };
	});
	const read = readCommand(text, context);
	if (!read.ok) return { text, says: WHY[read.why], act: null, list: [], suggestions: read.suggestions };
	return { text, suggestions: [], ...said(read.command, home, context) };
}

/** What people call a kind of room. */
const ROOM_WORDS: Readonly<Record<string, string>> = {
	toilet: 'toilet washroom loo',
	bathroom: 'bathroom bath',
	kitchen: 'kitchen',
	hall: 'hall stairs landing porch',
	living: 'living sitting room',
	bedroom: 'bedroom',
	child: 'children bedroom',
	study: 'study office',
	laundry: 'laundry'
};

function said(
	command: Command,
	home: PreparedHome,
	context: CommandContext
): Pick<SaidView, 'says' | 'act' | 'list'> {
	const params = new URLSearchParams();
	switch (command.do) {
		case 'fill': {
			if (command.kind !== 'bite') params.set('kind', command.kind);
			if (command.minutes !== null) params.set('minutes', String(command.minutes));
			params.set('for', command.who ?? context.me);
			if (command.room) params.set('rooms', command.room);
			const room = command.room ? ` in the ${home.roomById.get(command.room)?.name ?? ''}` : '';
			const who = command.who ? ` for ${memberName(home, command.who)}` : '';
			const what =
				command.kind === 'bite'
					? `a session of ${minutesText(command.minutes ?? 10)} minutes`
					: KIND_WORDS[command.kind].short;
			return {
				says: `Shows ${what}${room}${who}, ready to start.`,
				act: { kind: 'go', href: `/timer?${params}`, label: 'Show the plan' },
				list: []
			};
		}
		case 'clear': {
			params.set('kind', 'clearing');
			params.set('for', context.me);
			if (command.minutes !== null) params.set('minutes', String(command.minutes));
			if (command.spot) params.set('spot', command.spot);
			if (command.room) params.set('rooms', command.room);
			return {
				says: `Gets a clearing ready${command.spot ? `: ${command.spot}` : ''}. The clock starts when the three containers stand.`,
				act: { kind: 'go', href: `/timer?${params}`, label: 'Show the plan' },
				list: []
			};
		}
		case 'tick': {
			const line = home.seriesById.get(command.line);
			const minutes = command.minutes === null ? '' : `, ${minutesText(command.minutes)} min`;
			return {
				says: `Writes down: ${line ? namedApart(home, line) : ''} ${(OUTCOME_WORDS[command.outcome] ?? command.outcome).toLowerCase()}, by ${memberName(home, command.by)}${minutes}.`,
				act: {
					kind: 'send',
					action: '/?/tick',
					label: 'Save this',
					values: {
						line: command.line,
						outcome: command.outcome,
						by: command.by,
						...(command.minutes === null ? {} : { minutes: String(command.minutes) })
					}
				},
				list: []
			};
		}
		case 'away': {
			const to = parseDay(command.to) ?? context.today;
			const word = { away: 'away', ill: 'ill', holiday: 'on holiday' }[command.reason];
			return {
				says: `${memberName(home, command.member)} is ${word} ${to === context.today ? 'today' : `from today to ${dayAhead(to, context.today)}, that day too`}. Their chores are paused.`,
				act: {
					kind: 'send',
					action: '/house/pauses?/pause',
					label: 'Save the pause',
					values: {
						scope: 'member',
						target: command.member,
						from: command.from,
						to: command.to,
						reason: command.reason
					}
				},
				list: []
			};
		}
		case 'laundry': {
			const load = context.loads.find((one) => one.id === command.load);
			const place = load ? placeWords(load, command.stage) || 'away' : '';
			return {
				says: `${load?.name ?? 'The load'} is ${place} from now on.`,
				act: {
					kind: 'send',
					action: '/laundry?/tell',
					label: 'Save this step',
					values: { load: command.load, stage: command.stage }
				},
				list: []
			};
		}
		case 'once': {
			const room = command.room ?? home.rooms[0]?.id ?? '';
			const minutes = command.minutes ?? 15;
			const who = command.who ?? context.me;
			const day = parseDay(command.date) ?? context.today;
			return {
				says: `Adds a job for ${dayAhead(day, context.today)}: ${command.name}, ${home.roomById.get(room)?.name ?? ''}, ${memberName(home, who)}, ${minutesText(minutes)} min.`,
				act: {
					kind: 'send',
					action: '/?/once',
					label: 'Add this job',
					values: { name: command.name, date: command.date, minutes: String(minutes), who, room }
				},
				list: []
			};
		}
		case 'list': {
			const found = command.lines.flatMap((id) => context.lines.find((line) => line.id === id) ?? []);
			const n = found.length;
			const says =
				command.what === 'late'
					? n === 0
						? 'Nothing is overdue.'
						: `${n === 1 ? 'One job is' : `${lowerNumber(n).replace(/^./, (c) => c.toUpperCase())} jobs are`} overdue.`
					: `${n} ${plural(n, 'job')} on today’s list.`;
			return {
				says,
				act: null,
				list: found.slice(0, 12).map((line) => ({
					name: line.name,
					words: line.lateWords,
					href: `/?open=${encodeURIComponent(line.id)}`
				}))
			};
		}
	}
}

/** A job's name, with its room where another has the same name. */
function namedApart(
	home: PreparedHome,
	line: { readonly job: Job; readonly room: { readonly name: string } }
): string {
	const twin = home.series.some((one) => one.job.id !== line.job.id && one.job.name === line.job.name);
	return twin ? `${line.job.name}, ${line.room.name},` : line.job.name;
}
