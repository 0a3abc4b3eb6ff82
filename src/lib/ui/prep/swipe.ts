import type { Attachment } from 'svelte/attachments';

/** How far a finger goes to the right for a swipe, px; further sideways than up or down. */
const leastPx = 90;

/** Calls back when a card is swiped to the right. */
export function swipeRight(done: () => void): Attachment<HTMLElement> {
	return (node) => {
		let from: { x: number; y: number } | null = null;
		const down = (event: PointerEvent) => (from = { x: event.clientX, y: event.clientY });
		const up = (event: PointerEvent) => {
			if (!from) return;
			const dx = event.clientX - from.x;
			const dy = Math.abs(event.clientY - from.y);
			from = null;
			if (dx > leastPx && dx > 2 * dy) done();
		};
		const off = () => (from = null);
		node.style.touchAction = 'pan-y';
		node.addEventListener('pointerdown', down);
		node.addEventListener('pointerup', up);
		node.addEventListener('pointercancel', off);
		return () => {
			node.removeEventListener('pointerdown', down);
			node.removeEventListener('pointerup', up);
			node.removeEventListener('pointercancel', off);
		};
	};
}
