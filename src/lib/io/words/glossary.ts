/** Words of the app that a club golfer may not know or may know otherwise, and what they mean here; in the order they are met. */
export const GLOSSARY = {
	carry: { word: 'Carry', means: 'From the ball to where it first lands.' },
	rollOut: { word: 'Roll-out', means: 'From where the ball first lands to where it stops.' },
	landingSpot: {
		word: 'Landing spot',
		means: 'Where the ball is meant to land, counted from the edge of the green: “1 m on”.'
	},
	strokes: {
		word: 'Strokes',
		means:
			'How many strokes it takes from here to hole out, this one counted, on average over hundreds of played balls with this player’s misses.'
	},
	leaves: {
		word: 'Leaves',
		means: 'How far from the hole the ball ends: half of the balls end nearer, half farther.'
	},
	upAndDown: { word: 'Up & down', means: 'How often it takes this shot and one more.' },
	asGood: {
		word: 'As good',
		means:
			'So near to the first in strokes that hundreds of balls cannot tell them apart: choose the one you like.'
	},
	greenSpeed: {
		word: 'Green speed',
		means:
			'How many feet a ball let off a standard ramp rolls on the level: 8 is slow, 10 medium, 12 quick.'
	},
	firmness: {
		word: 'Firmness',
		means:
			'What the turf does to a ball that lands: soft, it dies; medium, it hops; firm, it bounces on.'
	},
	grain: {
		word: 'Grain',
		means: 'The way the grass leans. Along it a ball runs farther, against it less far.'
	},
	fringe: { word: 'Fringe', means: 'The mown grass between fairway or rough and the green.' },
	stretch: {
		word: 'Stretch',
		means: 'A part of the line with one slope or one kind of grass, such as the face of a tier.'
	},
	plusMinus: {
		word: '±',
		means: 'Nine times in ten the true figure lies within so much of this one.'
	},
	spread: {
		word: 'Spread',
		means: 'How far single balls scatter: two of three lie within so much of the middle.'
	},
	strikeSpread: {
		word: 'How the strike varies',
		means:
			'How much head speed, direction, loft and the lowest point of the swing differ from ball to ball: two of three lie within the figure.'
	},
	lowPoint: {
		word: 'Low point',
		means:
			'Where the swing is lowest, against the ball. Behind it the strike is heavy, ahead of it clean.'
	},
	model: {
		word: 'Model',
		means:
			'What a player of this skill usually does, by physics and published tables; taken until own balls are measured.'
	},
	swingLength: {
		word: 'Swing length',
		means:
			'How far back the swing goes. Length sets the carry, not effort: the same rhythm for all.'
	},
	flight: {
		word: 'Low, standard, high, open, splash',
		means:
			'Low: ball back, hands ahead. Standard: as usual. High: ball forward. Open: face opened. Splash: from sand, the club never touches the ball.'
	},
	bounce: {
		word: 'Bounce',
		means:
			'How much the sole of a wedge stands below its leading edge, in degrees: it keeps the club from digging.'
	},
	asMeant: {
		word: 'As meant',
		means:
			'The ball did what its drill asked, within what the drill allows: said beside each score.'
	},
	takenIn: {
		word: 'In the bag',
		means: 'Whether the carries of a session count in the bag: you decide at its end.'
	},
	ring: {
		word: 'Ring',
		means:
			'The place in which so many of a hundred balls were to end, by the forecast. An honest forecast has as many there; more outside says that it promised too much.'
	},
	pace: { word: 'Pace', means: 'Your own step, measured once: walk 20 m and count.' },
	lip: { word: 'Lip', means: 'The raised far edge of a bunker or pond: what the ball must clear.' },
	tier: { word: 'Tier', means: 'A level of a green, joined to the next by a steep face.' },
	school: {
		word: 'School',
		means:
			'A rule of thumb for choosing the club. A pupil may belong to one; every shot shows what each says.'
	}
} as const satisfies Record<string, { word: string; means: string }>;

export type GlossaryId = keyof typeof GLOSSARY;
