<script lang="ts">
	import SheetDialog from '$lib/ui/shell/SheetDialog.svelte';
	import { shortcuts } from '$lib/ui/shell/shortcuts.svelte';

	interface Props {
		open: boolean;
	}
	let { open = $bindable() }: Props = $props();

	/** What the focused element itself answers to. */
	const FOCUSED = [
		['Arrow keys', 'On a drawing: move the handle; Shift moves it five times as far'],
		['Page down, up', 'On a drawing: the next handle, the one before; Home, End: first and last'],
		['Arrow up, down', 'In a field of figures: one step more or less; Page up, down: five'],
		['Space', 'Press the focused button, the play button too']
	];
</script>

<SheetDialog bind:open title="Keys" description="Everything can be done from the keyboard.">
	{#each shortcuts.groups as group (group)}
		<h3 class="ruled-heading mt-4">{group.heading}</h3>
		<table class="table">
			<thead class="sr-only"><tr><th>Key</th><th>Does</th></tr></thead>
			<tbody>
				{#each group.shortcuts as { shown, does } (shown)}
					<tr>
						<th scope="row" class="figure w-2/5 pl-0">{shown}</th>
						<td>{does}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	{/each}
	<h3 class="ruled-heading mt-4">On what is focused</h3>
	<table class="table">
		<tbody>
			{#each FOCUSED as [keys, does] (keys)}
				<tr><th scope="row" class="figure w-2/5 pl-0">{keys}</th><td>{does}</td></tr>
			{/each}
		</tbody>
	</table>
</SheetDialog>
