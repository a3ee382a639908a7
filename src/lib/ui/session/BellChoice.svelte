<script lang="ts">
	/** At the bell, one touch: done, partly, five more. */
	import { SESSION_BELL_CHOICE } from '$words/screens/session';
	import GiantButton from './GiantButton.svelte';
	import type { Running } from './running.svelte';
	let { running, step }: { running: Running; step: number | null } = $props();
</script>

<div class="grid grid-cols-[1fr_1fr] gap-3 [--giant:calc(var(--target-wet)_*_0.38)]">
	<div class="col-span-full [--giant:calc(var(--target-wet)_*_0.55)]">
		<GiantButton
			{running}
			kind="jobDone"
			{step}
			label={SESSION_BELL_CHOICE.done}
			onpress={() => running.doneAtBell(step)}
		/>
	</div>
	<GiantButton
		{running}
		kind="setDown"
		label={SESSION_BELL_CHOICE.partly}
		hollow
		onpress={() => running.press('setDown', null, {}, false)}
	/>
	<GiantButton
		{running}
		kind="fiveMore"
		label={SESSION_BELL_CHOICE.fiveMoreMinutes}
		hollow
		onpress={() => running.press('fiveMore', null, {}, false)}
	/>
</div>
