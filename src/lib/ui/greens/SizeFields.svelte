<script lang="ts">
	import type { Metres } from '$lib/core/units';
	import LengthField from '$lib/ui/controls/LengthField.svelte';

	interface Size {
		long: Metres;
		wide: Metres;
	}
	interface Props {
		size: Size;
		/** Which way a green is long, in words. */
		along: string;
		onchange: (size: Size) => void;
	}
	const { size, along, onchange }: Props = $props();
</script>

<LengthField
	label={`Length, ${along}`}
	metres={size.long}
	low={3}
	high={100}
	onchange={(long) => onchange({ ...size, long })}
/>
<LengthField
	label="Width"
	metres={size.wide}
	low={3}
	high={100}
	onchange={(wide) => onchange({ ...size, wide })}
/>
