/** What the pages of the doors show, in plain data. */
export interface DoorsView {
	readonly formId: string;
	readonly people: readonly {
		readonly id: string;
		readonly name: string;
		readonly role: string;
		readonly isChild: boolean;
		readonly email: string | null;
		readonly hasPin: boolean;
		readonly invited: boolean;
		/** How many sign-ins are open. */
		readonly ins: number;
		readonly lastIn: string | null;
	}[];
	readonly devices: readonly { readonly id: string; readonly name: string; readonly state: string }[];
}

export interface OwnView {
	readonly formId: string;
	readonly name: string;
	readonly isDemo: boolean;
	readonly email: string | null;
	/** A second factor is asked for. */
	readonly second: boolean;
	/** Recovery codes that are left. */
	readonly codesLeft: number;
	/** A second factor that waits to be proved. */
	readonly setUp: { readonly secret: string; readonly qr: string } | null;
	readonly signIns: readonly {
		readonly id: string;
		readonly here: boolean;
		readonly words: string;
		readonly how: string;
		readonly seen: string;
	}[];
}
