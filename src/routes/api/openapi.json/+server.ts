import { json } from '@sveltejs/kit';
import { simulationSchema } from '$lib/devices/simulation/simulatedDevices';
import { openApi } from '$lib/server/openApi';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = () => json(openApi(simulationSchema));
