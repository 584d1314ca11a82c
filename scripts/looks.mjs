// Every view at every width and in every look, held to what an eye stumbles over and to the judge of accessibility: npm run looks.
// `npm test` looks at each view on a desk, on a phone and in sunlight.
import { existsSync } from 'node:fs';
import { ensureChromium, ensurePackages, tool } from './setup.mjs';

ensurePackages();
ensureChromium();
if (!existsSync('build')) tool('vite/bin/vite.js', ['build', '--logLevel', 'error']);
const env = { ...process.env, EVERY_LOOK: 'yes' };
process.exit(tool('@playwright/test/cli.js', ['test', 'views', '--reporter=list'], { env }));
