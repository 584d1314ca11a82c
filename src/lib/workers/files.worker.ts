import { expose } from 'comlink';
import {
	formatArchive,
	MOST_ARCHIVE_BYTES,
	parseArchive,
	type Archive,
	type ArchiveContent
} from '../io/archive/archive';
import { differencesOf } from '../io/archive/differences';
import { importedWords, previewRows } from '../io/archive/importPreview';
import { ARCHIVED_TABLES } from '../io/archive/tables';
import { MOST_GRID_BYTES, parseEsriGrid } from '../io/files/esriGrid';
import { caredGrid } from '../io/work/gridCare';
import { packed, textOf } from '../io/files/gzip';
import { importArchive, previewImport, readAll, type ImportResult } from '../store/files/archive';
import type { FileWorker, SavedArchive } from './fileProtocol';

/** Longer archives are packed: a surveyed grid shrinks to a fifth. */
const PACKED_FROM = 2_000_000;

let open: Archive | null = null;
let taken: ImportResult | null = null;

const countsOf = (content: ArchiveContent): SavedArchive['counts'] => ({
	...(Object.fromEntries(ARCHIVED_TABLES.map((table) => [table, content[table].length])) as Record<
		(typeof ARCHIVED_TABLES)[number],
		number
	>),
	unreadable: content.unreadable.length
});

const worker: FileWorker = {
	async readGrid(file, centre, progress) {
		const parsed = parseEsriGrid(await textOf(file, MOST_GRID_BYTES), progress);
		return 'problem' in parsed ? parsed : { cared: caredGrid(parsed.grid, centre) };
	},
	async openArchive(file, progress) {
		const text = await textOf(file, MOST_ARCHIVE_BYTES);
		progress(0.3);
		const parsed = parseArchive(text);
		progress(0.8);
		if ('problems' in parsed) return parsed;
		open = parsed.archive;
		const preview = await previewImport(open);
		return { offer: { rows: previewRows(preview), gone: preview.plan.gone.length } };
	},
	async takeIn(bringBack) {
		if (!open) throw new Error('no archive is open');
		taken = await importArchive(open, { bringBack });
		open = null;
		return importedWords(taken.preview, bringBack);
	},
	async undo() {
		if (!taken) throw new Error('nothing was taken in');
		return taken.undo();
	},
	async saveArchive(progress) {
		const content = await readAll();
		progress(0.4);
		const text = formatArchive(content);
		progress(0.7);
		const name = `crisp-landing-${content.exportedAt.slice(0, 10)}.json`;
		const counts = countsOf(content);
		return text.length > PACKED_FROM
			? { file: await packed(text), name: `${name}.gz`, counts }
			: { file: new Blob([text], { type: 'application/json;charset=utf-8' }), name, counts };
	},
	async compareArchive(file, progress) {
		const text = await textOf(file, MOST_ARCHIVE_BYTES);
		progress(0.3);
		const parsed = parseArchive(text);
		progress(0.7);
		if ('problems' in parsed) return parsed.problems;
		return differencesOf(await readAll(), parsed.archive);
	}
};

expose(worker);
