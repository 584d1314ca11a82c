<script lang="ts">
	import type { Homework } from '$lib/io/homework';
	interface Props {
		homework: readonly Homework[];
	}
	const { homework }: Props = $props();
</script>

<p>{homework.length}</p>
