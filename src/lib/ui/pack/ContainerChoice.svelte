<script lang="ts">
	import { untrack } from 'svelte';
	import { type FoodSpec, isWholePiece, kindHandling, piecesAir01 } from '$lib/core/foods';
	import { type ContainerKey, containers, type DishKind } from '$lib/core/published';
	import type { PressureCooker, SlowCooker } from '$lib/core/kitchen';
	import {
		blockForms,
		type ContainerChoice,
		containersFor,
		type FormName,
		type FormTimes,
		portionL
	} from '$lib/core/packing';
	import { coldTapC } from '$lib/core/serving';
	import { durationText } from '$lib/present/time';
	import { lengthText, volumeText, type Habit } from '$lib/present/units';
	import { containerText } from '$lib/present/wording/codes/words';
	import * as w from '$lib/present/wording';
	import { formsClient } from '$lib/workers/forms-client';
	import ContainerPicture from './ContainerPicture.svelte';
	import Why from '../kit/Why.svelte';

	let {
		dish,
		massKg,
		count,
		freezerC,
		house,
		left,
		habit,
		typed = $bindable(),
		error
	}: {
		dish:
			| {
					kind: DishKind;
					food: FoodSpec;
					densityKgPerM3: number;
					parts: readonly { group: string }[];
			  }
			| undefined;
		massKg: number;
		count: number;
		freezerC: number;
		house: { slowCooker: SlowCooker; pressureCooker: PressureCooker; refrigeratorC: number };
		left: readonly { container: ContainerKey; left: number }[];
		habit: Habit;
		typed: Record<string, string>;
		error?: string;
	} = $props();
	const say = w.packPlan;
	/** the first of the list are what fits best */
	const shownFirst = 5;

	const handling = $derived(kindHandling[dish?.kind ?? 'meat-in-sauce']);
	const pieces = $derived(handling.pieces);
	const whole = $derived(dish !== undefined && isWholePiece(dish.kind, dish.parts));
	const litres = $derived(
		dish && massKg > 0
			? portionL({ massKg, densityKgPerM3: dish.densityKgPerM3, air01: pieces ? piecesAir01 : 0 })
			: 0
	);
	const choices = $derived(
		containersFor({
			portionL: litres,
			count,
			bake: handling.bake,
			liquid: handling.runs,
			left: Object.fromEntries(left.map((row) => [row.container, row.left]))
		})
	);
	/** what fits best is chosen until the cook chooses */
	let own = $state(false);
	$effect(() => {
		const [best] = choices;
		if (!own && litres > 0 && best.key !== untrack(() => typed.container))
			typed.container = best.key;
	});
	const container = $derived(typed.container as ContainerKey);
	const forms = $derived(
		dish && massKg > 0 && container in containers
			? blockForms({
					massKg,
					densityKgPerM3: dish.densityKgPerM3,
					container,
					whole,
					slowCookerBowl: house.slowCooker.bowl,
					pressureCookerBowl: house.pressureCooker.bowl
				})
			: []
	);

	let times = $state.raw<FormTimes[]>([]);
	let failed = $state(false);
	let client: ReturnType<typeof formsClient> | undefined;
	$effect(() => {
		client = formsClient((reply) => {
			failed = reply.kind === 'failed';
			if (reply.kind === 'times') times = reply.times;
		});
		return () => client?.close();
	});
	$effect(() => {
		if (!dish || forms.length === 0) return;
		const input = {
			forms: $state.snapshot(forms),
			food: $state.snapshot(dish.food) as FoodSpec,
			startC: 5,
			freezerC,
			refrigeratorC: house.refrigeratorC,
			coldWaterC: coldTapC
		};
		times = [];
		// while somebody types, only the last answer is wanted
		const timer = setTimeout(() => client?.ask({ input }), 250);
		return () => clearTimeout(timer);
	});
	const timeOf = (name: FormName) => times.find((time) => time.name === name);
	const minutes = (min: number | null | undefined) =>
		min === undefined ? '…' : min === null ? say.never : durationText(min);
	const fit = (fits: boolean | null) =>
		fits === null ? say.fitWords.unknown : fits ? say.fitWords.yes : say.fitWords.no;
	const shape = $derived.by(() => {
		const asked = typed.form as FormName | undefined;
		return forms.some(({ name }) => name === asked) ? asked : forms[0]?.name;
	});

	/** The block of a shape goes into the fields below, where it can be corrected. */
	function choose(name: FormName): void {
		const form = forms.find((known) => known.name === name);
		if (!form) return;
		const text = (m: number) => lengthText(m, habit);
		const block = form.shape;
		typed.form = name;
		if (block.kind === 'brick') {
			const usual = name === 'flat' || name === 'as-is' || name === 'own';
			typed.lengthM = usual ? '' : text(block.lengthM);
			typed.widthM = usual ? '' : text(block.widthM);
			typed.thicknessM = usual ? '' : text(block.heightM);
		} else if (block.kind === 'cylinder') {
			// a brick of the same area and height
			const side = block.diameterM * Math.sqrt(Math.PI / 4);
			typed.lengthM = text(side);
			typed.widthM = text(side);
			typed.thicknessM = text(block.heightM);
		}
	}
	const note = (choice: ContainerChoice) =>
		!choice.fits
			? say.tooSmall
			: [
					say.full({ percent: Math.round(choice.fill01 * 100) }),
					say.headspace({ mm: lengthText(choice.headspaceMm / 1000, habit) }),
					say.thick({ mm: lengthText(choice.thicknessM, habit) }),
					...(choice.left === null
						? []
						: [choice.enough ? say.left({ n: choice.left }) : say.notEnough({ n: choice.left })])
				].join(' · ');
</script>

<fieldset>
	<legend class="entry-label">{say.container}</legend>
	{#if litres > 0}<p class="entry-hint">{say.fits({ litres: volumeText(litres, habit) })}</p>{/if}
	{#snippet one(choice: ContainerChoice)}
		<label class="choice" class:chosen={container === choice.key}>
			<input
				type="radio"
				name="container"
				value={choice.key}
				bind:group={typed.container}
				onchange={() => {
					own = true;
					typed.form = '';
					typed.lengthM = typed.widthM = typed.thicknessM = '';
				}}
			/>
			<ContainerPicture
				container={choice.key}
				fill01={litres > 0 && choice.fits ? choice.fill01 : 0}
			/>
			<b>{containerText(choice.key, habit)}</b>
			{#if litres > 0}<span class="quiet">{note(choice)}</span>{/if}
		</label>
	{/snippet}
	<div class="choices">
		{#each choices.slice(0, shownFirst) as choice (choice.key)}{@render one(choice)}{/each}
	</div>
	<details class="mt-2" open={choices.findIndex(({ key }) => key === container) >= shownFirst}>
		<summary class="min-h-12 cursor-pointer font-bold">{say.others}</summary>
		<div class="choices">
			{#each choices.slice(shownFirst) as choice (choice.key)}{@render one(choice)}{/each}
		</div>
	</details>
	{#if error}<p class="entry-error">{error}</p>{/if}
</fieldset>
{#if forms.length > 0}
	<fieldset>
		<legend class="entry-label">{say.shapes}</legend>
		{#if failed}<p class="entry-error">{say.failed}</p>{/if}
		{#if pieces}<p class="entry-hint">{say.apart}</p>{/if}
		{#if whole}<p class="entry-hint">{say.measureWhole}</p>{/if}
		<div class="overflow-x-auto">
			<table class="ledger" aria-busy={times.length === 0}>
				<thead>
					<tr>
						<th>{say.shape}</th>
						<th
							><Why
								note={{
									title: say.whyTitle,
									rule: say.whyRule,
									inputs: [],
									sources: ['appliance-model', 'choi-okos-1986']
								}}>{say.freeze}</Why
							></th
						>
						<th>{say.thaw}</th>
						<th>{say.water}</th>
						<th>{say.fitSlow}</th>
						<th>{say.fitPressure}</th>
					</tr>
				</thead>
				<tbody>
					{#each forms as form (form.name)}
						{@const time = timeOf(form.name)}
						<tr>
							<td>
								<label class="tick">
									<input
										type="radio"
										name="form"
										value={form.name}
										checked={shape === form.name}
										onchange={() => choose(form.name)}
									/>
									{say.forms[form.name]}
								</label>
							</td>
							<td>{minutes(time?.freezeMin)}</td>
							<td>{minutes(time?.thawRefrigeratorMin)}</td>
							<td>{minutes(time?.thawWaterMin)}</td>
							<td>{fit(form.fitsSlowCooker)}</td>
							<td>{fit(form.fitsPressureCooker)}</td>
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
	</fieldset>
{/if}

<style>
	.choices {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(140px, 1fr));
		gap: 6px;
		margin-top: 4px;
	}
	.choice {
		position: relative;
		display: grid;
		justify-items: center;
		align-content: start;
		gap: 2px;
		min-height: 48px;
		padding: 6px 6px 8px;
		border: 2px solid transparent;
		border-radius: 10px;
		text-align: center;
		font-size: 15px;
		line-height: 1.25;
		cursor: pointer;
	}
	.choice:hover {
		background: var(--cold-pale);
	}
	.choice.chosen {
		border-color: var(--rim);
		background: var(--tape);
	}
	.choice:has(input:focus-visible) {
		outline: 3px solid var(--cold);
	}
	.choice input {
		position: absolute;
		opacity: 0;
	}
</style>
