<script lang="ts">
	/** Who lives here, when they are there, whose room is whose. Everything can be left out. */
	import TextField from '../kit/TextField.svelte';
	import Choice from '../kit/Choice.svelte';
	import Animal from './Animal.svelte';
	import Touch from './Touch.svelte';
	import TouchForm from './TouchForm.svelte';
	import type { BeginView } from '$views/setup';
	let { view }: { view: BeginView } = $props();
	const ROLES: Record<string, string> = {
		organiser: 'organises',
		adult: 'adult',
		child: 'child',
		helper: 'helps on a day'
	};
	const PRESENCE = [
		['always', 'at home'],
		['school', 'at school until three'],
		['evenings', 'evenings and weekends'],
		['weekends', 'weekends'],
		['oneday', 'one day a week']
	] as const;
	const PETS = [
		['cat', 'Cat'],
		['dog', 'Dog'],
		['bird', 'Bird'],
		['small', 'Small animal'],
		['fish', 'Fish']
	] as const;
	const own = $derived(view.draft.rooms.filter((room) => room.kind === 'bedroom' || room.kind === 'child'));
	let role = $state('adult');
	/** Children are at school, grown-ups at work. */
	const presenceFor = (role: string) =>
		PRESENCE.filter(([value]) => value !== (role === 'child' ? 'evenings' : 'school'));
	/** Whoever is named first and is grown up begins the home, and organises it. */
	const organiser = $derived(
		view.draft.people.find((person) => person.role === 'organiser' || person.role === 'adult')?.id
	);
	const WEEKDAYS = $derived(view.weekdays);
</script>

<div class="people">
	<section aria-labelledby="people-title">
		<h1 id="people-title">Who lives here?</h1>
		<p class="dim">Names are enough. Jobs are given by age, and to whoever is there.</p>
		<ul class="rail">
			{#each view.draft.people as person (person.id)}
				<li>
					<div class="tape-name">
						<b>{person.name}</b>
						<span
							>{person.id === organiser ? ROLES.organiser : ROLES[person.role]}{person.bornOn
								? `, born ${person.bornOn.slice(0, 4)}`
								: ''}</span
						>
					</div>
					<div class="choices" role="group" aria-label="When {person.name} is there">
						{#each presenceFor(person.role) as [value, words] (value)}
							<Touch
								values={{ op: 'presence', person: person.id, presence: value }}
								pressed={person.presence === value}
								><span class="chip" class:on={person.presence === value}>{words}</span></Touch
							>
						{/each}
					</div>
					{#if person.presence === 'oneday'}
						<div class="choices" role="group" aria-label="On which day {person.name} comes">
							{#each WEEKDAYS as day (day.number)}
								<Touch
									values={{
										op: 'presence',
										person: person.id,
										presence: 'oneday',
										weekday: String(day.number)
									}}
									pressed={person.weekday === day.number}
									label={day.name}
									><span class="chip" class:on={person.weekday === day.number}>{day.name.slice(0, 3)}</span
									></Touch
								>
							{/each}
						</div>
					{/if}
					<Touch values={{ op: 'unperson', person: person.id }} kind="text-link" label="Remove {person.name}"
						>Remove</Touch
					>
				</li>
			{/each}
		</ul>
		<TouchForm values={{ op: 'person' }} empties class="add">
			<TextField
				label={view.draft.people.length === 0 ? 'Your own name' : 'Name'}
				name="name"
				maxlength={80}
				autocomplete="off"
				required
			/>
			<Choice
				label="Who it is"
				name="role"
				bind:value={role}
				options={[
					{ value: 'adult', label: 'adult' },
					{ value: 'child', label: 'child' },
					{ value: 'helper', label: 'helper on a day' }
				]}
			/>
			{#if role === 'child'}<TextField
					label="Age"
					name="age"
					inputmode="numeric"
					size={3}
					maxlength={3}
				/>{/if}
			<button class="plain">Add person</button></TouchForm
		>
		<h2 class="animals">And animals</h2>
		<ul class="pets">
			{#each PETS as [kind, word] (kind)}
				{@const on = view.draft.pets.some((pet) => pet.kind === kind)}
				<li>
					<Touch values={{ op: 'pet', kind }} pressed={on}><Animal {kind} {word} {on} /></Touch>
				</li>
			{/each}
		</ul>
	</section>
	<section class="right">
		{#if own.length > 0 && view.draft.people.length > 0}
			<h2>Whose room is whose</h2>
			<p class="dim">Beds and tidying there go to whoever it belongs to.</p>
			<ul class="own">
				{#each own as room (room.id)}
					<li>
						<b>{room.name}</b>
						<span class="choices">
							{#each view.draft.people.filter((person) => person.role !== 'helper') as person (person.id)}
								<Touch
									values={{ op: 'owner', room: room.id, person: person.id }}
									pressed={room.owners.includes(person.id)}
									label="{room.name} belongs to {person.name}"
									><span class="chip" class:on={room.owners.includes(person.id)}>{person.name}</span></Touch
								>
							{/each}
						</span>
					</li>
				{/each}
			</ul>
		{/if}
		<div class="way-on">
			<Touch values={{ op: 'step', step: 'rhythm' }} kind="plain">Back to how you clean</Touch>
			<Touch values={{ op: 'step', step: 'first-morning' }} kind="sign">Next: the first morning</Touch>
		</div>
	</section>
</div>

<style>
	.people {
		display: grid;
		grid-template-columns: minmax(0, 1.5fr) minmax(400px, 1fr);
		gap: 48px;
		flex: 1;
	}
	h2 {
		margin-top: 4px;
	}
	.animals {
		margin-top: 30px;
	}
	.dim {
		font-size: var(--t-lead);
		margin-top: 6px;
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	.rail {
		margin-top: 18px;
		border-top: 7px solid var(--wood);
		border-radius: 4px;
		padding-top: 14px;
	}
	.rail li {
		display: flex;
		align-items: center;
		gap: 18px;
		padding: 10px 4px;
		border-bottom: 1px solid var(--tin-1);
		flex-wrap: wrap;
	}
	.tape-name {
		min-width: 150px;
		padding: 8px 16px;
		border: 2px solid var(--cobalt-ink);
		border-radius: 4px;
		background: var(--enamel-hi);
		display: grid;
		line-height: 1.2;
	}
	.tape-name span {
		color: var(--tin-text);
		font-size: 0.9375rem;
	}
	.choices {
		display: flex;
		flex-wrap: wrap;
		gap: 6px;
	}
	.chip {
		display: grid;
		place-items: center;
		min-height: 34px;
		padding: 0 12px;
		border: 1.5px solid var(--tin-2);
		border-radius: 8px;
	}
	.chip.on {
		border: 2px solid var(--cobalt-ink);
		background: var(--cobalt-wash);
		font-weight: var(--w-name);
	}
	.rail li > :global(form:last-child button) {
		margin-left: auto;
	}
	section :global(.add) {
		display: grid;
		grid-template-columns: 1.2fr 1fr 1fr auto;
		gap: 12px;
		align-items: end;
		margin-top: 22px;
	}
	.own li {
		display: flex;
		justify-content: space-between;
		align-items: center;
		gap: 14px;
		padding: 10px 0;
		border-bottom: 1px solid var(--tin-1);
		flex-wrap: wrap;
	}
	.pets {
		display: grid;
		grid-template-columns: repeat(5, minmax(0, 92px));
		gap: 12px;
		margin-top: 14px;
	}
	.right {
		display: flex;
		flex-direction: column;
	}
	@media (max-width: 1000px) {
		.people {
			grid-template-columns: minmax(0, 1fr);
			gap: 20px;
		}
		section :global(.add) {
			grid-template-columns: 1fr;
		}
	}
</style>
