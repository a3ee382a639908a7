/** Does a layer hold: a plain reading of the last two weeks, and what may come next. Rules: "Layers that hold". */
import { addDays, type CivilDay } from '../calendar/civil';
import { isWork, seriesId, type LedgerEntry } from '../household/entry';
import type { PreparedHome } from '../schedule/preparedHome';
import { LAYERS, type Layer } from '../household/home';
import { effectiveLedger } from '../schedule/series';
import { readDay } from '../schedule/readDay';
import { projectionAt } from '../schedule/projection';

export interface LayerHold {
	readonly layer: Layer;
	readonly on: boolean;
	/** Days of the window on which something of the layer was asked, in no pause. */
	readonly asked: number;
	/** Days of these on which most of it was done. */
	readonly held: number;
}

export interface Holding {
	readonly layers: readonly LayerHold[];
	/** The layer that may come next; null where none is left, or what is on does not hold yet. */
	readonly next: Layer | null;
	/** The layer that might rest again; null where all hold well enough. */
	readonly back: Layer | null;
}

/** Two thirds of what was asked is most of it. */
const MOST = 2 / 3;
/** The share of days that a layer holds from which the next one may come, and under which it may rest. */
const READY = 0.7;
const TOO_MUCH = 0.35;
/** Fewer days say nothing yet. */
const LEAST_DAYS = 5;
/** Days on which a layer was asked before it can be said to hold: what comes once a week has been asked twice. */
const LEAST_ASKED: Readonly<Record<Layer, number>> = { basics: LEAST_DAYS, weekly: 2, zone: 2, long: 1 };

export const WINDOW = 14;

/** Reads the two weeks before `today`. Costs a walk through their days; for the page that shows it. */
export function readHolding(home: PreparedHome, ledger: readonly LedgerEntry[], today: CivilDay): Holding {
	const projection = projectionAt(home, ledger);
	const holding = effectiveLedger(ledger);
	const doneOn = new Map<CivilDay, Set<string>>();
	for (const entry of holding) {
		if (!isWork(entry) || entry.outcome === 'part') continue;
		const lines = doneOn.get(entry.date) ?? new Set();
		lines.add(seriesId(entry.job, entry.part));
		doneOn.set(entry.date, lines);
	}
	const counts = new Map(LAYERS.map((layer) => [layer, { asked: 0, held: 0 }]));
	for (let i = WINDOW; i >= 1; i--) {
		const date = addDays(today, -i);
		const day = readDay(home, projection, date);
		for (const layer of LAYERS) {
			// A zone's sitting that was held counts for its day; what was let go is no work, but no debt either.
			const lines = day.lines.filter((line) => line.line.job.layer === layer && line.state !== 'paused');
			const ticked = lines.filter((line) => doneOn.get(date)?.has(line.line.id));
			// What fell due on this very day: an occurrence that stands late is one occurrence, not one a day.
			const open = lines.filter((line) => line.state === 'due' && line.dueOn === date);
			const asked = ticked.length + open.filter((line) => !ticked.includes(line)).length;
			if (asked === 0) continue;
			const count = counts.get(layer) as { asked: number; held: number };
			count.asked++;
			const needed = layer === 'zone' ? 1 / asked : MOST;
			if (ticked.length / asked >= needed) count.held++;
		}
	}
	const on = home.home.household.layers;
	// A part of the work in which the home has nothing neither holds nor comes next.
	const has = LAYERS.filter((layer) => home.home.jobs.some((job) => job.layer === layer));
	const layers = has.map((layer): LayerHold => ({
		layer,
		on: on.includes(layer),
		...(counts.get(layer) as { asked: number; held: number })
	}));
	const running = layers.filter((layer) => layer.on);
	const share = (layer: LayerHold) => (layer.asked === 0 ? 1 : layer.held / layer.asked);
	const isKnown = (layer: LayerHold) => layer.asked >= LEAST_ASKED[layer.layer];
	const ready = running.length > 0 && running.every((layer) => isKnown(layer) && share(layer) >= READY);
	const next = ready ? (has.find((layer) => !on.includes(layer)) ?? null) : null;
	// The newest layer rests first; the basics always stay.
	const weak = [...running]
		.reverse()
		.find((layer) => layer.layer !== 'basics' && layer.asked >= LEAST_DAYS && share(layer) < TOO_MUCH);
	const basics = running.find((layer) => layer.layer === 'basics');
	const overwhelmed = basics && basics.asked >= LEAST_DAYS && share(basics) < TOO_MUCH && running.length > 1;
	return {
		layers,
		next,
		back: weak?.layer ?? (overwhelmed ? (running[running.length - 1]?.layer ?? null) : null)
	};
}
