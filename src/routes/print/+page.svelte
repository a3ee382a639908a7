<script lang="ts">
	/** Cards for those who carry no phone: chosen here, printed to the millimetre, ticked off afterwards. */
	import Button from '$ui/kit/Button.svelte';
	import { PRINT_PAGE } from '$words/screens/print';
	import Choice from '$ui/kit/Choice.svelte';
	import { goto } from '$app/navigation';
	import Sheet from '$ui/print/Sheet.svelte';
	let { data } = $props();
	const view = $derived(data.view);
	/** Where there are no zones, none is printed. */
	const kinds = $derived(PRINT_PAGE.kinds.filter((kind) => kind.id !== 'zone' || view.zones.length > 0));
	/** As large as it fits beside the choices: said in the style, so that it has its size before any script is there. */
	const mm = $derived(
		`clamp(1.6px, calc((100cqi - 20px) / ${(view.sheet?.width ?? 1) * ((view.sheet?.pages.length ?? 1) > 1 ? 2.06 : 1)}), 3.2px)`
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
		<nav class="my-2.5 grid" aria-label={PRINT_PAGE.whichCard}>
			{#each kinds as kind (kind.id)}
				<a
					class="grid border-b border-b-tin-1 px-3.5 py-2.25 text-ink no-underline hover:bg-cobalt-wash focus-visible:rounded-cloth focus-visible:shadow-focus [&[aria-current]]:rounded-cloth [&[aria-current]]:border-b-transparent [&[aria-current]]:bg-enamel-hi [&[aria-current]]:[box-shadow:0_0_0_2.5px_var(--cobalt-ink)]"
					href="/print?kind={kind.id}&size={view.size}"
					aria-current={view.kind === kind.id ? 'true' : undefined}
					data-sveltekit-noscroll
					data-sveltekit-keepfocus
					data-sveltekit-replacestate
				>
					<b class="font-display text-tag font-normal">{kind.name}</b>
					<span class="dim">{kind.says}</span>
				</a>
			{/each}
		</nav>
		<form method="get" action="/print" bind:this={chooser} onchange={choose}>
			<input type="hidden" name="kind" value={view.kind} />
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
		class="preview @container flex flex-wrap gap-4.5 content-start justify-center py-4 min-w-0"
		aria-label={PRINT_PAGE.whatItLooksLike}
		role="region"
	>
		{#if view.sheet}
			<Sheet sheet={view.sheet} {mm} />
		{:else}
			<p class="dim">{PRINT_PAGE.thereIsNothingOfIt}</p>
		{/if}
	</div>
</section>

<style>
	.preview :global(.sheet) {
		box-shadow:
			0 0 0 1px var(--tin-1),
			var(--sh-cloth);
	}
</style>
