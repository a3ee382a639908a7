<script lang="ts">
	/** Minutes, for whom, who helps, which rooms, how they work: one form that fills anew at each choice. */
	import { tick } from 'svelte';
	import ChevronDown from '@lucide/svelte/icons/chevron-down';
	import { WHO_AND_HOW } from '$words/session';
	import type { FillView } from '$views/session';
	import Button from '../kit/Button.svelte';
	import Choice from '../kit/Choice.svelte';
	import More from '../kit/More.svelte';
	import TextField from '../kit/TextField.svelte';
	import Toggles from '../kit/Toggles.svelte';
	import { othersOf, seenRooms } from './hrefs';
	let { view, minutes }: { view: FillView; minutes: string } = $props();
	const others = $derived(view.members.filter((member) => member.id !== view.member));
	const asOptions = (list: readonly { readonly id: string; readonly name: string }[]) =>
		list.map((one) => ({ value: one.id, label: one.name }));
	const split = (text: string) => text.split(',').filter(Boolean);
	const isClearing = $derived(view.kind === 'clearing');
	const rooms = $derived(view.rooms.length > 0 ? seenRooms(view) : view.inRooms.join(','));
	/** What is chosen here and not filled yet. */
	let changed = $state<{ with?: string; rooms?: string }>({});
	$effect(() => {
		void view;
		changed = {};
	});
	const chosen = $derived(split(changed.with ?? othersOf(view)));
	/** More names than stand in two lines: they wait behind a line that says who is chosen. */
	const LETTERS = 90;
	const isLong = $derived(others.reduce((sum, one) => sum + one.name.length, 0) > LETTERS);
	let choosing = $state(false);
	let form: HTMLFormElement;
	const anew = async () => {
		await tick();
		form.requestSubmit();
	};
	let more = $state(false);
	const isOwnWay = $derived(view.inRooms.length > 0 || view.depth !== null || view.floorsAsked);
</script>

{#snippet helpers()}
	<Toggles
		label={WHO_AND_HOW.with}
		hideLabel={isLong}
		many
		options={asOptions(others)}
		value={chosen}
		onchange={(to) => {
			changed.with = to.join(',');
			void anew();
		}}
	/>
{/snippet}

<form
	class="flex flex-wrap items-end gap-x-4 gap-y-2.5 pt-2 {isClearing ? 'px-edge' : 'sm:pl-1'}"
	method="get"
	action="/timer"
	bind:this={form}
	data-sveltekit-noscroll
	data-sveltekit-keepfocus
>
	{#if view.kind !== 'bite'}<input type="hidden" name="kind" value={view.kind} />{/if}
	{#if view.brim}<input type="hidden" name="brim" value="1" />{/if}
	{#if view.sitting}<input type="hidden" name="sitting" value="1" />{/if}
	<input type="hidden" name="rooms" value={changed.rooms ?? rooms} />
	<!-- What is chosen fills at once, what is typed waits for its button: the two stand together. -->
	<div class="flex items-end gap-x-2">
		<div class="w-36">
			<TextField
				label={view.kind === 'visitors' ? WHO_AND_HOW.comeIn : WHO_AND_HOW.minutes}
				name="minutes"
				inputmode="numeric"
				value={minutes}
			/>
		</div>
		<Button type="submit">{isClearing ? WHO_AND_HOW.setTime : WHO_AND_HOW.pick}</Button>
	</div>
	<div class="min-w-36">
		<Choice
			label={WHO_AND_HOW.for}
			name="for"
			options={asOptions(view.members)}
			value={view.member}
			onchange={anew}
		/>
	</div>
	{#if others.length > 0 && !isClearing}
		<input type="hidden" name="with" value={changed.with ?? othersOf(view)} />
		{#if isLong}<More
				bind:open={choosing}
				title={WHO_AND_HOW.withWhom(others.filter((one) => chosen.includes(one.id)).map((one) => one.name))}
				>{@render helpers()}</More
			>{:else}{@render helpers()}{/if}
	{/if}
	{#if view.people.length > 1}
		<div class="min-w-60">
			<Choice
				label={WHO_AND_HOW.how}
				name="how"
				options={WHO_AND_HOW.ways}
				value={view.together}
				onchange={anew}
			/>
		</div>
	{/if}
	{#if view.rooms.length > 0}
		<Toggles
			label={WHO_AND_HOW.theySee}
			many
			options={asOptions(view.rooms)}
			value={split(changed.rooms ?? rooms)}
			onchange={(to) => {
				changed.rooms = to.join(',');
				void anew();
			}}
		/>
	{/if}
	{#if !isClearing && view.kind !== 'visitors'}
		<Button kind="link" class="min-h-11" aria-expanded={more || isOwnWay} onclick={() => (more = !more)}
			>{WHO_AND_HOW.more}<ChevronDown size={18} aria-hidden="true" class="inline" /></Button
		>
		{#if more || isOwnWay}
			<div class="flex w-full flex-wrap items-end gap-x-4 gap-y-2.5">
				<div class="min-w-44">
					<Choice
						label={WHO_AND_HOW.depth}
						name="depth"
						options={WHO_AND_HOW.depths}
						value={view.depth ?? ''}
						onchange={anew}
					/>
				</div>
				<div class="min-w-52">
					<Choice
						label={WHO_AND_HOW.floors}
						name="floors"
						options={WHO_AND_HOW.floorsWays}
						value={view.floorsAsked ? view.floors : ''}
						onchange={anew}
					/>
				</div>
				<Toggles
					label={WHO_AND_HOW.rooms}
					many
					options={asOptions(view.allRooms)}
					value={split(changed.rooms ?? rooms)}
					onchange={(to) => {
						changed.rooms = to.join(',');
						void anew();
					}}
				/>
			</div>
		{/if}
	{/if}
</form>
