<script lang="ts">
	/** The own page of a child or helper: the next thing large, the others below, the gate, help. */
	import Choice from '$ui/kit/Choice.svelte';
	import { CALL } from '$words/people';
	import ActForm from '$ui/ActForm.svelte';
	import Glyph from '$ui/glyphs/Glyph.svelte';
	import Peg from '$ui/glyphs/Peg.svelte';
	import Weave from '$ui/glyphs/Weave.svelte';
	import Thing from '$ui/mine/Thing.svelte';
	import Notice from '$ui/Notice.svelte';
	import { minutesText } from '$words/general';
	let { data, form } = $props();
	const view = $derived(data.view);
	const wrong = $derived(
		form && 'message' in form && !('undo' in form) && typeof form.message === 'string' ? form.message : null
	);
	const where = (one: { room: string; beside: string; minutes: number }) =>
		`${one.room}${one.beside ? `, with ${one.beside}` : ''}, ${minutesText(one.minutes)} ${one.minutes === 1 ? 'minute' : 'minutes'}`;
	const gateDone = $derived(view.gate ? view.gate.of - view.gate.left : 0);
</script>

<svelte:head><title>{view.name} · Pail Round</title></svelte:head>

<section class="mine">
	<header>
		<h1>{view.name}</h1>
		<p>{view.words}</p>
	</header>
	<svg class="rope" viewBox="0 0 1000 30" preserveAspectRatio="none" aria-hidden="true"
		><path
			d="M0 8Q420 26 1000 2"
			fill="none"
			stroke="var(--ink)"
			stroke-width="3"
			vector-effect="non-scaling-stroke"
		/></svg
	>
	{#if wrong}<Notice tone="wrong"><span>{wrong}</span></Notice>{/if}
	{#each view.swaps as swap (swap.id)}
		<div class="ask">
			<p>{swap.words}</p>
			<ActForm action="?/swap" values={{ swap: swap.id, answer: 'yes' }} then={{ withoutId: true }}
				><button class="plain">Yes, I will do it</button></ActForm
			>
			<ActForm action="?/swap" values={{ swap: swap.id, answer: 'no' }} then={{ withoutId: true }}
				><button class="plain">No, thanks</button></ActForm
			>
		</div>
	{/each}
	{#if view.next}
		{@const next = view.next}
		<article class="next" data-line={next.line}>
			<span class="peg left" aria-hidden="true"><Peg /></span><span class="peg right" aria-hidden="true"
				><Peg /></span
			>
			<div class="drawing"><Thing name={next.thing} size={220} /></div>
			<div class="said">
				<h2>{next.name}</h2>
				<p>{where(next)}</p>
				{#if next.back}<p class="back"><b>One thing back: {next.back.toLowerCase()}</b></p>{/if}
				{#if next.state === 'look'}
					<a class="sign" href="/mine/look/{encodeURIComponent(next.line)}">Last check</a>
				{:else if view.pail}
					<a class="sign" href="/timer/{view.pail}">Continue</a>
				{:else}
					<ActForm
						action="/timer?/start"
						values={{
							id: view.formId,
							line: next.line,
							member: view.member,
							minutes: Math.max(1, Math.ceil(next.minutes))
						}}
					>
						<button class="sign">Start</button>
					</ActForm>
				{/if}
				{#if next.state === 'todo'}
					<div class="small">
						<ActForm
							action="?/tick"
							values={{ line: next.line, outcome: 'done', date: view.date, by: view.member }}
							><button class="plain">Done already</button></ActForm
						>
						{#if next.could.length > 0}
							<details>
								<summary>Ask to swap</summary>
								<ActForm action="?/swap" values={{ turn: `${next.line}@${view.date}` }}>
									<Choice
										label="Ask"
										name="to"
										options={next.could.map((one) => ({ value: one.id, label: one.name }))}
									/><button class="plain">Ask</button>
								</ActForm>
							</details>
						{/if}
					</div>
				{/if}
			</div>
			{#if next.weave}<span class="hem"><Weave weave={next.weave} /></span>{/if}
		</article>
	{:else}
		<p class="clear">Nothing left to do.</p>
	{/if}
	<ul>
		{#each view.things as one (one.line)}
			{@const over = one.state === 'done' || one.state === 'looked'}
			<li class="linen" class:over data-line={one.line}>
				<Thing name={one.thing} size={104} faded={over} />
				<div>
					<h3>{one.name}</h3>
					{#if over}
						<p class="state"><Glyph name="done" size={28} /> {one.words}</p>
					{:else if one.state === 'look'}
						<p><a class="text-link" href="/mine/look/{encodeURIComponent(one.line)}">{one.words}</a></p>
					{:else}
						<p>{where(one)}{one.words ? `, ${one.words}` : ''}</p>
						{#if one.back}<p class="back"><b>One thing back: {one.back.toLowerCase()}</b></p>{/if}
					{/if}
				</div>
				{#if one.state === 'todo'}
					<ActForm
						class="tick"
						action="?/tick"
						values={{ line: one.line, outcome: 'done', date: view.date, by: view.member }}
						><button class="plain">Done</button></ActForm
					>
				{:else if one.entry && one.state === 'done'}
					<ActForm class="tick" action="?/undo" values={{ of: one.entry, date: view.date }}
						><button class="text-link">Not yet</button></ActForm
					>
				{/if}
				{#if one.weave}<span class="hem"><Weave weave={one.weave} /></span>{/if}
			</li>
		{/each}
	</ul>
	{#if view.growing.length > 0}
		<p class="growing">To practise: <b>{view.growing.join('; ')}</b></p>
	{/if}
	{#if view.ribbon}
		<div class="ribbon">
			<svg width="40" height="40" viewBox="0 0 32 32" aria-hidden="true"
				><path
					d="M16 14Q6 4 5 12T16 14Q26 4 27 12T16 14M16 15L9 28M16 15L23 28"
					fill="none"
					stroke="var(--cobalt-ink)"
					stroke-width="2.6"
					stroke-linecap="round"
					stroke-linejoin="round"
				/><circle cx="16" cy="14" r="2.8" fill="var(--cobalt-ink)" /></svg
			>
			<p>
				<b>You are today’s captain.</b><br />
				{#if view.ribbon.duties.length}{view.ribbon.duties.join(', ')}.{/if}
				{#if view.ribbon.choices.length}You choose: {view.ribbon.choices.join(', ').toLowerCase()}.{/if}
			</p>
		</div>
	{/if}
	{#if view.gate}
		<div class="gate linen">
			<svg width="132" height="92" viewBox="0 0 132 92" aria-hidden="true">
				<rect x="18" y="14" width="108" height="72" rx="10" fill="var(--ink)" />
				<rect x="26" y="22" width="92" height="56" rx="3" fill="var(--cobalt-wash)" />
				{#if view.gate.left > 0}
					{@const w = 20 + (92 * view.gate.left) / view.gate.of}
					<path
						d="M2 6Q{w / 3} 2 {w / 2} 6T{w} 4V76Q{(w * 2) / 3} 70 {w / 2} 74T2 74Z"
						fill="var(--enamel-hi)"
						stroke="var(--cobalt-ink)"
						stroke-width="2.4"
					/>
					{#each Array.from({ length: view.gate.left }, (_, i) => i) as i (i)}
						{@const x = 2 + (w * (i + 1)) / (view.gate.left + 1)}
						<path d="M{x} 8V72" stroke="var(--cobalt-ink)" stroke-width="2.6" stroke-dasharray="7 5" />
					{/each}
				{/if}
			</svg>
			<div>
				<h3>
					{view.gate.left > 0
						? `${view.gate.left} left before ${view.gate.name}`
						: `Chores done: ${view.gate.name} now`}
				</h3>
				<p>
					{view.gate.left > 0
						? gateDone > 0
							? 'Each chore done brings it closer.'
							: 'The first chore done brings it closer.'
						: 'All chores are done.'}
				</p>
			</div>
		</div>
	{/if}
	<div class="foot">
		{#if view.calling}
			<p class="m-0 font-name" role="status">{CALL.called}</p>
			<ActForm action="?/came" then={{ withoutId: true }}
				><button class="help called">{CALL.notNeeded}</button></ActForm
			>
		{:else}
			<ActForm action="?/help" values={{ line: view.next?.line ?? '' }}
				><button class="help">{CALL.help}</button></ActForm
			>
		{/if}
	</div>
</section>

<style>
	.mine {
		position: relative;
		width: min(760px, 100%);
		margin: 0 auto;
		padding: 12px 24px 28px;
		display: flex;
		flex-direction: column;
		gap: 14px;
		flex: 1;
	}
	header {
		display: flex;
		justify-content: space-between;
		align-items: center;
		gap: 12px;
	}
	h1 {
		margin: 0;
		font-size: 2.375rem;
	}
	header p {
		margin: 0;
		font-size: 1.1875rem;
		font-weight: var(--w-name);
	}
	.rope {
		position: absolute;
		left: calc(50% - 50vw);
		width: 100vw;
		max-width: none;
		top: 62px;
		height: 26px;
		pointer-events: none;
	}
	.next {
		position: relative;
		margin-top: 6px;
		padding: 30px 22px 40px;
		background: var(--enamel-hi);
		border: 2px solid var(--cobalt-ink);
		border-radius: 6px;
		box-shadow: var(--sh-next);
		display: grid;
		grid-template-columns: auto 1fr;
		gap: 14px 34px;
		align-items: center;
	}
	.peg {
		position: absolute;
		top: -20px;
		transform: scale(1.25);
	}
	.peg.left {
		left: 34px;
	}
	.peg.right {
		right: 34px;
	}
	.drawing {
		display: grid;
		place-items: center;
		padding: 6px 12px;
	}
	.next h2 {
		margin: 0;
		font-size: 2.375rem;
		line-height: var(--lh-display);
	}
	.next p {
		margin: 8px 0 14px;
		font-size: 1.1875rem;
		color: var(--tin-text);
	}
	.next .sign {
		width: 100%;
		min-height: 72px;
		font-size: 1.75rem;
	}
	.next p.back,
	.back {
		color: var(--ink);
	}
	.small {
		display: flex;
		flex-wrap: wrap;
		gap: 10px 18px;
		align-items: center;
		justify-content: space-between;
		margin-top: 12px;
	}
	summary {
		cursor: pointer;
		min-height: 44px;
		display: grid;
		place-items: center;
		font-weight: var(--w-name);
		color: var(--cobalt-ink);
		text-decoration: underline;
		text-underline-offset: 4px;
		list-style: none;
	}
	details[open] {
		flex-basis: 100%;
	}
	details :global(form) {
		display: flex;
		gap: 10px;
		align-items: end;
	}
	.hem {
		position: absolute;
		inset: auto 0 8px;
		height: 14px;
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
		display: grid;
		gap: 12px;
	}
	li {
		position: relative;
		display: grid;
		grid-template-columns: 112px 1fr auto;
		gap: 6px 18px;
		align-items: center;
		padding: 14px 18px 26px;
		box-shadow: var(--sh-cloth);
	}
	li .hem {
		height: 10px;
		bottom: 5px;
	}
	h3 {
		margin: 0;
		font-family: var(--font-text);
		font-size: 1.3125rem;
		font-weight: var(--w-name);
	}
	li p {
		margin: 2px 0 0;
		font-size: 1.0625rem;
		color: var(--tin-text);
	}
	.over h3 {
		color: var(--tin-text);
	}
	.state {
		display: flex;
		align-items: center;
		gap: 8px;
	}
	.clear {
		margin: 40px 0;
		text-align: center;
		font-family: var(--font-display);
		font-size: 2rem;
	}
	.growing {
		margin: 0;
		font-size: 1.0625rem;
	}
	.ribbon,
	.ask {
		display: flex;
		flex-wrap: wrap;
		gap: 14px;
		align-items: center;
		padding: 10px 18px;
		background: var(--enamel-hi);
		box-shadow: 0 0 0 1.5px var(--tin-2);
		border-radius: 6px;
	}
	.ribbon {
		flex-wrap: nowrap;
	}
	.ribbon p,
	.ask p {
		margin: 0;
		flex: 1 1 220px;
		font-size: 1.0625rem;
	}
	.gate {
		display: flex;
		gap: 22px;
		align-items: center;
		margin: 0 -24px;
		padding: 12px 30px;
		border-block: 1px solid var(--linen-deep);
	}
	.gate svg {
		flex: none;
	}
	.gate p {
		margin: 2px 0 0;
		font-size: 1.0625rem;
		color: var(--tin-text);
	}
	.foot {
		margin-top: auto;
	}
	.help {
		width: 100%;
		min-height: 72px;
		border: 2.5px solid var(--tin-2);
		border-radius: var(--r-giant);
		background: var(--enamel-hi);
		color: var(--ink);
		font-family: var(--font-text);
		font-size: 1.375rem;
		font-weight: var(--w-name);
	}
	.called {
		border-color: var(--cobalt-ink);
		color: var(--cobalt-ink);
		font-size: 1.1875rem;
	}
	@media (max-width: 640px) {
		.mine {
			padding: 10px 15px 18px;
		}
		.next {
			grid-template-columns: 1fr;
			padding: 24px 18px 36px;
			gap: 4px;
		}
		li {
			grid-template-columns: 84px 1fr auto;
			gap: 6px 12px;
			padding: 12px 12px 24px;
		}
		li > :global(svg) {
			width: 84px;
			height: auto;
		}
		.gate {
			margin: 0 -15px;
			padding: 12px 18px;
		}
	}
</style>
