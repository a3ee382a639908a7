/** What is said over a form at the doors: of the form as a whole, or of records that cannot be reached. */
export function problemOf(answer: unknown): string | null {
	const { message, form } = (answer ?? {}) as { message?: string; form?: { message?: unknown } };
	if (typeof form?.message === 'string') return form.message;
	return message ?? null;
}
