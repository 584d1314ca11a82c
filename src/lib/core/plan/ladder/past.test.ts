import { describe, expect, it, vi } from 'vitest';
import { question as ask } from '../../../../../tests/support/scenes';
import { possiblePlays } from './possiblePlays';
import { playable } from './past';
import { rejectCandidate, solveCandidate, type Candidate } from './candidate';

const question = ask({ toEdge: 6, edgeToPin: 4, beyondPin: 60 });
const [play] = possiblePlays(question.request.bag, question.situation).filter(
	({ club, flight, shape }) => club.name === '7i' && flight === 'standard' && shape === 'straight'
);

describe('a play for another place', () => {
	const candidate = solveCandidate(question, play!);
	const notClear = { code: 'notClear', hazard: 'water', by: 0.1 } as const;
	const at = (by: number, against: Candidate['against']) =>
		playable(question, { ...candidate, against }, question.target + by);

	it('is none where something speaks against it', () => {
		expect(rejectCandidate(question, candidate)?.code).toBe('shortOfGreen');
		expect(at(0.5, null)).toBeNull();
		const longer = at(25, null);
		expect(longer?.against).toBeNull();
		expect(longer?.target).toBe(question.target + 25);
	});

	it('is, of one that works nowhere, the same with no worse against it there', () => {
		expect(at(0.5, notClear)?.against?.code).toBe('shortOfGreen');
		expect(at(0.5, rejectCandidate(question, candidate))?.against?.code).toBe('shortOfGreen');
		expect(at(25, notClear)?.against).toBeNull();
		const far = ask({ toEdge: 6, edgeToPin: 4, beyondPin: 60 }, { skill: 'high' });
		expect(playable(far, { ...solveCandidate(far, play!), against: notClear }, 200)).toBeNull();
	});

	it('is not looked for from nothing once more where that was just done', () => {
		// Nothing stops on this slope: a guess leads nowhere, and everything has been looked through then.
		const steep = ask({ toEdge: 3, edgeToPin: 8, slopeAlong: -20, slopeAcross: 3 });
		const lost = solveCandidate(steep, play!);
		expect(lost.solution).toMatchObject({ status: 'noStop', searched: true });
		const solved = vi.spyOn(steep, 'fastest');
		expect(playable(steep, lost, steep.target + 2)).toBeNull();
		expect(solved).toHaveBeenCalledTimes(1);
	});
});
