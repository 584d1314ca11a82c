import { env } from '$env/dynamic/private';
import type { LayoutServerLoad } from './$types';

/** The demo server says so; everything else happens in the browser. */
export const load: LayoutServerLoad = () => ({ demo: env.CRISP_DEMO === '1' });
