export function plural(count: number, one: string, many = `${one}s`): string {
    return `${count} ${count === 1 ? one : many}`;
}

/** How long it takes: "45 min", "2 h", "2 h 05", "a day", "3 days". */
export function span(minutes: number): string {
    const whole = Math.round(minutes);
    if (whole === 1440) return 'a day';
    if (whole >= 2 * 1440) return `${Math.round(whole / 1440)} days`;
    const [hours, rest] = [Math.floor(whole / 60), whole % 60];
    if (hours === 0) return `${rest} min`;
    return rest === 0 ? `${hours} h` : `${hours} h ${String(rest).padStart(2, '0')}`;
}

export function day(iso: string): string {
    return new Date(iso).toLocaleDateString(undefined, {
        weekday: 'short',
        day: 'numeric',
        month: 'short',
        year: 'numeric',
    });
}

/** "19:05", on the clock of this desk; by day and night alike. */
export function clock(iso: string): string {
    return new Date(iso).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' });
}

export function today(): string {
    const now = new Date();
    return new Date(now.getTime() - now.getTimezoneOffset() * 60000).toISOString().slice(0, 10);
}
