<script lang="ts">
	/** Asks before something that is hard to take back. The safe answer has the focus. */
	import { KIT_CONFIRM } from '$words/screens/frame';
	import { AlertDialog } from 'bits-ui';
	import Button from './Button.svelte';
	let {
		open = $bindable(false),
		title,
		text,
		yes,
		no = KIT_CONFIRM.keepItAsItIs,
		onyes
	}: {
		open?: boolean;
		title: string;
		text: string;
		yes: string;
		no?: string;
		onyes: () => void;
	} = $props();
	/** The answer that changes nothing is in hand first. */
	function safeFirst(event: Event) {
		event.preventDefault();
		document.querySelector<HTMLElement>('[data-alert-dialog-cancel]')?.focus();
	}
</script>

<AlertDialog.Root bind:open>
	<AlertDialog.Portal>
		<AlertDialog.Overlay class="fixed inset-0 z-60 bg-cobalt-deep/45" />
		<AlertDialog.Content
			onOpenAutoFocus={safeFirst}
			class="fixed top-1/2 left-1/2 z-65 w-[min(440px,calc(100vw-2rem))] -translate-1/2 rounded-[18px] bg-enamel p-6 text-ink shadow-[inset_0_0_0_5px_var(--tray-rim)] outline-none"
		>
			<AlertDialog.Title level={2} class="m-0 font-display text-h2 font-normal">{title}</AlertDialog.Title>
			<AlertDialog.Description class="mt-3 mb-5 text-lead">{text}</AlertDialog.Description>
			<div class="flex flex-wrap justify-end gap-3">
				<AlertDialog.Cancel>
					{#snippet child({ props })}<Button {...props}>{no}</Button>{/snippet}
				</AlertDialog.Cancel>
				<AlertDialog.Action onclick={onyes}>
					{#snippet child({ props })}<Button {...props} kind="solid">{yes}</Button>{/snippet}
				</AlertDialog.Action>
			</div>
		</AlertDialog.Content>
	</AlertDialog.Portal>
</AlertDialog.Root>
