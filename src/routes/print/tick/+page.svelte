<script lang="ts">
	/** A card that was ticked on paper goes into the ledger in one go. */
	import TextField from '$ui/kit/TextField.svelte';
	import Choice from '$ui/kit/Choice.svelte';
	import ActForm from '$ui/ActForm.svelte';
	import Notice from '$ui/Notice.svelte';
	let { data, form } = $props();
	const view = $derived(data.view);
	const wrong = $derived(form && 'message' in form ? form.message : null);
	const said = $derived(form && 'said' in form ? form.said : null);
	let table: HTMLTableElement | undefined = $state();
	const all = (on: boolean) =>
		table?.querySelectorAll<HTMLInputElement>('input[type=checkbox]').forEach((box) => (box.checked = on));
</script>

<svelte:head><title>Enter what was done from a printed list · Pail Round</title></svelte:head>

<section class="tick">
	<header>
		<h1>{view.title || 'Enter what was done from a printed list'}</h1>
		<a class="text-link" href="/print">Back to Print</a>
	</header>
	{#if wrong}<Notice tone="wrong"><span>{wrong}</span></Notice>{/if}
	{#if said}<Notice><span>{said}</span></Notice>{/if}
	<form method="get" action="/print/tick" class="row code">
		<TextField
			label="The code at the foot of the card"
			name="code"
			required
			maxlength={12}
			autocomplete="off"
			autocapitalize="characters"
			value={view.code || (view.asked ?? '')}
			placeholder="UB 4 K7"
		/><button class={view.code ? 'plain' : 'sign small'}>Find this card</button>
	</form>
	{#if view.asked !== null && !view.code}
		<Notice tone="wrong"
			><span
				>No card of this home has that code. Look at its foot: two letters, a figure, a letter and a figure.</span
			></Notice
		>
	{/if}
	{#if view.code}
		<ActForm action="?/tick" values={{ code: view.code }}>
			<div class="acts">
				<Choice
					label="Who ticked it"
					name="by"
					options={[
						{ value: '', label: 'nobody in particular' },
						...view.members.map((one) => ({ value: one.id, label: one.name }))
					]}
				/>
				<button type="button" class="plain" onclick={() => all(true)}>All of them</button>
				<button type="button" class="plain" onclick={() => all(false)}>None</button>
				<button class="sign small">Save as done</button>
			</div>
			<div class="scroll">
				<table bind:this={table}>
					<thead>
						<tr
							><td></td>{#each view.days as day (day.date)}<th scope="col" class:ahead={day.ahead}
									>{day.name}</th
								>{/each}</tr
						>
					</thead>
					<tbody>
						{#each view.rows as row (row.line)}
							<tr>
								<th scope="row">{row.name}</th>
								{#each row.boxes as box, i (i)}
									<td>
										{#if box.state === 'open'}
											<input
												type="checkbox"
												name="box"
												value="{row.line}@{box.date}"
												aria-label="{row.name}, {view.days[i]?.name}"
											/>
										{:else if box.state === 'done'}<span class="done">in</span>
										{:else if box.state === 'ahead'}<span class="dim" aria-label="still to come">·</span>{/if}
									</td>
								{/each}
							</tr>
						{/each}
					</tbody>
				</table>
			</div>
		</ActForm>
	{/if}
</section>

<style>
	.tick {
		padding: 10px calc(var(--page-edge) - var(--rim)) 40px;
	}
	header {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		align-items: baseline;
		gap: 8px 24px;
	}
	.code {
		max-width: 480px;
		align-items: end;
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 12px;
		align-items: end;
		margin: 14px 0;
	}
	.acts .sign {
		margin-left: auto;
	}
	.scroll {
		overflow-x: auto;
	}
	table {
		border-collapse: collapse;
	}
	th,
	td {
		padding: 4px 12px;
		border-bottom: 1px solid var(--tin-1);
		text-align: center;
		height: 44px;
	}
	th[scope='row'] {
		text-align: left;
		font-weight: var(--w-name);
		padding-left: 0;
	}
	th[scope='col'] {
		font-weight: 400;
		color: var(--tin-text);
		white-space: nowrap;
	}
	input[type='checkbox'] {
		width: 26px;
		height: 26px;
		accent-color: var(--cobalt);
	}
	.done {
		color: var(--tin-text);
	}
</style>
