<script lang="ts">
	import { goto } from '$app/navigation';
	import { onMount, tick as settled, untrack } from 'svelte';
	import Drawer from '$ui/Drawer.svelte';
	import HouseBells from '$ui/HouseBells.svelte';
	import Glyph from '$ui/glyphs/Glyph.svelte';
	import Peg from '$ui/glyphs/Peg.svelte';
	import Weave from '$ui/glyphs/Weave.svelte';
	import Notice from '$ui/Notice.svelte';
	import Ask from '$ui/today/Ask.svelte';
	import Dried from '$ui/today/Dried.svelte';
	import { layLine } from '$ui/today/layout';
	import Kinds from '$ui/today/Kinds.svelte';
	import KeyList from '$ui/today/KeyList.svelte';
	import NextTowel from '$ui/today/NextTowel.svelte';
	import Rope from '$ui/today/Rope.svelte';
	import Runner from '$ui/today/Runner.svelte';
	import Sheet from '$ui/today/Sheet.svelte';
	import Strings from '$ui/today/Strings.svelte';
	import WhoTicks from '$ui/today/WhoTicks.svelte';
	import Tag from '$ui/today/Tag.svelte';
	import { keyAct, keysOn, type KeyAct } from '$ui/today/keys';
	import { duration, minutesText, OUTCOME_WORDS, plural } from '$words/general';
	import { connection, readAnew } from '$ui/connection.svelte';
	import { once } from '$ui/once';
	import ActForm from '$ui/ActForm.svelte';
	let { data, form } = $props();
	const view = $derived(data.view);
	/** What the last form said: it stays while its sheet closes, and goes with the day. */
	let said = $state<{ date: string; form: NonNullable<typeof form> } | null>(null);
	$effect(() => {
		if (form && 'message' in form && form.message) said = { date: untrack(() => view.date), form };
	});
	const told = $derived(form ?? (said?.date === view.date ? said.form : null));
	const isToday = $derived(view.relation === 'today');
	const dayHref = (day: string) => (day === view.today ? '/' : `/?on=${day}`);
	const hrefOf = (line: string) => `/?on=${view.date}&open=${encodeURIComponent(line)}`;
	const closeHref = $derived(dayHref(view.date));

	let width = $state(1046);
	let spread = $state<number | null>(null);
	let keysShown = $state(false);
	const parts = $derived(
		view.parts.map((part, i) => ({
			...part,
			tags: part.tags.filter((tag) => tag.line !== view.next?.line),
			withNext: i === 0 && view.next !== null,
			withSitting: i === 0 && view.sitting !== null
		}))
	);
	const narrow = $derived(parts.reduce((sum, part) => sum + part.tags.length, 0) > 7);
	const layout = $derived(
		layLine(
			parts.map((part) => ({
				tags: part.tags.length,
				fixed: (part.withNext ? (narrow ? 256 : 336) : 0) + (part.withSitting ? (narrow ? 62 : 134) : 0)
			})),
			width - 29,
			spread
		)
	);
	const whole = $derived(layout.whole);
	/** How far a cloth hangs below the ends of its rope: the rope sags in the middle. */
	const dropAt = (i: number, n: number) => {
		const x = (i + 0.5) / Math.max(1, n);
		return 36 * x * (1 - x);
	};

	async function closeSheet() {
		await goto(closeHref, { noScroll: true, replaceState: true, keepFocus: false });
	}

	/** Keys act on the cloth that has the focus, else on the next one. */
	async function act(kind: KeyAct) {
		if (kind === 'before' || kind === 'after') return goto(dayHref(view[kind]), { noScroll: true });
		if (kind === 'today') return goto('/');
		if (kind === 'keys') return void (keysShown = !keysShown);
		if (kind === 'undo') {
			const of = told && 'undo' in told && told.undo ? told.undo : view.done.at(-1)?.entry;
			if (of) await send('undo', { of });
			return;
		}
		if (kind === 'enough') return send('enough', {});
		const line = document.activeElement?.closest<HTMLElement>('[data-line]')?.dataset.line ?? view.next?.line;
		if (!line) return;
		if (kind === 'open') return goto(hrefOf(line), { noScroll: true, replaceState: true });
		await send('tick', { line, outcome: kind, by: view.me });
	}

	/** Sends a key's act through the same form that a touch uses. */
	async function send(action: string, values: Record<string, string>) {
		const element = document.getElementById('key-form') as HTMLFormElement;
		element.action = `/?/${action}&on=${view.date}`;
		for (const [key, value] of Object.entries({ line: '', outcome: '', of: '', by: '', ...values })) {
			const input = element.elements.namedItem(key) as HTMLInputElement;
			input.value = value;
			input.disabled = value === '';
		}
		await settled();
		element.requestSubmit();
	}

	onMount(() => {
		const onKey = (event: KeyboardEvent) => {
			const kind = keyAct(event);
			if (!kind || view.sheet || (kind !== 'keys' && !keysOn())) return;
			event.preventDefault();
			void act(kind);
		};
		const refresh = () => {
			if (document.visibilityState !== 'visible') return;
			readAnew('app:today').then(
				() => (connection.lost = false),
				() => (connection.lost = true)
			);
		};
		// What others did, and the hour itself, come in while the page is looked at.
		const timer = setInterval(refresh, 30_000);
		window.addEventListener('keydown', onKey);
		document.addEventListener('visibilitychange', refresh);
		return () => {
			clearInterval(timer);
			window.removeEventListener('keydown', onKey);
			document.removeEventListener('visibilitychange', refresh);
		};
	});
</script>

<svelte:head><title>{isToday ? 'Today' : view.title} · Pail Round</title></svelte:head>

<form id="key-form" method="post" hidden use:once>
	<input type="hidden" name="date" value={view.date} />
	{#each ['line', 'outcome', 'of', 'by'] as name (name)}<input type="hidden" {name} value="" />{/each}
</form>

<div class="today">
	<HouseBells
		waits={view.strings.filter((one) => one.heard).map((one) => ({ ...one, where: one.room }))}
		now={view.now.at}
		onring={() => void readAnew('app:today').catch(() => undefined)}
	/>
	<div class="head">
		<header class="day">
			<div class="title">
				<h1><span class="long">{view.title}</span><span class="short">{view.shortTitle}</span></h1>
				<nav class="days" aria-label="Days">
					<a href={dayHref(view.before)} aria-label="The day before" data-sveltekit-noscroll>‹</a>
					{#if !isToday}<a class="text-link" href="/">Today</a>{/if}
					<a href={dayHref(view.after)} aria-label="The day after" data-sveltekit-noscroll>›</a>
					<details class="jump">
						<summary class="text-link">Another day</summary>
						<form method="get" action="/" data-sveltekit-noscroll>
							<input class="field" type="date" name="on" value={view.date} aria-label="Which day" required />
							<button class="plain">Go</button>
						</form>
					</details>
				</nav>
				{#if view.zone}
					<span class="phone-zone"
						>{view.zone.mark.name} <span class="plate">{view.zone.mark.number}</span></span
					>
				{/if}
			</div>
			<div class="summary">
				<p>
					<span class="long">{view.summary}{view.kind ? ` ${view.kind}.` : ''}</span><span class="short"
						>{view.summaryShort}</span
					>
				</p>
				{#if isToday && !view.isDevice}
					{#if view.enough}
						<form method="post" action="/?/undo&on={view.date}" use:once>
							<input type="hidden" name="of" value={view.enough} />
							<input type="hidden" name="date" value={view.date} />
							<input type="hidden" name="seed" value={view.formId} />
							<button class="text-link"
								>Hang {view.off.length > 0 ? `the other ${view.off.length}` : 'the rest'} again</button
							>
						</form>
					{:else if view.minutesLeft > 0}
						<form method="post" action="/?/enough&on={view.date}" use:once>
							<input type="hidden" name="date" value={view.date} />
							<input type="hidden" name="seed" value={view.formId} />
							<button class="text-link">Enough for today</button>
						</form>
					{/if}
					<button class="text-link keys" onclick={() => (keysShown = !keysShown)} aria-expanded={keysShown}
						>Keys</button
					>
				{/if}
			</div>
			{#if keysShown}<KeyList />{/if}
		</header>
		{#if isToday}<div class="ask-place">
				{#if view.isDevice}<WhoTicks members={view.members} me={view.me} />{:else}<Ask me={view.me} />{/if}
			</div>{/if}
	</div>

	{#if isToday && !view.isDevice}<Kinds me={view.me} />{/if}

	{#if told && 'message' in told && told.message}
		<div class="notices">
			{#if 'undo' in told}
				<Notice>
					<span>{told.message}</span>
					{#if told.undo}
						<ActForm
							action="/?/undo&on={view.date}"
							values={{ of: told.undo, date: view.date, seed: view.formId }}
						>
							<button class="text-link">Take it back</button>
						</ActForm>
					{/if}
				</Notice>
			{:else}
				<Notice tone="wrong"><span>{told.message}</span></Notice>
			{/if}
		</div>
	{/if}

	{#if view.relation !== 'past'}
		<section class="line" class:other={!isToday} aria-label="The Line">
			{#if isToday}
				<div class="left">
					<span class="stretch" aria-hidden="true"><Rope sag={6} /></span>
					<Dried {view} {hrefOf} />
				</div>
				<div class="prop" aria-hidden="true">
					<svg width="26" height="100%">
						<path
							d="M2 2Q3 14 13 18Q23 14 24 2"
							fill="none"
							stroke="var(--wood-deep)"
							stroke-width="6.5"
							stroke-linecap="round"
						/>
						<path
							d="M2 2Q3 14 13 18Q23 14 24 2"
							fill="none"
							stroke="var(--wood)"
							stroke-width="4.5"
							stroke-linecap="round"
						/>
						<rect x="10.500" y="16" width="5" height="2000" fill="var(--wood)" stroke="var(--wood-deep)" />
					</svg>
					<span class="hour">{view.now.time}</span>
				</div>
			{/if}
			<div class="parts" bind:clientWidth={width} style:--tuck="{layout.tuck}px">
				{#each parts as part, i (part.key)}
					<section
						class="part"
						class:grows={part.withNext}
						class:spread={spread === i}
						style:--least={spread === i ? `${layout.least}px` : undefined}
						aria-labelledby="part-{part.key}"
					>
						<header>
							<h2 id="part-{part.key}">{part.name}</h2>
							{#if i === 0 || part.tags.length > 4 || part.tags.length <= (whole[i] ?? 0)}<span class="dim"
									>{part.span}</span
								>{/if}
							{#if part.tags.length > (whole[i] ?? 0) || spread === i}
								<button
									class="text-link"
									aria-expanded={spread === i}
									onclick={() => (spread = spread === i ? null : i)}
								>
									{spread === i
										? 'push together'
										: `${part.tags.length + (part.withNext ? 1 : 0)} jobs, ${duration(part.minutes).replace(/ minutes?$/, i === 0 ? ' min' : '')}`}
								</button>
							{/if}
						</header>
						<div class="hang">
							<Rope />
							{#if part.withNext && view.next}
								<NextTowel
									tag={view.next}
									date={view.date}
									me={view.me}
									members={view.members}
									openHref={hrefOf(view.next.line)}
									formId={view.formId}
									starts={!view.isDevice}
									{narrow}
								/>
								<!-- On the phone the pails and the strings hang right under the next act. -->
								<div class="phone-only">
									{#if view.isDevice}<WhoTicks members={view.members} me={view.me} />{:else}<Ask
											me={view.me}
										/>{/if}
								</div>
								{#if view.strings.length > 0}<div class="phone-only">
										<Strings strings={view.strings} now={view.now.at} />
									</div>{/if}
							{/if}
							<ul class="tags">
								{#each part.tags as tag, k (tag.line)}
									<Tag
										{tag}
										date={view.date}
										me={view.me}
										canTick={isToday}
										openHref={hrefOf(tag.line)}
										drop={dropAt(k + (part.withNext ? 3 : 0), part.tags.length + (part.withNext ? 3 : 0))}
										tucked={k >= (whole[i] ?? 0)}
										beyond={k >= (layout.shown[i] ?? 0)}
									/>
								{/each}
								{#if part.tags.length > (layout.shown[i] ?? 0)}
									<li class="rest linen" aria-hidden="true">
										<span><Peg /></span><b>+{part.tags.length - (layout.shown[i] ?? 0)}</b>
									</li>
								{/if}
								{#if part.withSitting && view.sitting && view.zone}
									<li class="tag-sitting" class:narrow style:--drop="{dropAt(4, 5)}px">
										<span class="sit-pegs" aria-hidden="true"><Peg /><Peg /></span>
										<span class="cloth"><Weave weave={view.zone.mark.weave} /></span>
										<a
											href={view.isDevice
												? undefined
												: `/timer?minutes=${Math.round(view.sitting.minutes)}&for=${view.me}&zone=1`}
										>
											<span class="plate">{view.zone.mark.number}</span>
											<span class="words"
												><b>{view.zone.mark.name}</b><span
													>{minutesText(view.sitting.minutes)} min<span class="extra"
														>, {view.sitting.tags.length} {plural(view.sitting.tags.length, 'job')}</span
													></span
												></span
											>
										</a>
									</li>
								{/if}
							</ul>
							{#if part.tags.length === 0 && !part.withNext && !(part.withSitting && view.sitting)}
								<p class="bare">Bare line.</p>
							{/if}
						</div>
					</section>
				{/each}
			</div>
		</section>
	{:else}
		<section class="past">
			<div>
				<h2>What happened</h2>
				{#if view.done.length === 0}<p class="dim">Nothing was written down for this day.</p>{/if}
				<ul>
					{#each view.done as done (done.entry)}
						<li>
							<Glyph
								name={done.outcome === 'letgo' ? 'letgo' : done.outcome === 'part' ? 'part' : 'done'}
								size={24}
							/>
							<a href={hrefOf(done.line)} data-sveltekit-noscroll data-sveltekit-replacestate
								><b>{done.name}</b></a
							>
							<span
								>{done.by}{done.outcome === 'done'
									? ''
									: `${done.by ? ', ' : ''}${OUTCOME_WORDS[done.outcome]}`}</span
							>
							<span class="dim">{done.minutes === null ? '' : `${minutesText(done.minutes)} min`}</span>
						</li>
					{/each}
				</ul>
			</div>
			{#if view.wentBy.length > 0}
				<div>
					<h2>Went by</h2>
					<p class="dim">Each by its own rule; nothing here is a debt.</p>
					<ul>
						{#each view.wentBy as tag (tag.line)}
							<li>
								<Glyph name="coming" size={24} />
								<a href={hrefOf(tag.line)} data-sveltekit-noscroll data-sveltekit-replacestate
									><b>{tag.name}</b></a
								>
								<span>{tag.who}</span>
								<span class="dim">{minutesText(tag.minutes)} min</span>
							</li>
						{/each}
					</ul>
				</div>
			{/if}
		</section>
	{/if}

	{#if isToday && view.strings.length > 0}<div class="desk-only">
			<Strings strings={view.strings} now={view.now.at} />
		</div>{/if}

	<a class="held-line linen" href="#held" hidden={view.held.length === 0}>
		{#if view.held.length > 0}
			<Glyph
				name={view.held[0]?.tag.state === 'late' ? 'late' : (view.held[0]?.tag.glyph ?? 'waiting')}
				turns={view.held[0]?.tag.lateTurns ?? null}
				size={28}
			/>
			<b>{view.held.length} held over</b><span class="dim"
				>{view.heldWords.replace(/\.$/, '').toLowerCase()}</span
			>
		{/if}
	</a>
	<Runner {view} {hrefOf} />
</div>

{#if view.sheet}
	<Drawer
		title={view.sheet.tag.name}
		under="{view.sheet.tag.room}, {view.sheet.tag.who}"
		onclose={closeSheet}
		{closeHref}
	>
		{#if form && 'message' in form && !('undo' in form)}
			<Notice tone="wrong"><span>{form.message}</span></Notice>
		{/if}
		<Sheet
			sheet={view.sheet}
			{view}
			done={closeSheet}
			values={form && 'values' in form ? (form.values ?? {}) : {}}
		/>
	</Drawer>
{/if}

<style>
	.today {
		--edge: calc(var(--page-edge) - var(--rim));
		flex: 1;
		display: flex;
		flex-direction: column;
	}
	.head {
		display: flex;
		justify-content: space-between;
		align-items: flex-end;
	}
	.day {
		flex: 1;
		padding: 10px 0 0 var(--edge);
	}
	.ask-place {
		padding: 6px var(--edge) 0 0;
	}
	.title {
		display: flex;
		align-items: center;
		gap: 18px;
	}
	.short,
	.phone-zone {
		display: none;
	}
	.days {
		display: flex;
		align-items: center;
		gap: 4px;
	}
	.days a:not(.text-link) {
		display: grid;
		place-items: center;
		width: 44px;
		height: 44px;
		border-radius: 10px;
		font-size: 1.6rem;
		line-height: 1;
		color: var(--cobalt-ink);
		text-decoration: none;
	}
	.days a:not(.text-link):hover {
		background: var(--cobalt-wash);
	}
	.jump {
		position: relative;
		margin-left: 8px;
	}
	.jump summary {
		list-style: none;
		padding: 8px 0;
		cursor: pointer;
	}
	.jump summary::-webkit-details-marker {
		display: none;
	}
	.jump form {
		position: absolute;
		z-index: 20;
		top: calc(100% + 4px);
		left: -12px;
		display: flex;
		gap: 8px;
		padding: 12px;
		border-radius: var(--r-button);
		background: var(--enamel-hi);
		box-shadow: var(--sh-next);
	}
	.summary {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0 20px;
		margin-top: 2px;
		color: var(--tin-text);
		font-size: var(--t-lead);
	}
	.summary p {
		margin: 0;
	}
	.summary .text-link {
		font-size: 1rem;
		min-height: 34px;
	}
	.notices {
		padding-top: 4px;
	}
	.line {
		display: grid;
		grid-template-columns: 172px 56px 1fr;
		padding-left: var(--edge);
		margin-top: 18px;
		min-height: 0;
	}
	.line.other {
		grid-template-columns: 1fr;
	}
	.line.other .parts {
		margin-left: -11px;
	}
	.line.other .hang {
		min-height: 400px;
	}
	.left {
		position: relative;
		padding-top: 30px;
	}
	.stretch {
		position: absolute;
		left: calc(-1 * var(--edge));
		right: -12px;
		top: 26px;
		height: 24px;
	}
	.prop {
		position: relative;
		width: 26px;
		margin-left: -13px;
		top: 12px;
		height: calc(100% - 12px);
		min-height: 300px;
	}
	.prop svg {
		position: absolute;
		inset: 0;
	}
	.hour {
		position: absolute;
		right: -12px;
		bottom: 44px;
		padding: 3px 14px;
		border-radius: var(--r-sign);
		background: var(--cobalt);
		color: var(--on-cobalt);
		box-shadow:
			inset 0 0 0 1.5px var(--cobalt),
			inset 0 0 0 3px var(--on-cobalt);
		font-weight: var(--w-figure);
		white-space: nowrap;
	}
	.parts {
		display: flex;
		min-width: 0;
		padding-right: var(--edge);
		margin-left: -38px;
	}
	.part {
		position: relative;
		flex: 1 0 auto;
		min-width: 214px;
	}
	.part + .part {
		border-left: 2px dotted var(--linen-deep);
		padding-left: 0;
	}
	.part header {
		display: flex;
		align-items: baseline;
		gap: 8px;
		min-height: 28px;
		padding-left: 11px;
		white-space: nowrap;
	}
	.part header .text-link {
		min-height: 28px;
		padding: 2px 0;
	}
	.hang {
		position: relative;
		display: flex;
		gap: 12px;
		padding: 0 11px 14px;
		min-height: 322px;
		align-items: flex-start;
	}
	.tags {
		display: flex;
		align-items: flex-start;
		flex: 1;
		min-width: 0;
		margin: 0;
		padding: 0;
		gap: 0;
	}
	.tags :global(.tag:not(.tucked) + .tag:not(.tucked)) {
		margin-left: 8px;
	}
	.part.spread {
		flex: 1 1 0;
		min-width: var(--least);
	}
	.spread .tags {
		flex-wrap: wrap;
		row-gap: 14px;
	}
	.spread .tags :global(.tag:not(.tucked)) {
		flex-basis: 116px;
		margin: calc(5px + var(--drop)) 6px 0 0;
	}
	.spread .tags :global(.tag:not(.tucked) + .tag:not(.tucked)) {
		margin-left: 0;
	}
	.rest {
		position: relative;
		display: grid;
		place-items: center;
		flex: 0 0 32px;
		height: 60px;
		margin: 16px 0 0 8px;
		box-shadow: var(--sh-cloth);
	}
	.rest span {
		position: absolute;
		top: -14px;
	}
	.part header .dim {
		font-size: var(--t-note);
	}
	.tag-sitting {
		position: relative;
		list-style: none;
		flex: 0 0 126px;
		height: 262px;
		margin: calc(5px + var(--drop)) 0 0 8px;
		box-shadow: var(--sh-cloth);
	}
	.tag-sitting .cloth {
		position: absolute;
		inset: 0;
	}
	.sit-pegs {
		position: absolute;
		z-index: 1;
		top: -14px;
		left: 12px;
		right: 12px;
		display: flex;
		justify-content: space-between;
	}
	.tag-sitting.narrow {
		flex-basis: 54px;
	}
	.tag-sitting.narrow a {
		left: 4px;
		right: 4px;
		padding: 6px 2px;
		justify-items: center;
		text-align: center;
	}
	.tag-sitting.narrow .words b,
	.tag-sitting.narrow .extra {
		position: absolute;
		clip-path: inset(50%);
		width: 1px;
		height: 1px;
		overflow: hidden;
	}
	.tag-sitting a {
		position: absolute;
		left: 8px;
		right: 8px;
		bottom: 14px;
		padding: 10px;
		border-radius: 8px;
		background: var(--enamel-hi);
		box-shadow: 0 0 0 2px var(--cobalt-ink);
		color: var(--ink);
		text-decoration: none;
		display: grid;
		gap: 6px;
	}
	.tag-sitting .words {
		display: grid;
	}
	.tag-sitting .words span {
		color: var(--tin-text);
	}
	.bare {
		margin: 60px auto 0;
		color: var(--tin-text);
	}
	.phone-only,
	.held-line {
		display: none;
	}
	.desk-only {
		padding: 0 var(--edge);
	}
	.past {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 12px 48px;
		padding: 8px var(--edge) 28px;
	}
	.past ul {
		list-style: none;
		margin: 8px 0 0;
		padding: 0;
	}
	.past li {
		display: flex;
		align-items: center;
		gap: 10px;
		min-height: 40px;
		border-bottom: 1px solid var(--tin-1);
	}
	.past li a {
		color: var(--ink);
		text-decoration: none;
		padding: 8px 0;
	}
	.past li a:hover {
		text-decoration: underline;
	}
	.past li .dim {
		margin-left: auto;
	}

	@media (max-width: 900px) {
		.head {
			flex-direction: column;
			align-items: stretch;
		}
		.ask-place {
			padding: 12px var(--edge) 0;
		}
		.line {
			grid-template-columns: 1fr;
			padding-right: var(--edge);
		}
		.left {
			padding-top: 0;
		}
		.stretch,
		.prop {
			display: none;
		}
		.parts {
			flex-direction: column;
			margin-left: 0;
			padding-right: 0;
			overflow-x: visible;
			gap: 18px;
		}
		.part + .part {
			border-left: 0;
		}
		.hang {
			min-height: 0;
			flex-wrap: wrap;
			padding: 0 0 14px;
		}
		.tags {
			flex-wrap: wrap;
		}
		.past {
			grid-template-columns: 1fr;
		}
	}
	@media (max-width: 640px) {
		.today {
			--edge: 15px;
		}
		.day {
			padding: 10px 15px 0 12px;
		}
		.title {
			gap: 4px;
		}
		.long,
		.ask-place,
		.desk-only {
			display: none;
		}
		.short,
		.phone-only {
			display: block;
		}
		h1 {
			font-size: 1.625rem;
		}
		.short {
			display: inline;
			white-space: nowrap;
		}
		.days {
			gap: 0;
		}
		.jump {
			display: none;
		}
		.days a:not(.text-link) {
			width: 36px;
		}
		.phone-zone {
			display: flex;
			align-items: center;
			gap: 8px;
			margin-left: auto;
			font-weight: var(--w-name);
			text-align: right;
			line-height: 1.1;
		}
		.summary {
			margin-top: 2px;
		}
		/* The Line runs down the left edge. */
		.line {
			position: relative;
			margin: 8px 0 0;
			padding: 0 12px 30px 48px;
		}
		.line::before {
			content: '';
			position: absolute;
			left: 34px;
			top: 0;
			bottom: 0;
			width: 2px;
			background: var(--ink);
		}
		.line::after {
			content: '';
			position: absolute;
			left: 28px;
			bottom: -2px;
			width: 14px;
			height: 16px;
			border: 2px solid var(--ink);
			border-radius: 50% 50% 50% 50% / 35% 35% 65% 65%;
			background: var(--enamel);
		}
		.part header {
			padding-left: 8px;
			min-height: 40px;
			align-items: center;
		}
		.part header .text-link {
			display: none;
		}
		.hang {
			display: block;
			padding: 0;
		}
		.tags {
			display: block;
		}
		.rest {
			display: none;
		}
		.tags :global(.tag:not(.tucked) + .tag:not(.tucked)) {
			margin-left: 0;
		}
		.tag-sitting {
			height: auto;
			margin: 0 0 14px;
			padding: 8px 8px 8px 46px;
		}
		.tag-sitting .cloth {
			right: auto;
			width: 36px;
		}
		.tag-sitting.narrow .words b,
		.tag-sitting.narrow .extra {
			position: static;
			clip-path: none;
			width: auto;
			height: auto;
		}
		.tag-sitting.narrow a {
			justify-content: flex-start;
			padding: 8px 12px;
			text-align: left;
		}
		.tag-sitting a {
			position: static;
			display: flex;
			align-items: center;
			gap: 12px;
		}
		.sit-pegs {
			display: none;
		}
		.phone-only {
			margin: 4px 0 16px 4px;
		}
		.bare {
			margin: 0 0 8px 8px;
		}
		.summary .keys {
			display: none;
		}
		.held-line:not([hidden]) {
			position: sticky;
			bottom: calc(62px + env(safe-area-inset-bottom));
			z-index: 30;
			display: flex;
			align-items: center;
			gap: 12px;
			min-height: 48px;
			margin: 0 0 -1px;
			padding: 8px 15px;
			border-top: 2px dashed var(--linen-deep);
			color: var(--ink);
			text-decoration: none;
		}
		.held-line .dim {
			margin-left: auto;
			text-align: right;
			line-height: 1.15;
		}
	}
	@media print {
		.ask-place,
		.summary form,
		.days {
			display: none;
		}
	}
	/* The narrowest phones: the zone takes a line of its own. */
	@media (max-width: 380px) {
		.title {
			flex-wrap: wrap;
		}
	}
</style>
