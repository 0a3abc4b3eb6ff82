import type { CookCard, CookCardInput } from '../core/table/cook-card.ts';

/** One version of the messages between a client and a worker; both sides are built together. */
export interface CardRequest {
	id: number;
	input: CookCardInput;
}
export type CardReply =
	{ id: number; ok: true; card: CookCard } | { id: number; ok: false; message: string };
