import * as z from 'zod/mini';

/** A field of a row that may be left out of a file: what has a value of its own where nothing is said. */
type Said<Field> =
	Field extends z.ZodMiniDefault<infer Inner>
		? z.ZodMiniOptional<Inner>
		: Field extends z.ZodMiniPrefault<infer Inner>
			? z.ZodMiniOptional<Inner>
			: Field;

const hasOwnValue = (field: unknown): field is z.ZodMiniDefault | z.ZodMiniPrefault =>
	field instanceof z.ZodMiniDefault || field instanceof z.ZodMiniPrefault;

/**
 * The schema of a row as a file may carry it: a field that is absent stays absent, and is not taken for the value that the row has where
 * nothing is said of it. Fields that a row may lack altogether are as they are: there absent says that there is none.
 *
 * @param row as a browser keeps it
 */
export function inPart<Shape extends z.core.$ZodShape>(
	row: z.ZodMiniObject<Shape>
): z.ZodMiniObject<{ [Key in keyof Shape]: Said<Shape[Key]> }> {
	const fields = Object.entries(row.shape).map(([key, field]) => [
		key,
		hasOwnValue(field) ? z.optional(field._zod.def.innerType as z.ZodMiniType) : field
	]);
	return z.object(Object.fromEntries(fields)) as never;
}

/**
 * Fields of a row that a file may leave out.
 *
 * @param row as a browser keeps it
 */
export const mayLack = ({ shape }: { shape: z.core.$ZodShape }): string[] =>
	Object.entries(shape).flatMap(([key, field]) => (hasOwnValue(field) ? [key] : []));
