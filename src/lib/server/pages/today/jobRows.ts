/** Tags: lines as the pages show them, in plain data and words. */
import { sharers } from '$core/people/agreedShares';
import { JOB_ROWS_SAYS } from '$words/answers/today';
import { firstOfMonth, lastOfMonth, type CivilDay } from '$core/calendar/civil';
import { zoneDaysBetween, type MissedZone } from '$core/calendar/rotation';
import { NOTHING_GIVEN, whoseTurn, type GivenTurns } from '$core/people/ownList';
import { latenessOf } from '$core/schedule/agenda';
import type { PreparedHome } from '$core/schedule/preparedHome';
import { jobTitle, type DaySeries } from '$core/schedule/readDay';
import { zonesNeverOn } from '$core/schedule/zonesNeverOn';
import type { Glyph, JobRow, ZoneMark } from '$views/today';
import { dayAhead, overdueText, listNames, MONTHS, PAUSE_WORDS, stateWord } from '$words/general';
import { neverOnWords } from '$words/edits';
import { memberName } from '$words/names';

export function zoneMark(home: PreparedHome, zoneId: string | null): ZoneMark | null {
	const zone = zoneId === null ? undefined : home.zoneById.get(zoneId);
	if (!zone) return null;
	return {
		id: zone.id,
		number: home.rotation.zones.indexOf(zone.id) + 1,
		name: zone.name,
		weave: zone.weave
	};
}

/** Whose turn it is, in words; the names of all for what is shared. */
function whoText(home: PreparedHome, line: DaySeries, ids: readonly string[]): string {
	// Who lives alone is whoever comes first.
	const all = sharers(home.home);
	const names = (all.length === 1 ? all.map((one) => one.id) : ids).map((id) => memberName(home, id));
	if (names.length === 2 && line.line.job.who.mode !== 'fixed') return `${names[0]} or ${names[1]}`;
	if (names.length > 2) return 'anyone';
	return listNames(names) || 'anyone';
}

function glyphOf(line: DaySeries): Glyph {
	if (line.shareDone > 0 && (line.state === 'due' || line.state === 'late' || line.state === 'open'))
		return 'part';
	return line.state === 'resting' ? 'coming' : line.state;
}

/** The second word of a state: how late, what it waits for, what is paused. */
export function stateText(line: DaySeries, today: CivilDay): string {
	switch (line.state) {
		case 'late':
			return overdueText(latenessOf(line), line.dueOn, today);
		case 'waiting':
			return line.catchUpOn === null
				? stateWord(line.state)
				: JOB_ROWS_SAYS.movedTo(dayAhead(line.catchUpOn, today));
		case 'paused': {
			if (!line.pause) return stateWord(line.state);
			const why = line.pause.note || PAUSE_WORDS[line.pause.reason];
			return JOB_ROWS_SAYS.pausedUntil(why ?? '', dayAhead(line.pause.to, today));
		}
		case 'open':
			return line.dueOn === null ? stateWord(line.state) : JOB_ROWS_SAYS.due(dayAhead(line.dueOn, today));
		default:
			return stateWord(line.state);
	}
}

export function jobRow(
	home: PreparedHome,
	line: DaySeries,
	today: CivilDay,
	given: GivenTurns = NOTHING_GIVEN,
	day: CivilDay = today
): JobRow {
	const who = whoseTurn(home.home, line, day, given);
	const { job, room, part } = line.line;
	const late = line.state === 'late' ? latenessOf(line) : null;
	const share = line.shareDone;
	return {
		line: line.line.id,
		job: job.id,
		part,
		name: jobTitle(job.name, line.variant),
		room: room.name,
		zone: zoneMark(home, room.zone),
		who: whoText(home, line, who),
		whoIds: who,
		minutes: line.minutes * (1 - share),
		state: line.state,
		glyph: glyphOf(line),
		lateTurns: late?.unit === 'turns' ? late.count : null,
		words: stateText(line, today),
		overdue: late ? stateText(line, today) : null,
		share: share > 0 ? `${Math.round(share * 100)} % done` : null,
		deep: line.depth === 'deep',
		inPail: null,
		notes: [],
		seen: line.ticks.at(-1) ?? ''
	};
}

/** A sentence a zone that some months leave without a day. */
export function missedWords(home: PreparedHome, missed: readonly MissedZone[], today: CivilDay): string[] {
	const never = zonesNeverOn(home.home, today);
	const byZone = new Map<string, string[]>();
	for (const { month, zone } of missed) {
		if (never.some((one) => one.zone.id === zone)) continue;
		// By whole weeks a month may lend its first days to the one before: a zone that has some of them has a day.
		const index = Number(month.slice(0, 4)) * 12 + Number(month.slice(5)) - 1;
		const days = zoneDaysBetween(firstOfMonth(index), lastOfMonth(index), home.rotation).get(zone) ?? [];
		if (days.length > 0) continue;
		byZone.set(zone, [...(byZone.get(zone) ?? []), MONTHS[Number(month.slice(5)) - 1] as string]);
	}
	return [
		...neverOnWords(never),
		...[...byZone].map(([zone, months]) =>
			JOB_ROWS_SAYS.getsNoDayIn(home.zoneById.get(zone)?.name ?? zone, listNames(months))
		)
	];
}

/** Who calls for help, and with what. */
export function callWords(
	home: PreparedHome | null,
	call: { readonly member: string; readonly line: string | null }
): string {
	const name = home ? memberName(home, call.member) : '';
	const job = call.line === null ? undefined : home?.seriesById.get(call.line)?.job.name;
	return JOB_ROWS_SAYS.callsForHelp(name, job ? ` with ${job}` : '');
}
