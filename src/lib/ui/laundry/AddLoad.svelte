<script lang="ts">
	/** Puts a load on the pile: what it is, whose, and how it dries. */
	import ActForm from '../ActForm.svelte';
	import Button from '../kit/Button.svelte';
	import Choice from '../kit/Choice.svelte';
	import TextField from '../kit/TextField.svelte';
	import type { LaundryView } from '$views/laundry';
	import { ADD_LOAD } from '$words/laundry';
	let { view }: { view: LaundryView } = $props();
	let isSending = $state(false);
</script>

<ActForm
	class="grid grid-cols-1 items-end gap-3 min-[480px]:grid-cols-2"
	action="/laundry?/add"
	values={{ id: view.formId }}
	then={{ empties: true, sending: (now) => (isSending = now) }}
>
	<TextField label={ADD_LOAD.name} name="name" maxlength={80} placeholder={ADD_LOAD.hint} />
	<Choice label={ADD_LOAD.kind} name="kind" options={ADD_LOAD.kinds} />
	<Choice
		label={ADD_LOAD.owner}
		name="owner"
		options={[
			{ value: '', label: ADD_LOAD.everybody },
			...view.members.map((member) => ({ value: member.id, label: member.name }))
		]}
	/>
	<Choice label={ADD_LOAD.dry} name="dry" value={view.dry} options={ADD_LOAD.ways} />
	<Button type="submit" sending={isSending} class="justify-self-start">{ADD_LOAD.add}</Button>
</ActForm>
