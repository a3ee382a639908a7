<script lang="ts">
	/** Cards for those who carry no phone: chosen here, printed to the millimetre, ticked off afterwards. */
	import Button from '$ui/kit/Button.svelte';
	import { PRINT_PAGE } from '$words/screens/print';
	import Choice from '$ui/kit/Choice.svelte';
	import { goto } from '$app/navigation';
	import Sheet from '$ui/print/Sheet.svelte';
	let { data } = $props();
	const view = $derived(data.view);
	const kinds = [
		{ id: 'room', name: 'A room', says: 'Daily side and weekly side.' },
		{ id: 'person', name: 'A person, a day', says: 'What is theirs, in order.' },
		{ id: 'zone', name: 'A zone', says: 'Its jobs for the next visit.' },
		{ id: 'bookmark', name: 'A bookmark', says: 'A week in two halves, folded.' },
		{ id: 'week', name: PRINT_PAGE.theWholeWeek, says: 'One sheet for the fridge.' }
	];
	let frame = $state(0);
	/** As large as it fits beside the choices. */
	const mm = $derived(
		view.sheet
			? Math.min(
					3.2,
					Math.max(1.6, (frame - 20) / (view.sheet.width * (view.sheet.pages.length > 1 ? 2.06 : 1)))
				)
			: 2
	);
	let chooser: HTMLFormElement | undefined = $state();
	const choose = () => {
		if (!chooser) return;
		const query = new URLSearchParams(
			[...new FormData(chooser)].map(([name, value]) => [name, String(value)])
		);
		void goto(`/print?${query}`, { keepFocus: true, noScroll: true, replaceState: true });
	};
</script>

<svelte:head><title>{PRINT_PAGE.printPailRound}</title></svelte:head>

<section
	class="grid grid-cols-[320px_minmax(0,1fr)] gap-x-9 gap-y-6 px-edge pt-2.5 pb-7.5 flex-1 max-[801px]:grid-cols-[minmax(0,1fr)]"
>
	<div class="left">
		<h1>{PRINT_PAGE.print}</h1>
		<form method="get" action="/print" bind:this={chooser} onchange={choose}>
			<fieldset class="border-0 my-2.5">
				<legend class="sr">{PRINT_PAGE.whichCard}</legend>
				{#each kinds as kind (kind.id)}
					<label
						class="kind relative grid py-2.25 px-3.5 border-b border-b-tin-1 cursor-pointer hover:bg-cobalt-wash"
						class:chosen={view.kind === kind.id}
						><input
							class="absolute opacity-0"
							type="radio"
							name="kind"
							value={kind.id}
							checked={view.kind === kind.id}
						/>
						<b class="font-display font-normal text-tag">{kind.name}</b>
						<span class="dim">{kind.says}</span></label
					>
				{/each}
			</fieldset>
			<div class="grid grid-cols-[1fr_1fr] gap-2.5">
				{#if view.kind === 'room'}
					<Choice
						label={PRINT_PAGE.room}
						name="room"
						value={view.room}
						options={view.rooms.map((one) => ({ value: one.id, label: one.name }))}
					/>
				{:else if view.kind === 'person'}
					<Choice
						label={PRINT_PAGE.who}
						name="member"
						value={view.member}
						options={view.members.map((one) => ({ value: one.id, label: one.name }))}
					/>
				{:else if view.kind === 'zone'}
					<Choice
						label={PRINT_PAGE.zone}
						name="zone"
						value={view.zoneId}
						options={view.zones.map((one) => ({ value: one.id, label: one.name }))}
					/>
				{/if}
				{#if view.kind === 'person'}
					<Choice
						label={PRINT_PAGE.day}
						name="day"
						value={view.day}
						options={view.days.map((one) => ({ value: one.date, label: one.name }))}
					/>
				{:else}
					<Choice
						label={PRINT_PAGE.week}
						name="week"
						value={view.week}
						options={view.weeks.map((one) => ({ value: one.date, label: one.name }))}
					/>
				{/if}
				<Choice
					label={PRINT_PAGE.paper}
					name="size"
					value={view.size}
					options={['A4', 'A5', 'A6', PRINT_PAGE.letter].map((size) => ({ value: size, label: size }))}
				/>
			</div>
			<noscript><Button type="submit">{PRINT_PAGE.showIt}</Button></noscript>
		</form>
		<div class="acts flex flex-wrap gap-x-5.5 gap-y-3 items-center mt-4.5">
			{#if view.sheet}<Button kind="solid" href={view.print}>{PRINT_PAGE.printThisCard}</Button>{/if}
			<Button kind="link" href="/print/tick">{PRINT_PAGE.enterWhatWasDoneFrom}</Button>
		</div>
	</div>
	<div
		class="preview flex flex-wrap gap-4.5 content-start justify-center py-4 min-w-0"
		bind:clientWidth={frame}
		aria-label={PRINT_PAGE.whatItLooksLike}
		role="region"
	>
		{#if view.sheet}
			<Sheet sheet={view.sheet} mm="{mm}px" />
		{:else}
			<p class="dim">{PRINT_PAGE.thereIsNothingOfIt}</p>
		{/if}
	</div>
</section>

<style>
	.kind.chosen {
		background: var(--enamel-hi);
		border-radius: 10px;
		box-shadow: 0 0 0 2.5px var(--cobalt-ink);
		border-bottom-color: transparent;
	}
	.kind:has(input:focus-visible) {
		outline: 3px solid var(--cobalt-ink);
		outline-offset: 3px;
	}
	.preview :global(.sheet) {
		box-shadow:
			0 0 0 1px var(--tin-1),
			var(--sh-cloth);
	}
</style>
