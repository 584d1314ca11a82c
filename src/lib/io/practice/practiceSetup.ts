import { markAngle, nearestMark } from '$lib/core/player/swingLength';
import { drillScene } from '$lib/core/solve/drillScene';
import { shotOfSwing, shotToCarry, type Practiser } from '$lib/core/practice/practiseShot';
import { propose, type Proposal } from '$lib/core/practice/propose';
import { radians, type Metres } from '$lib/core/units';
import { clubToCore, toClub, type ClubDraft } from '../work/club';
import { rulesToCore, type DrillDraft } from './drill';
import { HOMEWORK_BALLS, type HomeworkCell } from './homework';
import { playerToCore } from '../work/player';
import { bagOf, carriesOf, clubsInBag, golferOf, type PupilFile } from '../work/pupil';
import { groundToCore, type Session, type SessionGround, type SessionTask } from './session';

export const coreClub = (club: ClubDraft) => clubToCore(toClub(club));

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

/** A slope along the line that somebody sees is off by so much, one standard deviation in percent; ours (assumption). */
const JUDGED_SLOPE = 1;

const PLAIN_GROUND: SessionGround = {
	name: '',
	greenId: null,
	stimpFeet: 10,
	firmness: 'medium',
	wet: false,
	toEdge: 2,
	room: 15,
	speedError: null,
	slopeAlong: 0,
	slopeError: JUDGED_SLOPE
};

/** A ground to begin with where nothing is known. */
export const plainGround = (): SessionGround => ({ ...PLAIN_GROUND });

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
