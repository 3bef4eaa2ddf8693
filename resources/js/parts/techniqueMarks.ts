/** A stroke of a mark on a field of 16 by 16: its path, how wide it is drawn, and whether its ends are round. */
type Stroke = { d: string; width?: number; round?: true };

/** How the paint goes on, drawn as the stroke it leaves; one row for each technique. */
export const TECHNIQUE_MARKS: Record<string, Stroke[]> = {
    primer: [
        { d: 'M3 13h10', width: 2.4 },
        { d: 'M4 4h.01M8 3h.01M12 4h.01M6 8h.01M10 8h.01', width: 2.2, round: true },
    ],
    'spray-from-above': [{ d: 'M8 2 3 9M8 2v7M8 2l5 7' }, { d: 'M2 13q6-4 12 0' }],
    basecoat: [{ d: 'M2 8h12', width: 6 }],
    wash: [{ d: 'M1 5q2 7 4.700 0t4.700 0T15 5' }, { d: 'M3 13h10', width: 1 }],
    drybrush: [{ d: 'M2 4h3M7 4h2M11 4h3M3 8h2M7 8h4M2 12h1M5 12h4M12 12h2' }],
    layer: [
        { d: 'M2 12h12', width: 3 },
        { d: 'M4 8h8', width: 2.4 },
        { d: 'M6 4.500h4', width: 1.8 },
    ],
    highlight: [{ d: 'M2 13 8 3l6 10' }, { d: 'M8 3h.01', width: 4, round: true }],
    glaze: [{ d: 'M2 5h12M2 8h12M2 11h12', width: 1 }],
    'one-coat': [{ d: 'M2 3h12L8 14z' }],
};
