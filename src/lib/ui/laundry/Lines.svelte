<script lang="ts">
	/** The loads on the way: each on its own line under the shelf, what is done folded on it, what comes next on a tag. */
	import Button from '../kit/Button.svelte';
	import { LAUNDRY_LINES } from '$words/screens/laundry';
	import ActForm from '$ui/ActForm.svelte';
	import Glyph from '$ui/glyphs/Glyph.svelte';
	import Peg from '$ui/glyphs/Peg.svelte';
	import Weave from '$ui/glyphs/Weave.svelte';
	import type { LaundryView, LoadView } from '$views/laundry';
	import { minutesText } from '$words/general';
	import { STAGES, type StageOnShelf } from '$words/laundry';
	import { mostUrgent } from './mostUrgent';
	let { view }: { view: LaundryView } = $props();
	const next = $derived(mostUrgent(view.going));
	const place = (stage: string) => STAGES.findIndex((one: StageOnShelf) => one.key === stage);
	const needsHands = (load: LoadView) => load.fetch === null || load.isReady;
	/** A load that waits for hands has its stage behind it. */
	const passedOf = (load: LoadView) =>
		needsHands(load) && load.id === next?.id && load.stage !== 'waiting'
			? [...load.passed, load.stage]
			: load.passed;
</script>

{#snippet told(load: LoadView, solid: boolean)}
	<ActForm action="/laundry?/tell" values={{ id: view.formId, load: load.id, stage: load.next ?? '' }}>
		<Button type="submit" kind={solid ? 'solid' : 'plain'} size={solid ? 'large' : 'usual'}>{load.act}</Button
		>
	</ActForm>
{/snippet}

<ul
	class="loads [--edge:calc(var(--page-edge)_-_var(--rim))] [--column:calc(100%_/_5)] px-(--edge) pt-3.5 pb-5 grid gap-2 content-start flex-1 max-[901px]:py-3 max-[901px]:px-3.75 max-[901px]:gap-4"
>
	{#each view.going as load (load.id)}
		<li
			class="grid grid-cols-[222px_1fr] min-h-24 max-[901px]:grid-cols-[minmax(0,1fr)]"
			class:rings={load.rings}
		>
			<div class="pt-3 pr-3 max-[901px]:px-0 max-[901px]:pt-0 max-[901px]:pb-2">
				<b class="text-[1.125rem] block wrap-anywhere">{load.name}</b><span class="dim block wrap-anywhere"
					>{load.whose}</span
				>
				<div class="back flex flex-wrap items-center gap-x-3.5 gap-y-1">
					<ActForm action="/laundry?/tell" values={{ id: view.formId, load: load.id, stage: 'undo' }}>
						<Button
							kind="link"
							type="submit"
							class="min-h-11! px-0!"
							aria-label={LAUNDRY_LINES.undoOf(load.name)}>{LAUNDRY_LINES.undo}</Button
						>
					</ActForm>
					{#if load.id !== next?.id || !needsHands(load)}{@render told(load, false)}{/if}
				</div>
			</div>
			<div class="line relative pb-1.5 max-[901px]:p-0 max-[901px]:grid max-[901px]:gap-2">
				<svg
					class="absolute left-0 top-1 w-[calc(100%_+_var(--edge))] h-3 max-[901px]:hidden"
					viewBox="0 0 100 12"
					preserveAspectRatio="none"
					aria-hidden="true"
					><path
						d="M0 3Q12 9 25 4T50 4T75 4T100 2"
						fill="none"
						stroke="var(--ink)"
						stroke-width="2"
						vector-effect="non-scaling-stroke"
					/></svg
				>
				{#each passedOf(load) as stage (stage)}
					<span
						class="absolute left-[calc(var(--at)_*_var(--column)_+_var(--column)_/_2)] [transform:translateX(-50%)] top-0 grid justify-items-center max-[901px]:hidden"
						style:--at={place(stage)}
						aria-hidden="true"
						><Peg /><span class="linen relative grid place-items-center w-12 h-13.5 -mt-5.5 pb-2 shadow-cloth"
							><Glyph name="done" size={28} /><span class="absolute left-0 right-0 bottom-0.75 h-2.5"
								><Weave weave={load.weave} /></span
							></span
						></span
					>
				{/each}
				<div
					class="tag absolute left-[calc(var(--at)_*_var(--column)_+_var(--column)_/_2)] [transform:translateX(-50%)] top-2 min-w-37.5 px-3 pt-4 pb-5 bg-linen-hi shadow-cloth text-center"
					class:towel={load.id === next?.id}
					style:--at={needsHands(load) && load.next && load.id === next?.id
						? place(load.next)
						: place(load.stage)}
				>
					<span class="absolute -top-2.5 left-3 right-3 flex justify-between" aria-hidden="true"
						><Peg /><Peg /></span
					>
					{#if needsHands(load)}
						{#if load.id === next?.id}
							<p class="flex items-center gap-2 text-cobalt-ink">
								<Glyph name="due" size={26} /><b>{LAUNDRY_LINES.next}</b>{#if load.minutes}<span
										class="ml-auto text-tin-text"
										><b class="text-ink text-tag">{minutesText(load.minutes)}</b> {LAUNDRY_LINES.min}</span
									>{/if}
							</p>
							<h3 class="mt-1.5 mb-0.5 text-[1.5rem] wrap-anywhere">{load.name}</h3>
							<p class="dim mb-2">
								{load.where}{load.rings ? LAUNDRY_LINES.wetTooLongSince(load.latest ?? '') : ''}
							</p>
							{@render told(load, true)}
						{:else}
							<b>{load.where}</b>
						{/if}
					{:else}<b>{load.where}</b>{/if}
					<span class="absolute left-0 right-0 bottom-0.75 h-2.5"><Weave weave={load.weave} /></span>
				</div>
				{#if load.fetch && !(load.isReady && load.id === next?.id)}
					<p
						class="string absolute left-[calc(var(--at)_*_var(--column)_+_var(--column)_/_2)] top-15.5 flex items-end gap-2 m-0 pl-22.5 [transform:none] whitespace-nowrap pointer-events-none"
						style:--at={place(load.stage)}
					>
						<svg class="mb-2" viewBox="0 0 60 40" width="60" height="40" aria-hidden="true"
							><path d="M0 2C6 38 30 36 60 24" fill="none" stroke="var(--cobalt-ink)" stroke-width="2" /></svg
						>
						<span class="fetch" class:now={load.isReady}>{load.fetch}</span>
						<span
							><b>{load.act}</b>{#if load.latest}<span class="dim"
									>{LAUNDRY_LINES.byAtTheLatest(load.latest)}</span
								>{/if}</span
						>
					</p>
				{/if}
			</div>
		</li>
	{/each}
</ul>

<style>
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
	.tag :global([data-button-root]) {
		width: 100%;
		padding: 0 8px;
		font-size: 1.1875rem;
	}
	.back :global([data-button-root]) {
		min-height: 44px;
		padding: 0 12px;
	}
	@media (max-width: 900px) {
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
	}
</style>
