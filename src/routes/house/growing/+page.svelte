<script lang="ts">
	import Button from '$ui/kit/Button.svelte';
	import Empty from '$ui/kit/Empty.svelte';
	import { HOUSE_GROWING_PAGE } from '$words/screens/house';
	import EditForm from '$ui/house/EditForm.svelte';
	import Notice from '$ui/Notice.svelte';
	import { plural } from '$words/general';
	let { data, form } = $props();
	const view = $derived(data.view);
	const action = '/house/growing?/switch';
</script>

<svelte:head><title>{HOUSE_GROWING_PAGE.startSmallPailRound}</title></svelte:head>

<div class="flex flex-1 flex-col px-edge pt-2 pb-6 max-[901px]:px-3.75 max-[901px]:pt-3 max-[901px]:pb-6">
	<header class="flex items-baseline justify-between">
		<h1>{HOUSE_GROWING_PAGE.startSmall}</h1>
		<Button kind="link" class="whitespace-nowrap" href="/house">{HOUSE_GROWING_PAGE.backToTheHouse}</Button>
	</header>
	{#if view.layers.length > 0}<p class="mt-2.5 mb-8.5 font-display text-[1.5rem] max-w-[44ch]">
			{view.suggestion}
		</p>
	{:else}<div class="my-auto">
			<Empty
				title={view.suggestion}
				line={HOUSE_GROWING_PAGE.whatItIs}
				act={{ href: '/house/library', label: HOUSE_GROWING_PAGE.openTheLibrary }}
			/>
		</div>{/if}
	{#if form && 'message' in form && form.message}<Notice tone="wrong"><span>{form.message}</span></Notice>
	{:else if form && 'saved' in form && form.saved}<Notice><span>{form.saved}</span></Notice>{/if}
	{#if view.layers.length > 0}<ol
			class="relative grid grid-cols-[repeat(var(--parts),1fr)] gap-6.5 mb-6.5 before:absolute before:left-[calc(-1_*_(var(--page-edge)_-_var(--rim)))] before:right-[calc(-1_*_(var(--page-edge)_-_var(--rim)))] before:top-0 before:border-t-2 before:border-t-ink max-[901px]:grid-cols-[1fr] max-[901px]:before:-left-3.75 max-[901px]:before:-right-3.75"
			style:--parts={view.layers.length}
		>
			{#each view.layers as layer, i (layer.layer)}
				<li class="flex flex-col gap-3.5">
					<span
						class={[
							'cloth grid content-start gap-2 px-5 pt-6.5 pb-4.5 rounded-[0_0_4px_4px]',
							!layer.on ? '[box-shadow:none] border-2 border-dashed border-tin-2 border-t-0' : 'shadow-cloth'
						]}
						class:linen={layer.on}
						style:min-height="{220 + i * 44}px"
					>
						<span class="pegs" aria-hidden="true"></span>
						<b class="name font-display font-normal text-[1.5rem]">{layer.name}</b>
						<span class="dim">{layer.says}</span>
						<span class="dim">{layer.jobs} {plural(layer.jobs, 'job')}</span>
					</span>
					<span class="grid gap-2 mt-auto">
						{#if layer.on && layer.asked > 0}
							<span class="flex gap-1" aria-hidden="true"
								>{#each { length: layer.asked } as _, k (k)}<i
										class={[
											'flex-1 max-w-4.5 h-2 grid items-center before:rounded-[4px]',
											k < layer.held ? 'before:h-2 before:bg-cobalt-ink' : 'before:h-0.5 before:bg-tin-2'
										]}
									></i>{/each}</span
							>
						{/if}
						<b>{layer.reading}</b>
					</span>
					<EditForm values={{ layer: layer.layer, on: layer.on ? '0' : '1' }} {view} {action}>
						{#if !layer.on}
							<Button type="submit" kind={view.next === layer.layer ? 'solid' : 'plain'}
								>{HOUSE_GROWING_PAGE.turnOn}</Button
							>
						{:else if layer.layer !== 'basics'}
							<Button type="submit">{HOUSE_GROWING_PAGE.turnOffForNow}</Button>
						{:else}
							<span class="dim flex items-center min-h-11">{HOUSE_GROWING_PAGE.alwaysOn}</span>
						{/if}
					</EditForm>
				</li>
			{/each}
		</ol>
		<p class="dim">
			{HOUSE_GROWING_PAGE.nothingIsDeletedWhenA}
		</p>{/if}
</div>

<style>
	@media (max-width: 900px) {
		.cloth {
			min-height: 0 !important;
		}
	}
</style>
