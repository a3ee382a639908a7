/**
 * Short commands in plain words: "15 kitchen", "done mop hall", "bram away till friday", "wash started", "what's late".
 * Nothing is done here: the answer says what would be.
 */
import { isoOf, parseDay } from '../calendar/civil';
import type { SessionKind } from '../session/kinds';
import { readLoad, type Stage } from '../laundry/laundry';
import { refused, type CommandContext, type Read } from './command';
import { dayNamed, WEEKDAYS } from './dayNamed';
import { EXAMPLES, guesses, nearNames } from './suggestions';
import { KIND_WORDS, ownWord, STAGE_WORDS } from './vocabulary';
import { find, wordsOf } from './words';

/** How much better one job must fit than the next, so that it is not asked back which. */
const CLEARLY = 0.1;

/** Reads a command. Words that mean nothing are answered with commands that would. */
export function readCommand(text: string, context: CommandContext): Read {
	const words = wordsOf(text.slice(0, 200));
	if (words.length === 0) return refused('empty', EXAMPLES);
	const [first, ...rest] = words as [string, ...string[]];
	if (
		words.some((word) => word === 'late' || word === 'overdue') &&
		words.every((word) => ['what', 'whats', 's', 'is', 'late', 'overdue', 'all', 'show'].includes(word))
	)
		return {
			ok: true,
			command: {
				do: 'list',
				what: 'late',
				lines: context.lines.filter((line) => line.isLate).map((line) => line.id)
			}
		};
	if (
		['what', 'whats', 'show'].includes(first) &&
		(words.includes('today') || words.includes('on') || words.includes('next'))
	)
		return {
			ok: true,
			command: {
				do: 'list',
				what: 'today',
				lines: context.lines.filter((line) => line.isOn).map((line) => line.id)
			}
		};
	const person = awayOf(words, context);
	if (person) return person;
	if (first === 'clear' || first === 'declutter') return clearing(rest, context);
	if (first === 'add') return addedOnce(text, context);
	const load = laundryOf(words, context);
	if (load) return load;
	if (['done', 'did', 'finished', 'looked', 'checked', 'tick'].includes(first))
		return ticked(rest, first === 'looked' || first === 'checked' ? 'looked' : 'done', context);
	const filled = fillOf(words, context);
	if (filled) return filled;
	// A job named by itself with "done" behind it, as people also say it.
	const last = words[words.length - 1];
	if (last === 'done' || last === 'finished') return ticked(words.slice(0, -1), 'done', context);
	return refused('unknown', guesses(text, words, context));
}

function minutesIn(words: readonly string[]): { minutes: number | null; rest: string[] } {
	let minutes: number | null = null;
	const rest: string[] = [];
	words.forEach((word, i) => {
		const number = /^(\d{1,3})(m|min|mins|minutes|h|hours?)?$/.exec(word);
		if (number && minutes === null) {
			const hours = number[2]?.startsWith('h') || /^hours?$/.test(words[i + 1] ?? '');
			minutes = Number(number[1]) * (hours ? 60 : 1);
		} else if (!/^(min|mins|minutes?|hours?)$/.test(word)) rest.push(word);
	});
	return { minutes, rest };
}

function fillOf(words: readonly string[], context: CommandContext): Read | null {
	const { minutes, rest } = minutesIn(words);
	if (minutes !== null && (minutes < 1 || minutes > 600)) return refused('no-minutes', ['15', '60']);
	let kind: SessionKind | null = null;
	const left = rest.filter((word, i) => {
		if (word === 'big' && rest[i + 1] === 'day') {
			kind = 'bigday';
			return false;
		}
		if (word === 'day' && rest[i - 1] === 'big') return false;
		const found = ownWord(KIND_WORDS, word);
		if (found) kind = found;
		return !found && !['a', 'the', 'in', 'for', 'things', 'me', 'i', 'have'].includes(word);
	});
	if (kind === null && minutes === null) return null;
	let who: string | null = null;
	let room: string | null = null;
	if (left.length > 0) {
		const byPerson = find(left, context.members)[0];
		const byRoom = find(left, context.rooms)[0];
		if (byPerson && byPerson.score > (byRoom?.score ?? 0)) who = byPerson.item.id;
		else if (byRoom) room = byRoom.item.id;
		else if (left.length > 1) {
			// A room and a person, in either order.
			for (const word of left) {
				who ??= find([word], context.members)[0]?.item.id ?? null;
				room ??= find([word], context.rooms)[0]?.item.id ?? null;
			}
			if (who === null && room === null) return refused('unknown', guesses(words.join(' '), words, context));
		} else return refused('unknown', guesses(words.join(' '), words, context));
	}
	return { ok: true, command: { do: 'fill', kind: kind ?? 'bite', minutes, room, who } };
}

/** "add clean before the party saturday 20 min": what is left of the words as they were written is its name. */
function addedOnce(text: string, context: CommandContext): Read {
	const said = text.trim().split(/\s+/).slice(1);
	let date = context.today;
	let minutes: number | null = null;
	let who: string | null = null;
	let room: string | null = null;
	const name: string[] = [];
	for (let i = 0; i < said.length; i++) {
		const word = (said[i] as string).toLowerCase();
		const next = (said[i + 1] ?? '').toLowerCase();
		const number = /^(\d{1,3})(m|min|mins|minutes)?$/.exec(word);
		if (number && (number[2] || /^(m|min|mins|minutes)$/.test(next))) {
			minutes = Number(number[1]);
			if (!number[2]) i++;
		} else if (WEEKDAYS.includes(word) || word === 'today' || word === 'tomorrow') {
			date = dayNamed([word], context.today) ?? date;
			if (name.at(-1)?.toLowerCase() === 'on') name.pop();
		} else if (/^\d{4}-\d{2}-\d{2}$/.test(word)) date = parseDay(word) ?? date;
		else if (word === 'by' && find([next], context.members)[0]) {
			who = find([next], context.members)[0]?.item.id ?? null;
			i++;
		} else name.push(said[i] as string);
	}
	const at = name.map((word) => word.toLowerCase()).lastIndexOf('in');
	if (at > 0) {
		const place = find(wordsOf(name.slice(at + 1).join(' ')), context.rooms)[0];
		if (place) {
			room = place.item.id;
			name.splice(at);
		}
	}
	if (name.length === 0) return refused('empty', ['add clean before the party saturday 20 min']);
	if (minutes !== null && (minutes < 1 || minutes > 600)) return refused('no-minutes', ['15', '60']);
	return {
		ok: true,
		command: { do: 'once', name: name.join(' ').slice(0, 80), date: isoOf(date), minutes, room, who }
	};
}

function clearing(words: readonly string[], context: CommandContext): Read {
	const { minutes, rest } = minutesIn(words.filter((word) => word !== 'a' && word !== 'the'));
	const said = rest.filter((word) => word !== 'spot');
	const room =
		said.length > 0
			? (find(said, context.rooms)[0] ?? said.map((word) => find([word], context.rooms)[0]).find(Boolean))
			: undefined;
	return { ok: true, command: { do: 'clear', spot: said.join(' '), room: room?.item.id ?? null, minutes } };
}

function ticked(words: readonly string[], outcome: 'done' | 'looked', context: CommandContext): Read {
	const { minutes, rest } = minutesIn(words);
	let by = context.me;
	const byAt = rest.lastIndexOf('by');
	let said = rest;
	if (byAt >= 0) {
		const person = find(rest.slice(byAt + 1), context.members)[0];
		if (!person)
			return refused(
				'which-person',
				context.members
					.slice(0, 4)
					.map((one) => `${outcome} ${rest.slice(0, byAt).join(' ')} by ${one.name.toLowerCase()}`)
			);
		by = person.item.id;
		said = rest.slice(0, byAt);
	}
	const on = context.lines.filter((line) => line.isOn);
	if (said.length === 0)
		return refused(
			'which-job',
			on.slice(0, 5).map((line) => `${outcome} ${line.name.toLowerCase()}`)
		);
	const found = find(said, context.lines).sort(
		(a, b) => b.score + Number(b.item.isOn) * 0.3 - (a.score + Number(a.item.isOn) * 0.3)
	);
	const [best, second] = found;
	if (!best)
		return refused(
			'which-job',
			nearNames(said, on).map((name) => `${outcome} ${name.toLowerCase()}`)
		);
	const isClear =
		!second ||
		best.score + Number(best.item.isOn) * 0.3 > second.score + Number(second.item.isOn) * 0.3 + CLEARLY ||
		best.item.name === second.item.name;
	if (!isClear)
		return refused(
			'which-job',
			found.slice(0, 5).map(({ item }) => `${outcome} ${item.name.toLowerCase()}`)
		);
	return { ok: true, command: { do: 'tick', line: best.item.id, outcome, by, minutes } };
}

function awayOf(words: readonly string[], context: CommandContext): Read | null {
	const at = words.findIndex((word) => ['away', 'ill', 'sick', 'holiday'].includes(word));
	if (at <= 0) return null;
	const person = find(
		words.slice(0, at).filter((word) => word !== 'is' && word !== 'on'),
		context.members
	)[0];
	if (!person) return null;
	const word = words[at] as string;
	const reason = word === 'away' ? 'away' : word === 'holiday' ? 'holiday' : 'ill';
	const after = words.slice(at + 1);
	const tillAt = after.findIndex((one) => ['till', 'until', 'til', 'to', 'for'].includes(one));
	const said = tillAt >= 0 ? after.slice(tillAt + 1) : after;
	const to = said.length === 0 ? (reason === 'ill' ? context.today : null) : dayNamed(said, context.today);
	const name = person.item.name.toLowerCase();
	if (to === null)
		return refused('until-when', [
			`${name} ${word} till friday`,
			`${name} ${word} till tomorrow`,
			`${name} ${word} for 1 week`
		]);
	return {
		ok: true,
		command: { do: 'away', member: person.item.id, from: isoOf(context.today), to: isoOf(to), reason }
	};
}

function laundryOf(words: readonly string[], context: CommandContext): Read | null {
	const isWash = words.some(
		(word) => word === 'wash' || word === 'laundry' || word === 'load' || word === 'washing'
	);
	const stageWord = words.find((word) => ownWord(STAGE_WORDS, word));
	const said = words.filter(
		(word) => !['wash', 'laundry', 'load', 'washing'].includes(word) && word !== stageWord
	);
	const named =
		said.length > 0
			? find(
					said,
					context.loads.map((load) => ({ id: load.id, name: load.name }))
				)
			: [];
	if (
		!isWash &&
		!(
			named.length > 0 &&
			stageWord &&
			['started', 'hung', 'folded', 'collected', 'dryer'].includes(stageWord)
		)
	)
		return null;
	if (!stageWord) return refused('unknown', ['wash started', 'wash hung', 'wash folded']);
	const stage = ownWord(STAGE_WORDS, stageWord) as Stage;
	const could = context.loads.filter((load) => {
		const { stage: at } = readLoad(load, context.now);
		const order: Stage[] = ['waiting', 'collected', 'washing', 'drying', 'folding', 'away'];
		return (
			order.indexOf(at) < order.indexOf(stage) &&
			(stage !== 'drying' || at === 'washing') &&
			(stage !== 'folding' || at === 'drying') &&
			(stage !== 'away' || at === 'folding')
		);
	});
	const chosen =
		could.find((load) => named.some(({ item }) => item.id === load.id)) ??
		(named.length === 0 ? could[0] : undefined);
	if (!chosen) return refused('no-load', context.loads.length > 0 ? ['wash started', 'wash hung'] : []);
	return { ok: true, command: { do: 'laundry', load: chosen.id, stage } };
}
