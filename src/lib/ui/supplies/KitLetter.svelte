<script lang="ts">
	/** The mark of a kit: its letter on its pattern. */
	import Weave from '../glyphs/Weave.svelte';
	let { letter, weave }: { letter: string; weave: string } = $props();
</script>

<span
	class="relative grid size-9 shrink-0 place-items-center overflow-hidden rounded-sign border-2 border-cobalt-ink bg-enamel-hi"
	aria-hidden="true"
>
	<span class="absolute inset-0 opacity-80"><Weave {weave} /></span>
	<b class="relative grid size-6 place-items-center rounded-full bg-enamel-hi text-cobalt-ink">{letter}</b>
</span>
