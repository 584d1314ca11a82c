import { expose } from 'comlink';
import { landingRegion } from '$lib/core/plan/studies/landingRegion';
import { createLocalSampler } from '$lib/core/plan/race/localSampler';
import { plan } from '$lib/core/plan/plan';
import { firstAnswer } from '$lib/core/plan/firstAnswer';
import { Question } from '$lib/core/plan/question/question';
import type { PlannerWorker } from '$lib/workers/protocol';

/** The page's error event, which this process does not know. */
export class Crash extends Event {
	readonly message = 'out of memory';
}

/** A worker of the page on a message channel of this process: the same protocol, no thread. */
export class LocalWorker extends EventTarget {
	readonly #channel = new MessageChannel();
	terminated = false;

	constructor(worker: Partial<PlannerWorker>) {
		super();
		expose(worker, this.#channel.port2);
		this.#channel.port1.addEventListener('message', (event) => this.answer(event.data));
		this.#channel.port1.start();
	}

	/** Hands a message of the worker on to the page. */
	protected answer(data: unknown): void {
		this.dispatchEvent(new MessageEvent('message', { data }));
	}

	postMessage(message: unknown, transfer: Transferable[] = []): void {
		this.#channel.port1.postMessage(message, transfer as never);
	}

	terminate(): void {
		this.terminated = true;
		this.#channel.port1.close();
		this.#channel.port2.close();
	}

	crash(): void {
		this.dispatchEvent(new Crash('error'));
	}
}

/** What a planning worker answers, with a question of its own. @param opened is told of each question that is opened */
export function planningWorker(opened: () => void = () => {}): Partial<PlannerWorker> {
	let question: Question;
	return {
		open(request) {
			opened();
			question = new Question(request);
		},
		firstAnswer: () => firstAnswer(question),
		sample: (jobs) => Promise.resolve(createLocalSampler(question)(jobs)),
		plan: (sampler, progress) => plan(question, sampler, progress),
		landingRegion: (candidate) => Promise.resolve(landingRegion(question, candidate))
	};
}
