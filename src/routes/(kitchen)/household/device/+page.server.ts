import * as w from '$lib/present/wording';
import { fail } from '@sveltejs/kit';
import { qrPath } from '$lib/present/qr-path';
import { deviceSchema, passphraseSchema } from '$lib/schemas/access';
import { rawFields, readForm } from '$lib/schemas/read-form';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals: { access, addresses, install } }) => ({
	install: install && { ...install, qr: qrPath(install.address) },
	hasPassphrase: access.hasPassphrase(),
	/** other devices reach it by one of these */
	reachable: addresses.length > 0,
	devices: await access.devices(),
	programs: await access.programs()
});

export const actions: Actions = {
	pair: async ({ request, locals: { access, addresses } }) => {
		const form = readForm(deviceSchema, rawFields(await request.formData()));
		if (!form.ok) return fail(400, { pairErrors: form.errors });
		const code = await access.startPairing(form.value.name);
		if (code === null || addresses.length === 0)
			return fail(409, { pairErrors: { name: w.devices.notReachable } });
		const address = `${addresses[0]}/pair/${code}`;
		return { pairing: { name: form.value.name, address, qr: qrPath(address) } };
	},
	/** one device signs in anew */
	out: async ({ request, locals: { access } }) => {
		await access.signOut(String((await request.formData()).get('id') ?? ''));
		return { out: true };
	},
	/** every device but the one it runs on signs in anew */
	signOut: async ({ locals: { access } }) => {
		await access.signOutEverywhere();
		return { signedOut: true };
	},
	passphrase: async ({ request, locals: { access } }) => {
		const form = readForm(passphraseSchema, rawFields(await request.formData()));
		if (!form.ok) return fail(400, { passphraseErrors: form.errors });
		const { before, next } = form.value;
		if (!(await access.changePassphrase(before ?? '', next)))
			return fail(403, { passphraseErrors: { before: w.signIn.wrong } });
		return { passphraseSet: true };
	},
	program: async ({ request, locals: { access } }) => {
		const form = readForm(deviceSchema, rawFields(await request.formData()));
		if (!form.ok) return fail(400, { programErrors: form.errors });
		const token = await access.addProgram(form.value.name);
		if (token === null) return fail(409, { programErrors: { name: w.devices.tooManyPrograms } });
		return { program: { name: form.value.name, token } };
	},
	programOut: async ({ request, locals: { access } }) => {
		await access.removeProgram(String((await request.formData()).get('id') ?? ''));
		return { programOut: true };
	}
};
