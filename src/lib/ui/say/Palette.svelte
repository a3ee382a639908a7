<script lang="ts">
	/** The line to say it in, over any page: one key opens it. */
	import Drawer from '../Drawer.svelte';
	import SayIt from './SayIt.svelte';
	import type { SaidView } from '$views/command';
	let { onclose }: { onclose: () => void } = $props();
	const first: SaidView = {
		text: '',
		says: 'Type a command.',
		act: null,
		list: [],
		suggestions: ['15 kitchen', 'what’s overdue', 'wash started', 'visitors 30', 'declutter hall bench']
	};
</script>

<Drawer
	title="Type a command"
	under="What it will do shows before it is done. Enter does it."
	{onclose}
	closeHref="?"
>
	<SayIt {first} onended={onclose} />
</Drawer>
