import { describe, expect, it } from 'vitest';
import { question as ask } from '../../../../tests/support/scenes';
import { localSampler } from '$lib/core/plan/race/localSampler';
import { plan } from '$lib/core/plan/plan';
import { firstAnswer } from '$lib/core/plan/firstAnswer';
import { choicesOfLadder, choicesOfPlan, type Choice } from './choices';
import { callWords, choiceWords, spokenCall } from './callWords';

const question = ask(
	{ toEdge: 3, edgeToPin: 9, fringe: 'grainy', slopeAcross: 1 },
	{},
	{ samples: 60 }
);

const say = (metres: number) => `${metres.toFixed(1)} m`;
const WHO = { pace: 0.9 };
const place = { toEdge: 3, pin: 12 };

describe('choices', () => {
	it('keep their keys when the strokes come in', async () => {
		const first = choicesOfLadder(firstAnswer(question));
		const ranked = choicesOfPlan(await plan(question, localSampler(question)));
		const keys = new Set(first.map(({ key }) => key));
		const pinned = ranked.filter(
			({ option }) => !option!.candidate.safe && !option!.candidate.against
		);
		expect(pinned.every(({ key }) => keys.has(key))).toBe(true);
		expect(new Set(ranked.map(({ key }) => key)).size).toBe(ranked.length);
		expect(choicesOfLadder(null)).toEqual([]);
	});
});

describe('the call', () => {
	const choices = choicesOfLadder(firstAnswer(question));
	const find = (flight: string, club: string): Choice =>
		choices.find(
			({ candidate: { play } }) =>
				play.flight === flight && play.club.name === club && play.shape === 'straight'
		)!;

	it('is club, landing spot, swing and aim', () => {
		const words = callWords(find('standard', 'PW'), place, say, WHO);
		expect(words.club).toMatch(/^PW standard/);
		expect(words.landing).toMatch(/^land it \d\.\d m on$/);
		expect(words.ratio).toMatch(/^1\s:\s\d/);
		const chip = find('standard', 'PW');
		expect(callWords(chip, place, say, { ...WHO, ratios: 'share' }).ratio).toMatch(/ in the air$/);
		expect(words.swing).toMatch(/^swing (to|under) /);
		// It falls to the right: aim left.
		expect(words.aim).toMatch(/^aim \d\.\d m left$/);
	});

	it('says how far on or short it lands, and of neither where nobody can tell', () => {
		const chip = find('standard', 'PW');
		const landing = (landingX: number) => {
			const outcome = { ...chip.candidate.solution.outcome, landingX };
			const candidate = { ...chip.candidate, solution: { ...chip.candidate.solution, outcome } };
			return callWords({ ...chip, candidate }, place, say, WHO).landing;
		};
		expect(landing(3.5)).toBe('land it 0.5 m on');
		expect(landing(2.5)).toBe('land it 0.5 m short of the green');
		for (const near of [2.91, 3, 3.09])
			expect(landing(near)).toBe('land it on the edge of the green');
	});

	it('names a safer place than the pin', () => {
		const pitch = find('standard', 'PW');
		const safer = {
			...pitch,
			candidate: { ...pitch.candidate, target: 14, safe: true }
		};
		expect(choiceWords(safer, 12, say)).toBe('PW standard, 2.0 m past');
		const beside = (side: number) => ({ candidate: { ...safer.candidate, target: 12.25, side } });
		expect(choiceWords(beside(-1.2), 12, say)).toBe('PW standard, 1.2 m left');
		expect(choiceWords(beside(1.2), 12, say)).toBe('PW standard, 1.2 m right');
		expect(choiceWords(beside(0.1), 12, say)).toBe('PW standard, a touch past');
		expect(callWords(safer, place, say, WHO).aim).toContain('to end 2.0 m past');
		const past = (target: number) =>
			callWords({ ...safer, candidate: { ...safer.candidate, target } }, place, say, WHO).aim;
		expect(past(12.7)).not.toContain('to end');
		expect(past(12.8)).toContain('to end 0.8 m past');
	});

	it('rolls a putt all the way', () => {
		const smooth = ask({ toEdge: 2, edgeToPin: 8, fringe: 'smooth' });
		const putt = choicesOfLadder(firstAnswer(smooth)).find(
			({ candidate }) => candidate.play.flight === 'putt'
		)!;
		expect(callWords(putt, { toEdge: 2, pin: 10 }, say, WHO)).toMatchObject({
			landing: 'roll it all the way',
			ratio: '',
			swing: 'long putting stroke',
			aim: 'at the pin'
		});
		const short = { ...putt, candidate: { ...putt.candidate, target: 7 } };
		expect(callWords(short, { toEdge: 2, pin: 10 }, say, WHO)).toMatchObject({
			landing: 'roll it',
			aim: 'to end 3.0 m short'
		});
	});

	it('speaks the pupil’s language of swing lengths', () => {
		const pitch = find('standard', 'PW');
		const swing = (vocabulary: 'clock' | 'body' | 'shape', name: string) =>
			callWords({ ...pitch, swing: { ...pitch.swing, vocabulary, name } }, place, say, WHO).swing;
		expect(swing('clock', '8')).toBe('swing to 8 o’clock');
		expect(swing('clock', '8:30')).toBe('swing to 8:30');
		expect(swing('body', 'hip')).toBe('hands to the hip');
		expect(swing('body', 'hip to ribs')).toBe('hands between hip and ribs');
		expect(swing('shape', 'L')).toBe('swing to L');
	});
});

it('is said aloud with short names and units in full', () => {
	expect(
		spokenCall({
			club: 'SW low',
			landing: 'land it 2.5 m on',
			ratio: '1\u00a0:\u00a02.3',
			swing: 'to 9 o’clock',
			aim: 'at the pin'
		})
	).toBe('sand wedge low. land it 2.5 metres on. 1 to 2.3. to 9 o’clock. at the pin.');
	expect(
		spokenCall({ club: '7i', landing: 'land it 3 yd on', ratio: '', swing: 'hip', aim: '' })
	).toBe('7 iron. land it 3 yards on. hip.');
});
