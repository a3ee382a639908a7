<script lang="ts">
	/** The keys of Today, and the switch that turns them off. */
	import { TODAY_KEY_LIST } from '$words/screens/today';
	import Switch from '../kit/Switch.svelte';
	import { keysOn, setKeysOn } from './keys';
	import { KEY_WORDS } from '$words/keys';
	let on = $state(keysOn());
</script>

<dl class="mt-1 mb-0 flex flex-wrap items-center gap-x-5 gap-y-2">
	{#each KEY_WORDS as [key, what] (key)}
		<div class="flex items-center gap-2">
			<dt class="min-w-7 rounded-md border-2 border-tin-2 px-1.5 text-center font-name">{key}</dt>
			<dd class="m-0">{what}</dd>
		</div>
	{/each}
</dl>
<Switch label={TODAY_KEY_LIST.useTheseKeys} bind:checked={on} onchange={setKeysOn} />
