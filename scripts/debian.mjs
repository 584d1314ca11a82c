// What the tests want of Debian's packages: a browser, and what reads PDF files back. A process of its own, so that it works beside npm.
import { ensureChromium, ensurePoppler } from './setup.mjs';

ensureChromium();
ensurePoppler();
