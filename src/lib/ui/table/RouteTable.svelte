<script lang="ts">
	import type { CookOption } from '$lib/core';
	import { type Route, type RouteName, whenToStart } from '$lib/core/serving';
	import { thawingText } from '$lib/present/time';
	import { thawingRange } from '$lib/core/freezing';
	import type { Habit } from '$lib/present/habit';
	import { instantText } from '$lib/present/time';
	import { methodText } from '$lib/present/wording/codes/words';
	import * as w from '$lib/present/wording';
	import { routeText } from './route-text';

	let {
		routes,
		route = $bindable(),
		serveAtMs,
		nowMs,
		habit
	}: {
		routes: readonly Route[];
		route: RouteName;
		serveAtMs: number;
		nowMs: number;
		habit: Habit;
	} = $props();

	const methods = $derived(routes[0].options.map((option) => option.method));

	function cell(of: Route, option: CookOption): { fits: boolean; text: string } {
		const plan = whenToStart({ option, beforeMin: of.beforeMin, serveAtMs, nowMs });
		if (!plan) return { fits: false, text: w.routes.refused };
		const fromMs = plan.takeOutAtMs ?? plan.startAtMs;
		if (!plan.fits)
			return {
				fits: false,
				text: w.routes.earliest({ at: instantText(nowMs + serveAtMs - fromMs, habit, nowMs) })
			};
		const at = instantText(fromMs, habit, nowMs);
		return {
			fits: true,
			text: plan.takeOutAtMs === null ? w.routes.startBy({ at }) : w.routes.outBy({ at })
		};
	}
	function lasts(of: Route): string {
		if (of.name === 'frozen') return '';
		const range = thawingRange(of.beforeMin);
		return range ? w.routes.lasts({ min: thawingText(range) }) : w.routes.never;
	}
</script>

<fieldset>
	<legend class="entry-label"
		>{w.routes.title({ serve: instantText(serveAtMs, habit, nowMs) })}</legend
	>
	<div class="routes" style="--ways: {methods.length}">
		<div class="head" aria-hidden="true">
			<span></span>
			{#each methods as method (JSON.stringify(method))}<span>{methodText(method, habit)}</span
				>{/each}
		</div>
		{#each routes as of (of.name)}
			<label class:on={route === of.name}>
				<input type="radio" name="route" value={of.name} bind:group={route} />
				<span class="name"><b>{routeText(of.name)}</b><br /><small>{lasts(of)}</small></span>
				{#if of.refused}
					<span class="why-not">{of.refused === 'pan' ? w.routes.pan : w.routes.tooLong}</span>
				{:else}
					{#each of.options as option (JSON.stringify(option.method))}
						{@const found = cell(of, option)}
						<span class="cell" class:fits={found.fits}>
							<small class="method">{methodText(option.method, habit)}</small>
							<b>{found.fits ? '✓ ' : ''}{found.text}</b>
							{#if found.fits && option.advice === 'caution'}<small>{option.advice}</small>{/if}
						</span>
					{:else}
						<span class="why-not">{w.routes.computing}</span>
					{/each}
				{/if}
			</label>
		{/each}
	</div>
	<p class="quiet mt-1">{w.routes.how}</p>
</fieldset>

<style>
	.routes {
		display: grid;
		border-bottom: 1px solid var(--hair);
	}
	.head,
	label {
		display: grid;
		grid-template-columns: 220px repeat(var(--ways), 1fr);
		align-items: center;
		gap: 8px;
		padding: 6px 12px;
		min-height: 48px;
	}
	.head {
		min-height: 0;
		font-size: 14px;
		color: var(--soft);
	}
	label {
		position: relative;
		border-top: 1px solid var(--hair);
		cursor: pointer;
	}
	label.on {
		background: var(--cold-pale);
		box-shadow: inset 5px 0 0 var(--rim);
	}
	label:has(input:focus-visible) {
		outline: 3px solid var(--cold);
		outline-offset: -3px;
	}
	label input {
		position: absolute;
		opacity: 0;
	}
	.name b {
		display: inline-block;
	}
	.name b::first-letter {
		text-transform: uppercase;
	}
	.cell {
		color: var(--soft);
	}
	.cell.fits {
		color: var(--leaf);
	}
	small {
		font-size: 14px;
	}
	.cell small {
		display: block;
		color: var(--mustard);
		font-weight: 700;
	}
	.cell .method {
		display: none;
		color: var(--soft);
		font-weight: 400;
	}
	.why-not {
		grid-column: 2 / -1;
		color: var(--soft);
		font-size: 14px;
	}
	@media (max-width: 767px) {
		.head {
			display: none;
		}
		label {
			grid-template-columns: 1fr 1fr;
		}
		.name {
			grid-column: 1 / -1;
		}
		.why-not {
			grid-column: 1 / -1;
		}
		.cell .method {
			display: block;
		}
	}
</style>
