/**
 * The focus stays where the hand was: an answer that is shown lays it on the page as a whole. Call it as the form is sent, and
 * what it gives once the answer is shown.
 */
import { tick } from 'svelte';

export function holdFocus(form: HTMLFormElement): () => Promise<void> {
	const held = document.activeElement;
	if (!(held instanceof HTMLElement) || !form.contains(held)) return () => Promise.resolve();
	return async () => {
		await tick();
		const { activeElement } = document;
		if (activeElement === null || activeElement === document.body) held.focus({ preventScroll: true });
	};
}
