import 'fake-indexeddb/auto';
import { render, screen } from '@testing-library/svelte';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { practisedSession } from '../../../../../tests/support/sessions';
import { pupilFile } from '../../../../../tests/support/pupils';
import { SessionBench } from '$lib/ui/practice/state/sessionBench.svelte';
import TypedBall from './TypedBall.svelte';

function open(measure: 'roll-out' | 'carry' | 'finish' = 'roll-out') {
	const session = practisedSession();
	const file = pupilFile();
	const bench = new SessionBench(
		{ ...session, rules: { ...session.rules, measure } },
		[],
		() => file
	);
	render(TypedBall, { bench });
	return { bench, user: userEvent.setup() };
}
const note = () => screen.getByRole('button', { name: 'Note it' });

describe('a typed ball', () => {
	it('is noted with where it landed and stopped, left of the line as a minus', async () => {
		const { bench, user } = open();
		await user.type(screen.getByLabelText(/^Landed/), '13,5');
		await user.type(screen.getByLabelText(/^Stopped/), '17');
		await user.type(screen.getByLabelText(/^Right of line/), '-0.5');
		await user.click(note());
		expect(bench.balls[0]).toMatchObject({
			landed: [13.5, -0.5],
			finished: [17, -0.5],
			source: 'typed'
		});
		expect(screen.getByLabelText(/^Landed/)).toHaveProperty('value', '');
	});

	it.each([
		['', '', 'Type where it landed'],
		['0', '4', 'Landed'],
		['9999', '', 'Landed'],
		['near', '', 'Landed']
	])('is refused in words: landed %j, stopped %j', async (landed, stopped, message) => {
		const { bench, user } = open();
		if (landed) await user.type(screen.getByLabelText(/^Landed/), landed);
		if (stopped) await user.type(screen.getByLabelText(/^Stopped/), stopped);
		await user.click(note());
		expect(screen.getByRole('alert').textContent).toContain(message);
		expect(bench.balls).toEqual([]);
		expect(screen.getByLabelText(/^Landed/)).toHaveProperty('value', landed);
	});

	it('may spin back, and is asked about when it spun back far', async () => {
		const { bench, user } = open();
		await user.type(screen.getByLabelText(/^Landed/), '14');
		await user.type(screen.getByLabelText(/^Stopped/), '13');
		await user.click(note());
		expect(bench.balls).toHaveLength(1);
		await user.type(screen.getByLabelText(/^Landed/), '14');
		await user.type(screen.getByLabelText(/^Stopped/), '9');
		await user.click(note());
		expect(bench.balls).toHaveLength(1);
		expect(screen.getByRole('alert').textContent).toContain('spun back');
		await user.click(note());
		expect(bench.balls).toHaveLength(2);
	});

	it('is asked only for what the drill notes', () => {
		open('carry');
		expect(screen.queryByLabelText(/^Stopped/)).toBeNull();
	});
});
