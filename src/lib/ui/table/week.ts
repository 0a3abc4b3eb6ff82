import type { Method } from '$lib/core';
import type { RouteName } from '$lib/core/serving';

/** What a card of the weeks needs of a meal. */
export interface SeenMeal {
	id: number;
	version: number;
	onDay: string;
	serveAt: string;
	kind: 'packs' | 'leftovers' | 'note';
	title: string;
	servings: number;
	eaters: number;
	bestBy: string | null;
	state: 'planned' | 'eaten' | 'gone';
	plan: { method: Method; route: RouteName; startAtMs: number; takeOutAtMs: number | null } | null;
	isRough: boolean;
	href: string;
}
