/** Expected strokes to the nearest twentieth: finer differences are noise. */
export const strokesWords = (strokes: number): string => (Math.round(strokes * 20) / 20).toFixed(2);
