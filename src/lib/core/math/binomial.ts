/** Natural logarithms of the chances of 0 to n hits. */
function logChances(n: number, p: number): number[] {
	const logs = [n * Math.log1p(-p)];
	for (let k = 1; k <= n; k++)
		logs.push(logs[k - 1]! + Math.log((n - k + 1) / k) + Math.log(p) - Math.log1p(-p));
	return logs;
}

/**
 * How many hits of n an event of known chance has: the fewest and the most that are not rarer than the confidence leaves room for.
 *
 * @param n tries, 0 and up
 * @param p chance of each, in (0, 1)
 * @param confidence in (0, 1): half of what is left lies below the band at most, half above
 * @returns both ends belong to it; quantiles of the binomial distribution, summed exactly
 */
export function binomialBand(
	n: number,
	p: number,
	confidence = 0.9
): { least: number; most: number } {
	const tail = (1 - confidence) / 2;
	let sum = 0;
	let least = -1;
	const logs = logChances(n, p);
	for (let k = 0; k <= n; k++) {
		sum += Math.exp(logs[k]!);
		if (least < 0 && sum > tail) least = k;
		if (sum >= 1 - tail) return { least, most: k };
	}
	return { least: Math.max(0, least), most: n };
}
