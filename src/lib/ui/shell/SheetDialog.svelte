<script lang="ts">
	import X from '@lucide/svelte/icons/x';
	import { Dialog } from 'bits-ui';
	import MessageLine from './MessageLine.svelte';
	import type { Snippet } from 'svelte';

	interface Props {
		open: boolean;
		title: string;
		description: string;
		children: Snippet;
	}
	let { open = $bindable(), title, description, children }: Props = $props();
</script>

<Dialog.Root bind:open>
	<Dialog.Portal>
		<Dialog.Overlay class="fixed inset-0 z-40 bg-black/50" />
		<Dialog.Content
			class="modal-box fixed inset-y-0 right-0 z-50 h-dvh max-h-none w-full max-w-lg translate-x-0 scale-100 overflow-y-auto rounded-none border-l-2 border-(--ink) p-4 opacity-100"
		>
			<div class="flex items-start justify-between gap-4">
				<Dialog.Title class="text-xl font-bold">{title}</Dialog.Title>
				<Dialog.Close class="btn btn-ghost btn-square" aria-label="Close"
					><X size={22} aria-hidden="true" /></Dialog.Close
				>
			</div>
			<Dialog.Description class="mb-4 text-(--faint)">{description}</Dialog.Description>
			<MessageLine />
			{@render children()}
		</Dialog.Content>
	</Dialog.Portal>
</Dialog.Root>
