<script lang="ts">
	import { GLOSSARY, type GlossaryId } from '$lib/io/words/glossary';

	interface Props {
		/** Whose meaning is one touch away. */
		of: GlossaryId;
		/** What is written; the word itself where it is left out. */
		label?: string;
	}
	const { of, label }: Props = $props();
	const id = $props.id();
	const { word, means } = $derived(GLOSSARY[of]);
</script>

<button
	type="button"
	class="cursor-help py-1 font-[inherit] underline decoration-(--faint) decoration-dotted underline-offset-4"
	popovertarget={id}
	aria-haspopup="dialog">{label ?? word}</button
>
<!-- The platform's own popover: Escape and a touch beside it close it, and give the focus back. -->
<span
	{id}
	popover="auto"
	class="bg-base-100 text-base-content m-auto w-80 max-w-[calc(100vw-2rem)] border-2 border-(--ink) p-4 text-left text-base font-normal normal-case"
	><b>{word}</b><br />{means}</span
>
