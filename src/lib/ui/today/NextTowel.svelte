<script lang="ts">
	/** The next act: the one solid button of the page. */
	import Peg from '../glyphs/Peg.svelte';
	import Weave from '../glyphs/Weave.svelte';
	import { minutesText } from '$words/general';
	import TickForm from './TickForm.svelte';
	import type { TagView } from '$views/today';
	import { once } from '../once';
	let {
		tag,
		date,
		me,
		members,
		openHref,
		formId,
		narrow = false,
		starts = true
	}: {
		tag: TagView;
		date: string;
		me: string;
		members: readonly { readonly id: string; readonly name: string }[];
		openHref: string;
		formId: string;
		narrow?: boolean;
		/** Whether a pail can be started from here. */
		starts?: boolean;
	} = $props();
	const who = $derived(tag.whoIds.includes(me) || tag.whoIds.length === 0 ? me : (tag.whoIds[0] as string));
	const whoName = $derived(members.find((m) => m.id === who)?.name ?? '');
</script>

<article class="next" class:narrow data-line={tag.line} aria-label="Next">
	<span class="pegs" aria-hidden="true"><Peg /><Peg /></span>
	<span class="side-pegs" aria-hidden="true"><Peg side /><Peg side /></span>
	{#if tag.zone}<span class="band"><Weave weave={tag.zone.weave} /></span>{/if}
	<div class="head">
		<TickForm {tag} {date} {me} />
		<span class="label">Next</span>
		<span class="minutes"><b>{minutesText(tag.minutes)}</b> min</span>
	</div>
	<h2>
		<a href={openHref} data-sveltekit-noscroll data-sveltekit-replacestate
			>{tag.name}{#if tag.variant}: {tag.variant}{/if}</a
		>
	</h2>
	<p>{tag.room}{whoName ? `, for ${whoName}` : ''}</p>
	{#if tag.state === 'late'}<p class="late">{tag.words}</p>{/if}
	{#if tag.share}<p>{tag.share}</p>{/if}
	{#if starts}<form method="post" action="/timer?/start" use:once>
			<input type="hidden" name="id" value={formId} />
			<input type="hidden" name="line" value={tag.line} />
			<input type="hidden" name="member" value={who} />
			<button class="sign">Start</button>
		</form>{/if}
</article>

<style>
	.next {
		position: relative;
		width: 324px;
		flex: none;
		min-height: 300px;
		margin-top: 5px;
		padding: 24px 24px 46px;
		border-radius: 0 0 6px 6px;
		background: var(--enamel-hi);
		box-shadow: var(--sh-next);
		display: flex;
		flex-direction: column;
	}
	.narrow {
		width: 244px;
		padding-left: 18px;
		padding-right: 18px;
	}
	.narrow h2 {
		font-size: 1.9375rem;
	}
	.pegs {
		position: absolute;
		top: -14px;
		left: 28px;
		right: 28px;
		display: flex;
		justify-content: space-between;
	}
	.side-pegs {
		display: none;
	}
	.band {
		position: absolute;
		left: 2px;
		right: 2px;
		bottom: 11px;
		height: 19px;
	}
	.head {
		display: flex;
		align-items: center;
		gap: 4px;
	}
	.label {
		flex: 1;
		font-size: 1.1875rem;
		font-weight: var(--w-name);
		color: var(--cobalt-ink);
	}
	.minutes {
		color: var(--tin-text);
	}
	.minutes b {
		font-size: 1.375rem;
		font-weight: var(--w-figure);
		color: var(--ink);
	}
	h2 {
		margin: 8px 0 0;
		font-size: var(--t-next);
		line-height: var(--lh-display);
		overflow-wrap: break-word;
		hyphens: auto;
	}
	h2 a {
		color: inherit;
		text-decoration: none;
	}
	h2 a:hover {
		text-decoration: underline;
		text-decoration-thickness: 2px;
		text-underline-offset: 5px;
	}
	p {
		margin: 10px 0 0;
		font-size: 1.125rem;
		color: var(--tin-text);
	}
	.late {
		margin-top: 2px;
		color: var(--brass-text);
		font-weight: var(--w-name);
	}
	form:last-child {
		margin-top: auto;
		padding-top: 16px;
	}
	.sign {
		width: 100%;
	}
	@media (max-width: 640px) {
		.next,
		.next.narrow {
			width: auto;
			min-height: 0;
			margin: 0 0 18px;
			padding: 18px 18px 18px 58px;
			border-radius: 6px;
		}
		.pegs {
			display: none;
		}
		.side-pegs {
			display: flex;
			flex-direction: column;
			justify-content: space-evenly;
			position: absolute;
			left: -16px;
			top: 0;
			bottom: 0;
		}
		.band {
			left: 13px;
			right: auto;
			top: 1px;
			bottom: 1px;
			width: 22px;
			height: auto;
		}
		p {
			margin-top: 6px;
		}
		form:last-child {
			padding-top: 14px;
			margin-left: -6px;
		}
	}
</style>
