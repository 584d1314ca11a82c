<script lang="ts">
	import type { Skill } from '$lib/core/player/player';
	import { shippedBehind, type DrillDraft, type DrillRules } from '$lib/io/practice/drill';
	import { DRILL_WORDS, goodWords, STOP_WORDS } from '$lib/io/words/drill';
	import { formatLength } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';

	interface Props {
		drill: DrillDraft;
		rules: DrillRules;
		skill: Skill;
	}
	const { drill, rules, skill }: Props = $props();

	const tolerance = $derived(formatLength(rules.tolerance, playing.style));
</script>

<div class="grid gap-1">
	<h2 class="ruled-heading">How</h2>
	<ol class="grid gap-1 pl-5 [list-style:decimal]">
		{#each drill.steps as step, i (i)}<li>{step}</li>{/each}
	</ol>
	<p class="text-(--faint)">{DRILL_WORDS[shippedBehind(drill)].look}</p>
	<p>
		{goodWords(rules, skill, tolerance)}
		{STOP_WORDS[rules.measure]}
	</p>
</div>
