import type { LandingRegion } from '$lib/core/plan/studies/landingRegion';
import type { Situation } from '$lib/core/plan/question/situation';
import type { Metres } from '$lib/core/units';
import type { PlanLayers } from './planLayers';
import { GOOD_LEAVE, hasBad, hasGood } from './landingAreas';
import type { Choice } from '$lib/ui/call/choices';
import { endWords } from '$lib/ui/call/callWords';

const STRAIGHT: Metres = 0.05;
const FLAT = 0.005;

function aimWords(choice: Choice, pin: Metres, say: (metres: Metres) => string): string {
	const aim = choice.aimOffset;
	const where =
		Math.abs(aim) < STRAIGHT
			? 'Aim at the pin'
			: `Aim ${say(Math.abs(aim))} ${aim < 0 ? 'left' : 'right'} of the pin`;
	const end = endWords(choice, pin, say);
	return end ? `${where}, ${end}` : where;
}

function regionWords(
	region: LandingRegion,
	elsewhere: boolean,
	say: (metres: Metres) => string
): string {
	const there = elsewhere ? ' of where it is meant to' : ' of the hole';
	const outlined = hasGood(region)
		? `red area: landed in it, it ends within ${say(GOOD_LEAVE)}${there}`
		: `no landing spot brings this one within ${say(GOOD_LEAVE)}${there}`;
	return hasBad(region) ? `${outlined} · hatched: leaves the green` : outlined;
}

/** What the plan shows, in short sentences. */
export function planWords(
	chosen: Choice | null,
	region: LandingRegion | null,
	ground: {
		pin: Metres;
		mapped: boolean;
		sloping: Situation['segments'];
		shows: Pick<PlanLayers, 'balls' | 'slope'>;
	},
	say: (metres: Metres) => string
): string[] {
	const words: string[] = [];
	if (chosen) words.push(aimWords(chosen, ground.pin, say));
	if (region) words.push(regionWords(region, chosen?.candidate.safe ?? false, say));
	if (chosen?.option && ground.shows.balls)
		words.push('rings: half and nine tenths of the balls, red landing, black ending');
	if (!ground.shows.slope) return words;
	if (ground.mapped) words.push('arrows: downhill, percent · blue: straight down past the hole');
	else if (ground.sloping.some((s) => Math.hypot(s.slopeAlong, s.slopeAcross) >= FLAT))
		words.push('arrows point downhill');
	return words;
}
