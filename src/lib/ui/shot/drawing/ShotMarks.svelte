<script lang="ts">
	import type { Choice } from '$lib/ui/call/choices';
	import type { Project } from '$lib/ui/drawing/mapPicture';
	import { pathThrough } from '$lib/ui/drawing/scale';
	import { zonesOf, type Zone } from './zones';

	interface Props {
		chosen: Choice | null;
		/** Distance of the hole along the line. */
		pin: number;
		/** Puts a place of the line (x along, z right) on the paper. */
		project: Project;
		factor: number;
		/** How far the line is turned on the paper, degrees clockwise. */
		turn: number;
		/** Whether the balls and their rings are drawn. */
		balls?: boolean;
	}
	const { chosen, pin, project, factor, turn, balls = true }: Props = $props();

	const finishes = $derived(chosen?.option?.finishes ?? []);
	const zones = $derived(zonesOf(finishes));
	const flies = $derived(chosen !== null && chosen.candidate.play.flight !== 'putt');
	const landingZones = $derived(flies ? zonesOf(chosen?.option?.landings ?? []) : []);
	const aim = $derived(chosen?.aimOffset ?? 0);
	const ball = $derived(project(0, 0));
	const aimed = $derived(project(pin, aim));
	const landing = $derived(
		chosen &&
			project(
				chosen.candidate.solution.outcome.landingX,
				chosen.candidate.solution.outcome.landingZ
			)
	);
	const path = $derived(
		chosen ? pathThrough(chosen.candidate.path.map(([, x, , z]) => project(x, z))) : ''
	);
</script>

{#snippet ring(zone: Zone, kind: string)}
	{@const [x, y] = project(zone.x, zone.z)}
	<ellipse
		class={kind}
		cx={x}
		cy={y}
		rx={zone.long * factor}
		ry={zone.short * factor}
		transform={`rotate(${zone.turn + turn} ${x} ${y})`}
	/>
{/snippet}

{#if balls}
	{#each finishes as [x, z], i (i)}
		{@const at = project(x, z)}
		<circle class="finish" cx={at[0]} cy={at[1]} r="2" />
	{/each}
	{#each zones as zone, i (i)}
		{@render ring(zone, i === 0 ? 'zone half' : 'zone')}
	{/each}
	{#each landingZones as zone, i (i)}
		{@render ring(zone, i === 0 ? 'zone lands half' : 'zone lands')}
	{/each}
{/if}
{#if chosen}
	<line class="aim" x1={ball[0]} y1={ball[1]} x2={aimed[0]} y2={aimed[1]} />
	<path class="path" d={path} />
	{#if flies && landing}
		<g transform={`translate(${landing[0]} ${landing[1]})`}>
			<circle class="landing" r="7" />
			<path class="cross" d="M-3,-3L3,3M3,-3L-3,3" />
		</g>
	{/if}
{/if}

<style>
	.finish {
		fill: var(--ink);
		opacity: var(--mark);
	}
	.zone {
		fill: none;
		stroke: var(--ink);
		stroke-width: var(--line);
		stroke-dasharray: 5 3;
	}
	.lands {
		stroke: var(--clay);
	}
	.half {
		stroke-dasharray: none;
		stroke-width: calc(var(--line) * 1.4);
	}
	.aim {
		stroke: var(--ink);
		stroke-dasharray: 2 5;
		stroke-width: var(--line);
	}
	.path {
		fill: none;
		stroke: var(--sky);
		stroke-width: calc(var(--line) * 1.6);
	}
	.landing {
		fill: var(--clay);
	}
	.cross {
		stroke: var(--paper);
		stroke-width: 2;
	}
</style>
