<script lang="ts">
	/** An animal to choose: filled where it is chosen. */
	import Pet from '../house/Pet.svelte';
	let { kind, word, on }: { kind: string; word: string; on: boolean } = $props();
</script>

<span class="animal" class:on><Pet {kind} filled={on} size={38} /></span><span class="word" class:on
	>{word}</span
>

<style>
	.animal {
		display: grid;
		place-items: center;
		width: 62px;
		height: 52px;
		border-radius: 10px;
		background: var(--enamel-hi);
		box-shadow: 0 0 0 1.5px var(--tin-2);
	}
	.animal.on {
		background: var(--cobalt-wash);
		box-shadow:
			0 0 0 2px var(--enamel-hi),
			0 0 0 4.5px var(--cobalt-ink);
	}
	.word {
		display: block;
		margin-top: 5px;
		text-align: center;
		font-size: 0.875rem;
		line-height: 1.1;
	}
	.word.on {
		font-weight: var(--w-name);
	}
</style>
