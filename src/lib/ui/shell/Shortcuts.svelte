<script lang="ts">
	import * as w from '$lib/present/wording';
	import Modal from 'flowbite-svelte/Modal.svelte';
	import { isTyping, keyList, shortcuts, singleKeys } from './shortcuts.svelte';

	$effect(() => singleKeys.read());

	function press(event: KeyboardEvent): void {
		if (isTyping(event) || document.querySelector('dialog[open]')) return;
		if (event.key === '?') {
			event.preventDefault();
			keyList.open = true;
			return;
		}
		const found = singleKeys.on && shortcuts.find((shortcut) => shortcut.key === event.key);
		if (!found) return;
		event.preventDefault();
		found.run();
	}
</script>

<svelte:window onkeydown={press} />

{#if keyList.open}
	<Modal
		bind:open={keyList.open}
		title={w.shortcuts.keys}
		size="sm"
		class="plate why-panel"
		outsideclose
	>
		<table class="ledger">
			<thead><tr><th>{w.shortcuts.key}</th><th>{w.shortcuts.does}</th></tr></thead>
			<tbody>
				<tr><td><kbd>?</kbd></td><td>{w.shortcuts.thisList}</td></tr>
				{#each shortcuts as shortcut (shortcut.key)}
					<tr><td><kbd>{shortcut.key}</kbd></td><td>{shortcut.does}</td></tr>
				{/each}
				<tr><td><kbd>/</kbd> <kbd>Ctrl K</kbd></td><td>{w.find.title}</td></tr>
				<tr><td><kbd>Tab</kbd></td><td>{w.shortcuts.tab}</td></tr>
				<tr><td><kbd>Enter</kbd></td><td>{w.shortcuts.enter}</td></tr>
				<tr><td><kbd>Esc</kbd></td><td>{w.shortcuts.escape}</td></tr>
			</tbody>
		</table>
		<label class="tick">
			<input
				type="checkbox"
				checked={singleKeys.on}
				onchange={(event) => singleKeys.set(event.currentTarget.checked)}
			/>
			{w.shortcuts.singleKeys}
		</label>
	</Modal>
{/if}

<style>
	kbd {
		display: inline-block;
		min-width: 26px;
		padding: 1px 7px;
		border: 1.5px solid var(--soft);
		border-radius: 5px;
		background: var(--enamel);
		color: var(--ink);
		font: inherit;
		font-weight: 700;
		text-align: center;
	}
</style>
