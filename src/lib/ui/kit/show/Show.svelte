<script lang="ts">
	/** The parts of the kit at work: what a screen is made of, in every state. */
	import Brush from '@lucide/svelte/icons/brush';
	import Clock from '@lucide/svelte/icons/clock';
	import Button from '../Button.svelte';
	import Check from '../Check.svelte';
	import Choice from '../Choice.svelte';
	import CommandList from '../CommandList.svelte';
	import Confirm from '../Confirm.svelte';
	import DateField from '../DateField.svelte';
	import FileField from '../FileField.svelte';
	import Menu from '../Menu.svelte';
	import Message from '../Message.svelte';
	import More from '../More.svelte';
	import NumberField from '../NumberField.svelte';
	import Pin from '../Pin.svelte';
	import Progress from '../Progress.svelte';
	import CardRadios from '../CardRadios.svelte';
	import Radios from '../Radios.svelte';
	import Sheet from '../Sheet.svelte';
	import Shelf from '../Shelf.svelte';
	import Slider from '../Slider.svelte';
	import Switch from '../Switch.svelte';
	import Table from '../Table.svelte';
	import Tabs from '../Tabs.svelte';
	import TextField from '../TextField.svelte';
	import TimeField from '../TimeField.svelte';
	import Toggles from '../Toggles.svelte';
	import Tooltip from '../Tooltip.svelte';
	import { say } from '../messages';
	let { light = $bindable('day') }: { light?: 'day' | 'evening' } = $props();
	let told = $state('nothing yet');
	let sheet = $state(false);
	let asks = $state(false);
	let room = $state('washroom');
	let days = $state<readonly string[]>(['2']);
	let shares = $state('equal');
	let missed = $state('keep');
	let minutes = $state(6);
	let on = $state(false);
	let agreed = $state(false);
	let date = $state('2027-03-03');
	let time = $state('17:30');
	let span = $state([5, 15]);
	let pin = $state('');
	let tab = $state('week');
	let shelf = $state(false);
	let text = $state('');
	const ROOMS = [
		{ value: 'washroom', label: 'Washroom' },
		{ value: 'lamp-room', label: 'Lamp Room' },
		{ value: 'bunk-room', label: 'Bunk Room', why: 'the paint is drying until Friday' },
		{ value: 'parcels', label: 'Parcels Room with a name as long as they get' }
	];
	const DAYS = [
		['Mon', 'Monday'],
		['Tue', 'Tuesday'],
		['Wed', 'Wednesday'],
		['Thu', 'Thursday'],
		['Fri', 'Friday'],
		['Sat', 'Saturday'],
		['Sun', 'Sunday']
	].map(([label, long], i) => ({ value: String(i + 1), label: label as string, long: long as string }));
	const ROWS = [
		{ job: 'Washroom toilet', minutes: 6 },
		{ job: 'Mop the Lamp Room', minutes: 11 },
		{ job: 'Brush the cat', minutes: 5 }
	];
</script>

<div class="grid gap-8 px-edge py-4">
	<header class="flex flex-wrap items-center gap-4">
		<h1 class="m-0">The kit</h1>
		<Switch
			label="Dark colours"
			checked={light === 'evening'}
			onchange={(to) => (light = to ? 'evening' : 'day')}
		/>
		<p class="m-0 text-tin-text" role="status">Last: {told}</p>
	</header>

	<section aria-labelledby="kit-buttons" class="grid gap-3">
		<h2 id="kit-buttons" class="m-0">Buttons</h2>
		<div class="flex flex-wrap items-center gap-3">
			<Button kind="solid" size="large" onclick={() => (told = 'Start')}>Start</Button>
			<Button kind="solid" onclick={() => (told = 'Save')}>Save</Button>
			<Button onclick={() => (told = 'Done already')}>Done already</Button>
			<Button sending>Saving</Button>
			<Button kind="solid" sending>Saving</Button>
			<Button disabled>Cannot now</Button>
			<Button kind="solid" disabled>Cannot now</Button>
			<Button kind="link" onclick={() => (told = 'a link')}>See what would change</Button>
			<Button href="/kit">As a link</Button>
			<Menu
				label="Other ways to clean"
				lines={[
					{
						label: 'Quick tidy',
						line: 'what visitors see',
						icon: Brush,
						onpick: () => (told = 'Quick tidy')
					},
					{
						label: 'Fifteen minutes',
						line: 'in the zone',
						icon: Clock,
						onpick: () => (told = 'Fifteen')
					},
					{ label: 'Deep cleaning', disabled: true }
				]}>{#snippet trigger()}Other ways to clean{/snippet}</Menu
			>
			<Button onclick={() => (sheet = true)}>Open a sheet</Button>
			<Button onclick={() => (asks = true)}>Delete …</Button>
			<Button onclick={() => void say('Done: Washroom toilet.', { undo: () => (told = 'undone') })}
				>Say it</Button
			>
			<Tooltip
				text="A sign without words"
				class="inline-grid size-11 place-items-center rounded-button border-2 border-tin-2 bg-transparent text-cobalt-ink focus-visible:shadow-focus"
				><Brush size={20} aria-hidden="true" /></Tooltip
			>
		</div>
	</section>

	<section aria-labelledby="kit-fields" class="grid gap-4">
		<h2 id="kit-fields" class="m-0">Fields</h2>
		<div class="grid gap-5 sm:grid-cols-2 md:grid-cols-3">
			<TextField
				label="Name"
				value="Stair skirting"
				help="What the family calls it. Two jobs may have one name."
			/>
			<TextField label="Minutes" value="ten" wrong="Write the minutes as a number, such as 10." />
			<TextField label="Note" lines={3} value="The blue cloth, not the white one." />
			<Choice label="Room" options={ROOMS} bind:value={room} onchange={(to) => (told = to)} />
			<Choice label="Zone" options={ROOMS} value="lamp-room" disabled />
			<DateField label="Day" bind:value={date} onchange={(to) => (told = to)} />
			<DateField label="Day not given" value="" wrong="Choose a day." />
			<TimeField label="Time" bind:value={time} onchange={(to) => (told = to)} />
			<NumberField
				label="Usual minutes"
				bind:value={minutes}
				max={240}
				onchange={(to) => (told = String(to))}
			/>
			<FileField label="A file of a home" name="file" accept=".json" />
			<Pin label="Four figures" name="pin" hidden bind:value={pin} oncomplete={(to) => (told = to)} />
			<Slider
				label="Soaks for"
				names={['At least', 'At most']}
				bind:value={span}
				max={60}
				unit="min"
				onchange={(to) => (told = to.join(' to '))}
			/>
		</div>
	</section>

	<section aria-labelledby="kit-choices" class="grid gap-4">
		<h2 id="kit-choices" class="m-0">Choices</h2>
		<div class="grid gap-5 md:grid-cols-2">
			<Toggles
				label="On which days"
				options={DAYS}
				many
				bind:value={days}
				onchange={(to) => (told = to.join(','))}
			/>
			<Toggles
				label="How dirty it was"
				options={['less than usual', 'as usual', 'very'].map((one) => ({ value: one, label: one }))}
				value={['as usual']}
			/>
			<Radios
				label="If missed"
				options={[
					{ value: 'keep', label: 'keep it until it is done' },
					{
						value: 'until',
						label: 'keep it until Saturday, then skip it',
						line: 'Saturday is your catch-up day'
					},
					{ value: 'skip', label: 'skip it' }
				]}
				bind:value={missed}
				onchange={(to) => (told = to)}
			/>
			<CardRadios
				label="How the work is shared"
				name="shares"
				options={[
					{ value: 'equal', label: 'Equally', line: 'All the same.', more: '50, 50 %' },
					{ value: 'age', label: 'By age', line: 'Children do less.', more: '77, 23 %' }
				]}
				bind:value={() => shares, (to) => (told = `shares ${(shares = to)}`)}
			/>
			<div class="grid content-start gap-2">
				<Switch
					label="Weekly jobs"
					line="33 jobs, 210 min a week"
					bind:checked={on}
					onchange={(to) => (told = `weekly ${to}`)}
				/>
				<Check
					label="The floors come last"
					bind:checked={agreed}
					onchange={(to) => (told = `floors ${to}`)}
				/>
				<Switch label="Cannot be changed" checked disabled />
				<Check label="Cannot be changed either" checked disabled />
			</div>
		</div>
	</section>

	<section aria-labelledby="kit-more" class="grid gap-4">
		<h2 id="kit-more" class="m-0">What stands and opens</h2>
		<Tabs
			label="Schedule"
			tabs={[
				{ value: 'week', label: 'Week' },
				{ value: 'month', label: 'Month' }
			]}
			bind:value={tab}>{#snippet panel(value)}<p class="m-0">The {value}.</p>{/snippet}</Tabs
		>
		<More title="Rename, move or remove"><p class="m-0">What is rarely needed.</p></More>
		<Progress label="9 of 11 jobs done" done={9} of={11} />
		<Table
			label="Jobs"
			rows={ROWS}
			columns={[
				{ id: 'job', head: 'Job', value: (row) => row.job },
				{
					id: 'minutes',
					head: 'Minutes',
					value: (row) => row.minutes,
					text: (row) => `${row.minutes} min`,
					right: true
				}
			]}
		/>
		<CommandList
			label="Type a command"
			placeholder="toilet done, 6"
			bind:text
			lines={ROWS.map((row) => ({
				value: row.job,
				label: row.job,
				line: `${row.minutes} min`,
				onpick: () => (told = row.job)
			}))}>{#snippet empty()}Nothing by that name.{/snippet}</CommandList
		>
		<div>
			<Message><span>Saved. It holds from today.</span></Message>
			<Message tone="wrong"
				><span>The server does not answer. What you typed is still here; try again.</span></Message
			>
		</div>
	</section>
	<Shelf title="More options" line="How thorough, when missed, in which months" bind:open={shelf}
		><p class="m-0">What lies on the shelf.</p></Shelf
	>
</div>

<Sheet
	title="Washroom toilet"
	under="Washroom, weekly"
	open={sheet}
	onclose={() => {
		sheet = false;
		told = 'the sheet closed';
	}}
>
	<p>Steps, cautions, what was done.</p>
	<Button kind="solid" onclick={() => (sheet = false)}>Done</Button>
</Sheet>
<Confirm
	bind:open={asks}
	title="Delete this job?"
	text="What was done of it stays in History."
	yes="Delete this job"
	onyes={() => (told = 'deleted')}
/>
