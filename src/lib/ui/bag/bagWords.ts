import type { CarryGap, CarryOverlap } from '$lib/core/player/carryAdvice';
import { wantsAnotherDay, type CarryCell, type Contradiction } from '$lib/core/player/carryTable';
import type { SwingVocabulary } from '$lib/core/player/swingLength';
import type { Metres } from '$lib/core/units';
import type { ClubDraft } from '$lib/io/work/club';
import type { CarryFlight } from '$lib/core/solve/measuredSwings';
import { markWords } from '$lib/io/words/swing';
import type { WorthMeasuring } from './measuringStudy.svelte';

type Length = (metres: Metres) => string;

/** What a flight is called where carries are measured. */
export const FLIGHT_WORDS: readonly { value: CarryFlight; label: string }[] = [
	{ value: 'standard', label: 'Standard' },
	{ value: 'low', label: 'Low' },
	{ value: 'high', label: 'High' },
	{ value: 'open', label: 'Face open' },
	{ value: 'splash', label: 'From sand' }
];

/** On how many days the balls of a cell were hit, and whether another would tell more than more balls; empty for a single ball. */
export function daysWords(cell: CarryCell): string {
	if (cell.stated || cell.n < 2) return '';
	if (cell.days > 1) return ` from ${cell.days} days`;
	return `, all of one day${wantsAnotherDay(cell) ? ': another day would tell more than more balls' : ''}`;
}

/** Says swings of a pupil's clubs. */
export class BagWords {
	constructor(
		private readonly clubs: readonly ClubDraft[],
		private readonly vocabulary: SwingVocabulary,
		private readonly length: Length
	) {}

	club(id: string): string {
		return this.clubs.find((club) => club.id === id)?.name ?? 'a club that is gone';
	}

	swing({ club, swing }: Pick<CarryCell, 'club' | 'swing'>): string {
		return `${markWords(swing, this.vocabulary)} ${this.club(club)}`;
	}

	/** Distances without unit between the first and the last: "22 and 27 m". */
	gap({ from, to, below, above }: CarryGap): string {
		return `Nothing between ${this.length(from)} (${this.swing(below)}) and ${this.length(to)} (${this.swing(above)}).`;
	}

	overlap({ one, other }: CarryOverlap): string {
		return `${this.swing(one)} and ${this.swing(other)} go the same, ${this.length(one.mean)}.`;
	}

	contradiction(cell: CarryCell): string {
		const why: Record<Contradiction, string> = {
			exchanged: 'it looks exchanged with its neighbour',
			uneven: 'the two swings were not kept apart'
		};
		return cell.contradiction
			? `${this.swing(cell)} does not fit the swing beside it: ${why[cell.contradiction]}.`
			: '';
	}

	worth({ club, swing, strokes, shots }: WorthMeasuring): string {
		const saved = strokes / shots;
		return `${this.swing({ club, swing })}: ${shots} of the saved shots ${shots === 1 ? 'calls' : 'call'} for it, and guessing its length costs ${saved.toFixed(2)} of a stroke each time.`;
	}
}
