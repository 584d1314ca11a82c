import { isAsMeant, offBy as offFrom } from '$lib/core/practice/yardstick';
import * as z from 'zod/mini';
import type { DrillGround } from '$lib/core/solve/drillScene';
import type { PractisedBall } from '$lib/core/practice/practised';
import type { RollQuestion } from '$lib/core/practice/rollStudy';
import type { PractiseTask } from '$lib/core/practice/propose';
import { shareOf, type Share } from '$lib/core/math/share';
import { fromFeet, fromPercent, type Metres } from '$lib/core/units';
import { drillRulesSchema, prescribesSwing, type DrillRules } from './drill';
import {
	atMost,
	carryFlightField,
	firmnessField,
	idField,
	inRange,
	nameField,
	shapeField,
	slopeField,
	stimpField,
	within
} from '../fields/fields';
import { LETTERS, RANGE } from '../fields/ranges';
import type { Ball } from '../work/pupil';

const taskSchema = z.object({
	clubId: idField,
	swing: nameField,
	flight: carryFlightField,
	shape: shapeField,
	balls: z.int().check(z.minimum(1), z.maximum(200)),
	landing: within(0.1, 150, 'metres'),
	finish: within(-10, 250, 'metres')
});
export type SessionTask = z.output<typeof taskSchema>;

/** Where a session is hit. */
export const sessionGroundSchema = z.object({
	name: z.string().check(atMost(LETTERS.name)),
	greenId: z.nullable(z.string()),
	stimpFeet: stimpField,
	firmness: firmnessField,
	wet: z.boolean(),
	toEdge: inRange(RANGE.drillToEdge, 'metres'),
	room: inRange(RANGE.room, 'metres'),
	/** One standard error of the speed; null where nobody measured it. */
	speedError: z.nullable(within(0, 6, 'feet')),
	slopeAlong: slopeField,
	slopeError: within(0, 10, 'percent'),
	place: z.optional(z.object({ ball: z.tuple([z.number(), z.number()]), heading: z.number() }))
});
export type SessionGround = z.output<typeof sessionGroundSchema>;

/** A session of practice. */
export const sessionSchema = z.object({
	id: idField,
	drillId: z.string(),
	name: nameField,
	rules: drillRulesSchema,
	startedAt: z.string(),
	endedAt: z.nullable(z.string()),
	ground: sessionGroundSchema,
	mark: within(0.3, 150, 'metres'),
	turns: z.array(z.object({ pupilId: z.string(), tasks: z.array(taskSchema) })),
	seed: z.number(),
	homeworkId: z.nullable(z.string()),
	notes: z.string().check(atMost(LETTERS.notes))
});
export type Session = z.output<typeof sessionSchema>;
export type Turn = Session['turns'][number];

/** Its ground in the core's terms. */
export const groundToCore = (ground: SessionGround): DrillGround => ({
	greenSpeed: fromFeet(ground.stimpFeet),
	firmness: ground.firmness,
	wet: ground.wet,
	toEdge: ground.toEdge,
	room: ground.room,
	slopeAlong: fromPercent(ground.slopeAlong)
});

/** How well that ground was known. */
export const knownOf = ({ speedError, slopeError }: SessionGround): RollQuestion['known'] => ({
	speedError: speedError === null ? null : fromFeet(speedError),
	slopeError: fromPercent(slopeError)
});

/** A proposed task as a session keeps it. */
export const taskOf = ({ club, ...rest }: PractiseTask): SessionTask => ({ clubId: club, ...rest });

/** A ball of a session as practice counts it; one of which no place is known lay on the line. */
export const practisedOf = (ball: Ball): PractisedBall => ({
	club: ball.clubId,
	swing: ball.swing,
	flight: ball.flight,
	shape: ball.shape,
	landed: ball.landed ?? [ball.carry, 0],
	finished: ball.finished ?? null,
	meant: ball.meant ?? null,
	touchError: ball.touchError ?? 0,
	inferred: ball.inferred,
	tags: ball.tags,
	strokes: ball.strokes ?? null
});

type Kind = Pick<Ball, 'clubId' | 'swing' | 'flight' | 'shape'>;

/** One text for all balls that were asked for in the same way. */
export const kindOf = ({ clubId, swing, flight, shape }: Kind): string =>
	JSON.stringify([clubId, swing, flight, shape]);

/** Whether a ball belongs to a task. */
export const isOf = (task: Kind, ball: Kind): boolean =>
	ball.clubId === task.clubId &&
	ball.swing === task.swing &&
	ball.flight === task.flight &&
	ball.shape === task.shape;

type Judged = Pick<Session, 'rules' | 'mark'>;

/** How far a ball was off what its session meant; null where that was not seen. */
export const offBy = ({ rules, mark }: Judged, ball: Ball): Metres | null =>
	offFrom(rules, mark, practisedOf(ball));

/** Whether a ball did what it was meant to do. */
export const isHit = ({ rules, mark }: Judged, ball: Ball): boolean =>
	isAsMeant(rules, mark, practisedOf(ball));

/** How many of somebody's balls of a session did. */
export function hitsOf(session: Judged, balls: readonly Ball[]): Share {
	return shareOf(balls.filter((ball) => isHit(session, ball)).length, balls.length);
}

/** A drill's rules in another format: holing out counts strokes, everything else what the drill is for. */
export const inFormat = (rules: DrillRules, format: DrillRules['format']): DrillRules => ({
	...rules,
	format,
	measure:
		format === 'up-and-down' ? 'strokes' : rules.measure === 'strokes' ? 'finish' : rules.measure
});

/** Balls by the session they are of; those of none under an empty name. */
export function bySession(balls: readonly Ball[]): ReadonlyMap<string, readonly Ball[]> {
	const found = new Map<string, Ball[]>();
	for (const ball of balls) {
		const id = ball.sessionId ?? '';
		const heap = found.get(id);
		if (heap) heap.push(ball);
		else found.set(id, [ball]);
	}
	return found;
}

/** The scores of sessions in the order they were begun; those without a ball have none. */
export function scoresOf<S extends Judged & Pick<Session, 'id' | 'startedAt'>>(
	sessions: readonly S[],
	balls: readonly Ball[]
): { session: S; share: Share }[] {
	const each = bySession(balls);
	return [...sessions]
		.sort((a, b) => a.startedAt.localeCompare(b.startedAt))
		.map((session) => ({ session, share: hitsOf(session, each.get(session.id) ?? []) }))
		.filter(({ share }) => share.of > 0);
}

/** Balls that count as carries of a swing though their session asked for a mark and not for a swing, and nobody said which it was. */
export const ballsAtAMark = (balls: readonly Ball[], sessions: readonly Session[]): Ball[] => {
	const atAMark = new Set(
		sessions.filter(({ rules }) => !prescribesSwing(rules)).map(({ id }) => id)
	);
	return balls.filter(
		({ sessionId, counts, swingFrom }) =>
			counts && swingFrom === undefined && sessionId !== undefined && atAMark.has(sessionId)
	);
};
