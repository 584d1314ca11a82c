<script lang="ts">
	import ViewHeading from './ViewHeading.svelte';

	interface Props {
		/** What is looked for, such as "This pupil". */
		what: string;
		/** Why it cannot be shown, where it is not simply gone. */
		reason?: string;
		/** Where the rest of its kind is. */
		href: string;
		label: string;
	}
	const { what, reason, href, label }: Props = $props();
</script>

<section class="mx-auto grid max-w-2xl justify-items-start gap-4 p-4">
	<ViewHeading
		text={`${what} ${reason ? 'cannot be read at the moment' : 'is not here'}`}
		class="text-2xl font-bold"
	/>
	<p>{reason ?? 'It was removed, or it lives in another browser.'}</p>
	<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved by whoever asks -->
	<a class="btn btn-neutral" {href}>{label}</a>
</section>
