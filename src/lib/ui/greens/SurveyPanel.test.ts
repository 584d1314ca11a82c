import 'fake-indexeddb/auto';
import { render, screen, within } from '@testing-library/svelte';
import { userEvent } from '@testing-library/user-event';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { database } from '$lib/store/base/database';
import { blankGreen } from '$lib/ui/greens/state/greenEdits';
import { GreenBench } from '$lib/ui/greens/state/greenBench.svelte';
import { directPool } from '../../../../tests/support/planner';
import { until } from '../../../../tests/support/soon';
import PinsPanel from './PinsPanel.svelte';
import SurveyPanel from './SurveyPanel.svelte';

const user = userEvent.setup();
let bench: GreenBench;

beforeEach(async () => {
	await Promise.all(database.tables.map((table) => table.clear()));
	const green = blankGreen('g', 'New');
	/** A plane with one height misread by three metres. */
	const spots = [0, 4, 8, 12].flatMap((x) =>
		[0, 4, 8].map((y) => ({ at: [x, y] as [number, number], height: 0.02 * x, leftOut: false }))
	);
	spots[5]!.height += 3;
	bench = new GreenBench(
		{ ...green, spots, pins: [{ id: 'p', name: 'Front', at: [4, 4] }] },
		directPool().pool
	);
	await until(() => bench.report !== null);
});
afterEach(() => bench.close());

const survey = (adding: string | null = null) => {
	const onadding = vi.fn();
	render(SurveyPanel, { bench, adding, onadding });
	return onadding;
};

it('marks the reading that does not fit, and takes it as found once it is left out', async () => {
	survey();
	expect(screen.getByRole('status').textContent).toContain('not fit the others');
	const bad = screen.getByRole('row', { name: /^Spot 6/ });
	expect(bad.textContent).toContain('!');
	await user.click(within(bad).getByRole('button'));
	expect(bench.selected).toEqual({ kind: 'spot', index: 5 });
	await user.click(screen.getByLabelText('Leave out of the surface'));
	expect(bench.green.spots[5]!.leftOut).toBe(true);
	await until(() => !screen.queryByText(/not fit the others/));
	expect(screen.getByRole('row', { name: /^Spot 6/ }).textContent).toContain('left out');
});

it('corrects the height of the reading that is open, and removes it alone', async () => {
	bench.selected = { kind: 'spot', index: 5 };
	survey();
	const height = screen.getByLabelText('Height');
	await user.tripleClick(height);
	await user.paste('0.08');
	expect(bench.green.spots[5]!.height).toBe(0.08);
	await user.click(screen.getByRole('button', { name: 'Remove' }));
	expect(bench.green.spots).toHaveLength(11);
	expect(bench.green.spots[5]).toMatchObject({ at: [8, 0] });
	expect(bench.selected).toBeNull();
	bench.undo();
	expect(bench.green.spots).toHaveLength(12);
});

it('begins and ends the adding of heights and tilts', async () => {
	const onadding = survey('spot');
	expect(screen.getByRole('button', { name: 'Add heights' }).getAttribute('aria-pressed')).toBe(
		'true'
	);
	await user.click(screen.getByRole('button', { name: 'Add heights' }));
	await user.click(screen.getByRole('button', { name: 'Add tilts' }));
	expect(onadding.mock.calls).toEqual([[null], ['tilt']]);
});

it('says where a pin falls to, renames it but never to nothing, and removes it with a way back', async () => {
	bench.change((green) => (green.spots[5]!.leftOut = true));
	await until(() => !bench.fitting);
	render(PinsPanel, { bench, adding: null, onadding: vi.fn() });
	await until(() => screen.queryByText(/^falls 2\.0 % toward/) !== null);
	const name = screen.getByLabelText<HTMLInputElement>('Name of the pin');
	await user.clear(name);
	await user.tab();
	expect([name.value, bench.green.pins[0]!.name]).toEqual(['Front', 'Front']);
	await user.clear(name);
	await user.type(name, 'Back left');
	await user.tab();
	expect(bench.green.pins[0]!.name).toBe('Back left');
	await user.click(screen.getByRole('button', { name: 'Remove pin Back left' }));
	expect(screen.getByText(/No pins yet/)).toBeTruthy();
	bench.undo();
	expect(bench.green.pins).toHaveLength(1);
});
