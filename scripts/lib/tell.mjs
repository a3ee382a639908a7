/** What the start and test scripts say, and how they give up. */
export function tell(text) {
	console.log(text);
}

/** Something is missing that people must see to: says what, and what to do. */
export class Missing extends Error {}

/** What the machine says of a file, in words; null for everything else. */
export function inWords(error) {
	const where = error?.path ? ` (${error.path})` : '';
	switch (error?.code) {
		case 'ENOSPC':
			return `The disk is full, so nothing more can be written${where}. Make room, then start again; what was kept is safe.`;
		case 'EROFS':
			return `This folder can only be read${where}. Put Pail Round where it may write, or set PAIL_DIR to a folder where it may.`;
		case 'EACCES':
		case 'EPERM':
			return `This may not be written by whoever starts Pail Round${where}. Give the folder to that user, or set PAIL_DIR to another one.`;
		case 'EDQUOT':
			return `This user has no room left on the disk${where}. Make room, then start again.`;
		default:
			return null;
	}
}

export function fail(error) {
	const said = error instanceof Missing ? error.message : inWords(error);
	console.error(`\n${said ?? error?.stack ?? error}`);
	process.exit(1);
}
