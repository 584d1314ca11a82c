<script lang="ts">
	import RescueButton from './RescueButton.svelte';

	interface Props {
		reason: string;
	}
	const { reason }: Props = $props();
</script>

<div class="alert alert-warning alert-soft mx-4 flex flex-wrap rounded-none" role="alert">
	<p class="min-w-60 flex-1">
		The data of this browser cannot be read or kept: {reason} Nothing was changed, and a shot can still
		be worked out. Another tab may hold it, the disk may be full, or a newer release wrote it.
	</p>
	<button type="button" class="btn" onclick={() => location.reload()}>Try again</button>
	<RescueButton />
</div>
