import * as z from 'zod/mini';
import { within } from '../fields/fields';
import { situationFields } from '../fields/situationFields';

const SURVEY_REACH = 150;
const SURVEY_HEIGHT = 20;
/** Points that lie this near to one line, in metres, say nothing of the slope across it. */
const ON_ONE_LINE = 0.05;

type Points = readonly (readonly [number, number, number])[];

/** Whether two of the points give the ground at one place different heights. */
const contradicts = (points: Points): boolean =>
	points.some(([x, z, height], i) =>
		points.slice(0, i).some((other) => other[0] === x && other[1] === z && other[2] !== height)
	);

/** Whether the points span a plane: one of them lies off the line through the two farthest from the first. */
function spread(points: Points): boolean {
	const [x0, z0] = points[0]!;
	const away = ([x, z]: Points[number]) => Math.hypot(x - x0, z - z0);
	const far = points.reduce((a, b) => (away(b) > away(a) ? b : a));
	const reach = away(far);
	return points.some(
		([x, z]) => Math.abs((far[0] - x0) * (z - z0) - (far[1] - z0) * (x - x0)) > ON_ONE_LINE * reach
	);
}

/** A height that stands this steeply above or below the two nearest places is a misreading, not ground. */
const CLIFF = 1;

/** The first point whose height cannot be right beside its neighbours', or -1. */
function misread(points: Points): number {
	return points.findIndex(([x, z, height], i) => {
		const others = points.filter((_, k) => k !== i);
		const away = ([u, w]: Points[number]) => Math.hypot(u - x, w - z);
		const near = [...others].sort((a, b) => away(a) - away(b)).slice(0, 3);
		const rises = near.map((other) => (height - other[2]) / Math.max(away(other), 0.5));
		return near.length > 2 && (rises.every((r) => r > CLIFF) || rises.every((r) => r < -CLIFF));
	});
}

/** Spot heights of the ground: ball at the origin, pin on +x, heights above any one level. */
const surveySchema = z.strictObject({
	points: z
		.array(
			z.tuple([
				within(-SURVEY_REACH, SURVEY_REACH, 'metres'),
				within(-SURVEY_REACH, SURVEY_REACH, 'metres'),
				within(-SURVEY_HEIGHT, SURVEY_HEIGHT, 'metres')
			])
		)
		.check(
			z.minLength(3, 'must hold at least three points: fewer say nothing of a slope'),
			z.maxLength(400, 'must be at most 400 points'),
			z.refine((points) => points.length < 3 || spread(points), {
				error: 'must not lie on one line: add a point to the side of it'
			}),
			z.refine((points) => !contradicts(points), {
				error: 'must not give one place two heights'
			}),
			z.superRefine((points, context) => {
				const at = misread(points);
				if (at >= 0)
					context.addIssue({
						code: 'custom',
						path: [at],
						message: `says ${points[at]![2]} m, a cliff above or below everything near it: is it a misreading?`
					});
			})
		)
});

/** The situation of a request: metres, percent, feet of green speed; unknown keys are refused. */
export const situationSchema = z.strictObject({
	...situationFields,
	/** Takes the place of rise, slopes and the heights of segments. */
	survey: z.optional(surveySchema)
});
