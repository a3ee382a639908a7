/** What was ticked a moment ago: it stays in its place, struck, with its way back, and then goes. */
import type { JobRow } from '$views/today';
import { UNDO_FOR } from '../kit/times';

export interface Ticked {
	readonly row: JobRow;
	/** Where it hung. */
	readonly part: string;
	readonly at: number;
	/** The entry that says so, once the house has answered. */
	readonly entry: string | null;
}

export class TickedRows {
	/** A few rows at most, made anew by each change. */
	#kept = $state.raw<readonly Ticked[]>([]);
	// eslint-disable-next-line svelte/prefer-svelte-reactivity -- nothing is drawn from it
	readonly #timers = new Map<string, ReturnType<typeof setTimeout>>();

	/** It was pressed: struck at once, before there is an answer. */
	press(row: JobRow, part: string, at: number): void {
		this.#keep({ row, part, at, entry: null });
	}

	/** It is written: it can be taken back for a while. */
	written(line: string, entry: string): void {
		const ticked = this.get(line);
		if (!ticked) return;
		this.#keep({ ...ticked, entry });
		clearTimeout(this.#timers.get(line));
		this.#timers.set(
			line,
			setTimeout(() => this.drop(line), UNDO_FOR)
		);
	}

	/** It was not written, or was taken back, or its time is over. */
	drop(line: string): void {
		clearTimeout(this.#timers.get(line));
		this.#timers.delete(line);
		this.#kept = this.#without(line);
	}

	#without(line: string): Ticked[] {
		return this.#kept.filter((one) => one.row.line !== line);
	}

	#keep(ticked: Ticked): void {
		this.#kept = [...this.#without(ticked.row.line), ticked];
	}

	/** Whether a row that was pressed waits for its answer. */
	isAnswering(): boolean {
		return this.#kept.some((one) => one.entry === null);
	}

	get(line: string): Ticked | undefined {
		return this.#kept.find((one) => one.row.line === line);
	}

	/** The rows of a part with those that were ticked a moment ago, each where it hung. */
	among(part: string, rows: readonly JobRow[]): JobRow[] {
		const list = [...rows];
		const gone = this.#kept.filter(
			(one) => one.part === part && !rows.some((row) => row.line === one.row.line)
		);
		for (const one of gone.sort((a, b) => a.at - b.at)) list.splice(one.at, 0, one.row);
		return list;
	}
}
