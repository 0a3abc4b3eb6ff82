<script lang="ts">
	import * as w from '$lib/present/wording';
	import { lengthText, type Habit } from '$lib/present/units';

	let {
		thicknessM,
		lengthM,
		habit,
		planned = false,
		small = false
	}: {
		thicknessM: number;
		lengthM: number;
		habit: Habit;
		planned?: boolean;
		/** in a row of a list */
		small?: boolean;
	} = $props();

	/** A pack from the side: its height follows its thickness in millimetres, its width its length. */
	const heightPx = $derived(
		Math.min(small ? 40 : 64, Math.max(10, thicknessM * 1000 * (small ? 0.6 : 0.85)))
	);
	const widthPx = $derived(
		Math.min(small ? 76 : 110, Math.max(58, lengthM * 100 * (small ? 3 : 4)))
	);
	const text = $derived(lengthText(thicknessM, habit));
</script>

<svg
	width={widthPx + 4}
	height={Math.max(heightPx + 4, 22)}
	viewBox="0 0 {widthPx + 4} {Math.max(heightPx + 4, 22)}"
	role="img"
	aria-label={w.slab.thick({ thickness: text })}
>
	<g transform="translate(2 {(Math.max(heightPx + 4, 22) - heightPx) / 2})">
		<path
			d="M4 0 H{widthPx - 4} Q{widthPx + 1} {heightPx / 2} {widthPx -
				4} {heightPx} H4 Q-1 {heightPx / 2} 4 0Z"
			fill={planned ? 'var(--tape)' : 'var(--cold-pale)'}
			stroke="var(--rim)"
			stroke-width="1.8"
			stroke-dasharray={planned ? '4 3' : undefined}
		/>
		{#if !planned && (!small || heightPx >= 26)}
			<path
				d="M9 {Math.min(6, heightPx / 4)} H{widthPx - 9}"
				stroke="var(--enamel)"
				stroke-width="2"
				stroke-dasharray="12 3 3 3"
			/>
		{/if}
		{#if !small || heightPx >= 18}
			<text
				x={widthPx / 2}
				y={heightPx / 2 + 5}
				text-anchor="middle"
				font-size="14"
				fill="var(--ink)">{text}</text
			>{/if}
	</g>
</svg>
