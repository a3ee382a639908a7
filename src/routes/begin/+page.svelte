<script lang="ts">
	import Button from '$ui/kit/Button.svelte';
	import { BEGIN_PAGE } from '$words/screens/begin';
	import { beforeNavigate, goto, invalidateAll } from '$app/navigation';
	import { unsentFields } from '$ui/begin/unsent';
	import { onMount } from 'svelte';
	import Glyph from '$ui/glyphs/Glyph.svelte';
	import { waysOf } from '$ui/begin/device';
	import FirstMorning from '$ui/begin/FirstMorning.svelte';
	import People from '$ui/begin/People.svelte';
	import Rhythm from '$ui/begin/Rhythm.svelte';
	import Rooms from '$ui/begin/Rooms.svelte';
	import Zones from '$ui/begin/Zones.svelte';
	import Notice from '$ui/Notice.svelte';
	let { data, form } = $props();
	const view = $derived(data.view);
	const step = $derived(view.draft.step);
	const unsent = unsentFields();
	/** Touches that lead on from what is shown. */
	const LEAVING = ['step', 'walk'];
	/** What is typed and not sent goes first: whatever is touched next would leave it behind. */
	async function sendFirst(event: SubmitEvent) {
		const form = event.target as HTMLFormElement;
		// What is typed sends itself.
		if (form.querySelector('[name=__superform_id]')) return;
		const op = new FormData(form).get('op');
		const leaving = op === null || LEAVING.includes(String(op));
		if (!unsent.has(leaving)) return;
		event.preventDefault();
		event.stopPropagation();
		const { submitter } = event;
		if (await unsent.sendAll(leaving)) form.requestSubmit(submitter);
	}
	beforeNavigate(async ({ to, type, cancel }) => {
		if (type !== 'link' || !to || !unsent.has(true)) return;
		cancel();
		if (await unsent.sendAll(true)) await goto(to.url);
	});
	onMount(async () => {
		// The device knows its time zone and how its people write; the house rules can change it.
		const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
		const ways = waysOf(navigator.language, timeZone || view.draft.timeZone);
		const keys = ['timeZone', 'clock', 'dates', 'units'] as const;
		if (view.draft.changes !== null || keys.every((key) => ways[key] === view.draft[key])) return;
		const body = new FormData();
		body.set('op', 'device');
		for (const key of keys) body.set(key, ways[key]);
		await fetch('/begin?/touch', { method: 'POST', body, headers: { 'x-sveltekit-action': 'true' } }).catch(
			() => undefined
		);
		await invalidateAll();
	});
</script>

<svelte:head
	><title>{BEGIN_PAGE.firstStepsPailRound(view.steps.find((one) => one.current)?.name ?? '')}</title
	></svelte:head
>

<div class="[--edge:calc(var(--page-edge)_-_var(--rim))] flex-1 flex flex-col" onsubmitcapture={sendFirst}>
	<header
		class="flex items-center gap-5 px-(--edge) pt-2 min-h-15.5 max-md:flex-wrap max-md:gap-x-3.5 max-md:gap-y-1.5"
	>
		<a
			class="mark relative mr-4.5 after:absolute after:inset-x-0 after:-inset-y-2 after:content-[''] max-md:mr-0 max-md:text-[1.375rem]"
			href={view.hasHome ? '/' : '/begin'}
			><Glyph name="due" size={28} /><span>{BEGIN_PAGE.pailRound}</span></a
		>
		<nav
			class="flex gap-4.5 flex-1 max-md:order-3 max-md:flex-[1_0_100%] max-md:gap-1.5 max-md:overflow-x-auto"
			aria-label={BEGIN_PAGE.firstSteps}
		>
			{#each view.steps as one (one.key)}
				<a
					class="grid gap-1.25 min-h-11 content-center text-tin-text [font-weight:500] no-underline max-md:flex-1 max-md:text-[0.9375rem] max-md:whitespace-nowrap [&[aria-current]]:text-cobalt-ink [&[aria-current]]:font-name"
					href="/begin?step={one.key}"
					aria-current={one.current ? 'step' : undefined}
				>
					<span>{one.name}</span>
					<span class="flex gap-1.25 min-w-24 max-md:min-w-0" aria-hidden="true"
						>{#each { length: one.parts } as _, i (i)}<i
								class={[
									'flex-1 max-w-9 h-1.75 grid items-center before:rounded-[4px]',
									i < one.sewn ? 'before:h-1.75 before:bg-cobalt-ink' : 'before:h-0.5 before:bg-tin-2'
								]}
							></i>{/each}</span
					>
				</a>
			{/each}
		</nav>
		{#if view.hasHome}<Button class="max-md:ml-auto max-md:py-0! max-md:px-3.5!" href="/"
				>{BEGIN_PAGE.comeBackLater}</Button
			>{/if}
	</header>
	{#if form && 'message' in form && form.message}
		<Notice tone="wrong"><span>{form.message}</span></Notice>
	{/if}
	<div class="body flex-1 flex flex-col px-(--edge) pt-3.5 pb-5">
		{#if step === 'rooms'}<Rooms {view} />{:else if step === 'zones'}<Zones
				{view}
			/>{:else if step === 'rhythm'}<Rhythm {view} />{:else if step === 'people'}<People
				{view}
			/>{:else}<FirstMorning {view} />{/if}
	</div>
</div>
