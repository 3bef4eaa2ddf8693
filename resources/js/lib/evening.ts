import type { Schemas } from './api';

export type Agenda = Schemas['Agenda'];
export type Evening = Schemas['Evening'];
export type AgendaItem = Schemas['AgendaItem'];

export const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const;

/** "19:30", as the server's clock says it where the painter lives. */
export function hour(iso: string): string {
    return iso.slice(11, 16);
}

/** "Thu 26" */
export function dayOf(date: string): string {
    const at = new Date(`${date.slice(0, 10)}T12:00:00`);
    return `${at.toLocaleDateString(undefined, { weekday: 'short' })} ${at.getDate()}`;
}

/** "Thursday, 26 November" */
export function longDay(date: string): string {
    return new Date(`${date.slice(0, 10)}T12:00:00`).toLocaleDateString(undefined, {
        weekday: 'long',
        day: 'numeric',
        month: 'long',
    });
}

/** "Sun 29 Nov" */
export function shortDate(date: string): string {
    return new Date(`${date.slice(0, 10)}T12:00:00`).toLocaleDateString(undefined, {
        weekday: 'short',
        day: 'numeric',
        month: 'short',
    });
}

/** "×10", "on 4 of 10" */
export function onModels(item: AgendaItem): string {
    return item.models.length === item.ofModels ? `×${item.ofModels}` : `${item.models.length} of ${item.ofModels}`;
}

/** Minutes from one time to another. */
export function minutesBetween(from: string, to: string): number {
    return (new Date(to).getTime() - new Date(from).getTime()) / 60000;
}

/** Where a block of the bar goes: a share of the whole, 0…100. */
export function across(evening: Evening, iso: string): number {
    return (100 * minutesBetween(evening.start, iso)) / evening.minutes;
}

/** A block of the bar: its row, and how far before its left edge its words begin so that they end within the bar, a share of the whole. */
export type Block = AgendaItem & { row: number; before: number };

/** Blocks in rows, so that narrow ones that follow each other keep room for their words; each takes the first row that is free there. */
export function inRows(evening: Evening, leastShare: number): Block[] {
    const ends: number[] = [];
    return evening.items.map((item) => {
        const start = across(evening, item.start);
        const from = Math.max(0, Math.min(start, 100 - leastShare));
        const to = Math.max(across(evening, item.end), from + leastShare);
        let row = ends.findIndex((end) => end <= from + 0.05);
        if (row < 0) row = ends.length;
        ends[row] = to;
        return { ...item, row, before: start - from };
    });
}

/** Full and half hours within the evening, to rule the bar by. */
export function rules(evening: Evening): { at: string; share: number }[] {
    const every = evening.minutes > 480 ? 120 : evening.minutes > 240 ? 60 : 30;
    const [hours, minutes] = hour(evening.start).split(':').map(Number) as [number, number];
    const first = (every - ((hours * 60 + minutes) % every)) % every;
    const marks = [];
    for (let after = first; after <= evening.minutes; after += every) {
        const minute = (hours * 60 + minutes + after) % 1440;
        const at = `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;
        marks.push({ at, share: (100 * after) / evening.minutes });
    }
    return marks;
}
