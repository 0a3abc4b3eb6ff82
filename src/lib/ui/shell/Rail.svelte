<script lang="ts">
	import * as w from '$lib/present/wording';
	import type { Component, Snippet } from 'svelte';
	import { page } from '$app/state';
	import BasketIcon from '@lucide/svelte/icons/shopping-basket';
	import ColdIcon from '@lucide/svelte/icons/thermometer-snowflake';
	import FreezerIcon from '@lucide/svelte/icons/refrigerator';
	import ListIcon from '@lucide/svelte/icons/list-checks';
	import NotebookIcon from '@lucide/svelte/icons/notebook';
	import PackIcon from '@lucide/svelte/icons/package';
	import TableIcon from '@lucide/svelte/icons/utensils';
	import LearnIcon from '@lucide/svelte/icons/chart-line';
	import HomeIcon from '@lucide/svelte/icons/house';

	let {
		counts,
		children
	}: { counts: { dishes: number; cooling: number; packs: number }; children: Snippet } = $props();

	type Station = { path: string; name: string; live: string; icon: Component };
	const stations = $derived<Station[]>([
		{ path: '/menu', name: w.rail.menu, live: String(counts.dishes), icon: NotebookIcon },
		{ path: '/shop', name: w.rail.shop, live: '', icon: BasketIcon },
		{ path: '/prep', name: w.rail.prep, live: '', icon: ListIcon },
		{
			path: '/cool',
			name: w.rail.cool,
			live: counts.cooling ? String(counts.cooling) : '',
			icon: ColdIcon
		},
		{ path: '/pack', name: w.rail.pack, live: '', icon: PackIcon },
		{ path: '/freezer', name: w.rail.freezer, live: String(counts.packs), icon: FreezerIcon },
		{ path: '/table', name: w.rail.table, live: '', icon: TableIcon },
		{ path: '/learn', name: w.rail.learn, live: '', icon: LearnIcon }
	]);
	const here = (path: string) =>
		page.url.pathname === path || page.url.pathname.startsWith(`${path}/`);
</script>

<header class="rail no-print">
	<nav aria-label={w.rail.stations}>
		<ul>
			{#each stations as { path, name, live, icon: Icon } (path)}
				<li class:wants={path === '/cool'}>
					<a href={path} aria-current={here(path) ? 'page' : undefined}>
						<Icon size={19} aria-hidden="true" />
						<span
							>{name}{#if live}<span class="gap">&nbsp;</span><small>{live}</small>{/if}</span
						>
					</a>
				</li>
			{/each}
		</ul>
	</nav>
	<div class="corner">
		<span class="quiet aside">{@render children()}</span>
		<a class="home" href="/household" aria-current={here('/household') ? 'page' : undefined}
			><HomeIcon size={17} aria-hidden="true" /><span
				>{w.rail.almacen} <small>{w.rail.household}</small></span
			></a
		>
	</div>
</header>

<style>
	.rail {
		position: relative;
		display: flex;
		align-items: flex-start;
		justify-content: space-between;
		max-width: 1280px;
		height: 58px;
		margin: 0 auto;
		padding: 6px 24px 0;
	}
	.rail::before {
		content: '';
		position: absolute;
		inset: 10px 0 auto 0;
		height: 6px;
		background: var(--steel);
	}
	ul {
		display: flex;
		gap: 6px;
		position: relative;
	}
	li a {
		display: flex;
		align-items: center;
		gap: 8px;
		height: 42px;
		padding: 0 13px;
		border: 2px solid var(--rim);
		border-radius: 3px 3px 9px 9px;
		background: var(--enamel);
		font-weight: 700;
		text-decoration: none;
	}
	li a[aria-current] {
		background: var(--rim);
		color: var(--on-rim);
		height: 50px;
	}
	small {
		font-weight: 400;
		font-size: 15px;
	}
	.corner {
		position: relative;
		display: flex;
		align-items: center;
		gap: 14px;
		height: 34px;
		margin-top: 10px;
	}
	.aside {
		display: flex;
		align-items: center;
		gap: 4px 12px;
		flex-wrap: wrap;
		justify-content: flex-end;
	}
	.home {
		display: flex;
		gap: 7px;
		align-items: center;
		min-height: 34px;
		font-weight: 700;
		text-decoration: none;
	}
	.home small {
		color: var(--soft);
	}
	@media (max-width: 1140px) {
		.aside {
			display: none;
		}
	}
	@media (max-width: 767px) {
		.rail {
			height: auto;
			padding: 0;
			justify-content: flex-end;
		}
		.rail::before {
			display: none;
		}
		/* on a phone the household's way in stands in the line of clocks */
		.corner {
			position: absolute;
			z-index: 26;
			top: 2px;
			right: 6px;
			height: 44px;
			margin: 0;
		}
		.home {
			min-width: 44px;
			min-height: 44px;
			position: relative;
			justify-content: center;
			overflow: hidden;
			background: var(--frost);
		}
		.home span {
			position: absolute;
			left: 0;
			width: 1px;
			height: 1px;
			overflow: hidden;
			white-space: nowrap;
			clip-path: inset(50%);
		}
		nav {
			position: fixed;
			inset: auto 0 0 0;
			z-index: 30;
			background: var(--enamel);
			border-top: 4px solid var(--soft);
		}
		ul {
			gap: 2px;
			padding: 4px 4px 6px;
		}
		li {
			flex: 1;
		}
		li a,
		li a[aria-current] {
			position: relative;
			flex-direction: column;
			justify-content: center;
			gap: 1px;
			height: 52px;
			padding: 0;
			border: 0;
			border-radius: 8px;
			font-size: 13px;
		}
		/* of the numbers only what is cooling matters at the stove */
		li:not(.wants) small,
		.gap {
			display: none;
		}
		li.wants small {
			position: absolute;
			top: 0;
			right: 4px;
			padding: 0 5px;
			border-radius: 8px;
			background: var(--mustard-pale);
			color: var(--mustard);
			font-size: 13px;
			font-weight: 700;
		}
	}
</style>
