/** What is sent by a form, and what is wrong with it. */

/** The values of a form by field name, in their order. */
export type FormValues = Readonly<Record<string, readonly string[]>>;

/** What is wrong with a field of a form; one of several of a name is told by its place, as `usual-text[2]`. */
export interface FormProblem {
	readonly field: string;
	readonly says: string;
}

/** The name of a field of which several are sent, without its place: `usual-text` of `usual-text[2]`. */
export const nameOfField = (field: string): string => field.replace(/\[\d+\]$/, '');
