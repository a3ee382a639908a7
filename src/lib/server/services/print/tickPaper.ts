/** What was done from a printed card is entered in one go. */
import { TICK_PAPER_SAYS } from '$words/answers/print';
import { isoOf, type CivilDay } from '$core/calendar/civil';
import { readCardCode } from '$core/cards/code';
import { readEntry, type LedgerEntry } from '$core/household/entry';
import { memberName } from '$words/names';
import { refusalText } from '$words/refusals';
import { fail } from '@sveltejs/kit';
import { z } from 'zod';
import { reading, transaction } from '../../db/pool';
import { followingId } from '../../ids';
import { cardByCode } from '../../repo/cardRepo';
import { typed } from '../guard';
import { recordEntries } from '../ledger/recordEntries';
import { type Asker } from '../ledger/whoMay';
import { familyFacts } from '../people/familyFacts';
import { useCase } from '../useCase';

/** Ticks a whole card off: every box that was sent, in one transaction, once. */
export function tickPaper(asker: Asker, form: FormData) {
	return useCase(asker.householdId, form, async () => {
		const id = z.uuid().safeParse(form.get('id'));
		const code = readCardCode(String(form.get('code') ?? ''));
		const card = code === null ? null : await reading((db) => cardByCode(db, asker.householdId, code));
		if (!id.success || !card)
			return fail(400, {
				message: TICK_PAPER_SAYS.noCardOfThisHome,
				values: typed(form)
			});
		const { home, today, at } = await familyFacts(asker.householdId);
		const allowed = new Map(card.boxes.map((box) => [`${box.line}@${isoOf(box.date)}`, box]));
		const chosen = form
			.getAll('box')
			.map(String)
			.filter((box) => allowed.has(box));
		if (chosen.length === 0)
			return fail(400, {
				message: TICK_PAPER_SAYS.tickTheBoxesThatAre,
				values: typed(form)
			});
		const by = String(form.get('by') ?? '') || null;
		const entries: LedgerEntry[] = [];
		for (const box of chosen) {
			const { line, date } = allowed.get(box) as { line: string; date: CivilDay };
			const found = home.seriesById.get(line);
			if (!found || date > today) continue;
			const read = readEntry({
				// A box counts once, however often the card is sent: by its code, its line and its day.
				id: followingId(asker.householdId, `card ${card.code} ${box}`),
				outcome: 'done',
				date: isoOf(date),
				by,
				job: found.job.id,
				part: found.part
			});
			if (read.ok) entries.push(read.value);
		}
		const recorded = await transaction((db) => recordEntries(db, asker.householdId, entries, today, at));
		if (!recorded.ok) return fail(400, { message: refusalText(recorded.refusal), values: typed(form) });
		const n = entries.length;
		return {
			said: TICK_PAPER_SAYS.savedAsDone(
				n,
				TICK_PAPER_SAYS.boxesAre(n),
				by ? TICK_PAPER_SAYS.asWhose(memberName(home, by)) : ''
			)
		};
	});
}
