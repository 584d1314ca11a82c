import { walked, type Look } from './viewpoints';

/** A finger, a pen or a mouse on the picture. */
type Finger = Pick<PointerEvent, 'pointerId' | 'clientX' | 'clientY'>;

/** Radians and factors of a pixel of a drag. */
const DRAG = { turn: 0.006, higher: 0.006 };
/** A finger that moved less than this has touched, not walked: pixels. */
const TOUCH = 6;
/** Two fingers that begin closer than this would jump: pixels. */
const APART = 24;

/** What fingers do on the picture: one walks around and up, two go nearer and farther, one that does not move touches. */
export class Fingers {
	#down: Finger[] = [];
	/** Where the fingers and the look were when their number changed last. */
	#from: { fingers: Finger[]; look: Look } | null = null;
	#moved = false;

	down(finger: Finger, look: Look): void {
		this.#down = [...this.#without(finger), copied(finger)];
		if (this.#down.length > 1) this.#moved = true;
		this.#begin(look);
	}

	/** The look that a move makes; null where it makes none. */
	move(finger: Finger): Look | null {
		const from = this.#from;
		if (!from || !this.#down.some(({ pointerId }) => pointerId === finger.pointerId)) return null;
		this.#down = this.#down.map((one) =>
			one.pointerId === finger.pointerId ? copied(finger) : one
		);
		const [first, second] = this.#down;
		const [began, other] = from.fingers;
		if (second && other) {
			const apart = Math.max(APART, distance(first!, second));
			return walked(from.look, { nearer: Math.max(APART, distance(began!, other)) / apart });
		}
		const [dx, dy] = [first!.clientX - began!.clientX, first!.clientY - began!.clientY];
		if (Math.hypot(dx, dy) < TOUCH && !this.#moved) return null;
		this.#moved = true;
		return walked(from.look, { turn: -dx * DRAG.turn, higher: Math.exp(dy * DRAG.higher) });
	}

	/** A finger goes; answers whether it has only touched. */
	up(finger: Finger, look: Look): boolean {
		const touched = this.#down.length === 1 && !this.#moved;
		this.#down = this.#without(finger);
		if (this.#down.length === 0) this.#moved = false;
		this.#begin(look);
		return touched;
	}

	#begin(look: Look): void {
		this.#from = this.#down.length > 0 ? { fingers: this.#down, look } : null;
	}

	#without({ pointerId }: Finger): Finger[] {
		return this.#down.filter((one) => one.pointerId !== pointerId);
	}
}

const copied = ({ pointerId, clientX, clientY }: Finger): Finger => ({
	pointerId,
	clientX,
	clientY
});
const distance = (a: Finger, b: Finger): number =>
	Math.hypot(a.clientX - b.clientX, a.clientY - b.clientY);
