import { describe, expect, it } from 'vitest';
import { ResultDraft } from './resultDraft.svelte';

const draft = (flies = true) =>
	new ResultDraft(
		{
			at: '2026-10-10T12:00:00.000Z',
			roundId: null,
			clubId: 'sw',
			lie: 'fairway',
			holed: false,
			tags: [],
			notes: ''
		},
		() => flies
	);

describe('a result that is noted', () => {
	it('takes the first touch as the landing, the second as the end, and later ones as a better end', () => {
		const noted = draft();
		expect([noted.asks, noted.known]).toEqual(['landing', false]);
		noted.touch([4.004, 0.3]);
		expect([noted.asks, noted.known]).toEqual(['finish', false]);
		noted.touch([9, -1]);
		noted.touch([10, -1]);
		expect(noted.value).toMatchObject({ landed: [4, 0.3], finished: [10, -1] });
		expect(noted.known).toBe(true);
		noted.again();
		expect(noted.value.landed).toBeUndefined();
		expect(noted.asks).toBe('landing');
	});

	it('has no landing where the ball was putted', () => {
		const putt = draft(false);
		putt.touch([9, 0]);
		expect(putt.value).toMatchObject({ finished: [9, 0] });
		expect(putt.value.landed).toBeUndefined();
	});

	it('is one stroke and has no end where it was holed, and can be taken back', () => {
		const noted = draft();
		noted.touch([4, 0]);
		noted.touch([8, 0]);
		noted.count(3);
		noted.hole();
		expect(noted.value).toMatchObject({ holed: true, landed: [4, 0] });
		expect([noted.value.finished, noted.value.strokes]).toEqual([undefined, undefined]);
		noted.touch([8, 0]);
		expect(noted.value).toMatchObject({ holed: false, finished: [8, 0] });
		noted.hole();
		noted.hole();
		expect(noted.value.holed).toBe(false);
	});

	it('counts and tags by touch, and a second touch takes it off', () => {
		const noted = draft();
		noted.count(2);
		expect([noted.value.strokes, noted.known]).toEqual([2, true]);
		noted.count(2);
		expect(noted.value.strokes).toBeUndefined();
		noted.tag('heavy');
		noted.tag('left');
		noted.tag('heavy');
		expect(noted.value.tags).toEqual(['left']);
	});

	it('says what cannot be kept', () => {
		const noted = draft();
		noted.change({ finished: [900, 0], strokes: 2.5 });
		expect(noted.problems).toHaveLength(2);
		expect(noted.problems.join(' ')).toContain('metres');
	});
});
