<script lang="ts">
	import { formScope } from '$lib/ui/kit/form-scope';
	import * as w from '$lib/present/wording';
	import type { Habit } from '$lib/present/habit';
	import { qualityC, qualityLossFactor } from '$lib/core/storage';
	import { tempText } from '$lib/present/units';
	import { quantityFromText, unitHint } from '$lib/schemas/quantity-text';
	import { freezerKinds } from '$lib/core/published';
	import Choice from '../kit/Choice.svelte';
	import Field from '../kit/Field.svelte';
	import LongText from '../kit/LongText.svelte';

	let {
		typed = $bindable(),
		errors,
		habit
	}: { typed: Record<string, string>; errors: Record<string, string>; habit: Habit } = $props();
	const setC = $derived(quantityFromText(typed.setC ?? '', 'temperature', habit));
	const warm = $derived(
		setC > qualityC
			? w.freezerFields.warm({
					times: qualityLossFactor(Math.min(0, setC)).toFixed(1),
					usual: tempText(qualityC, habit)
				})
			: undefined
	);
	formScope({ typed: () => typed, errors: () => errors });
</script>

<div class="grid gap-4 sm:grid-cols-3">
	<Field name="name" label={w.freezerFields.name} hint={w.freezerFields.chestFreezer} />
	<Field name="volumeL" label={w.freezerFields.room} hint={unitHint('room', habit)} />
	<Field name="setC" label={w.freezerFields.setTo} hint={warm} />
</div>
<Choice
	name="kind"
	label={w.freezerFields.kind}
	items={freezerKinds.map((value) => ({ value, name: w.freezer.kinds[value] }))}
/>
<LongText name="shelves" label={w.freezerFields.shelves} rows={3} />
