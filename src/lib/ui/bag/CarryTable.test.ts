import { render, screen } from '@testing-library/svelte';
import { userEvent } from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import { carriesOf, clubsInBag } from '$lib/io/work/pupil';
import { pupilFile } from '../../../../tests/support/pupils';
import CarryTable from './CarryTable.svelte';

const file = pupilFile({ id: 'p' }, [
	{ clubId: 'p-SW', swing: '9', carry: 14 },
	{ clubId: 'p-SW', swing: '9', carry: 15 },
	{ clubId: 'p-SW', swing: '9', carry: 13 },
	{ clubId: 'p-SW', swing: '9', carry: 14 },
	{ clubId: 'p-SW', swing: '10', carry: 4, source: 'stated' },
	{ clubId: 'p-LW', swing: 'hip', carry: 9 },
	{ clubId: 'p-LW', swing: '9', carry: 20, flight: 'high' }
]);

function table() {
	const onopen = vi.fn();
	render(CarryTable, {
		clubs: clubsInBag(file.clubs),
		cells: carriesOf(file),
		flight: 'standard',
		vocabulary: 'clock',
		onopen
	});
	return onopen;
}

it('begins with the most lofted club, leaves the putter out, and says what each cell is', () => {
	table();
	const rows = screen.getAllByRole('rowheader').map((row) => row.textContent?.trim().split(' ')[0]);
	expect(rows[0]).toBe('LW');
	expect(rows).not.toContain('Putter');
	expect(
		screen.getByRole('button', {
			name: 'SW, 9 o’clock: 14.0 m, 4 balls of one day, does not fit its neighbour'
		})
	).toBeTruthy();
	expect(
		screen.getByRole('button', {
			name: 'SW, 10 o’clock: 4.0 m, stated, does not fit its neighbour'
		})
	).toBeTruthy();
	expect(screen.getByRole('button', { name: 'LW, hip: 9.0 m, 1 ball' })).toBeTruthy();
	expect(screen.getByRole('button', { name: 'LW, 9 o’clock: not measured' })).toBeTruthy();
	expect(screen.getByText(/kept under a mark of other swing words/)).toBeTruthy();
});

it('tells missing, thin and good cells apart by more than colour, and opens the one that is touched', async () => {
	const onopen = table();
	const kind = (name: RegExp) => screen.getByRole('button', { name }).className;
	expect(kind(/^SW, 9/)).toContain('good');
	expect(kind(/^SW, 10/)).toContain('thin');
	expect(kind(/^GW, 9/)).toContain('missing');
	await userEvent.click(screen.getByRole('button', { name: /^GW, 9/ }));
	expect(onopen.mock.calls[0]![0]).toMatchObject({ name: 'GW' });
	expect(onopen.mock.calls[0]![1]).toMatchObject({ name: '9', foreign: false });
});
