<script lang="ts">
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import RescueButton from './RescueButton.svelte';
	import type { Followed } from '$lib/ui/state/followed.svelte';

	interface Props {
		/** What of the store cannot be read. */
		followed: Pick<Followed<unknown>, 'failure' | 'start'>;
	}
	const { followed }: Props = $props();
</script>

{#if followed.failure}
	<section class="mx-auto grid max-w-2xl justify-items-start gap-4 p-4" role="alert">
		<ViewHeading text="The data of this browser cannot be read" class="text-2xl font-bold" />
		<p>
			Nothing was changed. Another tab may be holding it, the disk may be full, or the browser may
			not let this page store data. A shot can still be worked out; it will not be kept.
		</p>
		<p class="text-sm text-(--faint)">{followed.failure}</p>
		<div class="flex flex-wrap gap-2">
			<button type="button" class="btn btn-neutral" onclick={() => followed.start()}
				>Try again</button
			>
			<RescueButton />
		</div>
	</section>
{/if}
