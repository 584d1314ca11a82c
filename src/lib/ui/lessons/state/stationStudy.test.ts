import { describe, expect, it } from 'vitest';
import { hitterOf, levelGreen } from '../../../../../tests/support/stations';
import type { Reach, ReachQuestion } from '$lib/core/lessons/stationBalls';
import { Lane } from '$lib/core/lessons/zone';
import { fromFeet } from '$lib/core/units';
import type { Block } from '$lib/io/lessons/lesson';
import { turnedBy, type StationPlace } from '$lib/io/lessons/stations';
import type { PlannerPool } from '$lib/workers/plannerPool';
import { StationStudy, type ClinicSetting } from './stationStudy.svelte';

const green = levelGreen(30, 24);
const setting: ClinicSetting = {
	greens: [{ id: 'only', green, day: { greenSpeed: fromFeet(9), firmness: 'medium', wet: false } }],
	stations: [hitterOf('scratch', 'SW', 4, 0), hitterOf('scratch', 'PW', 5, 0)].map((one, i) => ({
		block: { id: `block-${i}` } as Block,
		hitters: [one]
	}))
};

/** Metres that every ball flies, straight where it is aimed at. */
const FLOWN = 9;

/** All balls of a station or none: what balls do is held to by the core's own tests and `npm run safety`. */
const reaches = ({ stations }: ReachQuestion): Reach[][] =>
	stations.map(({ station: { ball, heading }, zones }) =>
		zones.map((zone) => {
			const end = [
				ball[0] + FLOWN * Math.cos(heading),
				ball[1] + FLOWN * Math.sin(heading)
			] as const;
			const share = new Lane(zone).isMetBy(ball, end) ? 1 : 0;
			return { share, most: share };
		})
	);

/** Answers as the workers do, one after the other; counts the balls that were asked for. */
function onThisThread() {
	const balls = { most: 0 };
	const pool: Partial<PlannerPool> = {
		askEach: async (items, asked, signal, progress) => {
			const answers = [];
			for (const [i, item] of items.entries()) {
				signal.throwIfAborted();
				const remote = {
					stationReaches: (question: ReachQuestion) => {
						balls.most += question.counts.face * question.stations.length;
						return Promise.resolve(reaches(question));
					}
				};
				answers.push(await asked(remote as never, item));
				progress((i + 1) / items.length);
			}
			return answers;
		}
	};
	return { pool: pool as PlannerPool, balls };
}

describe('a layout of stations', () => {
	it('is found where there is room for one, and is as safe when it is judged by itself', async () => {
		const search = new StationStudy(onThisThread().pool);
		await search.find(setting);
		const found = search.found!;
		expect(found.map(({ id, greenId }) => [id, greenId])).toEqual([
			['block-0', 'only'],
			['block-1', 'only']
		]);
		const study = new StationStudy(onThisThread().pool);
		await study.judge(found, setting);
		expect(study.verdict).toEqual({ places: found, dangers: [], wayOut: undefined });
	});

	it('is told with its dangers and a turn that helps where one hits at another', async () => {
		const { pool } = onThisThread();
		const study = new StationStudy(pool);
		const place = (id: string, u: number): StationPlace => ({
			id,
			greenId: 'only',
			ball: [u, 12],
			toward: [u + 6, 12]
		});
		const places = [place('block-0', -1), place('block-1', 6)];
		await study.judge(places, setting);
		expect(study.verdict!.dangers[0]).toMatchObject({ from: 0, station: 1 });
		const { turn } = study.verdict!.wayOut!;
		expect(turn).not.toBeNull();
		const turned = [turnedBy(places[0]!, turn!), places[1]!];
		await study.judge(turned, setting);
		expect(study.verdict!.dangers.filter(({ from }) => from === 0)).toEqual([]);
	});

	it('is given up where it is stopped, and nothing is said', async () => {
		const { pool, balls } = onThisThread();
		const search = new StationStudy(pool);
		const work = search.find(setting);
		search.cancel();
		await work;
		expect([search.status, search.found, search.none]).toEqual(['stopped', null, false]);
		expect(balls.most).toBeLessThan(2000);
	});
});
