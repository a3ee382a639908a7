<script lang="ts">
	import EditForm from '$ui/house/EditForm.svelte';
	import JobEditor from '$ui/job/JobEditor.svelte';
	import Notice from '$ui/Notice.svelte';
	let { data, form } = $props();
	const view = $derived(data.view);
	const action = $derived(`/house/job/${view.job.id}?/edit`);
</script>

<svelte:head><title>{view.isNew ? 'Add a job of your own' : view.job.name} · Pail Round</title></svelte:head>

{#if form && 'message' in form && form.message}
	<Notice tone="wrong"><span>{form.message}</span></Notice>
{:else if form && 'saved' in form && form.saved}
	<Notice><span>{form.saved}</span></Notice>
{/if}
{#key view.revision}<JobEditor {view} />{/key}
{#if !view.isNew}
	<div class="foot linen">
		<EditForm values={{ op: 'copy' }} {view} {action} class="row">
			<label for="copy-to">The same in</label>
			<select id="copy-to" class="tape" name="to">
				{#each view.rooms.filter((room) => room.id !== view.room.id) as room (room.id)}<option value={room.id}
						>{room.name}</option
					>{/each}
			</select>
			<button class="plain">Copy it</button>
		</EditForm>
		{#if view.job.cadence.type === 'afterDone'}
			<EditForm values={{ op: 'lastDone' }} {view} {action} class="row">
				<label for="last-done">Last done about</label>
				<input id="last-done" class="field" type="date" name="day" required />
				<button class="plain">Save this date</button>
			</EditForm>
		{/if}
		<EditForm values={{ op: 'retire' }} {view} {action}>
			<button class="text-link">Remove this job …</button>
		</EditForm>
	</div>
{/if}

<style>
	.foot {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 8px 32px;
		padding: 10px calc(var(--page-edge) - var(--rim)) 16px;
	}
	.foot :global(form) {
		flex-wrap: wrap;
		min-width: 0;
	}
	.foot select {
		min-width: 0;
		max-width: 100%;
	}
	.foot :global(form:last-child) {
		margin-left: auto;
	}
</style>
