<script lang="ts">
	/** Two weeks of the zones change places, once or from one on; what was swapped can be taken back. */
	import ActForm from '../ActForm.svelte';
	import Button from '../kit/Button.svelte';
	import Choice from '../kit/Choice.svelte';
	import Radios from '../kit/Radios.svelte';
	import { SWAP } from '$words/schedule';
	import type { ScheduleView } from '$views/schedule';
	let { swap, formId, chosen }: { swap: NonNullable<ScheduleView['swap']>; formId: string; chosen: string } =
		$props();
	const at = $derived(swap.weeks.findLastIndex((one) => one.value <= chosen));
	const first = $derived(swap.weeks[Math.max(0, at)]?.value ?? '');
	const second = $derived(swap.weeks[Math.max(0, at) + 1]?.value ?? swap.weeks[0]?.value ?? '');
	const action = $derived(`/schedule?on=${chosen}&/weeks`);
</script>

<div class="my-3 grid gap-3 border-y-2 border-dashed border-linen-deep py-3">
	<h2 class="m-0">{SWAP.title}</h2>
	<p class="m-0 text-tin-text">{SWAP.help}</p>
	<ActForm {action} values={{ id: formId, revision: swap.revision }} class="grid gap-3">
		{#key `${first} ${swap.revision}`}
			<Choice label={SWAP.week} name="week" options={swap.weeks} value={first} />
			<Choice label={SWAP.with} name="with" options={swap.weeks} value={second} />
		{/key}
		<Radios label={SWAP.how} name="how" options={SWAP.hows} value="once" />
		<div><Button type="submit">{SWAP.save}</Button></div>
	</ActForm>
	{#if swap.standing.length > 0}
		<h3 class="m-0">{SWAP.standing}</h3>
		<ul class="m-0 grid list-none gap-1 p-0">
			{#each swap.standing as one (`${one.kind} ${one.at}`)}
				<li class="flex min-h-11 flex-wrap items-center gap-x-4">
					<span class="min-w-0 flex-1">{one.words}</span>
					<ActForm
						{action}
						values={{ id: formId, revision: swap.revision, op: 'back', kind: one.kind, at: one.at }}
						><Button kind="link" type="submit" aria-label="{SWAP.back}: {one.words}">{SWAP.back}</Button
						></ActForm
					>
				</li>
			{/each}
		</ul>
	{/if}
</div>
