/** What a number may be, both ends included. */
export interface Range {
	low: number;
	high: number;
}

/** Ranges that fields of a form and the schemas that judge them share; metres, percent and feet as they are typed. */
export const RANGE = {
	toEdge: { low: 0, high: 80 },
	edgeToPin: { low: 0.5, high: 80 },
	beyondPin: { low: 0, high: 60 },
	rise: { low: -10, high: 10 },
	/** Of the green to either side of the line. */
	toSide: { low: 0.5, high: 40 },
	stretchOfGrass: { low: 0.1, high: 80 },
	segment: { low: 0.1, high: 200 },
	/** Where a hazard begins and ends along the line, how high it stands, and how far beside the line. */
	hazardAlong: { low: 0, high: 120 },
	hazardHeight: { low: 0, high: 10 },
	hazardBeside: { low: 0, high: 40 },
	slope: { low: -30, high: 30 },
	stimpFeet: { low: 3, high: 18 },
	wind: { low: -20, high: 20 },
	/** Of a place on a map, either way, and of its height. */
	map: { low: -500, high: 500 },
	mapHeight: { low: -100, high: 100 },
	steepest: { low: 0, high: 40 },
	/** Degrees around from up the map to its right. */
	bearing: { low: 0, high: 360 },
	lip: { low: 0, high: 5 },
	collar: { low: 0, high: 10 },
	pace: { low: 0.5, high: 1.3 },
	carryOfRatio: { low: 0.5, high: 60 },
	/** Of a drill: to its mark, what counts as there, from the ball to the green, and how much of that there is. */
	mark: { low: 0.5, high: 80 },
	tolerance: { low: 0.2, high: 20 },
	drillToEdge: { low: 0, high: 60 },
	room: { low: 1, high: 100 }
} satisfies Record<string, Range>;

/** Letters at most that somebody may type: of a name, a line, a paragraph, of notes. */
export const LETTERS = { name: 60, line: 200, paragraph: 400, notes: 2000 } as const;
