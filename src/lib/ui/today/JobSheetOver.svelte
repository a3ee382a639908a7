<script lang="ts">
	/** A job's sheet over Today; without scripts it stands in the page. */
	import { onMount } from 'svelte';
	import Button from '../kit/Button.svelte';
	import Message from '../kit/Message.svelte';
	import Sheet from '../kit/Sheet.svelte';
	import { TODAY } from '$words/today';
	import type { SheetView, TodayView } from '$views/today';
	import JobSheet from './JobSheet.svelte';
	let {
		sheet,
		view,
		canEdit,
		wrong,
		values,
		closeHref,
		onclose
	}: {
		sheet: SheetView;
		view: TodayView;
		canEdit: boolean;
		/** Why the last try was not written. */
		wrong: string;
		values: Readonly<Record<string, string>>;
		closeHref: string;
		onclose: () => void;
	} = $props();
	let scripted = $state(false);
	onMount(() => (scripted = true));
	const under = $derived(`${sheet.row.room}, ${sheet.row.who}`);
	/** Back to the row that opened it, where it still hangs. */
	function back(event: Event) {
		const link = document.querySelector<HTMLElement>(`[data-line="${CSS.escape(sheet.row.line)}"] a.name`);
		if (!link) return;
		event.preventDefault();
		link.focus();
	}
</script>

{#snippet body()}
	{#if wrong}<div class="-mx-edge mb-3"><Message tone="wrong"><span>{wrong}</span></Message></div>{/if}
	<JobSheet {sheet} {view} {canEdit} done={onclose} {values} />
{/snippet}

{#if scripted}
	<Sheet title={sheet.row.name} {under} {onclose} onleave={back}>{@render body()}</Sheet>
{:else}
	<section class="mx-edge my-3" aria-label={sheet.row.name}>
		<div class="mb-3.5 flex items-start justify-between gap-4">
			<div>
				<h2 class="m-0 text-h2">{sheet.row.name}</h2>
				<p class="mt-1.5 mb-0 text-tin-text">{under}</p>
			</div>
			<Button href={closeHref}>{TODAY.close}</Button>
		</div>
		{@render body()}
	</section>
{/if}
