<script lang="ts">
	/** The sentence that asks: may this be used on that, after that, by somebody; answered at once. */
	import { mayUse, type Question } from '$core/cupboard/ask';
	import { refusesRinse } from '$core/cupboard/surfaces';
	import { SURFACES } from '$core/household/home';
	import type { SuppliesView } from '$views/supplies';
	import { answerWords, ASK } from '$words/supplies/ask';
	import { SURFACE_WORDS } from '$words/supplies/products';
	import { untrack } from 'svelte';
	import Caution from '../kit/Caution.svelte';
	import Choice from '../kit/Choice.svelte';
	let { view }: { view: SuppliesView } = $props();
	const start = untrack(() => view.asked);
	// Another one is taken from the shelf.
	const fromShelf = $derived(view.chosen?.id ?? view.asked.product);
	let product = $derived(fromShelf);
	let surface = $state(start.surface);
	let water = $state('');
	let after = $state(start.after);
	let person = $state(start.person);
	const NOTHING = { families: [], perhaps: [] };
	const found = (id: string) => view.products.find((one) => one.id === id);
	const who = $derived(view.people.find((one) => one.id === person) ?? null);
	/** Elsewhere water does no harm. */
	const minds = $derived(refusesRinse(surface));
	const question = $derived<Question>({
		product: found(product) ?? NOTHING,
		surface: surface === '' ? undefined : surface,
		wet: minds && water === 'wet',
		after: found(after) ?? null,
		person: who,
		pets: view.pets
	});
	const answer = $derived(found(product) ? mayUse(question) : null);
	const words = $derived(answer ? answerWords(answer, question.surface, question.product) : null);
	/** Which of what is here is right on the surface, where no product is named. */
	const rightOnes = $derived.by(() => {
		if (found(product) || (surface === '' && after === '' && person === '')) return null;
		const say = (one: (typeof view.products)[number]) => mayUse({ ...question, product: one }).verdict;
		return {
			right: view.products.filter((one) => say(one) === 'yes').map((one) => one.name),
			wrong: view.products.filter((one) => say(one) === 'no').map((one) => one.name)
		};
	});
	/** What rooms of this home are made of comes first. */
	const surfaces = $derived([
		{ value: '', label: ASK.anything },
		...[...SURFACES]
			.sort((a, b) => Number(b in view.here) - Number(a in view.here))
			.map((code) => ({
				value: code,
				label: SURFACE_WORDS[code] ?? code,
				group: code in view.here ? ASK.here : ASK.elsewhere
			}))
	]);
	const products = $derived(view.products.map((one) => ({ value: one.id, label: one.name })));
</script>

<div class="min-w-0">
	<p class="m-0 flex flex-wrap items-center gap-x-3 gap-y-2 font-display text-h3">
		<span>{ASK.mayI}</span>
		<Choice
			look="tape"
			label={ASK.product}
			bind:value={product}
			options={[{ value: '', label: ASK.what }, ...products]}
		/>
		<span>{ASK.on}</span>
		<Choice look="tape" label={ASK.surface} bind:value={surface} options={surfaces} />
		{#if minds}
			<Choice
				look="tape"
				label={ASK.water}
				bind:value={water}
				options={[
					{ value: '', label: ASK.damp },
					{ value: 'wet', label: ASK.wet }
				]}
			/>
		{/if}
		<span>{ASK.after}</span>
		<Choice
			look="tape"
			label={ASK.before}
			bind:value={after}
			options={[{ value: '', label: ASK.nothing }, ...products]}
		/>
		<span>{ASK.asWho}</span>
		<Choice
			look="tape"
			label={ASK.person}
			bind:value={person}
			options={[
				{ value: '', label: ASK.grownUp },
				...view.people.map((one) => ({ value: one.id, label: one.name }))
			]}
		/>
		<span>{ASK.end}</span>
	</p>
	<div class="mt-3 min-h-[3.25rem] text-lead" aria-live="polite">
		{#if words?.grave}
			<Caution headline={words.short}>{words.why.join(' ')}</Caution>
		{:else if words}
			<p class="m-0"><b>{words.short}</b> <span class="text-tin-text">{words.why.join(' ')}</span></p>
		{:else if rightOnes}
			<p class="m-0">
				<b>{ASK.right(rightOnes.right)}</b>
				<span class="text-tin-text">{ASK.wrongOnes(rightOnes.wrong)} {ASK.dampIsRight}</span>
			</p>
		{:else}
			<p class="m-0 text-tin-text">{ASK.choose}</p>
		{/if}
	</div>
</div>
