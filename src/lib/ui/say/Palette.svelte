<script lang="ts">
	/** The line to say it in, over any page: one key opens it. */
	import Drawer from '../Drawer.svelte';
	import { SAY } from '$words/say';
	import SayIt from './SayIt.svelte';
	import type { SaidView } from '$views/command';
	let { onclose }: { onclose: () => void } = $props();
	const first: SaidView = {
		text: '',
		says: `${SAY.title}.`,
		act: null,
		list: [],
		suggestions: SAY.examples
	};
</script>

<Drawer title={SAY.title} under="{SAY.about} {SAY.enter}" {onclose} closeHref="?">
	<SayIt {first} onended={onclose} />
</Drawer>
