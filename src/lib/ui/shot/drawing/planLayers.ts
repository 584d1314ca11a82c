/** What the plan of a shot shows besides the line, the ball and the hole. */
export interface PlanLayers {
	/** Contours and arrows of the slope. */
	slope: boolean;
	/** Where the balls land and end. */
	balls: boolean;
	/** Where the shot may land and where it must not. */
	landing: boolean;
	/** From behind the ball: the best through each of the other windows, low, middle and high. */
	windows: boolean;
}

/** Everything at a desk; in the sun only what is asked for most: where to land it. */
export const planLayersFor = (inTheSun: boolean): PlanLayers => ({
	slope: !inTheSun,
	balls: !inTheSun,
	landing: true,
	windows: !inTheSun
});
