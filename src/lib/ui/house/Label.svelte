<script lang="ts">
	/** A luggage label: what is proposed, what it does, Do it and Leave it. Nothing moves by itself. */
	import type { Snippet } from 'svelte';
	let { title, children, acts }: { title: string; children: Snippet; acts: Snippet } = $props();
</script>

<section class="label" aria-label={title}>
	<span class="eyelet" aria-hidden="true"></span>
	<h3>{title}</h3>
	<div class="text">{@render children()}</div>
	<div class="acts">{@render acts()}</div>
</section>

<style>
	.label {
		position: relative;
		padding: 10px 18px 12px 46px;
		background: var(--enamel-hi);
		border: 2.5px solid var(--cobalt-ink);
		border-radius: 10px;
		clip-path: polygon(28px 0, 100% 0, 100% 100%, 28px 100%, 0 calc(100% - 30px), 0 30px);
	}
	.label::before,
	.label::after {
		content: '';
		position: absolute;
		left: -10px;
		width: 48px;
		height: 2.5px;
		background: var(--cobalt-ink);
	}
	.label::before {
		top: 13px;
		transform: rotate(-47deg);
	}
	.label::after {
		bottom: 13px;
		transform: rotate(47deg);
	}
	.eyelet {
		position: absolute;
		left: 12px;
		top: 50%;
		width: 16px;
		height: 16px;
		margin-top: -8px;
		border: 2.5px solid var(--cobalt-ink);
		border-radius: 50%;
	}
	h3 {
		margin: 0;
		font-size: 1.1875rem;
	}
	.text {
		margin: 4px 0 12px;
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 12px;
	}
</style>
