<script lang="ts">
	import { page } from '$app/state';
	import * as w from '$lib/present/wording';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();
	const pages = Object.entries(w.help.pages);
</script>

<svelte:head><title>{w.help.pageTitle}</title></svelte:head>

<div class="screen">
	<nav aria-label={w.help.title}>
		<p class="font-bold">{w.help.title}</p>
		<ul>
			{#each pages as [name, title] (name)}
				<li>
					<a href="/help/{name}" aria-current={page.params.page === name ? 'page' : undefined}
						>{title}</a
					>
				</li>
			{/each}
		</ul>
		<p class="quiet">{w.help.keys}</p>
	</nav>
	<article>
		<!-- eslint-disable-next-line svelte/no-at-html-tags -- the project's own documents, rendered on the server -->
		{@html data.html}
	</article>
</div>

<style>
	.screen {
		display: grid;
		grid-template-columns: 230px minmax(0, 75ch);
		gap: 36px;
		align-items: start;
	}
	nav a {
		display: flex;
		align-items: center;
		min-height: 44px;
		padding: 0 10px;
		border-radius: 6px;
		text-decoration: none;
	}
	nav a[aria-current] {
		background: var(--tape);
		font-weight: 700;
	}
	article :global(:is(p, ul, ol, table, pre)) {
		margin-bottom: 12px;
	}
	article :global(h1) {
		margin-bottom: 12px;
	}
	article :global(h2) {
		margin: 22px 0 6px;
		font-size: 20px;
	}
	article :global(h3) {
		margin: 16px 0 4px;
		font-weight: 700;
	}
	article :global(:is(ul, ol)) {
		padding-left: 22px;
		list-style: disc;
	}
	article :global(table) {
		display: block;
		overflow-x: auto;
		border-collapse: collapse;
	}
	article :global(:is(th, td)) {
		padding: 6px 12px 6px 0;
		border-top: 1px solid var(--hair);
		text-align: left;
		vertical-align: top;
	}
	@media (max-width: 767px) {
		.screen {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
