/** How the parts of a day share the width of the Line: how many rolls hang in each. */

export interface DayColumns {
	/** Rolls of each part, at least one. */
	readonly rolls: readonly number[];
	/** Whether a part takes the whole width, one under the other: on days with far more than hangs side by side. */
	readonly isStacked: boolean;
}

/** Rows that a roll holds before another one hangs beside it. */
const LONG_ROLL = 7;
/** From so many rows in one roll on, the parts hang one under the other. */
const TOO_LONG = 12;

/**
 * Shares `columns` places beside each other among parts with so many rows: one each, the others to whichever has
 * the longest rolls. `taken` of the places are the next towel's.
 */
export function dayColumns(rows: readonly number[], columns: number, taken: number): DayColumns {
	const rolls = rows.map(() => 1);
	const length = (i: number) => (rows[i] ?? 0) / (rolls[i] ?? 1);
	for (let free = columns - taken - rolls.length; free > 0; free--) {
		const longest = rows.reduce((best, _, i) => (length(i) > length(best) ? i : best), 0);
		if (length(longest) <= LONG_ROLL) break;
		rolls[longest] = (rolls[longest] ?? 1) + 1;
	}
	if (rows.every((_, i) => length(i) <= TOO_LONG)) return { rolls, isStacked: false };
	return {
		rolls: rows.map((count, i) =>
			Math.max(1, Math.min(columns - (i === 0 ? taken : 0), Math.ceil(count / LONG_ROLL)))
		),
		isStacked: true
	};
}

/** Deals rows to rolls in their order, as evenly as they go. */
export function intoRolls<Row>(rows: readonly Row[], rolls: number): Row[][] {
	const each = Math.ceil(rows.length / Math.max(1, rolls));
	const dealt: Row[][] = [];
	for (let i = 0; i < rows.length; i += each) dealt.push(rows.slice(i, i + each));
	return dealt;
}

/** Rows of a phone's first screen, a tall one's as well, below what stands over the Line. */
const FIRST_SCREEN = 8;
/** The next towel is as high as so many rows. */
const NEXT_ROWS = 5;

/** Of parts with so many rows, under each other: which begin below the first screen of a phone. */
export function belowFirstScreen(rows: readonly number[], hasNext: boolean): boolean[] {
	let before = hasNext ? NEXT_ROWS : 0;
	return rows.map((count, i) => {
		const isBelow = i > 0 && before >= FIRST_SCREEN;
		before += Math.max(1, count);
		return isBelow;
	});
}
