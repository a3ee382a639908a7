<script lang="ts">
	import TypedTouch from './TypedTouch.svelte';
	/** Who lives here, when they are there, whose room is whose. Everything can be left out. */
	import Button from '../kit/Button.svelte';
	import { ROLES } from '$words/people';
	import { BEGIN_PEOPLE } from '$words/screens/begin';
	import TextField from '../kit/TextField.svelte';
	import Animal from './Animal.svelte';
	import Touch from './Touch.svelte';
	import type { BeginView } from '$views/setup';
	let { view }: { view: BeginView } = $props();
	/** Whoever begins a home is an adult, if they go on without saying it; a button pressed says otherwise. */
	const first = $derived({ op: 'person', ...(view.draft.people.length === 0 ? { role: 'adult' } : {}) });
	const ADD = [
		['adult', BEGIN_PEOPLE.addAdult],
		['child', BEGIN_PEOPLE.addChild],
		['helper', BEGIN_PEOPLE.addHelperOnADay]
	] as const;
	const PRESENCE = [
		['always', BEGIN_PEOPLE.atHome],
		['school', BEGIN_PEOPLE.atSchoolUntilThree],
		['evenings', BEGIN_PEOPLE.atWorkUntilFive],
		['weekends', 'weekends'],
		['oneday', BEGIN_PEOPLE.oneDayAWeek]
	] as const;
	const PETS = [
		['cat', BEGIN_PEOPLE.cat],
		['dog', BEGIN_PEOPLE.dog],
		['bird', BEGIN_PEOPLE.bird],
		['small', BEGIN_PEOPLE.smallAnimal],
		['fish', BEGIN_PEOPLE.fish]
	] as const;
	const own = $derived(view.draft.rooms.filter((room) => room.kind === 'bedroom' || room.kind === 'child'));
	/** Years that a child can be given at a touch. */
	const AGES = Array.from({ length: 18 }, (_, age) => age);
	/** Whose age is asked for again. */
	let aging = $state<string | null>(null);
	/** Names that tell apart who is called alike. */
	const nameOf = (person: { readonly id: string; readonly name: string }) =>
		view.apart.people[person.id] ?? person.name;
	const nameOfRoom = (room: { readonly id: string; readonly name: string }) =>
		view.apart.rooms[room.id] ?? room.name;
	/** Children are at school, grown-ups at work. */
	const presenceFor = (role: string) =>
		PRESENCE.filter(([value]) => value !== (role === 'child' ? 'evenings' : 'school'));
	/** Whoever is named first and is grown up begins the home, and organises it. */
	const organiser = $derived(
		view.draft.people.find((person) => person.role === 'organiser' || person.role === 'adult')?.id
	);
	const WEEKDAYS = $derived(view.weekdays);
</script>

<div
	class="grid grid-cols-[minmax(0,1.5fr)_minmax(400px,1fr)] gap-12 flex-1 max-md:grid-cols-[minmax(0,1fr)] max-md:gap-5"
>
	<section aria-labelledby="people-title">
		<h1 id="people-title">{BEGIN_PEOPLE.whoLivesHere}</h1>
		<p class="dim text-lead mt-1.5">{BEGIN_PEOPLE.namesAreEnoughJobsAre}</p>
		<ul class="rail mt-4.5 pt-3.5 border-t-7 border-t-wood rounded-[4px]">
			{#each view.draft.people as person (person.id)}
				<li class="grid gap-2.5 border-b border-b-tin-1 px-1 py-2.5">
					<div class="flex flex-wrap items-center gap-x-4.5 gap-y-2">
						<div
							class="min-w-37.5 py-2 px-4 border-2 border-cobalt-ink rounded-[4px] bg-enamel-hi grid leading-tight"
						>
							<b class="wrap-anywhere">{nameOf(person)}</b>
							<span class="text-tin-text text-[0.9375rem]"
								>{ROLES[person.id === organiser ? 'organiser' : person.role].name}{person.bornOn
									? BEGIN_PEOPLE.born(person.bornOn.slice(0, 4))
									: ''}</span
							>
						</div>
						{#if person.role === 'child' && person.bornOn && aging !== person.id}
							<Button
								kind="link"
								class="min-h-11!"
								aria-label={BEGIN_PEOPLE.changeTheAgeOf(nameOf(person))}
								onclick={() => (aging = person.id)}>{BEGIN_PEOPLE.age}</Button
							>
						{/if}
						<span class="ml-auto">
							<Touch
								values={{ op: 'unperson', person: person.id }}
								kind="link"
								label={BEGIN_PEOPLE.removeOf(nameOf(person))}>{BEGIN_PEOPLE.remove}</Touch
							>
						</span>
					</div>
					<div
						class="flex flex-wrap gap-1.5"
						role="group"
						aria-label={BEGIN_PEOPLE.whenIsThere(nameOf(person))}
					>
						{#each presenceFor(person.role) as [value, words] (value)}
							<Touch
								values={{ op: 'presence', person: person.id, presence: value }}
								pressed={person.presence === value}
								><span
									class={[
										'grid place-items-center min-h-8.5 px-3 rounded-[8px]',
										person.presence === value
											? 'border-2 border-cobalt-ink bg-cobalt-wash font-name'
											: 'border-[1.5px] border-tin-2'
									]}>{words}</span
								></Touch
							>
						{/each}
					</div>
					{#if person.role === 'child' && (!person.bornOn || aging === person.id)}
						<div
							class="flex flex-wrap items-center gap-1.5"
							role="group"
							aria-label={BEGIN_PEOPLE.howOldIs(nameOf(person))}
						>
							<span class="pr-1">{BEGIN_PEOPLE.howOld}</span>
							{#each AGES as age (age)}
								<Touch
									values={{ op: 'age', person: person.id, age: String(age) }}
									label={BEGIN_PEOPLE.years(age)}
									onkept={() => (aging = null)}
									><span
										class="grid min-h-11 min-w-11 place-items-center rounded-[8px] border-[1.5px] border-tin-2 sm:min-h-8.5 sm:min-w-8.5"
										>{age}</span
									></Touch
								>
							{/each}
						</div>
					{/if}
					{#if person.presence === 'oneday'}
						<div
							class="flex flex-wrap gap-1.5"
							role="group"
							aria-label={BEGIN_PEOPLE.onWhichDayComes(nameOf(person))}
						>
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
									><span
										class={[
											'grid place-items-center min-h-8.5 px-3 rounded-[8px]',
											person.weekday === day.number
												? 'border-2 border-cobalt-ink bg-cobalt-wash font-name'
												: 'border-[1.5px] border-tin-2'
										]}>{day.name.slice(0, 3)}</span
									></Touch
								>
							{/each}
						</div>
					{/if}
				</li>
			{/each}
		</ul>
		<TypedTouch of={{ name: '' }} id="person" values={first} adds class="add"
			>{#snippet children(typed, sending)}
				<TextField
					label={view.draft.people.length === 0 ? BEGIN_PEOPLE.yourOwnName : BEGIN_PEOPLE.name}
					name="name"
					value={typed.name}
					maxlength={80}
					autocomplete="off"
					required
				/>
				<span class="flex flex-wrap gap-2.5">
					{#each ADD as [role, words] (role)}
						<Button type="submit" {sending} name="role" value={role}>{words}</Button>
					{/each}
				</span>{/snippet}</TypedTouch
		>
		<h2 class="mt-7.5">{BEGIN_PEOPLE.andAnimals}</h2>
		<ul class="mt-3.5 grid grid-cols-[repeat(5,minmax(0,92px))] gap-3">
			{#each PETS as [kind, word] (kind)}
				{@const on = view.draft.pets.some((pet) => pet.kind === kind)}
				<li>
					<Touch values={{ op: 'pet', kind }} pressed={on}><Animal {kind} {word} {on} /></Touch>
				</li>
			{/each}
		</ul>
	</section>
	<section class="flex flex-col">
		{#if own.length > 0 && view.draft.people.length > 0}
			<h2 class="mt-1">{BEGIN_PEOPLE.whoseRoomIsWhose}</h2>
			<p class="dim text-lead mt-1.5">{BEGIN_PEOPLE.bedsAndTidyingThereGo}</p>
			<ul>
				{#each own as room (room.id)}
					<li class="flex justify-between items-center gap-3.5 py-2.5 border-b border-b-tin-1 flex-wrap">
						<b>{nameOfRoom(room)}</b>
						<span class="flex flex-wrap gap-1.5">
							{#each view.draft.people.filter((person) => person.role !== 'helper') as person (person.id)}
								<Touch
									values={{ op: 'owner', room: room.id, person: person.id }}
									pressed={room.owners.includes(person.id)}
									label={BEGIN_PEOPLE.belongsTo(nameOfRoom(room), nameOf(person))}
									><span
										class={[
											'grid place-items-center min-h-8.5 px-3 rounded-[8px]',
											room.owners.includes(person.id)
												? 'border-2 border-cobalt-ink bg-cobalt-wash font-name'
												: 'border-[1.5px] border-tin-2'
										]}>{nameOf(person)}</span
									></Touch
								>
							{/each}
						</span>
					</li>
				{/each}
			</ul>
		{/if}
		<div class="way-on">
			<Touch values={{ op: 'step', step: 'rhythm' }} kind="plain">{BEGIN_PEOPLE.backToHowYouClean}</Touch>
			<Touch values={{ op: 'step', step: 'first-morning' }} kind="solid"
				>{BEGIN_PEOPLE.nextTheFirstMorning}</Touch
			>
		</div>
	</section>
</div>

<style>
	section :global(.add) {
		display: grid;
		grid-template-columns: minmax(0, 1fr) auto;
		gap: 12px;
		align-items: end;
		margin-top: 22px;
	}
	@media (max-width: 1000px) {
		section :global(.add) {
			grid-template-columns: 1fr;
		}
	}
</style>
