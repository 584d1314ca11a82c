import { render, screen } from '@testing-library/svelte';
import { userEvent } from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import { directPool, type AskedPool } from '../../../../tests/support/planner';
import { until } from '../../../../tests/support/soon';
import FirstShot from './FirstShot.svelte';

let direct: AskedPool;

vi.mock('$lib/workers/plannerPool', () => ({
	startPlanner: () => {
		throw new Error('no workers here');
	},
	PlannerPool: class {
		constructor() {
			return direct.pool;
		}
	}
}));
beforeEach(() => (direct = directPool()));

const said = () => screen.getByTestId('first-call').textContent?.replace(/\s+/g, ' ') ?? '';

it('calls the shot while its numbers are typed, and hands both over', async () => {
	const onstart = vi.fn();
	const { unmount } = render(FirstShot, { onstart });
	expect(said()).toContain('Working it out');
	await until(() => /land it|roll it/.test(said()));
	const edge = screen.getByLabelText('Ball to the edge of the green');
	await userEvent.clear(edge);
	await userEvent.type(edge, '18{Tab}');
	await until(() => direct.asked.at(-1)?.situation.toEdge === 18);
	await until(() => said().includes('pitch'));
	expect(onstart).not.toHaveBeenCalled();
	await userEvent.click(screen.getByRole('button', { name: 'Draw this shot' }));
	expect(onstart.mock.lastCall?.[0]).toMatchObject({
		shot: { situation: { toEdge: 18, edgeToPin: 9, stimpFeet: 10 } },
		pool: direct.pool
	});
	unmount();
	expect(direct.closed()).toBe(false);
});
