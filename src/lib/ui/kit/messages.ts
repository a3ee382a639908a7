/** Messages in reach of the thumb, each with its way back. What draws them is fetched with the first. */
import { UNDO_FOR } from './times';

export interface MessageOptions {
	/** The way back: its word, and what it does. */
	readonly undo?: () => void;
	readonly undoWord?: string;
}

let place: Promise<unknown> | null = null;

/** Hangs the place of messages into the page, once. */
async function hangPlace(): Promise<void> {
	const [{ mount }, { default: Messages }] = await Promise.all([
		import('svelte'),
		import('./Messages.svelte')
	]);
	mount(Messages, { target: document.body });
}

/** Says what was done, for six seconds. */
export async function say(text: string, { undo, undoWord = 'Undo' }: MessageOptions = {}): Promise<void> {
	const [{ toast }] = await Promise.all([import('svelte-sonner'), (place ??= hangPlace())]);
	toast(text, {
		duration: UNDO_FOR,
		...(undo ? { action: { label: undoWord, onClick: undo } } : {})
	});
}
