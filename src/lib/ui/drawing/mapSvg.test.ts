import { describe, expect, it } from 'vitest';
import { onNodes, type GridFrame } from '$lib/core/green/heightGrid';
import { blankGreen } from '$lib/ui/greens/state/greenEdits';
import { mapSvg } from './mapSvg';

const frame: GridFrame = { originU: 0, originV: 0, cell: 0.5, columns: 41, rows: 31 };
/** Falls 5 % to the right. */
const grid = onNodes(frame, (u) => 1 - 0.05 * u);

describe('mapSvg', () => {
	it('stands on its own and keeps names from being markup', () => {
		const green = { ...blankGreen('g', 'A <b>&"quarry"</b>\u0001'), note: '' };
		green.pins[0]!.name = '</text><script>';
		const svg = mapSvg(green, grid);
		expect(svg.startsWith('<svg xmlns="http://www.w3.org/2000/svg"')).toBe(true);
		expect(svg).toContain('A &lt;b&gt;&amp;&quot;quarry&quot;&lt;/b&gt;');
		expect(svg).not.toContain('<script>');
		expect(svg).not.toContain('\u0001');
		expect(svg.match(/class="contour"/g)!.length).toBeGreaterThan(3);
	});
});
