<script lang="ts">
	/** A day is declared light or deep by hand, for itself alone. */
	import ChevronDown from '@lucide/svelte/icons/chevron-down';
	import { tick } from 'svelte';
	import Menu from '../kit/Menu.svelte';
	import { once } from '../once';
	import { DAY_DEPTH } from '$words/today';
	import type { TodayView } from '$views/today';
	let { view }: { view: TodayView } = $props();
	const DEPTHS = ['quick', 'usual', 'deep'] as const;
	let form: HTMLFormElement | undefined = $state();
	let depth = $state<string>('usual');
	async function declare(to: (typeof DEPTHS)[number]) {
		depth = to;
		await tick();
		form?.requestSubmit();
	}
	const lines = DEPTHS.map((one) => ({
		label: DAY_DEPTH.names[one],
		line: DAY_DEPTH.lines[one],
		onpick: () => void declare(one)
	}));
</script>

<form bind:this={form} method="post" action="/?/depth&on={view.date}" use:once hidden>
	<input type="hidden" name="date" value={view.date} />
	<input type="hidden" name="seed" value={view.formId} />
	<input type="hidden" name="depth" value={depth} />
</form>
<Menu
	label="{DAY_DEPTH.label}: {DAY_DEPTH.names[view.depth]}"
	{lines}
	class="inline-flex min-h-11 cursor-pointer items-center gap-1 border-0 bg-transparent p-0 font-text text-lead focus-visible:shadow-focus {view.depth ===
	'usual'
		? 'text-tin-text'
		: 'font-name text-ink'}"
	>{#snippet trigger()}{DAY_DEPTH.names[view.depth]}<ChevronDown
			size={18}
			aria-hidden="true"
		/>{/snippet}</Menu
>
