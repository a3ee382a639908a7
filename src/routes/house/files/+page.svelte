<script lang="ts">
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
		['jobs', 'Read jobs from a table'],
		['products', 'Read products from a table'],
		['ledger', 'Read history from a table']
	] as const;
</script>

<svelte:head><title>Backup and files · Pail Round</title></svelte:head>

<div class="files">
	<header class="flex items-baseline justify-between">
		<h1>Backup and files</h1>
		<a class="text-link" href="/house">Back to the house</a>
	</header>
	{#if form && 'message' in form && form.message}<Notice tone="wrong"><span>{form.message}</span></Notice>
	{:else if form && 'said' in form && form.said}<Notice><span>{form.said}</span></Notice>{/if}
	{#if report}
		<section class="report" aria-label="What the file says" role="status">
			<h2>{report.says}</h2>
			{#if report.note}<p class="dim">{report.note}</p>{/if}
			{#if report.reports.length > 0}
				<ul class="m-0 p-0">
					{#each report.reports as one, i (i)}<li>
							<b
								>{one.line > 0 ? `Line ${one.line}` : ''}{one.column ? `, ${one.column}` : ''}{one.line > 0 ||
								one.column
									? ':'
									: ''}</b
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
					<button class="sign small">Save it in History</button>
				</form>
			{/if}
		</section>
	{/if}
	<div class="shelves">
		<section class="home grid gap-3.5 content-start">
			<h2>The whole home</h2>
			<p class="dim">
				Every version of it, and everything that was done, in one open file. <a
					class="text-link"
					href="/schema/home.json">How the file is written</a
				>
			</p>
			<p><a class="plain" href="/house/files/home.json" download>Save a backup of everything</a></p>
			<RestoreBackup formId={view.formId} />
		</section>
		<section class="tables grid gap-3.5 content-start">
			<h2>Tables</h2>
			<p class="dim">For a spreadsheet. Coming in, each line is looked at before anything is written.</p>
			<p class="flex flex-wrap gap-2.5">
				<a class="plain" href="/house/files/jobs.csv" download>Save jobs as a table</a><a
					class="plain"
					href="/house/files/products.csv"
					download>Save products as a table</a
				><a class="plain" href="/house/files/ledger.csv" download>Save history as a table</a>
			</p>
			<div class="grid grid-cols-[repeat(auto-fit,minmax(240px,1fr))] gap-x-6 gap-y-3.5">
				{#each TABLES as [kind, words] (kind)}
					<form
						class="grid gap-2 justify-items-start"
						method="post"
						action="/house/files?/{kind}"
						enctype="multipart/form-data"
						use:once
					>
						<FileField label={words} name="file" accept=".csv,text/csv" required />
						<button class="plain">See what would change</button>
					</form>
				{/each}
			</div>
		</section>
		<section class="grid gap-3.5 content-start" id="calendar">
			<h2>Calendar</h2>
			<p class="dim">
				{CALENDAR_FEED.says}
			</p>
			<Switch label={CALENDAR_FEED.todos} line={CALENDAR_FEED.todosLine} bind:checked={todos} />
			<ul class="feeds m-0 p-0">
				{#each view.feeds as feed (feed.member)}
					<li>
						<b>{feed.name}</b>
						{#if feed.path}<TextField
								label="Address for {feed.name}"
								hideLabel
								class="col-span-full row-start-2"
								readonly
								value="{data.origin}{feed.path}{todos ? '?todo=1' : ''}"
							/>{/if}
						<form class="grid gap-2 justify-items-start" method="post" action="/house/files?/feed" use:once>
							<input type="hidden" name="member" value={feed.member} />
							<button class="text-link">{feed.path ? 'Renew' : 'Make an address'}</button>
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
				<FileField label="A family calendar, in" name="file" accept=".ics,text/calendar" required />
				<Choice
					label="Whose calendar it is"
					name="member"
					options={[
						{ value: '', label: 'everybody’s' },
						...view.members.map((member) => ({ value: member.id, label: `${member.name}’s` }))
					]}
				/>
				<button class="plain">See what would change</button>
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
