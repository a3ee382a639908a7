/** Addresses of pails. */
import type { FillView } from './view';

/** The same pail with other minutes: what was put in and taken out belongs to the old ones. */
export function sizeHref(view: FillView, minutes: number): string {
	const params = new URLSearchParams();
	if (view.kind !== 'bite') params.set('kind', view.kind);
	params.set('minutes', String(minutes));
	params.set('for', view.member);
	const others = view.people.slice(1).map((one) => one.id);
	if (others.length > 0) params.set('with', others.join(','));
	return `/pail?${params}`;
}
