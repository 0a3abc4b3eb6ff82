import type { Method } from '../../appliances/index.ts';

/** A use of an appliance by a meal or a packing day. */
export interface ApplianceUse {
	/** of the meal or day */
	id: string;
	appliance: Method['appliance'];
	fromMs: number;
	toMs: number;
	/** other appliances the meal can be made in, each with when that would be; best first */
	others: readonly { method: Method; fromMs: number; toMs: number; key: string }[];
}

/** Two that want one appliance at one time, and the nearest way out. */
export interface Clash {
	a: string;
	b: string;
	appliance: Method['appliance'];
	/** which of them could be made elsewhere, and how; null: one of them goes to another day */
	way: { of: string; method: Method; key: string; fromMs: number } | null;
}

const overlap = (
	a: { fromMs: number; toMs: number },
	b: { fromMs: number; toMs: number }
): boolean => a.fromMs < b.toMs && b.fromMs < a.toMs;

/** Every two uses of one appliance at one time; the hob has room for several. A way out clashes with nothing itself. */
export function clashes(uses: readonly ApplianceUse[]): Clash[] {
	const found: Clash[] = [];
	uses.forEach((a, i) =>
		uses.slice(i + 1).forEach((b) => {
			if (a.appliance !== b.appliance || a.appliance === 'hob' || !overlap(a, b)) return;
			// the later of them moves first: it is less far under way
			const way = [b, a].flatMap((use) =>
				use.others
					.filter((other) =>
						uses.every(
							(known) =>
								known.id === use.id ||
								known.appliance !== other.method.appliance ||
								known.appliance === 'hob' ||
								!overlap(known, other)
						)
					)
					.map(({ method, key, fromMs }) => ({ of: use.id, method, key, fromMs }))
			)[0];
			found.push({ a: a.id, b: b.id, appliance: a.appliance, way: way ?? null });
		})
	);
	return found;
}
