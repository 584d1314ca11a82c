import { render, screen } from '@testing-library/svelte';
import { userEvent } from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import TextField from './TextField.svelte';

function field(over: { long?: boolean; refuse?: (text: string) => string | undefined } = {}) {
	const onchange = vi.fn<(text: string) => void>();
	render(TextField, { label: 'Name', value: 'Ann', most: 20, onchange, ...over });
	return { onchange, input: screen.getByLabelText<HTMLInputElement>('Name') };
}

it('hands on what was typed when the field is left, without what surrounds it', async () => {
	const { onchange, input } = field();
	await userEvent.clear(input);
	await userEvent.type(input, '  Anna ');
	expect(onchange).not.toHaveBeenCalled();
	await userEvent.tab();
	expect(onchange.mock.calls).toEqual([['Anna']]);
});

it('keeps its text where it is left empty, and says so', async () => {
	const { onchange, input } = field();
	await userEvent.clear(input);
	await userEvent.tab();
	expect(onchange).not.toHaveBeenCalled();
	expect(input.value).toBe('Ann');
	expect(screen.getByRole('alert').textContent).toBe('Must not be empty. Kept: Ann.');
	expect(input.getAttribute('aria-describedby')).toBe(screen.getByRole('alert').id);
});

it('keeps its text where the new one is refused, with the reason', async () => {
	const { onchange, input } = field({
		refuse: (text) => (text === 'Bea' ? 'Another is called Bea.' : undefined)
	});
	await userEvent.clear(input);
	await userEvent.type(input, 'Bea');
	await userEvent.tab();
	expect(onchange).not.toHaveBeenCalled();
	expect(screen.getByRole('alert').textContent).toContain('Another is called Bea.');
	await userEvent.clear(input);
	await userEvent.type(input, 'Cy');
	await userEvent.tab();
	expect(onchange.mock.calls).toEqual([['Cy']]);
	expect(screen.queryByRole('alert')).toBeNull();
});

it('takes nothing for a text of several lines, and lines as they are', async () => {
	const { onchange, input } = field({ long: true });
	await userEvent.clear(input);
	await userEvent.tab();
	await userEvent.type(input, ' one{Enter}two');
	await userEvent.tab();
	expect(onchange.mock.calls).toEqual([[''], [' one\ntwo']]);
});
