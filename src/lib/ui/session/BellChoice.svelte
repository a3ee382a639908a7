<script lang="ts">
	/** At the bell, one touch: done, partly, five more. */
	import GiantButton from './GiantButton.svelte';
	import type { Running } from './running.svelte';
	let { running, step }: { running: Running; step: number | null } = $props();
</script>

<div class="three">
	<div class="first">
		<GiantButton {running} kind="jobDone" {step} label="Done" onpress={() => running.doneAtBell(step)} />
	</div>
	<GiantButton
		{running}
		kind="setDown"
		label="Partly"
		hollow
		onpress={() => running.press('setDown', null, {}, false)}
	/>
	<GiantButton
		{running}
		kind="fiveMore"
		label="Five more minutes"
		hollow
		onpress={() => running.press('fiveMore', null, {}, false)}
	/>
</div>

<style>
	.three {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 12px;
		--giant: calc(var(--target-wet) * 0.38);
	}
	.first {
		grid-column: 1 / -1;
		--giant: calc(var(--target-wet) * 0.55);
	}
</style>
