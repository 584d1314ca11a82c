import 'fake-indexeddb/auto';
import { render, screen } from '@testing-library/svelte';
import { userEvent } from '@testing-library/user-event';
import { afterEach, expect, it } from 'vitest';
import { freshShot } from '$lib/io/work/freshShot';
import { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';
import { whoever } from '../../../../../tests/support/pupils';
import { silentPool } from '../../../../../tests/support/silentPool';
import HazardFields from './HazardFields.svelte';
import { soon } from '../../../../../tests/support/soon';

let bench: ShotBench;

function fields() {
	bench = new ShotBench(whoever, silentPool());
	bench.open({ shot: freshShot('pupil-1'), name: '', origin: null });
	render(HazardFields, { bench });
}

const hazards = () => bench.shot.situation.hazards;

afterEach(() => bench.close());

it('says what to do while nothing is in the way, and adds something before the edge', async () => {
	fields();
	expect(screen.getByText(/Nothing to carry/)).toBeTruthy();
	await userEvent.click(screen.getByRole('button', { name: 'Add something in the way' }));
	expect(hazards()).toHaveLength(1);
	expect(hazards()[0]!.to).toBeLessThanOrEqual(bench.shot.situation.toEdge);
	expect(screen.queryByText(/Nothing to carry/)).toBeNull();
});

it('puts a hazard beside the line and back across it, with what belongs to each', async () => {
	fields();
	await userEvent.click(screen.getByRole('button', { name: 'Add something in the way' }));
	await userEvent.selectOptions(screen.getByLabelText('Where'), 'Left of the line');
	expect(hazards()[0]).toMatchObject({ side: 'left', offset: 4 });
	expect(screen.queryByLabelText('Height')).toBeNull();
	await userEvent.click(screen.getByRole('button', { name: 'Off the line: more' }));
	expect(hazards()[0]!.offset).toBeGreaterThan(4);
	await userEvent.selectOptions(screen.getByLabelText('Where'), 'Across the line');
	expect(hazards()[0]).not.toHaveProperty('offset');
	expect(screen.getByLabelText('Height')).toBeTruthy();
});

it('changes only the hazard it stands for, removes it by its name, and stops at eight', async () => {
	fields();
	const add = () => userEvent.click(screen.getByRole('button', { name: /^Add/ }));
	for (let i = 0; i < 8; i++) await add();
	expect(screen.queryByRole('button', { name: /^Add/ })).toBeNull();
	await userEvent.selectOptions(screen.getAllByLabelText('What')[2]!, 'Water');
	expect(hazards().map(({ kind }) => kind === 'water')).toEqual(
		Array.from({ length: 8 }, (_, i) => i === 2)
	);
	await userEvent.click(screen.getByRole('button', { name: 'Remove the water' }));
	expect(hazards()).toHaveLength(7);
	bench.undo();
	expect(hazards()).toHaveLength(8);
});

it('tells hazards of one kind apart by their numbers, and keeps the focus in the list', async () => {
	fields();
	for (let i = 0; i < 3; i++) await userEvent.click(screen.getByRole('button', { name: /^Add/ }));
	await userEvent.selectOptions(screen.getAllByLabelText('What')[1]!, 'Water');
	const names = () => screen.getAllByRole('button', { name: /^Remove/ }).map((b) => b.ariaLabel);
	expect(names()).toEqual(['Remove the sand 1', 'Remove the water', 'Remove the sand 2']);
	screen.getByRole('button', { name: 'Remove the sand 2' }).focus();
	await userEvent.keyboard('{Enter}');
	await soon(() => expect(document.activeElement?.ariaLabel).toBe('Remove the water'));
	await userEvent.keyboard('{Enter}');
	await soon(() => expect(document.activeElement?.ariaLabel).toBe('Remove the sand'));
	await userEvent.keyboard('{Enter}');
	await soon(() => expect(document.activeElement?.textContent).toContain('Add something'));
});
