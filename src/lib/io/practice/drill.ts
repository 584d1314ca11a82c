import * as z from 'zod/mini';
import type { Drill } from '$lib/core/practice/drill';
import { DRILL_IDS, DRILLS, type DrillId } from '$lib/core/practice/drills';
import { degrees, radians } from '$lib/core/units';
import {
	atMost,
	carryFlightField,
	formatField,
	idField,
	inRange,
	markField,
	measureField,
	nameField,
	shapeField,
	within
} from '../fields/fields';
import { LETTERS, RANGE } from '../fields/ranges';
import { DRILL_WORDS } from '../words/drill';

const lofts = within(10, 75, 'degrees');
const MOST_STEPS = 12;

/** The rules of a drill as they are typed: degrees and metres. */
export const drillRulesSchema = z.object({
	clubs: z.discriminatedUnion('kind', [
		z.object({ kind: z.literal('spread'), count: z.int().check(z.minimum(1), z.maximum(8)) }),
		z.object({
			kind: z.literal('lofts'),
			lofts: z.array(lofts).check(z.minLength(1), z.maxLength(8))
		}),
		z.object({ kind: z.literal('wedges'), count: z.int().check(z.minimum(1), z.maximum(6)) }),
		z.object({ kind: z.literal('every') }),
		z.object({
			kind: z.literal('chosen'),
			ids: z.array(idField).check(z.minLength(1), z.maxLength(16))
		})
	]),
	swings: z.discriminatedUnion('kind', [
		z.object({ kind: z.literal('mark') }),
		z.object({ kind: z.literal('same') }),
		z.object({
			kind: z.literal('lengths'),
			angles: z.array(within(5, 150, 'degrees')).check(z.minLength(1), z.maxLength(6))
		})
	]),
	flights: z.array(carryFlightField).check(z.minLength(1), z.maxLength(5)),
	shapes: z.array(shapeField).check(z.minLength(1), z.maxLength(3)),
	ballsEach: z.int().check(z.minimum(1), z.maximum(50)),
	format: formatField,
	measure: measureField,
	mark: markField,
	distance: inRange(RANGE.mark, 'metres'),
	tolerance: inRange(RANGE.tolerance, 'metres')
});
export type DrillRules = z.output<typeof drillRulesSchema>;

/** A drill with its words, shipped or somebody's own. */
export const drillDraftSchema = z.object({
	id: idField,
	name: nameField,
	basedOn: z.string(),
	purpose: z.string().check(atMost(LETTERS.paragraph)),
	steps: z.array(z.string().check(atMost(LETTERS.paragraph))).check(z.maxLength(MOST_STEPS)),
	rules: drillRulesSchema
});
export type DrillDraft = z.output<typeof drillDraftSchema>;

/** Angles are whole degrees; what comes back from radians is rounded to them. */
const whole = (angle: number): number => Math.round(degrees(angle) * 10) / 10;

/** Rules of the core as they are typed. */
const rulesOf = ({ clubs, swings, flights, shapes, ...rest }: Drill): DrillRules => ({
	...rest,
	clubs:
		clubs.kind === 'lofts'
			? { ...clubs, lofts: clubs.lofts.map(whole) }
			: clubs.kind === 'chosen'
				? { ...clubs, ids: [...clubs.ids] }
				: clubs,
	swings: swings.kind === 'lengths' ? { ...swings, angles: swings.angles.map(whole) } : swings,
	flights: [...flights],
	shapes: [...shapes]
});

/** Typed rules in the core's terms. */
export const rulesToCore = ({ clubs, swings, ...rest }: DrillRules): Drill => ({
	...rest,
	clubs: clubs.kind === 'lofts' ? { ...clubs, lofts: clubs.lofts.map(radians) } : clubs,
	swings: swings.kind === 'lengths' ? { ...swings, angles: swings.angles.map(radians) } : swings
});

/** Whether a drill says which swing is made: only then a ball tells what that swing carries. */
export const prescribesSwing = ({ swings }: Pick<DrillRules, 'swings'>): boolean =>
	swings.kind === 'lengths';

/** The drills that ship with the app. */
export const SHIPPED_DRILLS: readonly DrillDraft[] = DRILL_IDS.map((id) => {
	const { name, purpose, steps } = DRILL_WORDS[id];
	return { id, name, basedOn: id, purpose, steps: [...steps], rules: rulesOf(DRILLS[id]) };
});

const isShipped = (id: string): id is DrillId => DRILL_IDS.includes(id as DrillId);

/** The shipped drill that a drill is or was copied from; the landing box where that is gone. */
export const shippedBehind = ({ basedOn }: Pick<DrillDraft, 'basedOn'>): DrillId =>
	isShipped(basedOn) ? basedOn : 'landing-box';
