import Archive from '@lucide/svelte/icons/archive';
import Backpack from '@lucide/svelte/icons/backpack';
import CalendarDays from '@lucide/svelte/icons/calendar-days';
import ChartLine from '@lucide/svelte/icons/chart-line';
import Flag from '@lucide/svelte/icons/flag';
import Mountain from '@lucide/svelte/icons/mountain';
import Target from '@lucide/svelte/icons/target';
import Users from '@lucide/svelte/icons/users';
import { resolve } from '$app/paths';

/** The views in the order of the day. */
export const VIEWS = [
	{ href: resolve('/greens'), label: 'Greens', icon: Mountain },
	{ href: resolve('/bag'), label: 'Bag', icon: Backpack },
	{ href: resolve('/'), label: 'Shot', icon: Flag },
	{ href: resolve('/practice'), label: 'Practice', icon: Target },
	{ href: resolve('/lessons'), label: 'Lessons', icon: CalendarDays },
	{ href: resolve('/log'), label: 'Log', icon: ChartLine },
	{ href: resolve('/pupils'), label: 'Pupils', icon: Users }
] as const;

/** What is opened now and then stands beside the settings. */
export const DATA = { href: resolve('/data'), label: 'Data', icon: Archive } as const;

/** So many of them stand in the bar of a small screen; the rest is under one button. */
export const IN_THUMBS_REACH = 5;

/** Whether an address belongs to a view; the first page's is the only exact one. */
export const isHere = (href: string, path: string): boolean =>
	href === resolve('/') ? path === href : path.startsWith(href);
