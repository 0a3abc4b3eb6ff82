import {
	finishPairing,
	hasPassphrase,
	isPassphrase,
	pairingOf,
	setPassphrase,
	signedInDevices,
	signIn,
	signOutDevice,
	signOutEverywhere,
	startPairing
} from './household-passphrase.ts';
import { addProgram, listPrograms, removeProgram } from './programs.ts';

/** Who gets in, as the screens ask and change it; `token` is of the device that asks. */
export const householdAccess = (dataDir: string, token: string | undefined) => ({
	hasPassphrase: () => hasPassphrase(dataDir),
	devices: () => signedInDevices(dataDir, token, Date.now()),
	signIn: (passphrase: string, name: string) => signIn(dataDir, passphrase, name, Date.now()),
	startPairing: (name: string) => startPairing(dataDir, name, Date.now()),
	pairingOf: (code: string) => pairingOf(dataDir, code, Date.now()),
	finishPairing: (code: string) => finishPairing(dataDir, code, Date.now()),
	signOut: (id: string) => signOutDevice(dataDir, id),
	signOutEverywhere: () => signOutEverywhere(dataDir),
	/** false when the one said before is not the household's */
	changePassphrase: async (before: string, next: string) => {
		if (hasPassphrase(dataDir) && !(await isPassphrase(dataDir, before))) return false;
		await setPassphrase(dataDir, next);
		return true;
	},
	programs: () => listPrograms(dataDir),
	addProgram: (name: string) => addProgram(dataDir, name, Date.now()),
	removeProgram: (id: string) => removeProgram(dataDir, id)
});
export type HouseholdAccess = ReturnType<typeof householdAccess>;
