<script lang="ts">
	import type { Snippet } from 'svelte';

	let {
		ticked,
		ontick,
		children
	}: { ticked: boolean; ontick: (ticked: boolean) => void; children: Snippet } = $props();
</script>

<li>
	<label class="row" class:done={ticked}>
		<input
			type="checkbox"
			checked={ticked}
			onchange={(event) => ontick(event.currentTarget.checked)}
		/>
		<span>{@render children()}</span>
	</label>
</li>

<style>
	.row {
		display: flex;
		gap: 14px;
		align-items: flex-start;
		min-height: 48px;
		padding: 10px 0;
		border-top: 1px solid var(--hair);
		cursor: pointer;
	}
	.row input {
		flex: none;
		width: 26px;
		height: 26px;
		accent-color: var(--rim);
	}
	.done {
		color: var(--soft);
		text-decoration: line-through;
	}
</style>
