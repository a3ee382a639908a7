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
	/** Width of a tag that is pushed behind the first. */
	readonly tuck: number;
}

const WHOLE = 120;
const WIDEST_TUCK = 40;
const NARROWEST_TUCK = 26;
const PART_EDGES = 22;
/** Its name, its hours and its count stand above a part. */
const NARROWEST_PART = 214;

/**
 * Fits the parts into `width` pixels: as many whole tags as there are, then fewer in the part that shows the
 * most, at least one in each; what is left of the width is shared by the tags pushed along. A part that is
 * spread shows all of its own, the others one.
 */
export function layLine(needs: readonly PartNeed[], width: number, spread: number | null): LineLayout {
	const whole = needs.map((need, i) =>
		spread === null || spread === i ? need.tags : Math.min(1, need.tags)
	);
	const tucked = () => needs.reduce((sum, need, i) => sum + need.tags - (whole[i] ?? 0), 0);
	const widthAt = (tuck: number) =>
		needs.reduce((sum, need, i) => {
			const n = whole[i] ?? 0;
			return sum + Math.max(NARROWEST_PART, need.fixed + PART_EDGES + n * WHOLE + (need.tags - n) * tuck);
		}, 0);
	while (widthAt(WIDEST_TUCK) > width) {
		let most = -1;
		whole.forEach((n, i) => {
			if (i !== spread && n > 1 && (most < 0 || n > (whole[most] ?? 0))) most = i;
		});
		if (most < 0) break;
		whole[most] = (whole[most] ?? 1) - 1;
	}
	let tuck = WIDEST_TUCK;
	while (tucked() > 0 && tuck > NARROWEST_TUCK && widthAt(tuck) > width) tuck--;
	return { whole, tuck };
}
