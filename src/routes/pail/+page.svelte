<script lang="ts">
	import BitePail from '$ui/glyphs/BitePail.svelte';
	import Glyph from '$ui/glyphs/Glyph.svelte';
	import Weave from '$ui/glyphs/Weave.svelte';
	import Insecure from '$ui/Insecure.svelte';
	import Notice from '$ui/Notice.svelte';
	import { minutesText, numberWord, plural } from '$ui/words';
	import { once } from '$ui/once';
	let { data, form } = $props();
	const view = $derived(data.view);
	const sizes = [
		{ minutes: 2, size: 46 },
		{ minutes: 5, size: 53 },
		{ minutes: 10, size: 60 },
		{ minutes: 15, size: 67 },
		{ minutes: 20, size: 74 }
	];
	const href = (minutes: number, member: string) =>
		`/pail?minutes=${minutes}&for=${member}${view.zone ? '&zone=1' : ''}`;
	const values = $derived(form && 'values' in form ? (form.values as Record<string, string>) : {});
</script>

<svelte:head><title>A pail of {view.minutes} minutes · Pail Round</title></svelte:head>

<div class="fill">
	<header>
		<div>
			<h1>A pail of {view.minutes} {plural(view.minutes, 'minute')}</h1>
			<p>
				{view.from} to {view.until}, for {view.memberName}{view.zone
					? `, in the zone ${view.zone.name}`
					: ''}.
			</p>
		</div>
		<div class="shelf">
			{#each sizes as { minutes, size } (minutes)}
				<a
					href={href(minutes, view.member)}
					aria-label="{minutes} minutes"
					aria-current={minutes === view.minutes ? 'true' : undefined}
					data-sveltekit-noscroll
				>
					<BitePail minutes={String(minutes)} {size} full={minutes === view.minutes} />
				</a>
			{/each}
		</div>
		<form class="any" method="get" action="/pail">
			<label
				><span>Any minutes</span>
				<input
					class="field"
					name="minutes"
					inputmode="numeric"
					size="4"
					value={values.minutes ?? view.minutes}
					aria-describedby="any-help"
				/></label
			>
			<label
				><span>For</span>
				<select
					class="tape"
					name="for"
					value={view.member}
					onchange={(event) => event.currentTarget.form?.requestSubmit()}
				>
					{#each view.members as member (member.id)}<option value={member.id}>{member.name}</option>{/each}
				</select></label
			>
			{#if view.zone}<input type="hidden" name="zone" value="1" />{/if}
			<button class="plain">Fill</button>
			<span id="any-help" hidden>From 1 to 600 minutes</span>
		</form>
	</header>

	{#if form && 'message' in form}
		<Notice tone="wrong">
			<span>{form.message}</span>
			{#if 'running' in form && form.running}<a class="text-link" href="/pail/{form.running}">Go to it</a
				>{/if}
		</Notice>
	{/if}
	{#if view.running && !form}
		<Notice
			><span>{view.memberName} has a pail running.</span><a class="text-link" href="/pail/{view.running}"
				>Go to it</a
			></Notice
		>
	{/if}

	<div class="body">
		<section class="steps" aria-labelledby="steps-title">
			<h2 id="steps-title">
				{view.jobs.length === 0
					? 'Nothing to put in'
					: `${numberWord(view.jobs.length)} ${plural(view.jobs.length, 'job')}`}
				{#if view.jobs.length > 0}<span class="planned">{minutesText(view.planned)} min</span>{/if}
			</h2>
			<p class="why">{view.why}</p>
			<ol>
				{#each view.rows as row, i (i)}
					<li style:--length="{Math.max(46, 34 + row.minutes * 5)}px">
						<span class="at">{row.at}</span>
						<span class="cloth linen">
							{#if row.weave}<span class="band"><Weave weave={row.weave} /></span>{/if}
							<span class="text"
								><b>{row.text}</b><span>{row.job}, {row.room}</span>{#if row.wait}<span class="wait"
										>{row.wait}</span
									>{/if}</span
							>
							<span class="minutes"><b>{minutesText(row.minutes)}</b> min</span>
						</span>
					</li>
				{/each}
			</ol>
			{#if view.rows.length === 0}
				<p class="empty">The line is clear for {view.memberName}. Rest, or fill a pail for somebody else.</p>
			{:else}
				<p class="bell"><Glyph name="bell" size={26} /> <b>{view.until}</b> the bell</p>
			{/if}
		</section>
		<aside aria-labelledby="aside-title">
			<h2 id="aside-title">Hangs aside</h2>
			{#if view.left.length === 0}<p class="dim">Nothing. All that is on fits in.</p>{/if}
			<ul>
				{#each view.left as one (one.tag.line)}
					<li>
						<Glyph name={one.tag.glyph} size={24} turns={one.tag.lateTurns} /><span
							><b>{one.tag.name}</b><br /><span class="dim">{one.why}</span></span
						>
					</li>
				{/each}
			</ul>
		</aside>
	</div>

	<footer class="linen">
		<p>
			{view.rows.length === 0
				? 'Nothing waits for you here.'
				: view.cut
					? 'What is not finished stays on the line.'
					: 'Steps run in this order; the bell says stop.'}
		</p>
		<form method="post" action="/pail?/start" use:once>
			<input type="hidden" name="id" value={view.formId} />
			<input type="hidden" name="minutes" value={view.minutes} />
			<input type="hidden" name="member" value={view.member} />
			{#if view.zone}<input type="hidden" name="zone" value="1" />{/if}
			{#if view.rows.length > 0}<button class="sign">Start</button>{:else}<a class="sign" href="/"
					>Back to Today</a
				>{/if}
		</form>
	</footer>
</div>

<Insecure />

<style>
	.fill {
		--edge: calc(var(--page-edge) - var(--rim));
		flex: 1;
		display: flex;
		flex-direction: column;
	}
	header {
		display: grid;
		grid-template-columns: 1fr auto auto;
		gap: 16px 36px;
		align-items: end;
		padding: 18px var(--edge) 0;
	}
	.planned {
		margin-left: 8px;
		font-family: var(--font-text);
		font-size: 1.125rem;
		font-weight: var(--w-figure);
		font-variant-numeric: var(--figures);
	}
	header p,
	.dim {
		margin: 6px 0 0;
		color: var(--tin-text);
	}
	.shelf {
		display: flex;
		align-items: flex-end;
		gap: 14px;
		border-bottom: 4px solid var(--tin-1);
		padding: 0 12px;
	}
	.shelf a {
		display: grid;
		place-items: end center;
		min-width: 48px;
		min-height: 48px;
		border-radius: 8px;
	}
	.any {
		display: flex;
		align-items: flex-end;
		gap: 12px;
	}
	.any label span {
		display: block;
		margin-bottom: 4px;
		color: var(--tin-text);
	}
	.any .field {
		width: 84px;
	}
	.any .plain {
		min-height: 48px;
	}
	.body {
		flex: 1;
		display: grid;
		grid-template-columns: minmax(0, 1fr) 320px;
		gap: 48px;
		padding: 26px var(--edge) 24px;
	}
	.why {
		margin: 6px 0 16px;
		color: var(--tin-text);
	}
	ol,
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	ol {
		position: relative;
	}
	/* One lane: the line runs down, the cloths are pegged to it by their side. */
	ol::before {
		content: '';
		position: absolute;
		left: 84px;
		top: -8px;
		bottom: -14px;
		width: 2px;
		background: var(--ink);
	}
	ol li {
		display: grid;
		grid-template-columns: 66px 1fr;
		gap: 30px;
		margin-bottom: 10px;
	}
	.at {
		text-align: right;
		padding-top: 10px;
		font-weight: var(--w-figure);
		color: var(--cobalt-ink);
	}
	.cloth {
		position: relative;
		display: flex;
		align-items: center;
		gap: 14px;
		min-height: var(--length);
		padding: 8px 18px 8px 44px;
		border-radius: var(--r-cloth);
		box-shadow: var(--sh-cloth);
	}
	.cloth::before {
		content: '';
		position: absolute;
		left: -20px;
		top: calc(50% - 5px);
		width: 30px;
		height: 9px;
		border-radius: 4px;
		background: var(--wood);
		box-shadow: inset 0 0 0 1px var(--wood-deep);
	}
	.band {
		position: absolute;
		left: 14px;
		top: 0;
		bottom: 0;
		width: 16px;
	}
	.text {
		display: grid;
		flex: 1;
	}
	.text span,
	.minutes {
		color: var(--tin-text);
	}
	.text .wait {
		color: var(--cobalt-ink);
	}
	.minutes b {
		color: var(--ink);
		font-size: 1.1875rem;
		font-weight: var(--w-figure);
	}
	.bell {
		display: flex;
		align-items: center;
		gap: 10px;
		margin: 18px 0 0 71px;
	}
	.empty {
		margin: 24px 0;
		font-size: 1.125rem;
	}
	aside li {
		display: flex;
		gap: 12px;
		padding: 10px 0;
		border-bottom: 1px solid var(--tin-1);
	}
	footer {
		position: sticky;
		bottom: var(--rim);
		z-index: 5;
		display: flex;
		align-items: center;
		justify-content: space-between;
		gap: 24px;
		padding: 16px var(--edge) 20px;
		border-top: var(--stitch);
	}
	footer p {
		margin: 0;
		color: var(--tin-text);
	}
	footer .sign {
		min-width: 282px;
	}
	@media (max-width: 900px) {
		header {
			grid-template-columns: 1fr;
			padding: 14px 15px 0;
			gap: 14px;
		}
		.shelf {
			justify-content: space-between;
			gap: 4px;
			padding: 0 4px;
		}
		.any {
			gap: 10px;
		}
		.any > label {
			min-width: 0;
		}
		.any .field {
			width: 72px;
		}
		.any > label:nth-of-type(2) {
			flex: 1;
		}
		.any select {
			width: 100%;
		}
		.body {
			grid-template-columns: 1fr;
			gap: 24px;
			padding: 18px 15px 20px;
		}
		footer {
			bottom: calc(62px + env(safe-area-inset-bottom));
			padding: 12px 15px 14px;
		}
		footer p {
			display: none;
		}
		footer form,
		footer .sign {
			width: 100%;
		}
		ol::before {
			left: 62px;
		}
		ol li {
			grid-template-columns: 50px 1fr;
			gap: 24px;
		}
		.bell {
			margin-left: 49px;
		}
		.cloth {
			padding-right: 12px;
		}
	}
</style>
