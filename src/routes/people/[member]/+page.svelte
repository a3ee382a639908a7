<script lang="ts">
	import { PEOPLE_MEMBER_PAGE } from '$words/screens/people';
	import FirstOf from '$ui/FirstOf.svelte';
	import More from '$ui/kit/More.svelte';
	/** One person: when at home, what learnt, what kept away from. */
	import { EARLY, HOURS, ROLES } from '$words/people';
	import AwayDays from '$ui/people/AwayDays.svelte';
	import MovesOut from '$ui/people/MovesOut.svelte';
	import RoleInHome from '$ui/people/RoleInHome.svelte';
	import HoursAtHome from '$ui/people/HoursAtHome.svelte';
	import Button from '$ui/kit/Button.svelte';
	import Check from '$ui/kit/Check.svelte';
	import TextField from '$ui/kit/TextField.svelte';
	import Toggles from '$ui/kit/Toggles.svelte';
	import DateField from '$ui/kit/DateField.svelte';
	import EditFields from '$ui/house/EditFields.svelte';
	import Notice from '$ui/Notice.svelte';
	let { data, form } = $props();
	const view = $derived(data.view);
	const wrong = $derived(form && 'message' in form ? form.message : null);
	const saved = $derived(form && 'saved' in form ? form.saved : null);
	let ownKit = $derived(view.hasKit);
	let kit = $derived(view.kit);
	let skills = $derived<readonly string[]>(view.skills.filter(({ has }) => has).map(({ skill }) => skill));
</script>

<svelte:head><title>{PEOPLE_MEMBER_PAGE.pailRound(view.shownName)}</title></svelte:head>

<section class="person px-edge pt-2.5 pb-10">
	<header class="flex flex-wrap justify-between items-baseline gap-x-6 gap-y-2 mb-2.5">
		<div>
			<h1>{view.shownName}</h1>
			<p class="dim mt-0.5">
				{PEOPLE_MEMBER_PAGE.canTakeOfJobs(ROLES[view.role].name, view.can.count, view.can.of)}
			</p>
		</div>
		<Button kind="link" href="/people">{PEOPLE_MEMBER_PAGE.backToPeople}</Button>
	</header>
	{#if wrong}<Notice tone="wrong"><span>{wrong}</span></Notice>{/if}
	{#if saved}<Notice><span>{saved}</span></Notice>{/if}
	<fieldset class="bare-set" disabled={!data.mayEdit}>
		<legend class="sr">{view.shownName}</legend>
		<div
			class="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-x-10 gap-y-7 items-start max-[901px]:grid-cols-[minmax(0,1fr)]"
		>
			<div class="grid gap-7">
				<EditFields {view} of={{}} id="presence" values={{ part: 'presence' }} action="?/keep" class="part">
					{#snippet children(_, sending)}
						<h2 class="mt-2">{HOURS.title}</h2>
						<HoursAtHome {view} fixed={!data.mayEdit} />
						<AwayDays name="away" value={view.away} fixed={!data.mayEdit} />
						<Button kind="solid" type="submit" {sending}>{HOURS.save}</Button>
					{/snippet}
				</EditFields>
				<RoleInHome {view} fixed={!data.mayEdit} />
			</div>
			<EditFields
				{view}
				action="?/keep"
				id="facts"
				of={{
					name: view.name,
					bornOn: view.bornOn,
					families: view.families.filter((one) => one.out).map((one) => one.code),
					allows: view.early.filter((one) => one.on).map((one) => one.code),
					out: view.jobs.filter((job) => job.out).map((job) => job.id),
					disliked: view.jobs.filter((job) => job.disliked).map((job) => job.id)
				}}
				values={{ part: 'facts' }}
				class="part linen"
			>
				{#snippet children(typed, sending)}
					<h2 class="mt-2">{PEOPLE_MEMBER_PAGE.whatToKnow}</h2>
					<div class="w-full grid gap-3 sm:[&>:last-child]:max-w-65">
						<TextField
							label={PEOPLE_MEMBER_PAGE.name}
							name="name"
							maxlength={80}
							value={typed.name}
							required
						/>
						<DateField label={PEOPLE_MEMBER_PAGE.bornOn} name="bornOn" value={typed.bornOn} />
					</div>
					{#if view.skills.length > 0}
						<Toggles
							label={PEOPLE_MEMBER_PAGE.hasLearned}
							help={PEOPLE_MEMBER_PAGE.learnedHelp}
							name="skills"
							many
							options={view.skills.map(({ skill }) => ({ value: skill, label: skill }))}
							bind:value={skills}
						/>
					{/if}
					<Check
						label={PEOPLE_MEMBER_PAGE.bringsAKitOfTheir}
						name="ownKit"
						formValue="1"
						bind:checked={ownKit}
					/>
					{#if ownKit}
						<Toggles
							label={PEOPLE_MEMBER_PAGE.whatIsInIt}
							name="kit"
							many
							options={view.things.map((one) => ({ value: one.thing, label: one.name }))}
							bind:value={kit}
						/>
					{/if}
					<More class="w-full">
						{#snippet title()}{PEOPLE_MEMBER_PAGE.keepsAwayFrom(
								view.families.some((one) => one.out)
									? `: ${view.families
											.filter((one) => one.out)
											.map((one) => one.name)
											.join(', ')}`
									: ''
							)}{/snippet}
						<div class="flex flex-wrap gap-x-5 gap-y-0">
							{#each view.families as one (one.code)}
								<Check
									label={one.name}
									name="families"
									formValue={one.code}
									checked={typed.families.includes(one.code)}
								/>
							{/each}
						</div>
					</More>
					{#if view.early.length > 0}
						<More class="w-full">
							{#snippet title()}{EARLY.title}{view.early.some((one) => one.on)
									? `: ${view.early
											.filter((one) => one.on)
											.map((one) => one.name)
											.join(', ')}`
									: ''}{/snippet}
							<p class="mt-0 mb-2 text-tin-text">{EARLY.says}</p>
							<input type="hidden" name="withAllows" value="1" />
							<div class="flex flex-wrap gap-x-5 gap-y-0">
								{#each view.early as one (one.code)}
									<Check
										label={EARLY.label(one.name, one.from, one.said)}
										name="allows"
										formValue={one.code}
										checked={typed.allows.includes(one.code)}
									/>
								{/each}
							</div>
						</More>
					{/if}
					<More class="w-full">
						{#snippet title()}{PEOPLE_MEMBER_PAGE.jobsLeftOutOrDisliked(
								view.jobs.some((one) => one.out || one.disliked)
									? `: ${view.jobs
											.filter((one) => one.out || one.disliked)
											.map((one) => one.name)
											.join(', ')}`
									: ''
							)}{/snippet}
						<table class="w-full [border-collapse:collapse]">
							<thead
								><tr
									><td class="py-0.75 pr-2 pl-0 text-center"></td><th
										class="text-left py-0.75 pr-3 pl-0 text-tin-text font-normal"
										scope="col">{PEOPLE_MEMBER_PAGE.neverGets}</th
									><th class="text-left py-0.75 pr-3 pl-0 text-tin-text font-normal" scope="col"
										>{PEOPLE_MEMBER_PAGE.doesNotLike}</th
									></tr
								></thead
							>
							<tbody>
								{#each view.jobs as job (job.id)}
									<tr>
										<th class="text-left py-0.75 pr-3 pl-0 font-normal" scope="row">{job.name}</th>
										<td class="py-0.75 pr-2 pl-0 text-center"
											><Check
												label={PEOPLE_MEMBER_PAGE.never(job.name)}
												hideLabel
												name="out"
												formValue={job.id}
												checked={typed.out.includes(job.id)}
											/></td
										>
										<td class="py-0.75 pr-2 pl-0 text-center"
											><Check
												label={PEOPLE_MEMBER_PAGE.doesNotLikeOf(job.name)}
												hideLabel
												name="disliked"
												formValue={job.id}
												checked={typed.disliked.includes(job.id)}
											/></td
										>
									</tr>
								{/each}
							</tbody>
						</table>
					</More>
					<Button type="submit" {sending}>{PEOPLE_MEMBER_PAGE.save}</Button>
					{#if view.cannot.length > 0}
						<h2 class="mt-2">{PEOPLE_MEMBER_PAGE.whatCannotTakeAndWhy(view.shownName)}</h2>
						<FirstOf of={view.cannot}>
							{#snippet item(one)}<li class="py-1"><b>{one.name}</b>: {one.words}</li>{/snippet}
						</FirstOf>
					{/if}
				{/snippet}
			</EditFields>
		</div>
	</fieldset>
	{#if data.mayEdit && !data.isMe}<MovesOut {view} />{/if}
</section>

<style>
	.person :global(.part) {
		display: grid;
		gap: 10px;
		justify-items: start;
	}
	.person :global(.part.linen) {
		padding: 4px 24px 22px;
		box-shadow: var(--sh-cloth);
	}
</style>
