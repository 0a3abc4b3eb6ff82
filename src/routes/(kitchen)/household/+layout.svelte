<script lang="ts">
	import { page } from '$app/state';
	import * as w from '$lib/present/wording';
	import type { LayoutProps } from './$types';

	let { children }: LayoutProps = $props();
	const sections = [
		{ path: '/household', name: w.household.parts.kitchen },
		{ path: '/household/appliances', name: w.household.parts.appliances },
		{ path: '/household/freezers', name: w.household.parts.freezers },
		{ path: '/household/containers', name: w.household.parts.containers },
		{ path: '/household/rules', name: w.household.parts.rules },
		{ path: '/household/measure', name: w.household.parts.measure },
		{ path: '/household/copies', name: w.household.parts.copies },
		{ path: '/household/device', name: w.household.parts.device },
		{ path: '/help', name: w.help.title }
	];
</script>

<nav class="no-print" aria-label={w.household.sections}>
	<ul>
		{#each sections as { path, name } (path)}
			<li>
				<a href={path} aria-current={page.url.pathname === path ? 'page' : undefined}>{name}</a>
			</li>
		{/each}
	</ul>
</nav>
{@render children()}

<style>
	nav {
		overflow-x: auto;
		margin-bottom: 14px;
	}
	ul {
		display: flex;
		gap: 4px;
	}
	a {
		display: flex;
		align-items: center;
		min-height: 44px;
		padding: 0 12px;
		border-radius: 8px;
		font-weight: 600;
		text-decoration: none;
		white-space: nowrap;
	}
	a[aria-current] {
		background: var(--tape);
		box-shadow: inset 0 -3px 0 var(--rim);
	}
</style>
