<script lang="ts">
	import type { Skill } from '$lib/core/player/player';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import { SKILL_WORDS } from '$lib/ui/shot/skillWords';

	interface Props {
		value: Skill;
		onchange: (skill: Skill) => void;
	}
	const { value, onchange }: Props = $props();
</script>

<ChoiceField label="Player" {value} options={SKILL_WORDS} {onchange} />
