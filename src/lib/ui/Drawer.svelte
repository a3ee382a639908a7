<script lang="ts">
	/** A sheet over the page (Bits UI dialog): focus stays in it, Escape closes it. Without scripts it stands in the page. */
	import Button from './kit/Button.svelte';
	import { CONTROL } from './kit/styles';
	import { DRAWER } from '$words/screens/frame';
	import { Dialog } from 'bits-ui';
	import { onMount, type Snippet } from 'svelte';
	let {
		title,
		under = '',
		onclose,
		closeHref,
		children
	}: {
		title: string;
		under?: string;
		onclose: () => void;
		closeHref: string;
		children: Snippet;
	} = $props();
	let scripted = $state(false);
	onMount(() => (scripted = true));
</script>

{#if scripted}
	<Dialog.Root open={true} onOpenChange={(open) => !open && onclose()}>
		<Dialog.Portal>
			<Dialog.Overlay class="drawer-shade" />
			<Dialog.Content class="drawer">
				<div class="bar">
					<div>
						<Dialog.Title class="drawer-title" level={2}>{title}</Dialog.Title>
						<p>{under}</p>
					</div>
					<Dialog.Close class={CONTROL}>{DRAWER.close}</Dialog.Close>
				</div>
				{@render children()}
			</Dialog.Content>
		</Dialog.Portal>
	</Dialog.Root>
{:else}
	<section class="drawer standing" aria-label={title}>
		<div class="bar">
			<div>
				<h2 class="drawer-title">{title}</h2>
				<p>{under}</p>
			</div>
			<Button href={closeHref}>{DRAWER.close}</Button>
		</div>
		{@render children()}
	</section>
{/if}

<style>
	:global(.drawer-shade) {
		position: fixed;
		inset: 0;
		z-index: 50;
		background: color-mix(in srgb, var(--cobalt-deep) 45%, transparent);
	}
	:global(.drawer) {
		position: fixed;
		z-index: 55;
		top: 24px;
		right: 24px;
		bottom: 24px;
		width: min(560px, calc(100vw - 48px));
		overflow: auto;
		padding: 24px 28px 28px;
		border-radius: 18px;
		background: var(--enamel);
		color: var(--ink);
		box-shadow:
			inset 0 0 0 5px var(--tray-rim),
			0 24px 60px -20px var(--cobalt-deep);
		outline: none;
	}
	:global(.drawer:focus-visible) {
		box-shadow:
			inset 0 0 0 5px var(--tray-rim),
			0 24px 60px -20px var(--cobalt-deep);
		border-radius: 18px;
	}
	.standing {
		position: static;
		width: auto;
		margin: 12px var(--page-edge);
	}
	.bar {
		display: flex;
		align-items: flex-start;
		justify-content: space-between;
		gap: 16px;
		margin-bottom: 14px;
	}
	:global(.drawer-title) {
		margin: 0;
		font-family: var(--font-display);
		font-weight: 400;
		font-size: var(--t-h2);
		line-height: var(--lh-display);
	}
	.bar p {
		margin: 6px 0 0;
		color: var(--tin-text);
	}
	@media (max-width: 640px) {
		:global(.drawer) {
			left: 0;
			right: 0;
			top: 40px;
			bottom: 0;
			width: auto;
			padding: 20px 20px 28px;
			border-radius: 18px 18px 0 0;
		}
		.standing {
			margin: 12px 0;
		}
	}
</style>
