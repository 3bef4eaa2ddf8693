/** Short messages at the foot of the screen; one may carry the way back. */
export type Notice = {
    id: number;
    text: string;
    /** `of`: what it takes back a change of. Only the newest change of a thing can be taken back from here. */
    action: { label: string; run: () => unknown; of?: string } | undefined;
    alarm: boolean;
};

const SHOWN_MS = 9000;
let next = 1;
export const notices = $state<Notice[]>([]);

export function tell(text: string, action?: Notice['action']): void {
    show(text, false, action);
}

export function warn(text: string, action?: Notice['action']): void {
    show(text, true, action);
}

export function dismiss(id: number): void {
    const index = notices.findIndex((notice) => notice.id === id);
    if (index >= 0) notices.splice(index, 1);
}

/** Something else is done to a thing: what was done to it before is not taken back from here any more. */
export function supersede(of: string): void {
    for (const older of notices) if (older.action?.of === of) older.action = undefined;
}

/** Runs the newest way back on screen; false when there is none. */
export function takeBack(): boolean {
    const notice = notices.findLast((one) => one.action?.label === 'Undo');
    if (notice?.action === undefined) return false;
    dismiss(notice.id);
    void notice.action.run();
    return true;
}

function show(text: string, alarm: boolean, action?: Notice['action']): void {
    const id = next++;
    if (action?.of !== undefined) supersede(action.of);
    notices.push({ id, text, alarm, action });
    if (notices.length > 3) notices.shift();
    setTimeout(() => dismiss(id), SHOWN_MS);
}
