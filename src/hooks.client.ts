import { steady } from '$ui/connection.svelte';

/** Before the first page takes over: what a page is made of is asked for until the house answers. */
export function init(): void {
	window.fetch = steady(window.fetch);
}
