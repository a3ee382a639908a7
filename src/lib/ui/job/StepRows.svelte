<script lang="ts">
	/** The steps of one depth: what, minutes, what kind of work, and what runs or soaks after it. */
	import { JOB_STEP_ROWS } from '$words/screens/house';
	import Trash from '@lucide/svelte/icons/trash';
	import Plus from '@lucide/svelte/icons/plus';
	import { appliancesFor, EDITOR, RINSE, RINSES, STEP_KINDS, surfacesFor, usesFor } from '$words/jobEditor';
	import type { JobEditorView } from '$views/jobEditor';
	import Button from '../kit/Button.svelte';
	import Choice from '../kit/Choice.svelte';
	import TextField from '../kit/TextField.svelte';
	import Toggles from '../kit/Toggles.svelte';
	import { mayUse } from '$core/cupboard/ask';
	import type { Family } from '$core/cupboard/products';
	import { SAME_USES } from '$core/setup/jobForm';
	import { answerWords } from '$words/supplies/ask';
	import { emptyStep, type DepthName, type JobFields, type StepFields } from './jobFields.svelte';
	let {
		fields,
		depth,
		word,
		products,
		things
	}: {
		fields: JobFields;
		depth: DepthName;
		word: string;
		products: JobEditorView['products'];
		things: JobEditorView['things'];
	} = $props();
	/** What the job needs at hand, to say which step is done with it. */
	const hand = $derived(
		fields.atHand.map((one) => ({
			value: one,
			label: things.find((thing) => thing.id === one)?.name ?? one
		}))
	);
	const kinds = STEP_KINDS.map((label, i) => ({ value: String(i), label }));
	const steps = $derived(fields.steps[depth]);
	/** What the surface has against what is used on it; empty for nothing. */
	function said(step: StepFields): string {
		const families = (step.with.split('|')[1] ?? '').split(',').filter(Boolean) as Family[];
		if (families.length === 0 || step.surface === '') return '';
		const product = { families, perhaps: [] };
		const answer = mayUse({ product, surface: step.surface, wet: step.rinse !== '' });
		if (answer.verdict === 'yes') return '';
		const words = answerWords(answer, step.surface, product);
		return `${words.short} ${words.why.join(' ')}`;
	}
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
			class="grid grid-cols-2 items-start gap-x-3 gap-y-2 sm:grid-cols-[2fr_5.5rem_1.1fr_1.1fr_1.2fr_5.5rem_5.5rem_3rem]"
		>
			<div class="max-sm:col-span-2">
				<TextField
					label={EDITOR.step(i + 1)}
					maxlength={160}
					field={`${depth}-text[${i}]`}
					bind:value={step.text}
				/>
			</div>
			<TextField
				label={JOB_STEP_ROWS.minutes}
				aria-label={EDITOR.stepMinutes(i + 1)}
				inputmode="decimal"
				field={`${depth}-minutes[${i}]`}
				bind:value={step.minutes}
			/>
			<Choice
				label={JOB_STEP_ROWS.kindOfWork}
				options={kinds}
				field={`${depth}-class[${i}]`}
				bind:value={step.kind}
				onchange={changed}
			/>
			<Choice
				label={EDITOR.stepTakes}
				options={appliancesFor(step.appliance)}
				field={`${depth}-appliance[${i}]`}
				bind:value={step.appliance}
				onchange={changed}
			/>
			<TextField
				label={JOB_STEP_ROWS.thenItSoaksOrRuns}
				maxlength={80}
				field={`${depth}-wait[${i}]`}
				bind:value={step.wait}
			/>
			<TextField
				label={JOB_STEP_ROWS.atLeast}
				inputmode="decimal"
				field={`${depth}-min[${i}]`}
				bind:value={step.least}
			/>
			<TextField
				label={JOB_STEP_ROWS.atMost}
				inputmode="decimal"
				field={`${depth}-max[${i}]`}
				bind:value={step.most}
			/>
			<Button
				class="px-2! max-sm:justify-self-start sm:mt-7"
				aria-label={EDITOR.removeStep(i + 1)}
				disabled={steps.length === 1}
				onclick={() => {
					fields.steps[depth].splice(i, 1);
					changed();
				}}><Trash size={20} aria-hidden="true" /></Button
			>
			<div class="col-span-full grid grid-cols-1 gap-x-3 gap-y-2 min-[480px]:grid-cols-3">
				<Choice
					label={EDITOR.stepWith}
					options={usesFor(products, step.with)}
					field={`${depth}-with[${i}]`}
					bind:value={step.with}
					onchange={changed}
				/>
				{#if step.with !== '' && step.with !== SAME_USES}
					<Choice
						label={EDITOR.stepOn}
						options={surfacesFor(step.surface)}
						field={`${depth}-surface[${i}]`}
						bind:value={step.surface}
						onchange={changed}
					/>
					<Choice
						label={EDITOR.stepRinse}
						options={step.with.endsWith('|water') ? [...RINSES, RINSE] : RINSES}
						bind:value={step.rinse}
						onchange={changed}
					/>
				{/if}
				{#if hand.length > 0}<div class="min-[480px]:col-span-3">
						<Toggles
							label={EDITOR.stepTools(i + 1)}
							options={hand}
							many
							value={step.tools.filter((one) => fields.atHand.includes(one))}
							onchange={(to) => {
								step.tools = to;
								fields.stepsChanged = true;
							}}
						/>
					</div>{/if}
				{#if said(step)}<p class="m-0 font-name text-brass-text min-[480px]:col-span-3">{said(step)}</p>{/if}
			</div>
		</div>
	{/each}
	<div>
		<Button onclick={() => fields.steps[depth].push(emptyStep())}
			><Plus size={18} aria-hidden="true" />{EDITOR.addStep}</Button
		>
	</div>
</fieldset>
