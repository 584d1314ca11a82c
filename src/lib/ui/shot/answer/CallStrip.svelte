<script lang="ts">
	import { formatLength } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';
	import { callWords, linePlace } from '$lib/ui/call/callWords';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	const say = (metres: number) => formatLength(metres, playing.style);
	const chosen = $derived(bench.chosen);
	const words = $derived(
		chosen && callWords(chosen, linePlace(bench.shot.situation), say, bench.file.pupil)
	);
	const text = $derived(
		bench.problems.length > 0
			? 'No call yet'
			: words
				? Object.values(words).filter(Boolean).join(' · ')
				: 'Working it out'
	);
</script>

<!-- The call stays in view on small screens, whatever is scrolled to; the banner says it to screen readers. -->
<p
	class="call-strip sticky top-0 z-20 border-b-2 border-b-(--ink) bg-(--sky-wash) px-4 py-2 text-lg leading-tight font-bold lg:hidden"
	aria-hidden="true"
>
	{text}
</p>
