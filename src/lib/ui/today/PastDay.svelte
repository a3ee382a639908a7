<script lang="ts">
	/** A day that is past: what was done, and what was not. */
	import { REACH } from '$ui/kit/styles';
	import { TODAY_PAST_DAY } from '$words/screens/today';
	import Glyph from '../glyphs/Glyph.svelte';
	import { minutesText, OUTCOME_WORDS } from '$words/general';
	import { TODAY } from '$words/today';
	import type { TodayView } from '$views/today';
	let { view, hrefOf }: { view: TodayView; hrefOf: (line: string) => string } = $props();
	const LINE = 'flex min-h-11 items-center gap-3 border-b border-tin-1';
	const NAME = REACH + ' min-w-0 font-name text-ink no-underline wrap-anywhere hover:underline';
</script>

<section class="grid flex-1 content-start gap-x-12 gap-y-6 px-edge py-5 sm:grid-cols-2">
	<div>
		<h2 class="mt-0 mb-2">{TODAY.happened}</h2>
		{#if view.done.length === 0}<p class="text-tin-text">{TODAY.nothingWritten}</p>{/if}
		<ul class="m-0 list-none p-0">
			{#each view.done as done (done.entry)}
				<li class={LINE}>
					<Glyph
						name={done.outcome === 'letgo' ? 'letgo' : done.outcome === 'part' ? 'part' : 'done'}
						size={24}
					/>
					<a
						href={done.line === '' ? `/history?open=${view.date}` : hrefOf(done.line)}
						data-sveltekit-noscroll
						data-sveltekit-replacestate
						class={NAME}>{done.name}</a
					>
					<span
						>{done.by}{done.outcome === 'done' || done.outcome === 'cleared'
							? ''
							: `${done.by ? ', ' : ''}${OUTCOME_WORDS[done.outcome]}`}</span
					>
					<span class="ml-auto whitespace-nowrap text-tin-text"
						>{done.minutes === null ? '' : TODAY_PAST_DAY.min(minutesText(done.minutes))}</span
					>
				</li>
			{/each}
		</ul>
	</div>
	{#if view.wentBy.length > 0}
		<div>
			<h2 class="mt-0 mb-2">{TODAY.notDone}</h2>
			<p class="mt-0 text-tin-text">{TODAY.notDoneLine}</p>
			<ul class="m-0 list-none p-0">
				{#each view.wentBy as row (row.line)}
					<li class={LINE}>
						<Glyph name="coming" size={24} />
						<a href={hrefOf(row.line)} data-sveltekit-noscroll data-sveltekit-replacestate class={NAME}
							>{row.name}</a
						>
						<span class="min-w-0 text-tin-text">{row.room} · {row.who}</span>
						<span class="ml-auto whitespace-nowrap text-tin-text"
							>{TODAY_PAST_DAY.min(minutesText(row.minutes))}</span
						>
					</li>
				{/each}
			</ul>
		</div>
	{/if}
</section>
