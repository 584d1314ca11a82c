import 'fake-indexeddb/auto';
import { cleanup, render, screen, within } from '@testing-library/svelte';
import { userEvent } from '@testing-library/user-event';
import { afterAll, afterEach, beforeAll, expect, it, vi } from 'vitest';
import { CAUTION_WORDS, reasonWords } from '$lib/io/words/reason';
import { setupRows } from '$lib/io/words/setup';
import { strokesWords } from '$lib/ui/format/strokes';
import { playing } from '$lib/ui/state/playing.svelte';
import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';
import { closeBenches, readyBench } from '../../../../../tests/support/benches';
import ComparePanel from './ComparePanel.svelte';
import SchoolsPanel from './SchoolsPanel.svelte';
import SetupPanel from './SetupPanel.svelte';
import WhyPanel from './WhyPanel.svelte';
import { soon } from '../../../../../tests/support/soon';

// One plan for all: what the panels beside the call make of it.
let bench: ShotBench;

beforeAll(async () => {
	bench = await readyBench(({ situation }) => (situation.lie = 'semi-rough'));
});
afterEach(() => {
	bench.choose(null);
	cleanup();
});
afterAll(closeBenches);

/** The cells of the row whose heading reads so. */
const row = (name: string) =>
	within(screen.getByRole('rowheader', { name }).closest('tr') ?? document.body);

it('says every reason, what if the reading is off with its direction, and every caution', () => {
	render(WhyPanel, { bench });
	for (const reason of bench.plan!.why)
		expect(screen.getByText(reasonWords(reason, playing.say))).toBeTruthy();
	for (const caution of bench.plan!.cautions)
		expect(screen.getByText(CAUTION_WORDS[caution])).toBeTruthy();
	expect(row('Green a foot faster').getByText(/m past$/)).toBeTruthy();
	expect(row('Green a foot slower').getByText(/m short$/)).toBeTruthy();
	expect(
		row('Pin a pace farther').getByText(/short; (swing|hands) .* instead$|a touch more swing$/)
	).toBeTruthy();
	expect(row('If it lies worse: deep rough').getByText(/short|past|no change/)).toBeTruthy();
});

it('shows the setup of the way that is chosen', async () => {
	render(SetupPanel, { bench });
	const centimetres = (metres: number) => `${Math.round(metres * 100)} cm`;
	for (const [label, value] of setupRows(bench.chosen!.setup, centimetres))
		expect(row(label).getByText(value)).toBeTruthy();
	expect(row('Swing length').getByText(/from the model swing/)).toBeTruthy();
	const other = bench.choices.find(({ setup }) => setup.faceOpen !== bench.chosen!.setup.faceOpen)!;
	bench.choose(other.key);
	await soon(() => {
		for (const [label, value] of setupRows(other.setup, centimetres))
			expect(row(label).getByText(value)).toBeTruthy();
	});
});

it('says of each school where its ball ends, and at which green speed it would be right', () => {
	render(SchoolsPanel, { bench });
	const items = within(screen.getByTestId('schools')).getAllByRole('listitem');
	expect(items).toHaveLength(bench.plan!.schools.length);
	bench.plan!.schools.forEach((call, i) => {
		const text = items[i]!.textContent ?? '';
		const ends = call.blocked
			? 'stopped on the way'
			: Math.abs(call.missAtHole) < 0.3
				? 'at the hole'
				: call.missAtHole > 0
					? 'past'
					: 'short';
		expect(text).toContain(ends);
		expect(text).toMatch(call.holdsAt === null ? /No green speed/ : /on a green of [\d.]+ ft/);
	});
});

it('compares the chosen way with another, figure by figure, and asks for the one picked', async () => {
	const [first, second, third] = bench.choices;
	const onagainst = vi.fn();
	render(ComparePanel, { bench, against: second!.key, onagainst });
	const cells = row('Strokes to hole out')
		.getAllByRole('cell')
		.map((cell) => cell.textContent);
	expect(cells).toEqual(
		[first, second].map((one) => strokesWords(one!.option!.statistics.expectedStrokes))
	);
	const select = screen.getByLabelText<HTMLSelectElement>('Compare with');
	expect([...select.options].map(({ value }) => value)).not.toContain(first!.key);
	await userEvent.selectOptions(select, third!.key);
	expect(onagainst).toHaveBeenCalledWith(third!.key);
});
