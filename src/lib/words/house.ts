/** The words of House: zones and their pages. */

export const ZONE_PAGE = {
	jobs: 'The zone’s jobs',
	jobsInOrder: 'The zone’s jobs, in order',
	ofRooms: 'Jobs of its rooms',
	ofRoomsHelp: 'They come on this zone’s own day, every week or in their week of the month.',
	extra: 'Deeper jobs, one after the other'
} as const;
