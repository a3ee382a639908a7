/** What is typed into a form and not written yet. */
export class TypedFields {
	/** What stood in its fields before a hand was laid on them; null where none was, or all is written. */
	#before: string | null = null;
	/** What stood in them when they were sent. */
	#sent = '[]';

	/** Of which form, and which of its fields nobody types. */
	constructor(
		readonly form: () => HTMLFormElement | undefined,
		readonly isPlain: (name: string) => boolean
	) {}

	#entries(): [string, FormDataEntryValue][] {
		const form = this.form();
		return form ? [...new FormData(form)].filter(([name]) => !this.isPlain(name)) : [];
	}

	#now(): string {
		return JSON.stringify(this.#entries());
	}

	/** A hand is laid on it. */
	begin(): void {
		this.#before ??= this.#now();
	}

	/** Something is typed and not written. */
	isTyped(): boolean {
		return this.#before !== null && this.#before !== this.#now();
	}

	/** Whatever is typed counts as written. */
	forget(): void {
		this.#before = null;
	}

	send(): void {
		this.#sent = this.#now();
	}

	/** What was sent is written; what was typed since is not. */
	written(): void {
		this.#before = this.#now() === this.#sent ? null : this.#sent;
	}

	/** What was typed since it was sent, by the names of its fields. */
	since(): Map<string, FormDataEntryValue> {
		const sent = new Set((JSON.parse(this.#sent) as unknown[]).map((one) => JSON.stringify(one)));
		return new Map(this.#entries().filter((one) => !sent.has(JSON.stringify(one))));
	}
}
