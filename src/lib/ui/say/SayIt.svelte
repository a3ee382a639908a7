<script lang="ts">
	/** A line to say it in, and below it what that would do, as it is typed. Enter does it. */
	import { goto, invalidateAll } from '$app/navigation';
	import { onMount } from 'svelte';
	import ActForm from '../ActForm.svelte';
	import Glyph from '../glyphs/Glyph.svelte';
	import type { SaidView } from '$views/command';
	let { first, formId = '', onended }: { first: SaidView; formId?: string; onended?: () => void } = $props();
	// svelte-ignore state_referenced_locally
	let text = $state(first.text);
	// svelte-ignore state_referenced_locally
	let said = $state<SaidView>(first);
	let told = $state('');
	let sent = '';
	let field: HTMLInputElement;
	let asked = 0;
	onMount(() => field.focus());

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
			if (mine === asked) told = 'The server does not answer just now. What you typed stays.';
		}
	}
	function take(words: string) {
		text = words;
		field.focus();
		void ask();
	}
	async function enter(event: SubmitEvent) {
		event.preventDefault();
		if (said.text !== text) await ask();
		if (said.act?.kind === 'go') {
			await goto(said.act.href);
			onended?.();
		} else if (said.act?.kind === 'send')
			document.querySelector<HTMLFormElement>('.say-act')?.requestSubmit();
		else if (said.suggestions[0]) take(said.suggestions[0]);
	}
</script>

<div>
	<form class="flex gap-2.5" method="get" action="/say" onsubmit={enter}>
		<label for="say-text" class="sr">Type a command</label>
		<input
			id="say-text"
			class="field flex-1 min-w-0 text-[1.25rem]"
			name="text"
			maxlength="200"
			autocomplete="off"
			placeholder="15 kitchen · done mop · wash started"
			bind:value={text}
			bind:this={field}
			oninput={ask}
		/>
		<button class="plain">Show what it does</button>
	</form>
	<div class="preview linen mt-3.5 py-4 px-4.5 [border-block:var(--stitch)]" aria-live="polite">
		<p><b>{told || said.says}</b></p>
		{#if said.list.length > 0}
			<ul class="mt-2.5">
				{#each said.list as one (one.href)}
					<li class="flex items-center gap-2.5 min-h-10">
						<Glyph name="late" size={22} /><a href={one.href} onclick={() => onended?.()}>{one.name}</a><span
							class="dim">{one.words}</span
						>
					</li>
				{/each}
			</ul>
		{/if}
		{#if said.act?.kind === 'go'}
			<a class="sign" href={said.act.href} onclick={() => onended?.()}>{said.act.label}</a>
		{:else if said.act?.kind === 'send'}
			<ActForm
				class="say-act"
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
							data?.message ?? (data?.form as { message?: string } | undefined)?.message ?? 'Done.'
						);
						if (result.type === 'success') text = '';
					}
				}}><button class="sign">{said.act.label}</button></ActForm
			>
		{/if}
		{#if said.suggestions.length > 0}
			<p class="mt-3 flex flex-wrap gap-2">
				{#each said.suggestions as words (words)}<button
						type="button"
						class="plain"
						onclick={() => take(words)}>{words}</button
					>{/each}
			</p>
		{/if}
	</div>
</div>

<style>
	.preview :global(.sign) {
		margin-top: 12px;
	}
</style>
