import * as many from '../count.ts';
import type { Shown } from '../shown.ts';

export const rail = {
	stations: 'Stations',
	almacen: 'Almacen',
	household: 'household',
	shop: 'Shop',
	prep: 'Prep',
	menu: 'Menu',
	cool: 'Cool',
	pack: 'Pack',
	freezer: 'Freezer',
	table: 'Table',
	learn: 'Learn'
};

export const cautions = { title: 'To be careful about' };

export const strip = {
	mealNow: 'now',
	mealIn: ({ time }: { time: Shown }) => `in ${time}`,
	thaws: ({ name }: { name: Shown }) => `${name} · thawing`,
	look: 'look whether it is thawed',
	cookNow: 'cook now',
	thawedIn: ({ time }: { time: Shown }) => `free of ice in ${time}`,
	cookBy: ({ time }: { time: Shown }) => `cook by ${time}`,
	runningClocks: 'Running clocks',
	about: ({ temp }: { temp: Shown }) => `≈ ${temp}`,
	cold: ', cold',
	empty: 'Nothing is cooling.',
	more: 'more clocks: show all',
	fewer: 'fewer',
	gatePassed: 'gate passed by',
	gateIn: 'gate in',
	measureNow: 'measure now',
	reheat: 'reheat now',
	discard: 'discard'
};

export const rootLayout = {
	skip: 'Skip to the work',
	opening: 'Opening…',
	draftBack: 'What you had typed here is back; it is not saved yet.',
	startAfresh: 'Start afresh',
	noConnection:
		'No connection to the household’s computer. What is tapped here is kept and sent later.',
	keptPosts: ({ n }: { n: number }) =>
		many.plural(n, {
			one: 'One entry waits on this device for the connection.',
			other: `${n} entries wait on this device for the connection.`
		}),
	keptSignIn: 'Sign in: they are sent then.',
	notTaken: ({ says, entry }: { says: Shown; entry: Shown }) =>
		`An entry kept on this device was not taken: ${says} It was: ${entry}.`,
	enterAgain: 'Enter it again',
	letGo: 'Let it go',
	lapse: ({ times }: { times: Shown }) => `Trying out: time runs ${times} times faster.`
};

export const rootError = {
	pageTitle: ({ heading }: { heading: Shown }) => `${heading} · Almacen`,
	reference: ({ reference }: { reference: Shown }) =>
		`Reference ${reference}, in the server’s log.`,
	toTheFreezer: 'To the freezer',
	notHere: 'Not here',
	failed: 'That did not work'
};

export const shortcutKeys = {
	shop: 'Shop',
	prep: 'Prep',
	menu: 'Menu',
	cool: 'Cool',
	pack: 'Pack',
	freezer: 'Freezer',
	table: 'Table',
	household: 'Household',
	writeADish: 'Write a dish',
	startCooling: 'Start cooling',
	findPack: 'Find a pack by its code',
	beginNext: 'Run sheet: begin what is next',
	endFirst: 'Run sheet: the first thing now is done',
	undo: 'Undo the last thing',
	skip: 'To the work, past the stations'
};

export const shortcuts = {
	keys: 'Keys',
	key: 'key',
	does: 'does',
	thisList: 'This list',
	tab: 'To the next thing; Shift + Tab back',
	enter: 'Do it: press, open, save the form',
	escape: 'Close a panel',
	singleKeys: 'single keys work on this device'
};

export const find = {
	title: 'Find a dish, a pack, a day, a thing to do',
	button: 'Find',
	keys: 'Find: / or Ctrl K',
	placeholder: 'dal, QGDM4, Sunday, count up …',
	results: 'What was found',
	dish: 'dish',
	pack: 'pack',
	day: 'day',
	todo: 'do',
	none: 'Nothing is called that.',
	failed: 'The household’s computer does not answer; dishes and packs are not shown.',
	how: 'Arrows choose, Enter opens, Esc closes.'
};

/** While the code of a part of a screen comes. */
export const part = { opening: 'Getting it ready …' };

export const charts = { at: 'at', forecast: 'forecast', soFar: 'so far', readings: 'readings' };

export const help = {
	title: 'How it works',
	pageTitle: 'How it works · Almacen',
	keys: 'Every key is listed under ?.',
	pages: {
		'packing-day': 'A packing day',
		'menu-and-shop': 'Menu and shopping',
		freezer: 'Packs and the freezer',
		safety: 'Safety rules',
		numbers: 'Where numbers come from',
		practice: 'Common practice',
		thermometer: 'Connecting a thermometer',
		'label-printer': 'Connecting a label printer',
		'export-format': 'The file of everything'
	}
};

export const keysButton = {
	keys: 'Keys'
};

export const undoLines = {
	title: 'What can be taken back',
	all: ({ n }: { n: number }) =>
		many.plural(n, {
			one: 'One thing can be taken back',
			other: `${n} things can be taken back`
		}),
	undo: 'Undo',
	dismiss: ({ what }: { what: Shown }) => `Dismiss: ${what}`
};

export const why = {
	inputs: 'what went in',
	value: 'value',
	source: 'Where it comes from'
};

export const slab = {
	thick: ({ thickness }: { thickness: Shown }) => `${thickness} thick`
};

export const hooksServerAnswers = {
	diskFull:
		'The disk is almost full: nothing is written until there is room again. What you typed is still here; reading goes on.',
	notJson: 'Send JSON, and say so: Content-Type: application/json.',
	unreadableJson: 'This is not JSON that can be read.',
	notFound: 'There is nothing at this address.',
	unexpected: 'Something went wrong on our side. What you typed is still in the page you came from.'
};

export const signIn = {
	pageTitle: 'Sign in · Almacen',
	title: 'This household has a passphrase',
	why: 'It was set where Almacen runs. This device is remembered for half a year.',
	passphrase: 'Passphrase',
	open: 'Open',
	wrong: 'That is another passphrase. Try again.',
	later: 'Too many tries. Wait a quarter of an hour, then try again.',
	needed: 'Sign in first: this household has a passphrase.',
	phone: 'Phone',
	tablet: 'Tablet',
	computer: 'Computer'
};

export const seen = {
	changedElsewhere: 'Meanwhile this was changed elsewhere:',
	field: ({ label, was, is }: { label: Shown; was: string; is: string }) =>
		`${label}: “${was}” is “${is}” now`,
	sendAgain: 'Nothing was saved. What you typed is still here; save again to have it so.'
};

export const pairing = {
	pageTitle: 'A device comes in · Almacen',
	title: ({ name }: { name: Shown }) => `This device is “${name}”`,
	why: 'It will open this household without the passphrase, until somebody signs it out.',
	letIn: 'Come in',
	overTitle: 'This code is not good any more',
	over: 'It lets one device in, within five minutes. Ask for another one where the household is open already: Household, Devices and programs.',
	byPassphrase: 'Come in by the passphrase'
};

export const devices = {
	title: 'Devices and programs',
	comeIn: 'Let a device in',
	how: 'A phone or tablet scans a code and is let in, without the passphrase. The code is good for one device and five minutes.',
	installFirst: 'The first time on a device: trust this machine',
	installHow:
		'Scan this and install the certificate authority of this household. It vouches for addresses at home and for nothing else.',
	fingerprint: 'Its SHA-256 fingerprint, to compare:',
	notReachable:
		'Other devices cannot reach this yet. Start it with npm start -- --home (docs/at-home.md).',
	name: 'Name',
	deviceExample: 'Kitchen tablet',
	nameMissing: 'Name: what is it called here?',
	show: 'Show the code',
	scan: ({ name }: { name: Shown }) => `Scan this with “${name}” within five minutes`,
	listed: 'Signed in',
	none: 'No other device is signed in.',
	thisOne: 'this one',
	since: ({ when }: { when: Shown }) => `since ${when}`,
	signOut: 'Sign out',
	signOutNamed: ({ name }: { name: Shown }) => `Sign ${name} out`,
	passphraseTitle: 'Passphrase of the household',
	passphraseFirst: 'With one, other devices can be let in. This machine itself is never asked.',
	passphraseBefore: 'The one until now',
	passphraseNext: 'The new one',
	passphraseHint: 'Ten characters at least; four words that do not belong together are good.',
	passphraseShort: ({ least }: { least: number }) => `Passphrase: ${least} characters at least.`,
	passphraseLong: 'Passphrase: that is too long.',
	passphraseSave: 'Set it',
	passphraseSet: 'Set. Every other device signs in anew.',
	programsTitle: 'Other programs',
	programsHow:
		'A program of the household (a thermometer, a display) may read packs and write readings and deeds, with a token of its own. What it can ask for:',
	programExample: 'Display in the hall',
	programAdd: 'Make a token',
	programToken: ({ name }: { name: Shown }) =>
		`The token of “${name}”. It is shown this once; put it into the program now:`,
	programTake: 'Take it away',
	programTakeNamed: ({ name }: { name: Shown }) => `Take the token of ${name} away`,
	tooManyPrograms: 'There are twenty already: take one away first.'
};

export const programAnswers = {
	noToken:
		'Send a token: Authorization: Bearer … It is made under Household, Devices and programs.',
	noPack: 'There is no pack of this code.',
	noFreezer: 'There is no freezer of this number.',
	noRun: 'Nothing of this number is cooling now.'
};
