<script lang="ts">
	import Choice from '$ui/kit/Choice.svelte';
	import EditForm from '$ui/house/EditForm.svelte';
	import Notice from '$ui/Notice.svelte';
	import { minutesText, plural } from '$words/general';
	let { data, form } = $props();
	const view = $derived(data.view);
	const LAYERS = [
		['basics', 'Daily basics'],
		['weekly', 'Weekly'],
		['zone', 'Zone jobs'],
		['long', 'Monthly and yearly jobs']
	] as const;
	/** So few jobs are shown with how they are done. */
	const FEW = 6;
	/** Rooms that are offered for a job at once; a home of many bedrooms chooses the room above. */
	const OFFERED = 6;
	const here = $derived(`/house/library?q=${encodeURIComponent(view.words)}&room=${view.room}`);
</script>

<svelte:head><title>Library · Pail Round</title></svelte:head>

<div class="library">
	<header>
		<form method="get" action="/house/library" class="ask">
			<h1>Show</h1>
			<input class="tape" name="q" value={view.words} placeholder="all work" aria-label="Words to look for" />
			<h1>for</h1>
			<Choice
				label="For which room"
				look="tape"
				name="room"
				value={view.room}
				options={[
					{ value: '', label: 'the whole house' },
					...view.rooms.map((room) => ({ value: room.id, label: room.name }))
				]}
				sends
			/>
			<button class="plain">Look</button>
		</form>
		<p class="dim">
			{view.jobs.length} of {view.count}
			{plural(view.count, 'job')}
		</p>
		<a class="text-link" href="/house">Back to the house</a>
	</header>
	{#if form && 'message' in form && form.message}<Notice tone="wrong"><span>{form.message}</span></Notice>
	{:else if form && 'saved' in form && form.saved}<Notice><span>{form.saved}</span></Notice>{/if}
	{#if view.jobs.length === 0}
		<p class="none">
			Nothing of that name is in the library. <a class="text-link" href="/house/job/new?room={view.room}"
				>Add a job of your own</a
			>
		</p>
	{/if}
	<div class="columns">
		{#each LAYERS as [layer, name] (layer)}
			{@const jobs = view.jobs.filter((job) => job.layer === layer)}
			{#if jobs.length > 0}
				<section aria-labelledby="layer-{layer}">
					<h2 id="layer-{layer}">{name} <span class="dim">{jobs.length}</span></h2>
					<ul>
						{#each jobs as job (job.id)}
							<li>
								<details open={view.jobs.length <= FEW}>
									<summary
										><b>{job.name}</b><span class="dim">{job.rhythm}</span><span class="min"
											>{minutesText(job.minutes)} min</span
										></summary
									>
									<div class="body">
										<ol>
											{#each job.steps as step, i (i)}<li>{step}</li>{/each}
										</ol>
										{#if job.needs.length > 0}<p>
												<span class="dim">Needs</span>
												{job.needs.join(', ')}
											</p>{/if}
										{#if job.fromAge}<p><span class="dim">From</span> {job.fromAge} years</p>{/if}
										{#if job.rungs.length > 0}<p>
												<span class="dim">Can be learned by</span>
												{job.rungs.join(' → ')}
											</p>{/if}
										{#if job.lookRound.length > 0}<p>
												<span class="dim">Look at</span>
												{job.lookRound.join(', ')}
											</p>{/if}
										{#if job.cautions.length > 0}<p class="caution">{job.cautions.join(' ')}</p>{/if}
									</div>
								</details>
								<div class="places">
									{#each job.places.slice(0, OFFERED) as place (place.id)}
										{#if place.has}<span class="has">{place.name} has it</span>
										{:else}
											<EditForm values={{ job: job.id, room: place.id }} {view} action="{here}&/add">
												<button class="text-link">Add this job to {place.name}</button>
											</EditForm>
										{/if}
									{/each}
									{#if job.places.length > OFFERED}<span class="dim"
											>and {job.places.length - OFFERED} more: choose the room above</span
										>{/if}
									{#if job.places.length === 0}<span class="dim"
											>for {view.room ? 'other rooms or surfaces' : 'rooms that are not here'}</span
										>{/if}
								</div>
							</li>
						{/each}
					</ul>
				</section>
			{/if}
		{/each}
	</div>
</div>

<style>
	.library {
		padding: 8px calc(var(--page-edge) - var(--rim)) 24px;
	}
	header {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 8px 24px;
		margin-bottom: 14px;
	}
	.ask {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 10px 12px;
	}
	header > a {
		margin-left: auto;
	}
	.columns {
		columns: 2;
		column-gap: 48px;
	}
	section {
		break-inside: auto;
		margin-bottom: 18px;
	}
	h2 .dim {
		font-family: var(--font-text);
		font-size: 1rem;
	}
	ul {
		list-style: none;
		margin: 6px 0 0;
		padding: 0;
	}
	ul > li {
		break-inside: avoid;
		padding: 6px 0;
		border-bottom: 1px solid var(--tin-1);
	}
	summary {
		display: grid;
		grid-template-columns: minmax(0, 1fr) auto;
		gap: 0 12px;
		cursor: pointer;
		list-style: none;
		min-height: 28px;
		align-items: baseline;
	}
	summary .dim {
		grid-row: 2;
		font-size: 0.9375rem;
	}
	.min {
		font-weight: var(--w-figure);
	}
	.body {
		padding: 4px 0 6px 12px;
		border-left: var(--stitch);
		margin: 4px 0;
	}
	.body ol {
		list-style: decimal;
		margin: 0;
		padding-left: 24px;
	}
	.caution {
		color: var(--madder);
		font-weight: var(--w-name);
	}
	.places {
		display: flex;
		flex-wrap: wrap;
		gap: 2px 18px;
	}
	.places .text-link {
		font-size: 0.9375rem;
		min-height: 30px;
	}
	.has {
		color: var(--tin-text);
		font-size: 0.9375rem;
		align-self: center;
	}
	.none {
		padding: 40px 0;
		font-size: var(--t-lead);
	}
	@media (max-width: 900px) {
		.columns {
			columns: 1;
		}
		.library {
			padding: 12px 15px 24px;
		}
	}
</style>
