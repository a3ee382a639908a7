<script lang="ts">
	/** The same plan as a list: one lane down the left edge, cloths pegged by their side, whose it is said last. */
	import ChevronDown from '@lucide/svelte/icons/chevron-down';
	import { goto } from '$app/navigation';
	import Menu from '../kit/Menu.svelte';
	import { DEPTH_OF_JOB } from '$words/session';
	import Glyph from '../glyphs/Glyph.svelte';
	import Weave from '../glyphs/Weave.svelte';
	import { clockText, minutesText } from '$words/general';
	import type { LaneOfCloths } from './strip';
	import type { FillView } from '$views/session';
	let { lanes, view, bell }: { lanes: readonly LaneOfCloths[]; view: FillView; bell: number } = $props();
	const time = (minutes: number) =>
		clockText(
			new Intl.DateTimeFormat('en-GB', {
				timeZone: view.timeZone,
				hour: '2-digit',
				minute: '2-digit',
				hourCycle: 'h23'
			}).format(view.now + minutes * 60_000),
			view.clock
		);
	const rows = $derived(
		lanes
			.flatMap((lane) => lane.cloths.map((cloth) => ({ cloth, who: lane.who })))
			.sort((a, b) => a.cloth.from - b.cloth.from)
	);
	const names = $derived(Object.fromEntries(view.people.map((one) => [one.id, one.name])));
	const depthsOf = (job: string) => view.jobs[job]?.depths ?? [];
	const depthOf = (job: string) => view.jobs[job]?.depth ?? 'usual';
	const many = $derived(view.people.length > 1);
</script>

<ol>
	{#each rows as { cloth, who } (`${cloth.job} ${cloth.step}`)}
		<li style:--length="{Math.max(50, 40 + cloth.minutes * 4)}px">
			<span class="at">{time(cloth.from)}</span>
			<span class="cloth linen">
				{#if cloth.weave}<span class="band"><Weave weave={cloth.weave} /></span>{/if}
				<span class="text"
					><b>{cloth.text}</b><span>{cloth.name}, {cloth.room}{many ? `, ${names[who]}` : ''}</span
					>{#if cloth.wait}<span class="wait">{cloth.wait.label}, fetch at {time(cloth.wait.to)}</span
						>{/if}</span
				>
				<span class="minutes"><b>{minutesText(cloth.minutes)}</b> min</span>
				{#if cloth.last && view.jobs[cloth.job] && !view.cut}
					<span class="acts">
						{#if depthsOf(cloth.job).length > 0}<Menu
								label="{DEPTH_OF_JOB.label}, {cloth.name}: {DEPTH_OF_JOB.names[depthOf(cloth.job)]}"
								class="text-link inline-flex cursor-pointer items-center gap-1"
								lines={depthsOf(cloth.job).map((one) => ({
									label: DEPTH_OF_JOB.names[one.depth],
									onpick: () => void goto(one.href, { noScroll: true, keepFocus: true })
								}))}
								>{#snippet trigger()}{DEPTH_OF_JOB.names[depthOf(cloth.job)]}<ChevronDown
										size={16}
										aria-hidden="true"
									/>{/snippet}</Menu
							>{/if}
						<a
							class="text-link"
							href={view.jobs[cloth.job]?.hold}
							data-sveltekit-noscroll
							aria-label="{view.held.includes(cloth.job) ? 'Do not keep' : 'Always keep'} {cloth.name}"
							>{view.held.includes(cloth.job) ? 'Kept' : 'Always keep this one'}</a
						>
						<a
							class="text-link"
							href={view.jobs[cloth.job]?.out}
							data-sveltekit-noscroll
							aria-label="Leave out {cloth.name}">Leave out</a
						>
					</span>
				{/if}
			</span>
		</li>
	{/each}
</ol>
<p class="bell"><Glyph name="bell" size={26} /> <b>{time(bell)}</b> the bell</p>

<style>
	ol {
		list-style: none;
		margin: 0;
		padding: 0;
		position: relative;
	}
	ol::before {
		content: '';
		position: absolute;
		left: 84px;
		top: -8px;
		bottom: -14px;
		width: 2px;
		background: var(--ink);
	}
	li {
		display: grid;
		grid-template-columns: 66px minmax(0, 1fr);
		gap: 30px;
		margin-bottom: 8px;
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
		padding: 6px 18px 6px 44px;
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
		min-width: 0;
		overflow-wrap: anywhere;
	}
	.text span,
	.minutes {
		color: var(--tin-text);
	}
	.text .wait {
		color: var(--cobalt-ink);
	}
	.minutes {
		white-space: nowrap;
	}
	.minutes b {
		color: var(--ink);
		font-size: 1.1875rem;
		font-weight: var(--w-figure);
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 0 14px;
		width: 250px;
		white-space: nowrap;
	}
	.bell {
		display: flex;
		align-items: center;
		gap: 10px;
		margin: 18px 0 0 71px;
	}
	@media (max-width: 900px) {
		ol::before {
			left: 62px;
		}
		li {
			grid-template-columns: 50px minmax(0, 1fr);
			gap: 24px;
		}
		.bell {
			margin-left: 49px;
		}
		.cloth {
			flex-wrap: wrap;
			gap: 2px 12px;
			padding-right: 12px;
		}
		.acts {
			width: 100%;
			gap: 0 22px;
		}
		.acts .text-link {
			min-height: 44px;
			display: inline-flex;
			align-items: center;
		}
	}
</style>
