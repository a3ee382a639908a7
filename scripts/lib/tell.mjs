/** What the start and test scripts say, and how they give up. */
export function tell(text) {
	console.log(text);
}

/** Something is missing that people must see to: says what, and what to do. */
export class Missing extends Error {}

export function fail(error) {
	console.error(`\n${error instanceof Missing ? error.message : (error?.stack ?? error)}`);
	process.exit(1);
}
