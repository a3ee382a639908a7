<script lang="ts">
	import '$ui/app.css';
	import Tray from '$ui/Tray.svelte';
	import { page } from '$app/state';
	import { onMount } from 'svelte';
	let { data, children } = $props();
	// Says that scripts have taken over, for tests that press like a person would.
	onMount(() => (document.documentElement.dataset.ready = 'yes'));
	// A running pail fills the screen: no top row, no lower rim.
	const bare = $derived(/^\/(pail\/[^/]+|begin)$/.test(page.url.pathname) && !page.error);
</script>

<Tray
	path={page.url.pathname}
	household={data.household}
	homes={data.homes}
	isDemo={data.isDemo}
	light={data.light}
	{bare}>{@render children()}</Tray
>
