import { expect, it } from 'vitest';
import { dateOrderOf, readInstant } from './fileDates';

it('tells days from months by the whole column', () => {
	expect(dateOrderOf(['03/02/2026', '25/02/2026'])).toBe('day');
	expect(dateOrderOf(['03/02/2026', '02/25/2026'])).toBe('month');
	expect(dateOrderOf(['03/02/2026', '', 'yesterday'])).toBe('day');
});

it('reads figures in that order, and refuses days that are none', () => {
	const parts = (text: string, order: 'day' | 'month') => {
		const date = new Date(readInstant(text, order));
		return [date.getFullYear(), date.getMonth() + 1, date.getDate(), date.getHours()];
	};
	expect(parts('3.2.2026 17:30', 'day')).toEqual([2026, 2, 3, 17]);
	expect(parts('3/2/2026', 'month')).toEqual([2026, 3, 2, 0]);
	expect(readInstant('31/02/2026', 'day')).toBeNaN();
	expect(readInstant('13/13/2026', 'day')).toBeNaN();
	expect(readInstant('2026-02-03T10:00:00Z', 'month')).toBe(Date.UTC(2026, 1, 3, 10));
	expect(readInstant('someday', 'day')).toBeNaN();
});
