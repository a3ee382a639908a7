/** Commands in plain words: what each would do, said before it is done. */
import { SAYING_SAYS } from '$words/answers/command';
import { parseDay } from '$core/calendar/civil';
import { householdTime } from '$core/calendar/instant';
import type { Command, CommandContext, Read } from '$core/command/command';
import { readCommand } from '$core/command/parse';
import type { Job } from '$core/household/home';
import type { PreparedHome } from '$core/schedule/preparedHome';
import { readDay } from '$core/schedule/readDay';
import type { SaidView } from '$views/command';
import { dayAhead, jobsAre, minutesText, OUTCOME_WORDS, plural } from '$words/general';
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
	empty: SAYING_SAYS.typeACommand,
	unknown: SAYING_SAYS.thatIsNotUnderstoodDo,
	'which-job': SAYING_SAYS.whichJob,
	'which-person': SAYING_SAYS.whoWasIt,
	'until-when': SAYING_SAYS.untilWhen,
	'no-load': SAYING_SAYS.noLoadIsAtThat,
	'no-minutes': SAYING_SAYS.aSessionTakesFrom1
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
			const room = command.room ? SAYING_SAYS.inRoom(home.roomById.get(command.room)?.name ?? '') : '';
			const who = command.who ? SAYING_SAYS.forWhom(memberName(home, command.who)) : '';
			const what =
				command.kind === 'bite'
					? SAYING_SAYS.session(minutesText(command.minutes ?? 10))
					: KIND_WORDS[command.kind].short;
			return {
				says: SAYING_SAYS.showsReadyToStart(what, room, who),
				act: { kind: 'go', href: `/timer?${params}`, label: SAYING_SAYS.showThePlan },
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
				says: SAYING_SAYS.getsAClearingReadyThe(command.spot ? `: ${command.spot}` : ''),
				act: { kind: 'go', href: `/timer?${params}`, label: SAYING_SAYS.showThePlan },
				list: []
			};
		}
		case 'tick': {
			const line = home.seriesById.get(command.line);
			const minutes = command.minutes === null ? '' : `, ${minutesText(command.minutes)} min`;
			return {
				says: SAYING_SAYS.writesDownBy(
					line ? namedApart(home, line) : '',
					(OUTCOME_WORDS[command.outcome] ?? command.outcome).toLowerCase(),
					memberName(home, command.by),
					minutes
				),
				act: {
					kind: 'send',
					action: '/?/tick',
					label: SAYING_SAYS.saveThis,
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
			const word = SAYING_SAYS.away[command.reason];
			return {
				says: SAYING_SAYS.isTheirChoresArePaused(
					memberName(home, command.member),
					word,
					to === context.today ? SAYING_SAYS.today : SAYING_SAYS.fromTodayTo(dayAhead(to, context.today))
				),
				act: {
					kind: 'send',
					action: '/house/pauses?/pause',
					label: SAYING_SAYS.saveThePause,
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
				says: SAYING_SAYS.isFromNowOn(load?.name ?? SAYING_SAYS.theLoad, place),
				act: {
					kind: 'send',
					action: '/laundry?/tell',
					label: SAYING_SAYS.saveThisStep,
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
				says: SAYING_SAYS.addsAJobForMin(
					dayAhead(day, context.today),
					command.name,
					home.roomById.get(room)?.name ?? '',
					memberName(home, who),
					minutesText(minutes)
				),
				act: {
					kind: 'send',
					action: '/?/once',
					label: SAYING_SAYS.addThisJob,
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
						? SAYING_SAYS.nothingIsOverdue
						: SAYING_SAYS.overdue(jobsAre(n))
					: SAYING_SAYS.onTodaysList(n, plural(n, 'job'));
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
