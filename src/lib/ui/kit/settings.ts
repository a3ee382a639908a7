/** How the home writes dates and times: asked by every part that shows one. */
import { getContext, setContext } from 'svelte';

export interface WritingSettings {
	/** BCP 47: decides the order of day and month. */
	readonly locale: string;
	readonly clock: '24h' | '12h';
	/** 1: Monday. */
	readonly weekStart: number;
	/** The day it is at home, as YYYY-MM-DD. */
	readonly today: string | null;
}

const KEY = Symbol('how the home writes');
const USUAL: WritingSettings = { locale: 'en-GB', clock: '24h', weekStart: 1, today: null };

/** `read` is asked whenever something is drawn, so a change of the settings shows at once. */
export const setWriting = (read: () => WritingSettings) => setContext(KEY, read);
export const writing = (): WritingSettings =>
	getContext<(() => WritingSettings) | undefined>(KEY)?.() ?? USUAL;
