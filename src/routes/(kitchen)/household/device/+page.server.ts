import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals: { access } }) => ({
	hasPassphrase: access.hasPassphrase()
});

export const actions: Actions = {
	/** every device but the one it runs on signs in anew */
	signOut: async ({ locals: { access } }) => {
		await access.signOutEverywhere();
		return { signedOut: true };
	}
};
