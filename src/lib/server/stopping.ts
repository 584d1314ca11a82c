const controller = new AbortController();
for (const signal of ['SIGTERM', 'SIGINT'] as const) process.once(signal, () => controller.abort());

/** Aborted as soon as the server is asked to stop: what is under way ends then. */
export const stopping: AbortSignal = controller.signal;
