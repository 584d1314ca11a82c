import 'fake-indexeddb/auto';
import { render, screen, within } from '@testing-library/svelte';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import type { Measure } from '$lib/core/practice/drill';
import type { Ball } from '$lib/io/work/pupil';
import { isHit } from '$lib/io/practice/session';
import { SessionBench } from '$lib/ui/practice/state/sessionBench.svelte';
import { pupilFile } from '../../../../../tests/support/pupils';
import { practisedSession, sessionBall } from '../../../../../tests/support/sessions';
import TaskTable from './TaskTable.svelte';

function show(measure: Measure, props: Record<string, unknown> = {}) {
	const session = practisedSession();
	const file = pupilFile();
	const balls = [
		sessionBall({ id: '1', landed: [14, 0], finished: [18, 0] }),
		sessionBall({ id: '2', landed: [14.6, 0], finished: [19, 0], at: '2026-10-10T09:02:00.000Z' })
	];
	const bench = new SessionBench(
		{ ...session, rules: { ...session.rules, measure } },
		balls,
		() => file
	);
	render(TaskTable, {
		tasks: bench.tasks,
		file,
		at: 0,
		measure,
		hit: (ball: Ball) => isHit(bench.session, ball),
		...props
	});
	const headings = screen
		.getAllByRole('columnheader')
		.map((heading) => (heading.querySelector('button') ?? heading).textContent.trim());
	const [, sand, pitching] = screen.getAllByRole('row');
	return { headings, sand: sand!, pitching: pitching! };
}

describe('the table of a session', () => {
	it('says landing, roll and how well they are known, club by club', () => {
		const { headings, sand, pitching } = show('roll-out');
		expect(headings).toEqual(['Club, m', 'Balls', 'Lands', 'Spread', 'Rolls', 'Spread', '±']);
		const cells = within(sand)
			.getAllByRole('cell')
			.map((cell) => cell.textContent.trim());
		expect(cells.slice(0, 2)).toEqual(['2/2', '14.3']);
		expect(cells[3]).toMatch(/^4\.21\s:\s0\.3$/);
		expect(Number.parseFloat(cells[5]!)).toBeGreaterThan(1);
		expect(within(pitching).getAllByText('–').length).toBeGreaterThan(3);
		expect(sand.getAttribute('aria-current')).toBe('true');
	});

	it('says nothing of the roll where only the landing counts, and only what was as meant where neither does', () => {
		expect(show('carry').headings).toEqual(['Club, m', 'Balls', 'Lands', 'Spread', '±']);
		document.body.innerHTML = '';
		const { headings, sand } = show('strokes');
		expect(headings).toEqual(['Club', 'Balls', 'As meant']);
		expect(within(sand).getAllByRole('cell')[1]!.textContent).toBe('0');
	});

	it('lets a club be chosen, and asks for as many balls as the format does', async () => {
		const onchoose = vi.fn();
		const { pitching, sand } = show('roll-out', { onchoose, asked: () => 4 });
		await userEvent.setup().click(within(pitching).getByRole('button'));
		expect(onchoose).toHaveBeenCalledWith(1);
		expect(within(sand).getAllByRole('cell')[0]!.textContent).toContain('2/4');
	});
});
