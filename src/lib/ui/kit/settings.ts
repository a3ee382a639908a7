/** How the home writes dates and times: asked by every part that shows one. */
import type { Writing } from '$words/writing';
import { getContext, setContext } from 'svelte';

export interface WritingSettings extends Writing {
	readonly clock: '24h' | '12h';
	/** 1: Monday. */
	readonly weekStart: number;
	/** The day it is at home, as YYYY-MM-DD. */
	readonly today: string | null;
}

const KEY = Symbol('how the home writes');
const USUAL: WritingSettings = {
	dates: 'dayFirst',
	units: 'metric',
	clock: '24h',
	weekStart: 1,
	today: null
};

/** `read` is asked whenever something is drawn, so a change of the settings shows at once. */
export const setWriting = (read: () => WritingSettings) => setContext(KEY, read);
export const writing = (): WritingSettings =>
	getContext<(() => WritingSettings) | undefined>(KEY)?.() ?? USUAL;
