/**
 * How fast the machine is just now: a fixed piece of work of each kind, measured in the same run and in the same way as
 * the figure beside it. Figures in milliseconds were set on a machine that did these pieces in the times that stand here.
 */

/** Milliseconds of processor that `processorPiece` took where the figures were set. */
export const PROCESSOR_THEN = 21;
/** Milliseconds for which `PHONE_PIECE` blocked a phone where the figures were set. */
export const PHONE_THEN = 440;

const ROWS = 12_000;

/** Rows made, grouped, sorted, written and read: what rules and pages are made of. */
export function processorPiece(): number {
	const rows = Array.from({ length: ROWS }, (_, i) => ({
		id: `row ${(i * 7919) % ROWS}`,
		day: (i * 31) % 365,
		minutes: (i * 37) % 90
	}));
	const days = new Map<number, typeof rows>();
	for (const row of rows) days.set(row.day, [...(days.get(row.day) ?? []), row]);
	const sorted = [...days.values()].map((day) =>
		[...day].sort((a, b) => a.minutes - b.minutes || (a.id < b.id ? -1 : 1))
	);
	return (JSON.parse(JSON.stringify(sorted)) as unknown[]).length;
}

/** A page that builds rows by script in four tasks and asks where they came to lie. Says that it is there as the app does. */
export const PHONE_PIECE = `<!doctype html><meta name="viewport" content="width=device-width">
<style>li { display: flex; gap: 8px; padding: 6px; border-bottom: 1px solid #999 } b { flex: 1 }</style><ol></ol><script>
const list = document.querySelector('ol');
let at = 0;
const words = (n) => Array.from({ length: 6 }, (_, i) => 'word' + ((n * 31 + i * 7) % 97)).join(' ');
function task() {
	const until = at + 300;
	for (; at < until; at++) {
		const row = document.createElement('li');
		row.innerHTML = '<span>' + at + '</span><b>' + words(at) + '</b><i>' + words(at + 5) + '</i>';
		list.append(row);
		if (at % 30 === 0) list.dataset.height = String(list.offsetHeight);
	}
	if (at < 1200) setTimeout(task, 20);
	else document.documentElement.dataset.ready = 'yes';
}
setTimeout(task, 20);
</script>`;
