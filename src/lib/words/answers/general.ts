/** What the house answers and tells in general: one group a file that says it. */

/** A change that has no words of its own. */
export const SAVED = 'Saved.';

export const GUARD_SAYS = {
	theServerCannotSave:
		'The server cannot save anything just now, so nothing was written. What you entered is still here: try again in a moment.',
	theDiskOfTheServer:
		'The disk of the server is full, so nothing was written. What was kept is safe, and what you entered is still here: make room there, then try again.',
	theDiskOfTheServer2: 'The disk of the server is full, so nothing can be read just now.',
	nothingIsLostMakeRoom: 'Nothing is lost. Make room there; it goes on by itself then.',
	theRecordsCannotBeReached: 'The records cannot be reached just now.',
	nothingIsLostWaitA: 'Nothing is lost. Wait a moment, then try again.'
} as const;

/** Why a page or what was sent to it is not answered, and what to do. */
export const FAULT_SAYS = {
	nothingHere: { message: 'There is nothing at this address.', remedy: 'Go back to Today.' },
	loggedOut: { message: 'You are not logged in here any more.', remedy: 'Log in, and send it again.' },
	notForYou: { message: 'This is not for you to open.', remedy: 'Ask whoever organises the home.' },
	fromElsewhere: {
		message: 'This came from another page than ours, so nothing was written.',
		remedy: 'Open Pail Round itself and try again.'
	},
	noForm: { message: 'It cannot be sent here in this way.', remedy: 'Go back to the page and try again.' },
	diskFull: {
		message: 'The disk of the server is full, so nothing can be written.',
		remedy: 'Nothing was half-written, and all that was kept is safe. Make room there, then try again.'
	},
	away: {
		message: 'The records cannot be reached just now.',
		remedy: 'Nothing is lost. Wait a moment, then try again; what you typed is still here.'
	},
	tooLarge: {
		message: 'That is too large to be taken in.',
		remedy: 'Pages take 256 kB, a table 8 MB, a home 64 MB. Is it the right file?'
	},
	unexpected: {
		message: 'Something went wrong here.',
		remedy: 'Nothing was half-written. Try again; if it stays, restart the app.'
	}
} as const;
