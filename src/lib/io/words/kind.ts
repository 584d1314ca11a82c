/** Kinds of records, by their tables. */
export type Kind =
	| 'pupils'
	| 'clubs'
	| 'balls'
	| 'sessions'
	| 'drills'
	| 'homework'
	| 'rounds'
	| 'plays'
	| 'series'
	| 'lessons'
	| 'lessonPlans'
	| 'packages'
	| 'reads'
	| 'glances'
	| 'exams'
	| 'shots'
	| 'greens'
	| 'readings';

/** What a record of each kind is called. */
export const KIND: Readonly<Record<Kind, { one: string; many: string }>> = {
	pupils: { one: 'pupil', many: 'pupils' },
	clubs: { one: 'club', many: 'clubs' },
	balls: { one: 'ball', many: 'balls' },
	sessions: { one: 'session', many: 'sessions' },
	drills: { one: 'drill', many: 'drills' },
	homework: { one: 'homework', many: 'homeworks' },
	rounds: { one: 'round', many: 'rounds' },
	plays: { one: 'played shot', many: 'played shots' },
	series: { one: 'series of lessons', many: 'series of lessons' },
	lessons: { one: 'lesson', many: 'lessons' },
	lessonPlans: { one: 'lesson plan', many: 'lesson plans' },
	packages: { one: 'package of lessons', many: 'packages of lessons' },
	reads: { one: 'shot that was read', many: 'shots that were read' },
	glances: { one: 'single judgement', many: 'single judgements' },
	exams: { one: 'exam', many: 'exams' },
	shots: { one: 'shot', many: 'shots' },
	greens: { one: 'green', many: 'greens' },
	readings: { one: 'reading', many: 'readings' }
};
