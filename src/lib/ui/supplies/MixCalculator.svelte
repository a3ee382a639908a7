<script lang="ts">
	/** C1·V1 = C2·V2 and the usual mixes, for any bottle: in millilitres, and in level spoons and cups. */
	import { SUPPLIES_MIX_CALCULATOR } from '$words/screens/supplies';
	import { dilute, TARGETS } from '$core/cupboard/dilution';
	import { mixFacts, RECIPES, scaleRecipe } from '$core/cupboard/mixes';
	import { LARGEST_MIX } from '$core/household/cupboardSchema';
	import type { MixingView } from '$views/supplies';
	import { amountWords, mlOfUnit, volumesOffered } from '$words/supplies/amounts';
	import { FAMILY_WORDS, SURFACE_SHORT } from '$words/supplies/products';
	import { MIXING } from '$words/supplies/mixing';
	import { untrack } from 'svelte';
	import EditForm from '../house/EditForm.svelte';
	import Button from '../kit/Button.svelte';
	import Caution from '../kit/Caution.svelte';
	import Radios from '../kit/Radios.svelte';
	import TextField from '../kit/TextField.svelte';
	import Toggles from '../kit/Toggles.svelte';
	let { view }: { view: MixingView } = $props();
	let recipe = $state<readonly string[]>(['floor']);
	/** Until another amount is chosen, as much as people mix of it: a bucket, or a bottle. */
	let chosenVolume = $state<string | null>(null);
	const usualVolume = $derived(volumesOffered()[recipe[0] === 'floor' ? 3 : 1]?.value ?? '');
	const volume = $derived([chosenVolume ?? usualVolume]);
	let other = $state('');
	let strength = $state(untrack(() => view.strength || '5'));
	let target = $state('hard');
	const number = (text: string) => Number(text.trim().replace(',', '.'));
	const ml = $derived(other.trim() === '' ? number(volume[0] ?? '') : number(other) * mlOfUnit());
	const isBleach = $derived(recipe[0] === 'bleach');
	/** What so much of the chosen mix takes, or why there is none. */
	function mixOf(volume: number) {
		if (!(volume > 0)) return { wrong: MIXING.wrong['no-volume'] };
		if (volume > LARGEST_MIX) return { wrong: MIXING.tooMuch };
		if (isBleach) {
			const ppm = TARGETS.find((one) => one.use === target)?.ppm ?? 0;
			const result = dilute(number(strength), ppm, volume);
			if (!result.ok) return { wrong: MIXING.wrong[result.why] };
			return {
				lines: [
					{
						words: MIXING.pour(MIXING.bleachOf, result.productMl, result.measures),
						off: result.measures.errorPercent
					},
					{ words: MIXING.to(SUPPLIES_MIX_CALCULATOR.coldWater, result.waterMl), off: null }
				],
				strong: result.strong,
				days: 1,
				facts: mixFacts([{ families: ['bleach'] }])
			};
		}
		const found = RECIPES.find((one) => one.id === recipe[0]);
		if (!found) return { wrong: MIXING.wrong['no-target'] };
		const scaled = scaleRecipe(found, volume);
		const words = MIXING.recipes[found.id];
		return {
			lines: [
				...scaled.parts.map((part) => ({
					words: MIXING.pour(words?.of ?? '', part.ml, part.measures),
					off: part.measures.errorPercent
				})),
				{ words: MIXING.to(words?.water ?? 'water', scaled.waterMl), off: null }
			],
			strong: false,
			days: scaled.keepsDays,
			facts: mixFacts(scaled.parts)
		};
	}
	const made = $derived(mixOf(ml));
	/** The same mix in the other sizes that people fill. */
	const otherSizes = $derived(
		volumesOffered().flatMap((size) => {
			const mix = number(size.value) === ml ? null : mixOf(number(size.value));
			return mix && 'lines' in mix ? [{ label: size.label, lines: mix.lines }] : [];
		})
	);
	const title = $derived(isBleach ? MIXING.bleach : (MIXING.recipes[recipe[0] ?? '']?.name ?? ''));
</script>

<div class="grid items-start gap-x-10 gap-y-6 px-edge py-5 md:grid-cols-[1fr_420px]">
	<div class="grid min-w-0 gap-5">
		<Toggles
			label={MIXING.title}
			hideLabel
			options={[
				...RECIPES.map((one) => ({ value: one.id, label: MIXING.recipes[one.id]?.name ?? one.id })),
				{ value: 'bleach', label: MIXING.bleach }
			]}
			bind:value={recipe}
		/>
		<Toggles
			label={MIXING.volume}
			options={volumesOffered()}
			value={other.trim() === '' ? volume : []}
			onchange={(to) => {
				chosenVolume = to[0] ?? null;
				other = '';
			}}
		/>
		<div class="max-w-64">
			<TextField label={MIXING.other()} bind:value={other} inputmode="decimal" maxlength={8} />
		</div>
		{#if isBleach}
			<div class="max-w-64">
				<TextField label={MIXING.strength} bind:value={strength} inputmode="decimal" maxlength={6} />
			</div>
			<Radios
				label={MIXING.target}
				name="target"
				bind:value={target}
				options={TARGETS.map((one) => ({ value: one.use, label: MIXING.targets[one.use] }))}
			/>
		{/if}
		{#if otherSizes.length > 0}
			<section>
				<h2 class="m-0 mb-1">{MIXING.everySize}</h2>
				<dl class="m-0 grid grid-cols-[auto_1fr] gap-x-6">
					{#each otherSizes as size (size.label)}
						<dt class="border-b-2 border-dashed border-linen-deep py-2 font-name">{size.label}</dt>
						<dd class="m-0 border-b-2 border-dashed border-linen-deep py-2">
							{#each size.lines as line (line.words)}<span class="block"
									>{line.words}{#if line.off !== null && Math.abs(line.off) >= 0.5}<span class="text-tin-text"
											>, {MIXING.off(line.off)}</span
										>{/if}</span
								>{/each}
						</dd>
					{/each}
				</dl>
			</section>
		{/if}
	</div>
	<section
		class="min-w-0 rounded-button border-2 border-cobalt-ink bg-enamel-hi px-5 py-4"
		aria-live="polite"
	>
		<h2 class="m-0 mb-2">{title}, {ml > 0 ? amountWords(ml) : '…'}</h2>
		{#if 'wrong' in made}
			<p class="m-0 font-name text-brass-text">{made.wrong}</p>
		{:else}
			{#if made.facts.neverWith.length > 0}
				<div class="mb-3">
					<Caution headline={MIXING.neverWith(made.facts.neverWith.map((one) => FAMILY_WORDS[one]))}
						>{isBleach ? MIXING.bleachLead : ''}</Caution
					>
				</div>
			{/if}
			<ul class="m-0 list-none p-0">
				{#each made.lines as line (line.words)}
					<li class="border-b-2 border-dashed border-linen-deep py-2">
						<b class="block text-lead">{line.words}</b>{#if line.off !== null}<span class="text-tin-text"
								>{MIXING.off(line.off)}</span
							>{/if}
					</li>
				{/each}
			</ul>
			{#if made.strong}<p class="mt-3 mb-0 font-name text-brass-text">{MIXING.strong}</p>{/if}
			<p class="mt-3 mb-0">{MIXING.keeps(made.days)}</p>
			<p class="mt-1 mb-0 text-tin-text">
				{MIXING.notOn(made.facts.notOn.map((one) => SURFACE_SHORT[one] ?? one))}
			</p>
			{#if view.mayEdit}
				<EditForm
					action="/supplies/mix?/edit"
					{view}
					values={{ op: 'mix', recipe: recipe[0] ?? '', ml: String(ml), strength, target }}
					class="mt-4"><Button type="submit">{MIXING.keep}</Button></EditForm
				>
			{/if}
		{/if}
	</section>
</div>
