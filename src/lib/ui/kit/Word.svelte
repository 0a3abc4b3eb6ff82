<script lang="ts">
	let { tone, text }: { tone: 'good' | 'caution' | 'refused' | 'cold'; text: string } = $props();
</script>

<span class="word {tone}">{text}</span>
