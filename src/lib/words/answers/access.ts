/** What the house answers and tells in access: one group a file that says it. */
import type { Shown } from '../screens/shown';

/** How long to wait, in words. */
export function waitWords(milliseconds: number): string {
	const minutes = Math.ceil(milliseconds / 60_000);
	return minutes <= 1 ? 'a minute' : `${minutes} minutes`;
}

export const DELETION_SAYS = {
	theDemoHomeCannotBe: 'The demo home cannot be deleted. PAIL_DEMO=no closes it.',
	saveTheFileOfEverything:
		'Save the file of everything first: it is all that stays of this home. Then delete it.',
	youHaveNoPasswordHere: 'You have no password here yet.',
	nobodyElseOrganisesMakeSomebody: (join: Shown) =>
		`Nobody else organises ${join}. Make somebody with a password an organiser there, or delete that home first.`
} as const;

export const DOORS_SAYS = {
	aWayInto: (homeName: Shown) => `A way into ${homeName}`,
	thisOpensInPailRound: (name: Shown, homeName: Shown, link: Shown, shownCode: Shown, origin: Shown) =>
		`${name}, this opens ${homeName} in Pail Round on your own phone. It can be used once, within two days:

${link}

Or type ${shownCode} at ${origin}/join`,
	thisPageIsTooOld: 'This page is too old to be sent. Reload it and try again.',
	thatPersonDoesNotLive: 'That person does not live here. Reload the page.',
	giveTheDeviceAName: 'Give the device a name, such as "Kitchen tablet".',
	aDevicesNameIsTooLong: 'That name is too long for a device: up to 60 letters.',
	aHomeHasAtMost: 'A home has at most 20 devices. Log one of them out first.',
	thatDeviceIsLoggedOut: 'That device is logged out already. Reload the page, then add it anew.',
	itsKeyIsTakenAway: 'Its key is taken away. It shows nothing any more.',
	onlyChildrenAndHelpersHave: 'Only children and helpers have a PIN. Reload the page.',
	needsNoPinAnyMore: (name: Shown) => `${name} needs no PIN any more on the family’s devices.`,
	hasANewPinFor: (name: Shown) => `${name} has a new PIN for the family’s devices.`,
	nobodyCouldLetThemIn: (name: Shown) =>
		`Nobody else organises this home with a password, so nobody could let ${name} in again. Other devices are logged out under "Your password and logins".`,
	signedOutEverywhereToLet: 'Logged out everywhere. To let them in again, make them a new way in.',
	theDemoHomeHasNo: 'The demo home has no keys of its own. Begin your own home to try this.',
	chooseWhichOneToEnd: 'Choose which one to end. Reload the page.',
	signedOutEverywhereElse: 'Logged out everywhere else.',
	thatOneIsSignedOut: 'That one is logged out.',
	youHaveNoPasswordHere: 'You have no password here yet.',
	tooManyTriesWaitThen: (waitWords: Shown) => `Too many tries. Wait ${waitWords}, then try again.`,
	theOldPasswordIsNot: 'The old password is not right.',
	theNewPasswordHoldsAll: 'The new password holds. All other logins have ended.',
	youHaveAPasswordAlready: 'You have a password already. Log in with it here to change it.',
	thisAddressCannotBeUsed: 'This address cannot be used here. Choose another, or log in with it.',
	fromNowOnYouCan: 'From now on you can log in with them, on any device.',
	thePasswordIsNotRight: 'The password is not right.',
	takeAPasswordFirst: 'Take a password first.',
	thereIsASecondFactor: 'A second code is asked for already. Turn it off first.',
	scanThePictureThenType: 'Scan the picture, then type the code that your app shows.',
	beginItAgainThereIs: 'Begin it again: there is nothing to prove just now.',
	tooManyCodesWaitThen: (waitWords: Shown) => `Too many codes. Wait ${waitWords}, then try again.`,
	thatCodeIsNotThe: 'That code is not the one of this half minute. Try the next one.',
	fromNowOnSigningIn:
		'From now on logging in asks for a code of your app. Keep the codes below for the day on which you have lost it.',
	thereIsNone: 'There is none.',
	signingInAsksForThe: 'Logging in asks for the password alone again.'
} as const;

export const JOINING_SAYS = {
	thisInvitationHasBeenUsed: 'This invitation has been used or has run out. Ask for a new one.',
	tooManyCodesWereTried: (waitWords: Shown) =>
		`Too many codes were tried. Wait ${waitWords}, then try again.`,
	onlyTheFamilysOwnDevices: 'Only the family’s own devices ask who you are. Open your own way in.',
	thatWasTriedTooOften: (waitWords: Shown) =>
		`That was tried too often here. Wait ${waitWords}, or let a grown-up open it.`,
	thatPinDoesNotFit: 'That PIN does not fit. Try once more.'
} as const;

export const SIGNING_SAYS = {
	thatAddressAndPasswordDo:
		'That address and password do not go together. Try again, or ask for a new password.',
	thatWasTriedTooOften: (waitWords: Shown) =>
		`That was tried too often from here. Wait ${waitWords}, then try again.`,
	thatTookTooLongSign: 'That took too long. Log in again with your password.',
	tooManyCodesWereTried: (waitWords: Shown) =>
		`Too many codes were tried. Wait ${waitWords}, then try again.`,
	thatCodeIsNotThe: 'That code is not the one of this half minute. Wait for the next one and try it.',
	thatRecoveryCodeIsNot:
		'That is none of your recovery codes, or it was used already. Try another of the ten.',
	nobodyCanSignUpHere:
		'Nobody can sign up here by themselves. Ask whoever looks after this Pail Round for an invitation.',
	manyHaveSignedUpFrom: (waitWords: Shown) =>
		`Many have signed up from here. Wait ${waitWords}, then try again.`,
	thisAddressCannotBeSigned:
		'This address cannot be signed up with this password. If it is yours, log in, or ask for a new password.',
	thatWasAskedForToo: (waitWords: Shown) =>
		`That was asked for too often. Wait ${waitWords}, then try again.`,
	aNewPasswordForPail: 'A new password for Pail Round',
	somebodyAskedForANew: (origin: Shown, code: Shown) =>
		`Somebody asked for a new password for this address. If it was you, open within the hour:

${origin}/reset?code=${code}

If it was not, nothing needs doing: the old password holds.`,
	tooManyTriesWaitThen: (waitWords: Shown) => `Too many tries. Wait ${waitWords}, then try again.`,
	thisWayToANew: 'This way to a new password has been used or has run out. Ask for another.'
} as const;

export const DOOR_SAYS = {
	theKitchenTablet: 'The kitchen tablet'
} as const;

export const HOUSE_ADDRESS_SAYS = {
	notSentNoAddressIs:
		'Not sent: no address is set for links. Set one with "npm run address -- https://…", or ORIGIN.'
} as const;

export const RULES_SAYS = {
	anAddressHasAtMost: 'An address has at most 254 letters.',
	thatIsNoEMail: 'That is no e-mail address. Write it as name@place.',
	aPasswordHasAtLeast: 'A password has at least 10 characters. A few words in a row do well.',
	aPasswordHasAtMost: 'A password has at most 200 characters.',
	thatOneIsOnThe: 'That one is on the lists that everybody tries first. Choose another.',
	thatOneIsTooEasy: 'That one is too easy to guess. Choose one of more different letters.',
	yourAddressIsTheFirst: 'Your address is the first thing that would be tried. Choose another.',
	aPinIsFourTo: 'A PIN is four to eight figures.',
	thatPinIsTriedFirst: 'That PIN is tried first. Choose another.'
} as const;

export const TOTP_SAYS = {
	pailRound: 'Pail Round'
} as const;

/** Who can log in, and on what. */
export const DOORS_VIEW_SAYS = {
	aPhone: 'a phone or tablet',
	aComputer: 'a computer',
	notOpenedYet: 'let in, not opened yet',
	lastSeen: (when: Shown) => `last seen ${when}`,
	waits: 'waits to be let in',
	runOut: 'its invitation has run out',
	how: { password: 'with a password', join: 'by an invitation', device: 'at a device' }
} as const;
