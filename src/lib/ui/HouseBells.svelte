<script lang="ts" module>
	/** What runs by itself and rings on a page that is not its own: instants by the server's clock. */
	import { FRAME_TRAY, HOUSE_BELLS } from '$words/screens/frame';
	export interface HouseWait {
		readonly label: string;
		/** What hands do then, or where. */
		readonly where: string;
		readonly fetchAt: number;
		readonly hurryAt: number | null;
	}
</script>

<script lang="ts">
	/** Rings for what has run to its end while another page is open, and says so until somebody has heard it. */
	import Button from './kit/Button.svelte';
	import { onMount } from 'svelte';
	import Notice from './Notice.svelte';
	let { waits, now, onring }: { waits: readonly HouseWait[]; now: number; onring: () => void } = $props();
	let told = $state<string[]>([]);
	/** The server's clock, by the device's own that cannot be set. */
	let ahead = 0;
	$effect(() => {
		ahead = now - performance.now();
	});

	onMount(() => {
		type Sound = typeof import('./session/sound');
		let sound: Promise<Sound> | null = null;
		// Fetched when it may be needed: a page rings only after somebody has touched it.
		const touched = () => {
			if (waits.length > 0) void (sound ??= import('./session/sound')).then((is) => is.readySound());
		};
		let since = now;
		const look = () => {
			const is = ahead + performance.now();
			const due = waits.flatMap((wait) => [
				...(wait.fetchAt > since && wait.fetchAt <= is ? [{ wait, strikes: 2 as const }] : []),
				...(wait.hurryAt !== null && wait.hurryAt > since && wait.hurryAt <= is
					? [{ wait, strikes: 3 as const }]
					: [])
			]);
			since = Math.max(since, is);
			if (due.length === 0) return;
			told = due.map(
				({ wait, strikes }) =>
					`${wait.label} ${strikes === 3 ? HOUSE_BELLS.mustComeOutNow : HOUSE_BELLS.isReady}: ${wait.where}.`
			);
			void (sound ??= import('./session/sound')).then((made) => {
				made.ring(due.some((one) => one.strikes === 3) ? 3 : 2, made.volumeWanted(new Date().getHours()));
				for (const words of told) made.notify(FRAME_TRAY.pailRound, words);
			});
			onring();
		};
		const timer = setInterval(look, 500);
		window.addEventListener('pointerdown', touched);
		window.addEventListener('keydown', touched);
		return () => {
			clearInterval(timer);
			window.removeEventListener('pointerdown', touched);
			window.removeEventListener('keydown', touched);
		};
	});
</script>

{#if told.length > 0}
	<Notice tone="wrong">
		<span>{told.join(' ')}</span>
		<Button kind="link" type="submit" onclick={() => (told = [])}>{HOUSE_BELLS.iHeardIt}</Button>
	</Notice>
{/if}
