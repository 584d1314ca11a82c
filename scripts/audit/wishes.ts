import { SHOT_KINDS } from '../../src/lib/core/plan/question/shotKind';
import { planRequestSchema } from '../../src/lib/io/contract/planRequest';
import { answer, type Answer } from './answer';
import type { Violation } from './rules';

/** Strokes that two ways of ranking the same balls may differ by. */
const SAME = 1e-9;

/**
 * The same situation asked for one kind of shot: there is an answer, of no other kind, and what the free choice would save is the difference
 * to the answer that was not restricted.
 *
 * @param index decides which kind
 */
export async function wishTrouble(base: Answer, index: number): Promise<Violation[]> {
	const kind = SHOT_KINDS[index % SHOT_KINDS.length]!;
	const wish = { ...base.wire, wanted: { kinds: [kind] } };
	// What no club of the bag makes from this lie is refused, in words.
	const parsed = planRequestSchema.safeParse(wish);
	if (!parsed.success) return [];
	const { said, plan } = await answer(parsed.data);
	// Nothing of the kind can be made on this ground, wherever it is played to: the best of all stands there instead, and is said to.
	if (plan.free?.instead) return [];
	const trouble: Violation[] = [];
	const note = (rule: string, detail: string) =>
		trouble.push({ rule, detail: `${kind}: ${detail}` });
	if (said.options.length === 0) note('a wish has an answer', 'none');
	const other = said.options.find(({ shot }) => shot !== kind);
	if (other) note('a wish gets no other kind', `${other.club} ${other.shot}`);
	const free = base.wire.player.school === 'free' ? base.plan.options[0] : undefined;
	if (free && plan.free) {
		const off = plan.free.expectedStrokes - free.statistics.expectedStrokes;
		if (Math.abs(off) > SAME) note('the price of a wish is the difference', off.toFixed(4));
	}
	return trouble;
}
