<script lang="ts">
	import { goto } from '$app/navigation';
	import * as w from '$lib/present/wording';
	import { readPackCode } from '$lib/core/packing';
	import Field from '$lib/ui/kit/Field.svelte';
	import Scan from '$lib/ui/freezer/Scan.svelte';
	import Press from '$lib/ui/kit/Press.svelte';

	const say = w.scan;
	let typed = $state('');
	let error = $state('');
	const open = (code: string) => void goto(`/freezer/${code}`);

	function byHand(event: SubmitEvent): void {
		event.preventDefault();
		const code = readPackCode(typed);
		if (code) open(code);
		else error = w.freezerAnswers.thatIsNotA;
	}
</script>

<svelte:head><title>{say.title}</title></svelte:head>

<h1 class="mb-4">{say.heading}</h1>
<div class="grid gap-5 md:grid-cols-2">
	<section class="plate"><Scan found={open} /></section>
	<section class="plate">
		<form class="grid gap-3" onsubmit={byHand} novalidate>
			<Field
				name="code"
				label={w.freezer.openAPackBy}
				bind:value={typed}
				{error}
				hint={w.freezer.codeHint}
				autocapitalize="characters"
				spellcheck="false"
			/>
			<Press type="submit" first>{w.freezer.open}</Press>
		</form>
	</section>
</div>
