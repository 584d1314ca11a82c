import type { Alternative, Cue, SlopeAdvice } from '$lib/core/setup/advise';

export const CUE_WORDS: Record<Cue, string> = {
	'roll-it-like-a-putt': 'Putting grip, quiet wrists, roll it.',
	'brush-the-grass': 'Brush the grass under the ball.',
	'chest-over-ball': 'Keep the chest over the ball until it has landed.',
	'let-the-sole-slide': 'Let the sole slide through under the ball.',
	'head-falls-by-itself': 'Set the wrists and let the head fall by its own weight.',
	'hands-stay-ahead': 'Hands stay ahead past the ball.',
	'through-the-grass': 'Hold on and swing through the grass.',
	'slide-the-head-under': 'Slide the head under the ball.',
	'face-to-the-sky': 'Face looks at you at the finish.',
	'splash-the-sand': 'Look at the sand behind the ball and splash it out.',
	'less-sand-for-length':
		'Less sand for the length: enter nearer the ball and shallower, and swing on through.',
	'down-on-it': 'Hit down; it comes out low and runs.',
	'pick-it-clean': 'Ball first and no sand: stand tall, look at its front.',
	'dig-it-out': 'Face square, down hard behind the ball: it comes out low and runs.'
};

export const SLOPE_WORDS: Record<SlopeAdvice, string> = {
	uphill: 'Uphill: shoulders with the slope; it flies higher and shorter, so swing longer.',
	downhill:
		'Downhill: shoulders and weight with the slope, follow it down; it flies lower and runs.',
	'ball-above-feet': 'Ball above the feet: grip down; it goes to the lead side.',
	'ball-below-feet': 'Ball below the feet: sit deeper, stay down; it goes to the trail side.'
};

export const ALTERNATIVE_WORDS: Record<Alternative, string> = {
	'upright-if-heavy':
		'If you tend to hit it heavy: shaft upright, ball in the middle, let the sole skid.',
	'lean-if-clean': 'If you strike it clean: hands ahead and ball back for a lower flight.',
	'trail-side-flop': 'Or trail-side: ball inside the lead heel, weight back, slide the head under.',
	'lead-side-flop': 'Or lead-side: 60 % on the lead foot, stay there, hinge early.',
	'putt-if-smooth': 'If the grass is smooth all the way, putt it.',
	'square-if-bounce': 'With a lot of bounce on this lie keep the face square.',
	'three-quarter-grip': 'Grip an inch down for a softer, surer strike.',
	'firm-sand-less-open': 'In firm or wet sand open the face less.'
};
