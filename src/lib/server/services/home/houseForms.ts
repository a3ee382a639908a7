/** What is typed of a room or a zone. */
import { z } from 'zod';
import { HOUSE_SAYS } from '$words/answers/home';
import { nameAsked } from '$core/household/fields';
import { ROOM_KINDS, roomSchema } from '$core/household/home';
import { WEAVES } from '$core/household/weaves';
import { idOrNone, numberIn, typedFor } from '../fieldForms';

const { storey } = roomSchema.shape;

export const newRoomForm = z.object({
	kind: z.enum(ROOM_KINDS, HOUSE_SAYS.chooseWhatKindOfRoom),
	/** Empty: it is called by its kind. */
	name: z.string().trim().max(80, HOUSE_SAYS.keepTheNameShort).default(''),
	storey: typedFor(storey, numberIn),
	zone: idOrNone
});

/** What is not told of it stays. */
export const roomForm = z.object({
	room: idOrNone,
	name: nameAsked(HOUSE_SAYS.giveTheRoomAName),
	kind: z.enum(ROOM_KINDS, HOUSE_SAYS.chooseWhatKindOfRoom).optional(),
	storey: typedFor(storey.optional(), numberIn),
	seen: z.boolean().default(false)
});

export const newZoneForm = z.object({ name: nameAsked(HOUSE_SAYS.giveTheZoneAName) });

export const zoneForm = z.object({
	zone: idOrNone,
	name: nameAsked(HOUSE_SAYS.giveTheZoneAName),
	weave: z.enum(WEAVES).optional()
});
