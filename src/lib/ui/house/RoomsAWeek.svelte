<script lang="ts">
	/** What the work of each room takes a week: where no zones part the house, this is how it is parted. */
	import type { HouseRoom } from '$views/house';
	import { duration, plural } from '$words/general';
	import { HOUSE_PAGE } from '$words/screens/house';
	let { rooms }: { rooms: readonly HouseRoom[] } = $props();
	const most = $derived(Math.max(1, ...rooms.map((room) => room.minutesAWeek)));
</script>

<h2>{HOUSE_PAGE.eachRoomEachWeek}</h2>
<ul class="mt-1.5 mb-4">
	{#each rooms as room (room.id)}
		<li
			class="grid grid-cols-[minmax(0,1fr)_auto_auto] items-center gap-x-4 gap-y-0.5 border-b border-b-tin-1 pb-2"
		>
			<a
				class="text-ink font-name text-lead no-underline min-h-7 pt-1.5 wrap-anywhere hover:underline max-md:min-h-11 max-md:pt-3"
				href="/house?room={room.id}"
				data-sveltekit-noscroll>{room.name}</a
			>
			<span class="dim">{room.jobs} {plural(room.jobs, 'job')}</span>
			<span class="min-w-18 text-right font-figure whitespace-nowrap">{duration(room.minutesAWeek)}</span>
			<span class="col-span-full h-2" aria-hidden="true"
				><span
					class="block h-full min-w-0.75 rounded-[4px] bg-cobalt-ink"
					style:width="{(room.minutesAWeek / most) * 100}%"
				></span></span
			>
		</li>
	{/each}
</ul>
