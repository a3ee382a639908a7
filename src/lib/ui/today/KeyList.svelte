<script lang="ts">
	/** The keys of Today, and the switch that turns them off. */
	import { keysOn, setKeysOn } from './keys';
	const keys = [
		['← →', 'another day'],
		['t', 'today'],
		['d', 'done'],
		['l', 'looked'],
		['p', 'half done'],
		['x', 'let go'],
		['o', 'open its sheet'],
		['u', 'take the last back'],
		['e', 'enough for today']
	];
	let on = $state(keysOn());
	function turn() {
		on = !on;
		setKeysOn(on);
	}
</script>

<dl>
	{#each keys as [key, what] (key)}
		<div>
			<dt>{key}</dt>
			<dd>{what}</dd>
		</div>
	{/each}
	<div>
		<button class="text-link" aria-pressed={on} onclick={turn}>{on ? 'Turn keys off' : 'Turn keys on'}</button
		>
	</div>
</dl>

<style>
	dl {
		display: flex;
		flex-wrap: wrap;
		gap: 8px 22px;
		margin: 4px 0 0;
	}
	div {
		display: flex;
		align-items: center;
		gap: 8px;
	}
	dt {
		min-width: 28px;
		padding: 0 6px;
		border: 2px solid var(--tin-2);
		border-radius: 6px;
		text-align: center;
		font-weight: var(--w-name);
	}
</style>
