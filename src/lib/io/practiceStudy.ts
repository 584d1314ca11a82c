import { clubToCore, toClub, type ClubDraft } from './club';
import { rulesToCore } from './drill';
import { dispersionOf, playerToCore } from './player';
import { HOMEWORK_BALLS, type HomeworkCell } from './homework';
import { bagOf, carriesOf, clubsInBag, golferOf, type Ball, type PupilFile } from './pupil';
import { groundToCore, isOf, practisedOf, type Session, type SessionTask } from './session';
import { PROFILE } from '$lib/core/player/player';
import type { MissedBall } from '$lib/core/practice/habits';
import type { Proposal } from '$lib/core/practice/propose';
import { propose } from '$lib/core/practice/propose';
import { drillScene } from '$lib/core/practice/drillScene';
import {
	loftPull,
	shotOfSwing,
	shotToCarry,
	type Practiser
} from '$lib/core/practice/practiseShot';
import { ownSpreadOf, type OwnSpread, type SpreadGroup } from '$lib/core/practice/ownSpread';
import type { RollQuestion } from '$lib/core/practice/rollStudy';
import { wildBalls } from '$lib/core/practice/grouping';
import { markAngle, nearestMark } from '$lib/core/player/swingLength';
import type { CarryCell } from '$lib/core/player/carryTable';
import type { CarryFlight } from '$lib/core/solve/measuredSwings';
import { flightSetup } from '$lib/core/setup/flights';
import { CENTIMETRE, degrees, radians, toPercent, type Metres } from '$lib/core/units';
import type { DrillDraft } from './drill';
import type { SessionGround } from './session';

const coreClub = (club: ClubDraft) => clubToCore(toClub(club));

const known = new WeakMap<PupilFile, Practiser>();

/** A pupil as practice needs them; worked out once for as long as their file stays the same. */
export function practiserOf(file: PupilFile): Practiser {
	const found = known.get(file) ?? playerToCore(golferOf(file), bagOf(file.clubs).map(clubToCore));
	known.set(file, found);
	return found;
}

/** The balls of a drill for a pupil on a ground. */
export const proposalFor = (
	{ rules }: Pick<DrillDraft, 'rules'>,
	file: PupilFile,
	ground: SessionGround,
	mark?: Metres
): Proposal =>
	propose(
		rulesToCore(rules),
		bagOf(file.clubs).map(clubToCore),
		practiserOf(file),
		file.pupil.vocabulary,
		groundToCore(ground),
		mark
	);

/** How far a task's ball rolls by the model when it lands there; null where it cannot be carried so far. */
export function rollFrom(
	task: SessionTask,
	carry: Metres,
	session: Pick<Session, 'ground'>,
	file: PupilFile
): Metres | null {
	const club = file.clubs.find(({ id }) => id === task.clubId);
	if (!club || !(carry > 0)) return null;
	const { flight, shape } = task;
	const scene = drillScene(groundToCore(session.ground));
	const shot = { club: coreClub(club), flight, shape };
	return shotToCarry(shot, carry, scene, practiserOf(file))?.roll ?? null;
}

/** Balls of sessions by the kind they were of; in the order they come. */
function kinds(balls: readonly Ball[]): Ball[][] {
	const found: Ball[][] = [];
	for (const ball of balls) {
		const kind = found.find(([first]) => first!.sessionId === ball.sessionId && isOf(first!, ball));
		if (kind) kind.push(ball);
		else found.push([ball]);
	}
	return found;
}

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
	const { technique, hand, skill } = file.pupil;
	return {
		rolled,
		ground: groundToCore(session.ground),
		who: { technique, hand, strength: PROFILE[skill].strength },
		bag: bagOf(file.clubs).map(clubToCore)
	};
}

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
		...groundToCore(PLAIN_GROUND),
		toEdge: 0
	});
	const groups = kinds(balls).flatMap((kind): SpreadGroup[] => {
		const [first] = kind;
		const club = clubs.find(({ id }) => id === first!.clubId);
		if (!club) return [];
		const { flight, shape } = first!;
		const carry = kind.reduce((sum, ball) => sum + ball.carry, 0) / kind.length;
		const played = { club: coreClub(club), flight, shape };
		const shot = shotToCarry(played, carry, scene, who);
		if (!shot) return [];
		const { risk } = flightSetup(flight, pupil.technique);
		return [
			{
				balls: kind.map(practisedOf),
				speed: shot.speed,
				loftPull: loftPull(played, shot.speed, scene, who),
				risk,
				tagged: tagged.has(first!.sessionId)
			}
		];
	});
	return ownSpreadOf(groups, dispersionOf({ skill: pupil.skill }));
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

const PLAIN_GROUND: SessionGround = {
	name: '',
	greenId: null,
	stimpFeet: 10,
	firmness: 'medium',
	wet: false,
	toEdge: 2,
	room: 15,
	slopeAlong: 0
};

/** A ground to begin with where nothing is known. */
export const plainGround = (): SessionGround => ({ ...PLAIN_GROUND });

/** The balls of a pupil's sessions as misses are counted. */
export function missedBalls(
	file: PupilFile,
	sessions: readonly Session[],
	dayOf: (at: string) => string
): MissedBall[] {
	const tolerance = new Map(sessions.map(({ id, rules }) => [id, rules]));
	return fromSession(file.balls).map((ball) => {
		const rules = tolerance.get(ball.sessionId!);
		return {
			...practisedOf(ball),
			// Where nothing but the end was meant, a short landing is no miss.
			meant:
				rules && (rules.measure === 'finish' || rules.measure === 'strokes')
					? null
					: (ball.meant ?? null),
			lie: ball.lie,
			day: dayOf(ball.at),
			meantRoll: ball.meantRoll ?? null,
			tolerance: rules?.tolerance ?? 1
		};
	});
}

/** A cell of the carry table before and after a session's balls count. */
export interface CellChange {
	club: string;
	swing: string;
	flight: CarryFlight;
	before: CarryCell<CarryFlight> | null;
	after: CarryCell<CarryFlight> | null;
	/** Whether it counts now. */
	counts: boolean;
}

/** One length of swing is one cell, in whatever words it was said. */
const cellKey = ({ club, swing, flight }: Pick<CarryCell, 'club' | 'swing' | 'flight'>): string =>
	`${club}/${markAngle(swing).toFixed(4)}/${flight}`;
export const cellKeyOfBall = (ball: Pick<Ball, 'clubId' | 'swing' | 'flight'>): string =>
	cellKey({ ...ball, club: ball.clubId });
export const keyOfChange = (change: CellChange): string => cellKey(change);

/** What a session's balls change in a pupil's table, cell by cell, in the order they were hit. */
export function changesOf(file: PupilFile, balls: readonly Ball[]): CellChange[] {
	const ids = new Set(balls.map(({ id }) => id));
	const others = file.balls.filter(({ id }) => !ids.has(id));
	const table = (own: readonly Ball[]) => carriesOf({ ...file, balls: [...others, ...own] });
	const before = table([]);
	const after = table(balls.map((ball) => ({ ...ball, counts: true })));
	const keys = [...new Set(balls.map(cellKeyOfBall))];
	return keys.flatMap((key): CellChange[] => {
		const ball = balls.find((one) => cellKeyOfBall(one) === key)!;
		const then = after.find((cell) => cellKey(cell) === key) ?? null;
		if (!then) return [];
		return [
			{
				club: ball.clubId,
				swing: ball.swing,
				flight: ball.flight,
				before: before.find((cell) => cellKey(cell) === key) ?? null,
				after: then,
				counts: balls.some((one) => cellKeyOfBall(one) === key && one.counts)
			}
		];
	});
}

/** Lengths of swing that homework is made of: shaft level or so, lead arm level, and past it. */
const HOMEWORK_ANGLES = [60, 90, 120].map(radians);
/** Two clubs and two lengths. */
const HOMEWORK_SIDE = 2;

/** Every pair of a row. */
const pairs = <T>(row: readonly T[]): T[][] =>
	row.flatMap((one, i) => row.slice(i + 1).map((other) => [one, other]));

/** The homework to give with one touch: two wedges with two lengths each, where the pupil's table is thinnest. */
export function thinnestCells(file: PupilFile): HomeworkCell[] {
	const { vocabulary } = file.pupil;
	const cells = carriesOf(file);
	const wedges = clubsInBag(file.clubs).filter(({ kind }) => kind === 'wedge');
	const marks = [...new Set(HOMEWORK_ANGLES.map((angle) => nearestMark(angle, vocabulary).name))];
	const known = (clubId: string, swing: string) =>
		cells.find(
			(cell) =>
				cell.club === clubId &&
				cell.flight === 'standard' &&
				Math.abs(cell.angle - markAngle(swing)) < 1e-6
		)?.n ?? 0;
	const grids = (wedges.length < HOMEWORK_SIDE ? [wedges] : pairs(wedges)).flatMap((clubs) =>
		pairs(marks).map((swings) =>
			clubs.flatMap(({ id: clubId }) => swings.map((swing) => ({ clubId, swing })))
		)
	);
	const balls = (grid: (typeof grids)[number]) =>
		grid.reduce((sum, { clubId, swing }) => sum + known(clubId, swing), 0);
	const thinnest = grids.reduce<(typeof grids)[number]>(
		(best, grid) => (best.length === 0 || balls(grid) < balls(best) ? grid : best),
		[]
	);
	return thinnest.map((cell) => ({ ...cell, flight: 'standard', balls: HOMEWORK_BALLS }));
}

/** The balls of a homework as tasks of a session; cells of clubs that are gone are left out. */
export function homeworkTasks(
	cells: readonly HomeworkCell[],
	file: PupilFile,
	ground: SessionGround
): SessionTask[] {
	const who = practiserOf(file);
	const scene = drillScene(groundToCore(ground));
	return cells.flatMap(({ clubId, swing, flight, balls }): SessionTask[] => {
		const club = file.clubs.find(({ id }) => id === clubId);
		if (!club) return [];
		const shot = { club: coreClub(club), flight, shape: 'straight' } as const;
		const { carry, roll } = shotOfSwing(shot, markAngle(swing), scene, who);
		return [
			{ clubId, swing, flight, shape: 'straight', balls, landing: carry, finish: carry + roll }
		];
	});
}
