<script lang="ts">
	import { type ContainerKey, containers } from '$lib/core/published';

	let {
		container,
		fill01
	}: {
		container: ContainerKey;
		/** how full it is; 0: nothing is known yet */
		fill01: number;
	} = $props();
	/** Pixels for a metre: the largest pan still fits. */
	const pxPerM = 300;
	const box = $derived(containers[container]);
	const wide = $derived(Math.max(26, box.lengthM * pxPerM));
	/** a bag is laid flat, anything else stands */
	const tall = $derived(Math.max(14, (box.rigid ? box.heightM : box.mostM) * pxPerM * 1.2));
	const slant = $derived(box.rigid && !box.glass ? 4 : 0);
	const filled = $derived(Math.min(1, fill01) * tall);
	/** an empty bag is flat, and still a bag */
	const bagTall = $derived(Math.max(8, filled));
</script>

<svg viewBox="-6 -4 112 62" width="112" height="62" aria-hidden="true">
	<g transform="translate({50 - wide / 2} {54 - tall})">
		{#if box.rigid}
			<path
				d="M{slant} {tall} L{slant * (filled / tall)} {tall - filled} H{wide -
					slant * (filled / tall)} L{wide - slant} {tall} Z"
				fill="var(--cold-pale)"
			/>
			<path
				d="M-1 -2 L{slant} {tall} H{wide - slant} L{wide + 1} -2"
				fill="none"
				stroke="var(--rim)"
				stroke-width="2"
				stroke-linejoin="round"
			/>
		{:else}
			<path
				d="M3 {tall - bagTall} H{wide - 3} Q{wide + 4} {tall - bagTall / 2} {wide -
					3} {tall} H3 Q-4 {tall - bagTall / 2} 3 {tall - bagTall} Z"
				fill={filled > 0 ? 'var(--cold-pale)' : 'none'}
				stroke="var(--rim)"
				stroke-width="2"
			/>
		{/if}
		<path d="M-3 {tall} H{wide + 3}" stroke="var(--rim)" stroke-width="1.5" />
	</g>
</svg>
