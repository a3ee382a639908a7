<script lang="ts">
	/** A job for one day: what, on which day, who, how long. */
	import { invalidateAll } from '$app/navigation';
	import { onceJobSchema } from '$core/setup/onceJob';
	import { untrack } from 'svelte';
	import { defaults, superForm } from 'sveltekit-superforms';
	import { zod4, zod4Client } from 'sveltekit-superforms/adapters';
	import { freshId } from '../freshId';
	import Button from '../kit/Button.svelte';
	import Choice from '../kit/Choice.svelte';
	import DateField from '../kit/DateField.svelte';
	import Message from '../kit/Message.svelte';
	import NumberField from '../kit/NumberField.svelte';
	import Sheet from '../kit/Sheet.svelte';
	import TextField from '../kit/TextField.svelte';
	import { say } from '../kit/messages';
	import { FRAME } from '$words/frame';
	import { ONCE } from '$words/today';
	let {
		date,
		today,
		me,
		members,
		rooms,
		onclose
	}: {
		date: string;
		today: string;
		me: string;
		members: readonly { readonly id: string; readonly name: string }[];
		rooms: readonly { readonly id: string; readonly name: string }[];
		onclose: () => void;
	} = $props();
	let lost = $state('');
	const first = untrack(() => ({
		id: freshId(),
		name: '',
		date,
		who: me,
		minutes: 15,
		room: rooms[0]?.id ?? ''
	}));
	const { form, errors, enhance, delayed, submitting } = superForm(defaults(first, zod4(onceJobSchema)), {
		validators: zod4Client(onceJobSchema),
		resetForm: false,
		invalidateAll: false,
		applyAction: false,
		// A second press while the first is on its way is none.
		multipleSubmits: 'prevent',
		scrollToError: { block: 'center' },
		onResult: ({ result }) => {
			lost = result.type === 'error' ? FRAME.lost : '';
			if (result.type === 'failure' && !result.data?.form) lost = String(result.data?.message ?? FRAME.lost);
		},
		onUpdated: async ({ form: answer }) => {
			if (!answer.valid) return;
			onclose();
			void say(String(answer.message ?? ''));
			await invalidateAll();
		}
	});
</script>

<Sheet title={ONCE.title} under={ONCE.under} {onclose}>
	{#if lost}<div class="-mx-edge mb-3"><Message tone="wrong"><span>{lost}</span></Message></div>{/if}
	<form method="post" action="/?/once" use:enhance class="grid gap-4">
		<input type="hidden" name="id" value={$form.id} />
		<TextField label={ONCE.name} name="name" maxlength={80} bind:value={$form.name} wrong={$errors.name} />
		<div class="flex flex-wrap gap-x-6 gap-y-4">
			<DateField label={ONCE.day} name="date" min={today} bind:value={$form.date} wrong={$errors.date?.[0]} />
			<NumberField
				label={ONCE.minutes}
				name="minutes"
				min={0.5}
				step={0.5}
				max={1440}
				bind:value={$form.minutes}
				wrong={$errors.minutes}
			/>
		</div>
		<div class="grid gap-4 sm:grid-cols-2">
			<Choice
				label={ONCE.who}
				name="who"
				options={[
					{ value: '', label: ONCE.anyone },
					...members.map((one) => ({ value: one.id, label: one.name }))
				]}
				bind:value={$form.who}
				wrong={$errors.who}
			/>
			<Choice
				label={ONCE.room}
				name="room"
				options={rooms.map((one) => ({ value: one.id, label: one.name }))}
				bind:value={$form.room}
				wrong={$errors.room}
			/>
		</div>
		<Button kind="solid" type="submit" sending={$delayed || $submitting} class="w-full">{ONCE.add}</Button>
	</form>
</Sheet>
