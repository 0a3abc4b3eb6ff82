<script lang="ts">
	import type { DishKind } from '$lib/core';
	import { drawingOf } from './dish-drawing';

	let {
		dish,
		widthPx = 60
	}: {
		dish: { id: number; name: string; kind: DishKind; pictureAtMs: number | null };
		/** three quarters as high */
		widthPx?: number;
	} = $props();
	const drawn = $derived(drawingOf(dish));
	const line = { stroke: 'var(--rim)', 'stroke-width': 2, 'stroke-linejoin': 'round' } as const;
</script>

{#if dish.pictureAtMs !== null}
	<img
		src="/menu/{dish.id}/picture.jpg?at={dish.pictureAtMs}"
		alt=""
		width={widthPx}
		height={widthPx * 0.75}
		loading="lazy"
	/>
{:else}
	<svg width={widthPx} height={widthPx * 0.75} viewBox="0 0 80 60" aria-hidden="true">
		<rect width="80" height="60" rx="7" fill="var(--cold-pale)" />
		{#if drawn.as === 'pot'}
			<path d="M18 26 H62 V42 Q62 51 53 51 H27 Q18 51 18 42 Z" fill="var(--enamel)" {...line} />
			<ellipse cx="40" cy="26" rx="22" ry="6.5" fill={drawn.food} {...line} />
			<path d="M18 31 H11 V36 H18 M62 31 H69 V36 H62" fill="none" {...line} />
			<path d="M34 15 q-3 -4 0 -8 M46 15 q-3 -4 0 -8" fill="none" {...line} />
		{:else if drawn.as === 'bowl'}
			<path d="M14 27 H66 Q64 50 40 50 Q16 50 14 27 Z" fill="var(--enamel)" {...line} />
			<ellipse cx="40" cy="27" rx="26" ry="7" fill={drawn.food} {...line} />
			<circle cx="33" cy="26" r="2.6" fill="#f3e7cc" /><circle
				cx="46"
				cy="28"
				r="2.2"
				fill="#f3e7cc"
			/>
			<path d="M40 16 q-3 -4 0 -8" fill="none" {...line} />
		{:else if drawn.as === 'bake'}
			<path d="M8 24 H72 L66 46 H14 Z" fill="var(--enamel)" {...line} />
			<path d="M8 24 Q40 10 72 24 Z" fill={drawn.food} {...line} />
			<path
				d="M24 20 l4 3 M38 17 l4 3 M52 19 l4 3"
				fill="none"
				stroke="#f3e7cc"
				stroke-width="2.4"
			/>
		{:else if drawn.as === 'parcel'}
			<path d="M15 18 H65 Q70 33 65 48 H15 Q10 33 15 18 Z" fill="var(--enamel)" {...line} />
			<path d="M19 26 H61 Q64 34 61 44 H19 Q16 34 19 26 Z" fill={drawn.food} />
			<path d="M15 22 H65" fill="none" stroke="var(--cold)" stroke-width="2.4" />
		{:else}
			{#each [20, 40, 60] as x (x)}
				<path d="M{x - 9} 28 H{x + 9} L{x + 6} 46 H{x - 6} Z" fill="var(--enamel)" {...line} />
				<path d="M{x - 9} 28 Q{x} 14 {x + 9} 28 Z" fill={drawn.food} {...line} />
			{/each}
		{/if}
	</svg>
{/if}

<style>
	img {
		object-fit: cover;
		border-radius: 6px;
	}
	svg,
	img {
		display: block;
		flex: none;
	}
</style>
