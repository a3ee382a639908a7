/** One hand bell, made by the app itself: a soft strike at the end of a pail, two for a fetch hour, three in a hurry. */
import { BELLS } from '$words/screens/session';

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

function strike(at: number, volume: number): void {
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
		gain.gain.linearRampToValueAtTime(level * volume, at + 0.006);
		gain.gain.exponentialRampToValueAtTime(0.0001, at + seconds);
		oscillator.connect(gain).connect(context.destination);
		oscillator.start(at);
		oscillator.stop(at + seconds);
	}
}

export type Strikes = 1 | 2 | 3;

const SHAKES: Readonly<Record<Strikes, number[]>> = {
	1: [400],
	2: [200, 150, 200],
	3: [300, 100, 300, 100, 300]
};

/** How loud: silent, soft, loud. */
export const VOLUMES = [0, 0.2, 0.6] as const;
export type Volume = (typeof VOLUMES)[number];
export const VOLUME_WORDS: Readonly<Record<Volume, string>> = {
	0: BELLS.off,
	0.2: BELLS.soft,
	0.6: BELLS.on
};

/** Rings so many strikes, and lets the phone shake where it can. */
export function ring(strikes: Strikes, volume: Volume): void {
	navigator.vibrate?.(SHAKES[strikes]);
	if (volume === 0 || !context) return;
	for (let i = 0; i < strikes; i++)
		strike(context.currentTime + 0.02 + i * (strikes === 3 ? 0.45 : 0.7), volume);
}

const KEY = 'pail-round-sound';

/** On by day, off at night (21 to 7), unless somebody has said otherwise. */
export function volumeWanted(hour: number): Volume {
	try {
		const said = localStorage.getItem(KEY);
		const known = VOLUMES.find((one) => String(one) === said);
		if (known !== undefined) return known;
	} catch {
		// Nothing kept: the hour decides.
	}
	return hour >= 7 && hour < 21 ? 0.6 : 0;
}

export function keepVolume(volume: Volume): void {
	try {
		localStorage.setItem(KEY, String(volume));
	} catch {
		// It holds for this page alone.
	}
}

/** Whether a notification may be shown; null where there are none. */
export const mayNotify = (): NotificationPermission | null =>
	typeof Notification === 'undefined' ? null : Notification.permission;

/** A word on the lock screen or in the corner, where it is allowed and the page is not looked at. */
export function notify(title: string, body: string): void {
	if (mayNotify() !== 'granted' || document.visibilityState === 'visible') return;
	try {
		new Notification(title, { body, tag: 'pail-round', silent: true });
	} catch {
		// Some phones want a service worker for it; the bell on screen stays.
	}
}
