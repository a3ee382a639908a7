/** Prepared homes that this process keeps between requests, bounded by their bytes. */
import type { PreparedHome } from '$core/schedule/preparedHome';

export interface Kept {
	readonly revision: number;
	/** When it was saved: after a restore another one may have the same number. */
	readonly madeAt: number;
	readonly home: PreparedHome;
	readonly bytes: number;
}

/** A prepared home takes about so many bytes for each byte of its text. */
export const HELD_PER_BYTE = 5;

/** Prepared homes of this process, those asked for last at the end; never more than so many bytes of them. */
export class HomeCache {
	readonly #kept = new Map<string, Kept>();
	#bytes = 0;
	constructor(private readonly most: number) {}

	get bytes(): number {
		return this.#bytes;
	}

	get size(): number {
		return this.#kept.size;
	}

	get(household: string): Kept | undefined {
		const kept = this.#kept.get(household);
		if (!kept) return undefined;
		this.#kept.delete(household);
		this.#kept.set(household, kept);
		return kept;
	}

	set(household: string, kept: Kept): void {
		const before = this.#kept.get(household);
		// Another request may have read a newer one meanwhile.
		if (before && before.revision > kept.revision) return;
		this.drop(household);
		this.#kept.set(household, kept);
		this.#bytes += kept.bytes;
		for (const [oldest] of this.#kept) {
			if (this.#bytes <= this.most || oldest === household) break;
			this.drop(oldest);
		}
	}

	drop(household: string): void {
		this.#bytes -= this.#kept.get(household)?.bytes ?? 0;
		this.#kept.delete(household);
	}
}
