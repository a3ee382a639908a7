<script lang="ts">
	/**
	 * The pages of a card. All lengths are in `--mm`: a millimetre on paper, as many pixels as fit on the screen.
	 * Ink only: weaves as line patterns, hollow boxes, no shaded grounds.
	 */
	import { PRINT_SHEET } from '$words/screens/print';
	import { SUPPLIES } from '$words/supplies/cupboard';
	import { cautionText, type Column, type PlacedRow } from '$core/cards/pages';
	import { BOX, GAP } from '$core/cards/sizes';
	import type { SheetView } from '$views/print';
	let { sheet, mm = '1mm' }: { sheet: SheetView; mm?: string } = $props();
	const minutes = (n: number) => (n > 0 ? `${Math.round(n)} minutes` : '');
	const isNarrow = $derived(sheet.kind === 'bookmark' || sheet.kind === 'week');
	/** Waits of a column whose both ends are on it: a string beside the words. */
	const strings = (column: Column) =>
		column.rows.flatMap((row) => {
			const to = row.wait ? column.rows.find((one) => one.at === row.wait?.to) : undefined;
			return row.wait && to && !row.waitUnder ? [{ from: row, to, wait: row.wait }] : [];
		});
	const waitWords = (wait: NonNullable<PlacedRow['wait']>) =>
		PRINT_SHEET.min(wait.min, wait.max === null ? '' : PRINT_SHEET.notOver(wait.max));
	const middle = (row: PlacedRow) => row.y + row.height / 2;
	const heightOf = (column: Column) => {
		const last = column.rows.at(-1);
		return last ? last.y + last.height : 0;
	};
	const sideOf = (column: Column) =>
		column.parts > 1 ? `${column.side.name}, ${column.part} of ${column.parts}` : column.side.name;
</script>

{#snippet rows(column: Column)}
	{@const wide = column.side.columns.length}
	<div class="rows" style:height="calc(var(--mm) * {heightOf(column)})">
		{#each column.rows as row (row.at)}
			{#if row.heading}<p
					class="part"
					style:top="calc(var(--mm) * {row.y - row.headingHeight})"
					style:height="calc(var(--mm) * {row.headingHeight})"
				>
					{row.heading}
				</p>{/if}
			<div
				class="line"
				class:numbered={row.number !== null}
				class:under={row.under}
				style:--lines={row.lines}
				style:top="calc(var(--mm) * {row.y})"
				style:height="calc(var(--mm) * {row.height})"
				style:--box="calc(var(--mm) * {row.under ? BOX - 0.6 : Math.min(BOX, row.height - 1.1)})"
			>
				{#if row.number !== null}<span class="number">{row.number}</span>{/if}
				<span class="text"
					><b>{row.text}</b>{#if row.note && row.height >= 8.5 && sheet.kind !== 'bookmark'}<span class="note"
							>{row.note}</span
						>{/if}{#if row.wait && row.waitUnder}<span class="note"
							>{PRINT_SHEET.thenWait(waitWords(row.wait))}</span
						>{/if}</span
				>
				<span class="boxes"
					>{#each row.boxes as box, i (i)}<span class="box" class:none={box === null}></span>{/each}</span
				>
			</div>
		{/each}
		{#each strings(column) as one, i (i)}
			{@const y1 = middle(one.from)}
			{@const y2 = middle(one.to)}
			<svg
				class="string"
				style:top="calc(var(--mm) * {y1})"
				style:height="calc(var(--mm) * {y2 - y1})"
				style:right="calc(var(--mm) * {wide * (BOX + GAP) + 2 + i * 4})"
				viewBox="0 0 10 100"
				preserveAspectRatio="none"
				aria-hidden="true"
			>
				<path d="M2 1Q10 50 2 99" vector-effect="non-scaling-stroke" />
			</svg>
			<span
				class="wait"
				style:top="calc(var(--mm) * {(y1 + y2) / 2 - 4})"
				style:right="calc(var(--mm) * {wide * (BOX + GAP) + 1 + i * 4})">{waitWords(one.wait)}</span
			>
		{/each}
	</div>
{/snippet}

{#each sheet.pages as page, i (i)}
	{@const first = page.columns[0]}
	<article
		class="sheet {sheet.size} {sheet.kind}"
		style:--mm={mm}
		style:width="calc(var(--mm) * {sheet.width})"
		style:height="calc(var(--mm) * {sheet.height})"
		style:padding="calc(var(--mm) * {sheet.margin})"
		aria-label={PRINT_SHEET.pageOf(sheet.title, i + 1, sheet.pages.length)}
	>
		<div class="weave {sheet.zone?.weave ?? 'no-zone'}" aria-hidden="true"></div>
		<header>
			{#if sheet.zone}<span class="plate">{sheet.zone.number}</span>{/if}
			<h2>{sheet.title}</h2>
			{#if isNarrow}<span class="when">{sheet.when}</span>{/if}
		</header>
		{#if !isNarrow && first}
			<p class="rhythm">
				<b>{sheet.kind === 'person' ? sheet.when : sideOf(first)}</b>
				{minutes(first.side.minutes)}{first.side.isWeekly ? PRINT_SHEET.inThisOrder : ''}
			</p>
			<div class="heads">
				{#each first.side.columns as column, c (c)}<span>{column}</span>{/each}
			</div>
			{@render rows(first)}
			{#if first.cautions.length > 0}
				<ul class="cautions">
					{#each first.cautions as care (care.headline + care.text)}
						<li><b>{care.headline}</b> {cautionText({ ...care, headline: '' })}</li>
					{/each}
					<li>{SUPPLIES.labelShort}</li>
				</ul>
			{/if}
		{:else if sheet.kind === 'bookmark'}
			<div class="halves">
				{#each page.columns as column, c (c)}
					<div>
						<p class="rhythm"><b>{column.side.name}</b></p>
						{#if column.rows.some((row) => row.boxes.length > 1)}
							<div class="heads" class:under={column.rows.some((row) => row.under)}>
								{#each column.side.columns as letter, l (l)}<span>{letter}</span>{/each}
							</div>
						{/if}
						{@render rows(column)}
					</div>
				{/each}
			</div>
		{:else}
			{@const daily = page.columns.filter((column) => column.side.columns.length > 3)}
			{@const others = page.columns.filter((column) => column.side.columns.length <= 3)}
			{#each daily as column, c (c)}
				<div class="heads">
					<b class="of">{sideOf(column)}</b>
					{#each column.side.columns as letter, l (l)}<span>{letter}</span>{/each}
				</div>
				{@render rows(column)}
			{/each}
			<div class="across" style:--n={others.length}>
				{#each others as column, c (c)}<div>{@render rows(column)}</div>{/each}
			</div>
		{/if}
		<footer>
			<span class="code"><span>{PRINT_SHEET.code}</span><b>{sheet.code}</b></span>
			<span class="notes"
				>{#each sheet.notes[first?.side.name ?? ''] ?? [] as note (note)}<span>{note}</span
					>{/each}{#if sheet.pages.length > 1}<span>{PRINT_SHEET.pageOfOf(i + 1, sheet.pages.length)}</span
					>{/if}</span
			>
		</footer>
	</article>
{/each}

<style>
	/* 12 pt is 4.23 mm. */
	.sheet {
		/* Letters as wide as on paper, however small it is shown. */
		text-rendering: geometricPrecision;
		position: relative;
		box-sizing: border-box;
		display: flex;
		flex-direction: column;
		background: white;
		color: black;
		font-size: calc(var(--mm) * 4.24);
		line-height: 1.15;
		overflow: hidden;
		break-after: page;
		break-inside: avoid;
	}
	.sheet:last-child {
		break-after: auto;
	}
	.weave {
		flex: none;
		height: calc(var(--mm) * 4);
		border-block: calc(var(--mm) * 0.35) solid black;
		background-size: calc(var(--mm) * 4) calc(var(--mm) * 4);
	}
	.stripe {
		background-image: linear-gradient(90deg, black 12%, transparent 12% 50%, black 50% 56%, transparent 56%);
	}
	.check {
		background-image:
			linear-gradient(90deg, black 9%, transparent 9%), linear-gradient(black 9%, transparent 9%);
	}
	.waffle {
		background-image:
			linear-gradient(black 8%, transparent 8%), linear-gradient(90deg, black 8%, transparent 8%),
			linear-gradient(45deg, transparent 40%, black 40% 46%, transparent 46%);
	}
	.herringbone {
		background-image:
			linear-gradient(45deg, transparent 44%, black 44% 52%, transparent 52%),
			linear-gradient(-45deg, transparent 44%, black 44% 52%, transparent 52%);
	}
	.dots {
		background-image: radial-gradient(black 20%, transparent 24%);
	}
	.twill {
		background-image: linear-gradient(-45deg, transparent 40%, black 40% 48%, transparent 48% 90%, black 90%);
	}
	.basket {
		background-image:
			linear-gradient(black 10%, transparent 10% 40%, black 40% 50%, transparent 50%),
			linear-gradient(90deg, black 6%, transparent 6%);
	}
	header {
		display: flex;
		align-items: center;
		gap: calc(var(--mm) * 4);
		height: calc(var(--mm) * 16);
		flex: none;
	}
	.plate {
		width: calc(var(--mm) * 10);
		height: calc(var(--mm) * 10);
		border: calc(var(--mm) * 0.7) solid black;
		box-shadow: none;
		background: white;
		color: black;
		font-size: calc(var(--mm) * 6);
	}
	h2 {
		flex: 1;
		margin: 0;
		font-size: calc(var(--mm) * 9.5);
		line-height: 1;
		color: black;
		overflow-wrap: anywhere;
	}
	.A6 h2 {
		font-size: calc(var(--mm) * 7);
	}
	.rhythm {
		flex: none;
		height: calc(var(--mm) * 9);
		margin: 0;
		border-bottom: calc(var(--mm) * 0.6) solid black;
		font-size: calc(var(--mm) * 4.5);
	}
	.heads {
		flex: none;
		display: flex;
		justify-content: flex-end;
		gap: calc(var(--mm) * 1.6);
		height: calc(var(--mm) * 7);
		align-items: end;
		font-weight: 700;
	}
	.week .heads {
		height: calc(var(--mm) * 8);
	}
	.heads span {
		width: calc(var(--mm) * 7.5);
		text-align: center;
	}
	.of {
		flex: 1;
	}
	.rows {
		position: relative;
		flex: none;
	}
	.part {
		position: absolute;
		left: 0;
		right: 0;
		margin: 0;
		display: flex;
		align-items: end;
		font-weight: 700;
		border-bottom: calc(var(--mm) * 0.3) solid black;
		padding-bottom: calc(var(--mm) * 0.6);
	}
	.line {
		position: absolute;
		left: 0;
		right: 0;
		display: flex;
		align-items: center;
		gap: calc(var(--mm) * 2.5);
		border-bottom: calc(var(--mm) * 0.25) dashed black;
	}
	.line.under {
		flex-wrap: wrap;
		align-content: center;
		gap: 0;
		line-height: 1.05;
	}
	.number {
		width: calc(var(--mm) * 7);
		font-size: calc(var(--mm) * 5.6);
		font-weight: 750;
	}
	.text {
		flex: 1;
		min-width: 0;
		display: grid;
		overflow: hidden;
	}
	.under .text {
		flex-basis: 100%;
	}
	.text b {
		overflow-wrap: anywhere;
	}
	/* Where many rows share a page, a name has the lines that were counted for it. */
	.across .text b,
	.halves .text b,
	.week .text b {
		overflow: hidden;
		display: -webkit-box;
		-webkit-box-orient: vertical;
		-webkit-line-clamp: var(--lines);
		line-clamp: var(--lines);
	}
	.note {
		font-size: calc(var(--mm) * 3.88);
		overflow-wrap: anywhere;
	}
	.boxes {
		flex: none;
		display: flex;
		gap: calc(var(--mm) * 1.6);
	}
	.box {
		width: calc(var(--mm) * 7.5);
		height: var(--box);
		border: calc(var(--mm) * 0.6) solid black;
		border-radius: calc(var(--mm) * 1);
	}
	.box.none {
		border-color: transparent;
	}
	.string {
		position: absolute;
		width: calc(var(--mm) * 10);
		fill: none;
		stroke: black;
		stroke-width: 1.4;
		overflow: visible;
	}
	.wait {
		position: absolute;
		display: grid;
		align-items: center;
		height: calc(var(--mm) * 8);
		padding: 0 calc(var(--mm) * 1.6);
		border: calc(var(--mm) * 0.5) solid black;
		border-radius: calc(var(--mm) * 1);
		background: white;
		font-size: calc(var(--mm) * 3.88);
		font-weight: 700;
	}
	.cautions {
		flex: none;
		list-style: none;
		margin: calc(var(--mm) * 3) 0 0;
		padding: calc(var(--mm) * 2.4) calc(var(--mm) * 3);
		border: calc(var(--mm) * 0.8) solid black;
		border-radius: calc(var(--mm) * 1.4);
	}
	.halves {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 0 calc(var(--mm) * 8);
		position: relative;
	}
	/* Where it is folded. */
	.halves::after {
		content: '';
		position: absolute;
		left: 50%;
		top: 0;
		bottom: 0;
		border-left: calc(var(--mm) * 0.3) dotted black;
	}
	.heads.under {
		justify-content: flex-start;
		height: calc(var(--mm) * 6);
	}
	.across {
		display: grid;
		grid-template-columns: repeat(var(--n), minmax(0, 1fr));
		gap: 0 calc(var(--mm) * 6);
	}
	.week .line {
		font-size: calc(var(--mm) * 3.88);
	}
	.across .text b {
		font-weight: 400;
		-webkit-line-clamp: 1;
		line-clamp: 1;
	}
	.week .note {
		white-space: nowrap;
		overflow: hidden;
		text-overflow: ellipsis;
		font-size: calc(var(--mm) * 3.3);
	}
	.across .box,
	.halves .line:not(.under) .box {
		width: var(--box);
	}
	.A6 .halves .rhythm {
		font-size: calc(var(--mm) * 3.7);
	}
	.halves .text b {
		font-weight: 400;
		line-height: calc(var(--mm) * 4.7);
		-webkit-line-clamp: var(--lines);
		line-clamp: var(--lines);
	}
	.halves .under .text b {
		font-weight: 700;
	}
	footer {
		margin-top: auto;
		flex: none;
		display: flex;
		align-items: end;
		justify-content: space-between;
		gap: calc(var(--mm) * 4);
		padding-top: calc(var(--mm) * 2);
		border-top: calc(var(--mm) * 0.5) solid black;
	}
	.code {
		display: grid;
		white-space: nowrap;
	}
	.code b {
		font-size: calc(var(--mm) * 8);
		line-height: 1;
		letter-spacing: 0.03em;
		font-weight: 750;
	}
	.notes {
		display: grid;
		text-align: right;
		font-size: calc(var(--mm) * 3.88);
	}
</style>
