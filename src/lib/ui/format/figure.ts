/** A number with fixed decimals and a true minus sign; never a negative zero. */
export function figure(value: number, decimals: number): string {
	const text = value.toFixed(decimals);
	return Number(text) === 0 ? (0).toFixed(decimals) : text.replace('-', '−');
}
