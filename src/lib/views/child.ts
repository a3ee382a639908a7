/** What a child's or helper's own page shows: their things of the day, and nothing of anybody else's. */
import type { CareLine } from './supplies';

export interface ThingView {
	readonly line: string;
	readonly name: string;
	readonly room: string;
	readonly minutes: number;
	/** Who else has it with them. */
	readonly beside: string;
	readonly weave: string | null;
	readonly thing: string;
	readonly state: 'todo' | 'look' | 'looked' | 'done';
	readonly words: string;
	/** The one thing that was given back. */
	readonly back: string | null;
	/** The entry that a tick of today can be taken back by. */
	readonly entry: string | null;
	/** What to mind with it, the danger first; of what is still to do. */
	readonly cautions: readonly CareLine[];
	/** What was written to whoever does it. */
	readonly notes: readonly string[];
	/** Who else could take it. */
	readonly could: readonly { readonly id: string; readonly name: string }[];
}

export interface MineView {
	readonly formId: string;
	readonly date: string;
	readonly member: string;
	readonly name: string;
	readonly isChild: boolean;
	readonly words: string;
	readonly next: ThingView | null;
	readonly things: readonly ThingView[];
	/** What is nobody's today and for them to take. */
	readonly free: readonly ThingView[];
	readonly gate: { readonly name: string; readonly left: number; readonly of: number } | null;
	readonly calling: boolean;
	readonly pail: string | null;
	readonly growing: readonly string[];
	readonly ribbon: { readonly duties: readonly string[]; readonly choices: readonly string[] } | null;
	readonly swaps: readonly { readonly id: string; readonly words: string }[];
}

export interface LookView {
	readonly formId: string;
	readonly line: string;
	readonly name: string;
	readonly room: string;
	readonly kind: string;
	readonly weave: string | null;
	readonly number: number | null;
	readonly member: string;
	readonly points: readonly string[];
	readonly at: number;
	readonly looksToo: string;
}
