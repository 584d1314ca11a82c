/** Sizes of the head and of an entry of the list of tables, in the web's wrapping and in the font itself; bytes. */
const WRAPPED = { head: 44, entry: 20 } as const;
const PLAIN = { head: 12, entry: 16 } as const;
const SIGNATURE = 0x774f4646;

const aligned = (length: number): number => Math.ceil(length / 4) * 4;

async function inflated(bytes: Uint8Array<ArrayBuffer>): Promise<Uint8Array> {
	const stream = new Blob([bytes]).stream().pipeThrough(new DecompressionStream('deflate'));
	return new Uint8Array(await new Response(stream).arrayBuffer());
}

/**
 * The font in a WOFF file, all of it unpacked once: whoever reads the wrapped one unpacks a table for each letter that is measured.
 *
 * @param wrapped a WOFF 1.0 file
 * @returns the same font as an SFNT file
 * @throws RangeError where the file is none
 * @source WOFF File Format 1.0, W3C Recommendation (2012)
 */
export async function unwrapped(wrapped: Uint8Array<ArrayBuffer>): Promise<Uint8Array> {
	const from = new DataView(wrapped.buffer, wrapped.byteOffset, wrapped.byteLength);
	if (wrapped.byteLength < WRAPPED.head || from.getUint32(0) !== SIGNATURE)
		throw new RangeError('unwrapped: not a WOFF file');
	const count = from.getUint16(12);
	const entries = Array.from({ length: count }, (_, i) => {
		const at = WRAPPED.head + i * WRAPPED.entry;
		const [tag, offset, packed, length, checksum] = [0, 4, 8, 12, 16].map((field) =>
			from.getUint32(at + field)
		) as [number, number, number, number, number];
		return { tag, checksum, length, bytes: wrapped.slice(offset, offset + packed) };
	});
	const tables = await Promise.all(
		entries.map(async ({ bytes, length }) => (bytes.length < length ? inflated(bytes) : bytes))
	);
	const start = PLAIN.head + count * PLAIN.entry;
	const font = new Uint8Array(tables.reduce((sum, { length }) => sum + aligned(length), start));
	const to = new DataView(font.buffer);
	const power = Math.floor(Math.log2(count));
	to.setUint32(0, from.getUint32(4));
	[count, 16 * 2 ** power, power, 16 * (count - 2 ** power)].forEach((value, i) =>
		to.setUint16(4 + 2 * i, value)
	);
	let at = start;
	entries.forEach(({ tag, checksum, length }, i) => {
		[tag, checksum, at, length].forEach((value, field) =>
			to.setUint32(PLAIN.head + i * PLAIN.entry + 4 * field, value)
		);
		font.set(tables[i]!, at);
		at += aligned(length);
	});
	return font;
}
