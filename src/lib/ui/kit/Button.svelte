<script lang="ts">
	/**
	 * What is pressed. `solid`: the one next act of a screen. `plain`: all else. `link`: an act within words.
	 * While it is sending it says so and takes no second press.
	 */
	import { Button } from 'bits-ui';
	import LoaderCircle from '@lucide/svelte/icons/loader-circle';
	import type { Snippet } from 'svelte';
	import type { HTMLAnchorAttributes, HTMLButtonAttributes } from 'svelte/elements';
	import { CONTROL, REACH } from './styles';
	let {
		kind = 'plain',
		size = 'usual',
		sending = false,
		type = 'button',
		href,
		class: classes = '',
		children,
		...rest
	}: Omit<HTMLButtonAttributes & HTMLAnchorAttributes, 'type'> & {
		kind?: 'solid' | 'plain' | 'link';
		size?: 'usual' | 'large';
		type?: 'button' | 'submit';
		sending?: boolean;
		href?: string;
		children: Snippet;
	} = $props();
	const LOOK = {
		solid:
			'inline-flex items-center justify-center gap-2 rounded-button border-0 bg-cobalt px-7 py-2 text-center font-text ' +
			'font-name text-on-cobalt no-underline shadow-sign active:bg-cobalt-deep focus-visible:rounded-button ' +
			'focus-visible:shadow-[var(--sign-keyline),var(--focus)] disabled:bg-tin-1 disabled:text-ink ' +
			'disabled:shadow-none forced-colors:border-2 ',
		plain:
			CONTROL + ' aria-pressed:border-cobalt-ink aria-pressed:bg-cobalt-wash aria-pressed:text-cobalt-ink',
		link:
			REACH +
			' inline min-h-7 content-center border-0 bg-transparent p-0 font-name text-cobalt-ink underline decoration-2 ' +
			'underline-offset-4 focus-visible:shadow-focus disabled:text-tin-text disabled:no-underline'
	};
	const SIZE = {
		usual: { solid: 'min-h-[54px] text-[1.1875rem]', plain: '', link: '' },
		large: { solid: 'min-h-start text-2xl', plain: 'min-h-[54px]', link: 'text-lead' }
	};
</script>

<Button.Root
	{href}
	class="{LOOK[kind]} {SIZE[size][kind]} {classes}"
	aria-busy={sending || undefined}
	aria-disabled={sending || undefined}
	onclickcapture={(event: Event) => sending && event.preventDefault()}
	{...{ ...rest, ...(href === undefined ? { type } : {}) } as object}
>
	{#if sending}<LoaderCircle
			size={18}
			aria-hidden="true"
			class="animate-spin motion-reduce:animate-none"
		/>{/if}
	{@render children()}
</Button.Root>
