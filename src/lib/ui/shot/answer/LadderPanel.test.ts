import 'fake-indexeddb/auto';
import { render, screen, within } from '@testing-library/svelte';
import { userEvent } from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { strokesWords } from '$lib/ui/format/strokes';
import { closeBenches, readyBench } from '../../../../../tests/support/benches';
import LadderPanel from './LadderPanel.svelte';
import { groupByClub } from './ladderRows';

afterEach(closeBenches);

async function ladder() {
	const bench = await readyBench();
	const onCompare = vi.fn();
	render(LadderPanel, { bench, onCompare });
	const rows = () =>
		screen
			.getAllByRole('button', { pressed: true })
			.concat(screen.getAllByRole('button', { pressed: false }));
	return { bench, onCompare, rows };
}

it('shows one row a club in the order of the plan, with its strokes, and folds the other ways', async () => {
	const { bench, rows } = await ladder();
	const clubs = groupByClub(bench.choices);
	expect(clubs.length).toBeGreaterThan(3);
	expect(rows()).toHaveLength(clubs.length);
	const list = within(screen.getByTestId('ladder')).getAllByRole('list')[0]!;
	const texts = within(list)
		.getAllByRole('button', { pressed: false })
		.map((row) => row.textContent ?? '');
	clubs.slice(1).forEach(({ club, best }, i) => {
		expect(texts[i]).toContain(`${i + 2}.`);
		expect(texts[i]).toContain(club);
		expect(texts[i]).toContain(strokesWords(best.option!.statistics.expectedStrokes));
	});
	expect(screen.getByRole('button', { pressed: true }).textContent).toContain('1.');
});

it('chooses the row that is touched, and unfolds the other ways with that club', async () => {
	const { bench, rows } = await ladder();
	const withOthers = groupByClub(bench.choices).find(
		({ others }, i) => i > 0 && others.length > 1
	)!;
	const before = rows().length;
	const touched = screen
		.getAllByRole('button', { pressed: false })
		.find(
			(row) =>
				row.textContent?.includes(
					strokesWords(withOthers.best.option!.statistics.expectedStrokes)
				) && row.textContent.includes(withOthers.club)
		)!;
	await userEvent.click(touched);
	expect(bench.chosen!.key).toBe(withOthers.best.key);
	expect(screen.getByRole('button', { pressed: true })).toBe(touched);
	const more = screen.getByRole('button', {
		name: `${withOthers.others.length} other ways with the ${withOthers.club}`
	});
	expect(more.getAttribute('aria-expanded')).toBe('false');
	await userEvent.click(more);
	expect(rows()).toHaveLength(before + withOthers.others.length);
	await userEvent.click(
		screen.getByRole('button', { name: `Only the best way with the ${withOthers.club}` })
	);
	expect(rows()).toHaveLength(before);
});

it('compares any way but the chosen one, and says why the others are out', async () => {
	const { bench, onCompare } = await ladder();
	const buttons = screen.getAllByRole<HTMLButtonElement>('button', { name: /^Compare/ });
	expect(buttons.filter(({ disabled }) => disabled)).toHaveLength(1);
	const second = groupByClub(bench.choices)[1]!.best;
	await userEvent.click(buttons[1 - buttons.findIndex(({ disabled }) => disabled)] ?? buttons[1]!);
	expect(onCompare).toHaveBeenCalledWith(second.key);
	const out = bench.rejected.length;
	expect(out).toBeGreaterThan(0);
	expect(document.querySelectorAll('.out li')).toHaveLength(out);
});
