import { SHOT_KINDS } from '$lib/core/plan/question/shotKind';
import { isRestricted, type Wanted } from '$lib/core/plan/question/wanted';
import * as z from 'zod/mini';
import { nameField, shotKindField, within } from './fields';

const MOST = 30;
const apexField = z.optional(within(0, 40, 'metres'));

/** The shot that is asked for; clubs by name in a request, by id in a shot. What is left out is not restricted. */
export const wantedFields = {
	kinds: z.optional(z.array(shotKindField)),
	clubs: z.optional(z.array(nameField).check(z.maxLength(MOST, `must be at most ${MOST} clubs`))),
	without: z.optional(z.array(nameField).check(z.maxLength(MOST, `must be at most ${MOST} clubs`))),
	apexAtMost: apexField,
	apexAtLeast: apexField
};

const wantedObject = z.object(wantedFields);
export type WantedWire = z.output<typeof wantedObject>;

/** Anything but a putt. */
export const NO_PUTT = {
	kinds: SHOT_KINDS.filter((kind) => kind !== 'putt')
} satisfies WantedWire;

/** In the core's terms; undefined where nothing in particular is asked for. */
export function wantedToCore(wire: WantedWire | undefined): Wanted | undefined {
	if (!wire) return undefined;
	const wanted: Wanted = {
		kinds: wire.kinds ?? [],
		clubs: wire.clubs ?? [],
		without: wire.without ?? [],
		apexAtMost: wire.apexAtMost ?? null,
		apexAtLeast: wire.apexAtLeast ?? null
	};
	return isRestricted(wanted) ? wanted : undefined;
}
