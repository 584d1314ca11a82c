/** Wedges by what they are called. */
const WEDGES: Readonly<Record<string, string>> = {
	lob: 'lw',
	sand: 'sw',
	gap: 'gw',
	approach: 'gw',
	pitching: 'pw'
};

/**
 * A club's name as it is compared: "Sand Wedge" is SW, "7 Iron", "Iron 7" and "7-i" are 7i, "4 Hybrid" is 4H. Upper and lower case, spaces
 * and hyphens do not count.
 */
export function clubAlias(name: string): string {
	const plain = name
		.toLowerCase()
		.replace(/[-_\s]+/g, ' ')
		.trim();
	const wedge = /^(\w+) wedge$/.exec(plain);
	if (wedge) return WEDGES[wedge[1]!] ?? plain;
	const numbered = /^(?<number>\d+) ?(?<kind>iron|hybrid|wood|[ihw])$/.exec(plain);
	const named = /^(?<kind>iron|hybrid|wood) ?(?<number>\d+)$/.exec(plain);
	const { number, kind } = numbered?.groups ?? named?.groups ?? {};
	return number && kind ? `${number}${kind.charAt(0)}` : plain.replaceAll(' ', '');
}
