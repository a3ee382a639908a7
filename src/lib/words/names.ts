/** Names of people and patterns, as they are shown. */
import type { Home } from '$core/household/home';
import type { WeaveName } from '$core/household/weaves';
import type { PreparedHome } from '$core/schedule/preparedHome';

export const WEAVE_NAMES: Readonly<Record<WeaveName, string>> = {
	stripe: 'Stripes',
	check: 'Checks',
	waffle: 'Waffle',
	herringbone: 'Herringbone',
	dots: 'Dots',
	twill: 'Slants',
	basket: 'Basket'
};

/** Names of jobs in one list: those that are called alike with their rooms. */
export const namesInList = (list: readonly { readonly name: string; readonly room: string }[]): string[] =>
	list.map(({ name, room }) =>
		list.filter((one) => one.name === name).length > 1 ? `${name}, ${room}` : name
	);

/** What a job needs at hand, as it is called: a thing of the cupboard by its id, else the words of the job. */
export const thingName = (home: PreparedHome, thing: string): string => thingOfHome(home.home, thing);

export function thingOfHome({ cupboard }: Pick<Home, 'cupboard'>, thing: string): string {
	return [...cupboard.products, ...cupboard.tools].find((one) => one.id === thing)?.name ?? thing;
}

/** What a step is done with, by name. */
export const toolNames = (home: PreparedHome, step: { readonly tools?: readonly string[] | undefined }) =>
	(step.tools ?? []).map((tool) => thingName(home, tool));

export function memberName(home: PreparedHome, id: string | null): string {
	// Whoever has moved out is still called by name in what they did.
	return home.members.find((m) => m.id === id)?.name ?? home.everyMember.get(id ?? '')?.name ?? '';
}
