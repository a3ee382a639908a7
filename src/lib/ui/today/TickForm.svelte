<script lang="ts">
	/** The glyph of a cloth as a button: one touch says done. The id is made here, so a second touch counts once. */
	import { page } from '$app/state';
	import Glyph from '../glyphs/Glyph.svelte';
	import type { TagView } from '$views/today';
	import { once } from '../once';
	let { tag, date, me }: { tag: TagView; date: string; me: string } = $props();
	const by = $derived(
		tag.whoIds.length === 1 ? tag.whoIds[0] : tag.whoIds.includes(me) || tag.whoIds.length === 0 ? me : ''
	);
	const serverId = $derived(`${page.data.view?.formId ?? ''}`);
</script>

<form method="post" action="/?/tick&on={date}" use:once>
	<input type="hidden" name="seed" value={serverId} />
	<input type="hidden" name="line" value={tag.line} />
	<input type="hidden" name="date" value={date} />
	<input type="hidden" name="seen" value={tag.seen} />
	<input type="hidden" name="by" value={by} />
	<button name="outcome" value="done" aria-label="Done: {tag.name}. It is {tag.words}." data-tick={tag.line}>
		<Glyph name={tag.glyph} size={30} turns={tag.lateTurns} />
	</button>
</form>

<style>
	form {
		position: relative;
		z-index: 1;
		margin: -8px 0 -8px -8px;
	}
	button {
		display: grid;
		place-items: center;
		width: 46px;
		height: 46px;
		padding: 0;
		border: 0;
		border-radius: 10px;
		background: none;
	}
	button:hover {
		background: var(--cobalt-wash);
	}
</style>
