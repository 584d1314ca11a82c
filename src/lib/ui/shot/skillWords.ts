import type { Skill } from '$lib/core/player/player';

/** The skills as a coach would say them, best first. */
export const SKILL_WORDS: readonly { value: Skill; label: string }[] = [
	{ value: 'expert', label: 'Tour expert' },
	{ value: 'scratch', label: 'Scratch' },
	{ value: 'middle', label: 'Handicap 15' },
	{ value: 'high', label: 'Handicap 28' }
];

/** A skill inside a sentence: "handicap 15". */
export const skillWords = (skill: Skill): string =>
	(SKILL_WORDS.find(({ value }) => value === skill)?.label ?? skill).toLowerCase();
