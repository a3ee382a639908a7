/** Where in the editor of a job a field stands: behind a word of the sentence, in more options, or among all details. */
import { nameOfField } from '$core/household/formProblem';
import { aboutField, type AboutJob } from '$core/setup/jobFormNames';

interface Place {
	readonly tool?: 'often' | 'when' | 'who' | 'minutes';
	readonly more?: true;
	readonly tab?: string;
}

const PLACES: Readonly<Record<AboutJob, Place>> = {
	// They stand in sight.
	name: {},
	cadence: { tool: 'often' },
	parts: { tool: 'when' },
	who: { tool: 'who' },
	options: { more: true },
	needs: { tab: 'needs' },
	learning: { tab: 'learn' },
	covers: { tab: 'covers' }
};

/** The place of a field of the form; empty where nothing has to be opened. */
export function placeOfField(field: string): Place {
	const name = nameOfField(field);
	if (name === 'minutes-usual') return { tool: 'minutes' };
	if (name.startsWith('minutes-')) return { more: true };
	const depth = /^(quick|usual|deep)-/.exec(name)?.[1];
	return depth ? { tab: depth } : PLACES[aboutField(name) ?? 'needs'];
}
