<script lang="ts">
	interface Props {
		/** What a touch opens. */
		words: string;
		heads: readonly string[];
		rows: () => readonly (readonly string[])[];
	}
	const { words, heads, rows }: Props = $props();
	let open = $state(false);
</script>

<!-- What a chart shows, in figures; thousands of them are made only for whoever wants to read them. -->
<details bind:open>
	<summary class="cursor-pointer py-2 font-semibold">{words}</summary>
	{#if open}
		<div class="max-h-80 overflow-y-auto">
			<table class="table-sm table">
				<thead>
					<tr
						>{#each heads as head (head)}<th scope="col">{head}</th>{/each}</tr
					>
				</thead>
				<tbody>
					{#each rows() as row, i (i)}
						<tr>
							{#each row as cell, j (j)}
								{#if j === 0}<th scope="row">{cell}</th>{:else}<td class="figure">{cell}</td>{/if}
							{/each}
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
	{/if}
</details>
