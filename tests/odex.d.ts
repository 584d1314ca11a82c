declare module 'odex' {
	export class Solver {
		constructor(
			f: (x: number, y: number[]) => number[],
			n: number,
			options?: Record<string, unknown>
		);
		integrate(x0: number, y0: number[]): (x: number) => number[];
		solve(
			x0: number,
			y0: number[],
			xEnd: number,
			onStep?: (
				x0: number,
				x1: number,
				y: number[],
				dense: (c: number, x: number) => number
			) => boolean | void
		): { y: number[] };
	}
}
