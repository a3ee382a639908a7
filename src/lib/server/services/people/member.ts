/** What is said of a person is changed. */
import { MEMBER_SAYS } from '$words/answers/people';
import { isoOf, type CivilDay } from '$core/calendar/civil';
import type { Home, Member } from '$core/household/home';
import { changeMember } from '$core/setup/editMembers';
import { byFields } from '../fieldForms';
import { editHome } from '../home/editHome';
import { factsForm } from './memberForm';
import { awayOf, presenceForm, spansOf } from './presenceForm';

/** What is allowed before its age: what was confirmed before keeps who and when, the rest is confirmed now. */
function allowsFrom(
	home: Home,
	id: string,
	families: readonly Member['allows'][number]['family'][],
	by: string,
	today: CivilDay
): Member['allows'] {
	const before = home.members.find((one) => one.id === id)?.allows ?? [];
	return families.map(
		(family) =>
			before.find((one) => one.family === family) ?? {
				family,
				by,
				on: isoOf(today)
			}
	);
}

/** `by`: who changes it, and so confirms what is made looser. */
export const editMember = (household: string, id: string, form: FormData, by: string) =>
	form.get('part') === 'presence' ? editPresence(household, id, form) : editFacts(household, id, form, by);

const editPresence = (household: string, id: string, form: FormData) =>
	byFields(presenceForm, form, (said) =>
		editHome(
			household,
			form,
			({ home }) =>
				changeMember(home, id, {
					home: said.always ? undefined : spansOf('home', said),
					carries: spansOf('carries', said),
					away: awayOf(said.away)
				}),
			() => MEMBER_SAYS.savedShareOutTheWeek
		)
	);

const editFacts = (household: string, id: string, form: FormData, by: string) =>
	byFields(factsForm, form, (said) =>
		editHome(
			household,
			form,
			({ home, today }) => {
				const isChild = home.members.some((one) => one.id === id && one.role === 'child');
				if (isChild && said.bornOn === '') return { field: 'bornOn', says: MEMBER_SAYS.aChildsDayOfBirth };
				return changeMember(home, id, {
					name: said.name,
					bornOn: said.bornOn || undefined,
					skills: said.skills,
					kit: said.ownKit ? said.kit : undefined,
					excludes: { families: said.families, jobs: said.out },
					...(said.withAllows ? { allows: allowsFrom(home, id, said.allows, by, today) } : {}),
					dislikes: said.disliked
				});
			},
			() => MEMBER_SAYS.savedShareOutTheWeek
		)
	);
