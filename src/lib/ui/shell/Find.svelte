<script lang="ts">
	import Modal from 'flowbite-svelte/Modal.svelte';
	import { goto } from '$app/navigation';
	import type { Habit } from '$lib/present/habit';
	import { holdsWords } from '$lib/present/holds-words';
	import { dayText, dayTitle } from '$lib/present/time';
	import * as w from '$lib/present/wording';
	import type { Found } from '$lib/server/queries/find';
	import { findPanel, isTyping, shortcuts } from './shortcuts.svelte';

	let { habit }: { habit: Habit } = $props();
	interface Row {
		key: string;
		kind: string;
		text: string;
		aside: string;
		run: () => void;
	}
	let text = $state('');
	let found = $state.raw<Found>({ dishes: [], packs: [], days: [] });
	let failed = $state(false);
	let at = $state(0);
	const to = (path: string) => () => void goto(path);
	const holds = (name: string) => holdsWords(name, text);
	const rows = $derived<Row[]>([
		...found.dishes.map(({ id, name }) => ({
			key: `dish ${id}`,
			kind: w.find.dish,
			text: name,
			aside: '',
			run: to(`/menu/${id}`)
		})),
		...found.packs.map(({ code, name, place }) => ({
			key: `pack ${code}`,
			kind: w.find.pack,
			text: name,
			aside: `${code} · ${place}`,
			run: to(`/freezer/${code}`)
		})),
		...found.days
			.map(({ id, onDay }) => ({
				key: `day ${id}`,
				kind: w.find.day,
				text: dayTitle(onDay, habit),
				aside: dayText(onDay, habit),
				run: to(`/menu/day/${id}`)
			}))
			.filter((row) => holds(`${row.text} ${row.aside}`))
			.slice(0, 4),
		...shortcuts
			.filter(({ does }) => holds(does))
			.map(({ key, does, run }) => ({
				key: `key ${key}`,
				kind: w.find.todo,
				text: does,
				aside: key,
				run
			}))
	]);
	/** the one that Enter opens */
	const chosen = $derived(Math.min(at, rows.length - 1));

	// while somebody types, only the last answer counts
	let asked = 0;
	$effect(() => {
		if (!findPanel.open) return;
		const turn = ++asked;
		const words = text;
		const timer = setTimeout(async () => {
			try {
				const answer = await fetch(`/find?q=${encodeURIComponent(words)}`);
				if (turn === asked && answer.ok) found = (await answer.json()) as Found;
				failed = !answer.ok;
			} catch (error) {
				if (!(error instanceof TypeError)) throw error;
				failed = true;
			}
		}, 80);
		return () => clearTimeout(timer);
	});

	function open(): void {
		text = '';
		at = 0;
		findPanel.open = true;
	}
	function press(event: KeyboardEvent): void {
		const everywhere = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k';
		if (!everywhere && (event.key !== '/' || isTyping(event))) return;
		if (document.querySelector('dialog[open]')) return;
		event.preventDefault();
		open();
	}
	function move(event: KeyboardEvent): void {
		if (event.key === 'ArrowDown') at = Math.min(chosen + 1, rows.length - 1);
		else if (event.key === 'ArrowUp') at = Math.max(chosen - 1, 0);
		else if (event.key === 'Enter') choose(rows[chosen]);
		else return;
		event.preventDefault();
	}
	function choose(row: Row | undefined): void {
		if (!row) return;
		findPanel.open = false;
		row.run();
	}
	const focus = (input: HTMLInputElement) => input.focus();
</script>

<svelte:window onkeydown={press} />

{#if findPanel.open}
	<Modal
		bind:open={findPanel.open}
		title={w.find.title}
		size="md"
		class="plate why-panel"
		outsideclose
	>
		<input
			class="entry"
			type="search"
			role="combobox"
			aria-expanded="true"
			aria-controls="found"
			aria-activedescendant={rows.length > 0 ? `found-${chosen}` : undefined}
			aria-label={w.find.title}
			placeholder={w.find.placeholder}
			bind:value={text}
			onkeydown={move}
			oninput={() => (at = 0)}
			{@attach focus}
		/>
		{#if failed}<p class="entry-error">{w.find.failed}</p>{/if}
		<ul id="found" role="listbox" aria-label={w.find.results}>
			{#each rows as row, i (row.key)}
				<li id="found-{i}" role="option" aria-selected={i === chosen} class:chosen={i === chosen}>
					<button type="button" tabindex="-1" onclick={() => choose(row)}>
						<span class="quiet">{row.kind}</span><b>{row.text}</b><span class="quiet aside"
							>{row.aside}</span
						>
					</button>
				</li>
			{/each}
		</ul>
		{#if rows.length === 0}<p>{w.find.none}</p>{/if}
		<p class="quiet">{w.find.how}</p>
	</Modal>
{/if}

<style>
	ul {
		max-height: 46vh;
		overflow-y: auto;
	}
	li button {
		display: grid;
		grid-template-columns: 70px minmax(0, 1fr) auto;
		align-items: center;
		gap: 10px;
		width: 100%;
		min-height: 44px;
		padding: 4px 10px;
		border: 0;
		border-radius: 6px;
		background: none;
		color: var(--ink);
		text-align: left;
		cursor: pointer;
	}
	li.chosen button {
		background: var(--cold-pale);
	}
</style>
