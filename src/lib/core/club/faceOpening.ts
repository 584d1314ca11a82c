import type { Radians } from '../units';
import { radians } from '../units';

/** Angle between shaft and ground at address; ordinary for wedges (common practice, no source). */
const SHAFT_LIE: Radians = radians(64);

/** What turning the face about the shaft does to a club. */
export interface OpenedFace {
	/** Loft shown after the face is turned back to the target. */
	loft: Radians;
	/** How far the body line opens to bring the face back to the target; negative when hooded. */
	reAim: Radians;
}

/**
 * Turns the face about the shaft and then re-aims it at the target.
 *
 * @param loft of the club, 0 to under π/2
 * @param opening + open, − hooded
 * @returns the loft gained and the re-aim; the sole turns by the same loft gain
 * @source rigid rotation (Rodrigues), no fitted number but the lie angle
 */
export function openFace(loft: Radians, opening: Radians, lie: Radians = SHAFT_LIE): OpenedFace {
	const s = Math.sin(lie);
	const c = Math.cos(lie);
	const cosine = Math.cos(opening);
	const sine = Math.sin(opening);
	const nx = Math.cos(loft);
	const ny = Math.sin(loft);
	const along = s * ny * (1 - cosine);
	const x = nx * cosine - c * ny * sine;
	const y = ny * cosine + c * nx * sine + s * along;
	const z = s * nx * sine - c * along;
	return { loft: Math.asin(Math.min(1, y)), reAim: Math.atan2(z, x) };
}
