import { REPRESENTATIVES } from '$lib/core/log/forecast';
import { drillForecast, type DrillForecast } from '$lib/core/practice/drillForecast';
import { FLIGHT_FACE } from '$lib/core/solve/measuredSwings';
import { coreClub } from '../practice/practiceSetup';
import { groundToCore, isOf, type Session, type SessionTask } from '../practice/session';
import { bagOf, golferOf, type Ball, type PupilFile } from '../work/pupil';
import { playerToCore, profileOf } from '../work/player';
import { clubToCore } from '../work/club';
import type { WorkingShot } from '../work/shot';
import { playWords } from '../words/play';
import { forecastOf, metres, points } from './kept';
import type { Forecast, Play, PlayedWay } from './play';

/** A hole nearer to the edge of the green than this cannot be asked about. */
const LEAST_GREEN = 0.5;
const MOST_BEYOND = 60;
const SEEDS = 100_000;

/** Where the flag stood; where none did, where the balls of a task were to stop. */
const pinOf = ({ rules, mark }: Session, { finish }: SessionTask): number =>
	Math.max(LEAST_GREEN, rules.mark === 'flag' ? mark : finish);

/** The shot that a task was, as it is asked about. */
function shotOf({ ground }: Session, pin: number, lie: Ball['lie'], pupilId: string): WorkingShot {
	const { toEdge, room, slopeAlong, stimpFeet, firmness, wet } = ground;
	const edge = Math.min(toEdge, pin - LEAST_GREEN);
	return {
		pupilId,
		situation: {
			lie,
			wet,
			toEdge: edge,
			edgeToPin: pin - edge,
			beyondPin: Math.min(MOST_BEYOND, Math.max(0, toEdge + room - pin)),
			rise: 0,
			fringe: 'smooth',
			slopeAlong,
			slopeAcross: 0,
			hazards: [],
			stimpFeet,
			firmness,
			grain: 'none'
		}
	};
}

/** Somebody as they were known before a session: nothing that its own balls say, nor any later ones. */
const before = (file: PupilFile, { id, startedAt }: Session): PupilFile => ({
	...file,
	balls: file.balls.filter(({ sessionId, at }) => sessionId !== id && at < startedAt)
});

/** Whether it was seen where a ball ended, or how many strokes it took: the rest says nothing of a forecast. */
export const canBeHeld = ({ finished, strokes }: Ball): boolean =>
	finished !== undefined || strokes !== undefined;

interface TaskForecast {
	pin: number;
	way: PlayedWay;
	forecast: Forecast | undefined;
}

/** What was to be expected of a task's balls; null where its club is gone or cannot be carried so far. */
function forecastTask(
	task: SessionTask,
	session: Session,
	file: PupilFile,
	madeAt: string
): TaskForecast | null {
	const draft = file.clubs.find(({ id }) => id === task.clubId);
	if (!draft) return null;
	const { flight, shape, landing, swing } = task;
	const shot = { club: coreClub(draft), flight, shape };
	const player = playerToCore(golferOf(file), bagOf(file.clubs).map(clubToCore));
	const pin = pinOf(session, task);
	const seed = session.seed % SEEDS;
	const ground = groundToCore(session.ground);
	const play = (who: typeof player): DrillForecast | null =>
		drillForecast(shot, { landing, pin }, ground, who, REPRESENTATIVES, seed);
	const found = play(player);
	if (!found) return null;
	const { dispersion, costs } = profileOf(file.pupil);
	const known = file.pupil.spread !== undefined || file.balls.length > 0;
	const alone = known ? play({ ...player, dispersion, costs, swings: {} }) : null;
	const { finishes, statistics, carry, roll } = found;
	const option = {
		landings: points(finishes.landingX, finishes.landingZ),
		finishes: points(finishes.x, finishes.z),
		statistics
	};
	return {
		pin,
		way: {
			clubId: task.clubId,
			words: playWords({ ...shot, faceOpen: FLIGHT_FACE[flight] }),
			flight,
			swing,
			carry: metres(carry),
			roll: metres(roll)
		},
		forecast: forecastOf(option, alone?.finishes ?? null, seed, madeAt)
	};
}

/**
 * The balls of somebody's session as shots that were played, each held against what was to be expected before the first of them.
 *
 * @param balls of the session, of this pupil
 * @param file the pupil's, as it is now
 * @param now when the forecast is worked out
 * @returns none of balls of which nobody saw what came of them; a play has the id of its ball
 */
export function practicePlays(
	session: Session,
	balls: readonly Ball[],
	file: PupilFile,
	now: Date
): Play[] {
	const known = before(file, session);
	const tasks = session.turns.find(({ pupilId }) => pupilId === file.pupil.id)?.tasks ?? [];
	return tasks.flatMap((task): Play[] => {
		const own = balls.filter((ball) => canBeHeld(ball) && isOf(task, ball));
		const made = own.length > 0 ? forecastTask(task, session, known, now.toISOString()) : null;
		if (!made) return [];
		const { pin, way, forecast } = made;
		return own.map((ball): Play => ({
			id: ball.id,
			pupilId: ball.pupilId,
			at: ball.at,
			roundId: null,
			sessionId: session.id,
			shot: shotOf(session, pin, ball.lie, ball.pupilId),
			played: way,
			...(forecast && { forecast }),
			clubId: ball.clubId,
			lie: ball.lie,
			...(ball.landed && !ball.inferred && { landed: ball.landed }),
			...(ball.finished && { finished: ball.finished }),
			holed: ball.strokes === 1,
			tags: ball.tags,
			...(ball.strokes !== undefined && { strokes: ball.strokes }),
			notes: ''
		}));
	});
}
