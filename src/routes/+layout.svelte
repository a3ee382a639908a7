<script lang="ts">
	import Button from '$ui/kit/Button.svelte';
	import '$ui/app.css';
	import ActForm from '$ui/ActForm.svelte';
	import { connection } from '$ui/connection.svelte';
	import { follow } from '$ui/live';
	import { hydrated } from '$ui/hydration';
	import Notice from '$ui/Notice.svelte';
	import { setWriting } from '$ui/kit/settings';
	import AsItWas from '$ui/frame/AsItWas.svelte';
	import Tray from '$ui/frame/Tray.svelte';
	import { FRAME } from '$words/frame';
	import { writeBy } from '$words/writing';
	import { browser } from '$app/environment';
	import { afterNavigate, invalidateAll } from '$app/navigation';
	import { page } from '$app/state';
	import { onMount, untrack, type Component } from 'svelte';
	let { data, children } = $props();
	setWriting(() => data.writing);
	// On the server each request has its own.
	if (browser) writeBy(() => data.writing);
	// Says that scripts have taken over, for tests that press like a person would.
	onMount(() => {
		document.documentElement.dataset.ready = 'yes';
		hydrated();
		keepPage();
		void sendWhatWasKept();
		isKept = document.documentElement.dataset.keptAt !== undefined;
		const asked = () => void openPalette();
		window.addEventListener('sayit', asked);
		return () => window.removeEventListener('sayit', asked);
	});
	/** What the house would not take of them: said until another page is opened. */
	let refused = $state<readonly string[]>([]);
	/** Presses of a pail that was left before they could be sent. Its own page sees to them itself. */
	async function sendWhatWasKept() {
		const kept = Object.keys(localStorage).some((key) => key.startsWith('pail-press '));
		if (!kept || page.url.pathname.startsWith('/timer/')) return;
		const { sendKept } = await import('$ui/session/outbox.svelte');
		// Without a connection it stays kept, for the next page.
		const sent = await sendKept().catch(() => null);
		if (!sent) return;
		refused = [...new Set(sent.refused)];
		await invalidateAll();
	}
	// Another page that came is an answer.
	/** The page is one that the device kept. */
	let isKept = $state(false);
	// The first page has been entered before this page is alive: what follows it is done on mount.
	afterNavigate(({ type }) => {
		if (type === 'enter') return;
		keepPage();
		connection.lost = false;
		refused = [];
	});
	function keepPage() {
		void navigator.serviceWorker?.ready.then(({ active }) => active?.postMessage('keep'));
	}
	// A running pail fills the screen: no top row, no lower rim.
	const bare = $derived(
		!page.error &&
			(/^\/(timer\/[^/]+|begin|sign-in|sign-up|reset|join|who|about|mine.*)$/.test(page.url.pathname) ||
				data.frame.places.length === 0)
	);
	/** The line to say it in: fetched when it is first asked for. */
	let Palette = $state<Component<{ onclose: () => void }> | null>(null);
	let saying = $state(false);
	async function openPalette() {
		Palette ??= (await import('$ui/say/Palette.svelte')).default as Component<{ onclose: () => void }>;
		saying = true;
	}
	/** One key, on any page but where something is typed. */
	function onkeydown(event: KeyboardEvent) {
		const typing = (event.target as HTMLElement | null)?.closest?.('input, select, textarea, [role=dialog]');
		const asks = event.key === '/' || (event.key.toLowerCase() === 'k' && (event.ctrlKey || event.metaKey));
		if (!asks || event.repeat || event.altKey || !data.frame.maySay) return;
		if (typing && event.key === '/') return;
		event.preventDefault();
		void openPalette();
	}
	// What others do shows here, too; nobody in particular follows nothing.
	const follows = $derived(data.role !== null);
	$effect(() => (follows ? follow(untrack(() => data.changes)) : undefined));
</script>

<svelte:window {onkeydown} />

<Tray frame={{ ...data.frame, path: page.url.pathname }} {bare}
	>{#each refused as words (words)}
		<Notice tone="wrong"><span>{FRAME.notTaken} {words}</span></Notice>
	{/each}{#each data.calls as call (call.id)}
		<Notice tone="wrong"
			><b>{call.words}.</b>
			{#if data.mayCome}
				<ActForm action="/people?/came" values={{ call: call.id }} then={{ withoutId: true }}
					><Button type="submit">{FRAME.coming}</Button></ActForm
				>
			{/if}</Notice
		>
	{/each}{@render children()}</Tray
>
{#if isKept}<AsItWas />{/if}
{#if saying && Palette}<Palette onclose={() => (saying = false)} />{/if}
<!-- A running pail says so itself, away from its great button. -->
{#if connection.lost && !page.url.pathname.startsWith('/timer/')}
	<div
		class="fixed z-90 top-auto right-0 bottom-6 left-0 grid justify-items-center pointer-events-none max-sm:bottom-[calc(70px_+_env(safe-area-inset-bottom))]"
	>
		<Notice tone="wrong"><span>{FRAME.lost}</span></Notice>
	</div>
{/if}
