<script lang="ts">
	/** What stands behind the name of the home. */
	import Sheet from '../kit/Sheet.svelte';
	import type { FrameView } from '$views/frame';
	import MenuOfHome from './MenuOfHome.svelte';
	let { frame, onclose }: { frame: FrameView; onclose: () => void } = $props();
</script>

<Sheet title={frame.household} {onclose}><MenuOfHome {frame} /></Sheet>
