<script lang="ts">
	/** How much of a number of things is done, in words for whoever does not see its stitches. */
	import { Progress } from 'bits-ui';
	import Sewn from '../glyphs/Sewn.svelte';
	let { label, done, of }: { label: string; done: number; of: number } = $props();
</script>

<Progress.Root
	value={done}
	max={Math.max(1, of)}
	aria-label={label}
	aria-valuetext={label}
	class="flex items-center gap-1"
>
	<Sewn {done} {of} />
</Progress.Root>
