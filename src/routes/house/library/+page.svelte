<script lang="ts">
	import Button from '$ui/kit/Button.svelte';
	import { HOUSE_LIBRARY_PAGE } from '$words/screens/house';
	import More from '$ui/kit/More.svelte';
	import TextField from '$ui/kit/TextField.svelte';
	import Choice from '$ui/kit/Choice.svelte';
	import EditForm from '$ui/house/EditForm.svelte';
	import Furniture from '$ui/house/Furniture.svelte';
	import Notice from '$ui/Notice.svelte';
	import { minutesText, plural } from '$words/general';
	import { LAYER_NAMES, LIBRARY } from '$words/house';
	import Check from '@lucide/svelte/icons/check';
	let { data, form } = $props();
	const view = $derived(data.view);
	const found = $derived(view.sections.reduce((sum, one) => sum + one.jobs.length, 0));
	/** So few jobs are shown with how they are done. */
	const FEW = 6;
	/** Rooms that are offered for a job at once; a home of many bedrooms chooses the room above. */
	const OFFERED = 6;
	const here = $derived(
		`/house/library?q=${encodeURIComponent(view.words)}&room=${view.room}${view.missing ? '&only=missing' : ''}`
	);
</script>

<svelte:head><title>{HOUSE_LIBRARY_PAGE.libraryPailRound}</title></svelte:head>

<div class="px-edge pt-2 pb-6 max-[901px]:px-3.75 max-[901px]:pt-3 max-[901px]:pb-6">
	<header class="flex flex-wrap items-center gap-x-6 gap-y-2 mb-3.5">
		<form method="get" action="/house/library" class="flex flex-wrap items-center gap-x-3 gap-y-2.5">
			<h1>{HOUSE_LIBRARY_PAGE.show}</h1>
			<TextField
				label={HOUSE_LIBRARY_PAGE.wordsToLookFor}
				look="tape"
				name="q"
				value={view.words}
				placeholder={HOUSE_LIBRARY_PAGE.allWork}
			/>
			<h1>{HOUSE_LIBRARY_PAGE.forIt}</h1>
			<Choice
				label={HOUSE_LIBRARY_PAGE.forWhichRoom}
				look="tape"
				name="room"
				value={view.room}
				options={[
					{ value: '', label: HOUSE_LIBRARY_PAGE.theWholeHouse },
					...view.rooms.map((room) => ({ value: room.id, label: room.name }))
				]}
				sends
			/>
			<Choice
				label={LIBRARY.only}
				look="tape"
				name="only"
				value={view.missing ? 'missing' : ''}
				options={[
					{ value: '', label: LIBRARY.all },
					{ value: 'missing', label: LIBRARY.missing }
				]}
				sends
			/>
			<Button type="submit">{HOUSE_LIBRARY_PAGE.look}</Button>
		</form>
		<p class="dim">
			{#if found === view.count}{LIBRARY.count(view.count, view.had)}{:else}{HOUSE_LIBRARY_PAGE.ofIt(
					found,
					view.count,
					plural(view.count, 'job')
				)}{/if}
		</p>
		<Button kind="link" class="ml-auto whitespace-nowrap" href="/house"
			>{HOUSE_LIBRARY_PAGE.backToTheHouse}</Button
		>
	</header>
	{#if form && 'message' in form && form.message}<Notice tone="wrong"><span>{form.message}</span></Notice>
	{:else if form && 'saved' in form && form.saved}<Notice><span>{form.saved}</span></Notice>{/if}
	{#if found === 0}
		<p class="py-10 text-lead">
			{HOUSE_LIBRARY_PAGE.nothingOfThatNameIs}
			<Button kind="link" href="/house/job/new?room={view.room}">{HOUSE_LIBRARY_PAGE.addAJobOfYour}</Button>
		</p>
	{/if}
	<div class="columns-2 gap-x-12 max-[901px]:columns-1">
		{#each view.sections as section (section.kind)}
			{@const jobs = section.jobs}
			<section class="mb-6 [break-inside:auto]" aria-labelledby="kind-{section.kind}">
				<header class="flex items-end gap-3.5 border-b-2 border-b-ink pb-1">
					<svg class="h-13 w-19 flex-none" viewBox="0 0 106 74" aria-hidden="true">
						<Furniture kind={section.kind} x={8} y={74} w={92} />
					</svg>
					<h2 id="kind-{section.kind}">
						{section.name}
						<span class="block font-text text-[0.9375rem] text-tin-text"
							>{LIBRARY.section(jobs.length, section.had)}</span
						>
					</h2>
				</header>
				<ul class="mt-1.5">
					{#each jobs as job (job.id)}
						<li class="break-inside-avoid py-1.5 border-b border-b-tin-1">
							<More open={found <= FEW} wide keeps={false}>
								{#snippet title()}<span class="grid grid-cols-[minmax(0,1fr)_auto] items-baseline gap-x-3"
										><b class="flex items-center gap-1.5"
											>{#if job.had > 0}<Check
													size={18}
													class="flex-none"
													aria-hidden="true"
												/>{/if}{job.name}</b
										><span class="dim row-2 text-[0.9375rem]"
											>{#if job.had > 0}<span class="text-ink"
													>{job.had < job.places.length
														? LIBRARY.hadIn(job.had, job.places.length)
														: LIBRARY.had}</span
												>{LIBRARY.then}{/if}{job.rhythm}, {LAYER_NAMES[job.layer].toLowerCase()}</span
										><span class="font-figure">{HOUSE_LIBRARY_PAGE.min(minutesText(job.minutes))}</span></span
									>{/snippet}
								<div class="body pt-1 pb-1.5 pl-3 [border-left:var(--stitch)] my-1">
									<ol class="[list-style:decimal] pl-6">
										{#each job.steps as step, i (i)}<li>{step}</li>{/each}
									</ol>
									{#if job.needs.length > 0}<p>
											<span class="dim">{HOUSE_LIBRARY_PAGE.needs}</span>
											{job.needs.join(', ')}
										</p>{/if}
									{#if job.fromAge}<p>
											<span class="dim">{HOUSE_LIBRARY_PAGE.from}</span>
											{HOUSE_LIBRARY_PAGE.years(job.fromAge)}
										</p>{/if}
									{#if job.rungs.length > 0}<p>
											<span class="dim">{HOUSE_LIBRARY_PAGE.canBeLearnedBy}</span>
											{job.rungs.join(' → ')}
										</p>{/if}
									{#if job.lookRound.length > 0}<p>
											<span class="dim">{HOUSE_LIBRARY_PAGE.lookAt}</span>
											{job.lookRound.join(', ')}
										</p>{/if}
									{#if job.cautions.length > 0}<p class="text-madder font-name">
											{job.cautions.join(' ')}
										</p>{/if}
								</div>
							</More>
							<!-- Where each of its rooms has it, the line above says so. -->
							<div
								class="flex flex-wrap gap-x-4.5 gap-y-0.5"
								hidden={job.places.length > 0 && job.had === job.places.length}
							>
								{#each job.places.slice(0, OFFERED) as place (place.id)}
									{#if place.has}<span class="text-tin-text text-[0.9375rem] self-center"
											>{HOUSE_LIBRARY_PAGE.hasIt(place.name)}</span
										>
									{:else}
										<EditForm values={{ job: job.id, room: place.id }} {view} action="{here}&/add">
											<Button kind="link" type="submit" class="text-[0.9375rem]! min-h-7.5! max-md:min-h-11!"
												>{HOUSE_LIBRARY_PAGE.addTo(place.name)}</Button
											>
										</EditForm>
									{/if}
								{/each}
								{#if job.places.length > OFFERED}<span class="dim"
										>{HOUSE_LIBRARY_PAGE.andMoreChooseTheRoom(job.places.length - OFFERED)}</span
									>{/if}
								{#if job.places.length === 0}<span class="dim"
										>{HOUSE_LIBRARY_PAGE.forItOf(
											view.room
												? HOUSE_LIBRARY_PAGE.otherRoomsOrSurfaces
												: HOUSE_LIBRARY_PAGE.roomsThatAreNotHere
										)}</span
									>{/if}
							</div>
						</li>
					{/each}
				</ul>
			</section>
		{/each}
	</div>
</div>
