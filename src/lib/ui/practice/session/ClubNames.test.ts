import { render } from '@testing-library/svelte';
import { expect, test } from 'vitest';
import type { Spot } from '$lib/core/practice/practised';
import ClubNames from './ClubNames.svelte';
import { practiceScale } from '$lib/ui/practice/practiceScale';

test('writes every club beside the middle of its balls, off all balls and off each other', () => {
	const scale = practiceScale(390, 420, 20);
	const middle: Spot = [12, 0];
	const names = ['PW', 'GW', 'SW'].map((name) => ({ name, middle }));
	const balls: Spot[] = [
		[12.3, 0],
		[12.9, 0.1]
	];
	const texts = [...render(ClubNames, { names, balls, scale }).container.querySelectorAll('text')];
	expect(texts.map(({ textContent }) => textContent)).toEqual(['PW', 'GW', 'SW']);
	const at = texts.map((text) => [Number(text.getAttribute('x')), Number(text.getAttribute('y'))]);
	for (const [i, [x, y]] of at.entries()) {
		for (const ball of balls) {
			const [bx, by] = scale.at(...ball);
			expect(Math.abs(x! - bx) > 12 || y! - 13 > by || y! + 3 < by).toBe(true);
		}
		for (const [ox, oy] of at.slice(0, i))
			expect(Math.abs(x! - ox!) > 14 || Math.abs(y! - oy!) > 12).toBe(true);
	}
});
