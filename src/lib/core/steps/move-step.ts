/** What moving and removing need of a step. */
interface Placed {
	/** places of the steps above that it waits for */
	readonly after: readonly number[];
}

const ordered = (places: Iterable<number>) => [...new Set(places)].sort((a, b) => a - b);

/** A step moved to another place: every step goes on waiting for those it waited for, as far as they are still above it. */
export function moveStep<T extends Placed>(steps: readonly T[], from: number, to: number): T[] {
	const order = steps.map((_, i) => i).filter((i) => i !== from);
	order.splice(to, 0, from);
	const placeOf = new Map(order.map((old, place) => [old, place]));
	return order.map((old, place) => ({
		...steps[old],
		after: ordered(steps[old].after.map((i) => placeOf.get(i) ?? i)).filter((i) => i < place)
	}));
}

/** Without a step: those after it move up and wait for what it waited for. */
export function removeStep<T extends Placed>(steps: readonly T[], at: number): T[] {
	const gone = steps[at];
	return steps
		.filter((_, i) => i !== at)
		.map((step) => ({
			...step,
			after: ordered(
				step.after
					.flatMap((before) => (before === at ? gone.after : [before]))
					.map((before) => (before > at ? before - 1 : before))
			)
		}));
}
