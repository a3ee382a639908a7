<script lang="ts">
	/** A backup becomes a home of its own; it tells how far it is, and what of the file cannot be read. */
	import Button from '../kit/Button.svelte';
	import { HOUSE_RESTORE_BACKUP } from '$words/screens/house';
	import FileField from '../kit/FileField.svelte';
	import { freshId } from '../freshId';
	import Notice from '../Notice.svelte';
	let { formId }: { formId: string } = $props();
	interface Problem {
		at: string;
		says: string;
	}
	let taking = $state<{ done: number; of: number } | null>(null);
	let problems = $state<Problem[]>([]);
	let taken = $state<string | null>(null);
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
						at: HOUSE_RESTORE_BACKUP.theFile,
						says: response.status === 413 ? HOUSE_RESTORE_BACKUP.tooLarge : HOUSE_RESTORE_BACKUP.notSent
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
				{
					at: HOUSE_RESTORE_BACKUP.theConnection,
					says: HOUSE_RESTORE_BACKUP.lost
				}
			];
		} finally {
			taking = null;
		}
	}
</script>

<form
	class="grid gap-2 justify-items-start"
	onsubmit={takeIn}
	enctype="multipart/form-data"
	method="post"
	action="/house/files/import"
>
	<input type="hidden" name="id" value={formId} />
	<FileField
		label={HOUSE_RESTORE_BACKUP.restoreABackupAsA}
		name="file"
		accept=".json,application/json"
		required
	/>
	<Button type="submit" disabled={taking !== null}>{HOUSE_RESTORE_BACKUP.restoreThisBackup}</Button>
</form>
{#if taking}<p role="status">
		{taking.of > 0 ? HOUSE_RESTORE_BACKUP.ofEntries(taking.done, taking.of) : HOUSE_RESTORE_BACKUP.reading}
		<progress max={Math.max(1, taking.of)} value={taking.done}></progress>
	</p>{/if}
{#if taken}
	<form class="grid gap-2 justify-items-start" method="post" action="/home" role="status">
		<p>
			{HOUSE_RESTORE_BACKUP.itIsRestored}
			<Button kind="link" type="submit" name="home" value={taken}>{HOUSE_RESTORE_BACKUP.goToIt}</Button>
		</p>
	</form>
{/if}
{#if problems.length > 0}
	<Notice tone="wrong"><span>{HOUSE_RESTORE_BACKUP.nothingWasWritten}</span></Notice>
	<ul aria-label={HOUSE_RESTORE_BACKUP.whatIsWrongWithThe}>
		{#each problems as problem, i (i)}<li class="py-1 wrap-anywhere">
				<b>{problem.at}</b>: {problem.says}
			</li>{/each}
	</ul>
{/if}
