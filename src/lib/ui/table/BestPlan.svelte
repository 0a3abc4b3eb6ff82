<script lang="ts">
	import * as w from '$lib/present/wording';
	import {
		type Away,
		cookSheet,
		type KeptBack,
		planOfWay,
		type Route,
		type RouteName
	} from '$lib/core/serving';
	import { methodKey } from '$lib/core/appliances';
	import type { Method } from '$lib/core';
	import type { StepFacts } from '$lib/present/sheet-words';
	import { instantText } from '$lib/present/time';
	import type { Habit } from '$lib/present/habit';
	import { methodText } from '$lib/present/wording/codes/words';
	import BeginForm from './BeginForm.svelte';
	import Word from '../kit/Word.svelte';
	import SheetRuler from './SheetRuler.svelte';
	import SheetSteps from './SheetSteps.svelte';
	import { routeText } from './route-text';

	/** The one plan a cook would follow, as steps back from serving, and the way to begin it. */
	let {
		routes,
		chosen,
		pack,
		kept,
		facts,
		others = [],
		away = null,
		serveAtMs,
		nowMs,
		boilsC,
		habit
	}: {
		routes: readonly Route[];
		chosen: { method: Method; route: RouteName };
		pack: Parameters<typeof planOfWay>[0]['pack'];
		kept: readonly KeptBack[];
		facts: Omit<StepFacts, 'lateTexts'>;
		/** codes of packs of the same dish that go in with it */
		others?: readonly string[];
		/** nobody is in the kitchen meanwhile */
		away?: Away | null;
		serveAtMs: number;
		nowMs: number;
		boilsC: number;
		habit: Habit;
	} = $props();

	const route = $derived(routes.find(({ name }) => name === chosen.route));
	const option = $derived(
		route?.options.find(({ method }) => methodKey(method) === methodKey(chosen.method))
	);
	const made = $derived(
		route && option && planOfWay({ option, route, pack, kept, serveAtMs, boilsC, away })
	);
	const sheet = $derived(made && cookSheet(made.plan, {}, nowMs));
</script>

{#if made && sheet && option}
	<section class="plate grid gap-2">
		<div class="flex flex-wrap items-start justify-between gap-2">
			<h2>
				{w.cookSheet.best({ at: instantText(sheet.serveAtMs, habit, nowMs) })}: {methodText(
					option.method,
					habit
				)}, {routeText(chosen.route)}
			</h2>
			{#if option.advice !== 'good'}<Word tone={option.advice} text={option.advice} />{/if}
		</div>
		<SheetRuler {sheet} {habit} {nowMs} />
		<BeginForm method={option.method} route={chosen.route} {serveAtMs} {others} {away} first />
		<SheetSteps
			{sheet}
			plan={made.plan}
			facts={{ ...facts, lateTexts: made.lateTexts }}
			{habit}
			{nowMs}
		/>
	</section>
{/if}
