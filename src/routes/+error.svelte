<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';

	const missing = $derived(page.status === 404);
</script>

<section class="mx-auto grid max-w-2xl gap-4 p-4">
	<h1 class="text-3xl font-extrabold">
		{missing ? 'There is nothing at this address' : 'This view could not be shown'}
	</h1>
	<p>
		{missing
			? 'What was here may have been removed, or the address is not quite right.'
			: (page.error?.message ?? 'Something went wrong.')}
	</p>
	<p>Your shots, greens and readings are kept in this browser; nothing is lost by it.</p>
	<div class="flex flex-wrap gap-2">
		<a class="btn btn-neutral" href={resolve('/')}>Back to the shot</a>
		<button type="button" class="btn" onclick={() => location.reload()}>Try again</button>
		<a class="btn" href={resolve('/data')}>Save an archive</a>
	</div>
</section>
