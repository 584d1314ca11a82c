import { render, screen } from '@testing-library/svelte';
import { userEvent } from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import ChoiceField from './ChoiceField.svelte';

it('shows the choice by its label and hands on the value of another', async () => {
	const onchange = vi.fn();
	const options = [
		{ value: 'right', label: 'Right-handed' },
		{ value: 'left', label: 'Left-handed' }
	];
	render(ChoiceField, { label: 'Plays', value: 'left', options, onchange });
	const select = screen.getByLabelText<HTMLSelectElement>('Plays');
	expect(select.selectedOptions[0]?.textContent).toBe('Left-handed');
	await userEvent.selectOptions(select, 'Right-handed');
	expect(onchange.mock.calls).toEqual([['right']]);
});
