<script lang="ts">
	import { PAGE } from '$words/screens/today';
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { onMount, tick as settled, untrack } from 'svelte';
	import ActForm from '$ui/ActForm.svelte';
	import { connection, readAnew } from '$ui/connection.svelte';
	import HouseBells from '$ui/HouseBells.svelte';
	import Button from '$ui/kit/Button.svelte';
	import Message from '$ui/kit/Message.svelte';
	import { say } from '$ui/kit/messages';
	import { once } from '$ui/once';
	import DayHead from '$ui/today/DayHead.svelte';
	import HowMany from '$ui/today/HowMany.svelte';
	import { keyAct, keysOn, type KeyAct } from '$ui/today/keys';
	import Hydrate from '$ui/Hydrate.svelte';
	import Line from '$ui/today/Line.svelte';
	import LookingAfter from '$ui/today/LookingAfter.svelte';
	import OtherWays from '$ui/today/OtherWays.svelte';
	import OverdueList from '$ui/today/OverdueList.svelte';
	import PastDay from '$ui/today/PastDay.svelte';
	import Strings from '$ui/today/Strings.svelte';
	import { TickedRows } from '$ui/today/ticked.svelte';
	import WhoTicks from '$ui/today/WhoTicks.svelte';
	import ZoneOfWeek from '$ui/today/ZoneOfWeek.svelte';
	import { LAYER_OFF } from '$words/house';
	import { SWAP_ANSWER } from '$words/people';
	import { ON_CALL, overdueLine, TODAY } from '$words/today';
	let { data, form } = $props();
	const view = $derived(data.view);
	const isToday = $derived(view.relation === 'today');
	const dayHref = (day: string) => (day === view.today ? '/' : `/?on=${day}`);
	const hrefOf = (line: string) => `/?on=${view.date}&open=${encodeURIComponent(line)}`;
	const ticked = new TickedRows();
	let keysShown = $state(false);
	let scripted = $state(false);

	/** What could not be written: it stays while its sheet closes, and goes with the day. */
	let refused = $state<{ date: string; text: string } | null>(null);
	/** Without scripts what was done stands in the page; with them it is said in reach of the thumb. */
	const told = $derived(!scripted && form && 'undo' in form ? form : null);
	let heard = untrack(() => form);
	$effect(() => {
		if (form === heard) return;
		heard = form;
		if (!form || !('message' in form) || !form.message) return;
		refused = 'undo' in form ? null : { date: untrack(() => view.date), text: form.message };
		if (!('undo' in form)) return;
		const { message, undo } = form;
		// A row that was ticked says so itself, in its place.
		if (untrack(() => ticked.isAnswering())) return;
		void say(message, undo ? { undo: () => void send('undo', { of: undo }), undoWord: TODAY.undo } : {});
	});
	const wrong = $derived(
		scripted
			? refused?.date === view.date
				? refused.text
				: ''
			: form && 'message' in form && !('undo' in form)
				? (form.message ?? '')
				: ''
	);
	const marks = {
		ticked,
		written(line: string, entry: string | null) {
			if (entry === null) ticked.drop(line);
			else ticked.written(line, entry);
		}
	};

	async function closeSheet() {
		await goto(dayHref(view.date), { noScroll: true, replaceState: true, keepFocus: true });
	}

	/** The row that has the focus, else the next act. */
	const lineInHand = () =>
		document.activeElement?.closest<HTMLElement>('[data-line]')?.dataset.line ?? view.next?.line;

	function step(by: 1 | -1) {
		const links = [...document.querySelectorAll<HTMLElement>('[data-line] a.name')];
		const at = links.findIndex((link) => link.closest('[data-line]')?.contains(document.activeElement));
		links[at < 0 ? 0 : Math.max(0, Math.min(links.length - 1, at + by))]?.focus();
	}

	/** Keys act on the row that has the focus, else on the next one. */
	async function act(kind: KeyAct) {
		if (kind === 'before' || kind === 'after') return goto(dayHref(view[kind]), { noScroll: true });
		if (kind === 'today') return goto('/');
		if (kind === 'above' || kind === 'below') return step(kind === 'below' ? 1 : -1);
		if (kind === 'keys') return void (keysShown = !keysShown);
		if (kind === 'undo') {
			const last = form && 'undo' in form && form.undo ? form.undo : view.done.at(-1)?.entry;
			if (last) await send('undo', { of: last });
			return;
		}
		if (kind === 'enough') return document.querySelector<HTMLElement>('[data-enough]')?.click();
		const line = lineInHand();
		if (!line) return;
		if (kind === 'open') return goto(hrefOf(line), { noScroll: true, replaceState: true });
		await send('tick', { line, outcome: kind, by: view.me });
	}

	/** Sends a key's act through the same form that a touch uses. */
	async function send(action: string, values: Record<string, string>) {
		const element = document.getElementById('key-form') as HTMLFormElement;
		element.action = `/?/${action}&on=${view.date}`;
		for (const [key, value] of Object.entries({ line: '', outcome: '', of: '', by: '', ...values })) {
			const input = element.elements.namedItem(key) as HTMLInputElement;
			input.value = value;
			input.disabled = value === '';
		}
		await settled();
		element.requestSubmit();
	}

	onMount(() => {
		scripted = true;
		const onKey = (event: KeyboardEvent) => {
			const kind = keyAct(event);
			if (!kind || view.sheet || (kind !== 'keys' && !keysOn())) return;
			if (document.querySelector('[role=dialog], [role=alertdialog]')) return;
			event.preventDefault();
			void act(kind);
		};
		const refresh = () => {
			if (document.visibilityState !== 'visible') return;
			readAnew('app:today').then(
				() => (connection.lost = false),
				() => (connection.lost = true)
			);
		};
		// What others did, and the hour itself, come in while the page is looked at.
		const timer = setInterval(refresh, 30_000);
		window.addEventListener('keydown', onKey);
		document.addEventListener('visibilitychange', refresh);
		return () => {
			clearInterval(timer);
			window.removeEventListener('keydown', onKey);
			document.removeEventListener('visibilitychange', refresh);
		};
	});
</script>

<svelte:head><title>{PAGE.pailRound(isToday ? TODAY.title : view.title)}</title></svelte:head>

<form id="key-form" method="post" hidden use:once>
	<input type="hidden" name="date" value={view.date} />
	{#each ['line', 'outcome', 'of', 'by'] as name (name)}<input type="hidden" {name} value="" />{/each}
</form>

<div class="flex flex-1 flex-col">
	<HouseBells
		waits={view.strings.filter((one) => one.heard).map((one) => ({ ...one, where: one.room }))}
		now={view.now.at}
		onring={() => void readAnew('app:today').catch(() => undefined)}
	/>
	<div class="flex flex-wrap items-end justify-between gap-x-8 gap-y-2 px-edge pt-2.5">
		<Hydrate>
			<DayHead {view} {dayHref} bind:keysShown />
		</Hydrate>
		{#if isToday}
			<div class="flex flex-wrap items-end gap-x-5 gap-y-2 max-sm:w-full">
				{#if view.isDevice}<WhoTicks members={view.members} me={view.me} />{:else}
					<Hydrate>
						<HowMany me={view.me} />
					</Hydrate>
					<Hydrate>
						<OtherWays ways={view.otherWays} />
					</Hydrate>
				{/if}
			</div>
		{/if}
	</div>

	{#if told}
		<Message>
			<span>{told.message}</span>
			{#if told.undo}
				<ActForm
					action="/?/undo&on={view.date}"
					values={{ of: told.undo, date: view.date, seed: view.formId }}
				>
					<Button kind="link" type="submit">{TODAY.undo}</Button>
				</ActForm>
			{/if}
		</Message>
	{:else if wrong && !view.sheet}
		<Message tone="wrong"><span>{wrong}</span></Message>
	{/if}

	{#if view.relation === 'past'}
		<PastDay {view} {hrefOf} />
	{:else}
		<Hydrate>
			<Line {view} {hrefOf} {marks} canEdit={page.data.role === 'organiser'} />
		</Hydrate>
	{/if}

	{#each view.swaps as swap (swap.id)}
		<Message>
			<span class="min-w-0 flex-1 basis-64">{swap.words}</span>
			{#each [['yes', SWAP_ANSWER.yes], ['no', SWAP_ANSWER.no]] as [answer, word] (answer)}
				<ActForm
					action="/people/week?/answer"
					values={{ swap: swap.id, answer: answer ?? '' }}
					then={{ withoutId: true }}><Button type="submit">{word}</Button></ActForm
				>
			{/each}
		</Message>
	{/each}
	{#if view.onCall.length > 0}
		<div class="mx-edge my-2.5 flex flex-wrap items-center gap-x-3 gap-y-2">
			<span class="font-name">{ON_CALL.title}</span>
			{#each view.onCall as one (one.line)}
				<ActForm
					action="/?/call&on={view.date}"
					values={{ line: one.line, date: view.date, seed: view.formId }}
					><Button type="submit" aria-label={ON_CALL.add(one.name)}>{one.name}</Button></ActForm
				>
			{/each}
		</div>
	{/if}
	{#if view.growing}
		<div class="mx-edge my-3 flex flex-wrap items-center gap-x-4 gap-y-2">
			<span class="min-w-0 flex-1 basis-64">{view.growing.words}</span>
			<ActForm
				action="/house/growing?/switch"
				values={{
					id: view.formId,
					revision: view.growing.revision,
					layer: view.growing.layer,
					on: '1'
				}}><Button type="submit">{LAYER_OFF.turnOn(view.growing.layer)}</Button></ActForm
			>
		</div>
	{/if}
	{#if isToday && view.strings.length > 0}<Strings strings={view.strings} now={view.now.at} />{/if}

	<div
		class={[
			'linen relative mt-auto grid gap-y-5 border-t border-linen-deep px-edge pt-5 pb-4 before:absolute before:inset-x-0 before:top-1.5 before:border-t-2 before:border-dashed before:border-linen-deep md:[&>*+*]:border-l-2 md:[&>*+*]:border-dashed md:[&>*+*]:border-linen-deep md:[&>*+*]:pl-7 md:[&>*]:pr-7 max-md:[&>*+*]:border-t-2 max-md:[&>*+*]:border-dashed max-md:[&>*+*]:border-linen-deep max-md:[&>*+*]:pt-4',
			view.hasZones ? 'md:grid-cols-[1.06fr_1.04fr_0.9fr]' : 'md:grid-cols-2'
		]}
	>
		<Hydrate>
			{#if view.hasZones}<ZoneOfWeek {view} {hrefOf} />{/if}
		</Hydrate>
		<Hydrate>
			{#if isToday}<OverdueList {view} {hrefOf} />{/if}
		</Hydrate>
		<Hydrate>
			<LookingAfter {view} />
		</Hydrate>
	</div>

	<!-- On a phone what is overdue is one line above the lower rim. -->
	{#if isToday && view.overdue.length > 0}
		<a
			href="#overdue-title"
			class="linen sticky bottom-[62px] z-20 flex min-h-13 items-center gap-3 border-t-2 border-dashed border-linen-deep px-edge text-ink no-underline sm:hidden"
		>
			<b class="whitespace-nowrap">{overdueLine(view.overdue.length)}</b>
			<span class="text-tin-text">{TODAY.notUrgent}</span>
			<span class="ml-auto font-name text-cobalt-ink underline underline-offset-4">{TODAY.show}</span>
		</a>
	{/if}
</div>

{#if view.sheet && data.JobSheet}
	<data.JobSheet
		sheet={view.sheet}
		{view}
		canEdit={page.data.role === 'organiser'}
		{wrong}
		values={form && 'values' in form ? (form.values ?? {}) : {}}
		closeHref={dayHref(view.date)}
		onclose={closeSheet}
	/>
{/if}
