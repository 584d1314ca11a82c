import { expect, it, vi } from 'vitest';
import { createRng, type Rng } from '$lib/core/math/random';
import { localSampler } from '$lib/core/plan/race/localSampler';
import { plan } from '$lib/core/plan/plan';
import { Question } from '$lib/core/plan/question/question';
import { PlannerPool } from '$lib/workers/plannerPool';
import { Crash, LocalWorker, planningWorker } from '../support/localWorker';
import { request } from '../support/scenes';
import { schedules } from './schedules';

/** Planning workers that crash, fall silent, or answer twice: a plan is right or fails with words, and the next one is answered. */

vi.stubGlobal('ErrorEvent', Crash);

const bag = [{ name: '52°', loft: 52 }];
const question = request({ fringe: 'grainy' }, {}, { bag, samples: 20 });
const alone = await plan(new Question(question), localSampler(new Question(question)));
const never = new AbortController().signal;
/** Well over what a block of these balls takes on this thread, in ms. */
const PATIENCE = 500;

type Fault = 'crash' | 'silence' | 'twice' | 'none';

class FaultyWorker extends LocalWorker {
	#silent = false;

	constructor(private readonly faultOf: () => Fault) {
		super(planningWorker());
	}

	protected override answer(data: unknown): void {
		const fault = this.#silent ? 'silence' : this.faultOf();
		if (fault === 'crash') return this.crash();
		if (fault === 'silence') {
			this.#silent = true;
			return;
		}
		super.answer(data);
		if (fault === 'twice') super.answer(data);
	}
}

function faultyPool(rng: Rng) {
	let sick = true;
	const met: Record<Fault, number> = { crash: 0, silence: 0, twice: 0, none: 0 };
	const faultOf = (): Fault => {
		const dice = sick ? rng.uniform() : 1;
		const fault = dice < 0.03 ? 'crash' : dice < 0.05 ? 'silence' : dice < 0.5 ? 'twice' : 'none';
		met[fault]++;
		return fault;
	};
	const start = () => new FaultyWorker(faultOf) as unknown as Worker;
	return { pool: new PlannerPool(start, 2, PATIENCE), met, heal: () => (sick = false) };
}

const met: Record<Fault, number> = { crash: 0, silence: 0, twice: 0, none: 0 };
const ASKED = 2;

/** A plan takes longer than a write: fewer of the schedules. */
const some = schedules.filter((seed) => seed % 5 === 1);

it.each(some)('answer rightly or fail with words (schedule %i)', async (seed) => {
	const { pool, met: here, heal } = faultyPool(createRng(5000 + seed));
	for (let i = 0; i < ASKED; i++) {
		// A question of its own each time: it has to be opened anew.
		const answer = await pool.plan({ ...question }, never, () => {}).catch((error: Error) => error);
		if (answer instanceof Error) expect(answer.message).toMatch(/^The planner stopped: /);
		else expect(answer.options).toEqual(alone.options);
	}
	heal();
	// Whoever fell silent before is found out by the next question at the latest.
	const settled = () => pool.plan({ ...question }, never, () => {});
	const healed = await settled().catch(settled).catch(settled);
	expect(healed.options).toEqual(alone.options);
	for (const fault of Object.keys(met) as Fault[]) met[fault] += here[fault];
	pool.close();
});

it('met every fault in these schedules', () => {
	expect(met.crash).toBeGreaterThan(0);
	expect(met.silence).toBeGreaterThan(0);
	expect(met.twice).toBeGreaterThan(met.crash);
});
