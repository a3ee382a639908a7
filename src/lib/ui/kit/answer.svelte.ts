/** What came of a form, by the names of its fields: a field of the kit shows beside itself what is wrong with it. */
import { nameOfField } from '$core/household/formProblem';
import { getContext, setContext, untrack } from 'svelte';

const KEY = Symbol('the answer of a form');

/** What a form that is read by a schema knows of its fields. */
export interface ToldFields {
	about(field: string): string | undefined;
	/** That field is being mended, or all of them. */
	forget(field: string | undefined): void;
}

export class FormAnswer {
	readonly #told: ToldFields | null;
	#wrong = $state.raw<{ readonly field: string; readonly says: string } | null>(null);
	#fields: readonly { readonly name: string; readonly control: () => HTMLElement | null | undefined }[] = [];

	constructor(told: ToldFields | null) {
		this.#told = told;
	}

	/** A field says its name, and what of it is focused; it leaves by what is given back. */
	join(name: string, control: () => HTMLElement | null | undefined): () => void {
		const field = { name, control };
		this.#fields = [...this.#fields, field];
		return () => {
			this.#fields = this.#fields.filter((one) => one !== field);
		};
	}

	/** What is wrong with a field, or nothing. */
	about(name: string): string {
		return this.#wrong?.field === name ? this.#wrong.says : (this.#told?.about(name) ?? '');
	}

	/** The control of a field that is in sight: what is folded away would say it to nobody. */
	#inSight(field: string): HTMLElement | null {
		const control = this.#fields.find((one) => one.name === field)?.control();
		return control && control.getClientRects().length > 0 ? control : null;
	}

	/** True where that field is in sight, or all of which it is one, and so shows what is wrong with it. */
	isInSight(field: string): boolean {
		return this.#inSight(field) !== null || this.#inSight(nameOfField(field)) !== null;
	}

	/** Takes what is wrong with a field: true where that field is in sight and shows it. */
	take(field: string, says: string): boolean {
		const control = this.#inSight(field);
		if (!control || says === '') return false;
		this.#wrong = { field, says };
		control.focus();
		return true;
	}

	/** What was wrong is being mended: with one field, or with all of them. */
	clear(field?: string): void {
		if (field === undefined || this.#wrong?.field === field) this.#wrong = null;
		this.#told?.forget(field);
	}
}

/** Made by a form, for the fields in it. */
export const formAnswer = (told: ToldFields | null = null): FormAnswer =>
	setContext(KEY, new FormAnswer(told));

/**
 * What a field shows beside itself: what it was given, else what its form was answered. Call it while the field is
 * made; `control` is what is focused. What holds several at once has several names.
 */
export function wrongBeside(
	name: () => string | readonly string[] | undefined,
	given: () => string | readonly string[] | undefined,
	control: () => HTMLElement | null | undefined
): { readonly text: string; mending(): void } {
	const answer = getContext<FormAnswer | undefined>(KEY);
	const names = $derived([name() ?? []].flat());
	$effect(() => {
		if (!answer) return;
		const leave = names.map((one) => untrack(() => answer.join(one, control)));
		return () => leave.forEach((one) => one());
	});
	return {
		get text() {
			const told = given();
			const own = typeof told === 'string' ? told : (told?.[0] ?? '');
			if (own !== '' || !answer) return own;
			return names.map((one) => answer.about(one)).find(Boolean) ?? '';
		},
		mending: () => names.forEach((one) => answer?.clear(one))
	};
}
