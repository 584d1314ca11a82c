import 'fake-indexeddb/auto';
import { render, screen } from '@testing-library/svelte';
import { userEvent } from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import { toFeet } from '$lib/core/units';
import { readRamp } from '$lib/core/today/readRamp';
import { database } from '$lib/store/base/database';
import { until } from '../../../../tests/support/soon';
import { keepReading, type FoundReading } from './keepReading';
import SpeedWizard from './SpeedWizard.svelte';

const user = userEvent.setup();
beforeEach(async () => {
	await Promise.all(database.tables.map((table) => table.clear()));
});

function wizard() {
	const onclose = vi.fn();
	render(SpeedWizard, {
		newest: undefined,
		onkeep: (found: FoundReading) => keepReading('g', found),
		onclose
	});
	return onclose;
}

const next = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Next' });

async function roll(feet: string) {
	const field = screen.getByLabelText('Length of the roll');
	await user.tripleClick(field);
	await user.paste(feet);
	await user.click(screen.getByRole('button', { name: 'Note it' }));
}

async function place(up: string[], down: string[]) {
	await user.click(next());
	for (const feet of up) await roll(feet);
	await user.click(next());
	for (const feet of down) await roll(feet);
	await user.click(next());
}

it('asks one thing at a time, waits for two rolls each way, and keeps the speed of both', async () => {
	const onclose = wizard();
	expect(screen.getByRole('button', { name: 'Back' })).toHaveProperty('disabled', true);
	await user.click(next());
	expect(screen.getByText(/Roll three balls one way/)).toBeTruthy();
	expect(next().disabled).toBe(true);
	await roll('8');
	expect(next().disabled).toBe(true);
	await roll('8.25');
	expect(next().disabled).toBe(false);
	await user.click(screen.getByRole('button', { name: 'Take out roll 1' }));
	expect(next().disabled).toBe(true);
	await roll('8');
	await user.click(next());
	await roll('12');
	await roll('12.5');
	await user.click(next());

	const roll3 = (way: 'up' | 'down', feet: number) => ({ way, length: feet / toFeet(1) });
	const expected = readRamp([
		{ rolls: [roll3('up', 8.25), roll3('up', 8), roll3('down', 12), roll3('down', 12.5)] }
	]);
	if ('code' in expected) throw new Error(expected.code);
	const said = toFeet(expected.speed).toFixed(1);
	expect(screen.getByText(new RegExp(`^${said} ± `))).toBeTruthy();

	await user.click(screen.getByRole('button', { name: 'Keep it' }));
	await until(() => onclose.mock.calls.length > 0);
	const [kept] = await database.readings.toArray();
	expect(kept).toMatchObject({ greenId: 'g', method: 'ramp', stimpFeet: Number(said) });
	expect(kept).toHaveProperty('rolls.length', 4);
});

it('says what does not fit instead of a number, keeps nothing, and leads back to the rolls', async () => {
	wizard();
	await place(['3', '3'], ['40', '40']);
	expect(screen.getByText('No speed yet')).toBeTruthy();
	expect(screen.getByRole('button', { name: 'Keep it' })).toHaveProperty('disabled', true);
	await user.click(screen.getByRole('button', { name: 'Back' }));
	expect(screen.getByText(/Turn round/)).toBeTruthy();
	expect(screen.getAllByRole('button', { name: /^Take out roll/ })).toHaveLength(2);
});

it('adds a second and a third place, and no more', async () => {
	wizard();
	await place(['9', '9'], ['11', '11']);
	await user.click(screen.getByRole('button', { name: 'Another place' }));
	expect(screen.getByText('Find the second place')).toBeTruthy();
	await place(['8', '8'], ['13', '13']);
	expect(screen.getByText(/^Place 2:/)).toBeTruthy();
	await user.click(screen.getByRole('button', { name: 'Another place' }));
	await place(['10', '10'], ['10', '10']);
	expect(screen.queryByRole('button', { name: 'Another place' })).toBeNull();
});
