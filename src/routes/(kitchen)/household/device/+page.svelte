<script lang="ts">
	import * as w from '$lib/present/wording';
	import Choice from '$lib/ui/kit/Choice.svelte';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import { look, type Look } from '$lib/ui/shell/look.svelte';

	$effect(() => look.read());
</script>

<svelte:head><title>{w.household.pageTitle}</title></svelte:head>

<PageHead title={w.household.thisDevice} />
<section class="grid max-w-[420px] gap-3">
	<Choice
		name="look"
		label={w.household.look}
		value={look.now}
		onchange={(event: Event) => look.set((event.currentTarget as HTMLSelectElement).value as Look)}
		items={[
			{ value: 'device', name: w.household.lookDevice },
			{ value: 'light', name: w.household.light },
			{ value: 'dark', name: w.household.dark }
		]}
	/>
</section>
