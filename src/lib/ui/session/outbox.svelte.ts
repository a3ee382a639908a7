/**
 * Presses on their way to the server. Each shows at once, is sent in order, and again until it arrives; its id
 * makes a second arrival harmless. Until then the device keeps it, so that a reload or a closed tab loses nothing.
 */
import { deserialize } from '$app/forms';
import type { EventDetail, SessionEvent, SessionEventKind } from '$core/session/sessionPlan';
import { houseTime, readAnew } from '../connection.svelte';
import { freshId } from '../freshId';
import { houseAnswer } from './houseAnswer';

/** One entry of the device's store for each press: two tabs never write over each other's. */
const MARK = 'pail-press ';
const keyOf = (url: string, id: string) => `${MARK}${url} ${id}`;

/** What the device has kept for an address, oldest first; what is no press is passed over. */
function kept(url: string): SessionEvent[] {
	try {
		return Object.keys(localStorage)
			.filter((key) => key.startsWith(keyOf(url, '')))
			.map((key) => JSON.parse(localStorage.getItem(key) ?? 'null') as Partial<SessionEvent> | null)
			.filter(
				(one): one is SessionEvent =>
					typeof one?.id === 'string' && typeof one.kind === 'string' && Number.isFinite(one.at)
			)
			.sort((a, b) => a.at - b.at);
	} catch {
		return [];
	}
}

function keep(url: string, event: SessionEvent): void {
	try {
		localStorage.setItem(keyOf(url, event.id), JSON.stringify(event));
	} catch {
		// A device that keeps nothing still sends while the page is open.
	}
}

function forget(url: string, id: string): void {
	try {
		localStorage.removeItem(keyOf(url, id));
	} catch {
		// Nothing was kept.
	}
}

/** Sends what earlier pages of this device could not. Null where there was nothing; else what was refused of it. */
export async function sendKept(): Promise<{ readonly refused: readonly string[] } | null> {
	const urls = Object.keys(localStorage)
		.filter((key) => key.startsWith(MARK))
		.map((key) => key.slice(MARK.length).split(' ')[0] as string)
		.filter((url, i, all) => all.indexOf(url) === i);
	if (urls.length === 0) return null;
	const refused: string[] = [];
	const ahead = (await houseTime()) - performance.now();
	for (const url of urls) {
		const outbox = new Outbox(url, () => ahead + performance.now());
		outbox.recall();
		await outbox.send();
		if (outbox.refusal !== null) refused.push(outbox.refusal);
	}
	return { refused };
}

export class Outbox {
	waiting = $state<SessionEvent[]>([]);
	/** The server could not be reached at the last try. */
	stuck = $state(false);
	/** Why it is stuck. */
	why = $state<'away' | 'signed-out' | 'busy'>('away');
	refusal = $state<string | null>(null);
	#sending: Promise<void> | null = null;

	constructor(
		private readonly url: string,
		private readonly serverNow: () => number,
		/** Whether the page knows a press by now. */
		private readonly knows: (id: string) => boolean = () => true
	) {}

	press(kind: SessionEventKind, step: number | null = null, detail: EventDetail = {}): void {
		this.refusal = null;
		const event = { ...detail, id: freshId(), kind, at: this.serverNow(), step };
		keep(this.url, event);
		this.waiting.push(event);
		void this.send();
	}

	/** Takes up what an earlier page of this device could not send any more. */
	recall(): void {
		this.waiting = [
			...kept(this.url).filter((one) => !this.waiting.some((known) => known.id === one.id)),
			...this.waiting
		];
		void this.send();
	}

	/** Sends what waits, in order; a try that is under way is joined. */
	send(): Promise<void> {
		this.#sending ??= this.#sendAll().finally(() => (this.#sending = null));
		return this.#sending;
	}

	async #sendAll(): Promise<void> {
		try {
			while (this.waiting.length > 0) {
				const [event] = this.waiting as [SessionEvent];
				const { id, kind, step, at, ...detail } = event;
				const body = new FormData();
				body.set('id', id);
				body.set('kind', kind);
				if (step !== null) body.set('step', String(step));
				if (Object.keys(detail).length > 0) body.set('detail', JSON.stringify(detail));
				// Both instants are by the server's clock: the device's own may be wrong, or be put right meanwhile.
				body.set('ago', String(Math.max(0, this.serverNow() - at)));
				const response = await fetch(this.url, {
					method: 'POST',
					body,
					// A page that is left at once still sends it.
					keepalive: true,
					headers: { accept: 'application/json', 'x-sveltekit-action': 'true' }
				});
				const answer = houseAnswer(response.status, await response.text(), deserialize);
				if (answer.kind === 'kept') return this.#again(answer.why);
				forget(this.url, id);
				if (answer.kind === 'refused') this.refusal = answer.message;
				this.stuck = false;
				if (this.waiting.length === 1) await this.#untilKnown(id);
				this.waiting = this.waiting.filter((one) => one.id !== id);
			}
		} catch {
			this.#again('away');
		}
	}

	/**
	 * Reads the page anew until it knows the press: a reading that another one overtook ends before it brings anything,
	 * and without the press the page would for a moment be as it was before. What the house knew already is in no page.
	 */
	async #untilKnown(id: string): Promise<void> {
		for (let tries = 0; tries < 3; tries++) {
			await readAnew('app:session');
			if (this.knows(id)) return;
		}
	}

	/** Nothing was decided: what waits stays on the device, says so, and is sent again. */
	#again(why: 'away' | 'signed-out' | 'busy'): void {
		this.stuck = true;
		this.why = why;
		setTimeout(() => void this.send(), 2000);
	}
}
