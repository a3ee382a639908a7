/**
 * What a form was answered about its fields. Errors of a field are a list of sentences; those of a field that holds
 * several are such lists by their places, beside what is wrong with all of it.
 */
import type { FormProblem } from '$core/household/formProblem';

const OF_ALL = '_errors';

const firstOf = (told: unknown): string => {
	if (typeof told === 'string') return told;
	if (typeof told !== 'object' || told === null) return '';
	return Object.values(told).map(firstOf).find(Boolean) ?? '';
};

/** What is wrong, a sentence a field; one of several of a name by its place, as `usual-text[2]`. */
export const wrongFields = (errors: object): FormProblem[] =>
	Object.entries(errors)
		.flatMap(([name, told]) =>
			typeof told !== 'object' || told === null || Array.isArray(told)
				? [{ field: name, says: firstOf(told) }]
				: Object.entries(told).map(([at, one]) => ({
						field: at === OF_ALL ? name : `${name}[${at}]`,
						says: firstOf(one)
					}))
		)
		.filter(({ says }) => says !== '');

/** What is wrong with a field, or with one of what it holds; empty for nothing. */
export const wrongAbout = (wrong: readonly FormProblem[], field: string): string =>
	(wrong.find((one) => one.field === field) ?? wrong.find((one) => one.field.startsWith(`${field}[`)))
		?.says ?? '';

/** The errors without those of a field; without any where none is named. */
export function withoutField<T extends object>(errors: T, field: string | undefined): T {
	const [, name = field, at] = /^(.*)\[(\d+)\]$/.exec(field ?? '') ?? [];
	const entries = Object.entries(errors).flatMap(([one, told]): [string, unknown][] => {
		if (field === undefined) return [];
		if (one !== name) return [[one, told]];
		return at === undefined || typeof told !== 'object'
			? []
			: [[one, Object.fromEntries(Object.entries(told as object).filter(([place]) => place !== at))]];
	});
	return Object.fromEntries(entries) as T;
}
