<script lang="ts">
	/** A day of the record: what was done in a line, and opened, line by line. */
	import Button from '../kit/Button.svelte';
	import { HISTORY_DAY } from '$words/screens/history';
	import type { LedgerView } from '$views/history';
	import { minutesText } from '$words/general';
	import ActForm from '../ActForm.svelte';
	import Glyph from '../glyphs/Glyph.svelte';
	import Stitches from '../Stitches.svelte';
	let {
		day,
		view,
		href,
		onchosen
	}: {
		day: LedgerView['days'][number];
		view: LedgerView;
		href: (more: Record<string, string>) => string;
		/** An entry was chosen: its job is shown beside the days. */
		onchosen: () => void;
	} = $props();
	/** On a phone what was meant stands under what it took. */
	const MINUTES =
		'minutes text-right text-tin-text whitespace-nowrap max-[901px]:grid max-[901px]:leading-tight max-[901px]:py-1';
</script>

<div class="day" class:open={view.openDay === day.date}>
	<a
		class="row grid grid-cols-[104px_minmax(0,1fr)_124px_118px] items-center min-h-11.5 pr-4.5 border-b border-b-tin-1 text-ink no-underline max-[901px]:grid-cols-[70px_minmax(0,1fr)_auto] max-[901px]:pr-3 hover:[background:color-mix(in_srgb,var(--cobalt-wash)_50%,transparent)]"
		href={href({ open: view.openDay === day.date ? 'none' : day.date })}
		aria-expanded={view.openDay === day.date}
		data-sveltekit-noscroll
		data-sveltekit-replacestate
	>
		<span
			class={[
				'flex justify-between pr-4 pl-5 font-display text-[1.125rem] [font-variant-numeric:oldstyle-nums] max-[901px]:py-0 max-[901px]:pr-2 max-[901px]:pl-2.5 max-[901px]:text-body',
				day.isToday && 'text-cobalt-ink'
			]}><span>{day.weekday}</span><span>{day.number}</span></span
		>
		<span
			class="pr-2.5 pl-3 whitespace-nowrap overflow-hidden [text-overflow:ellipsis] max-[901px]:whitespace-normal max-[901px]:py-2 max-[901px]:px-2.5"
		>
			{#each day.told as one, k (one.who)}{k > 0 ? '; ' : ''}{#if one.who}<b>{one.who}</b
					>{': '}{/if}{one.what}{/each}{#if day.more > 0}{' '}<span class="dim"
					>{HISTORY_DAY.andMore(day.more)}</span
				>{/if}
		</span>
		<span class="max-[901px]:hidden"
			><Stitches plan={day.planned} work={day.minutes} longest={view.longest} /></span
		>
		<span class={MINUTES}
			><b class="text-ink font-figure">{Math.round(day.minutes)}</b>
			<span>{HISTORY_DAY.ofMin(Math.round(day.planned))}</span></span
		>
	</a>
	{#if view.openDay === day.date}
		<ul>
			{#each day.lines as line (line.entry)}
				<li
					class={[
						'row grid grid-cols-[104px_minmax(0,1fr)_124px_118px] items-center min-h-11.5 pr-4.5 border-b border-b-tin-1 text-ink no-underline max-[901px]:grid-cols-[70px_minmax(0,1fr)_auto] max-[901px]:pr-3',
						view.page?.entry?.entry === line.entry &&
							'[background:linear-gradient(90deg,transparent_var(--gutter),var(--cobalt-wash)_var(--gutter))]'
					]}
				>
					<span
						class="flex justify-between pr-4 pl-5 font-display text-[1.125rem] [font-variant-numeric:oldstyle-nums] max-[901px]:py-0 max-[901px]:pr-2 max-[901px]:pl-2.5 max-[901px]:text-body"
					></span>
					<a
						class="group entry pr-2.5 pl-3 flex items-center gap-2.5 min-h-11 text-ink no-underline"
						href={href({ open: day.date, entry: line.entry })}
						onclick={onchosen}
						data-sveltekit-noscroll
						data-sveltekit-replacestate
					>
						<Glyph
							name={line.back
								? 'back'
								: line.outcome === 'letgo'
									? 'letgo'
									: line.outcome === 'part'
										? 'part'
										: 'done'}
							size={26}
						/>
						<span
							><span
								class={[
									'group-hover:underline group-hover:underline-offset-3',
									line.back && 'line-through text-tin-text',
									view.page?.entry?.entry === line.entry && 'font-name'
								]}>{line.name}</span
							>
							<span class="dim"
								>{line.by}{line.words ? `${line.by ? ', ' : ''}${line.words}` : ''}{line.back
									? `, ${line.back.words}`
									: ''}</span
							></span
						>
					</a>
					{#if line.back}
						<ActForm
							action="/history?/undo&{view.filter.q}"
							class="again"
							values={{ of: line.back.undo, seed: view.formId }}
						>
							<Button kind="link" type="submit">{HISTORY_DAY.countItAgain}</Button>
						</ActForm>
					{:else if line.minutes !== null}
						<span class="max-[901px]:hidden"
							><Stitches
								plan={line.planned}
								work={line.minutes}
								longest={Math.max(40, ...day.lines.map((l) => Math.max(l.minutes ?? 0, l.planned ?? 0)))}
							/></span
						>
						<span class={MINUTES}
							><span
								><b class="text-ink font-figure">{minutesText(line.minutes)}</b
								>{#if line.planned === null}{' '}{HISTORY_DAY.min}{/if}</span
							>
							{#if line.planned !== null}<span>{HISTORY_DAY.ofMin(minutesText(line.planned))}</span
								>{/if}</span
						>
					{/if}
				</li>
			{/each}
		</ul>
	{/if}
</div>
