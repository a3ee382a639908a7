<script lang="ts">
	/** What went wrong on the way to the server, and what rang while the page slept. */
	import { KEPT_PRESSES, SESSION_RUN_NOTICES } from '$words/screens/session';
	import Notice from '../Notice.svelte';
	import type { Running } from './running.svelte';
	let { running, message }: { running: Running; message: string } = $props();
	const refusal = $derived(running.outbox.refusal ?? message);
</script>

{#if running.isCutOff}
	<Notice tone="wrong"
		><span>{SESSION_RUN_NOTICES.whatYouPressedIsKept(KEPT_PRESSES[running.outbox.why])}</span></Notice
	>
{/if}
{#if refusal}<Notice tone="wrong"><span>{refusal}</span></Notice>{/if}
{#if running.missed}
	<div class="mt-3 py-2.5 px-4 border-2 border-cobalt-ink rounded-button bg-enamel-hi" role="alert">
		<b>{SESSION_RUN_NOTICES.whileThisPageSlept}</b>
		{running.missed}
	</div>
{/if}
