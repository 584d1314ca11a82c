import type { Green } from './green';
import { onNodes, type GridFrame, type HeightGrid } from './heightGrid';
import type { Residual } from './spotFit';
import { surfaceOf } from './surface';

/** A surveyed surface with how far it can be trusted. Plain data. */
export interface SurveyReport {
	/** Heights over the whole map. */
	grid: HeightGrid;
	/** One standard deviation of the height, on a coarser grid of the same map; null for a finished grid. */
	uncertainty: HeightGrid | null;
	/** Every reading in use against what the others say of its place; empty for a finished grid. */
	residuals: Residual[];
}

/** Nodes of the height grid to one of the uncertainty: it changes slowly, and each costs a product with the whole system. */
const COARSER = 3;

function coarserFrame(grid: HeightGrid): GridFrame {
	return {
		originU: grid.originU,
		originV: grid.originV,
		cell: grid.cell * COARSER,
		columns: Math.ceil((grid.columns - 1) / COARSER) + 1,
		rows: Math.ceil((grid.rows - 1) / COARSER) + 1
	};
}

/**
 * Fits a green's readings and reports on the fit. Takes tenths of a second for a hundred readings: ask a worker.
 *
 * @param green with at least one spot height or tilt
 */
export function surveyReport(green: Green): SurveyReport {
	const { grid, fit } = surfaceOf(green);
	if (!fit) return { grid, uncertainty: null, residuals: [] };
	return {
		grid,
		uncertainty: onNodes(coarserFrame(grid), fit.uncertainty),
		residuals: fit.residuals()
	};
}
