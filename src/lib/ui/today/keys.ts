/** The keys of Today. Without Ctrl, Alt or Meta, and never while something is typed in. */
export type KeyAct =
	| 'before'
	| 'after'
	| 'above'
	| 'below'
	| 'today'
	| 'done'
	| 'looked'
	| 'part'
	| 'letgo'
	| 'open'
	| 'undo'
	| 'enough'
	| 'keys';

const KEYS: Readonly<Record<string, KeyAct>> = {
	ArrowLeft: 'before',
	ArrowRight: 'after',
	ArrowUp: 'above',
	ArrowDown: 'below',
	t: 'today',
	d: 'done',
	l: 'looked',
	p: 'part',
	x: 'letgo',
	o: 'open',
	u: 'undo',
	e: 'enough',
	'?': 'keys'
};

export function keyAct(
	event: Pick<KeyboardEvent, 'key' | 'ctrlKey' | 'altKey' | 'metaKey' | 'repeat' | 'target'>
): KeyAct | null {
	if (event.ctrlKey || event.altKey || event.metaKey || event.repeat) return null;
	const target = event.target as { closest?: (selector: string) => unknown } | null;
	if (target?.closest?.('input, select, textarea, [contenteditable]')) return null;
	return KEYS[event.key] ?? null;
}

const OFF = 'pail-round-keys-off';

/** Whether single keys act: people who speak to their machine, or lean on it, can turn them off. */
export function keysOn(): boolean {
	try {
		return localStorage.getItem(OFF) === null;
	} catch {
		return true;
	}
}

export function setKeysOn(on: boolean): void {
	try {
		if (on) localStorage.removeItem(OFF);
		else localStorage.setItem(OFF, 'off');
	} catch {
		// A browser that keeps nothing keeps the keys on.
	}
}
