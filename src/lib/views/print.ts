/** What a sheet of paper shows, in plain data. */
import type { Page } from '$core/cards/pages';
import type { Size } from '$core/cards/sizes';

export interface SheetView {
	readonly code: string;
	readonly kind: string;
	readonly title: string;
	readonly size: Size;
	readonly width: number;
	readonly height: number;
	readonly margin: number;
	readonly zone: { readonly number: number; readonly weave: string; readonly name: string } | null;
	readonly when: string;
	/** Lines at the foot of a page, by the side that it shows. */
	readonly notes: Readonly<Record<string, readonly string[]>>;
	readonly pages: readonly Page[];
}

export interface PaperView {
	readonly kind: string;
	readonly size: Size;
	readonly room: string;
	readonly member: string;
	readonly zoneId: string;
	readonly day: string;
	readonly week: string;
	readonly rooms: readonly { readonly id: string; readonly name: string }[];
	readonly members: readonly { readonly id: string; readonly name: string }[];
	readonly zones: readonly { readonly id: string; readonly name: string }[];
	readonly weeks: readonly { readonly date: string; readonly name: string }[];
	readonly days: readonly { readonly date: string; readonly name: string }[];
	readonly sheet: SheetView | null;
	/** The address of the print page of what is chosen. */
	readonly print: string;
}

export interface TickPaperView {
	readonly formId: string;
	readonly code: string;
	readonly asked: string | null;
	readonly title: string;
	readonly members: readonly { readonly id: string; readonly name: string }[];
	readonly days: readonly { readonly date: string; readonly name: string; readonly ahead: boolean }[];
	readonly rows: readonly {
		readonly line: string;
		readonly name: string;
		readonly boxes: readonly {
			readonly date: string;
			readonly state: 'open' | 'done' | 'ahead' | 'none';
		}[];
	}[];
}
