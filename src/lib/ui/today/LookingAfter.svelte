<script lang="ts">
	/** Who looks after the home, and who is here. */
	import Glyph from '../glyphs/Glyph.svelte';
	import { TODAY } from '$words/today';
	import type { TodayView } from '$views/today';
	let { view }: { view: TodayView } = $props();
</script>

<section class="min-w-0" aria-labelledby="people-title">
	<h2 id="people-title" class="m-0">{view.relation === 'today' ? TODAY.home : TODAY.homeThatDay}</h2>
	<p class="mt-1 mb-2 text-tin-text">{view.peopleWords}</p>
	<ul class="m-0 list-none p-0">
		{#each view.people as person, i (i)}
			<li class="flex min-h-8 items-center gap-2.5">
				<span class="w-7 shrink-0"
					>{#if person.carriesNow}<Glyph name="yoke" size={26} />{/if}</span
				>
				<span class="min-w-0 wrap-anywhere {person.carriesNow ? 'font-name' : ''}">{person.name}</span>
				<span class="ml-auto max-w-[55%] shrink-0 text-right text-tin-text">{person.words}</span>
			</li>
		{/each}
	</ul>
</section>
