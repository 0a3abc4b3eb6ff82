<script lang="ts">
	import * as w from '$lib/present/wording';
	import Choice from '../kit/Choice.svelte';
	import Field from '../kit/Field.svelte';

	let {
		prefix,
		typed = $bindable(),
		errors,
		hint
	}: {
		prefix: 'slow' | 'pressure';
		typed: Record<string, string>;
		errors: Record<string, string>;
		hint: string;
	} = $props();

	const oval = $derived(typed[`${prefix}BowlKind`] === 'oval');
	const sides = $derived(
		oval
			? ([
					['LengthM', w.bowlFields.ovalLength],
					['WidthM', w.bowlFields.ovalWidth],
					['DepthM', w.bowlFields.depth]
				] as const)
			: ([
					['LengthM', w.bowlFields.roundDiameter],
					['DepthM', w.bowlFields.depth]
				] as const)
	);
</script>

<fieldset>
	<legend class="entry-label">{w.bowlFields.legend}</legend>
	<div class="grid items-center gap-4 sm:grid-cols-[150px_1fr]">
		<svg
			viewBox="0 0 150 132"
			width="150"
			height="132"
			role="img"
			aria-label={w.bowlFields.drawing}
		>
			<g fill="none" stroke="var(--rim)" stroke-width="2">
				<ellipse cx="75" cy="28" rx="60" ry={oval ? 20 : 24} />
				<path d="M15 28 V96 Q15 112 40 112 H110 Q135 112 135 96 V28" />
			</g>
			<g stroke="var(--ember)" stroke-width="2" fill="var(--ember)">
				<path d="M17 28 H133" stroke-dasharray="5 3" />
				{#if oval}<path d="M75 9 V47" stroke-dasharray="5 3" />{/if}
				<path d="M112 34 V110" stroke-dasharray="5 3" />
			</g>
			<g font-size="15" font-weight="700" fill="var(--ink)">
				<text x="36" y="24">A</text>
				{#if oval}<text x="80" y="20">B</text>{/if}
				<text x="96" y="80">C</text>
			</g>
		</svg>
		<div class="grid grid-cols-2 gap-4">
			<Choice
				name="{prefix}BowlKind"
				label={w.bowlFields.shape}
				bind:value={typed[`${prefix}BowlKind`]}
				error={errors[`${prefix}BowlKind`]}
				placeholder={w.bowlFields.notMeasured}
				items={[
					{ value: 'round', name: w.bowlFields.round },
					{ value: 'oval', name: w.bowlFields.oval }
				]}
			/>
			{#each sides as [side, label] (side)}
				<Field
					name="{prefix}Bowl{side}"
					{label}
					bind:value={typed[`${prefix}Bowl${side}`]}
					error={errors[`${prefix}Bowl${side}`]}
					{hint}
				/>
			{/each}
		</div>
	</div>
</fieldset>
