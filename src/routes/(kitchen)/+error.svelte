<script lang="ts">
	import WentWrong from '$lib/ui/shell/WentWrong.svelte';
</script>

<WentWrong />
