/**
 * What is done beside the pages, as loading one writes nothing: sessions that were left open are closed, a week that has
 * begun is shared out, the time of the last use of a sign-in is written down, and at an hour of the night what has run out
 * is let go.
 * Rules: "Sweeping".
 */
import type { CivilDay } from '$core/calendar/civil';
import { writeSeen } from '../access/seen';
import { now } from '../clock';
import { reading, transaction } from '../db/pool';
import { log } from '../log';
import { homesDeletedBefore, purgeAccounts, purgeHome, sweepExpired } from '../repo/deletionRepo';
import { homesWithForgotten } from '../repo/sessionRepo';
import { shareOutWeeks } from '../services/people/shareOut';
import { closeForgotten } from '../services/session/addEvent';
import { inHousehold } from '../services/useCase';

const EVERY = 15_000;
/** The hour of the night, by the clock of the server. */
const HOUR = 3;
const DAY = 86_400_000;

/** Closes sessions that were left open when the day of their home ended. */
export async function closeAllForgotten(at: number): Promise<number> {
	const today = Math.floor(at / DAY) as CivilDay;
	let closed = 0;
	for (const household of await reading((db) => homesWithForgotten(db, today)))
		closed += await inHousehold(household, async (db) => closeForgotten(db, household, at)).catch(
			(cause: unknown) => {
				log.warn({ err: cause }, 'a session could not be closed');
				return 0;
			}
		);
	return closed;
}

/** Lets go of what has run out, and takes away what was deleted a day ago. */
export async function sweepNight(at: number): Promise<void> {
	await transaction((db) => sweepExpired(db, at));
	// What was deleted since the last night is gone with this one: within a day.
	for (const household of await reading((db) => homesDeletedBefore(db, at)))
		await transaction((db) => purgeHome(db, household));
	await transaction((db) => purgeAccounts(db, at));
}

/** A week begins once in seven days: all homes are asked for it once a minute. */
const MINUTE = 60_000;
let sharedAt = 0;
let swept = '';

async function tick(): Promise<void> {
	const at = now();
	await writeSeen();
	await closeAllForgotten(at);
	if (Math.abs(at - sharedAt) >= MINUTE) {
		sharedAt = at;
		await shareOutWeeks(at);
	}
	const night = new Date(at);
	const mark = night.toISOString().slice(0, 10);
	if (swept === mark || night.getHours() < HOUR) return;
	swept = mark;
	await sweepNight(at);
}

let timer: NodeJS.Timeout | null = null;

/** Begins to look, for as long as the server runs. */
export function startSweeping(): void {
	let busy = false;
	timer ??= setInterval(() => {
		if (busy) return;
		busy = true;
		// A database that is away is found again at the next look.
		void tick()
			.catch((cause: unknown) => log.debug({ err: cause }, 'no sweep'))
			.finally(() => (busy = false));
	}, EVERY);
	timer.unref();
}
