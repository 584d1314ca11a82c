/** Seeds of the schedules: a sample in the tests, all of them with `npm run faults`. */
const COUNT = Number(process.env['FAULT_SCHEDULES'] ?? 25);

export const schedules: readonly number[] = Array.from({ length: COUNT }, (_, i) => i + 1);
