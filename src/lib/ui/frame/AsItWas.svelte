<script lang="ts">
	/** Over a page that the device kept: since when, and another try. When the house answers the page comes anew by itself. */
	import { onMount } from 'svelte';
	import { asItWas, OFFLINE } from '$words/offline';
	import { houseTime } from '../connection.svelte';
	import Button from '../kit/Button.svelte';
	import { writing } from '../kit/settings';
	import Notice from '../Notice.svelte';
	const words = asItWas(new Date(Number(document.documentElement.dataset.keptAt)), writing().clock);
	/** Milliseconds between two questions whether the house answers. */
	const PATIENCE = 5000;
	let timer: ReturnType<typeof setTimeout> | undefined;
	// A device that is on some network may still not reach the house.
	async function look() {
		clearTimeout(timer);
		try {
			await houseTime();
			location.reload();
		} catch {
			timer = setTimeout(look, PATIENCE);
		}
	}
	onMount(() => {
		timer = setTimeout(look, PATIENCE);
		return () => clearTimeout(timer);
	});
</script>

<svelte:window ononline={look} />
<div
	class="pointer-events-none fixed right-0 bottom-6 left-0 z-90 grid justify-items-center max-sm:bottom-[calc(70px_+_env(safe-area-inset-bottom))]"
>
	<div class="pointer-events-auto">
		<Notice tone="wrong"
			><span>{words}</span><Button kind="link" onclick={() => location.reload()}>{OFFLINE.again}</Button
			></Notice
		>
	</div>
</div>
