<script lang="ts">
	import Download from '@lucide/svelte/icons/download';
	import Share2 from '@lucide/svelte/icons/share-2';
	import { formatBalls } from '$lib/io/files/ballsCsv';
	import type { GreenWire } from '$lib/io/work/green';
	import { isHit } from '$lib/io/practice/session';
	import { driftWords, gapWords, scoreWords } from '$lib/io/words/practice';
	import { sessionFile } from '$lib/store/files/fileOf';
	import Later from '$lib/ui/controls/Later.svelte';
	import { download, fileNameOf } from '$lib/ui/files/download';
	import { canShareFiles, handOver } from '$lib/ui/files/share';
	import { formatLength } from '$lib/ui/format/lengths';
	import { attempt } from '$lib/ui/shell/attempt';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { SessionBench } from '$lib/ui/practice/state/sessionBench.svelte';
	import ClubNames from './ClubNames.svelte';
	import AgainstForecast from './AgainstForecast.svelte';
	import BagChanges from './BagChanges.svelte';
	import BallMarks from './BallMarks.svelte';
	import PracticeGreen from '$lib/ui/practice/PracticeGreen.svelte';
	import { farthest, practiceScale } from '$lib/ui/practice/practiceScale';
	import { clubName, drawingWords } from '$lib/ui/practice/practiceWords';
	import { savePicture } from './sessionPicture';
	import TaskTable from './TaskTable.svelte';

	interface Props {
		bench: SessionBench;
		green: GreenWire | null;
	}
	const { bench, green }: Props = $props();

	let width = $state(0);
	let drawing = $state<HTMLElement>();
	const session = $derived(bench.session);
	const say = (metres: number) => formatLength(metres, playing.style);
	const file = $derived(bench.pupil ?? playing.file);
	const scale = $derived(practiceScale(Math.max(240, width), 460, farthest(session)));
	const rolls = $derived(session.rules.measure === 'roll-out');
	const gaps = $derived(
		rolls ? gapWords(bench.tasks, (id) => clubName(file.clubs, id), playing.say) : ''
	);
	const drifts = $derived(
		bench.tasks.flatMap(({ task, group }) =>
			group?.drift ? [driftWords(group, clubName(file.clubs, task.clubId), playing.say)] : []
		)
	);
	/** Where each club's balls end, or land where the drill is about that. */
	const names = $derived(
		bench.tasks.flatMap(({ task, group, landing }) => {
			const ellipse =
				(rolls ? group?.finish : null) ?? (session.rules.mark === 'flag' ? null : landing);
			const name = clubName(file.clubs, task.clubId);
			return ellipse ? [{ name, middle: [ellipse.x, ellipse.y] as const }] : [];
		})
	);
	const spots = $derived(
		bench.tasks.flatMap(({ balls }) =>
			balls.flatMap(({ landed, finished }) =>
				[landed, finished].filter((spot) => spot !== undefined)
			)
		)
	);
	const fileName = $derived(fileNameOf(session.name));
</script>

<div class="grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,1fr)_30rem]">
	<div class="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-2">
		<div class="min-w-0 overflow-hidden" bind:clientWidth={width} bind:this={drawing}>
			<Later>
				<PracticeGreen
					{session}
					{green}
					{scale}
					description={bench.tasks.map((task) => drawingWords(task, say)).join(' ')}
				>
					<Later>
						{#each bench.tasks as state, i (i)}
							<BallMarks
								balls={state.balls}
								wild={state.wild}
								landing={session.rules.mark === 'flag' ? null : state.landing}
								finish={rolls ? (state.group?.finish ?? null) : null}
								{scale}
							/>
						{/each}
						<ClubNames {names} balls={spots} {scale} />
					</Later>
				</PracticeGreen>
			</Later>
		</div>
		<p class="hint">
			Red: landed, with the ellipse that holds eight of ten. White: ended. A cross is a wild ball,
			kept and left out.
		</p>
		<div class="flex flex-wrap gap-2">
			<button
				type="button"
				class="btn"
				onclick={() => drawing && savePicture(drawing, `${fileName}.svg`, 'svg')}
				><Download size={18} aria-hidden="true" /> SVG</button
			>
			<button
				type="button"
				class="btn"
				onclick={() =>
					void attempt(async () => {
						if (drawing) await savePicture(drawing, `${fileName}.png`, 'png');
					})}><Download size={18} aria-hidden="true" /> PNG</button
			>
			<button
				type="button"
				class="btn"
				onclick={() =>
					download(`${fileName}.csv`, formatBalls(bench.balls, playing.files), 'text/csv')}
				><Download size={18} aria-hidden="true" /> Balls (CSV)</button
			>
			<button
				type="button"
				class="btn"
				onclick={() =>
					void attempt(async () => {
						await bench.flush();
						await handOver(`${fileName}.json`, await sessionFile(session.id));
					})}
				><Share2 size={18} aria-hidden="true" />
				{canShareFiles() ? 'Share the session' : 'The session (JSON)'}</button
			>
		</div>
	</div>
	<div class="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-5">
		{#if session.turns.length > 1}
			<div class="flex flex-wrap gap-1" role="group" aria-label="Whose balls">
				{#each session.turns as turn, i (i)}
					<button
						type="button"
						class="btn"
						aria-pressed={bench.turnAt === i}
						onclick={() => (bench.turnAt = i)}>{playing.of(turn.pupilId).pupil.name}</button
					>
				{/each}
			</div>
		{/if}
		<div class="grid gap-1">
			<p class="text-lg font-bold">{scoreWords(bench.score, session.rules, playing.say)}</p>
			{#if gaps}<p>{gaps}</p>{/if}
			{#each drifts as words (words)}<p>{words}</p>{/each}
		</div>
		<div class="max-w-full overflow-x-auto">
			<Later>
				<TaskTable
					tasks={bench.tasks}
					{file}
					at={null}
					measure={session.rules.measure}
					hit={(ball) => isHit(session, ball)}
					asked={(task) => bench.asked(task)}
				/>
			</Later>
		</div>
		<Later><BagChanges {bench} {file} /></Later>
		<Later><AgainstForecast {bench} {file} /></Later>
		<button
			type="button"
			class="btn justify-self-start"
			onclick={() => bench.change((one) => (one.endedAt = null))}>Go on with it</button
		>
	</div>
</div>
