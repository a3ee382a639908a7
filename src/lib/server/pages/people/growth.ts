/** Chores being learned: the ladders of the children, and the last checks that wait for an adult. */
import { GROWTH_SAYS } from '$words/answers/people';
import { lookRounds, PASSES, stateOfRungs, TIMES_WITH, type RungState } from '$core/people/rungs';
import type { LadderView } from '$views/people';
import { tinyDate } from '$words/general';
import { v7 as uuidv7 } from 'uuid';
import { familyFacts } from '../../services/people/familyFacts';
import { zoneMark } from '../today/jobRows';

function recordWords(one: RungState): string {
	if (one.stage === null) return '';
	const parts = [
		one.withSomebody > 0 ? GROWTH_SAYS.practised(one.withSomebody) : '',
		one.looked > 0 ? GROWTH_SAYS.lastChecksPassed(one.passed, one.looked) : ''
	].filter(Boolean);
	return parts.join(', ');
}

export async function loadLadder(household: string, asked: string | null): Promise<LadderView> {
	const facts = await familyFacts(household);
	const { home, entries, today } = facts;
	const children = home.members.filter((one) => one.role === 'child');
	const child = children.find((one) => one.id === asked) ?? children[0] ?? null;
	const looks = children.flatMap((one) =>
		home.home.jobs
			.filter((job) => job.lookRound.length > 0)
			.flatMap((job) =>
				lookRounds(entries, one.id, job.id)
					.filter((look) => look.answer === null)
					.map((look) => ({
						id: look.asked.id,
						words: GROWTH_SAYS.hasDoneTheLastCheck(
							one.name,
							home.roomById.get(job.room)?.name ?? '',
							job.name
						),
						when: look.asked.date === today ? 'today' : tinyDate(look.asked.date),
						points: job.lookRound
					}))
			)
	);
	return {
		formId: uuidv7(),
		children: children.map(({ id, name }) => ({ id, name, current: id === child?.id })),
		child: child ? { id: child.id, name: child.name } : null,
		ladders: !child
			? []
			: home.home.jobs
					.filter(
						(job) =>
							job.rungs.length > 0 && (job.who.members.length === 0 || job.who.members.includes(child.id))
					)
					.map((job) => ({
						job: job.id,
						name: job.name,
						zone: zoneMark(home, home.roomById.get(job.room)?.zone ?? null),
						rungs: stateOfRungs(job, child.id, entries).map((one) => ({
							rung: one.rung,
							name: one.name,
							stage: one.stage,
							words: GROWTH_SAYS.stages[one.stage ?? 'shut'],
							record: recordWords(one),
							ready:
								one.ready === 'alone'
									? GROWTH_SAYS.readyToTryAlone(Math.max(TIMES_WITH, one.withSomebody))
									: one.ready === 'sign'
										? GROWTH_SAYS.readyToDoAlone(PASSES)
										: null
						}))
					})),
		looks
	};
}
