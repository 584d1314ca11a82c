<script lang="ts">
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import type { PaperSize } from './pdf';

	interface Props {
		size: PaperSize;
	}
	let { size = $bindable() }: Props = $props();

	const SIZES: readonly { value: PaperSize; label: string }[] = [
		{ value: 'A4', label: 'A4' },
		{ value: 'LETTER', label: 'Letter' }
	];
</script>

<div class="w-28">
	<ChoiceField label="Paper" value={size} options={SIZES} onchange={(value) => (size = value)} />
</div>
