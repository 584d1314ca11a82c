import type { Scene } from '../../ball/simulate';
import type { Club } from '../../club/club';
import type { Stance } from '../../lie/stance';
import { intend, playKey, type Intent, type Play } from '../../player/intent';
import { fastestSwing } from '../../player/player';
import type { Metres, MetresPerSecond } from '../../units';
import type { PlanRequest } from './request';
import { sceneOf } from './scene';
import { pinDistance, type Situation } from './situation';
import { stanceAt } from './stanceAt';
import { pinTarget } from './target';
import { ANY_SHOT, wantsClub, type Wanted } from './wanted';

/** A request made ready to be worked on: scenes and intents are built when first wanted, and once. */
export class Question {
	readonly request: PlanRequest;
	/** Station of the hole, and where along the line a ball played at it should end. */
	readonly pin: Metres;
	readonly target: Metres;
	#bare: Scene | null = null;
	#obstructed: Scene | null = null;
	#played: Scene | null = null;
	#stance: Stance | null = null;
	#clubs: readonly Club[] | null = null;
	readonly #intents = new Map<string, Intent>();

	/**
	 * @throws RangeError where the bag is empty, or samples are not a whole number above 0
	 */
	constructor(request: PlanRequest) {
		if (request.bag.length === 0) throw new RangeError('Question: the bag is empty');
		if (!Number.isInteger(request.samples) || request.samples < 1)
			throw new RangeError(
				`Question: samples must be a whole number above 0, not ${request.samples}`
			);
		this.request = request;
		this.pin = pinDistance(request.situation);
		this.target = pinTarget(request.situation);
	}

	/** The shot that is asked for. */
	get wanted(): Wanted {
		return this.request.wanted ?? ANY_SHOT;
	}

	/** The clubs to choose from. */
	get clubs(): readonly Club[] {
		return (this.#clubs ??= this.request.bag.filter(({ id }) => wantsClub(this.wanted, id)));
	}

	get situation(): Situation {
		return this.request.situation;
	}

	/** As if nothing were in the way, without a hole: how a ball would travel. */
	get bare(): Scene {
		return (this.#bare ??= sceneOf(this.situation, { hazards: false, hole: false }));
	}

	/** With everything in the way, without a hole. */
	get obstructed(): Scene {
		return (this.#obstructed ??= sceneOf(this.situation, { hazards: true, hole: false }));
	}

	/** With everything in the way and a hole to drop into. */
	get played(): Scene {
		return (this.#played ??= sceneOf(this.situation, { hazards: true, hole: true }));
	}

	/** Slope under ball and feet, as said or as the ground has it. */
	get stance(): Stance {
		return (this.#stance ??= stanceAt(this.situation, this.request.player.hand, this.bare.ground));
	}

	/** What a play delivers from this lie in these hands. */
	intent(play: Play): Intent {
		const { loft, bounce } = play.club;
		const key = `${playKey(play)}/${loft}/${bounce}`;
		const known = this.#intents.get(key);
		if (known) return known;
		const { technique, hand, delivered } = this.request.player;
		const conditions = { ...this.situation, stance: this.stance };
		const intent = intend(play, conditions, technique, hand, delivered);
		this.#intents.set(key, intent);
		return intent;
	}

	fastest(play: Play): MetresPerSecond {
		return fastestSwing(play.club, this.request.player);
	}

	/** The same question of the best shot of all: nothing in particular is asked for, and no school restricts it. */
	freed(): Question {
		const { wanted: _wanted, ...request } = this.request;
		return new Question({ ...request, school: 'free' });
	}

	/** The same question in a world that differs. */
	within(situation: Situation): Question {
		return new Question({ ...this.request, situation });
	}
}
