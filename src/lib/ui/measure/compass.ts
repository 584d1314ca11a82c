/** Directions on a map whose top need not be north. */
export const COMPASS: readonly { bearing: number; name: string }[] = [
	{ bearing: 0, name: 'the top' },
	{ bearing: 45, name: 'the top right' },
	{ bearing: 90, name: 'the right' },
	{ bearing: 135, name: 'the bottom right' },
	{ bearing: 180, name: 'the bottom' },
	{ bearing: 225, name: 'the bottom left' },
	{ bearing: 270, name: 'the left' },
	{ bearing: 315, name: 'the top left' }
];

/** The nearest of the eight, for any bearing in degrees. */
export const compassOf = (bearing: number): (typeof COMPASS)[number] =>
	COMPASS[Math.round((((bearing % 360) + 360) % 360) / 45) % COMPASS.length]!;

export const compassWords = (bearing: number): string => compassOf(bearing).name;
