import { render, screen } from '@testing-library/svelte';
import { userEvent } from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import NumberField from './NumberField.svelte';

function field(over: { value?: number; hint?: string } = {}) {
	const onchange = vi.fn<(value: number) => void>();
	const props = { label: 'Loft', symbol: '°', low: 0, high: 75, step: 2, decimals: 1, onchange };
	const { rerender } = render(NumberField, { ...props, value: 46, ...over });
	return { onchange, rerender, input: screen.getByLabelText<HTMLInputElement>('Loft') };
}

it('hands on what is typed as soon as it is a number in range', async () => {
	const { onchange, input } = field();
	await userEvent.clear(input);
	expect(onchange).not.toHaveBeenCalled();
	await userEvent.type(input, '52,5');
	expect(onchange.mock.calls).toEqual([[5], [52], [52.5]]);
	expect(input.getAttribute('aria-invalid')).toBeNull();
});

it('keeps the last good value, says so, and gives it back with Escape', async () => {
	const { onchange, input } = field();
	await userEvent.clear(input);
	await userEvent.type(input, '99');
	expect(onchange.mock.calls).toEqual([[9]]);
	expect(screen.getByRole('alert').textContent).toMatch(/75.*Kept: 46\.0\./s);
	expect(input.getAttribute('aria-describedby')).toBe(screen.getByRole('alert').id);
	await userEvent.keyboard('{Escape}');
	expect(input.value).toBe('46.0');
	expect(screen.queryByRole('alert')).toBeNull();
});

it('leaves what is wrong to be seen when the field is left, and tidies what is right', async () => {
	const { input, rerender } = field();
	await userEvent.clear(input);
	await userEvent.type(input, 'far');
	await userEvent.tab();
	expect(input.value).toBe('far');
	await userEvent.clear(input);
	await userEvent.type(input, '50');
	await rerender({ value: 50 });
	await userEvent.tab();
	expect(input.value).toBe('50.0');
});

it('steps by keys and buttons along whole steps and stops at the ends', async () => {
	const { onchange, input, rerender } = field({ value: 45 });
	input.focus();
	await userEvent.keyboard('{ArrowUp}{ArrowDown}{PageUp}{PageDown}');
	expect(onchange.mock.calls.flat()).toEqual([48, 44, 56, 36]);
	await rerender({ value: 75 });
	await userEvent.click(screen.getByRole('button', { name: 'Loft: more' }));
	await rerender({ value: 1 });
	await userEvent.click(screen.getByRole('button', { name: 'Loft: less' }));
	expect(onchange.mock.calls.flat().slice(4)).toEqual([75, 0]);
});

it('describes itself by its hint while nothing is wrong', () => {
	const { input } = field({ hint: 'as stamped' });
	expect(document.getElementById(input.getAttribute('aria-describedby')!)?.textContent).toBe(
		'as stamped'
	);
});
