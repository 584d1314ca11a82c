import 'fake-indexeddb/auto';
import { render, screen, within } from '@testing-library/svelte';
import { userEvent } from '@testing-library/user-event';
import { tick } from 'svelte';
import { expect, it } from 'vitest';
import { MOST_CLUBS } from '$lib/io/work/club';
import { clubsInBag } from '$lib/io/work/pupil';
import { PupilBench } from '$lib/ui/state/pupilBench.svelte';
import { pupilFile } from '../../../../tests/support/pupils';
import ClubTable from './ClubTable.svelte';
import { nextClub } from './nextClub';

// Without the pauses of a hand: the table is long.
const user = userEvent.setup({ delay: null });

function table() {
	const bench = new PupilBench(pupilFile({}, [{ carry: 14 }]));
	render(ClubTable, { bench });
	return bench;
}

const names = (bench: PupilBench) => clubsInBag(bench.file.clubs).map(({ name }) => name);
const button = (name: string | RegExp) => screen.getByRole<HTMLButtonElement>('button', { name });

it('retires a club with what was measured, and puts it back at the end', async () => {
	const bench = table();
	const before = names(bench);
	await user.click(button('Retire the SW'));
	expect(names(bench)).toEqual(before.filter((name) => name !== 'SW'));
	expect(bench.file.balls).toHaveLength(1);
	await user.click(screen.getByText(/^Retired: 1/));
	await user.click(button('Put the SW back in the bag'));
	expect(names(bench)).toEqual([...before.filter((name) => name !== 'SW'), 'SW']);
	expect(screen.queryByText(/^Retired/)).toBeNull();
});

it('refuses a name that another club has, and takes a new one', async () => {
	const bench = table();
	await user.tripleClick(screen.getByLabelText('Name of SW'));
	await user.paste('PW');
	await user.tab();
	expect(screen.getByText(/Another club in this bag is called PW/)).toBeTruthy();
	expect(names(bench).filter((name) => name === 'PW')).toHaveLength(1);
	await user.tripleClick(screen.getByLabelText('Name of SW'));
	await user.paste('Old SW');
	await user.tab();
	expect(names(bench)).toContain('Old SW');
});

it('asks about lofts that are out of order, and puts them in order', async () => {
	const bench = table();
	expect(screen.queryByRole('status')).toBeNull();
	const field = screen.getByLabelText('Loft of SW');
	await user.tripleClick(field);
	await user.paste('20');
	expect(screen.getByRole('status').textContent).toContain('SW (20°) stands after');
	await user.click(button('Put in order'));
	expect(screen.queryByRole('status')).toBeNull();
	const lofts = clubsInBag(bench.file.clubs)
		.filter(({ kind }) => kind !== 'putter')
		.map(({ loft }) => loft);
	expect(lofts).toEqual([...lofts].sort((a, b) => a - b));
});

it('adds clubs up to the most a bag can hold, and says when it is empty', async () => {
	const bench = table();
	const list = screen.getByRole('list', { name: 'Clubs in the bag' });
	const count = within(list).getAllByRole('listitem').length;
	await user.click(button('Add a club'));
	expect(within(list).getAllByRole('listitem')).toHaveLength(count + 1);
	const full = nextClub('pupil-1', bench.file.clubs);
	bench.change(({ clubs }) => {
		for (let i = clubs.length; i < MOST_CLUBS; i++)
			clubs.push({ ...full, id: `club-${i}`, name: `Club ${i}`, order: i });
	});
	await tick();
	expect(button('Add a club').disabled).toBe(true);
	bench.change(({ clubs }) =>
		clubs.forEach((club) => (club.retiredAt = '2026-05-01T00:00:00.000Z'))
	);
	await tick();
	expect(screen.getByText(/The bag is empty/)).toBeTruthy();
	expect(button('Add a club').disabled).toBe(false);
});
