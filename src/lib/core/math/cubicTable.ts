/**
 * A smooth function of one number, laid down as a cubic a cell for loops in which it is asked millions of times.
 * Each cubic meets the function at both ends of its cell and at the thirds, so that the table has no jumps.
 */
export class CubicTable {
	readonly #coefficients: Float64Array;
	readonly #perUnit: number;
	readonly #end: number;

	/**
	 * @param exact the function; asked itself from `cells · cell` on
	 * @param cell width of a cell, above 0
	 * @param cells their number, from 0 on
	 */
	constructor(
		readonly exact: (x: number) => number,
		cell: number,
		cells: number
	) {
		this.#perUnit = 1 / cell;
		this.#end = cell * cells;
		this.#coefficients = new Float64Array(4 * cells);
		for (let i = 0; i < cells; i++) {
			const [a, b, c, d] = [0, 1 / 3, 2 / 3, 1].map((s) => exact((i + s) * cell)) as [
				number,
				number,
				number,
				number
			];
			this.#coefficients.set(
				[
					a,
					(-11 * a + 18 * b - 9 * c + 2 * d) / 2,
					(9 * (2 * a - 5 * b + 4 * c - d)) / 2,
					(9 * (d - a + 3 * (b - c))) / 2
				],
				4 * i
			);
		}
	}

	/** @param x 0 and up */
	at(x: number): number {
		if (!(x < this.#end)) return this.exact(x);
		const cells = x * this.#perUnit;
		const i = cells | 0;
		const s = cells - i;
		const table = this.#coefficients;
		const at = 4 * i;
		return table[at]! + s * (table[at + 1]! + s * (table[at + 2]! + s * table[at + 3]!));
	}
}
