import type { Reason } from '../../src/lib/core/plan/explain/reason';
import type { PlanOption } from '../../src/lib/core/plan/plan';
import { schoolFacts } from '../../src/lib/core/plan/explain/schoolCalls';
import { schoolOf } from '../../src/lib/core/schools/registry';
import { degrees } from '../../src/lib/core/units';
import type { Answer } from './answer';

/** What is wrong with an answer: the rule it breaks and how. */
export interface Violation {
	rule: string;
	detail: string;
}

type Rule = (answer: Answer) => string | null;

const trouble = ({ statistics: { chances } }: PlanOption): number =>
	chances.hazard + chances.fourOrMore;
const strokes = ({ statistics }: PlanOption): number => statistics.expectedStrokes;
const name = ({ rung: { play } }: PlanOption): string =>
	`${play.club.name} ${play.flight} ${Math.round(degrees(play.faceOpen))}`;

/** Chance of the sampling: differences under this are noise. */
const NOISE = 0.03;

const why = ({ plan }: Answer, code: Reason['code']): Reason | undefined =>
	plan.why.find((reason) => reason.code === code);

/** The rules that every answer must keep, by name. */
const RULES: Record<string, Rule> = {
	'always an answer': ({ plan }) => {
		const best = plan.options[0];
		if (!best) return 'no option';
		return Number.isFinite(strokes(best)) && plan.why.length > 0 && best.setup.cue
			? null
			: 'no strokes, reasons or setup';
	},
	'the call costs no more than its ties allow': ({ plan }) => {
		const [best, ...others] = plan.options;
		if (!best) return null;
		const cheapest = Math.min(...others.filter(({ tied }) => tied).map(strokes));
		return strokes(best) - cheapest > 2 * NOISE + best.statistics.standardError
			? `${name(best)} costs ${(strokes(best) - cheapest).toFixed(3)} more than a tie`
			: null;
	},
	'ties are broken by what can go wrong': ({ plan }) => {
		const [best, ...others] = plan.options;
		const worse = others.find(
			(option) =>
				option.tied &&
				best &&
				(best.statistics.chances.hazard - option.statistics.chances.hazard > 0.06 ||
					best.statistics.chances.fourOrMore - option.statistics.chances.fourOrMore > 0.06) &&
				trouble(best) > trouble(option)
		);
		return worse ? `${name(best!)} though ${name(worse)} has less trouble` : null;
	},
	'no ball rolls back from where it was hit': ({ plan }) => {
		const back = plan.options.find(({ finishes }) => finishes.some(([x]) => x < -40));
		return back ? `${name(back)} ends far behind` : null;
	},
	'straight-faced clubs are not opened': ({ plan }) => {
		const opened = plan.options.find(
			({ rung: { play } }) => play.faceOpen > 0 && degrees(play.club.loft) < 50
		);
		return opened ? name(opened) : null;
	},
	'the fewest strokes are the fewest': (answer) => {
		const [best, ...others] = answer.plan.options;
		if (!why(answer, 'fewestStrokes') || !best) return null;
		const cheaper = others.find((option) => strokes(option) < strokes(best) - 1e-9);
		return cheaper ? `${name(cheaper)} is cheaper than ${name(best)}` : null;
	},
	'least air is least': (answer) => {
		const reason = why(answer, 'tieLeastAir');
		const [best, ...others] = answer.plan.options;
		const flatter = others.find(
			({ tied, rung }) => tied && best && rung.airShare < best.rung.airShare
		);
		return reason && flatter ? `${name(flatter)} flies less` : null;
	},
	'less trouble is less': (answer) => {
		const reason = why(answer, 'tieLeastTrouble');
		const [best, ...others] = answer.plan.options;
		const flatter = others.filter(
			({ tied, rung }) => tied && best && rung.airShare < best.rung.airShare
		);
		const false_ = flatter.find((option) => trouble(option) <= trouble(best!));
		return reason && false_ ? `${name(false_)} has no more trouble` : null;
	},
	'kinder is kinder in everything': (answer) => {
		const reason = why(answer, 'safeCosts');
		if (reason?.code !== 'safeCosts' || !reason.kinder) return null;
		const [best, ...others] = answer.plan.options;
		const other = others.find(({ rung }) => rung.play === best!.rung.play)!;
		const [a, b] = [best!.statistics, other.statistics];
		return b.chances.fourOrMore > a.chances.fourOrMore ||
			b.leave.p90 > a.leave.p90 ||
			b.chances.hazard > a.chances.hazard
			? name(other)
			: null;
	},
	'a hazard is named where it lies': ({ plan, wire }) => {
		const landing = plan.options[0]?.rung.solution.outcome.landingX ?? 0;
		const across = wire.situation.hazards.filter(
			({ kind, side }) => (kind === 'sand' || kind === 'water') && (side ?? 'across') === 'across'
		);
		if (plan.cautions.includes('short-finds-hazard') && !across.some(({ from }) => from < landing))
			return 'short of nothing';
		return plan.cautions.includes('long-finds-hazard') &&
			!across.some(({ from }) => from >= landing)
			? 'beyond nothing'
			: null;
	},
	'a break is explained to its high side': (answer) => {
		const reason = why(answer, 'breaks');
		return reason?.code === 'breaks' && reason.aim * reason.slopeAcross >= 0 ? 'low side' : null;
	},
	'sentences are finished and said once': ({ said }) => {
		const twice = said.why.find((sentence, i) => said.why.indexOf(sentence) !== i);
		const broken = said.why.find((sentence) => /undefined|NaN|-0\.0|\bnull\b/.test(sentence));
		return twice ?? broken ?? null;
	},
	'a school that fits nothing is lifted aloud': (answer) => {
		const { wire, plan, question } = answer;
		if (wire.player.school === 'free' || plan.options.length === 0) return null;
		const restricted = plan.rejected.some(({ rejection }) => rejection.code === 'notInSchool');
		const lifted = why(answer, 'schoolLifted') !== undefined;
		const school = schoolOf(question.request.school)!;
		const facts = schoolFacts(question);
		const kept = plan.options.every(({ rung }) => school.allows(rung.play, facts));
		return restricted || lifted || kept ? null : 'neither kept nor lifted';
	},
	'the setup agrees with the shot': ({ plan, wire }) => {
		for (const { setup, rung } of plan.options) {
			const { play } = rung;
			if (setup.finish === 'face-at-you' && play.faceOpen <= 0)
				return `${play.flight} square, face at you`;
			const fives = degrees(setup.stanceOpen) / 5;
			if (fives > 6.01 || Math.abs(fives - Math.round(fives)) > 1e-6)
				return `stance ${degrees(setup.stanceOpen)}° open`;
			if (wire.situation.lie === 'semi-rough' && setup.wrists === 'none' && !play.club.putter)
				return 'rough without wrists';
			if (setup.leadWeight < 30 || setup.leadWeight > 80) return `weight ${setup.leadWeight}`;
		}
		return null;
	}
};

/** Every rule that an answer breaks. */
export const violations = (answer: Answer): Violation[] =>
	Object.entries(RULES).flatMap(([rule, broken]) => {
		const detail = broken(answer);
		return detail === null ? [] : [{ rule, detail }];
	});
