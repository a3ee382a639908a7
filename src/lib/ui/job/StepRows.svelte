<script lang="ts">
	/** The steps of one depth: what, minutes, what kind of work, and what runs or soaks after it. */
	import Trash from '@lucide/svelte/icons/trash';
	import Plus from '@lucide/svelte/icons/plus';
	import { appliancesFor, EDITOR, STEP_KINDS } from '$words/jobEditor';
	import Button from '../kit/Button.svelte';
	import Choice from '../kit/Choice.svelte';
	import TextField from '../kit/TextField.svelte';
	import { emptyStep, type DepthName, type JobFields } from './jobFields.svelte';
	let { fields, depth, word }: { fields: JobFields; depth: DepthName; word: string } = $props();
	const kinds = STEP_KINDS.map((label, i) => ({ value: String(i), label }));
	const steps = $derived(fields.steps[depth]);
	/** Other steps make other minutes of the whole. */
	function changed() {
		fields.stepsChanged = true;
		const sum = fields.steps[depth].reduce(
			(total, step) => total + (Number(step.minutes.replace(',', '.')) || 0),
			0
		);
		if (sum > 0) fields.minutes[depth] = sum;
	}
</script>

<fieldset class="m-0 grid gap-4 border-0 p-0" oninput={changed}>
	<legend class="mb-2 p-0 font-display text-h3">{EDITOR.steps(word)}</legend>
	{#each steps as step, i (step)}
		<div
			class="grid grid-cols-2 items-end gap-x-3 gap-y-2 sm:grid-cols-[2fr_5rem_1.1fr_1.1fr_1.2fr_5rem_5rem_3rem]"
		>
			<div class="max-sm:col-span-2">
				<TextField label={EDITOR.step(i + 1)} maxlength={160} bind:value={step.text} />
			</div>
			<TextField
				label="Minutes"
				aria-label={EDITOR.stepMinutes(i + 1)}
				inputmode="decimal"
				bind:value={step.minutes}
			/>
			<Choice label="Kind of work" options={kinds} bind:value={step.kind} onchange={changed} />
			<Choice
				label={EDITOR.stepTakes}
				options={appliancesFor(step.appliance)}
				bind:value={step.appliance}
				onchange={changed}
			/>
			<TextField label="Then it soaks or runs" maxlength={80} bind:value={step.wait} />
			<TextField label="At least" inputmode="decimal" bind:value={step.least} />
			<TextField label="At most" inputmode="decimal" bind:value={step.most} />
			<Button
				class="px-2! max-sm:justify-self-start"
				aria-label={EDITOR.removeStep(i + 1)}
				disabled={steps.length === 1}
				onclick={() => {
					fields.steps[depth].splice(i, 1);
					changed();
				}}><Trash size={20} aria-hidden="true" /></Button
			>
		</div>
	{/each}
	<div>
		<Button onclick={() => fields.steps[depth].push(emptyStep())}
			><Plus size={18} aria-hidden="true" />{EDITOR.addStep}</Button
		>
	</div>
</fieldset>
