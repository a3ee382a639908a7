/** Addresses of pails. */
import type { FillView } from '$views/session';

/** Those who are asked along, as one word of an address or a form. */
export const othersOf = (view: Pick<FillView, 'people'>): string =>
	view.people
		.slice(1)
		.map((one) => one.id)
		.join(',');

/** The rooms that visitors see, as one word of an address or a form. */
export const seenRooms = (view: Pick<FillView, 'rooms'>): string =>
	view.rooms
		.filter((room) => room.in)
		.map((room) => room.id)
		.join(',');

/** The same pail with other minutes, in the same rooms and way: what was put in and taken out belongs to the old ones. */
export function sizeHref(view: FillView, minutes: number): string {
	const params = new URLSearchParams();
	if (view.kind !== 'bite') params.set('kind', view.kind);
	params.set('minutes', String(minutes));
	params.set('for', view.member);
	const others = othersOf(view);
	if (others) params.set('with', others);
	if (others) params.set('how', view.together);
	const rooms = view.inRooms.length > 0 ? view.inRooms.join(',') : seenRooms(view);
	if (rooms) params.set('rooms', rooms);
	if (view.brim) params.set('brim', '1');
	if (view.sitting) params.set('sitting', '1');
	if (view.depth) params.set('depth', view.depth);
	if (view.floorsAsked) params.set('floors', view.floors);
	return `/timer?${params}`;
}
