<script lang="ts">
	/** The look-round from the child's side: alone, point by point, with somebody else's eyes. */
	import ActForm from '$ui/ActForm.svelte';
	import Weave from '$ui/glyphs/Weave.svelte';
	import Furniture from '$ui/house/Furniture.svelte';
	import Notice from '$ui/Notice.svelte';
	let { data, form } = $props();
	const view = $derived(data.view);
	const point = $derived(view.points[view.at] ?? '');
	const next = $derived(view.points[view.at + 1] ?? null);
	const wrong = $derived(form && 'message' in form ? form.message : null);
	let fixing = $state(-1);
	const here = $derived(`/mine/look/${encodeURIComponent(view.line)}`);
	/** Where the hoop hangs: each point of the room has a place of its own. */
	const PLACES = [
		[120, 128],
		[230, 90],
		[330, 120],
		[180, 60],
		[285, 135],
		[90, 80]
	] as const;
	const place = $derived(PLACES[view.at % PLACES.length] ?? PLACES[0]);
	const QUESTIONS = [
		'Look as if you were the visitor. Is anything left there?',
		'Look as if you came in for the first time. Would you notice anything?',
		'Look once from low down and once from the door. Is it clear?'
	];
</script>

<svelte:head><title>Last check: {view.name} · Pail Round</title></svelte:head>

<section class="look">
	<header>
		{#if view.number}<span class="plate">{view.number}</span>{/if}
		<p>{view.member} does the last check: {view.room}</p>
		<a class="plain" href="/mine">Stop</a>
	</header>
	<div class="room" aria-hidden="true">
		{#if view.weave}<span class="wall"><Weave weave={view.weave} /></span>{/if}
		<svg viewBox="0 0 400 220" preserveAspectRatio="xMidYMax meet">
			<path d="M0 4H400" stroke="var(--cobalt)" stroke-width="6" />
			<path d="M0 214H400" stroke="var(--cobalt)" stroke-width="8" />
			<path
				d="M90 4V36M78 58L84 36H96L102 58Z"
				fill="var(--enamel-hi)"
				stroke="var(--ink)"
				stroke-width="3"
			/>
			<path
				d="M318 210V84H378V210M328 98H368V140H328Z"
				fill="var(--enamel-hi)"
				stroke="var(--ink)"
				stroke-width="3"
			/>
			<circle cx="327" cy="158" r="4" fill="var(--ink)" />
			<g transform="translate(60 210) scale(2.1)"><Furniture kind={view.kind} x={0} y={0} w={110} /></g>
			<g transform="translate({place[0]} {place[1]})">
				<circle r="62" fill="none" stroke="var(--enamel-hi)" stroke-width="15" />
				<circle r="62" fill="none" stroke="var(--wood-deep)" stroke-width="11" />
				<circle r="62" fill="none" stroke="var(--wood)" stroke-width="8" />
				<rect x="-8" y="-72" width="16" height="14" rx="4" fill="var(--tin-2)" stroke="var(--ink)" />
			</g>
		</svg>
	</div>
	<div class="said">
		<p class="count">
			<b>Look {view.at + 1} of {view.points.length}</b>
			<span class="stitches" aria-hidden="true"
				>{#each view.points as _, i (i)}<span class:sewn={i <= view.at}></span>{/each}</span
			>
		</p>
		<h1>{point}</h1>
		<p class="question">{QUESTIONS[view.at % QUESTIONS.length]}</p>
		<p class="dim">
			{#if next}Next: {next.toLowerCase()}.{/if} At the end {view.looksToo} looks too.
		</p>
		{#if wrong}<Notice tone="wrong"><span>{wrong}</span></Notice>{/if}
		{#if fixing === view.at}
			<p role="status"><b>Good that you saw it. Put it right, then look again.</b></p>
		{:else}
			<button class="not-yet" onclick={() => (fixing = view.at)}>Not yet, I will fix it</button>
		{/if}
	</div>
	{#if next}
		<a class="giant" href="{here}?at={view.at + 2}" data-sveltekit-replacestate>It is fine, next</a>
	{:else}
		<ActForm action="?/done" values={{ id: view.formId }}><button class="giant">All checked</button></ActForm>
	{/if}
</section>

<style>
	.look {
		width: min(760px, 100%);
		margin: 0 auto;
		padding: 14px 24px 24px;
		display: flex;
		flex-direction: column;
		gap: 14px;
		flex: 1;
	}
	header {
		display: flex;
		align-items: center;
		gap: 14px;
	}
	header p {
		flex: 1;
		margin: 0;
		font-size: 1.0625rem;
		font-weight: var(--w-name);
	}
	.room {
		position: relative;
		margin: 0 -24px;
		aspect-ratio: 400 / 214;
		max-height: 44vh;
		background: var(--enamel-hi);
		overflow: hidden;
	}
	.wall {
		position: absolute;
		inset: 0;
		opacity: 0.45;
	}
	.room svg:not(:global(.weave)) {
		position: relative;
		width: 100%;
		height: 100%;
	}
	.said {
		flex: 1;
	}
	.count {
		display: flex;
		align-items: center;
		gap: 16px;
		margin: 0;
		color: var(--cobalt-ink);
		font-size: 1.1875rem;
	}
	.stitches {
		display: flex;
		gap: 10px;
	}
	.stitches span {
		width: 34px;
		height: 3px;
		border-radius: 4px;
		background: var(--tin-2);
	}
	.stitches .sewn {
		height: 9px;
		margin-top: -3px;
		background: var(--cobalt-ink);
	}
	h1 {
		margin: 6px 0 8px;
		font-size: 2.625rem;
	}
	.said > .dim {
		margin: 0 0 16px;
	}
	.question {
		margin: 0 0 12px;
		font-size: 1.25rem;
	}
	.not-yet {
		width: 100%;
		min-height: 66px;
		border: 2.5px solid var(--tin-2);
		border-radius: var(--r-giant);
		background: var(--enamel-hi);
		color: var(--ink);
		font-size: 1.25rem;
		font-weight: var(--w-name);
	}
	.giant {
		display: grid;
		place-items: center;
		width: 100%;
		min-height: max(120px, 16vh);
		border: 0;
		border-radius: var(--r-giant);
		background: var(--cobalt);
		color: var(--on-cobalt);
		box-shadow: var(--sign-keyline);
		font-family: var(--font-text);
		font-size: 2rem;
		font-weight: var(--w-name);
		text-decoration: none;
	}
	@media (max-width: 640px) {
		.look {
			padding: 10px 15px 15px;
		}
		.room {
			margin: 0 -15px;
		}
	}
</style>
