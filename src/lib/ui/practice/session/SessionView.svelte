<script lang="ts">
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import type { ComponentProps } from 'svelte';
	import { resolve } from '$app/paths';
	import { whenWords } from '$lib/ui/format/dates';
	import SessionPart from './SessionPart.svelte';

	const opened: ComponentProps<typeof SessionPart> = $props();
	const { session, green } = $derived(opened);
	const gone = $derived(session.ground.greenId !== null && green === null);
</script>

<section class="mx-auto grid max-w-6xl gap-3 p-4 max-md:p-2">
	<div class="flex flex-wrap items-baseline justify-between gap-x-4">
		<ViewHeading
			text={session.name}
			also={whenWords(session.startedAt)}
			class="text-xl font-extrabold wrap-anywhere md:text-2xl"
		/>
		<p class="hint">
			{whenWords(session.startedAt)} · {session.ground.name || 'a plain line'} · {session.ground.stimpFeet.toFixed(
				1
			)} ft ·
			<a class="underline" href={resolve('/practice')}>All practice</a>
		</p>
	</div>
	{#if gone}
		<p class="problem">
			The green this was on has been removed; its speed and line are kept with the session.
		</p>
	{/if}
	<SessionPart {...opened} />
</section>
