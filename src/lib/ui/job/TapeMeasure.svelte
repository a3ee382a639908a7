<script lang="ts">
	/** A tape measure with two pegs: from when a turn is open, and when it is due. Pegs also move with the arrow keys. */
	import { JOB_TAPE_MEASURE } from '$words/screens/house';
	import Peg from '../glyphs/Peg.svelte';
	let { min = $bindable(), max = $bindable() }: { min: number; max: number } = $props();
	const longest = $derived(Math.max(30, Math.ceil((Math.max(min, max) * 1.15) / 10) * 10));
	const x = (days: number) => `${(days / longest) * 100}%`;
	const every = $derived(longest <= 40 ? 7 : longest <= 120 ? 14 : longest <= 240 ? 30 : 91);
	const marks = $derived(Array.from({ length: Math.floor(longest / every) }, (_, i) => (i + 1) * every));
	const low = $derived(Math.min(min, max));
	const high = $derived(Math.max(min, max));
	function slide(event: KeyboardEvent, which: 'min' | 'max') {
		const step =
			event.key === 'ArrowRight' || event.key === 'ArrowUp'
				? 1
				: event.key === 'ArrowLeft' || event.key === 'ArrowDown'
					? -1
					: event.key === 'PageUp'
						? 7
						: event.key === 'PageDown'
							? -7
							: 0;
		if (step === 0) return;
		event.preventDefault();
		if (which === 'min') min = Math.max(1, Math.min(3660, min + step));
		else max = Math.max(1, Math.min(3660, max + step));
		(event.currentTarget as HTMLElement).dispatchEvent(new Event('change', { bubbles: true }));
	}
	let tape: HTMLElement | undefined = $state();
	function drag(event: PointerEvent, which: 'min' | 'max') {
		const target = event.currentTarget as HTMLElement;
		target.setPointerCapture(event.pointerId);
		const box = tape?.getBoundingClientRect();
		if (!box) return;
		const reach = longest;
		const move = (at: PointerEvent) => {
			const days = Math.max(1, Math.round(((at.clientX - box.left) / box.width) * reach));
			if (which === 'min') min = days;
			else max = days;
		};
		const up = () => {
			target.removeEventListener('pointermove', move);
			target.dispatchEvent(new Event('change', { bubbles: true }));
		};
		target.addEventListener('pointermove', move);
		target.addEventListener('pointerup', up, { once: true });
		target.addEventListener('pointercancel', up, { once: true });
	}
</script>

<div class="measure" bind:this={tape}>
	<div class="tape-band linen">
		{#each marks as mark (mark)}<span class="mark" style:left={x(mark)}>{mark}</span>{/each}
	</div>
	<div class="span" style:left={x(low)} style:width="{((high - low) / longest) * 100}%"></div>
	{#each [['min', min, JOB_TAPE_MEASURE.openFrom], ['max', max, JOB_TAPE_MEASURE.dueAt]] as [which, days, words] (which)}
		<button
			type="button"
			class="peg"
			role="slider"
			aria-label={JOB_TAPE_MEASURE.days(words ?? '')}
			aria-valuenow={Number(days)}
			aria-valuemin={1}
			aria-valuemax={3660}
			style:left={x(Number(days))}
			onkeydown={(event) => slide(event, which as 'min' | 'max')}
			onpointerdown={(event) => drag(event, which as 'min' | 'max')}><Peg /><b>{days}</b></button
		>
	{/each}
</div>

<style>
	.measure {
		position: relative;
		height: 78px;
		flex: 1;
		margin: 0 14px;
		touch-action: none;
	}
	.tape-band {
		position: absolute;
		left: -12px;
		right: -12px;
		top: 24px;
		height: 46px;
		border-top: var(--stitch);
		border-bottom: var(--stitch);
		border-left: 7px solid var(--tin-2);
		box-shadow: var(--sh-cloth);
	}
	.mark {
		position: absolute;
		top: 6px;
		transform: translateX(-50%);
		font-weight: var(--w-figure);
		margin-left: 6px;
	}
	.mark::before {
		content: '';
		position: absolute;
		left: 50%;
		top: -7px;
		height: 8px;
		border-left: 2px solid var(--ink);
	}
	.span {
		position: absolute;
		top: 24px;
		height: 46px;
		min-width: 3px;
		background: var(--cobalt);
	}
	.peg {
		position: absolute;
		top: 4px;
		width: 44px;
		height: 70px;
		margin-left: -22px;
		border: 0;
		background: none;
		display: grid;
		justify-items: center;
		align-content: space-between;
		padding: 0;
		cursor: grab;
		touch-action: none;
	}
	.peg b {
		background: var(--enamel-hi);
		color: var(--ink);
		padding: 0 6px;
		border-radius: 4px;
		font-weight: var(--w-figure);
		box-shadow: 0 0 0 1.5px var(--cobalt-ink);
	}
</style>
