<script lang="ts">
	import Choice from '$ui/kit/Choice.svelte';
	import AddOnce from '$ui/today/AddOnce.svelte';
	import { goto } from '$app/navigation';
	import { onMount } from 'svelte';
	import Glyph from '$ui/glyphs/Glyph.svelte';
	import Weave from '$ui/glyphs/Weave.svelte';
	import Notice from '$ui/Notice.svelte';
	import Round from '$ui/schedule/Round.svelte';
	import RoundTop from '$ui/schedule/RoundTop.svelte';
	import SwapWeeks from '$ui/schedule/SwapWeeks.svelte';
	import Week from '$ui/schedule/Week.svelte';
	import { SWAP } from '$words/schedule';
	import { minutesText } from '$words/general';
	import ActForm from '$ui/ActForm.svelte';
	let { data, form } = $props();
	const view = $derived(data.view);
	let swapping = $state(false);
	const hrefOf = (date: string) => `/schedule?on=${date}`;
	const NAMES = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];
	onMount(() => {
		const onKey = (event: KeyboardEvent) => {
			if (event.ctrlKey || event.altKey || event.metaKey) return;
			const target = event.target as HTMLElement | null;
			if (target?.closest('input, select, textarea, ul[aria-label], button')) return;
			if (event.key === 'ArrowLeft') void goto(hrefOf(view.before), { noScroll: true });
			else if (event.key === 'ArrowRight') void goto(hrefOf(view.after), { noScroll: true });
		};
		window.addEventListener('keydown', onKey);
		return () => window.removeEventListener('keydown', onKey);
	});
</script>

<svelte:head><title>Schedule · Pail Round</title></svelte:head>

<div class="rota" class:wide={view.mode !== 'week'}>
	{#if view.mode === 'week'}
		<div class="dial"><Round {view} {hrefOf} /></div>
		<div class="dial-top"><RoundTop {view} {hrefOf} /></div>
	{/if}
	<section class="side">
		<header class:under-dial={view.mode === 'week'}>
			<div>
				<h1>{view.mode === 'month' && view.month ? view.month.name : view.title}</h1>
				<p class="dim">{view.under}</p>
			</div>
			<nav aria-label="Weeks">
				<a
					class="arrow"
					href={view.mode === 'month' && view.month
						? `/schedule?show=month&on=${view.month.before}`
						: `${hrefOf(view.before)}${view.mode === 'list' ? '&show=list' : ''}`}
					aria-label="Before"
					data-sveltekit-noscroll>‹</a
				>
				<a
					class="arrow"
					href={view.mode === 'month' && view.month
						? `/schedule?show=month&on=${view.month.after}`
						: `${hrefOf(view.after)}${view.mode === 'list' ? '&show=list' : ''}`}
					aria-label="After"
					data-sveltekit-noscroll>›</a
				>
			</nav>
		</header>
		<p class="modes">
			{#each [['week', 'Week'], ['month', 'Month'], ['list', 'As a list']] as [mode, name] (mode)}
				<a
					class="text-link"
					href="/schedule?on={view.chosen}{mode === 'week' ? '' : `&show=${mode}`}"
					aria-current={view.mode === mode ? 'true' : undefined}>{name}</a
				>
			{/each}
			<AddOnce
				date={view.chosen < view.today ? view.today : view.chosen}
				today={view.today}
				me={view.me}
				members={view.members}
				rooms={view.rooms}
			/>
			<a class="text-link" href="/house/pauses">Pauses</a>
			{#if view.swap}<button class="text-link" aria-expanded={swapping} onclick={() => (swapping = !swapping)}
					>{SWAP.open}</button
				>{/if}
			<a class="text-link" href="/house/files#calendar">Calendar</a>
		</p>
		{#if form && 'saved' in form && form.saved}<Notice><span>{form.saved}</span></Notice>{/if}
		{#if view.swap && swapping}<SwapWeeks swap={view.swap} formId={view.formId} chosen={view.chosen} />{/if}
		{#if form && 'message' in form && form.message}
			<Notice tone={'undo' in form ? 'done' : 'wrong'}>
				<span>{form.message}</span>
				{#if 'undo' in form && form.undo}
					<ActForm action="/schedule?on={view.chosen}&/undo" values={{ of: form.undo, seed: view.formId }}>
						<button class="text-link">Undo</button>
					</ActForm>
				{/if}
			</Notice>
		{/if}
		{#if view.mode === 'week'}
			<Week {view} />
			<ul class="legend">
				{#each view.zones as zone (zone.id)}
					<li>
						<span class="swatch"><Weave weave={zone.weave} /><span class="mini">{zone.number}</span></span
						>{zone.name}
					</li>
				{/each}
				<li><Glyph name="coming" size={24} />Yearly job</li>
			</ul>
		{:else if view.mode === 'month' && view.month}
			<table class="month">
				<thead
					><tr
						><th scope="col">Week</th>{#each NAMES as name, i (name)}<th scope="col">{NAMES[(i + 0) % 7]}</th
							>{/each}</tr
					></thead
				>
				<tbody>
					{#each view.month.rows as row (row.row)}
						<tr>
							<th scope="row">{row.row}</th>
							{#each row.days as day, i (i)}
								{#if day}
									<td class:today={day.isToday}>
										<a href={hrefOf(day.date)}>
											<span class="top"
												><b>{day.day}</b>{#if day.zone}<span class="mini">{day.zone}</span>{/if}</span
											>
											{#if day.weave}<span class="band"><Weave weave={day.weave} /></span>{:else}<span
													class="band bare"
												></span>{/if}
											<span class="names"
												>{day.names[0] ?? ''}{day.names.length > 1
													? ` and ${day.names.length - 1} more`
													: ''}</span
											>
											<span class="dim">{day.minutes}<span class="unit"> min</span></span>
										</a>
									</td>
								{:else}<td class="out"></td>{/if}
							{/each}
						</tr>
					{/each}
				</tbody>
			</table>
		{:else}
			<ol class="aloud">
				{#each view.days as day (day.date)}
					<li>
						<h2>{day.name}{day.subject ? `, ${day.subject}` : ''}</h2>
						<p>
							{#if day.zone}{day.zone.name} is on.{/if}
							{#if day.items.length === 0}Nothing but the basics{day.note
									? `; ${day.note.toLowerCase()}`
									: ''}.{:else}
								{day.items
									.map(
										(item) => `${item.name}, ${item.who || 'anyone'}, ${minutesText(item.minutes)} minutes`
									)
									.join('. ')}.{/if}
						</p>
					</li>
				{/each}
			</ol>
		{/if}
		<form method="get" action="/schedule" class="find">
			<input type="hidden" name="on" value={view.chosen} />
			<Choice
				label="When is"
				name="find"
				value={view.find ?? ''}
				options={[
					{ value: '', label: 'any job' },
					...view.jobs.map((job) => ({ value: job.id, label: job.name }))
				]}
				sends
			/>
			<noscript><button class="plain">Show its next date</button></noscript>
			{#if view.found}
				<p role="status">
					<b>{view.found.name}</b>
					{view.found.words}. {#if view.found.week}<a class="text-link" href={hrefOf(view.found.week)}
							>Show its week</a
						>{/if}
				</p>
			{/if}
		</form>
		{#each view.notes as note, i (i)}<p class="dim">{note}</p>{/each}
	</section>
</div>

<style>
	.rota {
		display: grid;
		grid-template-columns: minmax(0, 1.42fr) minmax(440px, 1fr);
		gap: 44px;
		flex: 1;
		padding: 4px calc(var(--page-edge) - var(--rim)) 16px;
	}
	.rota.wide {
		grid-template-columns: minmax(0, 1fr);
	}
	.dial {
		min-width: 0;
	}
	.dial-top {
		display: none;
	}
	header {
		display: flex;
		justify-content: space-between;
		gap: 16px;
	}
	nav {
		display: flex;
		gap: 10px;
	}
	.modes {
		display: flex;
		flex-wrap: wrap;
		gap: 2px 18px;
		margin: 6px 0 8px;
	}
	.modes a[aria-current] {
		color: var(--ink);
		text-decoration: none;
	}
	.legend {
		display: grid;
		grid-template-columns: repeat(3, auto);
		gap: 8px 16px;
		list-style: none;
		margin: 12px 0 4px;
		padding: 0;
	}
	.legend li {
		display: flex;
		align-items: center;
		gap: 8px;
	}
	.swatch {
		position: relative;
		width: 36px;
		height: 26px;
		flex: none;
	}
	.swatch :global(svg) {
		position: absolute;
		inset: 0;
	}
	.swatch .mini {
		position: absolute;
		inset: 2px 7px;
	}
	.mini {
		display: inline-grid;
		place-items: center;
		min-width: 22px;
		height: 22px;
		border: 2px solid var(--cobalt-ink);
		border-radius: 5px;
		background: var(--enamel-hi);
		color: var(--cobalt-ink);
		font-weight: 780;
		font-size: 0.8125rem;
	}
	.find {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 6px 12px;
		margin: 8px 0 4px;
	}
	.find p {
		flex: 1 0 100%;
	}
	.month {
		width: 100%;
		border-collapse: collapse;
		table-layout: fixed;
	}
	.month th {
		font-weight: 400;
		color: var(--tin-text);
		padding: 4px;
		text-align: left;
	}
	.month th:first-child {
		width: 48px;
	}
	.month td {
		border: 1px solid var(--tin-1);
		vertical-align: top;
		height: 90px;
		padding: 0;
	}
	.month td a {
		display: grid;
		gap: 3px;
		padding: 6px 8px;
		height: 100%;
		align-content: start;
		color: var(--ink);
		text-decoration: none;
	}
	.month td.today {
		box-shadow: inset 0 0 0 3px var(--cobalt-ink);
	}
	.month td.out {
		background: var(--linen);
	}
	.top {
		display: flex;
		justify-content: space-between;
	}
	.band {
		height: 12px;
		display: block;
		overflow: hidden;
	}
	.band.bare {
		background: none;
	}
	.names {
		font-size: 0.9375rem;
		line-height: 1.2;
	}
	.aloud {
		list-style: none;
		margin: 0;
		padding: 0;
		columns: 2 440px;
		column-gap: 48px;
		font-size: 1.125rem;
	}
	.aloud li {
		break-inside: avoid;
		padding: 10px 0;
		border-bottom: var(--stitch);
	}
	@media (max-width: 1000px) {
		.rota,
		.rota.wide {
			grid-template-columns: minmax(0, 1fr);
			gap: 12px;
			padding: 12px 15px 24px;
		}
		.dial {
			display: none;
		}
		.dial-top {
			display: block;
		}
		/* The dial says which week it is, and has the two buttons. */
		.under-dial {
			position: absolute;
			width: 1px;
			height: 1px;
			overflow: hidden;
			clip-path: inset(50%);
		}
		.under-dial nav {
			display: none;
		}
		.modes {
			margin-top: 2px;
		}
		.legend {
			grid-template-columns: 1fr 1fr;
		}
		.month .names,
		.month .unit {
			display: none;
		}
		.month td {
			height: 88px;
		}
		.month td a {
			padding: 4px 4px 0;
			font-size: 0.9375rem;
		}
		.month .top {
			display: grid;
			gap: 2px;
		}
		.month th {
			padding: 4px 2px;
		}
		.month th:first-child {
			width: 32px;
		}
	}
</style>
