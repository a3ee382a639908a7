/** What is taken along to a job, stays in its room, or is out. */
import { listNames } from '../general';

/** A kit as it is taken along: its letter first, as it stands on it. */
export const kitWords = (letter: string, name: string): string => `kit ${letter} (${name})`;

/** A tool that a job would carry out of its room. */
export const boundWords = (tool: string, room: string): string =>
	`${tool} stays in ${room}: take another one for this job.`;

/** What a job needs and is out, with what would do instead. */
export const missingWords = (name: string, instead: readonly string[]): string =>
	instead.length > 0 ? `${name} is out. ${listNames(instead, 'or')} will do.` : `${name} is out.`;
