<script lang="ts">
	/** The way to a job for one day; its sheet is fetched when it is asked for. */
	import Plus from '@lucide/svelte/icons/plus';
	import type { ComponentProps, Component } from 'svelte';
	import Button from '../kit/Button.svelte';
	import { ONCE } from '$words/today';
	import type Once from './OnceSheet.svelte';
	type OnceProps = ComponentProps<typeof Once>;
	let { label = ONCE.title, ...rest }: Omit<OnceProps, 'onclose'> & { label?: string } = $props();
	let OnceSheet = $state<Component<OnceProps> | null>(null);
	let open = $state(false);
	async function show() {
		OnceSheet ??= (await import('./OnceSheet.svelte')).default as Component<OnceProps>;
		open = true;
	}
</script>

<Button kind="link" onclick={show}
	><Plus size={18} aria-hidden="true" class="mr-1 inline-block align-[-3px]" />{label}</Button
>
{#if open && OnceSheet}<OnceSheet
		{...rest as Omit<OnceProps, 'onclose'>}
		onclose={() => (open = false)}
	/>{/if}
