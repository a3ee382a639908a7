<script lang="ts">
	/** The same plan as a list: one lane down the left edge, cloths pegged by their side, whose it is said last. */
	import Button from '../kit/Button.svelte';
	import { SESSION_IN_ORDER } from '$words/screens/session';
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

<ol
	class="relative before:absolute before:left-21 before:-top-2 before:-bottom-3.5 before:w-0.5 before:bg-ink max-[901px]:before:left-15.5"
>
	{#each rows as { cloth, who } (`${cloth.job} ${cloth.step}`)}
		<li
			class="grid grid-cols-[66px_minmax(0,1fr)] gap-7.5 mb-2 max-[901px]:grid-cols-[50px_minmax(0,1fr)] max-[901px]:gap-6"
			style:--length="{Math.max(50, 40 + cloth.minutes * 4)}px"
		>
			<span class="text-right pt-2.5 font-figure text-cobalt-ink">{time(cloth.from)}</span>
			<span
				class="linen relative flex items-center gap-3.5 min-h-(--length) py-1.5 pr-4.5 pl-11 rounded-cloth shadow-cloth before:absolute before:-left-5 before:top-[calc(50%_-_5px)] before:w-7.5 before:h-2.25 before:rounded-[4px] before:bg-wood before:[box-shadow:inset_0_0_0_1px_var(--wood-deep)] max-[901px]:flex-wrap max-[901px]:gap-x-3 max-[901px]:gap-y-0.5 max-[901px]:pr-3"
			>
				{#if cloth.weave}<span class="band absolute left-3.5 top-0 bottom-0 w-4"
						><Weave weave={cloth.weave} /></span
					>{/if}
				<span class="grid flex-1 min-w-0 wrap-anywhere"
					><b>{cloth.text}</b><span class="text-tin-text"
						>{[cloth.text === cloth.name ? '' : cloth.name, cloth.room, many ? (names[who] ?? '') : '']
							.filter(Boolean)
							.join(', ')}</span
					>{#if cloth.wait}<span class="text-cobalt-ink"
							>{SESSION_IN_ORDER.readyAt(cloth.wait.label, time(cloth.wait.to))}</span
						>{/if}</span
				>
				<span class="minutes text-tin-text whitespace-nowrap"
					><b class="text-ink text-tag font-figure">{minutesText(cloth.minutes)}</b>
					{SESSION_IN_ORDER.min}</span
				>
				{#if cloth.last && view.jobs[cloth.job] && !view.cut}
					<span
						class="acts flex flex-wrap gap-x-3.5 gap-y-0 w-62.5 whitespace-nowrap max-[901px]:w-full max-[901px]:gap-x-5.5 max-[901px]:gap-y-0"
					>
						{#if depthsOf(cloth.job).length > 0}<Menu
								label="{DEPTH_OF_JOB.label}, {cloth.name}: {DEPTH_OF_JOB.names[depthOf(cloth.job)]}"
								class="inline-flex min-h-7 max-md:min-h-11 cursor-pointer items-center gap-1 font-name text-cobalt-ink underline decoration-2 underline-offset-4"
								lines={depthsOf(cloth.job).map((one) => ({
									label: DEPTH_OF_JOB.names[one.depth],
									onpick: () => void goto(one.href, { noScroll: true, keepFocus: true })
								}))}
								>{#snippet trigger()}{DEPTH_OF_JOB.names[depthOf(cloth.job)]}<ChevronDown
										size={16}
										aria-hidden="true"
									/>{/snippet}</Menu
							>{/if}
						<Button
							kind="link"
							class="max-[901px]:min-h-11! max-[901px]:inline-flex! max-[901px]:items-center!"
							href={view.jobs[cloth.job]?.hold}
							data-sveltekit-noscroll
							aria-label="{view.held.includes(cloth.job)
								? SESSION_IN_ORDER.doNotKeep
								: SESSION_IN_ORDER.alwaysKeep} {cloth.name}"
							>{view.held.includes(cloth.job)
								? SESSION_IN_ORDER.kept
								: SESSION_IN_ORDER.alwaysKeepThisOne}</Button
						>
						<Button
							kind="link"
							class="max-[901px]:min-h-11! max-[901px]:inline-flex! max-[901px]:items-center!"
							href={view.jobs[cloth.job]?.out}
							data-sveltekit-noscroll
							aria-label={SESSION_IN_ORDER.leaveOutOf(cloth.name)}>{SESSION_IN_ORDER.leaveOut}</Button
						>
					</span>
				{/if}
			</span>
		</li>
	{/each}
</ol>
<p class="flex items-center gap-2.5 mt-4.5 ml-17.75 max-[901px]:ml-12.25">
	<Glyph name="bell" size={26} /> <b>{time(bell)}</b>
	{SESSION_IN_ORDER.timeIsUp}
</p>
