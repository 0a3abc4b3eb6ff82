<script lang="ts">
	import WentWrong from '$lib/ui/shell/WentWrong.svelte';
</script>

<main class="mx-auto max-w-[720px] p-4"><WentWrong /></main>
