<script lang="ts">
	import { format } from 'date-fns';
	import { resolve } from '$app/paths';
	import type { Lesson } from '$lib/io/lessons/lesson';
	import type { Play, PlayResult, Round } from '$lib/io/log/play';
	import type { GreenWire } from '$lib/io/work/green';
	import { newId } from '$lib/store/base/newId';
	import { changePlay, keepRound } from '$lib/store/shelves/log';
	import { sessionShelf } from '$lib/store/shelves/practice';
	import { attempt } from '$lib/ui/shell/attempt';
	import { tell } from '$lib/ui/shell/messages.svelte';
	import ResultForm from './ResultForm.svelte';
	import { ResultDraft } from './state/resultDraft.svelte';

	interface Props {
		play: Play;
		green: GreenWire | null;
		rounds: readonly Round[];
		/** In which it was played; undefined outside of any. */
		lesson: Lesson | undefined;
		onkept: () => void;
	}
	const { play: asOpened, green, rounds, lesson, onkept }: Props = $props();

	// It is changed as it was opened; what another tab does to it meanwhile is put together when it is kept.
	// svelte-ignore state_referenced_locally
	const play = asOpened;
	const { at, roundId, clubId, lie, landed, finished, holed, tags, strokes, notes } = play;
	const start: PlayResult = {
		at,
		roundId,
		clubId,
		lie,
		holed,
		tags,
		notes,
		...(landed && { landed }),
		...(finished && { finished }),
		...(strokes !== undefined && { strokes })
	};
	/** The practice may have been removed since. */
	const practice =
		play.sessionId === undefined
			? undefined
			: sessionShelf.get(play.sessionId).catch(() => undefined);
	const draft = new ResultDraft(start, () => play.played?.flight !== 'putt');
	const own = $derived(rounds.filter(({ pupilId }) => pupilId === play.pupilId));

	const begin = () =>
		attempt(async () => {
			const day = format(new Date(draft.value.at), 'yyyy-MM-dd');
			const round: Round = { id: newId(), pupilId: play.pupilId, day, name: '', notes: '' };
			await keepRound(round);
			draft.change({ roundId: round.id });
		});

	const keep = () =>
		attempt(async () => {
			const { landed: _, finished: __, strokes: ___, ...rest } = play;
			const changed: Play = structuredClone({ ...rest, ...draft.value });
			await changePlay(play, changed);
			onkept();
			tell('Changed.', {
				label: 'Undo',
				run: () => void attempt(() => changePlay(changed, play))
			});
		});
</script>

<p class="mb-3">
	{play.played?.words ?? 'Another shot than the plan had'}{play.called &&
	play.called.words !== play.played?.words
		? `; called was ${play.called.words}`
		: ''}.
	{#if play.saved}It was “{play.saved.name}”.{/if}
	<a class="underline" href={resolve(`/?play=${encodeURIComponent(play.id)}`)}>Ask it again</a>
	{#await practice then session}
		{#if session}
			· <a class="underline" href={resolve('/practice/[id]', { id: session.id })}
				>The practice it was a ball of</a
			>
		{/if}
	{/await}
	{#if lesson}
		· <a class="underline" href={resolve('/lessons/[id]', { id: lesson.id })}
			>The lesson it was played in</a
		>
	{/if}
</p>
<ResultForm
	{draft}
	shot={play.shot}
	{green}
	forecast={play.forecast?.balls ?? ''}
	rounds={own}
	onround={() => void begin()}
/>
<div class="sticky -bottom-4 mt-3 bg-(--paper) pt-2 pb-4">
	<button
		type="button"
		class="btn btn-neutral btn-lg w-full"
		disabled={!draft.known || draft.problems.length > 0}
		onclick={() => void keep()}>Keep the change</button
	>
</div>
