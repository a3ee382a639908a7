/** The sheet for the cupboard door. */

export const DOOR_SHEET = {
	title: 'For the cupboard door',
	never: 'Must never meet',
	neverLead:
		'Not in one bucket, not one after the other on the same surface without plenty of water between.',
	ours: 'In our cupboard',
	with: 'with',
	surfaces: 'Never on these surfaces',
	surface: 'On',
	notThis: 'never',
	poison: 'Poison information',
	poisonNone: 'Write the number of your poison information centre here.',
	poisonField: 'Number of the poison information centre',
	firstHelp: 'If something happens',
	help: [
		'Call first: the poison information centre, or the emergency number if somebody is badly off.',
		'Swallowed: rinse the mouth, a few sips of water, do not make them sick.',
		'In the eyes: rinse with lukewarm water for a quarter of an hour, lids open.',
		'On the skin: take off what is wet, rinse with plenty of water.',
		'Breathed in: out into fresh air. Nobody goes back in until it is aired.',
		'Have the bottle at hand when you call.'
	],
	always: [
		'Bleach goes into cold water only, mixed fresh for the day.',
		'Never into a bottle that held something else, nor one for food or drink.',
		'Every bottle says what is in it and when it was mixed.',
		'Locked, and out of reach of children.'
	],
	alwaysTitle: 'Always',
	labelFirst:
		'The label of the product, local rules and licensed trades (gas, electricity, asbestos, mould beyond a small patch, pests) come first.',
	print: 'Print it'
} as const;
