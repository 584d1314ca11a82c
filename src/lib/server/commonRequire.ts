import { createRequire } from 'node:module';

// The thread pool asks for its Node modules by `require`, which a bundle of ES modules does not have; imported before it, this provides it.
globalThis.require ??= createRequire(import.meta.url);
