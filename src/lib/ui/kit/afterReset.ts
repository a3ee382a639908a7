/** A form that begins anew has what it began with: native fields by themselves, those of the kit by this. */
export function afterReset(field: HTMLElement | null, back: () => void): (() => void) | undefined {
	const form = field?.closest('form');
	if (!form) return undefined;
	form.addEventListener('reset', back);
	return () => form.removeEventListener('reset', back);
}
