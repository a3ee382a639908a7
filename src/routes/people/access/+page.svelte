<script lang="ts">
	import Button from '$ui/kit/Button.svelte';
	import { PEOPLE_ACCESS_PAGE } from '$words/screens/access';
	import More from '$ui/kit/More.svelte';
	import TextField from '$ui/kit/TextField.svelte';
	import PasswordAgain from '$ui/access/PasswordAgain.svelte';
	import ActForm from '$ui/ActForm.svelte';
	import FieldForm from '$ui/FieldForm.svelte';
	import { problemOf } from '$ui/access/problemOf';
	import Insecure from '$ui/Insecure.svelte';
	import MadeWay from '$ui/access/MadeWay.svelte';
	import Notice from '$ui/Notice.svelte';
	let { data, form } = $props();
	const { view } = $derived(data);
	const wrong = $derived(problemOf(form));
	const said = $derived(form && 'said' in form ? form.said : null);
	const made = $derived(form && 'made' in form ? form.made : null);
</script>

<svelte:head><title>{PEOPLE_ACCESS_PAGE.whoCanLogInPail}</title></svelte:head>

<section class="access px-edge pt-2.5 pb-15">
	<header class="flex flex-wrap items-baseline justify-between gap-2.5 mb-2">
		<h1>{PEOPLE_ACCESS_PAGE.whoCanLogInAnd}</h1>
		<Button kind="link" href="/people">{PEOPLE_ACCESS_PAGE.backToPeople}</Button>
	</header>
	<Insecure />
	{#if wrong}<Notice tone="wrong"><span>{wrong}</span></Notice>{/if}
	{#if said}<Notice><span>{said}</span></Notice>{/if}
	{#if made}<MadeWay {made} isDemo={data.isDemo} />{/if}
	<div
		class="grid grid-cols-[minmax(0,3fr)_minmax(0,2fr)] gap-x-12 gap-y-5 items-start mt-3 max-[901px]:grid-cols-[minmax(0,1fr)]"
	>
		<ul aria-label={PEOPLE_ACCESS_PAGE.people}>
			{#each view.people as one (one.id)}
				<li class="flex flex-wrap justify-between gap-x-5 gap-y-2 py-3 border-b border-b-tin-1">
					<div class="flex-[1_1_200px]">
						<h2>{one.name}</h2>
						<p class="dim mt-0.5">
							{one.role}{#if one.email}, {one.email}{/if}<br />
							{#if one.ins > 0}{PEOPLE_ACCESS_PAGE.inOnLast(
									one.ins,
									one.ins === 1 ? PEOPLE_ACCESS_PAGE.device : PEOPLE_ACCESS_PAGE.devices,
									one.lastIn ?? ''
								)}
							{:else if one.invited}{PEOPLE_ACCESS_PAGE.invitationNotUsedYet}
							{:else}{PEOPLE_ACCESS_PAGE.cannotLogInYet}{/if}{#if one.hasPin}{PEOPLE_ACCESS_PAGE.hasAPin}{/if}
						</p>
					</div>
					<div
						class="grid w-80 max-w-full grid-cols-[auto_1fr] content-start items-center gap-x-3.5 gap-y-2 [&>div>div]:col-span-2"
					>
						<ActForm action="?/invite" values={{ member: one.id }}
							><Button type="submit"
								>{one.ins > 0 ? PEOPLE_ACCESS_PAGE.addAnotherPhone : PEOPLE_ACCESS_PAGE.letThemLogIn}</Button
							></ActForm
						>
						<More title={PEOPLE_ACCESS_PAGE.more} class="contents">
							<div>
								<FieldForm
									of={data.forms.mail[one.id]!}
									action="?/invite"
									class="row"
									values={{ member: one.id }}
									withId
								>
									{#snippet children(typed, sending)}
										<TextField
											label={PEOPLE_ACCESS_PAGE.sendItByMailTo}
											type="email"
											name="email"
											required
											maxlength={254}
											value={typed.email}
										/><Button type="submit" {sending}>{PEOPLE_ACCESS_PAGE.send}</Button>
									{/snippet}
								</FieldForm>
								{#if one.isChild}
									<FieldForm
										of={data.forms.pin[one.id]!}
										action="?/pin"
										class="row"
										values={{ member: one.id }}
										empties
									>
										{#snippet children(_, sending)}
											<TextField
												label={PEOPLE_ACCESS_PAGE.pinAtTheFamilysDevices}
												name="pin"
												inputmode="numeric"
												autocomplete="off"
												maxlength={8}
												pattern="[0-9]*"
											/><Button type="submit" {sending}>{PEOPLE_ACCESS_PAGE.set}</Button>
										{/snippet}
									</FieldForm>
								{/if}
								{#if one.ins > 0}
									<ActForm action="?/out" values={{ member: one.id }} then={{ withoutId: true }}
										><Button kind="link" type="submit"
											>{PEOPLE_ACCESS_PAGE.signOutEverywhere(one.name)}</Button
										></ActForm
									>
								{/if}
							</div>
						</More>
					</div>
				</li>
			{/each}
		</ul>
		<div class="linen px-6 pt-5 pb-6 shadow-cloth">
			<h2>{PEOPLE_ACCESS_PAGE.sharedPhonesAndTablets}</h2>
			<p class="dim mt-0.5">
				{PEOPLE_ACCESS_PAGE.aTabletOnTheKitchen}
			</p>
			<ul>
				{#each view.devices as one (one.id)}
					<li
						class="flex flex-wrap justify-between gap-x-4 gap-y-1 py-3 border-b-2 [border-bottom-style:dashed] border-b-linen-deep"
					>
						<span><b>{one.name}</b><br /><span class="dim">{one.state}</span></span>
						<span class="flex gap-4.5">
							<ActForm action="?/renew" values={{ device: one.id }}
								><Button kind="link" type="submit">{PEOPLE_ACCESS_PAGE.newCodeForThisDevice}</Button></ActForm
							>
							<ActForm action="?/revoke" values={{ device: one.id }} then={{ withoutId: true }}
								><Button kind="link" type="submit">{PEOPLE_ACCESS_PAGE.logThisDeviceOut}</Button></ActForm
							>
						</span>
					</li>
				{/each}
			</ul>
			<FieldForm of={data.forms.device} action="?/device" class="row" withId empties>
				{#snippet children(typed, sending)}
					<TextField
						label={PEOPLE_ACCESS_PAGE.addASharedDevice}
						name="name"
						required
						maxlength={60}
						placeholder={PEOPLE_ACCESS_PAGE.kitchenTablet}
						value={typed.name}
					/><Button type="submit" {sending}>{PEOPLE_ACCESS_PAGE.add}</Button>
				{/snippet}
			</FieldForm>
			{#if data.isDemo}<p class="mt-0.5">
					<Button kind="link" class="inline-block! min-h-7!" href="/demo/outbox"
						>{PEOPLE_ACCESS_PAGE.mailOfTheDemo}</Button
					>
				</p>{/if}
		</div>
	</div>
	{#if !data.isDemo}
		<More title={PEOPLE_ACCESS_PAGE.deleteThisHome} class="mt-8.5 max-w-155" openClass="basis-full">
			<p class="mt-0.5">
				{PEOPLE_ACCESS_PAGE.nobodyCanOpenItFrom}
			</p>
			<ol>
				<li class="my-2.5">
					<Button kind="link" class="inline-block! min-h-7!" href="/house/files/home.json" download
						>{PEOPLE_ACCESS_PAGE.saveTheFileOfEverything}</Button
					>
				</li>
				<li class="my-2.5">
					<PasswordAgain
						of={data.forms.delete}
						action="?/delete"
						label={PEOPLE_ACCESS_PAGE.deleteThisHome2}
						class="row"
					/>
				</li>
			</ol>
		</More>
	{/if}
</section>

<style>
	/* The button stands beside its field, whatever is said under that. */
	.access :global(form.row) {
		display: grid;
		grid-template-columns: minmax(0, 1fr) auto;
		gap: 4px 10px;
	}
	.access :global(form.row > div) {
		display: contents;
	}
	.access :global(form.row > div > *) {
		grid-column: 1;
	}
	.access :global(form.row > button) {
		grid-area: 2 / 2;
	}
</style>
