import type { Skill } from '$lib/core/player/player';
import { quantileSorted } from '$lib/core/math/quantiles';
import { judgeReading, TIE } from '$lib/core/trainer/reading';
import { exercise, LEVELS } from '$lib/core/trainer/situations';
import { ANY_CHOICE, committedTo, requestOf } from '../../tests/support/training';

const SKILLS: readonly Skill[] = ['high', 'middle', 'scratch', 'expert'];
const OTHER_LUCK = 7919;
/** Each of so many shots is judged under other luck, too: no multiple of the levels, so that all have some. */
const OTHER_OF = 5;

const sumOf = (of: readonly { cost: number }[]) => of.reduce((all, { cost }) => all + cost, 0);

/** What came of the best choice of so many made-up shots, a line for each level. */
export async function readingsTable(from: number, shots: number): Promise<string> {
	const of = Array.from({ length: LEVELS.most }, () => ({
		shots: 0,
		wrong: 0,
		apart: 0,
		lost: [] as number[],
		elsewhere: [] as number[],
		any: [] as number[]
	}));
	for (let seed = from; seed < from + shots; seed++) {
		const level = 1 + (seed % LEVELS.most);
		const { situation } = exercise(seed, level);
		const request = requestOf(
			situation,
			seed,
			SKILLS[Math.floor(seed / LEVELS.most) % SKILLS.length]
		);
		const first = await judgeReading(request, ANY_CHOICE);
		const best = committedTo(first.best, first.lie[0]);
		const again = await judgeReading(request, best);
		const row = of[level - 1]!;
		row.shots++;
		row.any.push(first.loss);
		row.lost.push(again.loss);
		if (again.loss >= TIE || again.steps.some(({ right }) => !right)) {
			row.wrong++;
			console.error(`seed ${seed}, level ${level}: ${JSON.stringify(again.steps)}`);
		}
		const sums = [first, again];
		if (seed % OTHER_OF === 0) {
			const elsewhere = await judgeReading({ ...request, seed: seed + OTHER_LUCK }, best);
			row.elsewhere.push(elsewhere.loss);
			sums.push(elsewhere);
		}
		if (sums.some(({ steps, loss }) => Math.abs(sumOf(steps) - loss) > 1e-9)) row.apart++;
	}
	const figure = (value: number) => value.toFixed(3);
	const part = (values: number[], share: number) =>
		figure(
			quantileSorted(
				values.toSorted((a, b) => a - b),
				share
			)
		);
	return [
		'| level | shots | best choice loses | steps do not add up | most it loses | under other luck: half, 95 of 100 | one and the same choice for all: half |',
		'| --- | --- | --- | --- | --- | --- | --- |',
		...of
			.filter((row) => row.shots > 0)
			.map(
				(row) =>
					`| ${of.indexOf(row) + 1} | ${row.shots} | ${row.wrong} | ${row.apart} | ${figure(Math.max(...row.lost))} | ${part(row.elsewhere, 0.5)}, ${part(row.elsewhere, 0.95)} | ${part(row.any, 0.5)} |`
			)
	].join('\n');
}
