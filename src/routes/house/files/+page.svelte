<script lang="ts">
	import Switch from '$ui/kit/Switch.svelte';
	import { CALENDAR_FEED } from '$words/files';
	import Choice from '$ui/kit/Choice.svelte';
	import { freshId } from '$ui/freshId';
	import Notice from '$ui/Notice.svelte';
	import { once } from '$ui/once';
	let { data, form } = $props();
	const view = $derived(data.view);
	interface Problem {
		at: string;
		says: string;
	}
	let taking = $state<{ done: number; of: number } | null>(null);
	let problems = $state<Problem[]>([]);
	let taken = $state<string | null>(null);
	const report = $derived(form && 'report' in form ? form.report : null);
	/** Sends the file and reads the lines that tell how far it is. */
	async function takeIn(event: SubmitEvent) {
		event.preventDefault();
		const file = new FormData(event.currentTarget as HTMLFormElement).get('file');
		problems = [];
		taken = null;
		taking = { done: 0, of: 0 };
		try {
			const response = await fetch(`/house/files/import?id=${freshId()}`, {
				method: 'POST',
				body: file,
				headers: { 'content-type': 'application/octet-stream' }
			});
			if (!response.body || (!response.ok && response.status !== 401)) {
				problems = [
					{
						at: 'the file',
						says:
							response.status === 413
								? 'The file is larger than 64 MB. A home is never that large; is it the right file?'
								: 'The file could not be sent. Try again in a moment.'
					}
				];
				return;
			}
			let rest = '';
			const reader = response.body.pipeThrough(new TextDecoderStream()).getReader();
			for (;;) {
				const { value, done } = await reader.read();
				rest += value ?? '';
				const lines = rest.split('\n');
				rest = lines.pop() ?? '';
				for (const line of lines) {
					const told = JSON.parse(line) as {
						entries?: number;
						done?: number;
						of?: number;
						ok?: boolean;
						household?: string;
						problems?: Problem[];
					};
					if (told.entries !== undefined) taking = { done: 0, of: told.entries };
					if (told.done !== undefined) taking = { done: told.done, of: told.of ?? 0 };
					if (told.problems) problems = told.problems;
					if (told.ok && told.household) taken = told.household;
				}
				if (done) break;
			}
		} catch {
			problems = [
				{ at: 'the connection', says: 'It was lost on the way, and nothing was written. Try again.' }
			];
		} finally {
			taking = null;
		}
	}
	/** Addresses lead to events, or to events and to-dos. */
	let todos = $state(false);
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
			<form
				class="grid gap-2 justify-items-start"
				onsubmit={takeIn}
				enctype="multipart/form-data"
				method="post"
				action="/house/files/import"
			>
				<input type="hidden" name="id" value={view.formId} />
				<label class="w-full"
					>Restore a backup as a home of its own <input
						class="field"
						type="file"
						name="file"
						accept=".json,application/json"
						required
					/></label
				>
				<button class="plain" disabled={taking !== null}>Restore this backup …</button>
			</form>
			{#if taking}<p role="status">
					{taking.of > 0 ? `${taking.done} of ${taking.of} entries …` : 'Reading …'}
					<progress max={Math.max(1, taking.of)} value={taking.done}></progress>
				</p>{/if}
			{#if taken}
				<form class="grid gap-2 justify-items-start" method="post" action="/home" role="status">
					<p>It is restored. <button class="text-link" name="home" value={taken}>Go to it</button></p>
				</form>
			{/if}
			{#if problems.length > 0}
				<Notice tone="wrong"><span>Nothing was written.</span></Notice>
				<ul class="problems m-0 p-0">
					{#each problems as problem, i (i)}<li><b>{problem.at}</b>: {problem.says}</li>{/each}
				</ul>
			{/if}
		</section>
		<section class="tables grid gap-3.5 content-start">
			<h2>Tables</h2>
			<p class="dim">For a spreadsheet. Coming in, each line is looked at before anything is written.</p>
			<p class="flex gap-2.5">
				<a class="plain" href="/house/files/jobs.csv" download>Save jobs as a table</a><a
					class="plain"
					href="/house/files/ledger.csv"
					download>Save history as a table</a
				>
			</p>
			<div class="grid grid-cols-[repeat(auto-fit,minmax(240px,1fr))] gap-x-6 gap-y-3.5">
				{#each [['jobs', 'Read jobs from a table'], ['ledger', 'Read history from a table']] as [kind, words] (kind)}
					<form
						class="grid gap-2 justify-items-start"
						method="post"
						action="/house/files?/{kind}"
						enctype="multipart/form-data"
						use:once
					>
						<label class="w-full"
							>{words} <input class="field" type="file" name="file" accept=".csv,text/csv" required /></label
						>
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
						{#if feed.path}<input
								class="field"
								readonly
								value="{data.origin}{feed.path}{todos ? '?todo=1' : ''}"
								aria-label="Address for {feed.name}"
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
				<label class="w-full"
					>A family calendar, in <input
						class="field"
						type="file"
						name="file"
						accept=".ics,text/calendar"
						required
					/></label
				>
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
	.field[type='file'] {
		padding: 9px 12px;
	}
	.feeds li {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 4px 10px;
		padding: 8px 0;
		border-bottom: 1px solid var(--tin-1);
		align-items: center;
	}
	.feeds .field {
		grid-column: 1 / -1;
		grid-row: 2;
		font-size: 0.9375rem;
		min-height: 40px;
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
	.problems li {
		padding: 4px 0;
		overflow-wrap: anywhere;
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
