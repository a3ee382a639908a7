/** What the house answers and tells in general: one group a file that says it. */

export const GUARD_SAYS = {
	theRecordBookCannotBe:
		'The record book cannot be reached just now, so nothing was written. What you entered is still here: try again in a moment.',
	theDiskOfTheServer:
		'The disk of the server is full, so nothing was written. What was kept is safe, and what you entered is still here: make room there, then try again.',
	theDiskOfTheServer2: 'The disk of the server is full, so nothing can be read just now.',
	nothingIsLostMakeRoom: 'Nothing is lost. Make room there; it goes on by itself then.',
	theRecordsCannotBeReached: 'The records cannot be reached just now.',
	nothingIsLostWaitA: 'Nothing is lost. Wait a moment, then try again.'
} as const;
