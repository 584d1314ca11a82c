import { describe, expect, it } from 'vitest';
import { block, lesson } from '../../../../tests/support/lessons';
import { dealIn, dealt, hasRounds, roundsOf, stationsOf, withoutGroup } from './rounds';

const PUPILS = ['a', 'b', 'c', 'd', 'e'];
const skill = (id: string) => PUPILS.indexOf(id);
const talk = block('talk', { kind: 'talk', minutes: 10 });
const stations = ['box', 'ladder', 'holed'].map((id) => block(id, { minutes: 20 }));
const clinic = () => lesson('l', { pupilIds: PUPILS, blocks: [talk, ...stations], time: '10:00' });

describe('the rounds of a group', () => {
	it('are there for four pupils and two stations', () => {
		expect(hasRounds(clinic())).toBe(true);
		expect(hasRounds({ ...clinic(), pupilIds: ['a', 'b', 'c'] })).toBe(false);
		expect(hasRounds({ ...clinic(), blocks: [talk, stations[0]!] })).toBe(false);
		const without = [{ ...stations[0]!, state: 'skipped' as const }, ...stations.slice(1), talk];
		expect(stationsOf({ blocks: without }).map(({ id }) => id)).toEqual(['ladder', 'holed']);
		expect(roundsOf(clinic()).rounds).toEqual([]);
	});

	it('send everybody to each station once, in the time there is', () => {
		const one = { ...clinic(), rounds: dealt(clinic(), skill, 'mixed') };
		const { minutes, rounds } = roundsOf(one);
		expect(minutes).toBe(18);
		expect(rounds.map(({ from, to }) => `${from} ${to}`)).toEqual([
			'10:10 10:28',
			'10:30 10:48',
			'10:50 11:08'
		]);
		for (const id of PUPILS) {
			const seen = rounds.map(({ at }) => at.findIndex((group) => group.includes(id)));
			expect([...seen].sort()).toEqual([0, 1, 2]);
		}
		for (const { at } of rounds) expect(at.flat().sort()).toEqual(PUPILS);
	});

	it('take a late-comer in and let go who does not come, without anybody changing groups', () => {
		const rounds = dealt({ ...clinic(), pupilIds: PUPILS.slice(0, 4) }, skill, 'alike');
		const late = { ...clinic(), rounds };
		expect(withoutGroup(late)).toEqual(['e']);
		const after = dealIn(rounds, 'e', skill);
		expect(after.groups.map((group) => group.filter((id) => id !== 'e'))).toEqual(rounds.groups);
		expect(withoutGroup({ ...late, rounds: after })).toEqual([]);
		const gone = { ...late, pupilIds: ['a', 'b', 'c', 'e'], rounds: after };
		expect(roundsOf(gone).rounds[0]!.at.flat().sort()).toEqual(['a', 'b', 'c', 'e']);
	});

	it('stay whole when a station is taken out: two groups share one', () => {
		const rounds = dealt(clinic(), skill, 'mixed');
		const two = { ...clinic(), rounds, blocks: [talk, ...stations.slice(0, 2)] };
		for (const { at } of roundsOf(two).rounds) expect(at.flat().sort()).toEqual(PUPILS);
	});
});
