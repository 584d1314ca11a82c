<script lang="ts">
	import type { Pupil } from '$lib/io/work/pupil';

	interface Props {
		/** Name of the shot. */
		name: string;
		others: readonly Pupil[];
		onchoose: (pupil: Pupil) => void;
	}
	const { name, others, onchoose }: Props = $props();
	const id = $props.id();
	let open = $state(false);
	let menu = $state<HTMLElement>();
</script>

<!-- A list of buttons: an arrow key on a select would have copied the shot for the first name it passed. -->
<button
	type="button"
	class="btn h-10"
	style:anchor-name={`--${id}`}
	popovertarget={id}
	aria-label={`Copy ${name} for another pupil`}>Also for</button
>
<div
	{id}
	bind:this={menu}
	popover="auto"
	class="dropdown bg-base-100 text-base-content max-h-[50vh] overflow-y-auto border-2 border-(--ink)"
	style:position-anchor={`--${id}`}
	style:position-try-fallbacks="flip-block"
	onbeforetoggle={(event) => (open = event.newState === 'open')}
>
	{#if open}
		{#each others as pupil (pupil.id)}
			<button
				type="button"
				class="btn btn-ghost flex min-h-12 w-full justify-start"
				onclick={() => {
					menu?.hidePopover();
					onchoose(pupil);
				}}>{pupil.name}</button
			>
		{/each}
	{/if}
</div>
