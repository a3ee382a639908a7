/** How the tags of a day share the width of the Line: which hang whole, and how far the others are pushed along. */

export interface PartNeed {
	/** Tags that hang in the part, without the next towel. */
	readonly tags: number;
	/** Width of what stands in the part besides, such as the next towel. */
	readonly fixed: number;
}

export interface LineLayout {
	/** Tags of each part that hang whole, from its first. */
	readonly whole: readonly number[];
	/** Tags of each part that hang at all; the rest is a number on a last cloth. */
	readonly shown: readonly number[];
	/** Width of a tag that is pushed behind the first. */
	readonly tuck: number;
	/** Width that a part which is spread has at least. */
	readonly least: number;
}

const WHOLE = 120;
const WIDEST_TUCK = 40;
const NARROWEST_TUCK = 26;
const PART_EDGES = 22;
/** Its name, its hours and its count stand above a part. */
const NARROWEST_PART = 214;
/** The cloth with the number of those that do not hang. */
const REST = 40;
/** A part that is spread hangs in rows of at least so many, each a little wider. */
const IN_A_ROW = 2;
const SPREAD = 124;

/**
 * Fits the parts into `width` pixels: as many whole tags as there are, then fewer in the part that shows the
 * most, at least one in each; what is left of the width is shared by the tags pushed along. Where they do not fit even
 * so, the last of the fullest part are only counted. A part that is spread shows all of its own, in rows where it must;
 * the others one.
 */
export function layLine(needs: readonly PartNeed[], width: number, spread: number | null): LineLayout {
	const whole = needs.map((need, i) =>
		spread === null || spread === i ? need.tags : Math.min(1, need.tags)
	);
	// Beside a part that is spread the others close up.
	const shown = needs.map((need, i) => (spread === null || spread === i || need.tags < 3 ? need.tags : 1));
	const tuckedIn = (i: number) => (shown[i] ?? 0) - (whole[i] ?? 0);
	const tucked = () => needs.reduce((sum, _, i) => sum + tuckedIn(i), 0);
	const widthAt = (tuck: number) =>
		needs.reduce((sum, need, i) => {
			const inRow = i === spread ? Math.min(IN_A_ROW, need.tags) * SPREAD : (whole[i] ?? 0) * WHOLE;
			const rest = (shown[i] ?? 0) < need.tags ? REST : 0;
			const own = need.fixed + PART_EDGES + inRow + tuckedIn(i) * tuck + rest;
			return sum + Math.max(NARROWEST_PART, own);
		}, 0);
	const fullest = (count: (i: number) => number, least: number) => {
		let most = -1;
		needs.forEach((_, i) => {
			if (i !== spread && count(i) > least && (most < 0 || count(i) > count(most))) most = i;
		});
		return most;
	};
	while (widthAt(WIDEST_TUCK) > width) {
		const most = fullest((i) => whole[i] ?? 0, 1);
		if (most < 0) break;
		whole[most] = (whole[most] ?? 1) - 1;
	}
	let tuck = WIDEST_TUCK;
	while (tucked() > 0 && tuck > NARROWEST_TUCK && widthAt(tuck) > width) tuck--;
	while (widthAt(tuck) > width) {
		const most = fullest(tuckedIn, 0);
		if (most < 0) break;
		// One is never counted where it could hang in the place of the count.
		shown[most] = (shown[most] ?? 0) - (shown[most] === needs[most]?.tags && tuckedIn(most) > 1 ? 2 : 1);
	}
	const own = spread === null ? undefined : needs[spread];
	const least = own ? own.fixed + PART_EDGES + Math.min(IN_A_ROW, own.tags) * SPREAD : 0;
	return { whole, shown, tuck, least: Math.max(NARROWEST_PART, least) };
}
