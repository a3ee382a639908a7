/** What a command would do, in words, and how it is done. */
export interface SaidView {
	readonly text: string;
	readonly says: string;
	readonly act:
		| { readonly kind: 'go'; readonly href: string; readonly label: string }
		| {
				readonly kind: 'send';
				readonly action: string;
				readonly label: string;
				readonly values: Readonly<Record<string, string>>;
		  }
		| null;
	readonly list: readonly { readonly name: string; readonly words: string; readonly href: string }[];
	readonly suggestions: readonly string[];
}
