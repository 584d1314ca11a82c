// Builds the app for any host of files: npm run build:static. Everything works there but the HTTP interface. The same page answers every
// address, those that a host does not know included.
import { copyFileSync } from 'node:fs';
import { ensurePackages, tool } from './setup.mjs';

ensurePackages();
process.env.CRISP_STATIC = '1';
tool('@sveltejs/kit/svelte-kit.js', ['sync']);
tool('vite/bin/vite.js', ['build', '--logLevel', 'error']);
// Many hosts answer an address they do not know with this file.
copyFileSync('build-static/index.html', 'build-static/404.html');
console.log('Built into build-static: put it on any host that serves files over https.');
