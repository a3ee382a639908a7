<script lang="ts">
	/** What to mind, the danger first: framed in madder; what is only to be minded in one line below. */
	import { SUPPLIES_CARES } from '$words/screens/supplies';
	import { page } from '$app/state';
	import type { CareLine } from '$views/supplies';
	import { SUPPLIES } from '$words/supplies/cupboard';
	import Caution from '../kit/Caution.svelte';
	let {
		lines,
		compact = false,
		most = 99,
		who = null
	}: {
		lines: readonly CareLine[];
		compact?: boolean;
		/** So many dangers at most, where there is little room. */
		most?: number;
		/** Whose step it is, where several work. */
		who?: string | null;
	} = $props();
	const dangers = $derived(lines.filter((line) => line.grave));
	const grave = $derived(dangers.slice(0, most));
	/** Where there is no room for more frames: what must not be done, at least. */
	const others = $derived(
		dangers
			.slice(most)
			.map((line) => line.headline)
			.join(' ')
	);
	/** The label, where there is one, and who to call where it is a danger. */
	const label = $derived(
		!lines.some((line) => line.ofProduct) ? '' : compact ? SUPPLIES.labelShort : SUPPLIES.labelFirst
	);
	const poison = $derived<string>(
		dangers.some((line) => line.ofProduct) ? (page.data.poisonCentre ?? '') : ''
	);
	const light = $derived(
		lines
			.filter((line) => !line.grave)
			.map((line) => `${line.headline} ${line.text}`.trim())
			.join(' ')
	);
</script>

{#each grave as line, i (i)}
	<Caution headline={line.headline} {compact}>{line.text}{who ? SUPPLIES_CARES.hasIt(who) : ''}</Caution>
{/each}
{#if others}<p class="m-0 text-madder font-name {compact ? 'text-body' : ''}">{others}</p>{/if}
{#if light}<p class="m-0 font-name {compact ? 'text-body' : ''}">{light}</p>{/if}
{#if label || poison}<p class="m-0 text-tin-text {compact ? 'text-body' : ''}">
		{label}{#if poison}{' '}<span class="inline-block">{SUPPLIES.poison(poison)}</span>{/if}
	</p>{/if}
