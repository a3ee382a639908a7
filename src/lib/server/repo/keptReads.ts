/** What was read of homes, by household and by the state it was read at; bounded by its bytes. */

/** About so many bytes a value takes: texts two a letter, and what holds them. */
export function bytesOf(value: unknown): number {
	if (typeof value === 'string') return 24 + 2 * value.length;
	if (typeof value !== 'object' || value === null) return 8;
	let sum = 48;
	if (value instanceof Map) for (const [key, one] of value) sum += 16 + bytesOf(key) + bytesOf(one);
	else if (Array.isArray(value)) for (const one of value) sum += 8 + bytesOf(one);
	else for (const one of Object.values(value)) sum += 16 + bytesOf(one);
	return sum;
}

interface Home {
	readonly at: string;
	readonly values: Map<string, { readonly value: unknown }>;
	bytes: number;
}

/** The homes asked for last stand at the end; the first ones go where there is too much. */
export class KeptReads {
	readonly #homes = new Map<string, Home>();
	#bytes = 0;
	constructor(private readonly most: number) {}

	get bytes(): number {
		return this.#bytes;
	}

	/** What was read of a home at this state of it; null where nothing is kept. */
	get(household: string, at: string, what: string): { readonly value: unknown } | null {
		const home = this.#homes.get(household);
		if (home?.at !== at) return null;
		this.#homes.delete(household);
		this.#homes.set(household, home);
		return home.values.get(what) ?? null;
	}

	/** Keeps a value; what was kept of another state of the home goes. */
	set(household: string, at: string, what: string, value: unknown): void {
		let home = this.#homes.get(household);
		if (home?.at !== at) {
			this.#drop(household);
			this.#homes.set(household, (home = { at, values: new Map(), bytes: 0 }));
		}
		if (home.values.has(what)) return;
		const bytes = bytesOf(value);
		home.values.set(what, { value });
		home.bytes += bytes;
		this.#bytes += bytes;
		for (const [oldest] of this.#homes) {
			if (this.#bytes <= this.most) break;
			this.#drop(oldest);
		}
	}

	#drop(household: string): void {
		this.#bytes -= this.#homes.get(household)?.bytes ?? 0;
		this.#homes.delete(household);
	}
}
