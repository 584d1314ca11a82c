import type { Residual } from '$lib/core/green/spotFit';
import { CENTIMETRE, toPercent } from '$lib/core/units';
import { figure } from '$lib/ui/format/figure';

/** A reading against its neighbours, short: centimetres for a height, percent for a slope. */
export const residualFigure = ({ kind, difference }: Residual): string =>
	kind === 'spot'
		? `${difference > 0 ? '+' : ''}${figure(difference / CENTIMETRE, 1)} cm`
		: `${toPercent(difference).toFixed(1)} %`;

/** The same in a sentence, with what to do about a bad one. */
export function residualWords(residual: Residual): string {
	const { kind, difference, bad } = residual;
	const off =
		kind === 'spot'
			? `${Math.abs(difference / CENTIMETRE).toFixed(1)} cm ${difference < 0 ? 'lower' : 'higher'} than`
			: `${toPercent(difference).toFixed(1)} % off`;
	const fit = `Reads ${off} what the readings around it say.`;
	return bad ? `${fit} That cannot be the green: read it again, or leave it out.` : fit;
}
