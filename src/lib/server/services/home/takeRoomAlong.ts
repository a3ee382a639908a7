/** A room goes along to another home of whoever organises both: its jobs, and what was done in it. */
import {
	entriesAlong,
	sameMembers,
	takeRoomAlong as along,
	type TakenAlong
} from '$core/setup/takeRoomAlong';
import { ALONG } from '$words/house';
import { fail } from '@sveltejs/kit';
import { reading } from '../../db/pool';
import { followingId } from '../../ids';
import { loadHome } from '../../repo/homeRepo';
import type { HouseholdRow } from '../../repo/householdRepo';
import { allEntries, insertEntries, type NewEntry } from '../../repo/ledgerRepo';
import { membershipsOf, waysIn } from '../../repo/membershipRepo';
import { rebuildProjection } from '../../repo/projectionRepo';
import { typed } from '../guard';
import { editHome } from './editHome';

export interface Along {
	readonly householdId: string;
	readonly homes: readonly HouseholdRow[];
	readonly access: { readonly signIn: { readonly account: string | null } | null };
}

/** The homes that a room can go along to: the others that whoever asks organises, no demo. */
export async function homesBeside(asker: Along): Promise<HouseholdRow[]> {
	const account = asker.access.signIn?.account;
	const beside = asker.homes.filter((home) => home.id !== asker.householdId && !home.isDemo);
	if (!account || beside.length === 0) return [];
	return reading(async (db) => {
		const memberOf = new Map((await membershipsOf(db, account)).map((one) => [one.household, one.member]));
		const organised: HouseholdRow[] = [];
		for (const home of beside) {
			const known = await loadHome(db, home.id);
			const member = known?.home.members.find((one) => one.id === memberOf.get(home.id));
			if (member?.role === 'organiser') organised.push(home);
		}
		return organised;
	});
}

/** Takes the room of the form along to the home that it names: all of it, or nothing. */
export async function takeRoomAlong(asker: Along, form: FormData) {
	const text = (name: string) => String(form.get(name) ?? '').trim();
	const to = (await homesBeside(asker)).find((home) => home.id === text('to'));
	if (!to) return fail(400, { message: ALONG.chooseHome, values: typed(form) });
	const [from, into] = await reading(async (db) => [
		await loadHome(db, asker.householdId),
		await loadHome(db, to.id)
	]);
	if (!from || !into) return fail(400, { message: ALONG.chooseHome, values: typed(form) });
	const emails = await reading(async (db) => ({
		from: (await waysIn(db, asker.householdId)).emails,
		into: (await waysIn(db, to.id)).emails
	}));
	const members = sameMembers(from.home, into.home, emails);
	// The revision that the page was made from is of this home; the other is held while it is changed.
	form.delete('revision');
	let taken: TakenAlong | null = null;
	return editHome(
		to.id,
		form,
		({ home }) => (taken = along(from.home, text('room'), home, members)),
		() => ALONG.done(from.home.rooms.find((room) => room.id === text('room'))?.name ?? '', to.name),
		async (db, at) => {
			const plan = taken?.along;
			if (!plan) return;
			const stored = await allEntries(db, asker.householdId);
			const receivedAt = new Map(
				stored.map((one) => [followingId(one.entry.id, text('id')), one.receivedAt])
			);
			const lines = new Map<string, Pick<NewEntry, 'job' | 'part'>>();
			const entries = entriesAlong(
				stored.map((one) => one.entry),
				plan,
				(id) => followingId(id, text('id'))
			).map((entry): NewEntry => {
				const own = { job: 'job' in entry ? entry.job : null, part: 'part' in entry ? entry.part : null };
				const line = entry.outcome === 'undo' ? (lines.get(entry.of) ?? own) : own;
				lines.set(entry.id, line);
				return { entry, ...line, receivedAt: receivedAt.get(entry.id) ?? at };
			});
			await insertEntries(db, to.id, entries, at);
			const next = await loadHome(db, to.id);
			if (next) await rebuildProjection(db, to.id, next);
		}
	);
}
