import { render, screen } from '@testing-library/svelte';
import { userEvent } from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import TabBar from './TabBar.svelte';

const tabs = ['why', 'setup', 'schools'].map((id) => ({ id, label: `The ${id}` }));

it('is one Tab stop; arrows go round and choose', async () => {
	const onselect = vi.fn();
	const { rerender } = render(TabBar, {
		label: 'Panels',
		tabs,
		active: 'schools',
		panel: 'side',
		onselect
	});
	await userEvent.tab();
	const chosen = screen.getByRole('tab', { selected: true });
	expect(document.activeElement).toBe(chosen);
	expect(chosen.getAttribute('aria-controls')).toBe('side');
	await userEvent.keyboard('{ArrowRight}');
	expect(onselect).toHaveBeenLastCalledWith('why');
	expect(document.activeElement?.textContent?.trim()).toBe('The why');
	await userEvent.keyboard('{ArrowLeft}');
	expect(onselect).toHaveBeenLastCalledWith('setup');
	await rerender({ active: 'setup' });
	await userEvent.tab();
	expect(document.activeElement).toBe(document.body);
});
