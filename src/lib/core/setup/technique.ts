/** How a player likes to do it; each is a school of technique with good coaches behind it. */
export interface Technique {
	/** Hands ahead, ball back; or shaft upright and the sole allowed to skid. */
	chip: 'lean' | 'sole';
	/** Weight and body on the lead or on the trail side for the flop. */
	flop: 'lead' | 'trail';
	stroke: 'pendulum' | 'set-and-drop' | 'hinge-and-hold';
}

export const DEFAULT_TECHNIQUE: Technique = { chip: 'lean', flop: 'lead', stroke: 'pendulum' };
