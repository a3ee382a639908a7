<script lang="ts">
	/**
	 * A sheet over the page: at the side on wide screens, from below on phones. Focus stays in it, Escape closes it.
	 * With `standing` it stands in the page where scripts have not taken over yet.
	 */
	import { KIT_SHEET } from '$words/screens/frame';
	import { Dialog } from 'bits-ui';
	import type { Snippet } from 'svelte';
	import { CONTROL } from './styles';
	let {
		title,
		under = '',
		open = true,
		onclose,
		onleave,
		children
	}: {
		title: string;
		under?: string;
		open?: boolean;
		onclose: () => void;
		/** Where the focus goes when it has closed; else to what had it before. */
		onleave?: (event: Event) => void;
		children: Snippet;
	} = $props();
</script>

<Dialog.Root {open} onOpenChange={(to) => !to && onclose()}>
	<Dialog.Portal>
		<Dialog.Overlay class="fixed inset-0 z-50 bg-cobalt-deep/45" />
		<Dialog.Content
			onCloseAutoFocus={onleave}
			class="fixed inset-y-6 right-6 z-55 w-[min(560px,calc(100vw-3rem))] overflow-auto rounded-[18px] bg-enamel px-7 pt-6 pb-7 text-ink shadow-[inset_0_0_0_5px_var(--tray-rim)] outline-none focus-visible:rounded-[18px] focus-visible:shadow-[inset_0_0_0_5px_var(--tray-rim)] max-sm:inset-x-0 max-sm:top-10 max-sm:bottom-0 max-sm:w-auto max-sm:rounded-b-none max-sm:px-5"
		>
			<div class="mb-3.5 flex items-start justify-between gap-4">
				<div class="min-w-0">
					<Dialog.Title level={2} class="m-0 font-display text-h2 font-normal wrap-anywhere"
						>{title}</Dialog.Title
					>
					{#if under}<p class="mt-1.5 mb-0 text-tin-text">{under}</p>{/if}
				</div>
				<Dialog.Close class={CONTROL}>{KIT_SHEET.close}</Dialog.Close>
			</div>
			{@render children()}
		</Dialog.Content>
	</Dialog.Portal>
</Dialog.Root>
