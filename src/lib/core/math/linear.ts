/**
 * The inverse of a square matrix, by Gauss–Jordan elimination with row pivots, in place of a copy.
 *
 * @param matrix row after row
 * @param n rows and columns
 * @returns row after row
 * @throws RangeError where it has no inverse
 * @source G. Golub and C. Van Loan, Matrix Computations, 1996 (from memory)
 */
export function inverseOf(matrix: ArrayLike<number>, n: number): Float64Array {
	const a = Float64Array.from(matrix);
	/** Which row each column was solved with. */
	const pivots = new Int32Array(n);
	const solved = new Uint8Array(n);
	for (let k = 0; k < n; k++) {
		const pivot = pivotRow(a, n, k, solved);
		pivots[k] = pivot;
		solved[pivot] = 1;
		const row = pivot * n;
		const scale = 1 / a[row + k]!;
		a[row + k] = 1;
		for (let j = 0; j < n; j++) a[row + j]! *= scale;
		for (let i = 0; i < n; i++) {
			if (i === pivot) continue;
			const factor = a[i * n + k]!;
			if (factor === 0) continue;
			a[i * n + k] = 0;
			for (let j = 0; j < n; j++) a[i * n + j]! -= factor * a[row + j]!;
		}
	}
	// Row pivots[k] holds row k of the inverse, with its columns in the order of the pivots.
	const inverse = new Float64Array(n * n);
	for (let k = 0; k < n; k++)
		for (let j = 0; j < n; j++) inverse[k * n + pivots[j]!] = a[pivots[k]! * n + j]!;
	return inverse;
}

/** The row not solved yet that is largest in column k. */
function pivotRow(a: Float64Array, n: number, k: number, solved: Uint8Array): number {
	let best = -1;
	let largest = 0;
	for (let i = 0; i < n; i++) {
		const size = Math.abs(a[i * n + k]!);
		if (solved[i] === 0 && size > largest) {
			largest = size;
			best = i;
		}
	}
	if (best < 0) throw new RangeError('inverseOf: the matrix has no inverse');
	return best;
}

/**
 * A matrix times a column.
 *
 * @param matrix row after row, as many columns as the column has
 */
export function times(matrix: Float64Array, column: ArrayLike<number>): Float64Array {
	const n = column.length;
	return Float64Array.from({ length: matrix.length / n }, (_, i) => {
		let sum = 0;
		for (let j = 0; j < n; j++) sum += matrix[i * n + j]! * column[j]!;
		return sum;
	});
}
