import { missExtras } from '$lib/core/lessons/missExtras';
import { createRng, type Rng } from '$lib/core/math/random';
import { expectedMisses } from '$lib/core/practice/expectedMisses';
import { habitsOf, type Miss } from '$lib/core/practice/habits';
import { hitBallsAs } from '$lib/core/practice/simulatedPupil';
import type { Skill } from '$lib/core/player/player';
import { proposedFor, type Known } from '$lib/io/lessons/proposal';
import { SHIPPED_DRILLS } from '$lib/io/practice/drill';
import { freshSession } from '$lib/io/practice/freshSession';
import { missKindsOf } from '$lib/io/practice/practiceStudy';
import { coreClub, plainGround, proposalFor } from '$lib/io/practice/practiceSetup';
import { groundToCore, taskOf, type Session } from '$lib/io/practice/session';
import { freshShot } from '$lib/io/work/freshShot';
import { profileOf } from '$lib/io/work/player';
import { playingOf } from '$lib/io/work/playing';
import { PLAIN_BALL, type Ball, type PupilFile } from '$lib/io/work/pupil';
import { shotRequest } from '$lib/io/work/shotRequest';
import { newPupilFile } from '$lib/store/shelves/newPupilFile';

/** What is wrong with a pupil: how a ball of theirs differs from one of the skill. */
interface Weakness {
	name: string;
	miss: Miss | null;
	/** Share of the balls it happens to. */
	share: number;
	/** Where such a ball lands, in carries of the one meant, and how far to the side, in carries, too. */
	carry: number;
	side: number;
	/** Whether somebody says of it how it was struck. */
	said: 'heavy' | 'thin' | null;
}

const WEAKNESSES: readonly Weakness[] = [
	{ name: 'none', miss: null, share: 0, carry: 1, side: 0, said: null },
	{
		name: 'one ball in four heavy',
		miss: 'heavy',
		share: 0.25,
		carry: 0.5,
		side: 0,
		said: 'heavy'
	},
	{ name: 'one ball in four thin', miss: 'thin', share: 0.25, carry: 1.25, side: 0, said: 'thin' },
	{ name: 'all land a fifth short', miss: 'short', share: 1, carry: 0.8, side: 0, said: null },
	{ name: 'all start to the left', miss: 'left', share: 1, carry: 1, side: -0.15, said: null }
];
const SKILLS: readonly Skill[] = ['middle', 'high'];
const DRILLS = ['rehearse-to-spot', 'sole-on-turf', 'landing-box', 'rehearse-to-spot'] as const;
/** A day's carries against what they are on average, one standard deviation. */
const OF_DAY = 0.04;
const DAY = 86_400_000;
const BEGIN = Date.parse('2026-09-01T10:00:00Z');
const FEW = 40;
const TRUE = { loft: 0, grip: 1, firmness: 0.5 };

/** One ball of a pupil whose weakness is known. */
function ballOf(
	seen: ReturnType<typeof hitBallsAs>[number],
	meant: number,
	weakness: Weakness,
	day: number,
	rng: Rng
): Pick<Ball, 'landed' | 'finished' | 'tags' | 'carry'> {
	const has = rng.uniform() < weakness.share;
	const along = seen.landed[0] * day * (has ? weakness.carry : 1);
	const right = seen.landed[1] + (has ? weakness.side * meant : 0);
	const run = [seen.finished[0] - seen.landed[0], seen.finished[1] - seen.landed[1]] as const;
	const met = has && weakness.said ? weakness.said : seen.contact;
	return {
		carry: Math.max(0.3, along),
		landed: [Math.max(0.3, along), right],
		finished: [along + run[0], right + run[1]],
		tags: [met === 'clean' ? 'good' : met]
	};
}

/** What somebody practised over some days. */
function practised(
	file: PupilFile,
	weakness: Weakness,
	rng: Rng
): { file: PupilFile; sessions: Session[] } {
	const balls: Ball[] = [];
	const ground = plainGround();
	const sessions = DRILLS.map((drillId, i) => {
		const drill = SHIPPED_DRILLS.find(({ id }) => id === drillId)!;
		const { tasks, mark } = proposalFor(drill, file, ground);
		const now = BEGIN + 7 * i * DAY;
		const turns = [{ pupilId: file.pupil.id, tasks: tasks.map(taskOf) }];
		const session = freshSession(`s${i}`, { drill, rules: drill.rules, ground, mark, turns }, now);
		const day = 1 + OF_DAY * rng.normal();
		for (const task of turns[0]!.tasks) {
			const club = file.clubs.find(({ id }) => id === task.clubId)!;
			const shot = { club: coreClub(club), flight: task.flight, shape: task.shape };
			const truth = { ...TRUE, technique: file.pupil.technique, ground: groundToCore(ground) };
			const hit = hitBallsAs(profileOf(file.pupil), shot, task.landing, task.balls + 4, truth, rng);
			for (const seen of hit)
				balls.push({
					...PLAIN_BALL,
					...ballOf(seen, task.landing, weakness, day, rng),
					id: `b${balls.length}`,
					pupilId: file.pupil.id,
					clubId: task.clubId,
					sessionId: session.id,
					at: new Date(now + balls.length * 60_000).toISOString(),
					swing: task.swing,
					flight: task.flight,
					shape: task.shape,
					meant: task.landing,
					source: 'touched',
					swingFrom: 'assumed'
				});
		}
		return { ...session, endedAt: new Date(now + 3_600_000).toISOString() };
	});
	return { file: { ...file, balls }, sessions };
}

const SHOTS = [
	{ lie: 'fairway', toEdge: 4, edgeToPin: 10, beyondPin: 8 },
	{ lie: 'semi-rough', toEdge: 5, edgeToPin: 8, beyondPin: 8 },
	{ lie: 'fairway', toEdge: 12, edgeToPin: 8, beyondPin: 8 }
] as const;

/** What misses cost a pupil of a skill, whatever they practised: asked once. */
async function extrasFor(file: PupilFile) {
	const who = playingOf(file);
	const asked = SHOTS.map((situation) => {
		const shot = freshShot(file.pupil.id);
		const asked = { ...shot, situation: { ...shot.situation, ...situation } };
		return shotRequest(asked, who, FEW, 3);
	});
	return Promise.all(asked.map(missExtras));
}

/** How often a proposal names a weakness, and another one, of so many pupils of each kind. */
export async function proposalsTable(pupils: number): Promise<string> {
	const rows: string[] = [];
	for (const skill of SKILLS) {
		const plain = newPupilFile('Somebody');
		const base = { ...plain, pupil: { ...plain.pupil, skill } };
		const extras = await extrasFor(base);
		for (const [kind, weakness] of WEAKNESSES.entries()) {
			let named = 0;
			let other = 0;
			for (let i = 0; i < pupils; i++) {
				const rng = createRng(1000 * kind + i + (skill === 'high' ? 50_000 : 0));
				const { file, sessions } = practised(base, weakness, rng);
				const kinds = [...missKindsOf(file, sessions, (at) => at.slice(0, 10))];
				const habits = habitsOf(
					kinds.flatMap(({ balls }) => balls),
					expectedMisses(kinds, 11)
				);
				const known: Known = {
					file,
					sessions,
					homework: [],
					lessons: [],
					habits,
					gains: [],
					reading: [],
					extras,
					day: '2026-10-01',
					dayOf: (at) => at.slice(0, 10)
				};
				const told = proposedFor(known, 45).flatMap(({ about }) =>
					about.kind === 'habit' ? about.habit.miss : []
				);
				if (weakness.miss !== null && told.includes(weakness.miss)) named++;
				else if (told.length > 0) other++;
			}
			rows.push(
				`| ${skill} | ${weakness.name} | ${weakness.miss === null ? '–' : `${named} of ${pupils}`} | ${other} of ${pupils} |`
			);
			console.error(rows.at(-1));
		}
	}
	return [
		'| skill | what is wrong | named | another told |',
		'| --- | --- | --- | --- |',
		...rows
	].join('\n');
}
