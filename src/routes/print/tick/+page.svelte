<script lang="ts">
	/** A card that was ticked on paper goes into the ledger in one go. */
	import Button from '$ui/kit/Button.svelte';
	import { PRINT_TICK_PAGE } from '$words/screens/print';
	import Check from '$ui/kit/Check.svelte';
	import { FIELD_ROW } from '$ui/kit/styles';
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

<svelte:head><title>{PRINT_TICK_PAGE.enterWhatWasDoneFrom}</title></svelte:head>

<section class="px-edge pt-2.5 pb-10">
	<header class="flex flex-wrap justify-between items-baseline gap-x-6 gap-y-2">
		<h1>{view.title || PRINT_TICK_PAGE.enterWhatWasDoneFrom2}</h1>
		<Button kind="link" href="/print">{PRINT_TICK_PAGE.backToPrint}</Button>
	</header>
	{#if wrong}<Notice tone="wrong"><span>{wrong}</span></Notice>{/if}
	{#if said}<Notice><span>{said}</span></Notice>{/if}
	<form
		method="get"
		action="/print/tick"
		class="{FIELD_ROW} my-3.5 flex max-w-120 flex-wrap gap-3 max-sm:[&>button]:mt-0!"
	>
		<TextField
			class="min-w-0 flex-1 basis-52"
			label={PRINT_TICK_PAGE.theCodeAtTheFoot}
			name="code"
			required
			maxlength={12}
			autocomplete="off"
			autocapitalize="characters"
			value={view.code || (view.asked ?? '')}
			placeholder={PRINT_TICK_PAGE.ub4K7}
		/><Button type="submit" kind={view.code ? 'plain' : 'solid'}>{PRINT_TICK_PAGE.findThisCard}</Button>
	</form>
	{#if view.asked !== null && !view.code}
		<Notice tone="wrong"><span>{PRINT_TICK_PAGE.noCardOfThisHome}</span></Notice>
	{/if}
	{#if view.code}
		<ActForm action="?/tick" values={{ code: view.code }}>
			<div class="acts flex flex-wrap gap-3 items-end my-3.5">
				<Choice
					label={PRINT_TICK_PAGE.whoTickedIt}
					name="by"
					options={[
						{ value: '', label: PRINT_TICK_PAGE.nobodyInParticular },
						...view.members.map((one) => ({ value: one.id, label: one.name }))
					]}
				/>
				<Button onclick={() => all(true)}>{PRINT_TICK_PAGE.allOfThem}</Button>
				<Button onclick={() => all(false)}>{PRINT_TICK_PAGE.none}</Button>
				<Button kind="solid" type="submit" class="ml-auto">{PRINT_TICK_PAGE.saveAsDone}</Button>
			</div>
			<div class="overflow-x-auto">
				<table class="[border-collapse:collapse]" bind:this={table}>
					<thead>
						<tr
							><td class="py-1 px-3 border-b border-b-tin-1 text-center h-11"
							></td>{#each view.days as day (day.date)}<th
									class="py-1 px-3 border-b border-b-tin-1 text-center h-11 font-normal text-tin-text whitespace-nowrap"
									scope="col"
									class:ahead={day.ahead}>{day.name}</th
								>{/each}</tr
						>
					</thead>
					<tbody>
						{#each view.rows as row (row.line)}
							<tr>
								<th class="py-1 pr-3 pl-0 border-b border-b-tin-1 h-11 text-left font-name" scope="row"
									>{row.name}</th
								>
								{#each row.boxes as box, i (i)}
									<td class="py-1 px-3 border-b border-b-tin-1 text-center h-11">
										{#if box.state === 'open'}
											<Check
												label="{row.name}, {view.days[i]?.name}"
												hideLabel
												name="box"
												formValue="{row.line}@{box.date}"
											/>
										{:else if box.state === 'done'}<span class="text-tin-text">{PRINT_TICK_PAGE.inIt}</span>
										{:else if box.state === 'ahead'}<span class="dim" aria-label={PRINT_TICK_PAGE.stillToCome}
												>·</span
											>{/if}
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
