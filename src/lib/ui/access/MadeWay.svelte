<script lang="ts">
	/** A way in that has just been made: picture, code and link, shown this once. */
	import { ACCESS_MADE_WAY } from '$words/screens/access';
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

<div
	class="flex gap-6.5 items-center mt-3 mb-4.5 py-4.5 px-6.5 bg-enamel-hi border-[2.5px] border-cobalt-ink rounded-button max-sm:flex-col max-sm:p-4.5"
	role="status"
>
	{#if made.qr}<div
			class="w-42 flex-none bg-[white]"
			role="img"
			aria-label={ACCESS_MADE_WAY.qrCodeWithTheWay}
		>
			<!-- eslint-disable-next-line svelte/no-at-html-tags -- drawn by our own server from an address of its own -->
			{@html made.qr}
		</div>{/if}
	<div>
		<h2>{ACCESS_MADE_WAY.aWayToLogIn(made.name)}</h2>
		{#if made.link}
			<p class="mt-1">
				{ACCESS_MADE_WAY.pointThePhonesCameraAt} <b>{ACCESS_MADE_WAY.joinOf(new URL(made.link).host)}</b>:
			</p>
		{:else}
			<p class="mt-1">
				{ACCESS_MADE_WAY.openThisPailRoundOn} <b>{ACCESS_MADE_WAY.join}</b>{ACCESS_MADE_WAY.andType}
			</p>
		{/if}
		<p class="code mt-1 text-[1.75rem] font-figure [letter-spacing:0.06em] text-cobalt-ink">{made.code}</p>
		<p class="dim mt-1">
			{ACCESS_MADE_WAY.itCanBeUsedOnce}
			{#if made.sentTo}{ACCESS_MADE_WAY.itIsOnItsWay(
					made.sentTo,
					isDemo ? ACCESS_MADE_WAY.inTheMailOfThe : ''
				)}{/if}
		</p>
		{#if made.unsent}<p class="dim mt-1">{made.unsent}</p>{/if}
		{#if made.link}<p class="mt-1"><a class="wrap-anywhere" href={made.link}>{made.link}</a></p>{/if}
	</div>
</div>
