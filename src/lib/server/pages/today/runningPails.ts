/** The sessions that run now, and which jobs lie in them. */
import { readSession } from '$core/session/sessionState';
import type { RunningView } from '$views/today';
import { listNames } from '$words/general';
import { memberName } from '$words/names';
import type { Facts } from './todayFacts';

export function runningPails({
	home,
	sessions,
	query,
	today
}: Facts): { pail: RunningView; lines: string[] }[] {
	return sessions
		.filter((session) => !session.isOver && session.date === today)
		.flatMap((session) => {
			const clock = readSession(session.plan, session.events, query.now);
			if (clock.phase === 'over') return [];
			const step = clock.current === null ? null : clock.steps[clock.current];
			const lines = clock.steps
				.filter((one, i) => !clock.done[i] && !clock.dropped.has(one.line))
				.map((s) => s.line);
			const pail: RunningView = {
				session: session.id,
				member: session.member,
				name:
					listNames(session.plan.people.map((one) => memberName(home, one))) ||
					memberName(home, session.member),
				minutesLeft: Math.max(0, Math.ceil(clock.left / 60_000)),
				share: Math.max(0, Math.min(1, clock.left / (clock.bellMinutes * 60_000))),
				doing: step?.jobName ?? session.plan.clearing?.spot ?? '',
				phase: clock.phase
			};
			return [{ pail, lines: [...new Set(lines)] }];
		});
}
