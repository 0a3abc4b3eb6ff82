import { type DayEvent, type DayEventKind, dayState, undoneUids } from '$lib/core/schedule';
import { clock } from '../shell/clock.svelte';
import { live } from '../shell/live.svelte';
import { Outbox } from '../shell/outbox.svelte';

/** Says one thing, or several at the same moment in their order. */
export type Say = (
	...events: { kind: DayEventKind; key?: string; value?: number | null }[]
) => void;

/** A packing day as the server has it at a moment. */
export interface KnownDay {
	asOfMs: number;
	events: DayEvent[];
}

/**
 * A packing day on this device: what is said here counts at once, also without a connection, and is sent to the others; what they
 * say is fetched when the server tells of it. A fetch that fails is made again with the next.
 */
export class DayLog<D extends KnownDay> {
	private readonly outbox: Outbox<DayEvent>;
	private readonly path: string;
	private readonly loaded: () => D;
	private fetched = $state.raw<D | null>(null);
	/** the day as it was last heard of */
	readonly known = $derived.by(() => {
		const loaded = this.loaded();
		return this.fetched && this.fetched.asOfMs > loaded.asOfMs ? this.fetched : loaded;
	});
	readonly state = $derived.by(() => dayState([...this.known.events, ...this.outbox.waiting]));

	constructor(dayId: number, loaded: () => D) {
		this.loaded = loaded;
		this.path = `/prep/${dayId}`;
		this.outbox = new Outbox<DayEvent>({
			path: `${this.path}/events`,
			storageKey: `almacen-day-${dayId}`,
			keyOf: (event) => event.uid,
			arrived: () => this.fetchDay()
		});
	}

	/** Keeps sending what waits and fetching what others say; gives the way to stop. */
	start = (): (() => void) => {
		const stopSending = this.outbox.start();
		const stopListening = live.listen('day', () => this.fetchDay());
		return () => {
			stopSending();
			stopListening();
		};
	};

	private async fetchDay(): Promise<void> {
		try {
			const answer = await fetch(`${this.path}/state`);
			if (answer.ok) this.fetched = (await answer.json()) as D;
		} catch (error) {
			// no connection: the page says so, and is told when it is back
			if (!(error instanceof TypeError)) throw error;
		}
	}

	/** What waits on this device, the oldest first. */
	get waiting(): readonly DayEvent[] {
		return this.outbox.waiting;
	}

	/** The last thing said here that can be taken back: a change of the plan, not a task begun or done (those have their own way). */
	readonly last = $derived.by(() => {
		const all = [...this.known.events, ...this.outbox.waiting];
		const undone = undoneUids(all);
		return this.saidHere.findLast(({ uid }) => !undone.has(uid)) ?? null;
	});
	private saidHere = $state<DayEvent[]>([]);

	/** Takes back what was said. */
	undo(event: DayEvent): void {
		this.say({ kind: 'undo', key: event.uid });
	}

	/** Events that have not reached the server. */
	get unsent(): number {
		return this.outbox.unsent;
	}

	say: Say = (...events) => {
		const atMs = Math.round(clock.now());
		const said = events.map(({ kind, key = '', value = null }, i) => ({
			uid: uid(),
			kind,
			key,
			value,
			atMs: atMs + i
		}));
		this.saidHere = [...this.saidHere, ...said.filter(({ kind }) => takenBack.has(kind))];
		void this.outbox.put(said);
	};

	tick(key: string, ticked: boolean): void {
		this.say({ kind: ticked ? 'tick' : 'untick', key });
	}
}

/** What changes a plan without being work done. */
const takenBack: ReadonlySet<DayEventKind> = new Set<DayEventKind>([
	'late',
	'move',
	'skip',
	'slow',
	'pause'
]);

/** `crypto.randomUUID` is only there over https; random values are everywhere. */
function uid(): string {
	const bytes = crypto.getRandomValues(new Uint8Array(16));
	return Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('');
}
