import type * as z from 'zod/mini';

/** What is wrong with data from outside, and where. */
export interface Issue {
	path: string;
	message: string;
}

const joined = (path: PropertyKey[]): string => path.map(String).join('.');

/** Zod's issues in the contract's shape; unknown keys are named one by one. */
export const issuesOf = (error: z.core.$ZodError): Issue[] =>
	error.issues.flatMap((issue) =>
		issue.code === 'unrecognized_keys'
			? issue.keys.map((key) => ({
					path: joined([...issue.path, key]),
					message: 'is not a known key'
				}))
			: [{ path: joined(issue.path), message: issue.message }]
	);
