/**
 * The house cut open: where each room lies on the drawing. Storeys are rows, a room's width follows its minutes,
 * the roof covers what is not built on. Plain geometry in a box of 800 wide.
 */
export interface SectionRoom {
	readonly id: string;
	readonly storey: number;
	readonly minutes: number;
	/** The longest word of its name has to fit: at least so wide, where that is wider than usual. */
	readonly least?: number;
}

export interface Box {
	readonly x: number;
	readonly y: number;
	readonly w: number;
	readonly h: number;
}

export interface Section {
	readonly width: number;
	readonly height: number;
	readonly ground: number;
	readonly rooms: ReadonlyMap<string, Box>;
	readonly storeys: readonly (Box & { readonly storey: number })[];
	/** Slopes beside a narrower storey above: from the wall's foot up to the upper wall. */
	readonly slopes: readonly {
		readonly x1: number;
		readonly y1: number;
		readonly x2: number;
		readonly y2: number;
		readonly side: 'left' | 'right';
	}[];
	readonly ridge: {
		readonly left: number;
		readonly right: number;
		readonly base: number;
		readonly top: number;
		readonly middle: number;
	};
	readonly chimneys: readonly Box[];
}

export interface SectionOptions {
	/** The narrowest that a room may be drawn. */
	readonly least: number;
	readonly width: number;
	readonly storeyHeight: number;
	/** Room left and right, for eaves. */
	readonly margin: number;
}

const WIDE: SectionOptions = { least: 86, width: 800, storeyHeight: 156, margin: 44 };

/** Lays rooms out. Rooms keep their order; storeys run from the top down, all centred on the widest. */
export function drawSection(rooms: readonly SectionRoom[], options: Partial<SectionOptions> = {}): Section {
	const { least, width, storeyHeight, margin } = { ...WIDE, ...options };
	const levels = [...new Set(rooms.map((room) => room.storey))].sort((a, b) => b - a);
	const full = width - 2 * margin;
	const byLevel = levels.map((storey) => rooms.filter((room) => room.storey === storey));
	const wanted = (list: readonly SectionRoom[]) =>
		list.reduce((sum, room) => sum + Math.max(1, room.minutes), 0);
	const widest = Math.max(1, ...byLevel.map((list) => Math.max(wanted(list), list.length * 8)));
	const roofHeight = 64;
	// A low house has high rooms: it is as wide as any other.
	const high = levels.length < 3 ? storeyHeight + 42 * (3 - levels.length) : storeyHeight;
	const heights = levels.map(() => high);
	const top = roofHeight + 26;
	const boxes = new Map<string, Box>();
	const storeys: (Box & { storey: number })[] = [];
	let y = top;
	byLevel.forEach((list, i) => {
		const leastOf = (room: SectionRoom) => Math.max(least, room.least ?? 0);
		const need = list.reduce((sum, room) => sum + leastOf(room), 0);
		const share = Math.max(wanted(list), list.length * 8) / widest;
		// A storey is at least as wide as its rooms must be, and never a sliver on a wide one.
		const w = Math.min(full, Math.max(need, full * Math.max(share, list.length === 1 ? 0.3 : 0.62)));
		const x = (width - w) / 2;
		const h = heights[i] as number;
		const spare = Math.max(0, w - need);
		const total = wanted(list);
		let at = x;
		for (const room of list) {
			const roomWidth = Math.min(
				w,
				need > w ? (w * leastOf(room)) / need : leastOf(room) + (spare * Math.max(1, room.minutes)) / total
			);
			boxes.set(room.id, { x: at, y, w: roomWidth, h });
			at += roomWidth;
		}
		storeys.push({ x, y, w, h, storey: levels[i] as number });
		y += h;
	});
	const groundStorey =
		storeys.find((storey) => storey.storey === 0) ?? storeys.find((storey) => storey.storey < 0);
	const ground = groundStorey
		? groundStorey.storey === 0
			? groundStorey.y + groundStorey.h
			: groundStorey.y
		: y;
	const slopes: { x1: number; y1: number; x2: number; y2: number; side: 'left' | 'right' }[] = [];
	for (let i = 1; i < storeys.length; i++) {
		const above = storeys[i - 1];
		const below = storeys[i];
		if (!above || !below || below.storey < 0) continue;
		if (above.x - below.x > 12) {
			slopes.push({
				x1: below.x - 18,
				y1: below.y,
				x2: above.x,
				y2: below.y - Math.min(84, above.h * 0.55),
				side: 'left'
			});
			slopes.push({
				x1: below.x + below.w + 18,
				y1: below.y,
				x2: above.x + above.w,
				y2: below.y - Math.min(84, above.h * 0.55),
				side: 'right'
			});
		}
	}
	const first = storeys[0] ?? { x: margin, y: top, w: full, h: storeyHeight, storey: 0 };
	const slopeTop = slopes[0];
	// A chimney needs a slope wide enough to stand on; else it stands on the ridge's roof.
	const chimneys: Box[] =
		slopeTop && slopeTop.x2 - slopeTop.x1 > 130
			? [
					{ x: (slopeTop.x1 + slopeTop.x2) / 2 - 4, y: slopeTop.y2 - 40, w: 36, h: 64 },
					{ x: width - (slopeTop.x1 + slopeTop.x2) / 2 - 32, y: slopeTop.y2 - 40, w: 36, h: 64 }
				]
			: [
					{ x: first.x + first.w * 0.16, y: first.y - 74, w: 34, h: 58 },
					{ x: first.x + first.w * 0.78, y: first.y - 74, w: 34, h: 58 }
				];
	return {
		width,
		height: Math.max(y, ground) + 14,
		ground,
		rooms: boxes,
		storeys,
		slopes,
		ridge: {
			left: first.x - 22,
			right: first.x + first.w + 22,
			base: first.y,
			top: first.y - roofHeight,
			middle: first.x + first.w / 2
		},
		chimneys
	};
}
