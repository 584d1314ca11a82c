<script lang="ts">
	import HandbookView from '$lib/ui/handbook/HandbookView.svelte';
</script>

<HandbookView />
