<script lang="ts">
	/** The press of a lane: undo for a moment, the choice at the bell, going on after a pause, else the one great button. */
	import Button from '../kit/Button.svelte';
	import { SESSION_PRESS } from '$words/screens/session';
	import type { Coming, Lane } from '$core/session/replan';
	import Glyph from '../glyphs/Glyph.svelte';
	import BellChoice from './BellChoice.svelte';
	import GiantButton from './GiantButton.svelte';
	import type { Running } from './running.svelte';
	let {
		running,
		lane,
		first,
		label,
		capped = false
	}: {
		running: Running;
		lane: Lane | null;
		/** The step in hand; null: nothing more. */
		first: Coming | null;
		label: string;
		/** The job has had its cap: the press stops it. */
		capped?: boolean;
	} = $props();
	const step = $derived(first ? running.step(first.step) : null);
	const kind = $derived(capped ? ('capped' as const) : ('stepDone' as const));
	// Whoever does what was planned for another says so.
	const by = $derived(lane && step && lane.who !== step.who ? { by: lane.who } : {});
</script>

{#if running.canUndo}<Button
		kind="link"
		type="submit"
		class="inline-flex! items-center! gap-2! min-h-11! mb-1.5"
		onclick={() => running.undo()}><Glyph name="back" size={22} />{SESSION_PRESS.undoNotDone}</Button
	>{/if}
{#if running.atBell}
	<BellChoice {running} step={first?.step ?? null} />
{:else if running.clock.phase === 'paused'}
	<GiantButton
		{running}
		kind="resumed"
		label={SESSION_PRESS.continue}
		onpress={() => running.press('resumed')}
	/>
{:else if first}
	<GiantButton
		{running}
		{kind}
		step={first.step}
		{label}
		onpress={() => running.press(kind, first.step, by)}
	/>
{/if}
