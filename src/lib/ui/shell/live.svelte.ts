import { invalidateAll } from '$app/navigation';
import { navigating } from '$app/state';

interface Change {
	topic: 'clocks' | 'day';
}
type Topic = Change['topic'];

/**
 * Listens to what other devices change. Whatever was missed while the connection was gone is fetched when it is back. A fetch under
 * way is never thrown away for the next one: what is told meanwhile is fetched after it.
 */
class Live {
	/** false while there is no connection */
	here = $state(true);
	private readonly listeners: { topic: Topic; fetch: () => Promise<void> }[] = [
		{ topic: 'clocks', fetch: fetchClocks }
	];
	private fresh: Topic[] = [];
	private fetching = false;

	/** Starts listening; returns what stops it. For an `$effect`. */
	start(): () => void {
		const source = new EventSource('/live');
		let missed = false;
		source.onopen = () => {
			this.here = true;
			if (missed) this.tell('clocks', 'day');
			missed = false;
		};
		source.onerror = () => {
			this.here = false;
			missed = true;
		};
		source.onmessage = ({ data }) => this.tell((JSON.parse(data as string) as Change).topic);
		return () => source.close();
	}

	/** Has something fetched whenever a topic is told of; returns what ends that. */
	listen(topic: Topic, fetch: () => Promise<void>): () => void {
		const listener = { topic, fetch };
		this.listeners.push(listener);
		return () => void this.listeners.splice(this.listeners.indexOf(listener), 1);
	}

	private tell(...topics: Topic[]): void {
		this.fresh.push(...topics.filter((topic) => !this.fresh.includes(topic)));
		if (!this.fetching) void this.fetchFresh();
	}

	private async fetchFresh(): Promise<void> {
		this.fetching = true;
		while (this.fresh.length > 0) {
			const topics = this.fresh;
			this.fresh = [];
			for (const { topic, fetch } of this.listeners) if (topics.includes(topic)) await fetch();
		}
		this.fetching = false;
	}
}

const waitMs = 100;

/**
 * Everything a page shows, loaded anew. The framework leaves the page when it cannot load data, so it is asked only when the server
 * has just answered; and a load throws away a navigation under way, so that is waited for.
 */
async function fetchClocks(): Promise<void> {
	try {
		if (!(await fetch('/health')).ok) return;
	} catch (error) {
		if (!(error instanceof TypeError)) throw error;
		return;
	}
	while (navigating.to) await new Promise((resolve) => setTimeout(resolve, waitMs));
	await invalidateAll();
}

export const live = new Live();
