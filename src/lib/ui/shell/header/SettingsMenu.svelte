<script lang="ts">
	import Settings2 from '@lucide/svelte/icons/settings-2';

	interface Props {
		onkeys: () => void;
		onwords: () => void;
	}
	const { onkeys, onwords }: Props = $props();

	const id = $props.id();
	let open = $state(false);
	let menu = $state<HTMLElement>();

	function leave(forWhat: () => void) {
		menu?.hidePopover();
		forWhat();
	}
</script>

<button type="button" class="btn btn-ghost" aria-label="Settings and data" popovertarget={id}>
	<Settings2 size={20} aria-hidden="true" />
	<span class="max-lg:sr-only">Settings</span>
</button>
<!-- The platform's own popover: it closes by Escape and a touch beside it, and gives the focus back. -->
<div
	{id}
	bind:this={menu}
	popover="auto"
	class="bg-base-100 text-base-content fixed inset-auto top-12 right-4 w-72 border-2 border-(--ink) p-4"
	onbeforetoggle={(event) => (open = event.newState === 'open')}
>
	{#if open}
		{#await import('./SettingsFields.svelte') then { default: SettingsFields }}
			<SettingsFields
				onkeys={() => leave(onkeys)}
				onwords={() => leave(onwords)}
				onleave={() => menu?.hidePopover()}
			/>
		{/await}
	{/if}
</div>
