<script lang="ts">
	/** What runs by itself: slack strings from the present to the hour at which to fetch. */
	import { minutesText } from '$words/general';
	import type { StringView } from '$views/today';
	import { once } from '../once';
	let { strings, now }: { strings: readonly StringView[]; now: number } = $props();
	const minutesTo = (string: StringView) => (string.fetchAt - now) / 60_000;
	const share = (string: StringView) => Math.sqrt(Math.max(0, Math.min(1, minutesTo(string) / 420)));
	function waits(string: StringView): string {
		const minutes = minutesTo(string);
		if (minutes <= 0) return string.rings ? 'now, in a hurry' : 'fetch it now';
		return minutes < 60 ? `in ${Math.ceil(minutes)} min` : `in ${minutesText(minutes / 60)} h`;
	}
</script>

<section class="strings" aria-labelledby="strings-title">
	<div class="title">
		<h2 id="strings-title">Runs by itself</h2>
		<p>Fetch at the time shown</p>
	</div>
	<ul>
		{#each strings as string (string.session + string.step)}
			<li style:--share={share(string)} class:taut={minutesTo(string) <= 0}>
				<svg class="slack" viewBox="0 0 100 24" preserveAspectRatio="none" aria-hidden="true">
					<path
						d="M0 6C30 {minutesTo(string) <= 0 ? 6 : 22} 70 {minutesTo(string) <= 0 ? 6 : 22} 100 6"
						fill="none"
						stroke="var(--cobalt-ink)"
						stroke-width="2"
						vector-effect="non-scaling-stroke"
					/>
				</svg>
				<span class="fetch" class:now={minutesTo(string) <= 0}>{string.time}</span>
				<span class="what"
					><b
						>{#if string.href}<a href={string.href}>{string.label}</a>{:else}{string.label}{/if}</b
					>
					<span class="dim"><span class="room">{string.room},{' '}</span>{waits(string)}</span></span
				>
				{#if string.trailing && minutesTo(string) <= 10}
					<form method="post" action="/timer/{string.session}?/event" use:once>
						<input type="hidden" name="back" value="/" />
						<input type="hidden" name="step" value={string.step} />
						<button class="text-link" name="kind" value="fetched">Fetched</button>
					</form>
				{/if}
			</li>
		{/each}
	</ul>
</section>

<style>
	.strings {
		position: relative;
		display: grid;
		grid-template-columns: 172px 1fr;
		min-height: 58px;
		padding: 0 0 6px;
	}
	.title h2 {
		margin: 4px 0 2px;
		font-size: 1.25rem;
	}
	.title p {
		margin: 0;
		color: var(--tin-text);
		font-size: var(--t-note);
		white-space: nowrap;
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	li {
		display: flex;
		align-items: center;
		gap: 10px;
		min-height: 30px;
	}
	li::before {
		content: '';
		width: 10px;
		height: 10px;
		margin-left: -5px;
		border-radius: 50%;
		background: var(--cobalt-ink);
		flex: none;
		margin-right: -12px;
	}
	.slack {
		width: calc(60px + var(--share) * 46%);
		height: 20px;
		flex: none;
		margin-right: -10px;
	}
	.what {
		white-space: nowrap;
		overflow: hidden;
		text-overflow: ellipsis;
	}
	.what b {
		font-weight: 500;
	}
	.dim {
		margin-left: 4px;
	}
	.text-link {
		min-height: 44px;
		margin: -8px 0;
	}
	@media (max-width: 900px) {
		.strings {
			grid-template-columns: 1fr;
			min-height: 0;
		}
		.title {
			display: none;
		}
		.slack {
			width: 62px;
		}
		li {
			min-height: 46px;
		}
		.what {
			white-space: normal;
			flex: 1;
			display: flex;
			justify-content: space-between;
			gap: 10px;
		}
	}
	@media (max-width: 640px) {
		.room {
			display: none;
		}
		.dim {
			white-space: nowrap;
		}
		.strings {
			margin: 0 0 6px -28px;
		}
		ul {
			margin-left: 12px;
		}
	}
</style>
