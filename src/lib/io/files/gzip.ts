/** First two bytes of a gzip file. */
const MAGIC = [0x1f, 0x8b];

/** Packs a text with the platform's own gzip. */
export const packed = (text: string): Promise<Blob> =>
	new Response(new Blob([text]).stream().pipeThrough(new CompressionStream('gzip'))).blob();

/**
 * The text of a file, unpacked where it is packed.
 *
 * @param most bytes of text that are read; a file that unpacks to more is refused
 * @throws Error where it unpacks to more, or is damaged
 */
export async function textOf(file: Blob, most: number): Promise<string> {
	const head = new Uint8Array(await file.slice(0, 2).arrayBuffer());
	if (head[0] !== MAGIC[0] || head[1] !== MAGIC[1]) return file.text();
	const reader = file.stream().pipeThrough(new DecompressionStream('gzip')).getReader();
	const decoder = new TextDecoder();
	const parts: string[] = [];
	let bytes = 0;
	for (;;) {
		const { done, value } = await reader.read();
		if (done) break;
		bytes += value.byteLength;
		if (bytes > most) {
			await reader.cancel();
			throw new Error('it unpacks to more than can be read');
		}
		parts.push(decoder.decode(value, { stream: true }));
	}
	return parts.join('') + decoder.decode();
}
