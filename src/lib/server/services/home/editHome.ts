/** Changes of the home: read, tried, said, saved once. Every page that edits a home goes through here. */
import { SAVED } from '$words/answers/general';
import { EDIT_HOME_SAYS } from '$words/answers/home';
import type { CivilDay } from '$core/calendar/civil';
import { householdTime } from '$core/calendar/instant';
import type { Home } from '$core/household/home';
import { newlyInVain } from '$core/people/namedInVain';
import { newlyNeverOn } from '$core/schedule/zonesNeverOn';
import type { Edit } from '$core/setup/edit';
import type { FormProblem } from '$core/household/formProblem';
import { editRefusalText, effectText, neverOnWords, refusedField } from '$words/edits';
import { thingOfHome } from '$words/names';
import { namedInVainWords } from '$words/people';
import { fail, type ActionFailure } from '@sveltejs/kit';
import { now } from '../../clock';
import { reading, transaction, type Db } from '../../db/pool';
import { changeHomeOnce, isChangeKnown, loadHome } from '../../repo/homeRepo';
import { revisionOf } from '../../repo/homeRows';
import { doorRefusal } from '../access/keepsItsDoor';
import { acting, typed, type Notice } from '../guard';
import { useCase } from '../useCase';

export interface Edited {
	readonly saved: string;
	/** What the change did beside itself, or would do where it was only tried. */
	readonly effects: readonly string[];
	/** Only tried: nothing is written yet. */
	readonly tried: boolean;
	readonly values: Readonly<Record<string, string>>;
}

/** Why an edit is not made: a sentence, with the field of the form that it speaks of where it is one; or all of them. */
export type Unmade = string | FormProblem | readonly FormProblem[];

/** What is answered where an edit is not made. */
const unmadeNotice = (unmade: Unmade): Notice => {
	if (typeof unmade === 'string') return { message: unmade };
	if ('says' in unmade) return { message: unmade.says, field: unmade.field };
	return { message: unmade.map((one) => one.says).join(' '), wrong: unmade };
};

export interface EditContext {
	readonly home: Home;
	readonly today: CivilDay;
	readonly text: (name: string) => string;
	readonly list: (name: string) => string[];
}

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;

/**
 * Makes an edit of the current home. With `try=1` it only says what would follow. The form carries the id of the
 * change and the revision of the home that it was made from; a home that somebody else changed meanwhile is not
 * written over.
 */
export function editHome(
	household: string,
	form: FormData,
	make: (context: EditContext) => Edit | Unmade,
	words: (context: EditContext) => string,
	/** What is written with it, once it is saved. */
	then: (db: Db, at: number) => Promise<void> = async () => undefined
): Promise<Edited | ActionFailure<Notice>> {
	const work = async (): Promise<Edited | ActionFailure<Notice>> => {
		// The revision first: whoever changes the home after it is not written over.
		const current = await reading((db) => revisionOf(db, household));
		const prepared = await reading((db) => loadHome(db, household));
		if (!prepared) throw new RangeError(`no household ${household}`);
		const at = now();
		const { date: today } = householdTime(at, prepared.home.household);
		const context: EditContext = {
			home: prepared.home,
			today,
			text: (name) => {
				const value = form.get(name);
				return typeof value === 'string' ? value.trim() : '';
			},
			list: (name) => form.getAll(name).filter((value): value is string => typeof value === 'string')
		};
		const tried = form.get('try') === '1';
		const id = context.text('id');
		// Sent again because its answer was lost: it is done, and need not fit the home as it is now.
		if (!tried && UUID.test(id) && (await reading((db) => isChangeKnown(db, household, id))))
			return { saved: SAVED, effects: [], tried: false, values: {} };
		const edit = make(context);
		if (typeof edit === 'string' || !('ok' in edit))
			return fail(400, { ...unmadeNotice(edit), values: typed(form) });
		if (!edit.ok)
			return fail(400, {
				message: editRefusalText(edit.refusal),
				...refusedField(edit.refusal),
				values: typed(form)
			});
		const locked = await reading((db) => doorRefusal(db, household, prepared.home, edit.home));
		if (locked !== null) return fail(400, { message: locked, values: typed(form) });
		const effects = [
			...edit.effects.map(effectText),
			...neverOnWords(newlyNeverOn(prepared.home, edit.home, today)),
			...namedInVainWords(newlyInVain(prepared.home, edit.home, today), {
				nameOf: (id) => edit.home.members.find((one) => one.id === id)?.name ?? '',
				thingOf: (id) => thingOfHome(edit.home, id)
			})
		];
		if (tried) return { saved: words(context), effects, tried, values: typed(form) };
		if (!UUID.test(id)) {
			return fail(400, {
				message: EDIT_HOME_SAYS.thisPageIsTooOld,
				values: typed(form)
			});
		}
		const asked = Number(context.text('revision'));
		const outcome = await transaction(async (db) => {
			const revision = Number.isInteger(asked) && asked > 0 ? asked : current;
			const changed = await changeHomeOnce(db, household, { id, revision }, edit.home, today, at);
			if (changed === 'saved') await then(db, at);
			return changed;
		});
		if (outcome === 'behind') {
			return fail(409, {
				message: EDIT_HOME_SAYS.somebodyChangedTheHomeMeanwhile,
				values: typed(form)
			});
		}
		return { saved: words(context), effects, tried: false, values: {} };
	};
	// What is only tried waits for nobody.
	return form.get('try') === '1' ? acting(form, work) : useCase(household, form, work);
}
