<script lang="ts">
	/** What the family has agreed. */
	import Button from '$ui/kit/Button.svelte';
	import { FIELDS } from '$ui/kit/styles';
	import { PEOPLE_FAMILY_PAGE } from '$words/screens/people';
	import CardRadios from '$ui/kit/CardRadios.svelte';
	import Radios from '$ui/kit/Radios.svelte';
	import Check from '$ui/kit/Check.svelte';
	import TextField from '$ui/kit/TextField.svelte';
	import Choice from '$ui/kit/Choice.svelte';
	import ActForm from '$ui/ActForm.svelte';
	import EditFields from '$ui/house/EditFields.svelte';
	import Notice from '$ui/Notice.svelte';
	let { data, form } = $props();
	const view = $derived(data.view);
	const wrong = $derived(form && 'message' in form ? form.message : null);
	const saved = $derived(form && 'saved' in form ? form.saved : null);
	let chosen = $state<string | null>(null);
	const by = $derived(chosen ?? view.by);
</script>

<svelte:head><title>{PEOPLE_FAMILY_PAGE.whatIsAgreedPailRound}</title></svelte:head>

<section class="family px-edge pt-2.5 pb-10">
	<header class="flex flex-wrap justify-between items-baseline gap-x-6 gap-y-2">
		<h1>{PEOPLE_FAMILY_PAGE.whatIsAgreed}</h1>
		<Button kind="link" href="/people">{PEOPLE_FAMILY_PAGE.backToPeople}</Button>
	</header>
	{#if wrong}<Notice tone="wrong"><span>{wrong}</span></Notice>{/if}
	{#if saved}<Notice><span>{saved}</span></Notice>{/if}
	<fieldset class="bare-set" disabled={!data.mayEdit}>
		<legend class="sr">{PEOPLE_FAMILY_PAGE.whatTheFamilyHasAgreed}</legend>
		<EditFields
			{view}
			action="?/keep"
			id="shares"
			of={{
				by: view.by,
				...Object.fromEntries(view.shares.map((one) => [`hand-${one.id}`, String(one.byHand)]))
			} as Record<string, string>}
			values={{ part: 'shares' }}
			class="shares"
		>
			{#snippet children(typed, sending)}
				<h2 class="mt-3.5 mb-2">{PEOPLE_FAMILY_PAGE.howTheWorkIsShared}</h2>
				<CardRadios
					label={PEOPLE_FAMILY_PAGE.howTheWorkIsShared}
					name="by"
					bind:value={() => by, (to) => (chosen = to)}
					disabled={!data.mayEdit}
					class="grid w-full grid-cols-4 gap-3.5 max-[901px]:grid-cols-[1fr_1fr] max-sm:grid-cols-[1fr]"
					options={view.options.map((one) => ({
						value: one.by,
						label: one.name,
						line: one.says,
						more: `${one.percents} %`
					}))}
				/>
				<div
					class="{FIELDS} w-full grid-cols-[repeat(auto-fill,minmax(min(9rem,100%),1fr))] [&[hidden]]:hidden"
					hidden={by !== 'hand'}
				>
					{#each view.shares as one (one.id)}
						<TextField
							label={one.name}
							name="hand-{one.id}"
							inputmode="decimal"
							value={String(typed[`hand-${one.id}`] ?? '')}
							maxlength={6}
						/>
					{/each}
				</div>
				<Button kind="solid" type="submit" {sending}>{PEOPLE_FAMILY_PAGE.saveWhatIsAgreed}</Button>
			{/snippet}
		</EditFields>
		{#if view.wears !== null}
			<ActForm action="?/ribbon" class="row" then={{ withoutId: true }}>
				<Choice
					label={PEOPLE_FAMILY_PAGE.whoIsTodaysCaptain}
					name="to"
					value={view.wears}
					options={view.ribbon.members
						.filter((one) => one.on)
						.map((one) => ({ value: one.id, label: one.name }))}
				/><Button type="submit">{PEOPLE_FAMILY_PAGE.askToSwap}</Button>
			</ActForm>
		{/if}
		<div class="grid grid-cols-[1.2fr_1fr] gap-7 items-start max-[901px]:grid-cols-[1fr]">
			<EditFields
				{view}
				action="?/keep"
				id="ribbon"
				of={{
					members: view.ribbon.members.filter((one) => one.on).map((one) => one.id),
					every: view.ribbon.every,
					duties: view.ribbon.duties,
					choices: view.ribbon.choices
				}}
				values={{ part: 'ribbon' }}
				class="linen part"
			>
				{#snippet children(typed, sending)}
					<h2 class="mt-3.5 mb-2">{PEOPLE_FAMILY_PAGE.todaysCaptain}</h2>
					{#if view.ribbon.members.length === 0}
						<p>{PEOPLE_FAMILY_PAGE.theChildrenOfAHome}</p>
					{:else}
						<p class="dim">{PEOPLE_FAMILY_PAGE.oneChildAtATime}</p>
						<div class="flex flex-wrap gap-x-5.5 gap-y-1">
							{#each view.ribbon.members as one (one.id)}
								<Check
									label={one.name}
									name="members"
									formValue={one.id}
									checked={typed.members.includes(one.id)}
								/>
							{/each}
						</div>
						<Choice
							label={PEOPLE_FAMILY_PAGE.changes}
							name="every"
							value={typed.every}
							options={[
								{ value: 'day', label: PEOPLE_FAMILY_PAGE.everyDay },
								{ value: 'week', label: PEOPLE_FAMILY_PAGE.everyWeek }
							]}
						/>
						<div class="two grid grid-cols-[1fr_1fr] gap-3 max-sm:grid-cols-[1fr]">
							<TextField
								label={PEOPLE_FAMILY_PAGE.extraChoresALineEach}
								name="duties"
								lines={3}
								value={typed.duties}
							/>
							<TextField
								label={PEOPLE_FAMILY_PAGE.choicesALineEach}
								name="choices"
								lines={3}
								value={typed.choices}
							/>
						</div>
						{#if view.ribbon.next.length > 0}
							<p class="dim">
								{view.ribbon.next.map((one) => `${one.when} ${one.name}`).join(', ')}
							</p>
						{/if}
						<Button type="submit" {sending}>{PEOPLE_FAMILY_PAGE.save}</Button>
					{/if}
				{/snippet}
			</EditFields>
			<EditFields
				{view}
				action="?/keep"
				id="gate"
				of={{ gate: view.gate, together: view.together }}
				values={{ part: 'gate' }}
				class="linen part"
			>
				{#snippet children(typed, sending)}
					<h2 class="mt-3.5 mb-2">{PEOPLE_FAMILY_PAGE.choresBeforeTvAndPhone}</h2>
					<TextField
						label={PEOPLE_FAMILY_PAGE.whatWaitsUntilAChilds}
						name="gate"
						maxlength={40}
						value={typed.gate}
						placeholder={PEOPLE_FAMILY_PAGE.screens}
					/>
					<Radios
						label={PEOPLE_FAMILY_PAGE.workingTogether}
						name="together"
						value={typed.together}
						options={PEOPLE_FAMILY_PAGE.ways.map((way) => ({
							value: way.id,
							label: way.name,
							line: way.says
						}))}
					/>
					<Button type="submit" {sending}>{PEOPLE_FAMILY_PAGE.save}</Button>
				{/snippet}
			</EditFields>
		</div>
	</fieldset>
	{#if !data.mayEdit}<p class="dim">{PEOPLE_FAMILY_PAGE.whoeverOrganisesTheHomeCan}</p>{/if}
</section>

<style>
	.family :global(.shares) {
		display: grid;
		gap: 12px;
		justify-items: start;
		margin-bottom: 20px;
	}
	.family :global(.row) {
		max-width: 420px;
		align-items: end;
		margin-bottom: 18px;
	}
	.family :global(.row label) {
		flex: 1;
	}
	.family :global(.part) {
		display: grid;
		gap: 10px;
		justify-items: start;
		padding: 6px 24px 22px;
		box-shadow: var(--sh-cloth);
	}
	.family :global(.part > label),
	.two {
		width: 100%;
	}
</style>
