<script lang="ts">
	import * as w from '$lib/present/wording';
	import type { Snippet } from 'svelte';
	import { page } from '$app/state';

	let {
		counts,
		children
	}: { counts: { dishes: number; cooling: number; packs: number }; children: Snippet } = $props();

	const stations = $derived([
		{ path: '/menu', name: w.rail.menu, live: String(counts.dishes) },
		{ path: '/shop', name: w.rail.shop, live: '' },
		{ path: '/prep', name: w.rail.prep, live: '' },
		{ path: '/cool', name: w.rail.cool, live: counts.cooling ? String(counts.cooling) : '' },
		{ path: '/pack', name: w.rail.pack, live: '' },
		{ path: '/freezer', name: w.rail.freezer, live: String(counts.packs) },
		{ path: '/table', name: w.rail.table, live: '' }
	]);
	const here = (path: string) =>
		page.url.pathname === path || page.url.pathname.startsWith(`${path}/`);
</script>

<header class="rail no-print">
	<nav aria-label={w.rail.stations}>
		<ul>
			{#each stations as station (station.path)}
				<li class:wants={station.path === '/cool'}>
					<a href={station.path} aria-current={here(station.path) ? 'page' : undefined}>
						<span class="hook" aria-hidden="true"></span>
						<span
							>{station.name}{#if station.live}<span class="gap">&nbsp;</span><small
									>{station.live}</small
								>{/if}</span
						>
					</a>
				</li>
			{/each}
		</ul>
	</nav>
	<div class="corner">
		<a class="home" href="/household" aria-current={here('/household') ? 'page' : undefined}
			>{w.rail.almacen} <small>{w.rail.household}</small></a
		>
		<p class="quiet aside">{@render children()}</p>
	</div>
</header>

<style>
	.rail {
		position: relative;
		display: flex;
		align-items: flex-start;
		justify-content: space-between;
		max-width: 1296px;
		margin: 0 auto;
		padding: 8px 28px 0;
	}
	.rail::before {
		content: '';
		position: absolute;
		inset: 17px 0 auto 0;
		height: 6px;
		background: var(--steel);
	}
	ul {
		display: flex;
		gap: 10px;
		position: relative;
	}
	li a {
		display: flex;
		flex-direction: column;
		align-items: center;
		min-width: 84px;
		min-height: 50px;
		padding: 5px 16px 6px;
		border: 2px solid var(--rim);
		border-radius: 4px 4px 10px 10px;
		background: var(--enamel);
		font-weight: 700;
		text-decoration: none;
	}
	.hook {
		width: 13px;
		height: 13px;
		border: 2px solid var(--rim);
		border-radius: 50%;
		background: var(--frost);
		margin-bottom: 2px;
	}
	li a[aria-current] {
		background: var(--rim);
		color: var(--on-rim);
		min-height: 62px;
		padding-top: 5px;
		justify-content: space-between;
	}
	small {
		font-weight: 400;
		font-size: 15px;
	}
	.corner {
		position: relative;
		margin-top: 18px;
		text-align: right;
	}
	.home {
		position: relative;
		font-size: 18px;
		font-weight: 700;
		text-decoration: none;
		padding: 8px 0 2px 12px;
	}
	.home small {
		text-decoration: underline dotted 2px;
		text-underline-offset: 4px;
		color: var(--soft);
	}
	@media (max-width: 767px) {
		.rail {
			padding: 0;
			justify-content: flex-end;
		}
		.rail::before {
			display: none;
		}
		.aside {
			display: none;
		}
		.corner {
			margin-top: 0;
		}
		.home {
			margin: 2px 12px 0 0;
			font-size: 16px;
			min-height: 48px;
			display: flex;
			gap: 6px;
			align-items: center;
		}
		nav {
			position: fixed;
			inset: auto 0 0 0;
			z-index: 30;
			background: var(--frost);
			padding-top: 0;
		}
		nav::before {
			content: '';
			position: absolute;
			inset: 5px 0 auto 0;
			height: 5px;
			background: var(--steel);
		}
		ul {
			gap: 3px;
			padding: 0 4px 6px;
		}
		li {
			flex: 1;
		}
		li a,
		li a[aria-current] {
			min-width: 0;
			min-height: 54px;
			padding: 2px 0 6px;
			font-size: 14px;
			justify-content: flex-start;
		}
		/* of the numbers only what is cooling matters at the stove */
		small {
			font-size: 14px;
		}
		li:not(.wants) small,
		li:not(.wants) .gap {
			display: none;
		}
	}
</style>
