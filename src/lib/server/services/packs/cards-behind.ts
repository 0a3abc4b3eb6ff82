import { logFailure } from '../../log.ts';
import type { Compute } from '../../core-worker.ts';
import type { Db } from '../../db/db.ts';
import { getHousehold } from '../../queries/household.ts';
import { packingsByName, packingWithoutCard } from '../../queries/packs.ts';
import { setCard, setCardInput } from '../../writes/packs.ts';
import { questionFromName } from './question-from-name.ts';

/** Databases whose cards are being computed right now: one run does all of them, whoever asks. */
const running = new Map<Db, Promise<void>>();

/**
 * Computes the cook cards that packings still wait for, one after the other, those of packs without a dish from their names: what is written down at the freezer's door is kept at
 * once, its card follows. Called after writing and at the start, for what a power cut left undone. One that cannot be computed is
 * told on the console and left.
 */
export function computeMissingCards(db: Db, compute: Compute): Promise<void> {
	const known = running.get(db);
	if (known) return known.then(() => computeMissingCards(db, compute));
	const run = computeAll(db, compute)
		.catch(logFailure('cook cards wait for the next start'))
		.finally(() => running.delete(db));
	running.set(db, run);
	return run;
}

async function computeAll(db: Db, compute: Compute): Promise<void> {
	const house = await getHousehold(db);
	for (const packing of await packingsByName(db)) {
		const question = questionFromName(packing, house);
		if (question) await setCardInput(db, packing.id, question);
	}
	let afterId = 0;
	for (;;) {
		const packing = await packingWithoutCard(db, afterId);
		if (!packing) return;
		afterId = packing.id;
		try {
			await setCard(db, packing.id, await compute('card', packing.cardInput));
		} catch (error) {
			logFailure('a cook card could not be computed', { packing: packing.id })(error);
		}
	}
}
