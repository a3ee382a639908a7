/** A good parting of rooms among zones, to begin the exact search with. */
import type { BalanceRoom } from './balance';

export interface Unit {
	readonly rooms: readonly BalanceRoom[];
	readonly zone: number;
	readonly minutes: number;
}

export function largest(sums: readonly number[], rates: readonly number[]): number {
	let most = 0;
	for (let z = 0; z < sums.length; z++) {
		const sum = sums[z] as number;
		const ratio = sum <= 1e-12 ? 0 : sum * (rates[z] as number);
		if (ratio > most) most = ratio;
	}
	return most;
}

/** Local search: longest first onto the emptiest, then single moves and swaps off the fullest zone. */
export function improve(
	units: readonly Unit[],
	now: readonly number[],
	rates: readonly number[],
	count: number
): number[] {
	const start = (places: number[]) => {
		const sums = new Array<number>(count).fill(0);
		units.forEach(
			(unit, i) => (sums[places[i] as number] = (sums[places[i] as number] as number) + unit.minutes)
		);
		for (let round = 0; round < 200; round++) {
			const was = largest(sums, rates);
			let bestGain = 0;
			let change: (() => void) | null = null;
			const full = sums.findIndex((sum, z) => sum > 0 && sum * (rates[z] as number) >= was * (1 - 1e-12));
			for (let i = 0; i < units.length; i++) {
				if (places[i] !== full) continue;
				const unit = units[i] as Unit;
				for (let z = 0; z < count; z++) {
					if (z === full) continue;
					const tried = [...sums];
					tried[full] = (tried[full] as number) - unit.minutes;
					tried[z] = (tried[z] as number) + unit.minutes;
					const gain = was - largest(tried, rates);
					if (gain > bestGain + 1e-12) {
						bestGain = gain;
						change = () => {
							sums.splice(0, count, ...tried);
							places[i] = z;
						};
					}
					for (let k = 0; k < units.length; k++) {
						if (places[k] !== z) continue;
						const other = units[k] as Unit;
						const swapped = [...tried];
						swapped[z] = (swapped[z] as number) - other.minutes;
						swapped[full] = (swapped[full] as number) + other.minutes;
						const swapGain = was - largest(swapped, rates);
						if (swapGain > bestGain + 1e-12) {
							bestGain = swapGain;
							change = () => {
								sums.splice(0, count, ...swapped);
								places[i] = z;
								places[k] = full;
							};
						}
					}
				}
			}
			if (!change) break;
			change();
		}
		return { places, ratio: largest(sums, rates) };
	};
	const greedy: number[] = [];
	const sums = new Array<number>(count).fill(0);
	for (const unit of units) {
		let zone = 0;
		for (let z = 1; z < count; z++) {
			if (
				((sums[z] as number) + unit.minutes) * (rates[z] as number) <
				((sums[zone] as number) + unit.minutes) * (rates[zone] as number)
			)
				zone = z;
		}
		sums[zone] = (sums[zone] as number) + unit.minutes;
		greedy.push(zone);
	}
	const own = start([...now]);
	const other = start(greedy);
	return own.ratio <= other.ratio * (1 + 1e-9) ? own.places : other.places;
}
