// Builds the app for any host of files: npm run build:static. Everything works there but the HTTP interface; svelte.config.js says how.
import { ensurePackages, tool } from './setup.mjs';

ensurePackages();
tool('@sveltejs/kit/svelte-kit.js', ['sync']);
tool('vite/bin/vite.js', ['build', '--logLevel', 'error']);
console.log('Built into build-static: put it on any host that serves files over https.');
