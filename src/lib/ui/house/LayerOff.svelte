<script lang="ts">
	/** Beside work whose part is switched off: why nothing of it is due, and the switch. */
	import type { Layer } from '$core/household/home';
	import { LAYER_OFF } from '$words/house';
	import Button from '../kit/Button.svelte';
	import EditForm from './EditForm.svelte';
	let { layer, view }: { layer: Layer; view: { readonly revision: number; readonly formId: string } } =
		$props();
</script>

<div class="flex flex-wrap items-center gap-x-4 gap-y-2 rounded-cloth border-2 border-tin-2 px-4 py-2.5">
	<span class="min-w-0 flex-1 basis-64">{LAYER_OFF.starts(layer)}</span>
	<EditForm values={{ layer, on: '1' }} {view} action="/house/growing?/switch"
		><Button type="submit">{LAYER_OFF.turnOn(layer)}</Button></EditForm
	>
</div>
