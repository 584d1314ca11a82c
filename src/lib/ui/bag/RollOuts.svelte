<script lang="ts">
	import { clubsInBag, type PupilFile } from '$lib/io/work/pupil';
	import { rollOutOf } from '$lib/io/work/rollOut';
	import { formatLength } from '$lib/ui/format/lengths';
	import type { TodaysGreen } from './todaysGreen.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';

	interface Props {
		file: PupilFile;
		today: TodaysGreen;
	}
	const { file, today }: Props = $props();

	const CARRIES = [3, 6, 12];
	const say = (metres: number) => formatLength(metres, playing.style);
	const clubs = $derived(
		clubsInBag(file.clubs).filter(({ kind }) => kind !== 'putter' && kind !== 'wood')
	);
	const rows = $derived.by(() => {
		const { green } = today;
		if (!green) return [];
		return clubs.map((club) => ({
			club,
			rolls: CARRIES.map((carry) => rollOutOf(file.pupil, club, carry, green))
		}));
	});
</script>

<section class="grid gap-2" aria-labelledby="roll-outs">
	<h2 id="roll-outs" class="ruled-heading">Roll-out {today.where}</h2>
	{#if today.reading}
		{@const { reading } = today}
		<p class="hint">
			Level, {reading.stimpFeet.toFixed(1)} ft, {reading.firmness}{reading.wet ? ', wet' : ''};
			ordinary flight from the fairway. Model.
		</p>
		<table class="table-sm table w-full">
			<thead>
				<tr>
					<th>Carried</th>
					{#each CARRIES as carry (carry)}<th scope="col">{say(carry)}</th>{/each}
				</tr>
			</thead>
			<tbody>
				{#each rows as { club, rolls } (club.id)}
					<tr>
						<th scope="row" class="font-bold">{club.name}</th>
						{#each rolls as roll, i (i)}
							<td class="figure">{roll === null ? '–' : say(roll)}</td>
						{/each}
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}
</section>
