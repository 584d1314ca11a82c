import { readFileSync } from 'node:fs';
import { othersOf, VERDICT_BALLS } from '$lib/core/lessons/clinicSafety';
import { reachesOf } from '$lib/core/lessons/stationBalls';
import { parseArchive } from '$lib/io/archive/archive';
import { asRead } from '$lib/io/archive/version1';
import { stationsOf } from '$lib/io/lessons/rounds';
import { dayOf, hittersOf, laidOut } from '$lib/io/lessons/stations';
import { SHIPPED_DRILLS } from '$lib/io/practice/drill';
import { greenToCore, type GreenWire } from '$lib/io/work/green';
import type { PupilFile } from '$lib/io/work/pupil';
import { bruteForce } from '../../tests/support/clinicBalls';

const DEMO = 'static/demo/quarry-academy.json';
const CLINIC = 'clinic-2026-10-31';
const promille = (share: number) => (1000 * share).toFixed(2);

/** The demo's clinic as it is laid out, and with its third station turned round: what the verdict says, and what so many balls do. */
export function safetyTable(balls: number): string {
	const parsed = parseArchive(readFileSync(DEMO, 'utf8'));
	if ('problems' in parsed) throw new Error(parsed.problems.join());
	const { lessons, greens, pupils, clubs, balls: hit } = asRead(parsed.archive);
	const lesson = lessons.find(({ id }) => id === CLINIC)!;
	const files = lesson.pupilIds.map((id) => ({
		pupil: pupils.find((pupil) => pupil.id === id),
		clubs: clubs.filter(({ pupilId }) => pupilId === id),
		balls: hit.filter(({ pupilId }) => pupilId === id)
	})) as PupilFile[];
	const day = dayOf([], 0);
	const rows: string[] = [];
	for (const turned of [false, true]) {
		const layout = lesson.layout.map((place, i) =>
			turned && i === 2 ? { ...place, toward: lesson.layout[1]!.ball } : place
		);
		const laid = laidOut(layout, lesson.greenIds);
		for (const [of, { ball, heading, green }] of laid.entries()) {
			const map = greenToCore(greens.find(({ id }) => id === lesson.greenIds[green]) as GreenWire);
			const block = stationsOf(lesson)[of]!;
			const drill = SHIPPED_DRILLS.find(({ id }) => id === block.drillId)!;
			for (const hitter of hittersOf(block, drill, files, day)) {
				const station = { ball, heading, hitters: [hitter] };
				const others = othersOf(laid, of);
				const zones = others.map(({ zone }) => zone);
				const said = reachesOf(map, station, day, zones, VERDICT_BALLS, 7 + of);
				for (const [k, { station: other, walkingTo }] of others.entries()) {
					if (walkingTo !== null) continue;
					const brute = bruteForce(map, station, day, zones[k]!, balls, 1000 + 10 * of + k);
					rows.push(
						`| ${turned ? 'turned' : 'as laid out'} | ${of + 1}, ${hitter.who.hand} | ${other + 1} | ${promille(said[k]!.share)} (${promille(said[k]!.most)}) | ${promille(brute)} |`
					);
					console.error(rows.at(-1));
				}
			}
		}
	}
	return [
		'| layout | balls of station | come to station | said, of 1,000 (at most) | by brute force |',
		'| --- | --- | --- | --- | --- |',
		...rows
	].join('\n');
}
