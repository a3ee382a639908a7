<script lang="ts">
	/** What of a job is seldom changed: weight, layer, first day, what it asks and covers, rungs, looks, its steps. */
	import type { JobEditorView } from '$views/jobEditor';
	let { view }: { view: JobEditorView } = $props();
	const job = $derived(view.job);
	const CLASSES = [
		'sets something going',
		'clear',
		'dust',
		'wipe',
		'shine',
		'sanitary',
		'floor, dry',
		'floor, wet',
		'put back'
	];
	const DEPTHS = [
		['quick', 'Quick'],
		['usual', 'Usual'],
		['deep', 'Deep']
	] as const;
	/** The steps of a depth, and two empty rows for more. */
	const stepsOf = (depth: 'quick' | 'usual' | 'deep') => [...(job.depths[depth]?.steps ?? []), null, null];
</script>

<details class="more">
	<summary class="text-link">Steps, rungs, look-round, what it asks and covers</summary>
	<div class="grid">
		<label
			><span>Weight, 1 nice to 5 health</span><input
				class="field"
				name="weight"
				inputmode="numeric"
				value={job.weight}
			/></label
		>
		<label
			><span>Layer</span><select class="field" name="layer" value={job.layer}
				><option value="basics">basics</option><option value="weekly">weekly round</option><option
					value="zone">zone work</option
				><option value="long">long rounds</option></select
			></label
		>
		<label
			><span>First day</span><input
				class="field"
				type="date"
				name="startsOn"
				value={job.startsOn ?? ''}
			/></label
		>
		<label
			><span>What it needs, with commas</span><input
				class="field"
				name="needs"
				value={job.needs.join(', ')}
			/></label
		>
		<label
			><span>What one must have learnt</span><input
				class="field"
				name="skill"
				value={job.skill ?? ''}
				maxlength="60"
				placeholder="ladder"
			/></label
		>
		<label
			><span>From which age</span><input
				class="field"
				name="fromAge"
				inputmode="numeric"
				value={job.fromAge ?? ''}
			/></label
		>
		<label
			><span>In turns, a turn is</span><select class="field" name="every" value={job.who.every ?? 'time'}
				><option value="time">once</option><option value="day">a day</option><option value="week"
					>a week</option
				></select
			></label
		>
		<label
			><span>Rungs to grow into it, easy to whole, a line each</span><textarea
				class="field"
				name="rungs"
				rows="3">{job.rungs.join('\n')}</textarea
			></label
		>
		<label
			><span>Where to look round at the end, a line each</span><textarea
				class="field"
				name="lookRound"
				rows="3">{job.lookRound.join('\n')}</textarea
			></label
		>
		<label class="check"><input type="checkbox" name="noisy" checked={job.noisy} /> It is noisy</label>
		<label class="check"
			><input type="checkbox" name="hidden" checked={job.hidden} /> Unseen work: planning, shopping, bills</label
		>
	</div>
	{#if view.others.length > 0}
		<fieldset>
			<legend>Doing it covers</legend>
			{#each view.others as other (other.id)}<label class="chip"
					><input
						type="checkbox"
						name="covers"
						value={other.id}
						checked={job.covers.includes(other.id)}
					/><span>{other.name}</span></label
				>{/each}
		</fieldset>
	{/if}
	{#each DEPTHS as [depth, word] (depth)}
		{#if job.depths[depth] || depth === 'usual'}
			<fieldset class="steps">
				<legend>{word}: its steps</legend>
				{#each stepsOf(depth) as one, i (i)}
					<div>
						{@render cell(
							`${depth}-text`,
							one?.text,
							`${word}, step ${i + 1}`,
							one ? '' : 'one more step',
							160
						)}
						{@render cell(`${depth}-minutes`, one?.minutes, `Minutes of step ${i + 1}`, 'min')}
						<select
							class="field"
							name="{depth}-class"
							value={String(one?.class ?? 3)}
							aria-label="Kind of step {i + 1}"
							>{#each CLASSES as name, k (k)}<option value={String(k)}>{name}</option>{/each}</select
						>
						{@render cell(
							`${depth}-wait`,
							one?.wait?.label,
							`Then waits for, step ${i + 1}`,
							'then waits: what',
							80
						)}
						{@render cell(`${depth}-min`, one?.wait?.min, `Least wait of step ${i + 1}`, 'least')}
						{@render cell(`${depth}-max`, one?.wait?.max, `Longest wait of step ${i + 1}`, 'longest')}
					</div>
				{/each}
			</fieldset>
		{/if}
	{/each}
</details>

{#snippet cell(
	name: string,
	value: string | number | undefined,
	label: string,
	placeholder: string,
	letters: number | undefined = undefined
)}
	<input
		class="field"
		{name}
		value={value ?? ''}
		aria-label={label}
		{placeholder}
		inputmode={letters === undefined ? 'decimal' : 'text'}
		maxlength={letters}
	/>
{/snippet}

<style>
	.more {
		background: var(--linen-hi);
		margin: 0 calc(-1 * var(--edge));
		padding: 6px var(--edge) 14px;
	}
	.more summary {
		list-style: none;
		cursor: pointer;
		padding: 6px 0;
	}
	.grid {
		display: grid;
		grid-template-columns: repeat(5, 1fr);
		gap: 12px;
		align-items: end;
		margin: 12px 0;
	}
	.grid span {
		display: block;
		color: var(--tin-text);
	}
	.check {
		display: flex;
		gap: 8px;
		align-items: center;
		min-height: 48px;
	}
	fieldset {
		border: 0;
		margin: 12px 0;
		padding: 0;
		display: flex;
		flex-wrap: wrap;
		gap: 8px;
	}
	legend {
		font-weight: var(--w-name);
		padding: 0 0 6px;
	}
	.steps {
		display: grid;
		gap: 6px;
	}
	.steps > div {
		display: grid;
		grid-template-columns: 2.4fr 70px 1.2fr 1.4fr 76px 86px;
		gap: 8px;
	}
	.steps .field {
		min-height: 42px;
		padding: 0 10px;
		font-size: 1rem;
	}
	@media (max-width: 1000px) {
		.grid {
			grid-template-columns: 1fr;
		}
		.steps > div {
			grid-template-columns: 1fr 70px;
		}
	}
</style>
