<script lang="ts">
	/** Says that this is the demo: the way to a home of one's own, and whom one can be here. */
	let {
		as,
		bare
	}: {
		as: { name: string; others: readonly { id: string; name: string }[] } | null;
		bare: boolean;
	} = $props();
</script>

<aside class="demo-strip" class:bare aria-label="The demo">
	<a href="/begin"><span class="wide">This is the demo. </span>Begin your own home</a>
	{#if as}
		<details>
			<summary>As {as.name}</summary>
			<form method="post" action="/demo/as">
				{#each as.others as one (one.id)}
					<button name="as" value={one.id}>As {one.name}</button>
				{/each}
			</form>
		</details>
	{/if}
</aside>

<style>
	.demo-strip {
		display: none;
		justify-content: space-between;
		align-items: center;
		gap: 4px 14px;
		padding: 0 15px;
		min-height: 44px;
		background: var(--cobalt-wash);
		border-radius: 16px 16px 0 0;
		font-weight: var(--w-name);
	}
	a,
	summary {
		display: inline-flex;
		gap: 5px;
		align-items: center;
		white-space: nowrap;
		min-height: 36px;
		color: var(--cobalt-ink);
	}
	a {
		text-decoration-thickness: 1px;
		text-underline-offset: 3px;
	}
	@media (max-width: 640px) {
		.demo-strip:has(details) .wide {
			display: none;
		}
	}
	summary {
		cursor: pointer;
		list-style: none;
		white-space: nowrap;
		text-decoration: underline dotted;
		text-underline-offset: 4px;
	}
	details {
		position: relative;
	}
	form {
		position: absolute;
		right: 0;
		top: 100%;
		z-index: 46;
		display: grid;
		min-width: 200px;
		padding: 8px;
		border-radius: var(--r-button);
		background: var(--enamel-hi);
		box-shadow: var(--sh-next);
	}
	button {
		min-height: 44px;
		padding: 0 14px;
		border: 0;
		border-radius: 8px;
		background: none;
		color: var(--ink);
		font: inherit;
		font-weight: 400;
		text-align: left;
	}
	button:hover {
		background: var(--cobalt-wash);
	}
	/* A running pail and a child's page have no top row that could hold it. */
	.bare {
		display: flex;
	}
	@media (max-width: 640px) {
		.demo-strip {
			display: flex;
		}
	}
	@media print {
		.demo-strip {
			display: none;
		}
	}
</style>
