<script lang="ts">
	/** Five pails of rising size; a touch shows what fits before it starts. */
	import { TODAY_HOW_MANY } from '$words/screens/today';
	import BitePail from '../glyphs/BitePail.svelte';
	import { TODAY } from '$words/today';
	let { me }: { me: string } = $props();
	const SIZES = [
		{ minutes: 2, size: 46 },
		{ minutes: 5, size: 53 },
		{ minutes: 10, size: 60 },
		{ minutes: 15, size: 67 },
		{ minutes: 20, size: 74 }
	];
</script>

<section
	class="flex items-end gap-4 max-sm:gap-2 max-[380px]:w-full max-[380px]:flex-col max-[380px]:items-stretch"
	aria-labelledby="how-many"
>
	<h2
		id="how-many"
		class="m-0 w-50 pb-1.5 text-right text-h3 leading-display text-balance max-sm:w-25 max-sm:shrink-0 max-sm:text-left max-sm:text-lead max-[380px]:w-auto"
	>
		<span class="max-sm:hidden">{TODAY.howMany}</span><span class="sm:hidden">{TODAY.howManyShort}</span>
	</h2>
	<div
		class="flex items-end gap-1.5 border-b-4 border-tin-1 max-sm:flex-1 max-sm:justify-between max-sm:gap-0"
	>
		{#each SIZES as { minutes, size } (minutes)}
			<a
				href="/timer?minutes={minutes}&for={me}"
				aria-label={TODAY_HOW_MANY.minutes(minutes)}
				class="grid min-h-11 min-w-11 place-items-end rounded-lg hover:bg-cobalt-wash max-sm:[&_svg]:h-auto max-sm:[&_svg]:max-w-[12vw]"
			>
				<BitePail minutes={String(minutes)} {size} />
			</a>
		{/each}
	</div>
</section>
