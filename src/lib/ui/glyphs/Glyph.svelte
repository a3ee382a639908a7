<script lang="ts">
	/** A state as a shape. Below 28 px a word stands beside it; read aloud it is the word that the caller gives. */
	import type { Glyph } from '$views/today';
	type Mark = Glyph | 'yoke' | 'back' | 'bell' | 'caution';
	let { name, size = 28, turns = null }: { name: Mark; size?: number; turns?: number | null } = $props();
	const ids: Partial<Record<Mark, string>> = {
		letgo: 'cloth-folded',
		yoke: 'mark-yoke',
		back: 'mark-back',
		bell: 'mark-bell',
		caution: 'mark-caution'
	};
	const tones: Partial<Record<Mark, string>> = {
		late: 'var(--brass-text)',
		done: 'var(--tin-text)',
		letgo: 'var(--tin-text)',
		paused: 'var(--tin-text)',
		back: 'var(--tin-text)'
	};
</script>

<svg
	class="glyph"
	width={size}
	height={size}
	viewBox="0 0 32 32"
	style:color={tones[name] ?? 'var(--cobalt-ink)'}
	aria-hidden="true"
>
	<use href="#{ids[name] ?? `pail-${name}`}" />
	{#if name === 'late' && turns !== null}
		<text x="16" y="19.5" text-anchor="middle" font-size="13" font-weight="750" fill="currentColor"
			>{turns > 9 ? '9+' : turns}</text
		>
	{/if}
</svg>

<style>
	.glyph {
		display: block;
		flex: none;
		font-family: var(--font-text);
	}
</style>
