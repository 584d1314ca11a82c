<script lang="ts">
	import X from '@lucide/svelte/icons/x';
	import { knownToPage } from '$lib/ui/controls/knownToPage';
	import { messages } from './messages.svelte';

	const message = $derived(messages.current);
	const hold = () => messages.hold(true);
	const release = () => messages.hold(false);
</script>

<!-- The region is there before its first words: that is what makes them heard. -->
<div class="contents" role="status">
	{#if message}
		<div
			class={[
				'flex min-h-11 w-full min-w-0 items-center gap-2 border-l-4 pl-2 text-[0.9375rem] leading-tight',
				message.trouble ? 'border-l-(--clay) font-bold' : 'border-l-(--turf)'
			]}
			role="group"
			aria-label="Message"
			data-message
			{@attach knownToPage('with-message')}
			onpointerenter={hold}
			onpointerleave={release}
			onfocusin={hold}
			onfocusout={release}
		>
			<p class="line-clamp-3 min-w-0 flex-1 wrap-anywhere" title={message.words}>{message.words}</p>
			{#if message.action}
				<button type="button" class="btn px-3" data-undo onclick={() => messages.act()}
					>{message.action.label}</button
				>
			{/if}
			<button
				type="button"
				class="btn btn-ghost btn-square"
				aria-label="Put this message away"
				onclick={() => messages.clear()}
			>
				<X size={18} aria-hidden="true" />
			</button>
		</div>
	{/if}
</div>
