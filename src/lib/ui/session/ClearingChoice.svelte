<script lang="ts">
	/** Which spot is cleared, how much of it, and whether the three containers stand ready: before the clock starts. */
	import TextField from '../kit/TextField.svelte';
	import Choice from '../kit/Choice.svelte';
	import type { Snippet } from 'svelte';
	import { once } from '../once';
	import Container from './Container.svelte';
	import type { FillView } from '$views/session';
	let { view, values, hidden }: { view: FillView; values: Record<string, string>; hidden: Snippet } =
		$props();
	const PORTIONS = [
		['all', 'All of it'],
		['half', 'A half'],
		['quarter', 'A quarter']
	];
</script>

<form class="choose" method="post" action="/timer?/start" use:once>
	<input type="hidden" name="id" value={view.formId} />
	{@render hidden()}
	<div class="where">
		<TextField
			label="Which spot"
			name="spot"
			maxlength={80}
			required
			placeholder="hall bench"
			value={values.spot ?? view.spot}
		/>
		<Choice
			label="In which room"
			name="room"
			value={values.room ?? (view.clearRooms.find((room) => room.chosen) ?? view.clearRooms[0])?.id}
			options={view.clearRooms.map((room) => ({ value: room.id, label: room.name }))}
		/>
		<fieldset class="bare-set">
			<legend>How much of it</legend>
			<span class="portions">
				{#each PORTIONS as [key, words], i (key)}
					<label class="portion"
						><input
							type="radio"
							name="portion"
							value={key}
							checked={(values.portion ?? 'all') === key || (i === 0 && !values.portion)}
						/>{words}</label
					>
				{/each}
			</span>
		</fieldset>
	</div>
	<div class="ready" aria-hidden="true">
		<Container kind="bin" count={null} />
		<Container kind="give" count={null} />
		<Container kind="put" count={null} />
		<span class="floor"></span>
	</div>
	<div class="linen foot">
		<p>
			<b>First get three containers:</b> bin, give away, put away. You stay in place while the clock runs. Afterwards
			everything is put away, with a clock of its own.
		</p>
		<button class="sign">They are ready, start</button>
	</div>
</form>

<style>
	.choose {
		flex: 1;
		display: flex;
		flex-direction: column;
	}
	.where {
		display: flex;
		flex-wrap: wrap;
		gap: 14px 30px;
		align-items: flex-end;
		padding: 18px calc(var(--page-edge) - var(--rim));
	}
	legend {
		display: block;
		margin-bottom: 4px;
		padding: 0;
		color: var(--tin-text);
	}
	.portions {
		display: flex;
		gap: 18px;
	}
	.portion {
		display: inline-flex;
		align-items: center;
		gap: 8px;
		min-height: 44px;
		white-space: nowrap;
	}
	.portion input {
		width: 22px;
		height: 22px;
		accent-color: var(--cobalt);
	}
	.ready {
		position: relative;
		flex: 1;
		display: grid;
		grid-template-columns: repeat(3, minmax(0, 150px));
		justify-content: center;
		align-items: end;
		gap: 6vw;
		min-height: 200px;
		padding: 0 20px 24px;
	}
	.floor {
		position: absolute;
		left: 0;
		right: 0;
		bottom: 22px;
		height: 5px;
		background: var(--tin-1);
	}
	.foot {
		display: flex;
		align-items: center;
		justify-content: space-between;
		gap: 24px;
		padding: 16px calc(var(--page-edge) - var(--rim)) 20px;
		border-top: var(--stitch);
	}
	.foot p {
		margin: 0;
		max-width: 62ch;
	}
	@media (max-width: 900px) {
		.where {
			padding: 14px 15px;
		}
		.ready {
			gap: 16px;
			min-height: 170px;
		}
		.foot {
			flex-direction: column;
			align-items: stretch;
			padding: 12px 15px 14px;
		}
	}
</style>
