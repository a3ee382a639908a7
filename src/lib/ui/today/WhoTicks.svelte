<script lang="ts">
	/** On a device of the family: whoever ticks taps their name first. */
	let { members, me }: { members: readonly { id: string; name: string }[]; me: string } = $props();
</script>

<nav aria-label="Who ticks">
	<span>{me ? 'Ticks for' : 'Who are you? Tap, then tick.'}</span>
	<span class="names">
		{#each members as one (one.id)}
			<a href="/?by={one.id}" aria-current={one.id === me ? 'true' : undefined} data-sveltekit-noscroll
				>{one.name}</a
			>
		{/each}
	</span>
</nav>

<style>
	nav {
		display: grid;
		gap: 6px;
		font-weight: var(--w-name);
	}
	.names {
		display: flex;
		flex-wrap: wrap;
		gap: 8px;
	}
	a {
		display: grid;
		place-items: center;
		min-height: 52px;
		padding: 0 16px;
		border: 1.5px solid var(--tin-2);
		background: var(--enamel-hi);
		font-family: var(--font-display);
		font-size: 1.1875rem;
		font-weight: 400;
		color: var(--ink);
		text-decoration: none;
	}
	a[aria-current] {
		border: 2.5px solid var(--cobalt-ink);
		color: var(--cobalt-ink);
	}
</style>
