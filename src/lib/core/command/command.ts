/** What can be told in a short command, what is known while it is read, and what reading it gives. */
import type { CivilDay } from '../calendar/civil';
import type { Load, Stage } from '../laundry/laundry';
import type { SessionKind } from '../session/kinds';
import type { Named } from './words';

export interface CommandContext {
	readonly today: CivilDay;
	readonly now: number;
	readonly me: string;
	readonly members: readonly Named[];
	readonly rooms: readonly Named[];
	/** Lines of the day that can be ticked; `isOn`: due, late or open. */
	readonly lines: readonly (Named & {
		readonly isOn: boolean;
		readonly isLate: boolean;
		readonly lateWords: string;
	})[];
	readonly loads: readonly Load[];
}

export type Command =
	| {
			readonly do: 'fill';
			readonly kind: SessionKind;
			readonly minutes: number | null;
			readonly room: string | null;
			readonly who: string | null;
	  }
	| {
			readonly do: 'clear';
			readonly spot: string;
			readonly room: string | null;
			readonly minutes: number | null;
	  }
	| {
			readonly do: 'tick';
			readonly line: string;
			readonly outcome: 'done' | 'looked';
			readonly by: string;
			readonly minutes: number | null;
	  }
	| {
			readonly do: 'away';
			readonly member: string;
			readonly from: string;
			readonly to: string;
			readonly reason: 'away' | 'ill' | 'holiday';
	  }
	| { readonly do: 'laundry'; readonly load: string; readonly stage: Stage }
	| {
			/** A job for one day. */
			readonly do: 'once';
			readonly name: string;
			readonly date: string;
			readonly minutes: number | null;
			readonly room: string | null;
			readonly who: string | null;
	  }
	| { readonly do: 'list'; readonly what: 'late' | 'today'; readonly lines: readonly string[] };

export type Read =
	| { readonly ok: true; readonly command: Command }
	/** `why` is a code for the words; suggestions are whole commands. */
	| {
			readonly ok: false;
			readonly why:
				'empty' | 'unknown' | 'which-job' | 'which-person' | 'until-when' | 'no-load' | 'no-minutes';
			readonly suggestions: readonly string[];
	  };

/** A command that was not understood: why, and whole commands that would be. */
export const refused = (why: Exclude<Read, { ok: true }>['why'], suggestions: readonly string[]): Read => ({
	ok: false,
	why,
	suggestions
});
