import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { unwrapped } from './woff';

const FILES = 'node_modules/@fontsource/atkinson-hyperlegible-next/files/';
const wrapped = (subset: string) =>
	new Uint8Array(readFileSync(`${FILES}atkinson-hyperlegible-next-${subset}-400-normal.woff`));

it.each(['latin', 'latin-ext'])(
	'unpacks a font whose tables are what its maker summed up: %s',
	async (subset) => {
		const file = wrapped(subset);
		const font = await unwrapped(file);
		const view = new DataView(font.buffer);
		// What the wrapping says of its contents: sort of font, count of tables, whole size.
		const said = new DataView(file.buffer);
		expect(view.getUint32(0)).toBe(said.getUint32(4));
		expect(view.getUint16(4)).toBe(said.getUint16(12));
		expect(font.length).toBe(said.getUint32(16));
		const names: string[] = [];
		for (let i = 0; i < view.getUint16(4); i++) {
			const entry = 12 + 16 * i;
			const name = String.fromCharCode(...font.slice(entry, entry + 4));
			const [checksum, offset, length] = [4, 8, 12].map((at) => view.getUint32(entry + at));
			names.push(name);
			// The head's own sum leaves a field of it out.
			if (name === 'head') continue;
			let sum = 0;
			for (let at = offset!; at < offset! + length!; at += 4)
				sum = (sum + view.getUint32(at)) >>> 0;
			expect(sum, name).toBe(checksum);
		}
		expect(names).toEqual(expect.arrayContaining(['cmap', 'glyf', 'head', 'hmtx', 'loca']));
	}
);

it('refuses what is no such file', async () => {
	await expect(unwrapped(new Uint8Array(10))).rejects.toThrow('not a WOFF file');
	await expect(unwrapped(new Uint8Array(100))).rejects.toThrow('not a WOFF file');
});
