import type { Reason } from '../../src/lib/core/plan/explain/reason';
import type { PlanOption } from '../../src/lib/core/plan/plan';
import { schoolFacts } from '../../src/lib/core/plan/explain/schoolCalls';
import { schoolOf } from '../../src/lib/core/schools/registry';
import { LIES } from '../../src/lib/core/lie/lies';
import { expectedAround } from '../../src/lib/core/plan/race/cost';
import { AGAINST, WORTH_WILD } from '../../src/lib/core/plan/race/placing';
import { isWild } from '../../src/lib/core/plan/race/ties';
import { troubleOf } from '../../src/lib/core/plan/race/statistics';
import { degrees } from '../../src/lib/core/units';
import { onFreshBalls } from './fresh';
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
const name = ({ candidate: { play } }: PlanOption): string =>
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
		// What scatters over more than 40 m stands behind what does not, if it is a little cheaper.
		const ties = others.filter(
			({ tied, statistics }) => tied && (isWild(best.statistics) || !isWild(statistics))
		);
		// What lands short stands as if it cost a little more than it does, unless that is called itself.
		const stands = (option: PlanOption) =>
			strokes(option) + (option.candidate.against && !best.candidate.against ? AGAINST : 0);
		const cheapest = Math.min(...ties.map(stands));
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
				// What scatters over more than 40 m stands behind what does not, however rarely it ends in trouble.
				(isWild(best.statistics) || !isWild(option.statistics)) &&
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
			({ candidate: { play } }) => play.faceOpen > 0 && degrees(play.club.loft) < 50
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
		// The same play left elsewhere is no other way to play it.
		const flatter = others.find(
			({ tied, candidate }) =>
				tied &&
				best &&
				candidate.play !== best.candidate.play &&
				candidate.airShare < best.candidate.airShare
		);
		return reason && flatter ? `${name(flatter)} flies less` : null;
	},
	'less trouble is less, on fresh balls, than of everything it is said against': (answer) => {
		const least = why(answer, 'tieLeastTrouble');
		const safer = why(answer, 'tieSafer');
		const [best, ...others] = answer.plan.options;
		if (!best || (!least && !safer)) return null;
		const flatter = safer?.code === 'tieSafer' ? safer.flatter : null;
		const against = others.filter(
			({ tied, candidate }) =>
				tied &&
				candidate.play !== best.candidate.play &&
				(flatter === null || candidate.play === flatter)
		);
		const own = troubleOf(onFreshBalls(answer, best));
		const false_ = against.find((option) => troubleOf(onFreshBalls(answer, option)) <= own);
		return false_ ? `${name(false_)} has no more trouble` : null;
	},
	'chances and strokes say the same': ({ plan }) => {
		const false_ = plan.options.find(({ statistics: { expectedStrokes, chances } }) => {
			const { holed, upAndDown: two, fourOrMore: four } = chances;
			return expectedStrokes < holed + 2 * (two - holed) + 3 * (1 - two - four) + 4 * four - 0.015;
		});
		return false_ ? name(false_) : null;
	},
	'nothing wild is called for a tenth of a stroke': ({ plan }) => {
		const [best, ...others] = plan.options;
		if (!best || !isWild(best.statistics)) return null;
		const tame = others.find(
			(option) => !isWild(option.statistics) && strokes(option) <= strokes(best) + WORTH_WILD
		);
		return tame ? `${name(best)} though ${name(tame)} stays` : null;
	},
	'straight faces leave sand only from afar, or from firm sand without a lip': ({ plan, wire }) => {
		const { lie, toEdge, edgeToPin, sandSurface } = wire.situation;
		const best = plan.options[0];
		if (lie !== 'sand' || !best || wire.bag || degrees(best.candidate.play.club.loft) > 49)
			return null;
		return toEdge + edgeToPin > 25 || sandSurface === 'firm' ? null : name(best);
	},
	'only what alone works is called the only one': (answer) => {
		if (!why(answer, 'onlyOne')) return null;
		const { options, rejected } = answer.plan;
		const short = rejected.find(({ rejection }) => rejection.code === 'shortOfGreen');
		return options.length > 1 || short ? 'others land short, or elsewhere' : null;
	},
	'a drop is advised only where it could pay': (answer) => {
		const best = answer.plan.options[0];
		if (!best || !why(answer, 'drop')) return null;
		const { question } = answer;
		const from = LIES[question.situation.lie].sand ? 'sand' : 'rough';
		const dropped = 1 + expectedAround(question.pin, from, question.request.player.costs);
		const without = onFreshBalls(answer, best).expectedStrokes;
		return without < dropped - NOISE
			? `${without.toFixed(2)} without, ${dropped.toFixed(2)} with`
			: null;
	},
	'the habit is right only where it is cheapest': (answer) => {
		const [best, ...others] = answer.plan.options;
		if (!best || !why(answer, 'habitIsRight')) return null;
		const own = onFreshBalls(answer, best).expectedStrokes;
		const cheaper = others
			.filter((option) => option.tied)
			.find((option) => onFreshBalls(answer, option).expectedStrokes < own - NOISE);
		return cheaper ? `${name(cheaper)} is cheaper` : null;
	},
	'a place is named from three quarters of a metre off': (answer) => {
		const reason = why(answer, 'playedSafe');
		return reason?.code === 'playedSafe' &&
			Math.max(Math.abs(reason.past), Math.abs(reason.side)) < 0.75
			? `${reason.past.toFixed(2)} past, ${reason.side.toFixed(2)} aside`
			: null;
	},
	'off the green only where nothing that goes for the pin costs less, on fresh balls': (answer) => {
		const reason = why(answer, 'playedSafe');
		const [best, ...others] = answer.plan.options;
		if (!best || reason?.code !== 'playedSafe' || reason.onGreen) return null;
		const own = onFreshBalls(answer, best).expectedStrokes;
		const cheaper = others.find(
			(option) =>
				!option.candidate.safe && onFreshBalls(answer, option).expectedStrokes < own - 2 * NOISE
		);
		return cheaper ? `${name(cheaper)} goes for the pin` : null;
	},
	'what is said to cost what it says does, on fresh balls': (answer) => {
		const best = answer.plan.options[0];
		if (!best) return null;
		const own = onFreshBalls(answer, best);
		const off = Math.abs(own.expectedStrokes - strokes(best));
		return off > 4 * best.statistics.standardError + 0.01
			? `${strokes(best).toFixed(3)} ± ${best.statistics.standardError.toFixed(3)}, ${own.expectedStrokes.toFixed(3)} on others`
			: null;
	},
	'kinder is kinder in everything': (answer) => {
		const reason = why(answer, 'safeCosts');
		if (reason?.code !== 'safeCosts' || !reason.kinder) return null;
		const [best, ...others] = answer.plan.options;
		const other = others.find(({ candidate }) => candidate.play === best!.candidate.play)!;
		const [a, b] = [best!.statistics, other.statistics];
		return b.chances.fourOrMore > a.chances.fourOrMore ||
			b.leave.p90 > a.leave.p90 ||
			b.chances.hazard > a.chances.hazard
			? name(other)
			: null;
	},
	'a hazard is named where it lies': ({ plan, wire }) => {
		const landing = plan.options[0]?.candidate.solution.outcome.landingX ?? 0;
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
		const broken = said.why.find((sentence) =>
			/undefined|NaN|-0\.0|\b0\.00 strokes|\bnull\b/.test(sentence)
		);
		return twice ?? broken ?? null;
	},
	'a school that fits nothing is lifted aloud': (answer) => {
		const { wire, plan, question } = answer;
		if (wire.player.school === 'free' || plan.options.length === 0) return null;
		const restricted = plan.rejected.some(({ rejection }) => rejection.code === 'notInSchool');
		const lifted = why(answer, 'schoolLifted') !== undefined;
		const school = schoolOf(question.request.school)!;
		const facts = schoolFacts(question);
		const elsewhere = wire.situation.lie === 'sand' || school.advise(facts)?.beyond;
		if (elsewhere) return why(answer, 'schoolElsewhere') ? null : 'binds where it does not hold';
		const kept = plan.options.every(({ candidate }) => school.allows(candidate.play, facts));
		return restricted || lifted || kept ? null : 'neither kept nor lifted';
	},
	'the setup agrees with the shot': ({ plan, wire }) => {
		for (const { setup, candidate } of plan.options) {
			const { play } = candidate;
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
