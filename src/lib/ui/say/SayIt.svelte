<script lang="ts">
	/** A line to say it in, and below it what that would do, as it is typed: the arrow keys choose, Enter does it. */
	import { goto, invalidateAll } from '$app/navigation';
	import { SAY } from '$words/say';
	import { onMount, tick } from 'svelte';
	import ActForm from '../ActForm.svelte';
	import Button from '../kit/Button.svelte';
	import CommandList, { type CommandLine } from '../kit/CommandList.svelte';
	import type { SaidView } from '$views/command';
	let { first, formId = '', onended }: { first: SaidView; formId?: string; onended?: () => void } = $props();
	// svelte-ignore state_referenced_locally
	let text = $state(first.text);
	// svelte-ignore state_referenced_locally
	let said = $state<SaidView>(first);
	let told = $state('');
	let sent = '';
	let field = $state<HTMLInputElement | null>(null);
	let act = $state<HTMLElement>();
	let asked = 0;
	/** Without scripts the page shows what can be pressed as links and buttons. */
	let hasScripts = $state(false);
	onMount(() => {
		hasScripts = true;
		field?.focus({ preventScroll: true });
	});

	/** Asks what the words would do; only the newest answer counts. */
	async function ask() {
		const mine = ++asked;
		told = '';
		try {
			const response = await fetch(`/say/read?text=${encodeURIComponent(text)}`);
			if (!response.ok) throw new Error('away');
			const answer = (await response.json()) as SaidView;
			if (mine === asked) said = answer;
		} catch {
			if (mine === asked) told = SAY.away;
		}
	}
	async function take(words: string) {
		text = words;
		field?.focus({ preventScroll: true });
		await ask();
	}
	async function go(href: string) {
		await goto(href);
		onended?.();
	}
	const doIt = () =>
		said.act?.kind === 'go'
			? go(said.act.href)
			: act?.querySelector<HTMLFormElement>('form')?.requestSubmit();
	const lines = $derived<CommandLine[]>([
		...(said.act ? [{ value: 'act', label: said.act.label, onpick: () => void doIt() }] : []),
		...said.list.map((one, i) => ({
			value: `list ${i}`,
			label: one.name,
			line: one.words,
			onpick: () => void go(one.href)
		})),
		...said.suggestions.map((words) => ({
			value: `try ${words}`,
			label: words,
			onpick: () => void take(words)
		}))
	]);
	/** Enter before the answer is there waits for it. */
	async function onkeydowncapture(event: KeyboardEvent) {
		if (event.key !== 'Enter' || said.text === text || event.target !== field) return;
		event.preventDefault();
		event.stopPropagation();
		await ask();
		await tick();
		lines[0]?.onpick();
	}
</script>

<!-- The list takes its keys itself; here Enter only waits for what it would take. -->
<form
	method="get"
	action="/say"
	class="grid gap-3"
	{onkeydowncapture}
	onsubmit={(event) => event.preventDefault()}
>
	<p class="linen m-0 px-4.5 py-3 font-name [border-block:var(--stitch)]" aria-live="polite">
		{told || said.says}
	</p>
	<CommandList
		label={SAY.title}
		placeholder={SAY.example}
		name="text"
		maxlength={200}
		filters={false}
		bind:text={
			() => text,
			(to) => {
				if (to === text) return;
				text = to;
				void ask();
			}
		}
		bind:field
		{lines}
	/>
	{#if !hasScripts}
		<p class="m-0 flex flex-wrap gap-2">
			<Button type="submit">{SAY.show}</Button>
			{#if said.act?.kind === 'go'}<Button kind="solid" href={said.act.href}>{said.act.label}</Button>{/if}
			{#each said.list as one (one.href)}<Button href={one.href}>{one.name}, {one.words}</Button>{/each}
			{#each said.suggestions as words (words)}<Button href="/say?text={encodeURIComponent(words)}"
					>{words}</Button
				>{/each}
		</p>
	{/if}
</form>
{#if said.act?.kind === 'send'}
	<div bind:this={act} hidden={hasScripts} class="mt-3">
		<ActForm
			action={said.act.action}
			values={{ ...said.act.values, ...(formId ? { seed: formId, id: formId } : {}) }}
			then={{
				sending: (busy) => {
					if (busy) sent = text;
				},
				ended: (result) => {
					const data = result.type === 'success' || result.type === 'failure' ? result.data : undefined;
					if (result.type === 'success') void invalidateAll();
					// Whoever types on already is not answered over.
					if (text !== sent) return;
					told = String(
						data?.message ?? (data?.form as { message?: string } | undefined)?.message ?? SAY.done
					);
					if (result.type !== 'success') return;
					text = '';
					said = { ...said, text: '', act: null, list: [], suggestions: [] };
				}
			}}><Button kind="solid" type="submit">{said.act.label}</Button></ActForm
		>
	</div>
{/if}
