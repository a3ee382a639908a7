<script lang="ts">
	import ActForm from '$ui/ActForm.svelte';
	import { readAnew } from '$ui/connection.svelte';
	import HouseBells from '$ui/HouseBells.svelte';
	import Glyph from '$ui/glyphs/Glyph.svelte';
	import Peg from '$ui/glyphs/Peg.svelte';
	import Weave from '$ui/glyphs/Weave.svelte';
	import StageDrawing from '$ui/laundry/StageDrawing.svelte';
	import type { LoadView } from '$views/laundry';
	import { PILE } from '$words/laundry';
	import Notice from '$ui/Notice.svelte';
	import { once } from '$ui/once';
	import { lowerNumber, minutesText, numberWord, plural } from '$words/general';
	let { data, form } = $props();
	const view = $derived(data.view);
	const STAGES = [
		{ key: 'collected', name: 'Collected', words: '' },
		{ key: 'washing', name: 'Washing', words: '60 to 75 min' },
		{ key: 'drying', name: 'Drying', words: '75 to 90 min' },
		{ key: 'folding', name: 'Folding', words: '10 min' },
		{ key: 'away', name: 'Away', words: '5 min' }
	];
	const KINDS = [
		['person', 'Somebody’s clothes'],
		['bed', 'Bed linen'],
		['towels', 'Towels'],
		['cloths', 'Cleaning cloths, 60°']
	];
	/** One thing first: what rings, then what is ready, then what waits for hands. */
	const next = $derived(
		[...view.going].sort(
			(a, b) =>
				Number(b.rings) - Number(a.rings) ||
				Number(b.isReady) - Number(a.isReady) ||
				Number(a.fetch !== null) - Number(b.fetch !== null)
		)[0] ?? null
	);
	const toWash = $derived(view.waiting.length + view.jobs.length);
	const place = (stage: string) => STAGES.findIndex((one) => one.key === stage);
	const needsHands = (load: LoadView) => load.fetch === null || load.isReady;
	/** A load that waits for hands has its stage behind it. */
	const passedOf = (load: LoadView) =>
		needsHands(load) && load.id === next?.id && load.stage !== 'waiting'
			? [...load.passed, load.stage]
			: load.passed;
	const saved = $derived(form && 'saved' in form ? form.saved : null);
</script>

<svelte:head><title>Laundry · Pail Round</title></svelte:head>

{#snippet told(load: LoadView, solid: boolean)}
	<ActForm action="/laundry?/tell" values={{ id: view.formId, load: load.id, stage: load.next ?? '' }}>
		<button class={solid ? 'sign' : 'plain'}>{load.act}</button>
	</ActForm>
{/snippet}

<div class="laundry">
	<HouseBells
		waits={view.going.flatMap(({ name, act, fetchAt, hurryAt, heard }) =>
			heard && fetchAt !== null ? [{ label: name, where: act, fetchAt, hurryAt }] : []
		)}
		now={view.now}
		onring={() => void readAnew('app:laundry').catch(() => undefined)}
	/>
	<header>
		<div>
			<h1>Laundry</h1>
			<p class="dim">
				{view.time}, {view.weekday}. {view.going.length === 0
					? 'No washing on'
					: `${numberWord(view.going.length)} ${plural(view.going.length, 'load')} on the way`}, {toWash === 0
					? 'nothing'
					: `${lowerNumber(toWash)} ${plural(toWash, 'load')}`} to wash.
			</p>
		</div>
		<ol class="shelf">
			{#each STAGES as stage (stage.key)}
				<li>
					<StageDrawing stage={stage.key} />
					<h2>{stage.name} <span class="dim">{stage.words}</span></h2>
				</li>
			{/each}
		</ol>
	</header>
	{#if form && 'message' in form && form.message}<Notice tone={form && 'field' in form ? 'wrong' : undefined}
			><span>{form.message}</span></Notice
		>{/if}
	{#if saved}<Notice><span>{saved}</span></Notice>{/if}

	<ul class="loads">
		{#each view.going as load (load.id)}
			<li class:rings={load.rings}>
				<div class="who">
					<b>{load.name}</b><span class="dim">{load.whose}</span>
					<div class="back">
						<ActForm action="/laundry?/tell" values={{ id: view.formId, load: load.id, stage: 'undo' }}>
							<button class="text-link" aria-label="Undo: {load.name}">Undo</button>
						</ActForm>
						{#if load.id !== next?.id || !needsHands(load)}{@render told(load, false)}{/if}
					</div>
				</div>
				<div class="line">
					<svg class="rope" viewBox="0 0 100 12" preserveAspectRatio="none" aria-hidden="true"
						><path
							d="M0 3Q12 9 25 4T50 4T75 4T100 2"
							fill="none"
							stroke="var(--ink)"
							stroke-width="2"
							vector-effect="non-scaling-stroke"
						/></svg
					>
					{#each passedOf(load) as stage (stage)}
						<span class="folded" style:--at={place(stage)} aria-hidden="true"
							><Peg /><span class="cloth linen"
								><Glyph name="done" size={28} /><span class="hem"><Weave weave={load.weave} /></span></span
							></span
						>
					{/each}
					<div
						class="tag"
						class:towel={load.id === next?.id}
						style:--at={needsHands(load) && load.next && load.id === next?.id
							? place(load.next)
							: place(load.stage)}
					>
						<span class="pegs" aria-hidden="true"><Peg /><Peg /></span>
						{#if needsHands(load)}
							{#if load.id === next?.id}
								<p class="head">
									<Glyph name="due" size={26} /><b>Next</b>{#if load.minutes}<span
											><b>{minutesText(load.minutes)}</b> min</span
										>{/if}
								</p>
								<h3>{load.act}</h3>
								<p class="dim">{load.where}{load.rings ? `, wet too long since ${load.latest}` : ''}</p>
								{@render told(load, true)}
							{:else}
								<b>{load.where}</b>
							{/if}
						{:else}<b>{load.where}</b>{/if}
						<span class="hem"><Weave weave={load.weave} /></span>
					</div>
					{#if load.fetch && !(load.isReady && load.id === next?.id)}
						<p class="string" style:--at={place(load.stage)}>
							<svg viewBox="0 0 60 40" width="60" height="40" aria-hidden="true"
								><path
									d="M0 2C6 38 30 36 60 24"
									fill="none"
									stroke="var(--cobalt-ink)"
									stroke-width="2"
								/></svg
							>
							<span class="fetch" class:now={load.isReady}>{load.fetch}</span>
							<span
								><b>{load.act}</b>{#if load.latest}<span class="dim">, by {load.latest} at the latest</span
									>{/if}</span
							>
						</p>
					{/if}
				</div>
			</li>
		{/each}
		{#if view.going.length === 0}<li class="bare"><p class="dim">No washing on.</p></li>{/if}
	</ul>

	<section class="runner linen">
		<div class="pile">
			<h2>
				{toWash === 0 ? 'Nothing to wash' : `${numberWord(toWash)} ${plural(toWash, 'load')} to wash`}
			</h2>
			<ul class="baskets">
				{#each view.waiting as load (load.id)}
					<li>
						<svg
							viewBox="0 0 72 62"
							width="66"
							height="58"
							aria-hidden="true"
							fill="none"
							stroke="var(--ink)"
							stroke-width="2.4"
						>
							<path d="M10 28C10 12 24 8 30 16C36 4 54 6 56 18C62 18 64 22 62 28" fill="var(--enamel-hi)" />
							<path
								d="M7 29L13 57Q13.500 60 17 60H55Q58.500 60 59 57L65 29"
								fill="var(--enamel-hi)"
								stroke="var(--cobalt-ink)"
							/>
							<path d="M3 28H69" stroke="var(--cobalt-ink)" stroke-width="5" stroke-linecap="round" />
						</svg>
						<b>{load.name}</b><span class="dim">{load.missed ?? `${load.degrees}°`}</span>
						<span class="two">
							<ActForm action="/laundry?/tell" values={{ id: view.formId, load: load.id, stage: 'washing' }}
								><button class="text-link" aria-label="I started: {load.name}">Start</button></ActForm
							>
							<ActForm action="/laundry?/drop" values={{ load: load.id }} then={{ withoutId: true }}
								><button class="text-link" aria-label="Remove from the list: {load.name}">Off</button
								></ActForm
							>
						</span>
					</li>
				{/each}
			</ul>
			{#if view.jobs.length > 0}
				<h3>{PILE.jobs}</h3>
				<ul class="m-0 grid list-none gap-1 p-0">
					{#each view.jobs as job (job.line)}
						<li class="flex min-h-11 flex-wrap items-center gap-x-4">
							<b class="min-w-0 wrap-anywhere">{job.name}</b><span class="dim">{job.words}</span>
							<ActForm
								action="/timer?/start"
								class="ml-auto"
								values={{ id: view.formId, line: job.line, member: view.me }}
								><button class="text-link" aria-label={PILE.startLabel(job.name)}>{PILE.start}</button
								></ActForm
							>
						</li>
					{/each}
				</ul>
			{/if}
			<form class="add" method="post" action="/laundry?/add" use:once={{ empties: true }}>
				<input type="hidden" name="id" value={view.formId} />
				<label
					><span>Add a load</span><input
						class="field"
						name="name"
						maxlength="80"
						placeholder="its name, if you like"
					/></label
				>
				<label
					><span>Of</span><select class="tape" name="kind"
						>{#each KINDS as [kind, words] (kind)}<option value={kind}>{words}</option>{/each}</select
					></label
				>
				<label
					><span>Whose</span><select class="tape" name="owner"
						><option value="">the house’s</option>{#each view.members as member (member.id)}<option
								value={member.id}>{member.name}</option
							>{/each}</select
					></label
				>
				<label
					><span>Dries</span><select class="tape" name="dry" value={view.dry}
						><option value="line">on a washing line</option><option value="machine">in the dryer</option
						></select
					></label
				>
				<button class="plain">Add this load</button>
			</form>
		</div>
		<div class="gone">
			<h2>All laundry done by</h2>
			{#if toWash === 0}<p class="dim">{PILE.nothing}</p>{:else}
				<table>
					<thead
						><tr
							><th scope="col"><span class="sr">Loads a day</span></th
							>{#each view.pile[0]?.days ?? [] as day (day.name)}<th scope="col">{day.name}</th>{/each}<th
								scope="col"><span class="sr">All done by</span></th
							></tr
						></thead
					>
					<tbody>
						{#each view.pile as row (row.aDay)}
							<tr class:chosen={row.chosen}>
								<th scope="row">
									{#if view.maySet && !row.chosen}
										<ActForm action="/laundry?/set" values={{ revision: view.revision, aDay: row.aDay }}
											><button class="text-link">{row.aDay} a day</button></ActForm
										>
									{:else}{row.aDay} a day{/if}
								</th>
								{#each row.days as day (day.name)}
									<td
										><span
											class="stack"
											style:--n={Math.min(8, day.left)}
											role="img"
											aria-label={day.left === 0 ? 'none' : `${day.left} to wash`}
										></span></td
									>
								{/each}
								<td><span class="fetch">{row.gone}</span></td>
							</tr>
						{/each}
					</tbody>
				</table>
			{/if}
			{#if view.maySet}
				<form class="days" method="post" action="/laundry?/set" use:once>
					<input type="hidden" name="revision" value={view.revision} />
					<input type="hidden" name="withDays" value="1" />
					<fieldset class="bare-set">
						<legend class="dim">Usual days; none means any day</legend>
						{#each view.weekdays as day (day.day)}
							<label
								><input type="checkbox" name="days" value={day.day} checked={day.on} />{day.name.slice(
									0,
									3
								)}</label
							>
						{/each}
						<button class="text-link">Save</button>
					</fieldset>
				</form>
			{/if}
		</div>
	</section>
</div>

<style>
	.laundry {
		--edge: calc(var(--page-edge) - var(--rim));
		--column: calc(100% / 5);
		flex: 1;
		display: flex;
		flex-direction: column;
	}
	header {
		display: grid;
		grid-template-columns: 222px 1fr;
		padding: 14px var(--edge) 0;
	}
	header p {
		margin: 6px 0 0;
	}
	.shelf {
		list-style: none;
		display: grid;
		grid-template-columns: repeat(5, 1fr);
		margin: 0;
		padding: 0;
		position: relative;
	}
	.shelf::after {
		content: '';
		position: absolute;
		left: 0;
		right: calc(-1 * var(--edge));
		top: 72px;
		height: 4px;
		background: var(--tin-1);
	}
	.shelf li {
		display: grid;
		justify-items: center;
		text-align: center;
	}
	.shelf h2 {
		margin: 12px 0 0;
		font-size: 1.1875rem;
	}
	.shelf .dim {
		font-family: var(--font-text);
		font-size: 1rem;
	}
	.loads {
		list-style: none;
		margin: 0;
		padding: 14px var(--edge) 20px;
		display: grid;
		gap: 8px;
		align-content: start;
		flex: 1;
	}
	.loads > li {
		display: grid;
		grid-template-columns: 222px 1fr;
		min-height: 96px;
	}
	.who {
		padding: 12px 12px 0 0;
	}
	.who > b {
		font-size: 1.125rem;
	}
	.who > b,
	.who > span {
		display: block;
		overflow-wrap: anywhere;
	}
	.line {
		position: relative;
		padding-bottom: 6px;
	}
	.rope {
		position: absolute;
		left: 0;
		top: 4px;
		width: calc(100% + var(--edge));
		height: 12px;
	}
	.folded,
	.tag,
	.string {
		position: absolute;
		left: calc(var(--at) * var(--column) + var(--column) / 2);
		transform: translateX(-50%);
	}
	.folded {
		top: 0;
		display: grid;
		justify-items: center;
	}
	.cloth {
		position: relative;
		display: grid;
		place-items: center;
		width: 48px;
		height: 54px;
		margin-top: -22px;
		padding-bottom: 8px;
		box-shadow: var(--sh-cloth);
	}
	.hem {
		position: absolute;
		left: 0;
		right: 0;
		bottom: 3px;
		height: 10px;
	}
	.tag {
		top: 8px;
		min-width: 150px;
		padding: 16px 12px 20px;
		background: var(--linen-hi);
		box-shadow: var(--sh-cloth);
		text-align: center;
	}
	.tag .pegs {
		position: absolute;
		top: -10px;
		left: 12px;
		right: 12px;
		display: flex;
		justify-content: space-between;
	}
	.tag.towel {
		position: relative;
		width: 214px;
		margin-bottom: 6px;
		background: var(--enamel-hi);
		box-shadow:
			inset 0 0 0 2px var(--cobalt-ink),
			var(--sh-cloth);
		text-align: left;
		z-index: 1;
	}
	.head {
		display: flex;
		align-items: center;
		gap: 8px;
		margin: 0;
		color: var(--cobalt-ink);
	}
	.head span {
		margin-left: auto;
		color: var(--tin-text);
	}
	.head span b {
		color: var(--ink);
		font-size: 1.1875rem;
	}
	h3 {
		margin: 6px 0 2px;
		font-size: 1.5rem;
	}
	.tag p.dim {
		margin: 0 0 8px;
	}
	.tag .sign {
		width: 100%;
	}
	.string {
		top: 62px;
		display: flex;
		align-items: flex-end;
		gap: 8px;
		margin: 0;
		padding-left: 90px;
		transform: none;
		white-space: nowrap;
		pointer-events: none;
	}
	.string svg {
		margin-bottom: 8px;
	}
	.back {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 4px 14px;
	}
	.back :global(.plain) {
		min-height: 44px;
		padding: 0 12px;
	}
	.runner {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
		gap: 36px;
		padding: 16px var(--edge) 20px;
		border-top: var(--stitch);
	}
	.runner h2 {
		margin: 0 0 8px;
	}
	.gone {
		padding-left: 28px;
		border-left: var(--stitch);
		min-width: 0;
	}
	.baskets {
		list-style: none;
		display: flex;
		flex-wrap: wrap;
		gap: 10px 22px;
		margin: 0;
		padding: 0;
	}
	.baskets li {
		display: grid;
		justify-items: center;
		text-align: center;
	}
	.two {
		display: flex;
		gap: 12px;
	}
	.two .text-link,
	.back .text-link,
	.days .text-link {
		min-height: 44px;
	}
	.add {
		display: flex;
		flex-wrap: wrap;
		align-items: flex-end;
		gap: 10px 14px;
		margin-top: 14px;
	}
	.add label > span {
		display: block;
		color: var(--tin-text);
	}
	.add .field {
		width: 12em;
	}
	table {
		border-collapse: collapse;
	}
	th,
	td {
		padding: 4px 8px;
		text-align: center;
		vertical-align: top;
		font-weight: 400;
	}
	thead th {
		color: var(--tin-text);
	}
	tbody th {
		white-space: nowrap;
		text-align: left;
		padding-left: 0;
	}
	.chosen th {
		font-weight: var(--w-figure);
		color: var(--cobalt-ink);
	}
	.stack {
		display: block;
		width: 34px;
		height: calc(var(--n) * 6px + 1px);
		border: solid var(--tin-2);
		border-width: 0 calc(min(1, var(--n)) * 2px) calc(min(1, var(--n)) * 2px);
		background: repeating-linear-gradient(to bottom, var(--tin-2) 0 1.5px, var(--enamel-hi) 1.5px 6px);
	}
	.chosen .stack {
		border-color: var(--cobalt-ink);
		background: repeating-linear-gradient(to bottom, var(--cobalt-ink) 0 1.5px, var(--enamel-hi) 1.5px 6px);
	}
	.add label,
	.add select {
		min-width: 0;
		max-width: 100%;
	}
	.days fieldset {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0 14px;
		margin-top: 8px;
	}
	.days label {
		display: inline-flex;
		align-items: center;
		gap: 6px;
		min-height: 44px;
	}
	.days input {
		width: 20px;
		height: 20px;
		accent-color: var(--cobalt);
	}
	@media (max-width: 900px) {
		header,
		.loads > li,
		.runner {
			grid-template-columns: minmax(0, 1fr);
		}
		.runner {
			padding: 14px 15px;
		}
		header {
			padding: 14px 15px 0;
		}
		.shelf {
			display: none;
		}
		.loads {
			padding: 12px 15px;
			gap: 16px;
		}
		.rope,
		.folded {
			display: none;
		}
		.who {
			padding: 0 0 8px;
		}
		.line {
			padding: 0;
			display: grid;
			gap: 8px;
		}
		.tag,
		.tag.towel,
		.string {
			position: relative;
			left: auto;
			top: auto;
			transform: none;
			width: auto;
			padding-left: 12px;
			white-space: normal;
		}
		.gone {
			padding: 0;
			border: 0;
		}
		.gone th,
		.gone td {
			padding: 4px 3px;
		}
		.stack {
			width: 24px;
		}
	}
	@media (max-width: 360px) {
		.gone th,
		.gone td {
			padding: 4px 1px;
			font-size: 0.875rem;
		}
		.stack {
			width: 16px;
		}
	}
</style>
