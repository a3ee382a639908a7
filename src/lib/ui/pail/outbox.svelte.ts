/**
 * Presses on their way to the server. Each shows at once, is sent in order, and again until it arrives; its id
 * makes a second arrival harmless.
 */
import { deserialize } from '$app/forms';
import { invalidate } from '$app/navigation';
import type { SessionEvent, SessionEventKind } from '$core/session/clock';
import { freshId } from '../freshId';

export class Outbox {
	waiting = $state<SessionEvent[]>([]);
	/** The server could not be reached at the last try. */
	stuck = $state(false);
	refusal = $state<string | null>(null);
	#sending = false;

	constructor(
		private readonly url: string,
		private readonly serverNow: () => number
	) {}

	press(kind: SessionEventKind, step: number | null = null): void {
		this.refusal = null;
		this.waiting.push({ id: freshId(), kind, at: this.serverNow(), step });
		void this.send();
	}

	async send(): Promise<void> {
		if (this.#sending) return;
		this.#sending = true;
		try {
			while (this.waiting.length > 0) {
				const [event] = this.waiting as [SessionEvent];
				const body = new FormData();
				body.set('id', event.id);
				body.set('kind', event.kind);
				if (event.step !== null) body.set('step', String(event.step));
				const response = await fetch(this.url, {
					method: 'POST',
					body,
					headers: { accept: 'application/json', 'x-sveltekit-action': 'true' }
				});
				const result = deserialize(await response.text());
				if (result.type === 'error' || (result.type === 'failure' && result.status >= 500))
					throw new Error('away');
				if (result.type === 'failure') this.refusal = String(result.data?.message ?? '');
				this.stuck = false;
				if (this.waiting.length === 1) await invalidate('app:session');
				this.waiting = this.waiting.filter((one) => one.id !== event.id);
			}
		} catch {
			this.stuck = true;
			setTimeout(() => void this.send(), 2000);
		} finally {
			this.#sending = false;
		}
	}
}
