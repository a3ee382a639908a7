/** Messages in reach of the thumb, each with its way back. The part that draws them is fetched with the first. */
import { UNDO_FOR } from './times';

export interface MessageOptions {
	/** The way back: its word, and what it does. */
	readonly undo?: () => void;
	readonly undoWord?: string;
}

/** Says what was done, for six seconds. */
export async function say(text: string, { undo, undoWord = 'Undo' }: MessageOptions = {}): Promise<void> {
	const { toast } = await import('svelte-sonner');
	toast(text, {
		duration: UNDO_FOR,
		...(undo ? { action: { label: undoWord, onClick: undo } } : {})
	});
}
