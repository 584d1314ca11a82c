<script lang="ts">
	import type { SessionBench } from '$lib/ui/state/sessionBench.svelte';
	interface Props {
		bench: SessionBench;
	}
	const { bench }: Props = $props();
</script>

<span class="hidden">{bench.session.id}</span>
