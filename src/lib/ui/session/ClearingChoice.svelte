<script lang="ts">
	/** Which spot is cleared, how much of it, and whether the three containers stand ready: before the clock starts. */
	import Button from '../kit/Button.svelte';
	import { SESSION_CLEARING_CHOICE } from '$words/screens/session';
	import Radios from '../kit/Radios.svelte';
	import TextField from '../kit/TextField.svelte';
	import Choice from '../kit/Choice.svelte';
	import type { Snippet } from 'svelte';
	import { once } from '../once';
	import Container from './Container.svelte';
	import type { FillView } from '$views/session';
	let { view, values, hidden }: { view: FillView; values: Record<string, string>; hidden: Snippet } =
		$props();
	const PORTIONS = [
		['all', SESSION_CLEARING_CHOICE.allOfIt],
		['half', 'A half'],
		['quarter', 'A quarter']
	] as const;
</script>

<form class="flex-1 flex flex-col" method="post" action="/timer?/start" use:once>
	<input type="hidden" name="id" value={view.formId} />
	{@render hidden()}
	<div
		class="flex flex-wrap gap-x-7.5 gap-y-3.5 items-start py-4.5 px-edge max-[901px]:py-3.5 max-[901px]:px-3.75"
	>
		<TextField
			label={SESSION_CLEARING_CHOICE.whichSpot}
			name="spot"
			maxlength={80}
			required
			placeholder={SESSION_CLEARING_CHOICE.hallBench}
			value={values.spot ?? view.spot}
		/>
		<Choice
			label={SESSION_CLEARING_CHOICE.inWhichRoom}
			name="room"
			value={values.room ?? (view.clearRooms.find((room) => room.chosen) ?? view.clearRooms[0])?.id}
			options={view.clearRooms.map((room) => ({ value: room.id, label: room.name }))}
		/>
		<Radios
			label={SESSION_CLEARING_CHOICE.howMuchOfIt}
			row
			name="portion"
			value={values.portion || PORTIONS[0][0]}
			options={PORTIONS.map(([value, label]) => ({ value, label }))}
		/>
	</div>
	<p class="hidden px-3.75 pb-3.5 max-[901px]:block">
		<b>{SESSION_CLEARING_CHOICE.firstGetThreeContainers}</b>
		{SESSION_CLEARING_CHOICE.binGiveAwayPutAway}
	</p>
	<div
		class="relative flex-1 grid grid-cols-[repeat(3,minmax(0,150px))] justify-center items-end gap-[6vw] min-h-50 px-5 pb-6 max-[901px]:gap-4 max-[901px]:min-h-42.5"
		aria-hidden="true"
	>
		<Container kind="bin" count={null} />
		<Container kind="give" count={null} />
		<Container kind="put" count={null} />
		<span class="absolute left-0 right-0 bottom-5.5 h-1.25 bg-tin-1"></span>
	</div>
	<div
		class="linen sticky bottom-(--rim) z-5 flex items-center justify-between gap-6 px-edge pt-4 max-[901px]:bottom-[calc(62px_+_env(safe-area-inset-bottom))] pb-5 [border-top:var(--stitch)] max-[901px]:flex-col max-[901px]:items-stretch max-[901px]:gap-2 max-[901px]:px-3.75 max-[901px]:pt-3 max-[901px]:pb-3.5"
	>
		<p class="max-w-[62ch] max-[901px]:hidden">
			<b>{SESSION_CLEARING_CHOICE.firstGetThreeContainers}</b>
			{SESSION_CLEARING_CHOICE.binGiveAwayPutAway}
		</p>
		<Button kind="solid" size="large" type="submit">{SESSION_CLEARING_CHOICE.theyAreReadyStart}</Button>
	</div>
</form>
