import 'fake-indexeddb/auto';
import { render, screen } from '@testing-library/svelte';
import { userEvent } from '@testing-library/user-event';
import { tick } from 'svelte';
import { afterEach, expect, it, vi } from 'vitest';
import { airDensity } from '$lib/core/ball/airDensity';
import { freshShot } from '$lib/io/work/freshShot';
import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';
import { closeBenches, opened } from '../../../../../tests/support/benches';
import { whoever } from '../../../../../tests/support/pupils';
import { silentPool } from '../../../../../tests/support/silentPool';
import { questionTiles, type QuestionId } from './questions';
import QuestionBar from './QuestionBar.svelte';
import QuestionSheet from './QuestionSheet.svelte';
import { soon } from '../../../../../tests/support/soon';

afterEach(closeBenches);

let bench: ShotBench;
const user = userEvent.setup();

const tiles = () =>
	questionTiles(bench.shot, bench.file.pupil, bench.stance, (metres) => `${metres} m`);

function ask(id: QuestionId) {
	bench = opened(silentPool(), whoever);
	bench.open({ shot: freshShot('pupil-1'), name: '', origin: null });
	const onclose = vi.fn();
	render(QuestionSheet, { bench, tile: tiles().find((tile) => tile.id === id)!, onclose });
	return onclose;
}

const situation = () => bench.shot.situation;
const answer = (id: QuestionId) => tiles().find((tile) => tile.id === id)!.answer;
const set = async (label: string, text: string) => {
	const field = screen.getByLabelText(label);
	await user.clear(field);
	await user.type(field, text);
};

it('has one tile a question with its answer, tells which is open, and asks for the one touched', async () => {
	bench = opened(silentPool(), whoever);
	bench.open({ shot: freshShot('pupil-1'), name: '', origin: null });
	const onask = vi.fn();
	render(QuestionBar, { tiles: tiles(), asked: 'slope', onask });
	const buttons = screen.getAllByRole('button');
	expect(buttons).toHaveLength(9);
	expect(buttons.map((button) => button.getAttribute('aria-expanded'))).toEqual(
		tiles().map(({ id }) => String(id === 'slope'))
	);
	expect(screen.getByRole('button', { name: /Slope.*Level/ })).toBeTruthy();
	await user.click(screen.getByRole('button', { name: /^Distances/ }));
	expect(onask).toHaveBeenCalledWith('distance');
});

it('puts the cursor on the question, and is closed by Done and by Escape', async () => {
	const onclose = ask('lie');
	await soon(() => expect(document.activeElement?.textContent?.trim()).toBe('How it lies'));
	await user.keyboard('{Escape}');
	await user.click(screen.getByRole('button', { name: 'Done' }));
	expect(onclose).toHaveBeenCalledTimes(2);
});

it('asks how the sand is only in sand, and puts lie, ball and water on the shot', async () => {
	ask('lie');
	expect(screen.queryByLabelText('The sand')).toBeNull();
	await user.click(screen.getByLabelText(/^Sand/));
	await user.selectOptions(screen.getByLabelText('The sand'), 'Firm or wet, ball on top');
	await user.selectOptions(screen.getByLabelText('Ball'), 'Range ball');
	await user.click(screen.getByLabelText('Wet or dewy'));
	expect(situation()).toMatchObject({ lie: 'sand', sandSurface: 'firm', ball: 'firm', wet: true });
	expect(answer('lie')).toBe('Sand, firm, wet');
});

it('takes a stance as said, and levels it again', async () => {
	ask('stance');
	expect(screen.getByText(/Level ground unless you say otherwise/)).toBeTruthy();
	await set('Uphill to the target (+)', '-8');
	await set('Ball above the feet (+)', '5');
	expect(situation().stance).toEqual({ along: -8, across: 5 });
	expect(answer('stance')).toBe('8 % downhill, ball above feet');
	await user.click(screen.getByRole('button', { name: 'Make it level' }));
	expect(situation().stance).toBeUndefined();
});

it('refuses a distance that is none, says what is kept, and takes the next good one', async () => {
	ask('distance');
	await soon(() => expect(document.activeElement?.id).toBe('question-heading'));
	const field = screen.getByLabelText<HTMLInputElement>('Ball to edge');
	await user.tripleClick(field);
	await user.paste('900');
	expect(screen.getByRole('alert').textContent).toContain('Kept: 3');
	expect(situation().toEdge).toBe(3);
	await set('Ball to edge', '6,5');
	expect(screen.queryByRole('alert')).toBeNull();
	expect(situation().toEdge).toBe(6.5);
});

it('lets the grass before the edge go with the lie until something else is said of it', async () => {
	ask('lie');
	await user.click(screen.getByLabelText('Semi-rough'));
	expect(situation()).toMatchObject({ lie: 'semi-rough', fringe: 'rough' });
	await user.click(screen.getByLabelText('Fairway'));
	expect(situation().fringe).toBe('smooth');
	bench.change((shot) => (shot.situation.fringe = 'grainy'));
	await user.click(screen.getByLabelText('Deep rough'));
	expect(situation()).toMatchObject({ lie: 'deep-rough', fringe: 'grainy' });
});

it('keeps the field that is typed into, key by key, though its tile is made anew with each', async () => {
	bench = opened(silentPool(), whoever);
	bench.open({ shot: freshShot('pupil-1'), name: '', origin: null });
	const tile = () => tiles().find(({ id }) => id === 'distance')!;
	const { rerender } = render(QuestionSheet, { bench, tile: tile(), onclose: vi.fn() });
	await soon(() => expect(document.activeElement?.id).toBe('question-heading'));
	const field = screen.getByLabelText<HTMLInputElement>('Ball to edge');
	field.focus();
	field.select();
	for (const key of '12.5') {
		await user.keyboard(key);
		expect(document.activeElement).toBe(field);
		await rerender({ tile: tile() });
		await tick();
	}
	expect(field.value).toBe('12.5');
	expect(situation().toEdge).toBe(12.5);
});

it('cuts the grass before the edge into two halves, and leaves the kind of the last when one is removed', async () => {
	ask('distance');
	await user.click(screen.getByRole('button', { name: 'More than one kind' }));
	expect(situation().grass).toEqual([
		{ kind: 'smooth', length: 1.5 },
		{ kind: 'smooth', length: 1.5 }
	]);
	await user.selectOptions(screen.getByLabelText('Stretch 2'), 'Rough');
	await user.click(screen.getByRole('button', { name: 'Add a stretch' }));
	expect(situation().grass).toHaveLength(3);
	await user.click(screen.getByRole('button', { name: 'Remove stretch 3' }));
	await user.click(screen.getByRole('button', { name: 'Remove stretch 1' }));
	expect(situation().grass).toBeUndefined();
	expect(situation().fringe).toBe('rough');
});

it('sets speed, firmness and grain of today', async () => {
	ask('green');
	await set('Green speed', '11.5');
	await user.selectOptions(screen.getByLabelText('Firmness'), 'Firm');
	await user.selectOptions(screen.getByLabelText('Grain'), 'Toward the left');
	expect(situation()).toMatchObject({ stimpFeet: 11.5, firmness: 'firm', grain: 'left' });
	expect(answer('green')).toBe('11.5 ft, firm');
});

it('cuts a slope into stretches that begin as the slope was, and goes back when the last is removed', async () => {
	ask('slope');
	await set('Slope to pin (+ up)', '3');
	await set('Falls to right (+)', '-2');
	expect(answer('slope')).toBe('3.0 % up, falls left');
	await user.click(screen.getByRole('button', { name: 'More than one slope' }));
	const cut = situation().segments!;
	expect(cut.length).toBeGreaterThan(0);
	expect(cut.every(({ slopeAlong, slopeAcross }) => slopeAlong === 3 && slopeAcross === -2)).toBe(
		true
	);
	await user.selectOptions(screen.getByLabelText('Stretch 1'), 'Face of a tier');
	expect(situation().segments![0]!.kind).toBe('tier');
	for (let i = cut.length; i > 0; i--)
		await user.click(screen.getByRole('button', { name: 'Remove stretch 1' }));
	expect(situation().segments).toBeUndefined();
});

it('narrows the green on one side, and makes it wide again', async () => {
	ask('way');
	expect(screen.queryByRole('button', { name: 'Wide on both sides' })).toBeNull();
	await set('Green left of the line', '4');
	expect(situation().width).toEqual({ left: 4, right: 12 });
	await user.click(screen.getByRole('button', { name: 'Wide on both sides' }));
	expect(situation().width).toBeUndefined();
});

it('works the air out of altitude and temperature, beside the wind', async () => {
	ask('air');
	await set('Wind to the right (+)', '-6');
	await set('Altitude', '1500');
	await set('Temperature', '30');
	expect(situation().wind).toEqual({ along: 0, across: -6 });
	expect(situation().airDensity).toBeCloseTo(airDensity(1500, 30), 3);
	expect(answer('air')).toBe('6 m/s to the left');
});

it('asks for kinds, clubs and heights, and lets each of them be again', async () => {
	ask('wanted');
	const touch = async (name: string | RegExp) =>
		user.click(await screen.findByRole('button', { name }));
	await touch(/^Chip/);
	await touch(/^Pitch/);
	expect(bench.shot.wanted).toEqual({ kinds: ['chip', 'pitch'] });
	expect(answer('wanted')).toBe('Chip or pitch');
	await touch('No putter');
	expect(bench.shot.wanted!.kinds).not.toContain('putt');
	// From there one kind is one kind, not all but the putt and it.
	await touch(/^Lob/);
	expect(bench.shot.wanted).toEqual({ kinds: ['lob'] });
	const [first] = bench.bag;
	const club = new RegExp(`^${first!.name}(,|$)`);
	await touch(club);
	expect(bench.shot.wanted!.without).toEqual([first!.id]);
	await touch(club);
	expect(bench.shot.wanted).toEqual({ kinds: ['lob'], clubs: [first!.id] });
	await touch(club);
	await user.click(screen.getByLabelText('At most, under a branch'));
	await set('Height of the flight', '2.5{Tab}');
	expect(bench.shot.wanted).toEqual({ kinds: ['lob'], apexAtMost: 2.5 });
	await user.click(screen.getByLabelText('At most, under a branch'));
	await touch('The best of all');
	expect(bench.shot).not.toHaveProperty('wanted');
});
