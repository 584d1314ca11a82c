<script lang="ts">
	import type { ClassValue } from 'svelte/elements';

	interface Props {
		/** What the view is about; with the app's name it is also the title of the page. */
		text: string;
		/** What tells it from others of its name, in the title only. */
		also?: string;
		class?: ClassValue;
	}
	const {
		text,
		also,
		class: kind = 'text-3xl font-extrabold wrap-anywhere max-md:text-2xl'
	}: Props = $props();
</script>

<svelte:head><title>{also ? `${text}, ${also}` : text} · Crisp Landing</title></svelte:head>
<!-- Whoever comes to a view begins at its heading. -->
<h1 class={[kind, 'outline-none']} tabindex="-1" data-view-heading>{text}</h1>
