import { cookCard } from '../core/table/cook-card.ts';
import type { CardReply, CardRequest } from './protocol.ts';

/** Answers one request; a broken question comes back as its message, never as a dead worker. */
export function answerCardRequest({ id, input }: CardRequest): CardReply {
	try {
		return { id, ok: true, card: cookCard(input) };
	} catch (error) {
		return { id, ok: false, message: error instanceof Error ? error.message : String(error) };
	}
}
