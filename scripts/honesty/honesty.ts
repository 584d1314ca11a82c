import { calibrationOf, RINGS } from '$lib/core/log/calibration';
import { representatives } from '$lib/core/log/forecast';
import type { LieId } from '$lib/core/lie/lies';
import { firstAnswer } from '$lib/core/plan/firstAnswer';
import { Question } from '$lib/core/plan/question/question';
import type { PlanRequest } from '$lib/core/plan/question/request';
import { createLocalSampler, shotOf } from '$lib/core/plan/race/localSampler';
import type { SampleJob } from '$lib/core/plan/race/rank';
import { FINISH, sampleFinishes } from '$lib/core/plan/race/sample';
import { speedBehind, type Delivered } from '$lib/core/player/delivered';
import { PROFILE } from '$lib/core/player/player';
import { DEVIATE_COUNT, DEVIATES } from '$lib/core/player/strike';
import { radians } from '$lib/core/units';
import { correctedFile, correctionsFor, ofPlayer } from '$lib/io/log/corrected';
import { ballsText, type Play } from '$lib/io/log/play';
import { scoredPlay, type ScoredPlay } from '$lib/io/log/scored';
import { wayOf } from '$lib/io/log/kept';
import { playingOf } from '$lib/io/work/playing';
import type { PupilFile } from '$lib/io/work/pupil';
import { shotDraftSchema } from '$lib/io/work/shot';
import { shotRequest } from '$lib/io/work/shotRequest';
import { newPupilFile } from '$lib/store/shelves/newPupilFile';
import { normal, skewed, uniforms } from '../intervals/pupils';

/** What a pupil's play differs by from what is presumed of them. */
interface Truth {
	carry: Partial<Record<LieId, number>>;
	/** Degrees of loft. */
	loft: number;
	spread: number;
	/** Standard deviation of a day's green speed against its reading. */
	ofDay: number;
	/** Whether head speeds err more to one side. */
	isSkewed: boolean;
}

const HONEST: Truth = { carry: {}, loft: 0, spread: 1, ofDay: 0, isSkewed: false };
const LIES = ['fairway', 'semi-rough', 'tight'] as const;
const SAMPLES = 64;
const DAYS = 10;
/** Corrections are taken after so many balls, and again after as many. */
const BLOCK = 20;
export const BALLS = 100;

/** A pupil who is not as presumed. */
const someone = (u: () => number): Truth => ({
	carry: {
		fairway: Math.exp(0.06 * normal(u)),
		'semi-rough': Math.exp(-0.08 + 0.1 * normal(u)),
		tight: Math.exp(0.06 * normal(u))
	},
	loft: 3 * normal(u),
	spread: Math.exp(0.25 * normal(u)),
	ofDay: 0.05,
	isSkewed: true
});

function shotFrom(pupilId: string, u: () => number) {
	const half = (value: number) => Math.round(2 * value) / 2;
	return shotDraftSchema.parse({
		pupilId,
		situation: {
			lie: LIES[Math.floor(u() * LIES.length)],
			toEdge: half(1 + 8 * u()),
			edgeToPin: half(4 + 11 * u()),
			beyondPin: half(5 + 5 * u()),
			slopeAlong: half(-2 + 4 * u()),
			stimpFeet: half(9 + 2 * u())
		}
	});
}

const FLIGHTS = ['low', 'standard', 'high', 'open'] as const;
const PUTT = 'putt';
const points = (x: Float64Array, z: Float64Array): [number, number][] =>
	Array.from(x, (along, i) => [along, z[i]!]);
const metres = (value: number): number => Number(value.toFixed(2));

/** The swing that the app says for one of its own plays, and the balls it forecasts of it; null where every play is a putt. */
function forecastOne(question: Question, u: () => number) {
	const { ladder, details } = firstAnswer(question);
	const flown = ladder.candidates.flatMap(({ play }, i) => (play.flight === PUTT ? [] : [i]));
	if (flown.length === 0) return null;
	const at = flown[Math.floor(u() * flown.length)]!;
	const candidate = ladder.candidates[at]!;
	const { speed, aim } = candidate.solution;
	const job = { play: candidate.play, speed, aim, from: 0, to: SAMPLES };
	const [balls] = createLocalSampler(question)([job]);
	const landings = points(balls!.landingX, balls!.landingZ);
	const stands = representatives(landings, points(balls!.x, balls!.z))!;
	return { way: wayOf({ candidate, swing: details[at]!.swing }), job, balls: ballsText(stands) };
}

/** What a pupil makes of a swing, on greens as they are that day. */
function playOne(
	request: PlanRequest,
	job: SampleJob,
	truth: Truth,
	ofDay: number,
	u: () => number
) {
	const { situation, player } = request;
	const carries = truth.carry[situation.lie] ?? 1;
	const delivered: Delivered = {
		loft: Object.fromEntries(FLIGHTS.map((flight) => [flight, radians(truth.loft)])),
		grip: 1,
		speed: { [situation.lie]: speedBehind(carries) }
	};
	const world = new Question({
		...request,
		situation: { ...situation, greenSpeed: situation.greenSpeed * ofDay },
		player: { ...player, delivered }
	});
	// The player's spread is their own, whatever the app believes of it by now.
	const { speed, direction, loft, lowPoint } = PROFILE.middle.dispersion;
	const times = truth.spread;
	const dispersion = {
		speed: speed * times,
		direction: direction * times,
		loft: loft * times,
		lowPoint: lowPoint * times
	};
	const deviates = Float64Array.from({ length: DEVIATE_COUNT }, (_, i) =>
		i === DEVIATES.speed && truth.isSkewed ? skewed(u) : normal(u)
	);
	return sampleFinishes({ ...shotOf(world, job), dispersion }, deviates, 0, 1);
}

/** One shot of a pupil as the log keeps it; null where the app would putt. */
function played(
	file: PupilFile,
	truth: Truth,
	day: number,
	ofDay: number,
	seed: number
): Play | null {
	const u = uniforms(seed);
	const shot = shotFrom(file.pupil.id, u);
	const request = shotRequest(shot, playingOf(file), SAMPLES, seed);
	const said = forecastOne(new Question(request), u);
	if (!said) return null;
	const end = playOne(request, said.job, truth, ofDay, u);
	const date = `2026-05-${String(day + 1).padStart(2, '0')}`;
	const holed = end.kind[0] === FINISH.holed;
	return {
		id: `${file.pupil.id}-${seed}`,
		pupilId: file.pupil.id,
		at: `${date}T12:00:00.000Z`,
		roundId: null,
		shot,
		played: said.way,
		forecast: {
			version: 1,
			engine: 'judge',
			seed,
			madeAt: `${date}T11:00:00.000Z`,
			balls: said.balls,
			strokes: 3,
			error: 0,
			leave: { median: 1, p90: 2 },
			chances: { holed: 0, missGreen: 0, hazard: 0, upAndDown: 0, fourOrMore: 0 }
		},
		clubId: said.way.clubId,
		lie: shot.situation.lie,
		landed: [metres(end.landingX[0]!), metres(end.landingZ[0]!)],
		...(!holed && { finished: [metres(end.x[0]!), metres(end.z[0]!)] }),
		holed,
		tags: [],
		notes: ''
	};
}

/** A pupil's results in their order, and after how many of them something was corrected. */
function season(truth: Truth, seed: number, correcting: boolean) {
	const { pupil, clubs } = newPupilFile('Somebody');
	let file: PupilFile = { pupil: { ...pupil, id: `pupil-${seed}` }, clubs, balls: [] };
	const u = uniforms(seed);
	const days = Array.from({ length: DAYS }, () => Math.exp(truth.ofDay * normal(u)));
	const scored: ScoredPlay[] = [];
	const results: (ScoredPlay | null)[] = [];
	const corrected: number[] = [];
	for (let i = 0; i < BALLS; i++) {
		const day = Math.floor((i * DAYS) / BALLS);
		const play = played(file, truth, day, days[day]!, 1000 * seed + i);
		const one = play && scoredPlay(play);
		if (one) scored.push(one);
		results.push(one);
		if (!correcting || (i + 1) % BLOCK > 0) continue;
		const found = ofPlayer(correctionsFor(scored, file));
		if (found.length === 0) continue;
		corrected.push(i + 1);
		file = correctedFile(file, found, scored, new Date(scored.at(-1)!.play.at));
	}
	return { results, corrected };
}

const percent = (share: number): string => `${Math.round(100 * share)}`;

/**
 * Shares of the balls inside each ring, in percent, block by block of a season: of honest pupils and of others, planned as presumed and
 * with every correction taken that the app offers.
 */
export function honestyTable(pupils: number): string {
	const rows: string[] = [];
	for (const [who, truthOf] of [
		['as presumed', () => HONEST],
		['other', someone]
	] as const)
		for (const correcting of [false, true]) {
			const seasons = Array.from({ length: pupils }, (_, i) =>
				season(truthOf(uniforms(77 + i)), i + 1, correcting)
			);
			for (let from = 0; from < BALLS; from += BLOCK) {
				const results = seasons.flatMap(({ results: all }) =>
					all.slice(from, from + BLOCK).filter((one) => one !== null)
				);
				const { rings, n } = calibrationOf(results.map(({ rank }) => rank));
				const score = results.reduce((sum, one) => sum + one.score, 0) / n;
				const held = rings.map(({ inside }) => percent(inside / n));
				const touched = seasons.filter(({ corrected }) =>
					corrected.some((at) => at <= from)
				).length;
				rows.push(
					`| ${who} | ${correcting ? 'yes' : 'no'} | ${from + 1}–${from + BLOCK} | ${held.join(' | ')} | ${score.toFixed(3)} | ${correcting ? percent(touched / pupils) : '–'} |`
				);
			}
		}
	return [
		`| pupils | corrected | balls | ${RINGS.map((ring) => `${percent(ring)} % ring`).join(' | ')} | energy score, m | corrected before, % |`,
		`|---|---|---|${RINGS.map(() => '---:').join('|')}|---:|---:|`,
		...rows
	].join('\n');
}
