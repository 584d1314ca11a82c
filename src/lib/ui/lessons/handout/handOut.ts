import type { RatioRow } from '$lib/core/today/ratios';
import type { SetupAdvice } from '$lib/core/setup/advise';
import { adviseSetup } from '$lib/core/setup/advise';
import { flightSetup } from '$lib/core/setup/flights';
import { LEVEL_STANCE } from '$lib/core/lie/stance';
import { shotToCarry } from '$lib/core/practice/practiseShot';
import { drillScene } from '$lib/core/solve/drillScene';
import type { Homework } from '$lib/io/practice/homework';
import type { DrillDraft } from '$lib/io/practice/drill';
import { coreClub, plainGround, practiserOf } from '$lib/io/practice/practiceSetup';
import { groundToCore } from '$lib/io/practice/session';
import { talliesOf } from '$lib/io/lessons/clinic';
import type { Lesson } from '$lib/io/lessons/lesson';
import type { LessonSummary } from '$lib/io/lessons/summary';
import { carriesOf, clubsInBag, type PupilFile } from '$lib/io/work/pupil';
import { PRACTICE_CAUTIONS } from '$lib/io/words/drill';
import { ratioFigure } from '$lib/io/words/ratio';
import { setupRows } from '$lib/io/words/setup';
import { markWords } from '$lib/io/words/swing';
import { dayWords, longDayWords, noonOf } from '$lib/ui/format/dates';
import { formatFigure, formatLength, lengthStyle, type LengthStyle } from '$lib/ui/format/lengths';
import { cellWords, timesWords } from '$lib/ui/practice/homework/homeworkWords';
import type { Paper, Section } from './paper';

/** Everything that a hand-out is made of. Private notes are not among it. */
export interface HandOutOf {
	lesson: Pick<Lesson, 'day' | 'time' | 'coach' | 'aim' | 'told' | 'blocks' | 'tallies'>;
	file: PupilFile;
	summary: LessonSummary;
	/** Today's ratios of a usual chip; empty while they are worked out. */
	ratios: readonly RatioRow[];
	/** What the ratios are of: "Ledge green, 9.5 ft". */
	green: string;
	/** The drill to go on with. */
	drill: DrillDraft | null;
	setup: PaperSetup | null;
	homework: Homework | null;
	/** The next lesson, in words; empty where none is known. */
	next: string;
}

/** A setup with the club it is for. */
export interface PaperSetup {
	club: string;
	carry: number;
	advice: SetupAdvice;
}

/** A usual chip: its carry, metres (common practice, no source). */
export const USUAL_CHIP = 6;
const THREE = 3;
const MOST_BOXES = 12;
const MOST_ROWS = 8;

const styleOf = ({ pupil }: PupilFile): LengthStyle => lengthStyle(pupil.units, pupil.pace);
const clubName = (file: PupilFile, id: string): string =>
	file.clubs.find((club) => club.id === id)?.name ?? 'a club that is gone';

/** How a usual chip is set up with a club; null where it cannot be carried so far. */
export function setupFor(file: PupilFile, clubId: string): PaperSetup | null {
	const club = file.clubs.find(({ id }) => id === clubId);
	if (!club) return null;
	const who = practiserOf(file);
	const { technique } = file.pupil;
	const shot = { club: coreClub(club), flight: 'standard', shape: 'straight' } as const;
	const ball = shotToCarry(shot, USUAL_CHIP, drillScene(groundToCore(plainGround())), who);
	if (!ball) return null;
	const advice = adviseSetup({
		club: shot.club,
		flight: shot.flight,
		faceOpen: 0,
		stanceOpen: 0,
		lie: 'fairway',
		setup: flightSetup(shot.flight, technique),
		speed: ball.speed,
		technique,
		stance: LEVEL_STANCE,
		sand: 'medium'
	});
	return { club: club.name, carry: ball.carry, advice };
}

/** The club that a hand-out shows: the one of the lesson's last balls, else a wedge that is no specialist. */
export function clubToShow(
	file: PupilFile,
	{ changes, scores }: Pick<LessonSummary, 'changes' | 'scores'>
): string {
	const turn = scores.at(-1)?.session.turns.find(({ pupilId }) => pupilId === file.pupil.id);
	const worked = changes[0]?.club ?? turn?.tasks.at(-1)?.clubId;
	const wedges = clubsInBag(file.clubs).filter(({ kind }) => kind === 'wedge' || kind === 'iron');
	return worked ?? wedges.find(({ loft }) => loft >= 44)?.id ?? wedges[0]?.id ?? '';
}

/** The three numbers that matter: how it went, what is known now, what the ground does today. */
function numbersOf({
	file,
	lesson,
	summary,
	ratios
}: HandOutOf): { figure: string; words: string }[] {
	const style = styleOf(file);
	const counted = talliesOf(lesson, file.pupil.id)
		.filter(({ tally }) => tally.balls > 0)
		.map(({ title, tally }) => ({
			figure: `${tally.good} of ${tally.balls}`,
			words: `${title}, as meant`
		}));
	const scores = summary.scores.map(({ session, now, last, better }) => ({
		figure: `${now.hits} of ${now.of}`,
		words: `${session.name}, as meant${last ? `; last time ${last.share.hits} of ${last.share.of}` : ''}${better > 0 ? ': better, and not by luck' : ''}`
	}));
	const carries = summary.changes.flatMap(({ club, swing, after }) =>
		after
			? [
					{
						figure: formatLength(after.mean, style),
						words: `${clubName(file, club)} ${markWords(swing, file.pupil.vocabulary)} carries, from ${after.n} balls`
					}
				]
			: []
	);
	const shown = clubToShow(file, summary);
	const rolls = ratios
		.filter(({ club }) => club === shown)
		.map((row) => ({
			figure: ratioFigure(row, 'ratio'),
			words: `${clubName(file, row.club)}: air and ground today`
		}));
	const known = carriesOf(file)
		.filter(({ flight }) => flight === 'standard')
		.sort((a, b) => b.n - a.n)
		.map(({ club, swing, mean, n }) => ({
			figure: formatLength(mean, style),
			words: `${clubName(file, club)} ${markWords(swing, file.pupil.vocabulary)} carries, from ${n} balls`
		}));
	const first = [scores[0] ?? counted[0], carries[0], rolls[0]].filter((one) => one !== undefined);
	const more = [...carries.slice(1), ...counted, ...known, ...scores.slice(1)];
	return [...first, ...more.filter((one) => !first.some(({ words }) => words === one.words))].slice(
		0,
		THREE
	);
}

/** Own carries as a table: a club a row, a length of swing a column. */
export function carriesSection(file: PupilFile): Section | null {
	const cells = carriesOf(file).filter(({ flight }) => flight === 'standard');
	if (cells.length === 0) return null;
	const style = styleOf(file);
	const swings = [...new Map(cells.map((cell) => [cell.swing, cell.angle]))]
		.sort(([, a], [, b]) => a - b)
		.map(([swing]) => swing);
	const clubs = clubsInBag(file.clubs).filter(({ id }) => cells.some(({ club }) => club === id));
	const figureOf = (club: string, swing: string): string => {
		const cell = cells.find((one) => one.club === club && one.swing === swing);
		return cell ? formatFigure(cell.mean, style) : '';
	};
	return {
		kind: 'table',
		heading: `Your carries, in ${style.unit}`,
		columns: ['Club', ...swings.map((swing) => markWords(swing, file.pupil.vocabulary))],
		rows: clubs
			.slice(-MOST_ROWS)
			.map(({ id, name }) => [name, ...swings.map((swing) => figureOf(id, swing))]),
		note: 'Where it lands from a good lie. Measure again when clubs or swing change.'
	};
}

function ratiosSection({ file, ratios, green }: HandOutOf): Section | null {
	if (ratios.length === 0) return null;
	const style = styleOf(file);
	return {
		kind: 'table',
		heading: `Air and ground, ${green}`,
		columns: ['Club', 'Ratio', 'Rolls'],
		rows: ratios
			.slice(-MOST_ROWS)
			.map((row) => [
				clubName(file, row.club),
				ratioFigure(row, 'ratio'),
				formatLength(row.roll, style)
			]),
		note: `Landed ${formatLength(USUAL_CHIP, style)} away on even ground. Another day, another ratio: play a few balls first.`
	};
}

function homeworkSection({ file, homework }: HandOutOf): Section | null {
	if (!homework) return null;
	return {
		kind: 'boxes',
		heading: `Homework: ${homework.name}, by ${dayWords(noonOf(homework.due))}`,
		items: [
			...homework.cells.map((cell) => ({
				words: cellWords(cell, file),
				boxes: Math.min(cell.balls, MOST_BOXES)
			})),
			...homework.drills.map(({ name, times }) => ({
				words: `${name}, ${timesWords(times)}`,
				boxes: Math.min(times, MOST_BOXES)
			}))
		],
		note: [
			homework.cells.length > 0 ? `A box a ball: where it lands, in ${file.pupil.units}.` : '',
			homework.note
		]
			.filter(Boolean)
			.join(' ')
	};
}

/** One page for one pupil. */
export function handOutOf(of: HandOutOf): Paper {
	const { lesson, file, drill, setup, next } = of;
	const style = styleOf(file);
	const worked = lesson.told.split('\n').filter((line) => line.trim() !== '');
	const done = lesson.blocks.filter(
		({ state, kind }) => state === 'done' && kind !== 'talk' && kind !== 'free'
	);
	const numbers = numbersOf(of);
	const sections: (Section | null)[] = [
		{
			kind: 'text',
			heading: 'What we worked on',
			paragraphs: worked.length > 0 ? worked : [lesson.aim, ...done.map(({ title }) => title)]
		},
		numbers.length > 0 ? { kind: 'numbers', heading: 'Three numbers', numbers } : null,
		carriesSection(file),
		ratiosSection(of),
		setup && {
			kind: 'steps',
			heading: `How it is set up: ${setup.club}, a chip of ${formatLength(setup.carry, style)}`,
			steps: setupRows(setup.advice, (metres) => formatLength(metres, style))
				.slice(0, 6)
				.map(([label, value]) => `${label}: ${value}`),
			drawing: { id: 'setup', alt: `The setup with the ${setup.club}, from the front and above.` }
		},
		drill && {
			kind: 'steps',
			heading: `Go on with: ${drill.name}`,
			steps: drill.steps,
			drawing: { id: 'drill', alt: `How ${drill.name} is laid out.` }
		},
		homeworkSection(of),
		next ? { kind: 'text', heading: 'Next time', paragraphs: [next] } : null
	];
	return {
		title: file.pupil.name,
		lines: [
			[longDayWords(noonOf(lesson.day)), lesson.coach && `with ${lesson.coach}`]
				.filter(Boolean)
				.join(' '),
			...(file.pupil.minding ? [`Mind: ${file.pupil.minding}`] : [])
		],
		sections: sections.filter((section) => section !== null && !isEmpty(section)) as Section[],
		foot: PRACTICE_CAUTIONS.join(' ')
	};
}

const isEmpty = (section: Section): boolean =>
	section.kind === 'text' && section.paragraphs.every((text) => text.trim() === '');
