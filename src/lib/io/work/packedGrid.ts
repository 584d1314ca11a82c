/** Where the nodes of a grid lie, and its heights row by row; null where there is none. */
interface Grid {
	originU: number;
	originV: number;
	cell: number;
	columns: number;
	rows: number;
	heights: (number | null)[];
}

const blocks = new WeakMap<object, Float64Array>();
const packed = new WeakSet();

/** Heights as one block of numbers, NaN where there is none. */
export function blockOf(grid: Pick<Grid, 'heights'>): Float64Array {
	const known = blocks.get(grid);
	if (known) return known;
	const { heights } = grid;
	const block = new Float64Array(heights.length);
	for (let i = 0; i < block.length; i++) block[i] = heights[i] ?? NaN;
	blocks.set(grid, block);
	return block;
}

function listOf(block: Float64Array): (number | null)[] {
	const heights = new Array<number | null>(block.length);
	for (let i = 0; i < block.length; i++) {
		const height = block[i]!;
		heights[i] = Number.isNaN(height) ? null : height;
	}
	return heights;
}

/**
 * A grid made of a block of heights. It is a grid like any other; its list of heights is made when it is first asked for, which most who
 * hold a green never do.
 */
export function gridOf(frame: Omit<Grid, 'heights'>, block: Float64Array): Grid {
	let list: (number | null)[] | null = null;
	const grid = Object.defineProperty({ ...frame }, 'heights', {
		enumerable: true,
		get: () => (list ??= listOf(block))
	}) as Grid;
	blocks.set(grid, block);
	packed.add(grid);
	return grid;
}

/** Whether a grid was made of a block, so that its heights need no looking through; it may still have the wrong number of them. */
export const isPacked = (value: unknown): value is Grid =>
	typeof value === 'object' && value !== null && packed.has(value);
