/**
 * Ticks of the list to buy on their way to the house. In a shop there is often no connection: a tick shows at once, is
 * kept on the device, and sent when the house can be reached; the newest of a thing counts.
 */
import { deserialize } from '$app/forms';
import type { Level } from '$core/cupboard/shopping';
import { houseAnswer } from '../session/houseAnswer';
import { readAnew } from '../connection.svelte';

interface Tick {
	readonly thing: string;
	readonly level: Level;
	/** By the device's clock, milliseconds. */
	readonly at: number;
}

const KEY = 'pail-bought';
const AGAIN_AFTER = 3000;

/** What an earlier page of this device could not send; what is no tick is passed over. */
function kept(): Tick[] {
	try {
		const list = JSON.parse(localStorage.getItem(KEY) ?? '[]') as unknown;
		return Array.isArray(list)
			? list.filter(
					(one: Partial<Tick> | null): one is Tick =>
						typeof one?.thing === 'string' && typeof one.level === 'string' && Number.isFinite(one.at)
				)
			: [];
	} catch {
		return [];
	}
}

export class ShoppingOutbox {
	waiting = $state<readonly Tick[]>([]);
	/** The house could not be reached at the last try. */
	stuck = $state(false);
	refusal = $state<string | null>(null);
	#sending = false;
	#timer: ReturnType<typeof setTimeout> | undefined;

	/** Takes up what waits on this device. */
	recall(): void {
		this.waiting = kept();
		if (this.waiting.length > 0) void this.send();
	}

	/** The level of a thing as it was last ticked here; null where nothing waits. */
	levelOf(thing: string): Level | null {
		return this.waiting.find((one) => one.thing === thing)?.level ?? null;
	}

	tick(thing: string, level: Level): void {
		this.refusal = null;
		this.#set([...this.waiting.filter((one) => one.thing !== thing), { thing, level, at: Date.now() }]);
		void this.send();
	}

	#set(ticks: readonly Tick[]): void {
		this.waiting = ticks;
		try {
			localStorage.setItem(KEY, JSON.stringify(ticks));
		} catch {
			// A device that keeps nothing still sends while the page is open.
		}
	}

	async send(): Promise<void> {
		if (this.#sending) return;
		clearTimeout(this.#timer);
		this.#sending = true;
		try {
			while (this.waiting.length > 0) {
				const [first] = this.waiting as readonly [Tick];
				const body = new FormData();
				body.set('thing', first.thing);
				body.set('level', first.level);
				body.set('ago', String(Math.max(0, Date.now() - first.at)));
				const response = await fetch('/supplies/list?/tell', {
					method: 'POST',
					body,
					keepalive: true,
					headers: { accept: 'application/json', 'x-sveltekit-action': 'true' }
				});
				const answer = houseAnswer(response.status, await response.text(), deserialize);
				if (answer.kind === 'kept') return this.#again();
				if (answer.kind === 'refused') this.refusal = answer.message;
				this.stuck = false;
				// One that was ticked again meanwhile goes once more.
				if (this.waiting.length === 1) await readAnew('app:supplies');
				this.#set(this.waiting.filter((one) => one.thing !== first.thing || one.at !== first.at));
			}
		} catch {
			this.#again();
		} finally {
			this.#sending = false;
		}
	}

	#again(): void {
		this.stuck = true;
		this.#timer = setTimeout(() => void this.send(), AGAIN_AFTER);
	}

	stop(): void {
		clearTimeout(this.#timer);
	}
}
