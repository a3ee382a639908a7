<script lang="ts">
	import Button from '$ui/kit/Button.svelte';
	import { HOUSE_FILES_PAGE } from '$words/screens/house';
	import FileField from '$ui/kit/FileField.svelte';
	import TextField from '$ui/kit/TextField.svelte';
	import Switch from '$ui/kit/Switch.svelte';
	import { CALENDAR_FEED } from '$words/files';
	import Choice from '$ui/kit/Choice.svelte';
	import RestoreBackup from '$ui/house/RestoreBackup.svelte';
	import Notice from '$ui/Notice.svelte';
	import { once } from '$ui/once';
	let { data, form } = $props();
	const view = $derived(data.view);
	const report = $derived(form && 'report' in form ? form.report : null);
	/** Addresses lead to events, or to events and to-dos. */
	let todos = $state(false);
	/** The tables that can be read in. */
	const TABLES = [
		['jobs', HOUSE_FILES_PAGE.readJobsFromATable],
		['products', HOUSE_FILES_PAGE.readProductsFromATable],
		['ledger', HOUSE_FILES_PAGE.readHistoryFromATable]
	] as const;
</script>

<svelte:head><title>{HOUSE_FILES_PAGE.backupAndFilesPailRound}</title></svelte:head>

<div class="files">
	<header class="flex items-baseline justify-between">
		<h1>{HOUSE_FILES_PAGE.backupAndFiles}</h1>
		<Button kind="link" class="whitespace-nowrap" href="/house">{HOUSE_FILES_PAGE.backToTheHouse}</Button>
	</header>
	{#if form && 'message' in form && form.message}<Notice tone="wrong"><span>{form.message}</span></Notice>
	{:else if form && 'said' in form && form.said}<Notice><span>{form.said}</span></Notice>{/if}
	{#if report}
		<section class="report" aria-label={HOUSE_FILES_PAGE.whatTheFileSays} role="status">
			<h2>{report.says}</h2>
			{#if report.note}<p class="dim">{report.note}</p>{/if}
			{#if report.reports.length > 0}
				<ul class="m-0 p-0">
					{#each report.reports as one, i (i)}<li>
							<b
								>{one.line > 0 ? HOUSE_FILES_PAGE.line(one.line) : ''}{one.column
									? `, ${one.column}`
									: ''}{one.line > 0 || one.column ? ':' : ''}</b
							>
							{one.says}
						</li>{/each}
				</ul>
			{/if}
			{#if report.list.length > 0}<ul class="m-0 p-0 columns-2 text-tin-text">
					{#each report.list as one, i (i)}<li>{one}</li>{/each}
				</ul>{/if}
			{#if report.text !== null}
				<form method="post" action="/house/files?/{report.kind}" enctype="multipart/form-data" use:once>
					<input type="hidden" name="id" value={view.formId} /><input type="hidden" name="write" value="1" />
					<textarea name="text" hidden>{report.text}</textarea>
					<Button kind="solid" type="submit">{HOUSE_FILES_PAGE.saveItInHistory}</Button>
				</form>
			{/if}
		</section>
	{/if}
	<div class="shelves">
		<section class="home grid gap-3.5 content-start">
			<h2>{HOUSE_FILES_PAGE.theWholeHome}</h2>
			<p class="dim">
				{HOUSE_FILES_PAGE.everyVersionOfItAnd}
				<Button kind="link" href="/schema/home.json">{HOUSE_FILES_PAGE.howTheFileIsWritten}</Button>
			</p>
			<p>
				<Button href="/house/files/home.json" download>{HOUSE_FILES_PAGE.saveABackupOfEverything}</Button>
			</p>
			<RestoreBackup formId={view.formId} />
		</section>
		<section class="tables grid gap-3.5 content-start">
			<h2>{HOUSE_FILES_PAGE.tables}</h2>
			<p class="dim">{HOUSE_FILES_PAGE.forASpreadsheetComingIn}</p>
			<p class="flex flex-wrap gap-2.5">
				<Button href="/house/files/jobs.csv" download>{HOUSE_FILES_PAGE.saveJobsAsATable}</Button><Button
					href="/house/files/products.csv"
					download>{HOUSE_FILES_PAGE.saveProductsAsATable}</Button
				><Button href="/house/files/ledger.csv" download>{HOUSE_FILES_PAGE.saveHistoryAsATable}</Button>
			</p>
			<div class="grid grid-cols-[repeat(auto-fit,minmax(240px,1fr))] gap-x-6 gap-y-3.5">
				{#each TABLES as [kind, words] (kind)}
					<form
						class="grid content-start gap-2 justify-items-start"
						method="post"
						action="/house/files?/{kind}"
						enctype="multipart/form-data"
						use:once
					>
						<FileField label={words} name="file" accept=".csv,text/csv" required />
						<Button type="submit">{HOUSE_FILES_PAGE.seeWhatWouldChange}</Button>
					</form>
				{/each}
			</div>
		</section>
		<section class="grid gap-3.5 content-start" id="calendar">
			<h2>{HOUSE_FILES_PAGE.calendar}</h2>
			<p class="dim">
				{CALENDAR_FEED.says}
			</p>
			<Switch label={CALENDAR_FEED.todos} line={CALENDAR_FEED.todosLine} bind:checked={todos} />
			<ul class="feeds m-0 p-0">
				{#each view.feeds as feed (feed.member)}
					<li>
						<b>{feed.name}</b>
						{#if feed.path}<TextField
								label={HOUSE_FILES_PAGE.addressFor(feed.name)}
								hideLabel
								class="col-span-full row-start-2"
								readonly
								value="{data.origin}{feed.path}{todos ? '?todo=1' : ''}"
							/>{/if}
						<form class="grid gap-2 justify-items-start" method="post" action="/house/files?/feed" use:once>
							<input type="hidden" name="member" value={feed.member} />
							<Button kind="link" type="submit"
								>{feed.path ? HOUSE_FILES_PAGE.renew : HOUSE_FILES_PAGE.makeAnAddress}</Button
							>
						</form>
					</li>
				{/each}
			</ul>
			<form
				class="grid gap-2 justify-items-start"
				method="post"
				action="/house/files?/calendar"
				enctype="multipart/form-data"
				use:once
			>
				<FileField
					label={HOUSE_FILES_PAGE.aFamilyCalendarIn}
					name="file"
					accept=".ics,text/calendar"
					required
				/>
				<Choice
					label={HOUSE_FILES_PAGE.whoseCalendarItIs}
					name="member"
					options={[
						{ value: '', label: HOUSE_FILES_PAGE.everybodys },
						...view.members.map((member) => ({ value: member.id, label: `${member.name}’s` }))
					]}
				/>
				<Button type="submit">{HOUSE_FILES_PAGE.seeWhatWouldChange}</Button>
			</form>
		</section>
	</div>
</div>

<style>
	.files {
		padding: 8px calc(var(--page-edge) - var(--rim)) 24px;
	}
	.shelves {
		display: grid;
		grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr);
		grid-template-rows: auto 1fr;
		gap: 0 56px;
		margin-top: 18px;
	}
	#calendar {
		grid-column: 2;
		grid-row: 1 / 3;
	}
	.tables {
		margin-top: 26px;
		padding-top: 20px;
		border-top: var(--stitch);
	}
	.feeds li {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 4px 10px;
		padding: 8px 0;
		border-bottom: 1px solid var(--tin-1);
		align-items: center;
	}
	.report {
		margin-top: 14px;
		padding: 16px 20px;
		border: 2.5px solid var(--cobalt-ink);
		border-radius: 12px;
		background: var(--enamel-hi);
	}
	.report ul {
		max-height: 220px;
		overflow: auto;
		margin: 8px 0;
	}
	@media (max-width: 1000px) {
		.shelves {
			grid-template-columns: minmax(0, 1fr);
			grid-template-rows: none;
		}
		#calendar {
			grid-column: 1;
			grid-row: auto;
			margin-top: 26px;
			padding-top: 20px;
			border-top: var(--stitch);
		}
		.files {
			padding: 12px 15px 24px;
		}
	}
</style>
