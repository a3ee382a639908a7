<script lang="ts">
	/** The one danger of the step in hand; never left out to save room. */
	import Caution from '../kit/Caution.svelte';
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

<div class="mt-2.5 sm:mt-3.5 sm:text-lead">
	<Caution {headline} compact>{text}{who ? ` ${who} has it.` : ''}</Caution>
</div>
