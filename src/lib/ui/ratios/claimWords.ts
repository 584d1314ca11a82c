import type { Ratio } from '$lib/core/units';
import { ratioFigure, type RatioStyle } from '$lib/io/words/ratio';

/** What a rule claims of a club, held against what it does today: “holds today”, or what it does instead. */
export function claimWords(
	claim: Ratio,
	{ ratio, low, high }: { ratio: Ratio; low: Ratio; high: Ratio },
	style: RatioStyle
): string {
	const said = ratioFigure({ carry: 1, roll: claim }, style);
	if (claim >= low && claim <= high)
		return Math.abs(claim - ratio) <= 0.15 * ratio ? `${said}, holds today` : `${said}, may hold`;
	return `${said}, not today: ${ratioFigure({ carry: 1, roll: ratio }, style)}`;
}
