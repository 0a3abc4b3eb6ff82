import type { CookCurve, CookOption, ConvertInput, Method, State } from '../core/index.ts';
import type { CookCard, CookCardInput } from '../core/table/cook-card.ts';

/** One version of the messages between a client and a worker; both sides are built together. */
export interface CardRequest {
	id: number;
	input: CookCardInput;
}
export type CardReply =
	{ id: number; ok: true; card: CookCard } | { id: number; ok: false; message: string };

/** A pack as it is, or as if it were thicker, heavier, thawed: asked by a screen, the newest request wins. */
export interface WaysRequest {
	id: number;
	state: State;
	/** ways already known, whose curves alone are wanted; null: compute them */
	known: { method: Method; setMin: number }[] | null;
	convert: ConvertInput;
}
export type WaysReply =
	| { id: number; kind: 'option'; option: CookOption }
	| { id: number; kind: 'curve'; method: Method; curve: CookCurve | null }
	/** all of them: those that are refused now name the nearest good way */
	| { id: number; kind: 'settled'; options: CookOption[] }
	| { id: number; kind: 'done' }
	| { id: number; kind: 'failed'; message: string };
