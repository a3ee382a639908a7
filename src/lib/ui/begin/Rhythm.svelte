<script lang="ts">
	/** Choosing a rhythm: the ten with their own week each, and two drying yards of this very home. */
	import { page } from '$app/state';
	import DryingYard from './DryingYard.svelte';
	import Touch from './Touch.svelte';
	import TouchForm from './TouchForm.svelte';
	import { RECOMMENDED } from '$words/firstSteps';
	import type { BeginView } from '$views/setup';
	let { view }: { view: BeginView } = $props();
	const holds = $derived(view.draft.minutesADay);
	const longest = $derived(Math.max(30, view.yard?.longest ?? 0, view.beside?.longest ?? 0));
	const scale = $derived(72 / longest);
	const weekMost = $derived(Math.max(1, ...view.patterns.flatMap((pattern) => pattern.week)));
	const beside = $derived(page.url.searchParams.get('beside'));
	let second = $state(false);
	const toggle = (list: readonly number[], day: number) =>
		(list.includes(day) ? list.filter((one) => one !== day) : [...list, day]).sort().join(',');
</script>

<div class="rhythm">
	<section class="ten" aria-labelledby="rhythm-title">
		<h1 id="rhythm-title">Choose how you clean</h1>
		<p class="dim">Four weeks of your own home.</p>
		<ul>
			{#each view.patterns as pattern (pattern.id)}
				{@const chosen = pattern.id === view.draft.pattern}
				<li class:chosen class:second={pattern.id === beside && !chosen}>
					<Touch values={{ op: 'pattern', pattern: pattern.id }} pressed={chosen}>
						<span class="pattern">
							<span class="words"
								><b>{pattern.name}</b><span class="!text-tin-text">{pattern.forWhom}</span
								>{#if pattern.why}<span class="!text-cobalt-ink"
										><b class="!font-text">{RECOMMENDED}.</b> {pattern.why}</span
									>{/if}{#if chosen}<span>{beside ? 'on the left' : 'seen here'}</span
									>{:else if pattern.id === beside}<span>beside it</span>{/if}</span
							>
							<svg viewBox="0 0 78 32" width="78" height="32" aria-hidden="true">
								<path d="M0 2Q39 7 78 2" fill="none" stroke="var(--ink)" stroke-width="1.5" />
								{#each pattern.week as minutes, i (i)}
									<rect
										x={3 + i * 10.6}
										y={4}
										width="8"
										height={Math.max(1.5, (minutes / weekMost) * 26)}
										fill="var(--linen)"
										stroke="var(--tin-2)"
									/>
								{/each}
							</svg>
						</span>
					</Touch>
					{#if !chosen}<a
							class="text-link"
							href="/begin?step=rhythm&beside={pattern.id === beside ? '' : pattern.id}"
							data-sveltekit-noscroll
							aria-label="Put {pattern.name} beside it">{pattern.id === beside ? 'Away' : 'Beside'}</a
						>{/if}
				</li>
			{/each}
		</ul>
	</section>
	<div class="yards" class:two={view.beside !== null} class:showSecond={second}>
		{#if view.yard}
			<DryingYard yard={view.yard} {scale} {holds} />
			{#if view.beside}<DryingYard yard={view.beside} {scale} {holds} />{/if}
		{:else}
			<p class="dim">Add a room first to see its four weeks here.</p>
		{/if}
		{#if view.beside}<button class="plain switch" onclick={() => (second = !second)}
				>{second ? 'The chosen one' : 'Beside it'}</button
			>{/if}
	</div>
	<footer class="linen">
		<div class="sets">
			<TouchForm values={{ op: 'minutes' }} class="minutes">
				<label>Minutes a day <input class="field" name="minutes" inputmode="numeric" value={holds} /></label>
				<button class="text-link">Set</button></TouchForm
			>
			<div class="days" role="group" aria-label="Free days">
				<span>Free</span>
				{#each view.weekdays as day (day.number)}
					<Touch
						values={{
							op: 'days',
							free: toggle(view.freeDays, day.number),
							catchUp: view.catchUpDays.join(',')
						}}
						pressed={view.freeDays.includes(day.number)}
						label="{day.name} free"
						><span class="dayplate" class:on={view.freeDays.includes(day.number)}>{day.name.slice(0, 2)}</span
						></Touch
					>
				{/each}
			</div>
			<div class="days" role="group" aria-label="Catch-up days">
				<span>Catch up</span>
				{#each view.weekdays as day (day.number)}
					<Touch
						values={{
							op: 'days',
							free: view.freeDays.join(','),
							catchUp: toggle(view.catchUpDays, day.number)
						}}
						pressed={view.catchUpDays.includes(day.number)}
						label="{day.name} to catch up"
						><span class="dayplate" class:on={view.catchUpDays.includes(day.number)}
							>{day.name.slice(0, 2)}</span
						></Touch
					>
				{/each}
			</div>
		</div>
		<ul class="legend">
			<li><span class="bit plain-bit"></span>basics, every day</li>
			<li><span class="bit weekly-bit"></span>weekly</li>
			<li><span class="bit zone-bit"></span>the zone, numbered</li>
			<li><span class="bit hem-bit"></span>more than the day your family has</li>
		</ul>
		<Touch values={{ op: 'step', step: 'people' }} kind="sign"
			><span class="go"><b>Take {view.patterns.find((one) => one.id === view.draft.pattern)?.name}</b></span
			></Touch
		>
	</footer>
</div>

<style>
	.rhythm {
		display: grid;
		grid-template-columns: 290px minmax(0, 1fr);
		grid-template-rows: 1fr auto;
		gap: 0 30px;
		flex: 1;
	}
	.dim {
		font-size: var(--t-lead);
		margin: 6px 0 12px;
	}
	.ten ul {
		list-style: none;
		margin: 0 0 12px;
		padding: 0;
	}
	.ten li {
		display: flex;
		align-items: center;
		gap: 8px;
		padding: 0 10px;
		border-bottom: 1px solid var(--tin-1);
		min-height: 47px;
	}
	.ten li .text-link {
		font-size: 0.9375rem;
		margin-left: auto;
		opacity: 0.85;
	}
	.ten li.chosen {
		border: 2px solid var(--cobalt-ink);
		border-radius: 10px;
		box-shadow:
			inset 0 0 0 2px var(--enamel),
			inset 0 0 0 3px var(--cobalt-ink);
		background: var(--enamel-hi);
	}
	.ten li.second {
		border: 2px dashed var(--cobalt-ink);
		border-radius: 10px;
	}
	.pattern {
		display: flex;
		align-items: center;
		justify-content: space-between;
		gap: 8px;
		width: 100%;
		min-height: 42px;
		text-align: left;
	}
	.ten li :global(button) {
		flex: 1;
	}
	.words {
		display: grid;
		gap: 2px;
		padding: 7px 0;
		line-height: 1.25;
	}
	.words b {
		font-weight: 500;
	}
	.chosen .words b,
	.second .words b {
		color: var(--cobalt-ink);
		font-weight: var(--w-name);
	}
	.words span {
		color: var(--cobalt-ink);
		font-size: 0.9375rem;
	}
	.yards {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 24px;
		align-content: start;
	}
	.yards.two {
		grid-template-columns: 1fr 1fr;
	}
	.switch {
		display: none;
	}
	footer {
		grid-column: 1 / -1;
		position: relative;
		display: flex;
		align-items: center;
		gap: 24px;
		justify-content: space-between;
		margin: 6px calc(-1 * (var(--page-edge) - var(--rim))) -20px;
		padding: 14px calc(var(--page-edge) - var(--rim)) 10px;
		border-top: 1px solid var(--linen-deep);
	}
	footer::before {
		content: '';
		position: absolute;
		left: 0;
		right: 0;
		top: 6px;
		border-top: var(--stitch);
	}
	.sets {
		display: grid;
		gap: 2px;
	}
	.sets :global(.minutes),
	:global(.minutes) label,
	.days {
		display: flex;
		align-items: center;
		gap: 8px;
	}
	:global(.minutes) .field {
		width: 70px;
		min-height: 34px;
	}
	.days > span:first-child {
		width: 74px;
	}
	.dayplate {
		display: grid;
		place-items: center;
		width: 34px;
		height: 30px;
		border-radius: 6px;
		border: 1.5px solid var(--tin-2);
		font-size: 0.9375rem;
	}
	.dayplate.on {
		background: var(--cobalt);
		border-color: var(--cobalt);
		color: var(--on-cobalt);
		font-weight: var(--w-name);
	}
	.legend {
		display: grid;
		grid-template-columns: auto auto;
		gap: 8px 20px;
		list-style: none;
		margin: 0;
		padding: 0;
	}
	.legend li {
		display: flex;
		align-items: center;
		gap: 8px;
	}
	.bit {
		width: 28px;
		height: 18px;
		border: 1px solid var(--tin-1);
		background: var(--linen-hi);
	}
	.weekly-bit {
		background:
			linear-gradient(
				90deg,
				transparent 18%,
				var(--tin-2) 18% 24%,
				transparent 24% 76%,
				var(--tin-2) 76% 82%,
				transparent 82%
			),
			var(--enamel-hi);
	}
	.zone-bit {
		background: repeating-linear-gradient(90deg, var(--z-check) 0 6px, var(--weave-ground) 6px 12px);
	}
	.hem-bit {
		height: 3px;
		border: 0;
		background: var(--brass-text);
	}
	@media (max-width: 1000px) {
		.rhythm {
			grid-template-columns: minmax(0, 1fr);
		}
		.yards.two {
			grid-template-columns: 1fr;
		}
		.yards.two > :global(.yard:nth-of-type(2)),
		.yards.two.showSecond > :global(.yard:nth-of-type(1)) {
			display: none;
		}
		.yards.two.showSecond > :global(.yard:nth-of-type(2)) {
			display: block;
		}
		.switch {
			display: inline-flex;
		}
		footer {
			flex-direction: column;
			align-items: stretch;
		}
		.days {
			display: grid;
			grid-template-columns: 74px repeat(7, minmax(0, 34px));
			gap: 5px;
		}
		.dayplate {
			width: 100%;
		}
	}
</style>
