import 'fake-indexeddb/auto';
import { render, screen, within } from '@testing-library/svelte';
import { expect, it } from 'vitest';
import type { Lesson } from '$lib/io/lessons/lesson';
import { lesson } from '../../../../../tests/support/lessons';
import { NO_LESSONS } from '../state/lessonState.svelte';
import TodayPanel from './TodayPanel.svelte';

const today = (lessons: Lesson[], time: string) =>
	render(TodayPanel, {
		desk: { ...NO_LESSONS, book: { ...NO_LESSONS.book, lessons } },
		today: '2026-12-01',
		now: Date.parse(`2026-12-01T${time}:00Z`)
	});
const AT_TEN = lesson('ten', { time: '10:00', zone: 'UTC', aim: 'Land it on' });
const THURSDAY = lesson('later', {
	day: '2026-12-03',
	time: '12:00',
	zone: 'UTC',
	aim: 'Run it up'
});

it('leads to the first lesson of another day once that was all, and says what was not run', () => {
	today([THURSDAY, AT_TEN, lesson('off', { day: '2026-12-02', cancelled: true })], '18:00');
	screen.getByText('That was all for today.');
	const next = screen.getByRole('region', { name: 'Next' });
	expect(within(next).getByRole('link', { name: /Run it up/ })).toHaveProperty(
		'pathname',
		'/lessons/later'
	);
	expect(next.textContent).toMatch(/Thursday,.* 2026 at \d\d:00/);
	const was = screen.getByRole('region', { name: 'What there was today' });
	expect(was.textContent).toContain('was not run');
});

it('has today’s lesson first while there is one, and names no other day', () => {
	today([AT_TEN, THURSDAY], '09:00');
	const next = screen.getByRole('region', { name: 'Next' });
	expect(next.textContent).toContain('Land it on');
	expect(screen.queryByRole('link', { name: /Run it up/ })).toBeNull();
});

it('says that nobody comes where there is no lesson at all', () => {
	today([], '09:00');
	screen.getByText('Nobody comes today.');
	expect(screen.queryByRole('region', { name: /day$/ })).toBeNull();
});
