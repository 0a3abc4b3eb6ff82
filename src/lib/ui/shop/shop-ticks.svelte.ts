import { clock } from '../shell/clock.svelte';
import { Outbox } from '../shell/outbox.svelte';

interface Mark {
	key: string;
	ticked: boolean;
	atMs: number;
}

/** Ticks of one shopping list: shown at once, with what other devices ticked. */
export class ShopTicks {
	private known = $state<Record<string, Mark>>({});
	private readonly outbox: Outbox<Mark>;

	constructor(dayId: number, marks: readonly Mark[]) {
		this.outbox = new Outbox<Mark>({
			path: `/shop/${dayId}/marks`,
			storageKey: `almacen-ticks-${dayId}`,
			keyOf: (mark) => `${mark.key} ${mark.atMs}`,
			arrived: (answer) => this.take(answer as Mark[])
		});
		this.take(marks);
		for (const mark of this.outbox.waiting) this.known[mark.key] = mark;
	}

	/** Keeps sending what waits; gives the way to stop. */
	start = (): (() => void) => this.outbox.start();

	/** Ticks that have not reached the server. */
	get unsent(): number {
		return this.outbox.unsent;
	}

	has(key: string): boolean {
		return this.known[key]?.ticked ?? false;
	}

	set(key: string, ticked: boolean): void {
		const mark = { key, ticked, atMs: clock.now() };
		this.known[key] = mark;
		void this.outbox.put([mark], (other) => other.key === key);
	}

	private take(marks: readonly Mark[]): void {
		for (const mark of marks)
			if ((this.known[mark.key]?.atMs ?? 0) <= mark.atMs) this.known[mark.key] = mark;
	}
}
