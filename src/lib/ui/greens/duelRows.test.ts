import { describe, expect, it } from 'vitest';
import type { DuelSide } from '$lib/ui/greens/state/pinDuel.svelte';
import { duelCall, duelRows } from './duelRows';

const say = (metres: number) => `${metres.toFixed(1)} m`;

describe('two pins', () => {
	const side = (strokes: number): DuelSide => ({
		toEdge: 3,
		pin: 12,
		problem: null,
		best: {
			key: 'k',
			aimOffset: -0.4,
			swing: {} as never,
			setup: {} as never,
			candidate: {
				play: {
					club: { id: 'GW', name: 'SW', loft: 1, bounce: 0.1, putter: false },
					flight: 'standard',
					faceOpen: 0,
					shape: 'straight'
				},
				solution: { outcome: { landingX: 4.2 } }
			} as never,
			option: {
				statistics: {
					expectedStrokes: strokes,
					leave: { median: 1.5, p90: 4 },
					chances: { upAndDown: 0.44, missGreen: 0.02, hazard: 0, fourOrMore: 0.1 }
				}
			} as never
		}
	});

	it('are set side by side, with the dearer one named', () => {
		const sides: [DuelSide, DuelSide] = [side(2.6), side(3)];
		const rows = duelRows(sides, say);
		expect(rows.find(([label]) => label === 'Land it past the edge')).toEqual([
			'Land it past the edge',
			'1.2 m',
			'1.2 m'
		]);
		expect(rows.find(([label]) => label === 'Aim off')?.[1]).toBe('0.4 m left');
		expect(duelCall(sides, ['Front', 'Back'])).toBe('Back costs 0.40 of a stroke more than Front.');
		expect(duelCall([side(2.61), side(2.6)], ['Front', 'Back'])).toContain('cost the same');
	});

	it('say why one of them has no call', () => {
		const none: DuelSide = { toEdge: 0, pin: 0, best: null, problem: 'No shot works.' };
		expect(duelCall([side(2), none], ['Front', 'Back'])).toBe('Back: No shot works.');
		expect(duelRows([side(2), none], say).every(([, , second]) => second === '–')).toBe(true);
	});
});
