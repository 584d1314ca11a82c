import 'fake-indexeddb/auto';
import { render, screen } from '@testing-library/svelte';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it } from 'vitest';
import { SHIPPED_DRILLS } from '$lib/io/practice/drill';
import { database } from '$lib/store/base/database';
import { drillShelf } from '$lib/store/shelves/practice';
import DrillFields from './DrillFields.svelte';
import { soon } from '../../../../../tests/support/soon';

const drill = { ...SHIPPED_DRILLS[0]!, id: 'own', name: 'Own' };

afterEach(async () => {
	await database.delete();
	await database.open();
});

describe('a drill of one’s own', () => {
	it('keeps every change, though the one before has not come back from the store yet', async () => {
		render(DrillFields, { drill });
		const user = userEvent.setup();
		const name = screen.getByRole('textbox', { name: 'Name' });
		await user.clear(name);
		await user.type(name, 'Two clubs');
		await user.tab();
		await user.selectOptions(screen.getByLabelText('Clubs'), 'By loft');
		await user.selectOptions(screen.getByLabelText('On the green'), 'A flag');
		await soon(async () =>
			expect(await drillShelf.get('own')).toMatchObject({
				name: 'Two clubs',
				rules: { clubs: { kind: 'lofts' }, mark: 'flag' }
			})
		);
	});

	it('says what another tab changed, too, takes that where it is wanted, and takes it back', async () => {
		await drillShelf.put({ ...drill, rules: { ...drill.rules, mark: 'stick' } });
		render(DrillFields, { drill });
		const user = userEvent.setup();
		const mark = screen.getByLabelText('On the green');
		await user.selectOptions(mark, 'A flag');
		const take = () => screen.queryByRole('button', { name: 'Take the other' });
		await soon(() => expect(take()).not.toBeNull());
		await user.click(take()!);
		expect([mark, take()]).toMatchObject([{ value: 'stick' }, null]);
		await user.click(screen.getByRole('button', { name: 'Undo' }));
		expect(mark).toHaveProperty('value', 'flag');
		await soon(async () =>
			expect(await drillShelf.get('own')).toMatchObject({ rules: { mark: 'flag' } })
		);
	});

	it('refuses lofts that are none, and stays as it was', async () => {
		const lofts = { kind: 'lofts' as const, lofts: [56] };
		render(DrillFields, { drill: { ...drill, rules: { ...drill.rules, clubs: lofts } } });
		const user = userEvent.setup();
		const field = screen.getByRole('textbox', { name: 'Lofts in degrees' });
		await user.clear(field);
		await user.type(field, '5, 900');
		await user.tab();
		expect(screen.getByRole('alert').textContent).toContain('10 to 75');
		expect(await drillShelf.get('own')).toBeUndefined();
	});
});
