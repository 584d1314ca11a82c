<script lang="ts">
	import { soMany } from '$lib/io/words/say';
	import Download from '@lucide/svelte/icons/download';
	import { onDestroy } from 'svelte';
	import { tell, tellTrouble } from '$lib/ui/shell/messages.svelte';
	import { greenFile } from '$lib/store/files/fileOf';
	import { attempt } from '$lib/ui/shell/attempt';
	import { formatEsriGrid, MOST_GRID_BYTES } from '$lib/io/files/esriGrid';
	import { greenProblems, type GreenWire } from '$lib/io/work/green';
	import { textOf } from '$lib/io/files/gzip';
	import { centreOf } from '$lib/io/work/placedShot';
	import { formatSpotHeights, parseSpotHeights } from '$lib/io/files/spotHeights';
	import { mapSvg } from '$lib/ui/drawing/mapSvg';
	import { download, fileNameOf } from '$lib/ui/files/download';
	import FileButton from '$lib/ui/files/FileButton.svelte';
	import FileWorkBar from '$lib/ui/files/FileWorkBar.svelte';
	import { fileProblemWords, gridReadWords } from '$lib/ui/files/importWords';
	import { canShareFiles, handOver } from '$lib/ui/files/share';
	import { FileWork } from '$lib/ui/files/fileWork.svelte';
	import type { GreenBench } from '$lib/ui/greens/state/greenBench.svelte';

	interface Props {
		bench: GreenBench;
	}
	const { bench }: Props = $props();

	const reading = new FileWork();
	onDestroy(() => reading.clear());
	const say = (message: string) => tellTrouble(message);
	const name = $derived(fileNameOf(bench.green.name));

	function take(words: string, apply: (green: GreenWire) => void) {
		const changed = { ...bench.green };
		apply(changed);
		const [problem] = greenProblems(changed);
		if (problem) {
			say(`${problem.path}: ${problem.message}. Nothing was changed.`);
			return;
		}
		bench.change(apply);
		bench.selected = null;
		tell(words, { label: 'Undo', run: () => bench.undo() });
	}

	function takeHeights(text: string, file: string) {
		const parsed = parseSpotHeights(text);
		if ('problem' in parsed) {
			say(fileProblemWords(file, parsed.problem));
			return;
		}
		const { spots, tilts } = parsed.book;
		take(`Read ${soMany(spots.length, 'height')} and ${soMany(tilts.length, 'tilt')}.`, (green) => {
			green.spots = spots;
			green.tilts = tilts;
		});
	}

	async function read(file: File) {
		if (/\.csv$/i.test(file.name)) {
			takeHeights(await textOf(file, MOST_GRID_BYTES), file.name);
			return;
		}
		await reading.begin(async (helper, progress) => {
			const found = await helper.readGrid(file, centreOf(bench.green.outline), progress);
			if ('problem' in found) say(fileProblemWords(file.name, found.problem));
			else
				take(gridReadWords(found.cared), (green) => {
					green.grid = found.cared.grid;
				});
		});
	}

	function csv() {
		download(`${name}-heights.csv`, formatSpotHeights(bench.green), 'text/csv');
	}

	function grid() {
		const { grid: own } = bench.green;
		const fitted = bench.report?.grid;
		const chosen = own ?? (fitted && { ...fitted, heights: Array.from(fitted.heights) });
		if (chosen) download(`${name}.asc`, formatEsriGrid(chosen), 'text/plain');
	}

	/** The green as it is kept: with the stamps that tell an older file from a newer one. */
	const json = () =>
		attempt(async () => {
			await bench.flush();
			await handOver(`${name}.json`, await greenFile(bench.green.id));
		});

	function svg() {
		if (bench.report)
			download(`${name}.svg`, mapSvg(bench.green, bench.report.grid), 'image/svg+xml');
	}
</script>

<h2 class="ruled-heading">Files</h2>
<FileWorkBar work={reading} label="Reading the heights" />
<div class="flex flex-wrap gap-2">
	<FileButton
		label="Read heights (CSV) or a grid (ASC)"
		accept=".csv,.asc,.txt,text/csv,text/plain"
		mostBytes={MOST_GRID_BYTES}
		onfile={read}
		onproblem={say}
	/>
	<button type="button" class="btn" onclick={csv}>
		<Download size={18} aria-hidden="true" /> Heights (CSV)
	</button>
	<button type="button" class="btn" disabled={!bench.report} onclick={grid}>
		<Download size={18} aria-hidden="true" /> Grid (ASC)
	</button>
	<button type="button" class="btn" onclick={() => void json()}>
		<Download size={18} aria-hidden="true" />
		{canShareFiles() ? 'Share this green' : 'This green (JSON)'}
	</button>
	<button type="button" class="btn" disabled={!bench.report} onclick={svg}>
		<Download size={18} aria-hidden="true" /> Map (SVG)
	</button>
</div>
