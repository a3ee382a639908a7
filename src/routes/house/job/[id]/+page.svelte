<script lang="ts">
	import { untrack } from 'svelte';
	import { HOUSE_JOB_ID_PAGE } from '$words/screens/house';
	import EditForm from '$ui/house/EditForm.svelte';
	import JobEditor from '$ui/job/JobEditor.svelte';
	import Button from '$ui/kit/Button.svelte';
	import Choice from '$ui/kit/Choice.svelte';
	import Confirm from '$ui/kit/Confirm.svelte';
	import DateField from '$ui/kit/DateField.svelte';
	import Message from '$ui/kit/Message.svelte';
	import { FIELD_ROW } from '$ui/kit/styles';
	import { EDITOR } from '$words/jobEditor';
	let { data, form } = $props();
	const view = $derived(data.view);
	let editor = $state<JobEditor>();
	/** The job that the editor began from. */
	let from = $state.raw(untrack(() => data.view.job));
	const isAnother = $derived(JSON.stringify(view.job) !== JSON.stringify(from));
	/** What is typed was begun from what somebody else has changed meanwhile. */
	let isOverTheirs = $state(false);
	$effect.pre(() => {
		const now = view.job;
		const isSame = now.id === from.id;
		const isTyped = isSame && (untrack(() => editor)?.isTyped() ?? false);
		const isOwn = isAnother && (untrack(() => editor)?.takeOwnChange() ?? false);
		isOverTheirs = isAnother && isTyped && !isOwn;
		if (!isAnother || isOverTheirs) return;
		from = now;
		if (isSame && !isTyped) untrack(() => editor)?.beginAnew();
	});
	let copyTo = $state('');
	let asks = $state(false);
	let remove: HTMLFormElement | undefined = $state();
	const action = $derived(`/house/job/${view.job.id}?/edit`);
</script>

<svelte:head
	><title>{HOUSE_JOB_ID_PAGE.pailRound(view.isNew ? EDITOR.add : view.job.name)}</title></svelte:head
>

{#if isOverTheirs}
	<Message tone="wrong"><span>{EDITOR.changedMeanwhile}</span></Message>
{:else if form && 'message' in form && form.message}
	<Message tone="wrong"><span>{form.message}</span></Message>
{:else if form && 'saved' in form && form.saved}
	<Message><span>{form.saved}</span></Message>
{/if}
{#key view.job.id}<JobEditor bind:this={editor} {view} />{/key}
{#if !view.isNew}
	<div class="linen flex flex-wrap items-end gap-x-8 gap-y-3 px-edge py-4">
		<EditForm values={{ op: 'copy' }} {view} {action} class="{FIELD_ROW} flex flex-wrap gap-3">
			<Choice
				label={EDITOR.copyTo}
				name="to"
				options={view.rooms
					.filter((room) => room.id !== view.room.id)
					.map((room) => ({ value: room.id, label: room.name }))}
				bind:value={copyTo}
			/>
			<Button type="submit" disabled={copyTo === ''}>{EDITOR.copy}</Button>
		</EditForm>
		{#if view.job.cadence.type === 'afterDone'}
			<EditForm values={{ op: 'lastDone' }} {view} {action} class="{FIELD_ROW} flex flex-wrap gap-3">
				<DateField label={EDITOR.lastDone} name="day" required />
				<Button type="submit">{EDITOR.saveDate}</Button>
			</EditForm>
		{/if}
		<EditForm bind:form={remove} values={{ op: 'retire' }} {view} {action} class="ml-auto">
			<Button kind="link" onclick={() => (asks = true)}>{EDITOR.remove}</Button>
		</EditForm>
	</div>
	<Confirm
		bind:open={asks}
		title={EDITOR.removeTitle}
		text={EDITOR.removeText}
		yes={EDITOR.removeYes}
		onyes={() => remove?.requestSubmit()}
	/>
{/if}
