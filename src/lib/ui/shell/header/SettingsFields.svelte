<script lang="ts">
	import { RANGE } from '$lib/io/fields/ranges';
	import BookA from '@lucide/svelte/icons/book-a';
	import BookOpen from '@lucide/svelte/icons/book-open';
	import Keyboard from '@lucide/svelte/icons/keyboard';
	import { resolve } from '$app/paths';
	import { UNIT_WORDS } from '$lib/ui/format/lengths';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import { canSpeak } from '$lib/ui/shell/speech';
	import { preferences } from '$lib/ui/state/preferences.svelte';

	import { DATA } from './views';

	interface Props {
		onkeys: () => void;
		onwords: () => void;
		/** Called where a link leads away. */
		onleave: () => void;
	}
	const { onkeys, onwords, onleave }: Props = $props();

	const LOOKS = [
		{ value: 'system' as const, label: 'As the system wishes' },
		{ value: 'paper' as const, label: 'Paper' },
		{ value: 'slate' as const, label: 'Slate' },
		{ value: 'sunlight' as const, label: 'Sunlight' }
	];
</script>

<div class="grid gap-3">
	<div class="grid grid-cols-2 gap-2">
		<a class="btn" href={DATA.href} onclick={onleave}>
			<DATA.icon size={18} class="shrink-0" aria-hidden="true" />{DATA.label}
		</a>
		<a class="btn" href={resolve('/handbook')} onclick={onleave}>
			<BookOpen size={18} class="shrink-0" aria-hidden="true" />Handbook
		</a>
		<button type="button" class="btn" onclick={onwords}>
			<BookA size={18} class="shrink-0" aria-hidden="true" />Words
		</button>
		<button type="button" class="btn" onclick={onkeys}>
			<Keyboard size={18} class="shrink-0" aria-hidden="true" />Keys
		</button>
	</div>
	<ChoiceField
		label="Units on this screen"
		value={preferences.current.units}
		options={UNIT_WORDS}
		onchange={(units) => preferences.change({ units })}
	/>
	<NumberField
		label="Length of your pace"
		value={preferences.current.pace * 100}
		symbol="cm"
		low={100 * RANGE.pace.low}
		high={100 * RANGE.pace.high}
		step={1}
		decimals={0}
		hint="Walk 20 m and count"
		onchange={(value) => preferences.change({ pace: value / 100 })}
	/>
	<ChoiceField
		label="Look"
		value={preferences.current.theme}
		options={LOOKS}
		onchange={(theme) => preferences.change({ theme })}
	/>
	{#if canSpeak()}
		<label class="flex min-h-11 items-center gap-2 font-semibold">
			<input
				class="checkbox"
				type="checkbox"
				checked={preferences.current.aloud}
				onchange={(event) => preferences.change({ aloud: event.currentTarget.checked })}
			/>
			Say the call aloud
		</label>
	{/if}
	<label class="flex min-h-11 items-center gap-2 font-semibold">
		<input
			class="checkbox"
			type="checkbox"
			checked={preferences.current.singleKeys}
			onchange={(event) => preferences.change({ singleKeys: event.currentTarget.checked })}
		/>
		Single keys choose things
	</label>
</div>
