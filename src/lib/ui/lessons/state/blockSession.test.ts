import { describe, expect, it } from 'vitest';
import { block, lesson } from '../../../../../tests/support/lessons';
import { demo, demoFiles } from '../../../../../tests/support/archives';
import { SHIPPED_DRILLS } from '$lib/io/practice/drill';
import { plainGround } from '$lib/io/practice/practiceSetup';
import type { GreenBook } from '$lib/store/shelves/greens';
import { groundFor, sessionOfBlock } from './blockSession';
import { shotsOf } from './proposalStudy.svelte';

const files = demoFiles();
const [ida, marta] = ['pupil-ida', 'pupil-marta'].map((id) =>
	files.find(({ pupil }) => pupil.id === id)!
);
const drill = (id: string) => SHIPPED_DRILLS.find((one) => one.id === id)!;
const NOW = Date.parse('2026-10-20T10:00:00Z');

describe('the session of a block', () => {
	it('is laid out for everybody, at the mark of the first, with the balls that were said', () => {
		const asked = block('Box', { balls: 10 });
		const session = sessionOfBlock(
			's',
			asked,
			drill('landing-box'),
			[ida!, marta!],
			plainGround(),
			NOW
		);
		expect(session).toMatchObject({ id: 's', name: 'Box', drillId: 'landing-box', endedAt: null });
		expect(session.turns.map(({ pupilId }) => pupilId)).toEqual(['pupil-ida', 'pupil-marta']);
		for (const { tasks } of session.turns) {
			expect(tasks.reduce((sum, { balls }) => sum + balls, 0)).toBe(10);
			for (const { landing } of tasks) expect(landing).toBeCloseTo(session.mark, 0);
		}
		const usual = sessionOfBlock(
			's',
			block('Box'),
			drill('landing-box'),
			[ida!],
			plainGround(),
			NOW
		);
		expect(usual.turns[0]!.tasks.every(({ balls }) => balls === 4)).toBe(true);
	});

	it('asks for the swings that a block measures', () => {
		const cells = [{ clubId: 'ida-sw', swing: '9', flight: 'standard' as const, balls: 8 }];
		const session = sessionOfBlock(
			's',
			block('M', { cells }),
			drill('swing-matrix'),
			[ida!],
			plainGround(),
			NOW
		);
		expect(session.turns[0]!.tasks).toMatchObject([{ clubId: 'ida-sw', swing: '9', balls: 8 }]);
		expect(session.mark).toBeCloseTo(session.turns[0]!.tasks[0]!.landing, 6);
		expect(session.rules.swings.kind).toBe('lengths');
	});

	it('says so where nobody can hit it', () => {
		const empty = { ...ida!, clubs: [] };
		expect(() =>
			sessionOfBlock('s', block('Box'), drill('landing-box'), [empty], plainGround(), NOW)
		).toThrow('No club of this pupil has room here');
	});

	it('lies on the lesson’s green with its newest reading, else where one stands', () => {
		const archive = demo();
		const greens = archive.greens.map((green) => ({
			green,
			readings: archive.readings
				.filter(({ greenId }) => greenId === green.id)
				.sort((a, b) => b.takenAt.localeCompare(a.takenAt))
		})) as unknown as GreenBook[];
		const on = groundFor(lesson('l', { greenIds: ['green-kiln'] }), greens, NOW);
		const kiln = greens.find(({ green }) => green.id === 'green-kiln')!;
		expect(on).toMatchObject({ greenId: 'green-kiln', stimpFeet: kiln.readings[0]!.stimpFeet });
		expect(groundFor(lesson('l', { greenIds: [] }), [], NOW)).toEqual(plainGround());
	});
});

describe('the shots that tell what a pupil meets', () => {
	it('are the pupil’s own, saved and played to an end, the latest first', () => {
		const shot = (pupilId: string, toEdge: number) => ({ pupilId, situation: { toEdge } }) as never;
		const saved = [
			{ savedAt: '2026-10-02T00:00:00.000Z', shot: shot('ida', 2) },
			{ savedAt: '2026-10-09T00:00:00.000Z', shot: shot('pell', 9) }
		];
		const play = (at: string, toEdge: number, finished?: [number, number]) =>
			({ at, pupilId: 'ida', holed: false, finished, shot: shot('ida', toEdge) }) as never;
		const found = shotsOf(
			saved,
			[
				play('2026-10-05T00:00:00.000Z', 5, [1, 0]),
				play('2026-10-06T00:00:00.000Z', 6),
				play('2026-10-01T00:00:00.000Z', 1, [1, 0])
			],
			'ida'
		);
		expect(found.map(({ situation }) => situation.toEdge)).toEqual([5, 2, 1]);
	});
});
