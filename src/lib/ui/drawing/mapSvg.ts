import type { HeightGrid } from '$lib/core/green/heightGrid';
import type { Point } from '$lib/core/math/polygon';
import type { GreenWire } from '$lib/io/work/green';
import { CONTOUR_REACH, contourLine, mapContours, nearGrid, outlinePath } from './mapPicture';
import { planView } from './planView';

const WIDTH = 1000;
const HEIGHT = 800;
const STYLE = `
	text { font: 14px sans-serif; fill: #1f2429; text-anchor: middle; }
	.collar { fill: #dfe6d3; stroke: #dfe6d3; stroke-linejoin: round; }
	.green { fill: #c9dcc0; stroke: #2f6b33; stroke-width: 3; }
	.contour { fill: none; stroke: #58605a; stroke-width: 1; }
	.sand { fill: #ecd9ae; stroke: #1f2429; }
	.water { fill: #cfe2f0; stroke: #1d5f8f; }
	.rough { fill: #b9cfa9; stroke: #2f6b33; }
	.fringe { fill: #dfe6d3; stroke: #2f6b33; stroke-dasharray: 4 4; }
	.pin { fill: #1f2429; }
`;

const NAMED: Record<string, string> = {
	'&': '&amp;',
	'<': '&lt;',
	'>': '&gt;',
	'"': '&quot;',
	"'": '&apos;'
};
/** Text as it may stand in XML; characters XML does not know are dropped. */
const escaped = (text: string): string =>
	text
		// eslint-disable-next-line no-control-regex -- exactly these are not allowed in XML 1.0
		.replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff]/g, '')
		.replace(/[&<>"']/g, (letter) => NAMED[letter]!);

/** The map of a green as an SVG file that stands on its own: outline, areas, contours, pins, the top of the map up. */
export function mapSvg(green: GreenWire, grid: HeightGrid): string {
	const outline = green.outline as readonly Point[];
	const others = green.areas.flatMap((area) => area.outline as Point[]);
	const { project, factor } = planView.whole(outline, others, WIDTH, HEIGHT);
	const drawn = nearGrid(grid, outline, CONTOUR_REACH);
	const lines = Array.from(mapContours(drawn, outline), (contour) => contourLine(contour, project));
	const area = (kinds: readonly string[]) =>
		green.areas
			.filter(({ kind }) => kinds.includes(kind))
			.map(
				({ kind, outline: ring }) => `<path class="${kind}" d="${outlinePath(ring, project)}"/>`
			);
	const pins = green.pins.map(({ name, at }) => {
		const [x, y] = project(...at).map((value) => value.toFixed(1));
		return `<circle class="pin" cx="${x}" cy="${y}" r="5"/><text x="${x}" y="${y}" dy="-9">${escaped(name)}</text>`;
	});
	const edge = outlinePath(outline, project);
	const collar = (2 * green.collar * factor).toFixed(1);
	return [
		`<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${WIDTH} ${HEIGHT}" width="${WIDTH}" height="${HEIGHT}">`,
		`<title>${escaped(green.name)}</title>`,
		`<style>${STYLE}</style>`,
		`<path class="collar" d="${edge}" stroke-width="${collar}"/>`,
		...area(['fringe']),
		`<path class="green" d="${edge}"/>`,
		...lines.map(({ d }) => `<path class="contour" d="${d}"/>`),
		...lines.flatMap(({ height, label }) =>
			label
				? [
						`<text x="${label[0].toFixed(1)}" y="${label[1].toFixed(1)}">${height.toFixed(2)}</text>`
					]
				: []
		),
		...area(['sand', 'water', 'rough']),
		...pins,
		`<text x="${WIDTH / 2}" y="${HEIGHT - 6}">${escaped(green.name)}: heights in metres</text>`,
		'</svg>',
		''
	].join('\n');
}
