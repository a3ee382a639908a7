/** What the screens of the doors say: one group a screen or part. What several share stands in the files above. */
import type { Shown } from './shown';

export const ACCESS_EMAIL_FIELD = {
	eMail: 'E-mail'
} as const;

export const ACCESS_MADE_WAY = {
	qrCodeWithTheWay: 'QR code with the way in',
	pointThePhonesCameraAt: 'Point the phone’s camera at the picture, or type this at',
	openThisPailRoundOn: 'Open this Pail Round on the phone, go to',
	join: '/join',
	andType: ', and type:',
	inTheMailOfThe: ', in the mail of the demo',
	aWayToLogIn: (name: Shown) => `A way to log in for ${name}`,
	joinOf: (host: Shown) => `${host}/join`,
	itCanBeUsedOnce: 'It can be used once, within two days, and is shown only now.',
	itIsOnItsWay: (sentTo: Shown, inTheMailOfThe: Shown) => `It is on its way to ${sentTo}${inTheMailOfThe}.`
} as const;

export const DEMO_OUTBOX_PAGE = {
	mailOfTheDemoPail: 'Mail of the demo · Pail Round',
	mailOfTheDemo: 'Mail of the demo',
	whatTheDemoHomeWould: 'What the demo home would have sent. No mail leaves this machine from here.',
	nothingHasBeenSentYet: 'Nothing has been sent yet. Invite somebody by mail at',
	whoCanLogIn: 'Who can log in',
	to: (to: Shown) => `To ${to}`
} as const;

export const JOIN_PAGE = {
	thisMakesItADevice:
		'This makes it a device of the family: it shows the day for all, and whoever taps ticks.',
	useThisDeviceForThe: 'Use this device for the family',
	theInvitationCanBeUsed: 'The invitation can be used once.',
	iHaveACode: 'I have a code',
	twelveLettersAndFiguresFrom: 'Twelve letters and figures, from whoever organises the home.',
	code: 'Code',
	abcdEfghJklm: 'ABCD-EFGH-JKLM',
	logIn: 'Log in',
	iHaveAPassword: 'I have a password',
	thisOpensTheHomeOn: (name: Shown) => `This opens the home on this phone, as ${name}.`,
	logInAs: (name: Shown) => `Log in as ${name}`
} as const;

export const OWN_PAGE = {
	yourPasswordAndSignIns: 'Your password and logins · Pail Round',
	signOutHere: 'Log out here',
	tenCodesForTheDay: 'Ten codes for the day you lose your app',
	eachLetsYouInOnce:
		'Each lets you in once, in place of the app’s code. They are shown only now: print them or write them down.',
	passwordsAndLogins: 'Passwords and logins',
	backToToday: 'Back to Today',
	theDemoHomeIsOpen:
		'The demo home is open to all, so nobody has a password here. In your own home, each person’s password and the devices that are logged in are managed here.',
	whereYouAreSignedIn: 'Where you are logged in',
	thisOne: ', this one',
	signThisOneOut: 'Log this one out',
	youAreNotSignedIn: 'You are not logged in anywhere with an account of your own.',
	signOutEverywhereElse: 'Log out everywhere else',
	password: 'Password',
	oldPassword: 'Old password',
	newPassword: 'New password',
	changeMyPassword: 'Change my password',
	aSecondFactor: 'A second code when you log in',
	oneRecoveryCodeIs: 'One recovery code is',
	turnItOff: 'Turn the second code off',
	qrCodeForYourAuthenticator: 'QR code for your authenticator app',
	scanItWithYourAuthenticator: 'Scan it with your authenticator app, or type',
	theCodeItShows: 'The code it shows',
	checkTheCode: 'Check the code',
	aCodeOfYourPhone:
		'Besides your password, logging in asks for six digits that an authenticator app on your phone shows. Who learns your password then still cannot come in.',
	setOneUp: 'Set it up',
	deleteYourAccount: 'Delete your account',
	youAreSignedOutEverywhere:
		'You are logged out everywhere at once, and it is gone within a day. What you did in a home stays there.',
	deleteMyAccount: 'Delete my account …',
	deleteMyAccount2: 'Delete my account',
	aPasswordOfYourOwn: 'A password of your own',
	youCameInByAn:
		'You came in by an invitation. With an address and a password you can come in on any device.',
	saveEMailAndPassword: 'Save e-mail and password',
	sPasswordAndSignIns: (name: Shown) => `${name}’s password and logins`,
	lastUsed: (how: Shown, seen: Shown) => `${how}, last used ${seen}`,
	signingInAsksForA: (oneRecoveryCodeIs: Shown) =>
		`Logging in asks for a code of your authenticator app. ${oneRecoveryCodeIs} left.`,
	recoveryCodesAre: (count: Shown) => `${count} recovery codes are`
} as const;

export const PEOPLE_ACCESS_PAGE = {
	whoCanLogInPail: 'Who can log in · Pail Round',
	whoCanLogInAnd: 'Who can log in, and on which phones',
	backToPeople: 'Back to People',
	people: 'People',
	device: 'device',
	devices: 'devices',
	invitationNotUsedYet: 'invitation not used yet',
	cannotLogInYet: 'cannot log in yet',
	hasAPin: ', has a PIN',
	addAnotherPhone: 'Add another phone',
	letThemLogIn: 'Let them log in',
	more: 'More',
	sendItByMailTo: 'Send it by mail to',
	send: 'Send',
	pinAtTheFamilysDevices: 'PIN at the family’s devices; empty for none',
	set: 'Set',
	sharedPhonesAndTablets: 'Shared phones and tablets',
	aTabletOnTheKitchen:
		'A tablet on the kitchen wall, an old phone in the hall. It shows the day for all; whoever taps ticks, and children open their list by name.',
	newCodeForThisDevice: 'New code for this device',
	logThisDeviceOut: 'Log this device out',
	addASharedDevice: 'Add a shared device',
	kitchenTablet: 'Kitchen tablet',
	add: 'Add',
	mailOfTheDemo: 'Mail of the demo',
	deleteThisHome: 'Delete this home …',
	nobodyCanOpenItFrom:
		'Nobody can open it from that moment on, and within a day all of it is gone: rooms, jobs, people and what was done. What stays is the file that you save now.',
	saveTheFileOfEverything: 'Save the file of everything',
	deleteThisHome2: 'Delete this home',
	inOnLast: (ins: Shown, device: Shown, lastIn: Shown) => `in on ${ins} ${device}, last ${lastIn}`,
	signOutEverywhere: (name: Shown) => `Log ${name} out everywhere`
} as const;

export const RESET_PAGE = {
	theNewPasswordHolds: 'The new password holds',
	everyOtherSignInHas: 'Every other login has ended.',
	signIn: 'Log in',
	aNewPassword: 'A new password',
	newPassword: 'New password',
	save: 'Save',
	askForAnotherWay: 'Ask for another way',
	lookInYourMail: 'Look in your mail',
	backToSigningIn: 'Back to logging in',
	aWayToItComes: 'A way to it comes by mail.',
	sendIt: 'Send it',
	ifBelongsToSomebodyHere: (asked: Shown) =>
		`If ${asked} belongs to somebody here, a way to a new password is on its way there. It can be used once, within the hour.`
} as const;

export const SIGN_IN_PAGE = {
	nowTheCode: 'Now the code',
	yourAuthenticatorAppShowsSix: 'Your authenticator app shows six figures for this minute.',
	oneOfTheTenCodes: 'One of the ten that you wrote down when you turned the second code on. Each holds once.',
	code: 'Code',
	recoveryCode: 'Recovery code',
	useARecoveryCode: 'Use a recovery code',
	useTheApp: 'Use the code of the app',
	logIn: 'Log in',
	signIn: 'Log in',
	forThePeopleWhoLive: 'For the people who live in this home.',
	iHaveACode: 'I have a code',
	askForANewPassword: 'Ask for a new password',
	beginAHomeOfYour: 'Begin a home of your own',
	whatIsPailRound: 'What is Pail Round?',
	lookAroundTheDemoHome: 'Look around the demo home'
} as const;

export const SIGN_UP_PAGE = {
	makeAnAccount: 'Make an account',
	yourHomeIsReadyFrom: 'Your home is ready. From here on only you, and whoever you let in, can open it.',
	onlyYouAndWhoeverYou: 'Only you, and whoever you let in, will be able to open your home.',
	atLeast10CharactersA:
		'At least 10 characters. A few words in a row do well; capitals and signs are not asked for.',
	signUpAndOpenIt: 'Sign up and open it',
	signUp: 'Sign up',
	iHaveAPasswordAlready: 'I have a password already',
	backToTheFirstSteps: 'Back to the first steps'
} as const;

export const WHO_PAGE = {
	yourPinPlease: 'Your PIN, please.',
	pin: 'PIN',
	openMyList: 'Open my list',
	somebodyElse: 'Somebody else',
	whoAreYou: 'Who are you?',
	nobodyHereHasAList: 'Nobody here has a list of their own on this device.',
	theDayForAll: 'The day for all',
	ofIt: (device: Shown, home: Shown) => `${device} of ${home}`
} as const;

export const ACCESS_DOORWAY = {
	pailRound: (title: Shown) => `${title} · Pail Round`
} as const;

export const ABOUT_PAGE = {
	pailRound: (title: Shown) => `${title} · Pail Round`
} as const;

export const ACCESS_PASSWORD_FIELD = {
	password: 'Password'
} as const;
