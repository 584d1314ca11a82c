import { surfaceInSteps } from '$lib/core/green/surface';
import { greenToCore, type GreenWire } from '$lib/io/work/green';
import { finishInSlices, nextTask } from '$lib/ui/state/slices';

/** Works the surface of a map out in slices: what draws it next finds it done. */
export async function warmSurface(green: GreenWire | null | undefined): Promise<void> {
	if (!green) return;
	await nextTask();
	await finishInSlices(surfaceInSteps(greenToCore(green)));
	await nextTask();
}
