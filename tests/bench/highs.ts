/** A solver of linear and mixed-integer programs: the bound that figures are held against. */
export interface Highs {
	solve(problem: string, options?: Record<string, unknown>): { ObjectiveValue: number };
}

export async function loadHighs(): Promise<Highs> {
	const { default: load } = (await import('highs')) as unknown as { default: () => Promise<Highs> };
	return load();
}
