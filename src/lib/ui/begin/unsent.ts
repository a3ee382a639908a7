/** What is typed in the first steps and not sent yet: it is sent before they go on, and they stay where it is refused. */
import { getContext, setContext } from 'svelte';

const KEY = Symbol('what is typed and not sent');

interface TypedForm {
	/** It adds something new: only whoever leaves is asked about it. */
	readonly adds: boolean;
	isTyped(): boolean;
	/** Sends it; true once it is written. */
	send(): Promise<boolean>;
}

export class Unsent {
	readonly #forms = new Set<TypedForm>();

	/** A form says that it is there; it leaves by what is given back. */
	join(form: TypedForm): () => void {
		this.#forms.add(form);
		return () => void this.#forms.delete(form);
	}

	/** What is typed and would be lost: by leaving, or by a touch that changes what is shown. */
	#typed = (leaving: boolean) => [...this.#forms].filter((form) => form.isTyped() && (leaving || !form.adds));

	has = (leaving: boolean): boolean => this.#typed(leaving).length > 0;

	/** Sends all of it, one after the other; false as soon as one is refused or cannot be sent. */
	async sendAll(leaving: boolean): Promise<boolean> {
		for (const form of this.#typed(leaving)) if (!(await form.send())) return false;
		return true;
	}
}

/** Made by the page of the first steps, for the forms in it. */
export const unsentFields = (): Unsent => setContext(KEY, new Unsent());

export const unsentOfPage = (): Unsent | undefined => getContext<Unsent | undefined>(KEY);
