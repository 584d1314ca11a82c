import { render, screen } from '@testing-library/svelte';
import { userEvent } from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import { previewRows } from '$lib/io/archive/importPreview';
import type { Known, MergePlan } from '$lib/io/archive/merge';
import MergePreview from './MergePreview.svelte';

const shot: Known = { table: 'shots', id: 's', at: '', row: { id: 's', name: 'Over the sand' } };

function preview(change: Partial<MergePlan>) {
	const [ontake, onleave] = [vi.fn<(back: boolean) => void>(), vi.fn()];
	const plan: MergePlan = {
		added: [],
		replaced: [],
		completed: [],
		removed: [],
		noted: [],
		same: [],
		older: [],
		gone: [],
		...change
	};
	const offer = {
		rows: previewRows({ plan, twice: [], misdated: [], unused: [] }),
		gone: plan.gone.length
	};
	const props = { name: 'a.json', offer, ontake, onleave };
	render(MergePreview, props);
	return { ontake, onleave };
}
const take = () => screen.queryByRole('button', { name: 'Take it in' });

it('says what will be added and waits to be told', async () => {
	const { ontake } = preview({ added: [shot] });
	expect(screen.getByRole('row', { name: 'Added 1 Over the sand' })).toBeTruthy();
	await userEvent.click(take()!);
	expect(ontake.mock.calls).toEqual([[false]]);
});

it('has nothing to take in where all of it is here', async () => {
	const { onleave } = preview({ same: [shot], older: [shot] });
	expect(take()).toBeNull();
	await userEvent.click(screen.getByRole('button', { name: 'Done' }));
	expect(onleave).toHaveBeenCalledOnce();
});

it('brings back what was removed only where that is asked for', async () => {
	const { ontake } = preview({ gone: [shot] });
	expect(take()).toBeNull();
	await userEvent.click(screen.getByRole('checkbox'));
	await userEvent.click(take()!);
	expect(ontake.mock.calls).toEqual([[true]]);
});
