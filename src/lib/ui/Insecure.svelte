<script lang="ts">
	/** What does not work without HTTPS, in one line; nothing where all of it does. */
	import { onMount } from 'svelte';
	let insecure = $state(false);
	onMount(() => {
		insecure = !window.isSecureContext;
	});
</script>

{#if insecure}
	<p class="dim mx-(--page-edge) mt-2.5" data-insecure>
		Without HTTPS the screen may fall asleep, nothing rings while it does, and passwords can be read on the
		way. On the house’s own network <b>npm start -- --home</b> gives it HTTPS.
	</p>
{/if}
