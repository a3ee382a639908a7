<script lang="ts">
	/** A tool or cloth: whether it is for one room only, and whether it goes into the hot wash. */
	import type { KitsView } from '$views/supplies';
	import { KITS } from '$words/supplies/kits';
	import EditForm from '../house/EditForm.svelte';
	import EditFields from '../house/EditFields.svelte';
	import Button from '../kit/Button.svelte';
	import Check from '../kit/Check.svelte';
	import Choice from '../kit/Choice.svelte';
	import More from '../kit/More.svelte';
	import TextField from '../kit/TextField.svelte';
	import Toggles from '../kit/Toggles.svelte';
	import { untrack } from 'svelte';
	let {
		view,
		tool = null,
		onsaved
	}: { view: KitsView; tool?: KitsView['tools'][number] | null; onsaved: () => void } = $props();
	let boundTo = $state(untrack(() => tool?.boundTo ?? ''));
	let jobs = $state<readonly string[]>(untrack(() => tool?.jobs ?? []));
	/** Of a tool that is for one room: the jobs of the room, and those that name it already. */
	const options = $derived(
		view.jobs
			.filter((one) => boundTo === '' || one.room === boundTo || jobs.includes(one.id))
			.map((one) => ({
				value: one.id,
				label: one.room === boundTo ? one.name : KITS.jobIn(one.name, one.roomName)
			}))
	);
</script>

<EditFields
	{view}
	action="/supplies/kits?/edit"
	id="tool {tool?.id ?? ''}"
	of={{ name: tool?.name ?? '', hotWash: tool?.hotWash ?? false }}
	values={{ op: 'tool', tool: tool?.id ?? '', withJobs: 'yes' }}
	class="grid gap-4"
	{onsaved}
>
	{#snippet children(typed, sending)}
		<TextField label={KITS.name} name="name" value={typed.name} maxlength={80} required />
		<Choice
			label={KITS.boundTo}
			name="boundTo"
			bind:value={boundTo}
			options={[
				{ value: '', label: KITS.anyRoom },
				...view.rooms.map((one) => ({ value: one.id, label: one.name }))
			]}
		/>
		<Check label={KITS.hotWash} name="hotWash" formValue="on" checked={typed.hotWash} />
		{#if view.jobs.length > 0}
			<More title={KITS.jobs(jobs.length)}>
				<Toggles label={KITS.jobs(0)} hideLabel name="jobs" many {options} bind:value={jobs} />
			</More>
		{/if}
		<Button kind="solid" type="submit" {sending} class="justify-self-start">{KITS.save}</Button>
	{/snippet}
</EditFields>
{#if tool}
	<EditForm
		action="/supplies/kits?/edit"
		{view}
		values={{ op: 'removeTool', tool: tool.id }}
		class="mt-4"
		{onsaved}
	>
		<Button kind="link" type="submit">{KITS.remove}</Button>
	</EditForm>
{/if}
