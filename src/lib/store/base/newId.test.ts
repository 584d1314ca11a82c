import { afterEach, expect, it, vi } from 'vitest';
import { idField } from '$lib/io/fields/fields';
import { newId } from './newId';

afterEach(() => void vi.unstubAllGlobals());

it.each(['with', 'without'])(
	'makes ids fit for addresses, each its own, %s the platform’s',
	(own) => {
		if (own === 'without')
			vi.stubGlobal('crypto', { getRandomValues: crypto.getRandomValues.bind(crypto) });
		const ids = Array.from({ length: 50 }, newId);
		expect(new Set(ids).size).toBe(50);
		for (const id of ids) expect(idField.safeParse(id).success).toBe(true);
	}
);
