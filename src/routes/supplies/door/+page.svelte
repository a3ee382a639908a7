<script lang="ts">
	/** One sheet for the inside of the cupboard door. */
	import { SUPPLIES_DOOR_PAGE } from '$words/screens/supplies';
	import { FIELD_ROW } from '$ui/kit/styles';
	import EditForm from '$ui/house/EditForm.svelte';
	import Button from '$ui/kit/Button.svelte';
	import TextField from '$ui/kit/TextField.svelte';
	import Toggles from '$ui/kit/Toggles.svelte';
	import Notice from '$ui/Notice.svelte';
	import Meeting from '$ui/supplies/Meeting.svelte';
	import { MEASURES, SIZES, type Size } from '$core/cards/sizes';
	import { PRINT_PAGE } from '$words/screens/print';
	import { DOOR_SHEET } from '$words/supplies/doorSheet';
	import { SUPPLIES } from '$words/supplies/cupboard';
	let { data, form } = $props();
	/** A door is large enough for all but the smallest card. */
	const PAPERS = SIZES.filter((one) => one !== 'A6');
	let paper = $derived<Size>(PAPERS.find((one) => one === data.size) ?? 'A4');
	const isSmall = $derived(paper === 'A5');
	const sized = $derived(
		`<style>@page { size: ${MEASURES[paper].width}mm ${MEASURES[paper].height}mm; margin: ${isSmall ? 8 : 12}mm; }</style>`
	);
	const view = $derived(data.view);
	const said = $derived(
		form && 'message' in form ? form.message : form && 'saved' in form ? form.saved : null
	);
</script>

<svelte:head>
	<title>{SUPPLIES_DOOR_PAGE.pailRound(DOOR_SHEET.title)}</title>
	<!-- eslint-disable-next-line svelte/no-at-html-tags -- numbers of our own table of paper -->
	{@html sized}
</svelte:head>

<div
	class={[
		'grid grid-cols-[minmax(0,1fr)] gap-5 px-edge pt-3.5 pb-7 print:p-0',
		isSmall ? 'print:text-[9pt] print:leading-snug' : 'print:text-[11pt]'
	]}
>
	<header class="flex flex-wrap items-end gap-x-6 gap-y-3 print:hidden">
		<div>
			<p class="mt-0 mb-1">
				<Button kind="link" class="inline-block! min-h-7!" href="/supplies">{SUPPLIES.back}</Button>
			</p>
			<h1 class="m-0">{DOOR_SHEET.title}</h1>
		</div>
		<Toggles
			label={PRINT_PAGE.paper}
			options={PAPERS.map((one) => ({ value: one, label: one }))}
			value={[paper]}
			onchange={([to]) => (paper = PAPERS.find((one) => one === to) ?? paper)}
		/>
		<Button kind="solid" onclick={() => window.print()}>{DOOR_SHEET.print}</Button>
		{#if view.mayEdit}
			<EditForm
				action="/supplies/door?/edit"
				{view}
				values={{ op: 'poison' }}
				class="flex min-w-0 flex-1 basis-80 flex-wrap gap-3 {FIELD_ROW}"
			>
				<div class="min-w-0 max-w-80 flex-1">
					<TextField
						label={DOOR_SHEET.poisonField}
						name="number"
						value={view.poisonCentre}
						type="tel"
						maxlength={60}
					/>
				</div>
				<Button type="submit">{SUPPLIES.save}</Button>
			</EditForm>
		{/if}
	</header>
	{#if said}<Notice tone={form && 'message' in form ? 'wrong' : undefined}><span>{said}</span></Notice>{/if}
	<article
		class="grid max-w-[1100px] gap-4 grid-cols-[minmax(0,1fr)] rounded-button border-2 border-cobalt-ink bg-enamel-hi px-6 py-5 max-sm:px-4 print:max-w-none print:border-0 print:p-0"
	>
		<div class="flex flex-wrap items-baseline justify-between gap-3">
			<h2 class="m-0">{DOOR_SHEET.never}</h2>
			<p class="m-0 text-lead">
				{DOOR_SHEET.poison}: <b>{view.poisonCentre || '____________________'}</b>
			</p>
		</div>
		{#if !view.poisonCentre}<p class="m-0 text-tin-text print:hidden">{DOOR_SHEET.poisonNone}</p>{/if}
		<p class="m-0">{DOOR_SHEET.neverLead}</p>
		<ul
			class={[
				'm-0 grid list-none gap-x-6 gap-y-3 p-0 min-[620px]:grid-cols-2 md:grid-cols-3',
				isSmall ? 'print:grid-cols-2 print:gap-y-2' : 'print:grid-cols-3'
			]}
		>
			{#each view.pairs as pair (`${pair.first} ${pair.second}`)}
				<li class="flex min-w-0 items-start gap-3">
					<Meeting />
					<span class="min-w-0">
						<b class="block text-madder">{pair.first} + {pair.second}</b>
						{pair.what}
						{#if pair.ours}<span class="block text-body text-tin-text wrap-anywhere print:text-[0.9em]"
								>{pair.ours}</span
							>{/if}
					</span>
				</li>
			{/each}
		</ul>
		<div class="grid gap-x-8 gap-y-4 md:grid-cols-2 print:grid-cols-2">
			<div>
				<h2 class="mt-0 mb-1.5">{DOOR_SHEET.surfaces}</h2>
				<dl
					class={[
						'm-0 grid grid-cols-[minmax(0,8rem)_minmax(0,1fr)] gap-x-3 gap-y-1',
						isSmall && 'print:grid-cols-[4.6rem_minmax(0,1fr)] print:gap-x-2'
					]}
				>
					{#each view.surfaces as surface (surface.name)}
						<dt class="font-name break-inside-avoid">{surface.name}</dt>
						<dd class="m-0 break-inside-avoid">
							{DOOR_SHEET.notThis}
							{surface.not}{#if surface.rooms}{' '}<span class="text-tin-text">({surface.rooms})</span>{/if}
						</dd>
					{/each}
				</dl>
			</div>
			<div class="grid content-start gap-4">
				<div>
					<h2 class="mt-0 mb-1.5">{DOOR_SHEET.firstHelp}</h2>
					<ol class="m-0 list-decimal pl-5">
						{#each DOOR_SHEET.help as line (line)}<li class="mb-1">{line}</li>{/each}
					</ol>
				</div>
				<div>
					<h2 class="mt-0 mb-1.5">{DOOR_SHEET.alwaysTitle}</h2>
					<ul class="m-0 list-disc pl-5">
						{#each DOOR_SHEET.always as line (line)}<li class="mb-1">{line}</li>{/each}
					</ul>
				</div>
			</div>
		</div>
		<p class="m-0 text-tin-text">{DOOR_SHEET.labelFirst}</p>
	</article>
</div>
