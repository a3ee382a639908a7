<script lang="ts">
	/** Puts a load on the pile: what it is, whose, and how it dries. */
	import FieldForm from '../FieldForm.svelte';
	import { FIELD_ROW } from '../kit/styles';
	import Button from '../kit/Button.svelte';
	import Choice from '../kit/Choice.svelte';
	import TextField from '../kit/TextField.svelte';
	import type { LaundryView } from '$views/laundry';
	import { ADD_LOAD } from '$words/laundry';
	let { view }: { view: LaundryView } = $props();
</script>

<FieldForm
	action="/laundry?/add"
	id="load"
	of={{ name: '', kind: ADD_LOAD.kinds[0]?.value ?? '', owner: '', dry: view.dry }}
	values={{ id: view.formId }}
	withId
	empties
	class="{FIELD_ROW} grid grid-cols-1 gap-3 min-[480px]:grid-cols-2"
>
	{#snippet children(typed, sending)}
		<TextField
			label={ADD_LOAD.name}
			name="name"
			value={typed.name}
			maxlength={80}
			placeholder={ADD_LOAD.hint}
		/>
		<Choice label={ADD_LOAD.kind} name="kind" value={typed.kind} options={ADD_LOAD.kinds} />
		<Choice
			label={ADD_LOAD.owner}
			name="owner"
			value={typed.owner}
			options={[
				{ value: '', label: ADD_LOAD.everybody },
				...view.members.map((member) => ({ value: member.id, label: member.name }))
			]}
		/>
		<Choice label={ADD_LOAD.dry} name="dry" value={typed.dry} options={ADD_LOAD.ways} />
		<Button type="submit" {sending} class="justify-self-start">{ADD_LOAD.add}</Button>
	{/snippet}
</FieldForm>
