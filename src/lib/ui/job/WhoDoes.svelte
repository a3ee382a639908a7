<script lang="ts">
	/** The tool for who does it: how they share it, and who may. Who may not stands there with the reason. */
	import type { JobEditorView } from '$views/jobEditor';
	import { EDITOR, TURNS_EVERY, WHO_MODES } from '$words/jobEditor';
	import Check from '../kit/Check.svelte';
	import Radios from '../kit/Radios.svelte';
	import type { JobFields } from './jobFields.svelte';
	let { view, fields }: { view: JobEditorView; fields: JobFields } = $props();
	const with_ = (id: string, on: boolean) =>
		(fields.members = on
			? [...new Set([...fields.members, id])]
			: fields.members.filter((one) => one !== id));
</script>

<div class="flex flex-wrap gap-x-12 gap-y-4">
	<Radios label={EDITOR.whoDoes} options={WHO_MODES} bind:value={fields.who} />
	<div class="grid content-start">
		<span class="font-name">{EDITOR.whoMay}</span>
		<div class="grid gap-x-8 sm:grid-cols-2">
			{#each view.people as person (person.id)}
				<Check
					label={person.name}
					line={person.why ?? ''}
					checked={fields.who !== 'free' && fields.members.includes(person.id)}
					disabled={fields.who === 'free'}
					onchange={(on) => with_(person.id, on)}
				/>
			{/each}
		</div>
	</div>
	{#if fields.who === 'turns'}<Radios
			label={EDITOR.turnsEvery}
			options={TURNS_EVERY}
			bind:value={fields.turnsEvery}
		/>{/if}
</div>
