import type { Compute } from '$lib/server/core-worker';
import type { SafeCopy } from '$lib/server/copies/copy-folder';
import type { ReadExported, ReadPasted } from '$lib/server/reading/read-pasted';
import type { HouseholdAccess } from '$lib/server/access/household-access';
import type { Db } from '$lib/server/db/db';
import type { Prove } from '$lib/server/services/household/prove-apart';

declare global {
	namespace svelteHTML {
		interface HTMLAttributes<T> {
			/** what was kept of a form is put back (ui/shell/drafts) */
			ondraft?: (event: CustomEvent<Record<string, string>> & { currentTarget: T }) => void;
		}
	}
	namespace App {
		interface Error {
			message: string;
			/** quoted to whoever looks into the log */
			reference?: string;
		}
		interface Locals {
			db: Db;
			/** a browser, as far as telling it of changes goes */
			device: string;
			/** who gets in from other devices */
			access: HouseholdAccess;
			/** what other devices call this server by */
			addresses: string[];
			/** where a phone gets the certificate authority of this household, where it has one */
			install: { address: string; fingerprint: string } | null;
			/** where the data folder lies */
			hasRoom(): Promise<boolean>;
			freeBytes(): Promise<number>;
			compute: Compute;
			/** tries a household before it replaces anything */
			prove: Prove;
			readPasted: ReadPasted;
			readExported: ReadExported;
			copies: {
				list(): Promise<SafeCopy[]>;
				make(): Promise<SafeCopy>;
				/** where a copy of this name lies */
				path(name: string): string;
			};
		}
	}
}

export {};
