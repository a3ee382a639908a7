/** Which drawing stands for a job: the thing itself, found by its words, else by its room. */
const WORDS: readonly (readonly [RegExp, string])[] = [
	[/boot|shoe|wellie/i, 'boots'],
	[/feed|bowl|cat |dog |fish|bird/i, 'bowl'],
	[/bed|sheet|pillow|linen/i, 'bed'],
	[/towel|fold|sock|cloth/i, 'towel'],
	[/wash(er|ing)|laundry|basket|clothes/i, 'basket'],
	[/dish|plate|cup|table|supper|breakfast/i, 'cup'],
	[/plant|flower|water the/i, 'plant'],
	[/vacuum|hoover/i, 'vacuum'],
	[/sweep|broom|floor|mop/i, 'broom'],
	[/bin|rubbish|paper/i, 'bin'],
	[/window|glass|mirror/i, 'window'],
	[/basin|tap|bath|shower/i, 'tap'],
	[/toy|tidy|crate|room|pile/i, 'crate'],
	[/brush|comb/i, 'brush'],
	[/book|shelf|dust/i, 'books']
];

const BY_ROOM: Readonly<Record<string, string>> = {
	kitchen: 'cup',
	bathroom: 'tap',
	toilet: 'tap',
	bedroom: 'bed',
	child: 'crate',
	laundry: 'basket',
	outside: 'plant',
	study: 'books',
	living: 'books'
};

export function thingOf(name: string, subject: string, kind: string): string {
	const text = `${name} ${subject}`;
	return WORDS.find(([words]) => words.test(text))?.[1] ?? BY_ROOM[kind] ?? 'broom';
}
