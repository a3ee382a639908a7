<script lang="ts">
	/** How much of what, for the bottle that there is; kept with its date, with a label to print. */
	import { SUPPLIES_MIX_PAGE } from '$words/screens/supplies';
	import Button from '$ui/kit/Button.svelte';
	import EditForm from '$ui/house/EditForm.svelte';
	import MixCalculator from '$ui/supplies/MixCalculator.svelte';
	import Notice from '$ui/Notice.svelte';
	import { MIXING } from '$words/supplies/mixing';
	import { SUPPLIES } from '$words/supplies/cupboard';
	let { data, form } = $props();
	const view = $derived(data.view);
	const said = $derived(
		form && 'message' in form ? form.message : form && 'saved' in form ? form.saved : null
	);
</script>

<svelte:head><title>{SUPPLIES_MIX_PAGE.pailRound(MIXING.title)}</title></svelte:head>

<div class="flex flex-1 flex-col">
	<header class="px-edge pt-3.5">
		<p class="mt-0 mb-1">
			<Button kind="link" class="inline-block! min-h-7!" href="/supplies">{SUPPLIES.back}</Button>
		</p>
		<h1 class="m-0">{MIXING.title}</h1>
		<p class="mt-1 mb-0 text-tin-text">{MIXING.lead} {SUPPLIES.labelFirst}</p>
	</header>
	{#if said}<div class="px-edge pt-2">
			<Notice tone={form && 'message' in form ? 'wrong' : undefined}><span>{said}</span></Notice>
		</div>{/if}
	<MixCalculator {view} />
	<section class="linen mt-auto px-edge [border-top:var(--stitch)] pt-4 pb-6">
		<h2 class="m-0 mb-2">{MIXING.kept}</h2>
		{#if view.mixes.length === 0}<p class="m-0 text-tin-text">{MIXING.noneKept}</p>{/if}
		<ul class="m-0 grid list-none gap-3 p-0 md:grid-cols-2">
			{#each view.mixes as mix (mix.id)}
				<li class="flex min-w-0 flex-wrap items-center gap-x-4 gap-y-1">
					<span class="min-w-0 flex-1 basis-52"
						><b class="block wrap-anywhere">{mix.name}</b>
						<span class="text-tin-text">{mix.parts}; {mix.mixed},</span>
						<span class={mix.isOver ? 'font-name text-brass-text' : 'text-tin-text'}>{mix.until}</span></span
					>
					<Button href="/supplies/mix/{mix.id}">{MIXING.label}</Button>
					{#if view.mayEdit}<EditForm
							action="/supplies/mix?/edit"
							{view}
							values={{ op: 'removeMix', mix: mix.id }}><Button type="submit">{MIXING.gone}</Button></EditForm
						>{/if}
				</li>
			{/each}
		</ul>
	</section>
</div>
