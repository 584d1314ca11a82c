import type { SpinShape } from '../setup/flights';
import type { CarryFlight } from '../solve/measuredSwings';
import type { Metres, Radians } from '../units';

/** Which clubs a drill takes out of a bag. */
export type ClubRule =
	/** So many clubs whose balls end spread over the room there is, longest first. */
	| { kind: 'spread'; count: number }
	/** The clubs nearest to these lofts, in this order. */
	| { kind: 'lofts'; lofts: readonly Radians[] }
	/** The most lofted clubs. */
	| { kind: 'wedges'; count: number }
	/** Every club that is chipped with. */
	| { kind: 'every' }
	/** These of the bag, by id. */
	| { kind: 'chosen'; ids: readonly string[] };

/** How far a swing goes. */
export type SwingRule =
	/** Whatever carries to the mark: nobody says how long it is. */
	| { kind: 'mark' }
	/** One swing with every club: the one that carries to the mark with the club in the middle. */
	| { kind: 'same' }
	/** The marks of the player's words nearest to these angles of the lead arm. */
	| { kind: 'lengths'; angles: readonly Radians[] };

/** How the balls of a session follow each other. */
export type PracticeFormat = 'block' | 'random' | 'up-and-down' | 'worst-ball' | 'beat-your-last';

/** What a ball of a drill is hit for. */
export type Measure =
	/** Where it lands. */
	| 'carry'
	/** Where it lands and how far it runs from there. */
	| 'roll-out'
	/** How near to a flag it ends. */
	| 'finish'
	/** How many strokes it takes to hole out. */
	| 'strokes'
	/** Only how it was struck. */
	| 'strike';

/** What lies on the green. */
export type DrillMark = 'box' | 'stick' | 'flag' | 'none';

/** A drill without its words. */
export interface Drill {
	clubs: ClubRule;
	swings: SwingRule;
	flights: readonly CarryFlight[];
	shapes: readonly SpinShape[];
	/** Balls with each club, swing and flight. */
	ballsEach: number;
	format: PracticeFormat;
	measure: Measure;
	mark: DrillMark;
	/** Ordinary distance from the ball to the mark. */
	distance: Metres;
	/** A ball that lands (or, for a flag, ends) within this of its mark counts as meant. */
	tolerance: Metres;
}
