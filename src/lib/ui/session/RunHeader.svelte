<script lang="ts">
	/** The head of a running session: whose it is, the bell's voice, Pause and the end, small and far from the button. */
	import { onMount, type Snippet } from 'svelte';
	import Ellipsis from '@lucide/svelte/icons/ellipsis';
	import Glyph from '../glyphs/Glyph.svelte';
	import Button from '../kit/Button.svelte';
	import Menu, { type MenuLine } from '../kit/Menu.svelte';
	import ActForm from '../ActForm.svelte';
	import { CALL } from '$words/people';
	import { RUN_HEAD } from '$words/session';
	import { keepVolume, readySound, VOLUME_WORDS, VOLUMES } from './sound';
	import type { Running } from './running.svelte';
	let { running, children, onchange }: { running: Running; children: Snippet; onchange?: () => void } =
		$props();
	const paused = $derived(running.clock.phase === 'paused');
	const end = $derived(running.run.plan.kind === 'visitors' ? RUN_HEAD.visitorsEnd : RUN_HEAD.end);
	/** Without scripts every button stands by itself. */
	let folds = $state(false);
	onMount(() => (folds = true));
	const viaScript = (act: () => void) => (event: Event) => {
		event.preventDefault();
		act();
	};
	function louder() {
		const at = VOLUMES.indexOf(running.volume);
		running.volume = VOLUMES[(at + VOLUMES.length - 1) % VOLUMES.length] ?? 0;
		keepVolume(running.volume);
		readySound();
	}
	async function allow() {
		running.permission = await Notification.requestPermission();
	}
	const stop = () => running.press('setDown', null, {}, false);
	let called = $state(false);
	let calling: HTMLFormElement | undefined = $state();
	const call = () => calling?.requestSubmit();
	const lines = $derived<MenuLine[]>([
		...(running.run.mayCall && !called ? [{ label: CALL.help, line: RUN_HEAD.callLine, onpick: call }] : []),
		...(onchange ? [{ label: RUN_HEAD.change, line: RUN_HEAD.changeLine, onpick: onchange }] : []),
		{ label: VOLUME_WORDS[running.volume], line: RUN_HEAD.bellLine, onpick: louder },
		...(running.permission === 'default'
			? [{ label: RUN_HEAD.notify, line: RUN_HEAD.notifyLine, onpick: () => void allow() }]
			: []),
		{ label: end, line: RUN_HEAD.endLine, onpick: stop }
	]);
	const quiet = $derived(
		`inline-flex min-h-11 items-center gap-2 border-0 bg-transparent px-2 whitespace-nowrap text-tin-text ${folds ? 'max-[1023px]:hidden' : ''}`
	);
	const wide = $derived(folds ? 'max-[1023px]:hidden' : '');
</script>

<header class="flex min-h-12 min-w-0 items-center gap-2.5 sm:gap-3.5 {folds ? '' : 'max-[1023px]:flex-wrap'}">
	{@render children()}
	<span class="ml-auto flex min-w-0 justify-end gap-x-3 gap-y-2 {folds ? 'shrink-0' : 'flex-wrap'}">
		{#if running.permission === 'default'}
			<button class={quiet} onclick={allow}>{RUN_HEAD.notify}</button>
		{/if}
		<button class={quiet} onclick={louder}
			><Glyph name="bell" size={22} />{VOLUME_WORDS[running.volume]}</button
		>
		{#if onchange}<Button class="whitespace-nowrap {wide}" onclick={onchange}>{RUN_HEAD.change}</Button>{/if}
		{#if running.run.mayCall}
			<ActForm
				action="/mine?/help"
				bind:form={calling}
				then={{ ended: (result) => (called = result.type === 'success') }}
			>
				{#if called}<span class="inline-block py-2.5 font-name" role="status">{CALL.called}</span
					>{:else}<Button type="submit" class="whitespace-nowrap {wide}">{CALL.help}</Button>{/if}
			</ActForm>
		{/if}
		<form
			method="post"
			action="?/event"
			onsubmit={viaScript(() => running.press(paused ? 'resumed' : 'paused', null, {}, false))}
		>
			<input type="hidden" name="seed" value={running.run.formId} />
			<Button type="submit" name="kind" value={paused ? 'resumed' : 'paused'}
				>{paused ? RUN_HEAD.resume : RUN_HEAD.pause}</Button
			>
		</form>
		<form method="post" action="?/event" class={wide} onsubmit={viaScript(stop)}>
			<input type="hidden" name="seed" value={running.run.formId} />
			<Button type="submit" name="kind" value="setDown" class="whitespace-nowrap">{end}</Button>
		</form>
		{#if folds}
			<span class="min-[1024px]:hidden"
				><Menu label={RUN_HEAD.more} {lines}
					>{#snippet trigger()}<Ellipsis size={24} aria-hidden="true" />{/snippet}</Menu
				></span
			>
		{/if}
	</span>
</header>
