/** What stands around every page: the places, the demo, the menus. */
export const FRAME = {
	skip: 'Skip to the work',
	places: 'Places',
	more: 'More',
	menu: 'Menu of this home',
	dark: 'Dark colours',
	light: 'Light colours',
	command: 'Type a command',
	about: 'What is Pail Round?',
	begin: 'Begin your own home',
	demo: 'Demo',
	isDemo: 'This is a made-up demo home. Nothing you do here matters.',
	as: (name: string) => `Look at it as ${name}`,
	asNow: (name: string) => `Seen as ${name}`,
	signIn: 'Log in to your own home',
	signOut: 'Log out',
	keys: 'Your password and logins',
	whoAreYou: 'Who are you?',
	doneHere: 'I am done here',
	otherHome: (name: string, isDemo: boolean) => `Go to ${name}${isDemo ? ' (demo)' : ''}`,
	notTaken: 'Something you pressed while the server was away could not be saved.',
	coming: 'I am coming',
	lost: 'The server does not answer just now. Nothing you typed is lost: try again in a moment.'
} as const;

/** What a small "?" says of itself to who cannot see it. */
export const HELP = {
	whatIs: (of: string) => `What is this: ${of}${of.endsWith('?') ? '' : '?'}`
} as const;

export const PLACES = [
	{ href: '/', name: 'Today' },
	{ href: '/timer', name: 'Timer' },
	{ href: '/schedule', name: 'Schedule' },
	{ href: '/house', name: 'House' },
	{ href: '/people', name: 'People' },
	{ href: '/supplies', name: 'Supplies' },
	{ href: '/history', name: 'History' },
	{ href: '/print', name: 'Print' }
] as const;

/** The four that a phone has room for; the others stand behind "More". */
export const IN_RIM: readonly string[] = ['/', '/timer', '/schedule', '/house'];

export const ABOUT = {
	title: 'What is Pail Round?',
	lead: 'It plans and remembers the cleaning of a home, so that nobody has to keep it in their head.',
	points: [
		[
			'You say once what there is to do',
			'Rooms, jobs, how often, and who. A library of jobs helps; the first steps take ten minutes.'
		],
		[
			'Each day it shows what is due',
			'For everybody in the family, with what is overdue and what can wait. Nobody is scolded.'
		],
		[
			'You say how many minutes you have',
			'It picks the jobs that fit, puts them in a good order and times them with you.'
		]
	],
	look: 'Look around the demo home',
	begin: 'Begin your own home',
	signIn: 'Log in'
} as const;
