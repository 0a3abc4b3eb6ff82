import * as yup from 'yup';
import * as w from '../present/wording/index.ts';
import { leastPassphrase, mostName } from './access-limits.ts';
import { text } from './fields.ts';

/** Longer than anybody types, characters. */
const mostPassphrase = 1000;

/** What a device or a program is called. */
export const deviceSchema = yup.object({
	name: text(w.devices.name, mostName).required(w.devices.nameMissing)
});

/** A new passphrase, and the one before. */
export const passphraseSchema = yup.object({
	before: yup.string().max(mostPassphrase, w.signIn.wrong),
	next: yup
		.string()
		.min(leastPassphrase, w.devices.passphraseShort({ least: leastPassphrase }))
		.max(mostPassphrase, w.devices.passphraseLong)
		.required(w.devices.passphraseShort({ least: leastPassphrase }))
});
