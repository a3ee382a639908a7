<script lang="ts">
	/** The one danger of the step in hand, framed; never left out to save room. */
	import Glyph from '../glyphs/Glyph.svelte';
	let {
		headline,
		text,
		who = null
	}: {
		headline: string;
		text: string;
		/** Whose step it is, where several work. */ who?: string | null;
	} = $props();
</script>

<p>
	<Glyph name="caution" size={30} /><span><b>{headline}</b> {text}{who ? ` ${who} has it.` : ''}</span>
</p>

<style>
	p {
		display: flex;
		align-items: center;
		gap: 14px;
		margin: 14px 0 0;
		padding: 10px 16px;
		border: 2px solid var(--madder);
		border-radius: var(--r-button);
		background: var(--madder-wash);
		color: var(--madder-ink);
		font-size: 1.125rem;
	}
	@media (max-width: 640px) {
		p {
			margin-top: 10px;
			padding: 8px 12px;
			font-size: 1rem;
		}
	}
</style>
