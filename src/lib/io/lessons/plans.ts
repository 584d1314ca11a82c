import type { DrillId } from '$lib/core/practice/drills';
import { DRILL_WORDS } from '../words/drill';
import { freshBlock, type Block, type LessonPlan } from './lesson';

type Part = Pick<Block, 'kind' | 'title' | 'minutes'> & Partial<Block>;

const drill = (drillId: DrillId, minutes: number, cue: string): Part => ({
	kind: 'drill',
	title: DRILL_WORDS[drillId].name,
	minutes,
	drillId,
	cue
});
const test = (drillId: DrillId, minutes: number): Part => ({
	...drill(drillId, minutes, 'No advice while it counts.'),
	kind: 'test'
});
const talk = (title: string, minutes: number, cue: string): Part => ({
	kind: 'talk',
	title,
	minutes,
	cue
});
const free = (title: string, minutes: number, cue: string): Part => ({
	kind: 'free',
	title,
	minutes,
	cue
});
const END = talk('What to take home', 5, 'One thing, in the pupil’s own words.');

/** For the usual complaints; order, minutes and cues are common practice, no source. */
const PLANS: readonly { id: string; name: string; aim: string; parts: readonly Part[] }[] = [
	{
		id: 'heavy',
		name: 'Heavy shots',
		aim: 'The turf after the ball, not before it',
		parts: [
			talk('Where the turf is met', 5, 'Weight on the lead side, and it stays there.'),
			drill('sole-on-turf', 15, 'Brush the turf at one spot.'),
			drill('rehearse-to-spot', 15, 'Swing twice, looking at the spot.'),
			test('up-and-down', 15),
			END
		]
	},
	{
		id: 'thin',
		name: 'Thin shots',
		aim: 'The loft lifts the ball: the player does not',
		parts: [
			talk('No help is needed', 5, 'Hands stay low; the club passes under nothing.'),
			drill('sole-on-turf', 15, 'Hear the turf on every ball.'),
			drill('three-flights', 15, 'Same swing; the set-up makes the height.'),
			test('up-and-down', 15),
			END
		]
	},
	{
		id: 'one-wedge',
		name: 'Always the same wedge',
		aim: 'The club makes the roll, not the swing',
		parts: [
			talk('Air and ground', 5, 'Which club has that ratio today?'),
			drill('landing-box', 20, 'Only the club changes.'),
			drill('every-club', 15, 'Let the long clubs run.'),
			free('Three shots, three clubs', 10, 'Say the club before you take it.'),
			END
		]
	},
	{
		id: 'no-carries',
		name: 'No carries known',
		aim: 'Three wedges, three lengths',
		parts: [
			talk('Length, not effort', 5, 'The same rhythm for all.'),
			drill('swing-matrix', 30, 'Count it: one, two.'),
			free('Call the carry, then hit it', 10, 'Say the number first.'),
			END
		]
	},
	{
		id: 'first-bunker',
		name: 'First bunker',
		aim: 'The sand carries the ball out',
		parts: [
			talk('What the sole does', 5, 'Face open first, then the grip.'),
			free('A line in the sand, no ball', 10, 'Splash the line, not the ball.'),
			free('Balls on the line', 15, 'Look at the sand behind the ball. Rake after each turn.'),
			free('Out, three times running', 10, 'On the green is good enough.'),
			END
		]
	},
	{
		id: 'flop',
		name: 'The flop over sand',
		aim: 'High and soft, only when it must be',
		parts: [
			talk('When, and when not', 5, 'Nobody stands in front or to the side.'),
			drill('three-flights', 15, 'Open the face before you grip.'),
			free('Over the sand from grass', 15, 'A long swing for a short way.'),
			free('The safe way beside it', 10, 'What does the other choice cost?'),
			END
		]
	},
	{
		id: 'slow-greens',
		name: 'Slow winter greens',
		aim: 'Fly it farther: the ground gives less',
		parts: [
			talk('What has changed', 5, 'A few balls first: how far do they roll today?'),
			drill('landing-box', 20, 'Note the roll of each club.'),
			drill('every-club', 15, 'One club more loft than in summer?'),
			test('up-and-down', 10),
			END
		]
	},
	{
		id: 'quick-greens',
		name: 'Quick greens',
		aim: 'Land it short, or bring it down steeply',
		parts: [
			talk('Where may it be missed?', 5, 'Below the hole.'),
			drill('second-club-ladder', 15, 'The same spot; watch the gaps grow.'),
			drill('three-flights', 15, 'High only where low runs past.'),
			test('up-and-down', 10),
			END
		]
	},
	{
		id: 'before-tournament',
		name: 'Before a tournament',
		aim: 'Nothing new: know what is there',
		parts: [
			free('Today’s greens', 10, 'Speed, firmness, three balls with two clubs.'),
			drill('landing-box', 15, 'Today’s ratios, not last month’s.'),
			test('up-and-down', 20),
			talk('The card for the pocket', 10, 'Two safe shots for when it matters.'),
			END
		]
	},
	{
		id: 'first-lesson',
		name: 'First lesson',
		aim: 'See what is there, begin with one thing',
		parts: [
			talk('What brings you here?', 10, 'Any pain? What is to be minded?'),
			test('up-and-down', 10),
			drill('landing-box', 15, 'Same swing, other clubs.'),
			drill('swing-matrix', 15, 'One wedge, three lengths.'),
			END
		]
	}
];

/** Lesson plans that ship with the app. */
export const SHIPPED_PLANS: readonly LessonPlan[] = PLANS.map(({ id, name, aim, parts }) => ({
	id,
	name,
	aim,
	blocks: parts.map((part, i) => freshBlock(`${id}-${i}`, part))
}));
