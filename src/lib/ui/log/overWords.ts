import type { Reckoning } from '$lib/core/log/reckoning';
import { figure } from '$lib/ui/format/figure';
import { NINE_IN_TEN } from '$lib/ui/format/plusMinus';

/** Strokes a shot over what was forecast, with what luck may do to them nine times in ten. */
export const overWords = (over: Reckoning['over']): string =>
	over ? `${figure(over.mean, 2)} ± ${(NINE_IN_TEN * over.error).toFixed(2)}` : 'too few';
