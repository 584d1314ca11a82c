import { createRawSnippet, tick } from 'svelte';
import { render, screen } from '@testing-library/svelte';
import { userEvent } from '@testing-library/user-event';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import Handle from './Handle.svelte';
import { roving } from './roving';
import { soon } from '../../../../tests/support/soon';

const NAMES = ['Ball', 'Edge', 'Pin'];
const user = userEvent.setup();
let drawing: SVGSVGElement;
let stop: () => void;
const moved = vi.fn();

function handle(label: string, axis: 'x' | 'y' | 'both' = 'x') {
	return render(
		Handle,
		{
			label,
			text: `${label} there`,
			now: 1,
			low: 0,
			high: 5,
			x: 0,
			y: 0,
			factor: 10,
			axis,
			nudge: 0.1,
			onstart: vi.fn(),
			onmove: (along: number, up: number) => void moved(label, along, up),
			onend: vi.fn(),
			children: createRawSnippet(() => ({ render: () => '<circle></circle>' }))
		},
		{ baseElement: drawing as never }
	);
}

beforeEach(() => {
	moved.mockReset();
	drawing = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
	document.body.append(drawing);
	for (const name of NAMES) handle(name);
	stop = roving(drawing) as () => void;
});
afterEach(() => {
	stop();
	drawing.remove();
});

const stops = () =>
	screen.getAllByRole('slider').map((one) => Number(one.getAttribute('tabindex')));
const held = () => document.activeElement?.getAttribute('aria-label');

it('makes a drawing one stop of the Tab key, at the handle that was held last', async () => {
	expect(stops()).toEqual([0, -1, -1]);
	await user.tab();
	expect(held()).toBe('Ball');
	await user.keyboard('{PageDown}{PageDown}');
	expect(held()).toBe('Pin');
	expect(stops()).toEqual([-1, -1, 0]);
	await user.keyboard('{PageDown}');
	expect(held()).toBe('Ball');
	await user.keyboard('{PageUp}');
	expect(held()).toBe('Pin');
	await user.keyboard('{Home}');
	expect(held()).toBe('Ball');
	await user.keyboard('{End}');
	expect(held()).toBe('Pin');
	await user.tab();
	expect(held()).not.toBe('Ball');
});

it('moves only the handle that is held, along its own axis, five times as far with Shift', async () => {
	await user.tab();
	await user.keyboard('{ArrowRight}{Shift>}{ArrowLeft}{/Shift}{ArrowUp}');
	expect(moved.mock.calls).toEqual([
		['Ball', 0.1, 0],
		['Ball', -0.5, 0],
		['Ball', 0.1, 0]
	]);
	handle('Free', 'both');
	await tick();
	screen.getByLabelText('Free').focus();
	await user.keyboard('{ArrowDown}');
	expect(moved).toHaveBeenLastCalledWith('Free', 0, -0.1);
});

it('goes on where a handle comes or the one that was held goes away', async () => {
	await user.tab();
	screen.getByLabelText('Ball').remove();
	await soon(() => expect(stops()).toEqual([0, -1]));
	handle('New');
	await soon(() => expect(stops()).toEqual([0, -1, -1]));
});
