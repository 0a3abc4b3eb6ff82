import type { ConvertInput, CookCurve, CookOption, LikelyTimes, State } from '$lib/core';
import { methodKey } from '$lib/core/appliances';
import { waysClient } from '$lib/workers/ways-client';

/** Ways to cook a pack and their curves, as a worker computes them: `options` null while those of the card count. */
export class Ways {
	options = $state<CookOption[] | null>(null);
	/** likely times that came before their ranges */
	likely = $state<LikelyTimes[]>([]);
	curves = $state<Record<string, CookCurve | null>>({});
	busy = $state(false);
	failed = $state<string | null>(null);
	private readonly client = waysClient((reply) => {
		switch (reply.kind) {
			case 'likely':
				this.likely = [...this.likely, reply.times];
				return;
			case 'option':
				this.options = [...(this.options ?? []), reply.option];
				return;
			case 'timer':
				return;
			case 'curve':
				this.curves[methodKey(reply.method)] = reply.curve;
				return;
			case 'settled':
				this.options = reply.options;
				return;
			case 'done':
				this.busy = false;
				return;
			case 'failed':
				this.busy = false;
				this.failed = reply.message;
		}
	});

	/** Curves for the ways of the card. */
	ofCard(convert: ConvertInput, state: State, options: readonly CookOption[]): void {
		this.begin();
		this.options = null;
		const known = options.flatMap(({ method, setMin }) =>
			setMin ? [{ method, setMin: setMin.likely }] : []
		);
		this.client.ask({ convert, state, known });
	}

	/** Everything anew, for a pack that is not as packed. */
	asIf(convert: ConvertInput, state: State): void {
		this.begin();
		this.options = [];
		this.client.ask({ convert, state, known: null });
	}

	close(): void {
		this.client.close();
	}

	private begin(): void {
		this.curves = {};
		this.likely = [];
		this.failed = null;
		this.busy = true;
	}
}
