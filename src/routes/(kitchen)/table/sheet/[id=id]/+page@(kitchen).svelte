<script lang="ts">
	import * as w from '$lib/present/wording';
	import { untrack } from 'svelte';
	import { enhance } from '$app/forms';
	import ThermometerIcon from '@lucide/svelte/icons/thermometer';
	import { cookSheet, type SheetStep } from '$lib/core/serving';
	import { sheetNow, stepText } from '$lib/present/sheet-words';
	import { countdownText, dayText, durationText, instantText } from '$lib/present/time';
	import { tempText } from '$lib/present/units';
	import { methodText, standingLine } from '$lib/present/wording/codes/words';
	import { alarm } from '$lib/ui/shell/alarm.svelte';
	import { clock } from '$lib/ui/shell/clock.svelte';
	import { keptWhenAway } from '$lib/ui/shell/kept-posts.svelte';
	import { screenAwake } from '$lib/ui/shell/wake-lock.svelte';
	import Choice from '$lib/ui/kit/Choice.svelte';
	import Field from '$lib/ui/kit/Field.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import Why from '$lib/ui/kit/Why.svelte';
	import Word from '$lib/ui/kit/Word.svelte';
	import SheetRuler from '$lib/ui/table/SheetRuler.svelte';
	import SheetSteps from '$lib/ui/table/SheetSteps.svelte';
	import { routeText } from '$lib/ui/table/route-text';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const { facts, stepFacts } = $derived(data.sheet);
	const over = $derived(data.sheet.endedAtMs !== null);
	const nowMs = $derived(over ? (data.sheet.endedAtMs ?? 0) : Math.max(clock.fineMs, data.nowMs));
	/** what was done while the connection was gone counts here already */
	let away = $state<Record<string, number>>({});
	const ticks = $derived({ ...away, ...data.sheet.ticks });
	const { plan } = $derived(data.sheet);
	const sheet = $derived(cookSheet(plan, ticks, nowMs));
	const { next, running, isDue } = $derived(sheetNow(sheet, nowMs));
	const textOf = (step: SheetStep) => stepText(step, plan, stepFacts, data.habit);
	const nextText = $derived(next && textOf(next));
	const last = $derived(plan.pots[plan.pots.length - 1]);
	const isIn = $derived(data.inAtMs !== null);
	const codes = $derived(data.sheet.codes);

	$effect(() => (over ? undefined : screenAwake.keep()));
	$effect(() => {
		const due = isDue && next ? `${data.sheet.id} ${next.id}` : null;
		if (due && !over) untrack(() => alarm.ringOnce(due));
	});
	const tick = (step: string) =>
		keptWhenAway(
			() => {},
			() => (away = { ...away, [step]: Math.round(clock.ms) })
		);
	const uses = Object.entries(w.cookSheet.sidePlaces).map(([value, name]) => ({ value, name }));
</script>

<svelte:head><title>{w.cookSheet.pageTitle({ name: facts.name })}</title></svelte:head>

{#if form && 'message' in form && form.message}
	<p class="entry-error mb-3" role="alert">{form.message}</p>
{/if}
<div class="sheet">
	<div class="main">
		<header>
			<h1>{facts.name}</h1>
			<span class="serve" class:miss={sheet.missMin > 0}
				>{instantText(sheet.serveAtMs, data.habit, nowMs)}</span
			>
		</header>
		<p class="quiet">
			<Why
				note={{
					...w.cookSheet.why,
					inputs: [
						{ name: w.cookSheet.wish, value: instantText(plan.wishMs, data.habit, nowMs) },
						{ name: methodText(last.method, data.habit), value: durationText(last.totalMin.to) }
					],
					sources: ['appliance-model', 'core-temperatures']
				}}
				>{w.cookSheet.line({
					way: methodText(last.method, data.habit),
					route: routeText(plan.route),
					servings: facts.servings,
					codes: codes.join(', ')
				})}</Why
			>
			<Word tone={facts.state === 'raw' ? 'caution' : 'cold'} text={facts.state} />
		</p>
		<SheetRuler {sheet} habit={data.habit} nowMs={over ? null : nowMs} />
		{#if over}
			<section class="plate grid gap-3" aria-live="polite">
				<p><b>{w.cookSheet.over}</b></p>
				<p class="flex flex-wrap gap-2">
					{#if data.sheet.ended === 'served'}<Press first href="/table/{codes[0]}#how"
							>{w.cookSheet.howWasIt}</Press
						>{/if}
					<Press look="quiet" href="/table">{w.cookSheet.back}</Press>
				</p>
			</section>
		{:else if data.never}
			<section class="plate wants-refused grid gap-3" aria-live="polite">
				<h2>{w.cookSheet.neverTitle}</h2>
				<p>
					{w.cookSheet.neverSince({
						time: durationText(data.never.outH * 60),
						limit: durationText(data.never.limitH * 60)
					})}
				</p>
				{#if data.never.outcome === 'cook-now'}
					<p>
						<b
							>{w.cookSheet.neverNow({
								at: instantText(data.never.untilMs ?? nowMs, data.habit, nowMs)
							})}</b
						>
					</p>
					{@render pots()}
				{:else}
					<p><b>{w.cookSheet.neverPast}</b></p>
					<form method="POST" action="?/discard" use:enhance>
						<Press type="submit" first>{w.cookSheet.discard}</Press>
					</form>
				{/if}
			</section>
		{:else if next && nextText}
			<section class="plate now" class:due={isDue} aria-live="polite">
				<div class="head">
					<span class="quiet"
						>{w.cookSheet.now}{#if !isDue && running}, {textOf(running).what.split(
								':'
							)[0]}{/if}</span
					>
					<span class="count"
						>{isDue
							? nowMs - next.atMs > 90_000
								? w.cookSheet.lateBy({ time: durationText((nowMs - next.atMs) / 60_000) })
								: w.cookSheet.due
							: countdownText(next.atMs - nowMs)}</span
					>
				</div>
				<p class="todo">
					{isDue ? nextText.what : w.cookSheet.nothingYet({ what: nextText.what })}
				</p>
				{#if nextText.how}<p class="quiet">{nextText.how}</p>{/if}
				{#if next.kind === 'serve'}
					<form method="POST" action="?/finish" use:enhance class="grid gap-2">
						<Field
							name="left"
							label={w.cookSheet.leftServings}
							inputmode="numeric"
							size="4"
							hint={w.cookSheet.leftHow({ day: dayText(data.eatBy, data.habit) })}
						/>
						<Press type="submit" first>{w.cookSheet.finish}</Press>
					</form>
				{:else}
					{#if next.kind === 'measure'}{@render reading()}{/if}
					<form method="POST" action="?/tick" use:enhance={tick(next.id)}>
						<input type="hidden" name="step" value={next.id} />
						<Press type="submit" first={isDue} look="quiet"
							>{isDue ? w.cookSheet.doneIt : w.cookSheet.alreadyDone}</Press
						>
					</form>
				{/if}
				{#if sheet.missMin > 0}
					<p>
						<Word
							tone="caution"
							text={w.cookSheet.missed({
								time: durationText(sheet.missMin),
								at: instantText(sheet.serveAtMs, data.habit, nowMs)
							})}
						/>
					</p>
				{/if}
			</section>
		{/if}
		<SheetSteps
			{sheet}
			{plan}
			facts={stepFacts}
			habit={data.habit}
			{nowMs}
			nextId={over ? null : (next?.id ?? null)}
		>
			{#snippet act(step, what)}
				{#if !over && data.sheet.ticks[step.id] !== undefined}
					<form method="POST" action="?/untick" use:enhance>
						<input type="hidden" name="step" value={step.id} />
						<button class="untick" aria-label={w.cookSheet.undoStep({ what })}>×</button>
					</form>
				{/if}
			{/snippet}
		</SheetSteps>
		{#if facts.addOnDay}<p class="quiet mt-3">
				{w.cookSheet.onDay({ amounts: facts.addOnDay })}
			</p>{/if}
	</div>
	{#if !over}
		<div class="side no-print">
			<div class="bar">
				<form method="POST" action="?/wish" use:enhance>
					<input type="hidden" name="byMin" value="10" />
					<Press type="submit" look="quiet">{w.cookSheet.later}</Press>
				</form>
				{#if isIn && !last.off}
					<Press look="quiet" href="?pots" data-sveltekit-noscroll>{w.cookSheet.anotherPot}</Press>
				{/if}
				<Press look="quiet" onclick={() => (alarm.on ? alarm.switchOff() : void alarm.switchOn())}
					>{alarm.on ? w.cookSheet.soundOff : w.cookSheet.sound}</Press
				>
			</div>
			{#if data.pots && !data.never}
				<section class="grid gap-2">
					<h2>{w.cookSheet.potTitle}</h2>
					<p class="quiet">{w.cookSheet.potHow}</p>
					{@render pots()}
				</section>
			{/if}
			{#if isIn && !last.off && next?.kind !== 'measure'}
				<section class="grid gap-2">{@render reading()}</section>
			{/if}
			{#if data.sheet.readings.length > 0}
				<ul>
					{#each data.sheet.readings as noted (noted.atMs)}
						<li>
							{w.cookSheet.readingLine({
								at: instantText(noted.atMs, data.habit, nowMs),
								temp: tempText(noted.tempC, data.habit)
							})},
							<b
								>{noted.moreMin > 0
									? w.cookSheet.readingMore({ time: durationText(noted.moreMin) })
									: w.cookSheet.readingReady}</b
							>
						</li>
					{/each}
				</ul>
			{/if}
			<details>
				<summary>{w.cookSheet.when}</summary>
				<form method="POST" action="?/wish" use:enhance class="line">
					<Field
						name="by"
						label={w.cookSheet.wish}
						inputmode="numeric"
						size="6"
						value={instantText(plan.wishMs, data.habit)}
					/>
					<Press type="submit" look="quiet">{w.cookSheet.setWish}</Press>
				</form>
				<form method="POST" action="?/wish" use:enhance class="mt-2">
					<input type="hidden" name="byMin" value="-10" />
					<Press type="submit" look="quiet">{w.cookSheet.earlier}</Press>
				</form>
			</details>
			<details>
				<summary>{w.cookSheet.sides}</summary>
				<form method="POST" action="?/side" use:enhance class="grid gap-2">
					<Field name="name" label={w.cookSheet.sideName} maxlength="60" />
					<Field
						name="minutes"
						label={w.cookSheet.sideMin}
						hint={w.cookSheet.sideExample}
						size="8"
					/>
					<Choice name="uses" label={w.cookSheet.sideUses} items={uses} value="" />
					<Press type="submit" look="quiet">{w.cookSheet.sideAdd}</Press>
				</form>
				{#if plan.sides.length > 0}
					<form method="POST" action="?/dropSide" use:enhance class="mt-2">
						<Press type="submit" look="quiet">{w.cookSheet.dropSide}</Press>
					</form>
				{/if}
			</details>
			<details>
				<summary>{w.cookSheet.link}</summary>
				<p class="quiet">{w.cookSheet.linkHow}</p>
				<p><a class="helper" href={data.helper}>{data.helper}</a></p>
				<p class="mt-2">
					<Press look="quiet" href="/table/sheet/{data.sheet.id}/card.pdf" target="_blank"
						>{w.cookSheet.paper}</Press
					>
				</p>
			</details>
			{#if isIn && !last.off}
				<form method="POST" action="?/off" use:enhance>
					<Press type="submit" look="bare">{w.cookSheet.neverOn}</Press>
				</form>
			{/if}
			<form method="POST" action="?/leave" use:enhance>
				<Press type="submit" look="bare">{w.cookSheet.giveUp}</Press>
			</form>
		</div>
	{/if}
</div>
<p class="quiet mt-4">{standingLine}</p>

{#snippet reading()}
	<form method="POST" action="?/core" use:enhance class="line">
		<Field name="core" label={w.cookSheet.coreLabel} inputmode="decimal" size="6" />
		<Press type="submit" look="quiet"
			><ThermometerIcon size={19} aria-hidden="true" />&nbsp;{w.cookSheet.note}</Press
		>
	</form>
{/snippet}

{#snippet pots()}
	{#await data.pots}
		<p role="status">{w.cookSheet.potLooking}</p>
	{:then found}
		{#if !found || found.length === 0}<p>{w.cookSheet.potNone}</p>{/if}
		<ul>
			{#each found ?? [] as pot (pot.key)}
				<li class="pot">
					<span>
						<b>{methodText(pot.method, data.habit)}</b>
						{#if pot.advice !== 'good'}<Word tone={pot.advice} text={pot.advice} />{/if}<br />
						<span class="quiet"
							>{w.cookSheet.potLine({
								at: instantText(nowMs + pot.totalMin * 60_000, data.habit, nowMs),
								time: durationText(pot.totalMin)
							})}</span
						>
					</span>
					<form method="POST" action="?/move" use:enhance>
						<input type="hidden" name="way" value={pot.key} />
						<Press
							type="submit"
							aria-label="{w.cookSheet.goThere}: {methodText(pot.method, data.habit)}"
							>{w.cookSheet.goThere}</Press
						>
					</form>
				</li>
			{/each}
		</ul>
	{:catch}
		<p class="entry-error" role="alert">{w.cookSheet.potFailed}</p>
	{/await}
{/snippet}

<style>
	.sheet {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 340px;
		gap: 28px;
		align-items: start;
	}
	.main {
		display: grid;
		gap: 8px;
	}
	header {
		display: flex;
		align-items: center;
		justify-content: space-between;
		gap: 12px;
	}
	.serve {
		padding: 4px 10px;
		background: var(--tape);
		font-size: 22px;
		font-weight: 700;
		white-space: nowrap;
	}
	.serve.miss {
		background: var(--mustard-pale);
		color: var(--mustard);
	}
	.now {
		display: grid;
		gap: 8px;
		border-width: 3px;
	}
	.now.due {
		border-color: var(--mustard);
	}
	.head {
		display: flex;
		align-items: baseline;
		justify-content: space-between;
		gap: 10px;
	}
	.count {
		font-size: 40px;
		font-weight: 700;
		line-height: 1;
	}
	.todo {
		font-size: 20px;
		font-weight: 700;
		line-height: 1.3;
	}
	.now form :global(button[type='submit'].first),
	.now form :global(button[type='submit'].quiet) {
		width: 100%;
		min-height: 56px;
	}
	.side {
		display: grid;
		gap: 14px;
	}
	.bar {
		display: flex;
		flex-wrap: wrap;
		gap: 8px;
	}
	.line {
		display: flex;
		align-items: flex-end;
		gap: 8px;
	}
	.pot {
		display: flex;
		align-items: center;
		justify-content: space-between;
		gap: 10px;
		padding: 6px 0;
		border-top: 1px solid var(--hair);
	}
	.untick {
		width: 44px;
		height: 44px;
		border: 0;
		background: none;
		color: var(--soft);
		font-size: 20px;
		cursor: pointer;
	}
	.helper {
		overflow-wrap: anywhere;
	}
	summary {
		min-height: 48px;
		padding: 12px 0;
		font-weight: 700;
		cursor: pointer;
	}
	@media (max-width: 1023px) {
		.sheet {
			grid-template-columns: minmax(0, 1fr);
			gap: 14px;
		}
	}
</style>
