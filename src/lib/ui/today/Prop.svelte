<script lang="ts">
	/** The wooden prop that lifts the Line at the present time, with the hour. */
	let { time }: { time: string } = $props();
</script>

<div class="relative grid justify-items-center max-md:hidden" aria-hidden="true">
	<svg width="26" class="absolute top-9 h-[calc(100%-2.25rem)]">
		<path
			d="M2 2Q3 14 13 18Q23 14 24 2"
			fill="none"
			stroke="var(--wood-deep)"
			stroke-width="6.5"
			stroke-linecap="round"
		/>
		<path
			d="M2 2Q3 14 13 18Q23 14 24 2"
			fill="none"
			stroke="var(--wood)"
			stroke-width="4.5"
			stroke-linecap="round"
		/>
		<rect x="10.5" y="16" width="5" height="2000" fill="var(--wood)" stroke="var(--wood-deep)" />
	</svg>
	<span
		class="absolute top-64 right-2 rounded-sign bg-cobalt px-2.5 py-0.5 font-figure whitespace-nowrap text-on-cobalt shadow-[inset_0_0_0_2px_var(--cobalt),inset_0_0_0_3.5px_var(--on-cobalt)]"
		>{time}</span
	>
</div>
