<script lang="ts">
	/** What does not work without HTTPS, in one line; nothing where all of it does. */
	import { INSECURE } from '$words/screens/frame';
	import { onMount } from 'svelte';
	let insecure = $state(false);
	onMount(() => {
		insecure = !window.isSecureContext;
	});
</script>

{#if insecure}
	<p class="dim mx-(--page-edge) mt-2.5" data-insecure>
		{INSECURE.withoutHttpsTheScreenMay} <b>{INSECURE.npmStartHome}</b>
		{INSECURE.givesItHttps}
	</p>
{/if}
