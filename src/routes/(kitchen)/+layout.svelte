<script lang="ts">
	import * as w from '$lib/present/wording';
	import { onMount } from 'svelte';
	import { navigating } from '$app/state';
	import { instantText } from '$lib/present/time';
	import { clock } from '$lib/ui/shell/clock.svelte';
	import { keptPosts } from '$lib/ui/shell/kept-posts.svelte';
	import { refusals } from '$lib/ui/shell/refusals.svelte';
	import { live } from '$lib/ui/shell/live.svelte';
	import Find from '$lib/ui/shell/Find.svelte';
	import FindButton from '$lib/ui/shell/FindButton.svelte';
	import KeysButton from '$lib/ui/shell/KeysButton.svelte';
	import Rail from '$lib/ui/shell/Rail.svelte';
	import Shortcuts from '$lib/ui/shell/Shortcuts.svelte';
	import { drafts, startAfresh, watchDrafts } from '$lib/ui/shell/drafts.svelte';
	import Strip from '$lib/ui/shell/Strip.svelte';
	import UndoLines from '$lib/ui/shell/UndoLines.svelte';
	import type { LayoutProps } from './$types';

	let { data, children }: LayoutProps = $props();
	// svelte-ignore state_referenced_locally
	clock.sync(data.time);
	$effect(() => clock.sync(data.time));
	onMount(watchDrafts);
	$effect(() => clock.run());
	$effect(() => live.start());
	$effect(() => keptPosts.start());
</script>

<a href="#work" class="sr-only focus:not-sr-only">{w.rootLayout.skip}</a>
<Rail counts={data.counts}>
	<FindButton />
	<KeysButton />
	{instantText(clock.ms, data.habit)}
	{#if data.time.lapse > 1}<br />{w.rootLayout.lapse({ times: data.time.lapse })}{/if}
</Rail>
<Strip
	clocks={data.clocks}
	cooking={data.cooking}
	habit={data.habit}
	thawing={data.thawing}
	limits={data.limits}
>
	<UndoLines undos={data.undos} nowMs={data.time.nowMs} lapse={data.time.lapse} />
</Strip>
<Shortcuts />
<Find habit={data.habit} />
{#if !live.here}<p class="away" role="status">{w.rootLayout.noConnection}</p>{/if}
{#if keptPosts.waiting > 0}<p class="away" role="status">
		{w.rootLayout.keptPosts({ n: keptPosts.waiting })}
		{#if keptPosts.needsSignIn}<a class="underline" href="/sign-in">{w.rootLayout.keptSignIn}</a
			>{/if}
	</p>{/if}
{#each refusals.all as refusal (refusal)}<p class="away" role="alert">
		{w.rootLayout.notTaken({ says: refusal.says, entry: refusal.entry })}
		<a class="underline" href={refusal.href}>{w.rootLayout.enterAgain}</a>
		<button type="button" class="underline" onclick={() => refusals.letGo(refusal)}
			>{w.rootLayout.letGo}</button
		>
	</p>{/each}
{#if drafts.back > 0}<p class="draft" role="status">
		{w.rootLayout.draftBack}
		<button type="button" class="underline" onclick={startAfresh}>{w.rootLayout.startAfresh}</button
		>
	</p>{/if}
{#if navigating.to}<p class="going" role="status">
		<span class="sr-only">{w.rootLayout.opening}</span>
	</p>{/if}
<main
	id="work"
	tabindex="-1"
	class="mx-auto max-w-[1280px] px-4 pt-3 pb-28 md:px-6 md:pb-10"
	aria-busy={Boolean(navigating.to)}
>
	{@render children()}
</main>

<style>
	.away {
		max-width: 1280px;
		margin: 0 auto;
		padding: 6px 24px;
		background: var(--mustard-pale);
		color: var(--mustard);
		font-weight: 700;
	}
	.draft {
		max-width: 1280px;
		margin: 0 auto;
		padding: 6px 24px;
		font-weight: 600;
	}
	.away button,
	.draft button {
		min-height: 44px;
		padding: 0 8px;
		cursor: pointer;
	}
	.going {
		position: fixed;
		inset: 0 0 auto 0;
		z-index: 40;
		height: 4px;
		background: var(--cold);
		animation: shown 0.2s 0.15s backwards;
	}
	@keyframes shown {
		from {
			opacity: 0;
		}
	}
</style>
