<script lang="ts">
	/** On a phone the jobs come first: the other ways to use the time are opened. Without scripts they stand open. */
	import ChevronDown from '@lucide/svelte/icons/chevron-down';
	import { OTHER_USES } from '$words/session';
	import Button from '../kit/Button.svelte';
	let { open = $bindable() }: { open: boolean } = $props();
</script>

<div class="other">
	<Button class="w-full" aria-expanded={open} onclick={() => (open = !open)}
		>{OTHER_USES.title}<ChevronDown size={18} aria-hidden="true" /></Button
	>
</div>

<style>
	.other {
		display: none;
	}
	@media (max-width: 900px) and (scripting: enabled) {
		.other {
			display: grid;
		}
	}
</style>
