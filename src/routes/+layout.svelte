<script lang="ts">
	import '$ui/app.css';
	import Tray from '$ui/Tray.svelte';
	import { page } from '$app/state';
	let { data, children } = $props();
	// A running pail fills the screen: no top row, no lower rim.
	const bare = $derived(/^\/pail\/[^/]+$/.test(page.url.pathname) && !page.error);
</script>

<Tray path={page.url.pathname} household={data.household} light={data.light} {bare}>{@render children()}</Tray
>
