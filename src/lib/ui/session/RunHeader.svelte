<script lang="ts">
	/** The head of a running session: whose it is, the bell's voice, Pause and End session now, small and far from the button. */
	import type { Snippet } from 'svelte';
	import Glyph from '../glyphs/Glyph.svelte';
	import { keepVolume, readySound, VOLUME_WORDS, VOLUMES } from './sound';
	import type { Running } from './running.svelte';
	let { running, children, onchange }: { running: Running; children: Snippet; onchange?: () => void } =
		$props();
	const paused = $derived(running.clock.phase === 'paused');
	const viaScript = (act: () => void) => (event: Event) => {
		event.preventDefault();
		act();
	};
	function louder() {
		const at = VOLUMES.indexOf(running.volume);
		running.volume = VOLUMES[(at + VOLUMES.length - 1) % VOLUMES.length] ?? 0;
		keepVolume(running.volume);
		readySound();
	}
	async function allow() {
		running.permission = await Notification.requestPermission();
	}
</script>

<header>
	{@render children()}
	<span class="small">
		{#if running.permission === 'default'}
			<button class="quiet" onclick={allow}>Notify me</button>
		{/if}
		<button class="quiet" onclick={louder}
			><Glyph name="bell" size={22} />{VOLUME_WORDS[running.volume]}</button
		>
		{#if onchange}<button class="plain" onclick={onchange}>Change the jobs</button>{/if}
		<form
			method="post"
			action="?/event"
			onsubmit={viaScript(() => running.press(paused ? 'resumed' : 'paused', null, {}, false))}
		>
			<input type="hidden" name="seed" value={running.run.formId} />
			<button class="plain" name="kind" value={paused ? 'resumed' : 'paused'}
				>{paused ? 'Continue' : 'Pause'}</button
			>
		</form>
		<form
			method="post"
			action="?/event"
			onsubmit={viaScript(() => running.press('setDown', null, {}, false))}
		>
			<input type="hidden" name="seed" value={running.run.formId} />
			<button class="plain" name="kind" value="setDown"
				>{running.run.plan.kind === 'visitors' ? 'They are here, stop' : 'End session now'}</button
			>
		</form>
	</span>
</header>

<style>
	header {
		display: flex;
		align-items: center;
		gap: 14px;
		min-height: 48px;
		min-width: 0;
	}
	.small {
		display: flex;
		flex-wrap: wrap;
		justify-content: flex-end;
		gap: 8px 12px;
		margin-left: auto;
	}
	.small .plain {
		white-space: nowrap;
	}
	.quiet {
		display: inline-flex;
		align-items: center;
		gap: 8px;
		min-height: 44px;
		padding: 0 8px;
		border: 0;
		background: none;
		color: var(--tin-text);
		white-space: nowrap;
	}
	@media (max-width: 640px) {
		.quiet {
			position: absolute;
			clip-path: inset(50%);
			width: 1px;
			height: 1px;
			overflow: hidden;
		}
		header {
			flex-wrap: wrap;
			gap: 10px;
		}
		.small {
			gap: 8px;
			min-width: 0;
		}
		.small .plain {
			padding: 0 10px;
			font-size: 1rem;
		}
	}
</style>
