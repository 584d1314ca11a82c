import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { surfaceOf } from '$lib/core/green/surface';
import { createHeightField } from '$lib/core/green/heightGrid';
import { localSampler } from '$lib/core/plan/race/localSampler';
import { plan } from '$lib/core/plan/plan';
import { Question } from '$lib/core/plan/question/question';
import { DRILL_IDS } from '$lib/core/practice/drills';
import { studyRolls } from '$lib/core/practice/rollStudy';
import { radians, toPercent } from '$lib/core/units';
import { parseArchive } from '$lib/io/archive/archive';
import { asRead } from '$lib/io/archive/version1';
import { greenToCore, type GreenWire } from '$lib/io/work/green';
import { playingOf } from '$lib/io/work/playing';
import { rollQuestion } from '$lib/io/practice/practiceStudy';
import { fileOf } from '$lib/io/work/pupil';
import { placeOn, readLine } from '$lib/io/work/placedShot';
import type { SavedShot } from '$lib/io/work/shot';
import { shotRequest } from '$lib/io/work/shotRequest';

const parsed = parseArchive(readFileSync('static/demo/quarry-academy.json', 'utf8'));
if ('problems' in parsed) throw new Error(parsed.problems.join('\n'));
const archive = asRead(parsed.archive);
const { shots, greens, readings } = archive;

const greenOf = (id: string): GreenWire => greens.find((green) => green.id === id)!;
const placed = shots.filter(({ shot }) => shot.place !== undefined);

/** Heights of a green's surface at its own spots: what a coach would feel underfoot. */
function heights(green: GreenWire): number[] {
	const field = createHeightField(surfaceOf(greenToCore(green)).grid);
	return green.pins.map(({ at }) => field.height(...at));
}

function planned({ shot }: SavedShot) {
	const survey = shot.place
		? placeOn(greenToCore(greenOf(shot.place.greenId)), shot.place)
		: { problem: null, survey: undefined };
	if (survey.problem !== null) throw new Error(survey.problem);
	const playing = playingOf(fileOf(archive, shot.pupilId)!);
	const question = new Question(shotRequest(shot, playing, 40, 1, survey.survey));
	return plan(question, localSampler(question));
}

describe('the demo', () => {
	it('has three greens of different character, read several times', () => {
		expect(greens).toHaveLength(3);
		for (const { id } of greens)
			expect(readings.filter(({ greenId }) => greenId === id).length).toBeGreaterThan(2);
		const [kiln, ledge, heap] = ['green-kiln', 'green-ledge', 'green-spoil-heap'].map((id) =>
			greenOf(id)
		);
		const range = (green: GreenWire) => Math.max(...heights(green)) - Math.min(...heights(green));
		expect(range(ledge!)).toBeLessThan(0.25);
		expect(range(heap!)).toBeGreaterThan(0.4);
		const collar = surfaceOf(greenToCore(kiln!));
		expect(collar.height(8, 8) - collar.height(8, 18)).toBeGreaterThan(0.4);
	});

	it('has no reading that contradicts its neighbours', () => {
		for (const green of greens) {
			const residuals = surfaceOf(greenToCore(green)).fit!.residuals();
			expect(
				residuals.filter(({ bad }) => bad),
				green.name
			).toEqual([]);
		}
	});

	it('keeps placed shots as they read off the map', () => {
		expect(placed.length).toBeGreaterThanOrEqual(9);
		for (const { name, shot } of placed) {
			const found = placeOn(greenToCore(greenOf(shot.place!.greenId)), shot.place!);
			if (found.problem !== null) throw new Error(`${name}: ${found.problem}`);
			const situation = structuredClone(shot.situation);
			readLine(situation, found.line);
			expect(situation, name).toEqual(shot.situation);
		}
	});

	it.each(shots.map((saved) => [saved.name, saved] as const))(
		'has a believable call for %s',
		async (_, saved) => {
			const { options, why } = await planned(saved);
			const best = options[0];
			expect(best).toBeDefined();
			expect(why.length).toBeGreaterThan(0);
			const { expectedStrokes, chances } = best!.statistics;
			expect(expectedStrokes).toBeGreaterThan(1.9);
			expect(expectedStrokes).toBeLessThan(3.9);
			expect(chances.hazard).toBeLessThan(0.35);
			const { landingX } = best!.candidate.solution.outcome;
			const { toEdge, edgeToPin } = saved.shot.situation;
			const { play, against } = best!.candidate;
			if (play.flight !== 'putt' && against?.code !== 'shortOfGreen')
				expect(landingX).toBeGreaterThan(toEdge);
			expect(landingX).toBeLessThan(toEdge + edgeToPin + 3);
			expect(Math.abs(toPercent(best!.aimOffset / (toEdge + edgeToPin)))).toBeLessThan(45);
		}
	);

	it('has weeks of sessions for five pupils, whose balls belong to them and to a club of theirs', () => {
		const { sessions, balls, homework } = archive;
		const practised = balls.filter(({ sessionId }) => sessionId !== undefined);
		expect(practised.length).toBeGreaterThan(300);
		expect(new Set(practised.map(({ pupilId }) => pupilId)).size).toBeGreaterThan(4);
		for (const ball of practised) {
			const session = sessions.find(({ id }) => id === ball.sessionId)!;
			expect(session.turns.map(({ pupilId }) => pupilId)).toContain(ball.pupilId);
			expect(fileOf(archive, ball.pupilId)!.clubs.map(({ id }) => id)).toContain(ball.clubId);
			expect(ball.at > session.startedAt && ball.at <= session.endedAt!).toBe(true);
		}
		const days = sessions.map(({ startedAt }) => startedAt).sort();
		expect(Date.parse(days.at(-1)!) - Date.parse(days[0]!)).toBeGreaterThan(3 * 7 * 86_400_000);
		expect(new Set(sessions.map(({ drillId }) => drillId)).size).toBe(DRILL_IDS.length);
		expect(homework.map(({ pupilId }) => fileOf(archive, pupilId)!.pupil.name)).toEqual([
			'Pell Draycott',
			'Marta Oduya'
		]);
	});

	it('has a pupil who delivers less loft than the club says, as the balls tell', () => {
		const file = fileOf(archive, 'pupil-ida')!;
		const session = archive.sessions.find(({ id }) => id === 'session-3')!;
		const balls = file.balls.filter(({ sessionId }) => sessionId === session.id);
		const { fit } = studyRolls(rollQuestion(session, file, balls));
		expect(fit.status).toBe('found');
		expect(fit.loft.standard!.value).toBeLessThan(radians(-1));
		expect(fit.loft.standard!.told).toBe(true);
	});
});
