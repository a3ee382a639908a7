<script lang="ts">
	/** A kit: its letter and pattern, where it lives, which rooms it is for and what is in it. */
	import { WEAVES } from '$core/household/weaves';
	import type { KitsView, KitView } from '$views/supplies';
	import { KITS } from '$words/supplies/kits';
	import { WEAVE_NAMES } from '$words/names';
	import { untrack } from 'svelte';
	import EditForm from '../house/EditForm.svelte';
	import EditFields from '../house/EditFields.svelte';
	import Button from '../kit/Button.svelte';
	import TextField from '../kit/TextField.svelte';
	import Toggles from '../kit/Toggles.svelte';
	let { view, kit = null, onsaved }: { view: KitsView; kit?: KitView | null; onsaved: () => void } = $props();
	const first = untrack(() => kit);
	let rooms = $state<readonly string[]>(first?.rooms ?? []);
	let contents = $state<readonly string[]>(first?.contents ?? []);
	let weave = $state<readonly string[]>(first ? [first.weave] : []);
</script>

<EditFields
	{view}
	action="/supplies/kits?/edit"
	id="kit {kit?.id ?? ''}"
	of={{ name: kit?.name ?? '', letter: kit?.letter ?? '', place: kit?.place ?? '' }}
	values={{ op: 'kit', kit: kit?.id ?? '' }}
	class="grid gap-4"
	{onsaved}
>
	{#snippet children(typed, sending)}
		<div class="grid gap-4 min-[520px]:grid-cols-[1fr_7rem]">
			<TextField label={KITS.name} name="name" value={typed.name} maxlength={80} required />
			<TextField label={KITS.letter} name="letter" value={typed.letter} maxlength={1} />
		</div>
		<TextField label={KITS.place} name="place" value={typed.place} maxlength={80} />
		<Toggles
			label={KITS.weave}
			name="weave"
			options={WEAVES.map((one) => ({ value: one, label: WEAVE_NAMES[one] }))}
			bind:value={weave}
		/>
		<Toggles
			label={KITS.rooms}
			help={KITS.roomsHelp}
			name="rooms"
			many
			options={view.rooms.map((one) => ({ value: one.id, label: one.name }))}
			bind:value={rooms}
		/>
		{#if view.things.length > 0}
			<Toggles
				label={KITS.contents}
				name="contents"
				many
				options={view.things.map((one) => ({ value: one.id, label: one.name }))}
				bind:value={contents}
			/>
		{/if}
		<Button kind="solid" type="submit" {sending} class="justify-self-start">{KITS.save}</Button>
	{/snippet}
</EditFields>
{#if kit}
	<EditForm
		action="/supplies/kits?/edit"
		{view}
		values={{ op: 'removeKit', kit: kit.id }}
		class="mt-4"
		{onsaved}
	>
		<Button kind="link" type="submit">{KITS.remove}</Button>
	</EditForm>
{/if}
