<script lang="ts">
	/** A card that was ticked on paper goes into the ledger in one go. */
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
		<label
			><span class="dim">The code at the foot of the card</span><input
				class="field"
				name="code"
				required
				maxlength="12"
				autocomplete="off"
				autocapitalize="characters"
				value={view.code || (view.asked ?? '')}
				placeholder="UB 4 K7"
			/></label
		><button class={view.code ? 'plain' : 'sign small'}>Find this card</button>
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
				<label
					><span class="dim">Who ticked it</span><select class="field" name="by"
						><option value="">nobody in particular</option>{#each view.members as one (one.id)}<option
								value={one.id}>{one.name}</option
							>{/each}</select
					></label
				>
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
	.code label {
		flex: 1;
	}
	.code .field {
		letter-spacing: 0.06em;
		text-transform: uppercase;
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 12px;
		align-items: end;
		margin: 14px 0;
	}
	.acts label {
		flex: 0 1 260px;
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
