import 'fake-indexeddb/auto';
import { render, screen } from '@testing-library/svelte';
import { userEvent } from '@testing-library/user-event';
import { afterEach, expect, it } from 'vitest';
import { freshShot } from '$lib/io/work/freshShot';
import { bench, closeBenches, opened, readyBench } from '../../../../../tests/support/benches';
import { directPool } from '../../../../../tests/support/planner';
import { until } from '../../../../../tests/support/soon';
import { whoever } from '../../../../../tests/support/pupils';
import { silentPool } from '../../../../../tests/support/silentPool';
import CallBanner from './CallBanner.svelte';

afterEach(closeBenches);

const said = () => screen.getByTestId('call').textContent?.replace(/\s+/g, ' ') ?? '';

it('says club, landing, swing and aim of the best way, and why it is the best', async () => {
	const shot = await readyBench(({ situation }) => (situation.lie = 'semi-rough'));
	render(CallBanner, { bench: shot });
	const { candidate, swing } = shot.choices[0]!;
	expect(said()).toContain(candidate.play.club.name);
	expect(said()).toMatch(/land it [\d.]+ (m|yd) (on|short of the green)/);
	expect(said()).toContain(swing.name);
	expect(said()).not.toContain('Your choice');
	expect(screen.queryByRole('button')).toBeNull();
});

it('says that another way is the person’s own choice, and names that one', async () => {
	const shot = await readyBench();
	render(CallBanner, { bench: shot });
	const other = shot.choices.find(
		({ candidate }) => candidate.play.club.name !== shot.choices[0]!.candidate.play.club.name
	)!;
	shot.choose(other.key);
	await until(() => said().includes('Your choice'));
	expect(said()).toContain(other.candidate.play.club.name);
});

it('says what is wrong instead of a call', () => {
	const shot = opened(silentPool(), () => ({ ...whoever(), clubs: [] }));
	shot.open({ shot: freshShot('pupil-1'), name: '', origin: null });
	render(CallBanner, { bench: shot });
	expect(said()).toContain('No call yet');
	expect(said()).toContain(shot.problems[0]!.message);
});

it('is stopped while the balls are played, says so, and goes on', async () => {
	const never = () => new Promise<never>(() => {});
	const pool = directPool({
		plan: (_request, signal) =>
			new Promise((_, reject) =>
				signal.addEventListener('abort', () => reject(signal.reason as Error))
			)
	}).pool;
	const shot = opened(pool);
	shot.open({ shot: freshShot('pupil-1'), name: '', origin: null });
	render(CallBanner, { bench: shot });
	await userEvent.click(await screen.findByRole('button', { name: 'Stop' }));
	expect(said()).toContain('Stopped early');
	expect(said()).toContain('Least air of the shots that work');
	pool.plan = never;
	await userEvent.click(screen.getByRole('button', { name: 'Go on' }));
	await until(() => said().includes('Playing it'));
});

it('says why there is no answer when the work fails', async () => {
	const shot = opened(
		directPool({ plan: () => Promise.reject(new Error('The planner broke.')) }).pool
	);
	shot.open({ shot: freshShot('pupil-1'), name: '', origin: null });
	render(CallBanner, { bench: shot });
	await until(() => said().includes('The planner broke.'));
	expect(screen.getByRole('button', { name: 'Go on' })).toBeTruthy();
});

it('calls what only limits the damage by its name', async () => {
	const { bench: shot } = bench();
	shot.change(({ situation }) => {
		situation.lie = 'sand';
		situation.sandSurface = 'plugged';
		situation.toEdge = 8;
		situation.edgeToPin = 2;
		situation.stimpFeet = 13;
		situation.slopeAlong = -6;
	});
	await until(() => shot.status === 'ready');
	render(CallBanner, { bench: shot });
	expect(shot.choices[0]!.candidate.against).toBeTruthy();
	const worst = shot.choices.at(-1)!;
	shot.choose(worst.key);
	await until(() => said().includes('Damage limitation') || said().includes('Your choice'));
	expect(said()).toContain(worst.candidate.against ? 'Damage limitation: it' : 'Your choice');
});
