<script lang="ts">
	import { page } from '$app/state';
	import { untrack } from 'svelte';
	import { resolve } from '$app/paths';
	import { reasonOf } from '$lib/io/fields/reason';

	interface Props {
		error: unknown;
		onagain: () => void;
	}
	const { error, onagain }: Props = $props();

	const failedAt = untrack(() => page.url.href);
	// Another address is another view.
	$effect(() => {
		if (page.url.href !== failedAt) onagain();
	});
</script>

<section class="mx-auto grid max-w-2xl gap-4 p-4" role="alert">
	<h1 class="text-3xl font-extrabold">This view cannot be shown</h1>
	<p>
		Something that is kept here does not fit together. Nothing was changed, and the other views work
		as before.
	</p>
	<p class="text-sm text-(--faint)">{reasonOf(error)}</p>
	<div class="flex flex-wrap gap-2">
		<button type="button" class="btn btn-neutral" onclick={onagain}>Try again</button>
		<a class="btn" href={resolve('/data')}>Save an archive</a>
	</div>
</section>
