import { surfaceOf } from '$lib/core/green/surface';
import { greenToCore, type GreenWire } from '$lib/io/green';
import { nextTask } from './slices';

/** Works the surface of a measured map out in a task of its own: what draws it next finds it done. */
export async function warmSurface(green: GreenWire | null | undefined): Promise<void> {
	if (!green?.grid) return;
	await nextTask();
	surfaceOf(greenToCore(green));
	await nextTask();
}
