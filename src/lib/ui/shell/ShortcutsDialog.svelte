<script lang="ts">
	import SheetDialog from './SheetDialog.svelte';
	import { SHORTCUTS } from './shortcuts';

	interface Props {
		open: boolean;
	}
	let { open = $bindable() }: Props = $props();
</script>

<SheetDialog bind:open title="Keys" description="Everything can be done from the keyboard.">
	<table class="w-full">
		<thead class="sr-only"><tr><th>Key</th><th>Does</th></tr></thead>
		<tbody>
			{#each SHORTCUTS as [keys, does] (keys)}
				<tr class="border-b border-(--shade)">
					<th scope="row" class="figure py-2 pr-4 text-left whitespace-nowrap">{keys}</th>
					<td class="py-2">{does}</td>
				</tr>
			{/each}
		</tbody>
	</table>
</SheetDialog>
