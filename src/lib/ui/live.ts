/** Follows the home: what others do shows here, too. A page that is not looked at does not listen. */
import { allAnswered, connection, readAnew } from './connection.svelte';

export function follow(since: number): () => void {
	let source: EventSource | null = null;
	let known = since;
	let under: Promise<void> | null = null;
	let again = false;

	/** One reading at a time; what changes during it is read once more after it. */
	const read = () => {
		if (under) {
			again = true;
			return;
		}
		under = allAnswered()
			// An answer that was lost is still asked for: until it is there the page stays as it was pressed on.
			.then(() => (connection.lost ? undefined : readAnew('app:live', () => connection.lost)))
			.catch(() => undefined)
			.finally(() => {
				under = null;
				if (again) {
					again = false;
					read();
				}
			});
	};
	const open = () => {
		if (source || document.visibilityState === 'hidden') return;
		source = new EventSource(`/live?since=${known}`);
		source.addEventListener('open', () => (document.documentElement.dataset.live = 'yes'));
		source.addEventListener('error', () => delete document.documentElement.dataset.live);
		source.addEventListener('changed', (event) => {
			const count = Number((event as MessageEvent<string>).data);
			if (count === known) return;
			known = count;
			read();
		});
	};
	const close = () => {
		source?.close();
		source = null;
		delete document.documentElement.dataset.live;
	};
	const look = () => (document.visibilityState === 'hidden' ? close() : open());
	document.addEventListener('visibilitychange', look);
	open();
	return () => {
		document.removeEventListener('visibilitychange', look);
		close();
	};
}
