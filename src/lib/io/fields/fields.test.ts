import { describe, expect, it } from 'vitest';
import { LIES } from '$lib/core/lie/lies';
import { SANDS } from '$lib/core/lie/sand';
import { PROFILE } from '$lib/core/player/player';
import { SCHOOLS } from '$lib/core/schools/registry';
import { SPIN_SHAPES } from '$lib/core/setup/flights';
import * as fields from './fields';
import { unreadableRow } from '../archive/tables';

const taken = (field: { safeParse: (value: unknown) => { success: boolean } }, value: unknown) =>
	field.safeParse(value).success;

describe('fields', () => {
	it.each([
		['school', fields.schoolField, ['free', ...SCHOOLS.map(({ id }) => id)]],
		['lie', fields.lieField, Object.keys(LIES)],
		['sand', fields.sandSurfaceField, Object.keys(SANDS)],
		['skill', fields.skillField, Object.keys(PROFILE)],
		['shape', fields.shapeField, Object.keys(SPIN_SHAPES)]
	])('take every %s that the core knows, and no other', (_, field, known) => {
		for (const value of known) expect(taken(field, value)).toBe(true);
		for (const value of ['', 'nonsense', null, 3]) expect(taken(field, value)).toBe(false);
	});

	it('say which tables a row can be of', () => {
		const { error } = unreadableRow.safeParse({ table: 'fish', row: { id: 'a' } });
		expect(error!.issues[0]!.message).toBe(
			'must be one of: pupils, clubs, balls, sessions, drills, homework, rounds, plays, series, lessons, lessonPlans, packages, reads, glances, exams, shots, greens, readings'
		);
	});
});
