/** What these screens say: one group a screen or part. */
import type { Shown } from './shown';

export const SUPPLIES_CARES = {
	hasIt: (who: Shown) => ` ${who} has it.`
} as const;

export const SUPPLIES_PAGE = {
	pailRound: (title: Shown) => `${title} · Pail Round`
} as const;

export const SUPPLIES_DOOR_PAGE = {
	pailRound: (title: Shown) => `${title} · Pail Round`
} as const;

export const SUPPLIES_KITS_PAGE = {
	pailRound: (title: Shown) => `${title} · Pail Round`
} as const;

export const SUPPLIES_LIST_PAGE = {
	pailRound: (title: Shown) => `${title} · Pail Round`
} as const;

export const SUPPLIES_MIX_PAGE = {
	pailRound: (title: Shown) => `${title} · Pail Round`
} as const;

export const SUPPLIES_MIX_MIX_PAGE = {
	pailRound: (name: Shown) => `${name} · Pail Round`
} as const;

export const SUPPLIES_MIX_CALCULATOR = {
	coldWater: 'cold water'
} as const;

export const SUPPLIES_SHELVES = {
	tooOld: 'too old'
} as const;

/** What a product on the shelf has to do with the one that was chosen. */
export const RELATION = {
	danger: 'not with it',
	caution: 'better not with it',
	rinse: 'rinse between',
	fizzes: 'fizzes with it'
} as const;
