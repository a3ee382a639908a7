<script lang="ts">
	/** Every part with its states, in both lights. */
	import Show from '$ui/kit/show/Show.svelte';
	let light = $state<'day' | 'evening'>('day');
	$effect(() => {
		document.documentElement.dataset.light = light;
	});
</script>

<svelte:head><title>The kit · Pail Round</title></svelte:head>

<Show bind:light />
