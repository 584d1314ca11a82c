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

<div class="@container">
	<div
		class="tabs flex flex-wrap border-b-2 border-(--ink)"
		role="tablist"
		tabindex="-1"
		aria-label={label}
		{onkeydown}
	>
		{#each tabs as tab (tab.id)}
			<button
				id={`${panel}-tab-${tab.id}`}
				class={[
					'tab aria-selected:bg-neutral aria-selected:text-neutral-content h-11 flex-1 basis-auto px-[7px] font-semibold',
					// Six large words on a phone: two rows of three instead of five and one.
					tabs.length > 5 && '@max-[22rem]:basis-[30%]'
				]}
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
</div>
