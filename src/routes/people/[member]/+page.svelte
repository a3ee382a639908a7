<script lang="ts">
	/** One person: when at home, what learnt, what kept away from. */
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

<section class="person">
	<header>
		<div>
			<h1>{view.name}</h1>
			<p class="dim">{roles[view.role]}, can take {view.can.count} of {view.can.of} jobs</p>
		</div>
		<a class="text-link" href="/people">Back to People</a>
	</header>
	{#if wrong}<Notice tone="wrong"><span>{wrong}</span></Notice>{/if}
	{#if saved}<Notice><span>{saved}</span></Notice>{/if}
	<fieldset class="bare-set" disabled={!data.mayEdit}>
		<legend class="sr">{view.name}</legend>
		<div class="columns">
			<EditForm {view} values={{ part: 'presence' }} action="?/keep" class="part">
				<h2>At home</h2>
				<label class="box"
					><input type="checkbox" name="always" value="1" bind:checked={always} /> all day, every day</label
				>
				<table>
					<thead>
						<tr
							><td></td><th scope="col">Here</th>{#if view.role === 'organiser' || view.role === 'adult'}<th
									scope="col">Looks after the home</th
								>{/if}</tr
						>
					</thead>
					<tbody>
						{#each view.home as day, i (day.weekday)}
							<tr>
								<th scope="row">{day.name}</th>
								<td
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
									<td
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
				<label class="wide"
					><span class="dim"
						>Away for longer, such as school terms: a line each, 2027-01-08 to 2027-03-26</span
					><textarea class="field" name="away" rows="2">{view.away}</textarea></label
				>
				<button class="sign small">Save the days</button>
			</EditForm>
			<EditForm {view} values={{ part: 'facts' }} action="?/keep" class="part linen">
				<h2>What to know</h2>
				<div class="two">
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
				<label class="box"
					><input type="checkbox" name="ownKit" value="1" bind:checked={ownKit} /> brings a kit of their own, and
					has nothing else</label
				>
				{#if ownKit}
					<TextField
						label="What is in it, with commas"
						class="col-span-full"
						name="kit"
						maxlength={800}
						value={view.kit}
					/>
				{/if}
				<details>
					<summary
						>Keeps away from{view.families.some((one) => one.out)
							? `: ${view.families
									.filter((one) => one.out)
									.map((one) => one.name)
									.join(', ')}`
							: ''}</summary
					>
					<p class="boxes">
						{#each view.families as one (one.code)}
							<label
								><input type="checkbox" name="families" value={one.code} checked={one.out} />
								{one.name}</label
							>
						{/each}
					</p>
				</details>
				<details>
					<summary
						>Jobs left out or disliked{view.jobs.some((one) => one.out || one.disliked)
							? `: ${view.jobs
									.filter((one) => one.out || one.disliked)
									.map((one) => one.name)
									.join(', ')}`
							: ''}</summary
					>
					<table class="jobs">
						<thead><tr><td></td><th scope="col">Never gets</th><th scope="col">Does not like</th></tr></thead>
						<tbody>
							{#each view.jobs as job (job.id)}
								<tr>
									<th scope="row">{job.name}</th>
									<td
										><input
											type="checkbox"
											name="out"
											value={job.id}
											checked={job.out}
											aria-label="{job.name}: never"
										/></td
									>
									<td
										><input
											type="checkbox"
											name="disliked"
											value={job.id}
											checked={job.disliked}
											aria-label="{job.name}: does not like"
										/></td
									>
								</tr>
							{/each}
						</tbody>
					</table>
				</details>
				<button class="plain">Save</button>
				{#if view.cannot.length > 0}
					<h2>What {view.name} cannot take, and why</h2>
					<ul>
						{#each view.cannot as one, i (i)}<li><b>{one.name}</b>: {one.words}</li>{/each}
					</ul>
				{/if}
			</EditForm>
		</div>
	</fieldset>
</section>

<style>
	.person {
		padding: 10px calc(var(--page-edge) - var(--rim)) 40px;
	}
	header {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		align-items: baseline;
		gap: 8px 24px;
		margin-bottom: 10px;
	}
	header p {
		margin: 2px 0 0;
	}
	.columns {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
		gap: 28px 40px;
		align-items: start;
	}
	.person :global(.part) {
		display: grid;
		gap: 10px;
		justify-items: start;
	}
	.person :global(.part.linen) {
		padding: 4px 24px 22px;
		box-shadow: var(--sh-cloth);
	}
	h2 {
		margin: 8px 0 0;
	}
	p {
		margin: 0;
	}
	table {
		width: 100%;
		border-collapse: collapse;
	}
	th {
		text-align: left;
		font-weight: var(--w-name);
		padding: 3px 12px 3px 0;
	}
	thead th {
		color: var(--tin-text);
		font-weight: 400;
	}
	td {
		padding: 3px 8px 3px 0;
	}
	.wide,
	.two {
		width: 100%;
	}
	.two {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 12px;
	}
	.box,
	.boxes label {
		display: inline-flex;
		align-items: center;
		gap: 8px;
		min-height: 44px;
	}
	.boxes {
		display: flex;
		flex-wrap: wrap;
		gap: 0 20px;
	}
	input[type='checkbox'] {
		width: 20px;
		height: 20px;
		accent-color: var(--cobalt);
		flex: none;
	}
	textarea.field {
		padding: 10px 14px;
	}
	details {
		width: 100%;
	}
	summary {
		cursor: pointer;
		padding: 10px 0;
		color: var(--cobalt-ink);
		font-weight: var(--w-name);
	}
	.jobs th {
		font-weight: 400;
	}
	.jobs td {
		text-align: center;
	}
	ul {
		margin: 0;
		padding: 0;
		list-style: none;
	}
	li {
		padding: 4px 0;
	}
	@media (max-width: 900px) {
		.columns {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
