import type { ComputeCard } from '$lib/server/card-worker';
import type { SafeCopy } from '$lib/server/copies/copy-folder';
import type { Db } from '$lib/server/db/open';

declare global {
	namespace App {
		interface Error {
			message: string;
			/** quoted to whoever looks into the log */
			reference?: string;
		}
		interface Locals {
			db: Db;
			computeCard: ComputeCard;
			copies: { list(): Promise<SafeCopy[]>; make(): Promise<SafeCopy> };
		}
	}
}

export {};
