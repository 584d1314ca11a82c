<script lang="ts">
	import { reasonOf } from '$lib/io/fields/reason';
	import Download from '@lucide/svelte/icons/download';
	import { tell, tellTrouble } from '$lib/ui/shell/messages.svelte';
	import { download } from '$lib/ui/files/download';

	async function save() {
		try {
			const { rescue } = await import('$lib/store/files/rescue');
			const { text, rows, of } = await rescue();
			const day = new Date().toISOString().slice(0, 10);
			download(`crisp-landing-rescued-${day}.json`, text, 'application/json');
			tell(
				rows === of
					? `Saved all ${of} rows as an archive.`
					: `Saved ${rows} of ${of} rows as an archive; the others fit into none.`
			);
		} catch (error) {
			tellTrouble(`The browser does not hand out what it stores. ${reasonOf(error)}`);
		}
	}
</script>

<button type="button" class="btn" onclick={() => void save()}>
	<Download size={18} aria-hidden="true" /> Save what is stored
</button>
