<script lang="ts">
	/** A way in that has just been made: picture, code and link, shown this once. */
	let {
		made,
		isDemo
	}: {
		made: {
			name: string;
			code: string;
			link: string | null;
			qr: string | null;
			sentTo: string | null;
			unsent: string | null;
		};
		isDemo: boolean;
	} = $props();
</script>

<div class="label" role="status">
	<!-- eslint-disable-next-line svelte/no-at-html-tags -- drawn by our own server from an address of its own -->
	{#if made.qr}<div class="qr" role="img" aria-label="QR code with the way in">{@html made.qr}</div>{/if}
	<div>
		<h2>A way to log in for {made.name}</h2>
		{#if made.link}
			<p>Point the phone’s camera at the picture, or type this at <b>{new URL(made.link).host}/join</b>:</p>
		{:else}
			<p>Open this Pail Round on the phone, go to <b>/join</b>, and type:</p>
		{/if}
		<p class="code">{made.code}</p>
		<p class="dim">
			It can be used once, within two days, and is shown only now.
			{#if made.sentTo}It is on its way to {made.sentTo}{isDemo ? ', in the mail of the demo' : ''}.{/if}
		</p>
		{#if made.unsent}<p class="dim">{made.unsent}</p>{/if}
		{#if made.link}<p><a class="link" href={made.link}>{made.link}</a></p>{/if}
	</div>
</div>

<style>
	.label {
		display: flex;
		gap: 26px;
		align-items: center;
		margin: 12px 0 18px;
		padding: 18px 26px;
		background: var(--enamel-hi);
		border: 2.5px solid var(--cobalt-ink);
		border-radius: var(--r-button);
	}
	.qr {
		width: 168px;
		flex: none;
		background: white;
	}
	p {
		margin: 4px 0 0;
	}
	h2 {
		margin: 0;
	}
	.code {
		font-size: 1.75rem;
		font-weight: var(--w-figure);
		letter-spacing: 0.06em;
		color: var(--cobalt-ink);
	}
	.link {
		overflow-wrap: anywhere;
	}
	@media (max-width: 640px) {
		.label {
			flex-direction: column;
			padding: 18px;
		}
	}
</style>
