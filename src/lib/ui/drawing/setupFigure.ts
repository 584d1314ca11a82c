import type { SetupAdvice } from '$lib/core/setup/advise';
import { degrees } from '$lib/core/units';

/** The setup as places in a 120 × 120 picture, drawn for a right-hander with the target to the left; mirrored for a left-hander. */
export interface SetupFigure {
	/** Half the distance between the feet, pixels. */
	halfStance: number;
	/** Ball against the middle of the stance, − toward the target. */
	ballX: number;
	/** Degrees, clockwise. */
	stanceTurn: number;
	faceTurn: number;
	/** Shaft against the vertical, + grip toward the target. */
	shaftTurn: number;
	/** 0 to 1, on the lead side. */
	leadWeight: number;
	/** Hands below the end of the grip, metres. */
	gripDown: number;
}

const HALF_STANCE = { narrow: 12, medium: 20, wide: 29 };

export function setupFigure(setup: SetupAdvice): SetupFigure {
	const halfStance = HALF_STANCE[setup.stance];
	return {
		halfStance,
		ballX: -setup.ballPosition * (halfStance + 4),
		stanceTurn: -degrees(setup.stanceOpen),
		faceTurn: degrees(setup.faceOpen),
		shaftTurn: degrees(setup.shaftLean),
		leadWeight: setup.leadWeight / 100,
		gripDown: Math.min(0.1, setup.gripDown)
	};
}
