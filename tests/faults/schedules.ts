/** Seeds of the schedules: a sample in the tests, all of them with `npm run faults`, others from a seed on with `npm run fuzz`. */
const COUNT = Number(process.env['FAULT_SCHEDULES'] ?? 8);
const FROM = Number(process.env['FAULT_FROM'] ?? 1);

export const schedules: readonly number[] = Array.from({ length: COUNT }, (_, i) => i + FROM);
