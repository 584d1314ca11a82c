<script lang="ts" generics="Id extends string">
	interface Props {
		label: string;
		tabs: readonly { id: Id; label: string }[];
		active: Id;
		/** Id of the panel that the tabs show, also the start of their own ids. */
		panel: string;
		onselect: (id: Id) => void;
	}
	const { label, tabs, active, panel, onselect }: Props = $props();

	function onkeydown(event: KeyboardEvent) {
		const move = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
		if (!move) return;
		const at = tabs.findIndex(({ id }) => id === active);
		const { id } = tabs[(at + move + tabs.length) % tabs.length]!;
		onselect(id);
		document.getElementById(`${panel}-tab-${id}`)?.focus();
	}
</script>

<div role="tablist" tabindex="-1" aria-label={label} {onkeydown}>
	{#each tabs as tab (tab.id)}
		<button
			id={`${panel}-tab-${tab.id}`}
			role="tab"
			type="button"
			aria-selected={active === tab.id}
			aria-controls={panel}
			tabindex={active === tab.id ? 0 : -1}
			onclick={() => onselect(tab.id)}
		>
			{tab.label}
		</button>
	{/each}
</div>

<style>
	[role='tablist'] {
		display: flex;
		flex-wrap: wrap;
		border-bottom: 2px solid var(--ink);
	}
	[role='tab'] {
		flex: 1 1 auto;
		min-height: 44px;
		padding-inline: 7px;
		font-weight: 600;
		cursor: pointer;
	}
	[role='tab'][aria-selected='true'] {
		background: var(--ink);
		color: var(--paper);
	}
</style>
