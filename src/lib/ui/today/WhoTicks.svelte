<script lang="ts">
	/** On a device of the family: whoever ticks taps their name first. */
	import { TOGGLE } from '../kit/styles';
	import { TODAY } from '$words/today';
	let { members, me }: { members: readonly { id: string; name: string }[]; me: string } = $props();
</script>

<nav aria-label={TODAY.whoTicks} class="grid gap-1.5">
	<span class="font-name">{TODAY.whoTicks}</span>
	<span class="flex flex-wrap gap-2">
		{#each members as one (one.id)}
			<a
				href="/?by={one.id}"
				aria-current={one.id === me ? 'true' : undefined}
				data-state={one.id === me ? 'on' : 'off'}
				data-sveltekit-noscroll
				class={TOGGLE}>{one.name}</a
			>
		{/each}
	</span>
</nav>
