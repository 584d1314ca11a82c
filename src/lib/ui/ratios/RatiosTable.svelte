<script lang="ts">
	import { claimsOf } from '$lib/core/schools/claims';
	import type { RatioRow } from '$lib/core/today/ratios';
	import { toPercent } from '$lib/core/units';
	import { clubToCore, type ClubWire } from '$lib/io/work/club';
	import { ratioFigure, type RatioStyle } from '$lib/io/words/ratio';
	import { claimWords } from './claimWords';
	import { SCHOOL_WORDS } from '$lib/io/words/school';

	interface Props {
		/** Of one carry. */
		rows: readonly RatioRow[];
		bag: readonly ClubWire[];
		style: RatioStyle;
	}
	const { rows, bag, style }: Props = $props();

	const slopes = $derived([...new Set(rows.map(({ slope }) => slope))].sort((a, b) => a - b));
	const clubs = $derived([...new Set(rows.map(({ club }) => club))]);
	const claims = $derived(claimsOf(bag.map(clubToCore)));
	const heading = (slope: number) =>
		Math.abs(slope) < 0.0005
			? 'Level'
			: `${Math.abs(toPercent(slope)).toFixed(Number.isInteger(toPercent(slope)) ? 0 : 1)} % ${slope > 0 ? 'up' : 'down'}`;
	const figure = (ratio: number) => ratioFigure({ carry: 1, roll: ratio }, style);
	const rowOf = (club: string, slope: number) =>
		rows.find((row) => row.club === club && row.slope === slope);
	/** The rules were made for level greens. */
	const said = (club: string) => {
		const level = rowOf(
			club,
			slopes.reduce((a, b) => (Math.abs(b) < Math.abs(a) ? b : a), Infinity)
		);
		return level
			? claims
					.filter((claim) => claim.club === club)
					.map(
						({ school, ratio }) =>
							`${SCHOOL_WORDS[school].name}: ${claimWords(ratio, level, style)}`
					)
			: [];
	};
</script>

<div class="max-w-full overflow-x-auto">
	<table class="table-sm table w-full">
		<thead>
			<tr>
				<th scope="col">Club</th>
				{#each slopes as slope (slope)}<th scope="col" class="text-right">{heading(slope)}</th
					>{/each}
				<th scope="col" class="pl-8! text-left! max-md:hidden">The rules, on the level</th>
			</tr>
		</thead>
		<tbody>
			{#each clubs as club (club)}
				<tr>
					<th scope="row" class="text-base font-bold"
						>{bag.find(({ id }) => id === club)?.name ?? club}</th
					>
					{#each slopes as slope (slope)}
						{@const row = rowOf(club, slope)}
						<td class="figure text-right whitespace-nowrap">
							{#if row}
								<span class="block text-base font-bold">{figure(row.ratio)}</span>
								<span class="block text-xs text-(--faint)"
									>{figure(row.low).replace(/^1\s:\s/, '')} to {figure(row.high).replace(
										/^1\s:\s/,
										''
									)}</span
								>
							{:else}–{/if}
						</td>
					{/each}
					<td class="pl-8! text-left! font-normal! max-md:hidden">
						{#each said(club) as words (words)}<span class="block text-sm">{words}</span>{/each}
					</td>
				</tr>
				{#if said(club).length > 0}
					<tr class="md:hidden">
						<td colspan={slopes.length + 1} class="pt-0 text-left! text-[0.8125rem] font-normal!"
							>{said(club).join(' · ')}</td
						>
					</tr>
				{/if}
			{/each}
		</tbody>
	</table>
</div>
