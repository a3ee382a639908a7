/** What a home did, and whether the house acknowledged it. */
export interface Act {
	readonly home: string;
	readonly kind: 'tick' | 'press' | 'edit' | 'upload';
	/** Ids that have to be there, each once. */
	readonly ids: readonly string[];
	readonly answered: boolean;
}
