import { drillScene } from '$lib/core/solve/drillScene';
import { wildBalls } from '$lib/core/practice/grouping';
import { grouped } from '$lib/core/math/grouped';
import { createRng } from '$lib/core/math/random';
import { median } from '$lib/core/math/robust';
import type { MissKind } from '$lib/core/practice/expectedMisses';
import type { MissedBall } from '$lib/core/practice/habits';
import { hitBallsAs } from '$lib/core/practice/simulatedPupil';
import { yardstickOf } from '$lib/core/practice/yardstick';
import { ownSpreadOf, type OwnSpread, type SpreadGroup } from '$lib/core/practice/ownSpread';
import { loftPull, shotToCarry } from '$lib/core/practice/practiseShot';
import type { RollQuestion } from '$lib/core/practice/rollStudy';
import { flightSetup } from '$lib/core/setup/flights';
import { CENTIMETRE, degrees, toPercent } from '$lib/core/units';
import { clubToCore } from '../work/club';
import { dispersionOf, profileOf } from '../work/player';
import { coreClub, plainGround, practiserOf } from './practiceSetup';
import { bagOf, type Ball, type PupilFile } from '../work/pupil';
import { groundToCore, isHit, kindOf, knownOf, practisedOf, type Session } from './session';

/** A green and a strike as the model has them. */
const NO_CAUSES = { loft: 0, grip: 1, firmness: 0 };

/** Balls of sessions by the kind they were of; in the order they come. */
const kinds = (balls: readonly Ball[]): Ball[][] => [
	...grouped(balls, (ball) => `${ball.sessionId}/${kindOf(ball)}`).values()
];

const fromSession = (balls: readonly Ball[]): Ball[] =>
	balls.filter(({ sessionId, lie }) => sessionId !== undefined && lie !== 'sand');

/** What a session's balls ask of the roll-out fit; only straight balls that were seen to land and to stop. */
export function rollQuestion(
	session: Session,
	file: PupilFile,
	balls: readonly Ball[]
): RollQuestion {
	const clubs = new Map(file.clubs.map((club) => [club.id, coreClub(club)]));
	const rolled = kinds(balls.filter(({ shape, lie }) => shape === 'straight' && lie !== 'sand'))
		.map((kind) => {
			const practised = kind.map(practisedOf);
			const wild = wildBalls(practised);
			return {
				club: clubs.get(kind[0]!.clubId),
				flight: kind[0]!.flight,
				balls: practised
					.filter(
						({ inferred, finished, tags }, i) =>
							!wild[i] &&
							!inferred &&
							finished !== null &&
							!tags.includes('heavy') &&
							!tags.includes('thin')
					)
					.map(({ landed, finished }) => ({
						carry: landed[0],
						roll: finished![0] - landed[0]
					}))
			};
		})
		.flatMap(({ club, ...rest }) => (club && rest.balls.length > 0 ? [{ club, ...rest }] : []));
	const { technique, hand } = file.pupil;
	return {
		rolled,
		ground: groundToCore(session.ground),
		known: knownOf(session.ground),
		who: { technique, hand, strength: profileOf(file.pupil).strength },
		bag: bagOf(file.clubs).map(clubToCore)
	};
}

/** Carries that differ by less ask for the same swing; metres. */
const STEP = 0.25;

/** A pupil's own spread from every session of theirs. */
export function spreadFrom(file: PupilFile): OwnSpread {
	const { pupil, clubs } = file;
	const who = practiserOf({ ...file, pupil: { ...pupil, spread: undefined } });
	const balls = fromSession(file.balls);
	const tagged = new Set(
		balls
			.filter(({ tags }) => tags.some((tag) => ['heavy', 'thin', 'good'].includes(tag)))
			.map(({ sessionId }) => sessionId)
	);
	const scene = drillScene({
		...groundToCore(plainGround()),
		toEdge: 0
	});
	/** Sessions ask for the same shots again and again: each is solved once. */
	const shots = new Map<string, Pick<SpreadGroup, 'speed' | 'loftPull'> | null>();
	const groups = kinds(balls).flatMap((kind): SpreadGroup[] => {
		const [first] = kind;
		const club = clubs.find(({ id }) => id === first!.clubId);
		if (!club) return [];
		const { flight, shape } = first!;
		const carry = kind.reduce((sum, ball) => sum + ball.carry, 0) / kind.length;
		const asked = Math.max(STEP, Math.round(carry / STEP) * STEP);
		const key = [club.id, flight, shape, asked].join('/');
		let shot = shots.get(key);
		if (shot === undefined) {
			const played = { club: coreClub(club), flight, shape };
			const solved = shotToCarry(played, asked, scene, who);
			shot = solved && {
				speed: solved.speed,
				loftPull: loftPull(played, solved.speed, scene, who)
			};
			shots.set(key, shot);
		}
		if (!shot) return [];
		const { risk } = flightSetup(flight, pupil.technique);
		return [
			{
				balls: kind.map(practisedOf),
				...shot,
				risk,
				tagged: tagged.has(first!.sessionId)
			}
		];
	});
	return ownSpreadOf(groups, dispersionOf({ skill: pupil.skill, handicap: pupil.handicap }));
}

/** A spread in the units it is typed in. */
export function spreadWire({ speed, direction, loft, lowPoint }: OwnSpread) {
	const tenth = (value: number) => Math.round(value * 10) / 10;
	return {
		speed: tenth(toPercent(speed.used)),
		direction: tenth(degrees(direction.used)),
		loft: tenth(degrees(loft.used)),
		lowPoint: tenth(lowPoint.used / CENTIMETRE)
	};
}

/** A ball of a session as misses are counted. */
function missedBall(
	ball: Ball,
	session: Session,
	tagged: boolean,
	dayOf: (at: string) => string
): MissedBall {
	const { rules, mark } = session;
	return {
		...practisedOf(ball),
		meant: yardstickOf(rules) === 'line' ? null : (ball.meant ?? null),
		lie: ball.lie,
		day: dayOf(ball.at),
		flag: rules.mark === 'flag' ? mark : null,
		rules,
		tagged,
		asMeant: isHit(session, ball)
	};
}

/** So many balls tell what a skill does. */
const POOL = 200;
const STRIKES: readonly string[] = ['heavy', 'thin', 'good'];

/**
 * The balls of a pupil's sessions kind by kind, each with balls that somebody of this skill would hit on that ground; one that makes them as
 * they are asked for, since a pool costs some milliseconds. Of a session that is gone nobody knows what was meant.
 *
 * @param dayOf the day of an instant
 */
export function* missKindsOf(
	file: PupilFile,
	sessions: readonly Session[],
	dayOf: (at: string) => string
): Generator<MissKind> {
	const known = new Map(sessions.map((session) => [session.id, session]));
	const balls = fromSession(file.balls);
	const tagged = new Set(
		balls.flatMap(({ tags, sessionId }) =>
			tags.some((tag) => STRIKES.includes(tag)) ? [sessionId] : []
		)
	);
	const profile = profileOf(file.pupil);
	for (const kind of kinds(balls)) {
		const [{ sessionId, clubId, flight, shape }] = kind as [Ball];
		const session = known.get(sessionId!);
		if (!session) continue;
		const missed = kind.map((ball) => missedBall(ball, session, tagged.has(sessionId), dayOf));
		const club = file.clubs.find(({ id }) => id === clubId);
		const carry = median(missed.map(({ meant, landed }) => meant ?? landed[0]));
		const truth = {
			...NO_CAUSES,
			technique: file.pupil.technique,
			ground: groundToCore(session.ground)
		};
		const shot = club && { club: coreClub(club), flight, shape };
		const pool = shot ? hitBallsAs(profile, shot, carry, POOL, truth, createRng(POOL)) : [];
		yield { balls: missed, pool };
	}
}
