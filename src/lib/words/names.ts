/** Names of people and patterns, as they are shown. */
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

export function memberName(home: PreparedHome, id: string | null): string {
	return home.members.find((m) => m.id === id)?.name ?? '';
}
