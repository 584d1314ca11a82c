<script lang="ts">
	import type { LandingRegion } from '$lib/core/plan/studies/landingRegion';
	import { landingAreas } from './landingAreas';
	import type { Project } from '$lib/ui/drawing/mapPicture';

	interface Props {
		region: LandingRegion;
		/** Puts a place of the line on the paper. */
		project: Project;
	}
	const { region, project }: Props = $props();
	const areas = $derived(landingAreas(region, project));
</script>

<path class="bad" d={areas.bad} />
<path class="good" d={areas.good} />

<style>
	path {
		fill-rule: evenodd;
	}
	.bad {
		fill: url(#off);
		opacity: 0.55;
	}
	.good {
		fill: color-mix(in oklab, var(--clay) 20%, transparent);
		stroke: var(--clay);
		stroke-width: calc(var(--line) * 1.2);
	}
</style>
