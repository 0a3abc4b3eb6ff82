import * as w from '../../../present/wording/index.ts';
import { logFailure } from '../../log.ts';
import { reasonOf } from '../../proof.ts';

/** Makes a safe copy. What keeps it from being made is logged, and said in words. */
export async function makeSafeCopy(copies: {
	make(): Promise<unknown>;
}): Promise<{ ok: true } | { ok: false; message: string }> {
	try {
		await copies.make();
		return { ok: true };
	} catch (error) {
		logFailure('a safe copy could not be made')(error);
		return { ok: false, message: w.readBackInAnswers.noSafeCopy({ why: reasonOf(error) }) };
	}
}
