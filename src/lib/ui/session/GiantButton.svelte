<script lang="ts">
	/** The one great button: it takes a press anywhere on it and needs no lift. */
	import type { SessionEventKind } from '$core/session/sessionPlan';
	import type { Running } from './running.svelte';
	let {
		running,
		kind,
		step = null,
		label,
		hollow = false,
		onpress
	}: {
		running: Running;
		kind: SessionEventKind | 'jobDone';
		step?: number | null;
		label: string;
		hollow?: boolean;
		onpress: () => void;
	} = $props();
	/** A finger that has pressed already submits again when it lifts, however late: that is the same press. */
	let fingerDown = false;
	function down(event: PointerEvent) {
		if (event.button !== 0 || hollow) return;
		fingerDown = true;
		onpress();
	}
	function submit(event: SubmitEvent) {
		event.preventDefault();
		if (fingerDown) fingerDown = false;
		else onpress();
	}
</script>

<form method="post" action="?/event" onsubmit={submit}>
	<input type="hidden" name="seed" value={running.run.formId} />
	{#if step !== null}<input type="hidden" name="step" value={step} />{/if}
	<button
		class="giant"
		class:hollow
		data-giant={hollow ? undefined : ''}
		name="kind"
		value={kind}
		onpointerdown={down}
		onpointercancel={() => (fingerDown = false)}>{label}</button
	>
</form>

<style>
	form {
		display: grid;
		height: 100%;
	}
	.giant {
		display: grid;
		place-items: center;
		width: 100%;
		min-height: var(--giant, var(--target-wet));
		padding: 12px;
		border: 0;
		border-radius: var(--r-giant);
		background: var(--cobalt);
		color: var(--on-cobalt);
		box-shadow:
			inset 0 0 0 5px var(--cobalt),
			inset 0 0 0 8px var(--on-cobalt),
			0 5px 0 var(--cobalt-deep);
		font-size: var(--t-done);
		font-weight: var(--w-name);
		line-height: 1.1;
		touch-action: manipulation;
		user-select: none;
	}
	.giant:active {
		background: var(--cobalt-deep);
	}
	.giant:focus-visible {
		box-shadow:
			inset 0 0 0 5px var(--cobalt),
			inset 0 0 0 8px var(--on-cobalt),
			var(--focus);
		border-radius: var(--r-giant);
	}
	.giant.hollow {
		background: var(--enamel-hi);
		color: var(--ink);
		box-shadow: inset 0 0 0 2px var(--tin-2);
		font-size: 1.5rem;
	}
	@media (max-height: 700px) and (min-width: 641px) {
		.giant {
			min-height: min(var(--giant, 130px), 130px);
		}
	}
</style>
