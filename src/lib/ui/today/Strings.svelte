<script lang="ts">
	/** What is in progress without hands: slack strings from the present to the hour at which to fetch. */
	import { TODAY_STRINGS } from '$words/screens/today';
	import Button from '../kit/Button.svelte';
	import { minutesText } from '$words/general';
	import { TODAY } from '$words/today';
	import type { StringView } from '$views/today';
	import { once } from '../once';
	let { strings, now }: { strings: readonly StringView[]; now: number } = $props();
	const minutesTo = (string: StringView) => (string.fetchAt - now) / 60_000;
	const share = (string: StringView) => Math.sqrt(Math.max(0, Math.min(1, minutesTo(string) / 420)));
	function waits(string: StringView): string {
		const minutes = minutesTo(string);
		if (minutes <= 0) return string.rings ? TODAY_STRINGS.tooLong : TODAY_STRINGS.seeToItNow;
		return minutes < 60
			? TODAY_STRINGS.readyInMinutes(Math.ceil(minutes))
			: TODAY_STRINGS.readyInHours(minutesText(minutes / 60));
	}
</script>

<section
	class="grid min-h-14 grid-cols-[172px_1fr] gap-x-4 px-edge pb-1.5 max-md:grid-cols-1 max-sm:pl-0"
	aria-labelledby="strings-title"
>
	<div>
		<h2 id="strings-title" class="mt-1 mb-0.5 text-[1.25rem]">{TODAY.inProgress}</h2>
		<p class="m-0 text-tin-text max-md:hidden">{TODAY.inProgressLine}</p>
	</div>
	<ul class="m-0 list-none p-0">
		{#each strings as string (string.session + string.step)}
			<li class="flex min-h-11 flex-wrap items-center gap-x-2.5">
				<svg
					class="h-5 shrink-0 max-sm:w-12"
					style:width="calc(60px + {share(string)} * 40%)"
					viewBox="0 0 100 24"
					preserveAspectRatio="none"
					aria-hidden="true"
				>
					<path
						d="M0 6C30 {minutesTo(string) <= 0 ? 6 : 22} 70 {minutesTo(string) <= 0 ? 6 : 22} 100 6"
						fill="none"
						stroke="var(--cobalt-ink)"
						stroke-width="2"
						vector-effect="non-scaling-stroke"
					/>
				</svg>
				<span class="fetch -ml-2.5" class:now={minutesTo(string) <= 0}>{string.time}</span>
				<span class="min-w-0 flex-1 basis-40 wrap-anywhere"
					><b
						>{#if string.href}<a href={string.href}>{string.label}</a>{:else}{string.label}{/if}</b
					>
					<span class="text-tin-text">{string.room}, {waits(string)}</span></span
				>
				{#if string.trailing && minutesTo(string) <= 10}
					<form method="post" action="/timer/{string.session}?/event" use:once>
						<input type="hidden" name="back" value="/" />
						<input type="hidden" name="step" value={string.step} />
						<Button type="submit" name="kind" value="fetched">{TODAY.seenTo}</Button>
					</form>
				{/if}
			</li>
		{/each}
	</ul>
</section>
