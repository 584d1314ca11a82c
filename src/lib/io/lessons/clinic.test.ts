import { describe, expect, it } from 'vitest';
import { block, lesson } from '../../../../tests/support/lessons';
import { beginBlock } from './lesson';
import {
	beginRound,
	countBall,
	endRounds,
	inTurn,
	noteTally,
	roundLeft,
	talliesOf,
	tallyOf
} from './clinic';
import { bringWords, dangerWords, tallyWords, unplayedWords, wayOutWords } from './clinicWords';
import { headingOf, movedTo, placeAt, turnedBy } from './stations';

const NOW = Date.UTC(2026, 10, 30, 9);
const MINUTE = 60_000;
const clinic = () =>
	lesson('clinic', {
		pupilIds: ['ida', 'marta', 'pell', 'tomas'],
		blocks: [
			block('talk', { kind: 'talk', minutes: 5 }),
			block('box', { minutes: 20 }),
			block('ladder', { minutes: 20 })
		],
		rounds: {
			grouping: 'mixed',
			walk: 2,
			groups: [
				['ida', 'tomas'],
				['marta', 'pell']
			],
			round: null
		}
	});

describe('a clinic that goes on', () => {
	it('counts balls of each pupil at each station, and knows whose turn it is', () => {
		let one = clinic();
		const hit = (pupil: string, good: boolean) =>
			(one = { ...one, tallies: countBall(one, 'box', pupil, good) });
		expect(inTurn(one, 'box', ['ida', 'tomas'])).toBe('ida');
		hit('ida', true);
		expect(inTurn(one, 'box', ['ida', 'tomas'])).toBe('tomas');
		hit('tomas', false);
		expect(inTurn(one, 'box', ['ida', 'tomas'])).toBe('ida');
		hit('ida', false);
		expect(tallyOf(one, 'box', 'ida')).toMatchObject({ balls: 2, good: 1 });
		expect(tallyOf(one, 'ladder', 'ida').balls).toBe(0);
		one = { ...one, tallies: noteTally(one, 'ladder', 'ida', 'Head still', true) };
		one = { ...one, tallies: noteTally(one, 'ladder', 'ida', 'Slower back', true) };
		expect(talliesOf(one, 'ida').map(({ title, tally }) => [title, tallyWords(tally)])).toEqual([
			['box', '2 balls, 1 as meant'],
			['ladder', 'Head still. Slower back']
		]);
		expect(talliesOf(one, 'pell')).toEqual([]);
	});

	it('keeps the clock of a round, and what was said before it', () => {
		const said = beginBlock(clinic(), 'talk', NOW);
		const round = beginRound(said, 0, NOW + 4 * MINUTE);
		expect(round.running).toBeNull();
		expect(round.blocks[0]).toMatchObject({ state: 'done', seconds: 240 });
		// 40 minutes for two stations and one walk of two.
		expect(roundLeft(round, NOW + 5 * MINUTE)).toBe(18 * 60);
		expect(roundLeft(round, NOW + 24 * MINUTE)).toBe(-60);
		const over = endRounds(beginRound(round, 1, NOW + 25 * MINUTE));
		expect(over.rounds?.round).toBeNull();
		expect(over.blocks.map(({ state, seconds }) => [state, seconds])).toEqual([
			['done', 240],
			['done', 1140],
			['done', 1140]
		]);
		expect(roundLeft(over, NOW)).toBe(0);
		expect(beginRound(lesson('alone'), 0, NOW).rounds).toBeUndefined();
	});
});

describe('stations on a map', () => {
	const place = placeAt(
		{ green: 0, ball: [1.234567, 2], heading: Math.PI / 2, place: 0 },
		'box',
		'g'
	);

	it('are kept to the centimetre, turned about their ball and moved with their line', () => {
		expect(place).toEqual({ id: 'box', greenId: 'g', ball: [1.23, 2], toward: [1.23, 8] });
		expect(headingOf(turnedBy(place, -Math.PI / 2))).toBeCloseTo(0, 2);
		expect(turnedBy(place, -Math.PI / 2).ball).toEqual(place.ball);
		expect(movedTo(place, [0, 0])).toMatchObject({ ball: [0, 0], toward: [0, 6] });
	});
});

describe('words of a clinic', () => {
	it('say what comes to whom, and what helps', () => {
		const danger = { from: 1, station: 0, walkingTo: null, share: 0.0042, most: 0.006 };
		expect(dangerWords(danger)).toBe(
			'About 4.2 of 1,000 balls of station 2 come to where station 1 stands.'
		);
		expect(dangerWords({ ...danger, share: 0.0002, most: 0.0013, walkingTo: 2 })).toBe(
			'Up to 1.3 of 1,000 balls of station 2 come to the way from station 1 to 3.'
		);
		expect(wayOutWords(0, -Math.PI / 9)).toBe('Turn station 1 20° to the right, as one hits.');
		expect(wayOutWords(0, null)).toContain('move it');
		expect(unplayedWords([2])).toContain('Station 2: no ball');
		expect(unplayedWords([1, 3])).toContain('Stations 1 and 3');
		expect(tallyWords({ balls: 1, good: 0, note: '' })).toBe('1 ball, 0 as meant');
	});

	it('list what to bring for the largest group', () => {
		const stations = [
			{ block: { title: 'Landing box' }, rules: { mark: 'box' } },
			{ block: { title: 'Matrix' }, rules: { mark: 'none' } }
		] as const;
		expect(bringWords(stations, [2, 3])).toEqual([
			'36 balls in all',
			'Landing box: 18 balls, four pegs or clubs for the landing box',
			'Matrix: 18 balls'
		]);
		expect(bringWords([], [2])).toEqual([]);
	});
});
