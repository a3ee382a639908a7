<script lang="ts">
	/** A small "?": one sentence, where an idea is new. Nothing needs it to be used. */
	import { Popover } from 'bits-ui';
	import CircleQuestionMark from '@lucide/svelte/icons/circle-question-mark';
	import { HELP } from '$words/frame';
	import { FLOATING } from './styles';
	let { help, of }: { help: string; of: string } = $props();
</script>

<Popover.Root>
	<Popover.Trigger
		class="inline-grid size-8 cursor-pointer place-items-center rounded-full border-0 bg-transparent p-0 text-cobalt-ink hover:bg-cobalt-wash focus-visible:shadow-focus"
		aria-label={HELP.whatIs(of)}
	>
		<CircleQuestionMark size={20} aria-hidden="true" />
	</Popover.Trigger>
	<Popover.Portal>
		<Popover.Content sideOffset={6} collisionPadding={12} class="{FLOATING} max-w-80 p-4" aria-label={of}>
			<p class="m-0">{help}</p>
		</Popover.Content>
	</Popover.Portal>
</Popover.Root>
