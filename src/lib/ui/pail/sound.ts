/** One hand bell, made by the app itself: a soft strike at the end of a pail, two for a fetch hour. */
let context: AudioContext | null = null;

/** Browsers let sound begin only after a touch: call this in one. */
export function readySound(): void {
	try {
		context ??= new AudioContext();
		void context.resume();
	} catch {
		// No sound here; the change on screen says it all.
	}
}

function strike(at: number): void {
	if (!context) return;
	// A bell is its partials, each dying in its own time.
	for (const [ratio, level, seconds] of [
		[1, 0.5, 2.4],
		[2.01, 0.26, 1.5],
		[2.98, 0.16, 1],
		[4.16, 0.08, 0.6]
	] as const) {
		const oscillator = context.createOscillator();
		const gain = context.createGain();
		oscillator.frequency.value = 620 * ratio;
		gain.gain.setValueAtTime(0, at);
		gain.gain.linearRampToValueAtTime(level * 0.5, at + 0.006);
		gain.gain.exponentialRampToValueAtTime(0.0001, at + seconds);
		oscillator.connect(gain).connect(context.destination);
		oscillator.start(at);
		oscillator.stop(at + seconds);
	}
}

/** Rings so many strikes, and lets the phone shake where it can. */
export function ring(strikes: 1 | 2, audible: boolean): void {
	navigator.vibrate?.(strikes === 1 ? [400] : [200, 150, 200]);
	if (!audible || !context) return;
	for (let i = 0; i < strikes; i++) strike(context.currentTime + 0.02 + i * 0.7);
}

const KEY = 'pail-round-sound';

/** On by day, off at night (21 to 7), unless somebody has said otherwise. */
export function soundWanted(hour: number): boolean {
	try {
		const said = localStorage.getItem(KEY);
		if (said) return said === 'on';
	} catch {
		// Nothing kept: the hour decides.
	}
	return hour >= 7 && hour < 21;
}

export function wantSound(on: boolean): void {
	try {
		localStorage.setItem(KEY, on ? 'on' : 'off');
	} catch {
		// It holds for this page alone.
	}
}
