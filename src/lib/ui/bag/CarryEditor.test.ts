import 'fake-indexeddb/auto';
import { render, screen } from '@testing-library/svelte';
import { userEvent } from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import { carriesOf } from '$lib/io/work/pupil';
import { PupilBench } from '$lib/ui/state/pupilBench.svelte';
import { pupilFile } from '../../../../tests/support/pupils';
import CarryEditor from './CarryEditor.svelte';

const user = userEvent.setup();

function editor(carries: number[] = []) {
	const bench = new PupilBench(
		pupilFile(
			{},
			carries.map((carry) => ({ carry }))
		)
	);
	const club = bench.file.clubs.find(({ name }) => name === 'SW')!;
	render(CarryEditor, {
		bench,
		club,
		column: { name: '9', angle: 1.2, foreign: false },
		flight: 'standard',
		cell: carriesOf(bench.file).find((cell) => cell.club === club.id),
		green: null,
		greenName: 'on Kiln green as read today',
		onclose: vi.fn()
	});
	return bench;
}

const typed = async (text: string, button: RegExp) => {
	await user.click(screen.getByLabelText(/^Carries in/));
	await user.paste(text);
	await user.click(screen.getByRole('button', { name: button }));
};
const kept = (bench: PupilBench) => bench.file.balls.map(({ carry, source }) => [carry, source]);

it('adds several balls at once with club, swing and flight, as one step to undo', async () => {
	const bench = editor();
	await typed('14, 15.5 13', /^Add as balls/);
	expect(kept(bench)).toEqual([
		[14, 'typed'],
		[15.5, 'typed'],
		[13, 'typed']
	]);
	expect(bench.file.balls[0]).toMatchObject({
		clubId: 'pupil-1-SW',
		swing: '9',
		flight: 'standard',
		counts: true
	});
	expect(screen.getByLabelText(/^Carries in/)).toHaveProperty('value', '');
	bench.undo();
	expect(bench.file.balls).toHaveLength(0);
});

it('takes one stated carry, not several, and keeps what was typed', async () => {
	const bench = editor();
	await typed('14 15', /^This is what it carries/);
	expect(screen.getByRole('alert').textContent).toContain('Say one carry');
	expect(screen.getByLabelText(/^Carries in/)).toHaveProperty('value', '14 15');
	expect(bench.file.balls).toHaveLength(0);
	await user.clear(screen.getByLabelText(/^Carries in/));
	await typed('14', /^This is what it carries/);
	expect(kept(bench)).toEqual([[14, 'stated']]);
});

it('refuses what is no carry and more than a swing can hold', async () => {
	const bench = editor(Array.from({ length: 199 }, () => 14));
	await typed('fourteen', /^Add as balls/);
	expect(screen.getByRole('alert')).toBeTruthy();
	await user.clear(screen.getByLabelText(/^Carries in/));
	await typed('14 15', /^Add as balls/);
	expect(screen.getByRole('alert').textContent).toContain('200 are the most');
	expect(bench.file.balls).toHaveLength(199);
	await user.clear(screen.getByLabelText(/^Carries in/));
	await typed('15', /^Add as balls/);
	expect(bench.file.balls).toHaveLength(200);
});

it('says what the balls come to, and takes out the one that is removed', async () => {
	const bench = editor([14, 15, 13, 14]);
	expect(screen.getByText(/balls count/).textContent).toMatch(/4\s+balls count/);
	await user.click(screen.getByRole('button', { name: 'Remove 15.0 m' }));
	expect(bench.file.balls.map(({ carry }) => carry)).toEqual([14, 13, 14]);
});
