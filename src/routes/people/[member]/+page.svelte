<script lang="ts">
	/** One person: when at home, what learnt, what kept away from. */
	import { EARLY } from '$words/people';
	import Check from '$ui/kit/Check.svelte';
	import TextField from '$ui/kit/TextField.svelte';
	import DateField from '$ui/kit/DateField.svelte';
	import EditForm from '$ui/house/EditForm.svelte';
	import Notice from '$ui/Notice.svelte';
	let { data, form } = $props();
	const view = $derived(data.view);
	const wrong = $derived(form && 'message' in form ? form.message : null);
	const saved = $derived(form && 'saved' in form ? form.saved : null);
	let always = $derived(view.isAlways);
	let ownKit = $derived(view.hasKit);
	const roles = {
		organiser: 'organises the home',
		adult: 'adult',
		child: 'child',
		helper: 'helps on some days'
	} as const;
</script>

<svelte:head><title>{view.name} · Pail Round</title></svelte:head>

<section class="person px-edge pt-2.5 pb-10">
	<header class="flex flex-wrap justify-between items-baseline gap-x-6 gap-y-2 mb-2.5">
		<div>
			<h1>{view.name}</h1>
			<p class="dim mt-0.5">{roles[view.role]}, can take {view.can.count} of {view.can.of} jobs</p>
		</div>
		<a class="text-link" href="/people">Back to People</a>
	</header>
	{#if wrong}<Notice tone="wrong"><span>{wrong}</span></Notice>{/if}
	{#if saved}<Notice><span>{saved}</span></Notice>{/if}
	<fieldset class="bare-set" disabled={!data.mayEdit}>
		<legend class="sr">{view.name}</legend>
		<div
			class="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-x-10 gap-y-7 items-start max-[901px]:grid-cols-[minmax(0,1fr)]"
		>
			<EditForm {view} values={{ part: 'presence' }} action="?/keep" class="part">
				<h2 class="mt-2">At home</h2>
				<Check label="all day, every day" name="always" formValue="1" bind:checked={always} />
				<table class="w-full [border-collapse:collapse]">
					<thead>
						<tr
							><td class="py-0.75 pr-2 pl-0"></td><th
								class="text-left py-0.75 pr-3 pl-0 text-tin-text font-normal"
								scope="col">Here</th
							>{#if view.role === 'organiser' || view.role === 'adult'}<th
									class="text-left py-0.75 pr-3 pl-0 text-tin-text font-normal"
									scope="col">Looks after the home</th
								>{/if}</tr
						>
					</thead>
					<tbody>
						{#each view.home as day, i (day.weekday)}
							<tr>
								<th class="text-left font-name py-0.75 pr-3 pl-0" scope="row">{day.name}</th>
								<td class="py-0.75 pr-2 pl-0"
									><input
										class="field"
										name="home-{day.weekday}"
										value={day.spans}
										disabled={always}
										placeholder={always ? 'all day' : 'away'}
										aria-label="{day.name}, here"
										maxlength="80"
									/></td
								>
								{#if view.role === 'organiser' || view.role === 'adult'}
									<td class="py-0.75 pr-2 pl-0"
										><input
											class="field"
											name="carries-{day.weekday}"
											value={view.carries[i]?.spans ?? ''}
											placeholder="no"
											aria-label="{day.name}, looks after the home"
											maxlength="80"
										/></td
									>
								{/if}
							</tr>
						{/each}
					</tbody>
				</table>
				<p class="dim">Written as 08:00-17:30, several with a comma between.</p>
				<label class="w-full"
					><span class="dim"
						>Away for longer, such as school terms: a line each, 2027-01-08 to 2027-03-26</span
					><textarea class="field py-2.5 px-3.5" name="away" rows="2">{view.away}</textarea></label
				>
				<button class="sign small">Save the days</button>
			</EditForm>
			<EditForm {view} values={{ part: 'facts' }} action="?/keep" class="part linen">
				<h2 class="mt-2">What to know</h2>
				<div class="w-full grid grid-cols-[1fr_1fr] gap-3">
					<TextField label="Name" name="name" required maxlength={80} value={view.name} />
					<DateField label="Born on" name="bornOn" value={view.bornOn ?? ''} />
				</div>
				<TextField
					label="Has learnt, with commas"
					class="col-span-full"
					name="skills"
					maxlength={400}
					value={view.skills}
					placeholder="ladder, iron"
				/>
				<Check
					label="brings a kit of their own, and has nothing else"
					name="ownKit"
					formValue="1"
					bind:checked={ownKit}
				/>
				{#if ownKit}
					<TextField
						label="What is in it, with commas"
						class="col-span-full"
						name="kit"
						maxlength={800}
						value={view.kit}
					/>
				{/if}
				<details class="w-full">
					<summary class="cursor-pointer py-2.5 px-0 text-cobalt-ink font-name"
						>Keeps away from{view.families.some((one) => one.out)
							? `: ${view.families
									.filter((one) => one.out)
									.map((one) => one.name)
									.join(', ')}`
							: ''}</summary
					>
					<div class="flex flex-wrap gap-x-5 gap-y-0">
						{#each view.families as one (one.code)}
							<Check label={one.name} name="families" formValue={one.code} checked={one.out} />
						{/each}
					</div>
				</details>
				{#if view.early.length > 0}
					<details class="w-full">
						<summary class="cursor-pointer py-2.5 px-0 text-cobalt-ink font-name"
							>{EARLY.title}{view.early.some((one) => one.on)
								? `: ${view.early
										.filter((one) => one.on)
										.map((one) => one.name)
										.join(', ')}`
								: ''}</summary
						>
						<p class="mt-0 mb-2 text-tin-text">{EARLY.says}</p>
						<input type="hidden" name="withAllows" value="1" />
						<div class="flex flex-wrap gap-x-5 gap-y-0">
							{#each view.early as one (one.code)}
								<Check
									label={EARLY.label(one.name, one.from, one.said)}
									name="allows"
									formValue={one.code}
									checked={one.on}
								/>
							{/each}
						</div>
					</details>
				{/if}
				<details class="w-full">
					<summary class="cursor-pointer py-2.5 px-0 text-cobalt-ink font-name"
						>Jobs left out or disliked{view.jobs.some((one) => one.out || one.disliked)
							? `: ${view.jobs
									.filter((one) => one.out || one.disliked)
									.map((one) => one.name)
									.join(', ')}`
							: ''}</summary
					>
					<table class="w-full [border-collapse:collapse]">
						<thead
							><tr
								><td class="py-0.75 pr-2 pl-0 text-center"></td><th
									class="text-left py-0.75 pr-3 pl-0 text-tin-text font-normal"
									scope="col">Never gets</th
								><th class="text-left py-0.75 pr-3 pl-0 text-tin-text font-normal" scope="col"
									>Does not like</th
								></tr
							></thead
						>
						<tbody>
							{#each view.jobs as job (job.id)}
								<tr>
									<th class="text-left py-0.75 pr-3 pl-0 font-normal" scope="row">{job.name}</th>
									<td class="py-0.75 pr-2 pl-0 text-center"
										><Check
											label="{job.name}: never"
											hideLabel
											name="out"
											formValue={job.id}
											checked={job.out}
										/></td
									>
									<td class="py-0.75 pr-2 pl-0 text-center"
										><Check
											label="{job.name}: does not like"
											hideLabel
											name="disliked"
											formValue={job.id}
											checked={job.disliked}
										/></td
									>
								</tr>
							{/each}
						</tbody>
					</table>
				</details>
				<button class="plain">Save</button>
				{#if view.cannot.length > 0}
					<h2 class="mt-2">What {view.name} cannot take, and why</h2>
					<ul>
						{#each view.cannot as one, i (i)}<li class="py-1"><b>{one.name}</b>: {one.words}</li>{/each}
					</ul>
				{/if}
			</EditForm>
		</div>
	</fieldset>
</section>

<style>
	.person :global(.part) {
		display: grid;
		gap: 10px;
		justify-items: start;
	}
	.person :global(.part.linen) {
		padding: 4px 24px 22px;
		box-shadow: var(--sh-cloth);
	}
</style>
