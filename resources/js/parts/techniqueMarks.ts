/** A stroke of a mark on a field of 16 by 16: its path, how wide it is drawn, and whether its ends are round. */
type Stroke = { d: string; width?: number; round?: true };

/** How the paint goes on, drawn as the stroke it leaves; one row for each technique. */
export const TECHNIQUE_MARKS: Record<string, Stroke[]> = {
    primer: [
        { d: 'M3 13h10', width: 2.4 },
        { d: 'M4 4h.01M8 3h.01M12 4h.01M6 8h.01M10 8h.01', width: 2.2, round: true },
    ],
    'spray-from-above': [{ d: 'M8 2 3 9M8 2v7M8 2l5 7' }, { d: 'M2 13q6-4 12 0' }],
    'spray-layer': [
        { d: 'M2 8 6 5M2 8h5M2 8l4 3' },
        { d: 'M10 4h.01M10 8h.01M10 12h.01M13 6h.01M13 10h.01', width: 2.2, round: true },
    ],
    basecoat: [{ d: 'M2 8h12', width: 6 }],
    'one-coat': [{ d: 'M2 3h12L8 14z' }],
    'wet-blend': [{ d: 'M2 5q6 6 12 0' }, { d: 'M2 11q6-6 12 0' }],
    stipple: [
        {
            d: 'M3 4h.01M7 3h.01M12 5h.01M5 8h.01M9 8h.01M13 9h.01M3 12h.01M8 13h.01M11 12h.01',
            width: 2.6,
            round: true,
        },
    ],
    wash: [{ d: 'M1 5q2 7 4.700 0t4.700 0T15 5' }, { d: 'M3 13h10', width: 1 }],
    'layered-shade': [
        { d: 'M2 5h12', width: 1 },
        { d: 'M4 8.500h8', width: 2 },
        { d: 'M6 12.500h4', width: 3 },
    ],
    lining: [
        { d: 'M8 1v14', width: 2.4 },
        { d: 'M3 4v8M13 4v8', width: 0.8 },
    ],
    drybrush: [{ d: 'M2 4h3M7 4h2M11 4h3M3 8h2M7 8h4M2 12h1M5 12h4M12 12h2' }],
    patting: [{ d: 'M3 5h4M9 5h4M5 10h6', width: 3.4, round: true }],
    layer: [
        { d: 'M2 12h12', width: 3 },
        { d: 'M4 8h8', width: 2.4 },
        { d: 'M6 4.500h4', width: 1.8 },
    ],
    highlight: [{ d: 'M2 13 8 3l6 10' }, { d: 'M8 3h.01', width: 4, round: true }],
    'edge-highlight': [{ d: 'M3 14V4h10', width: 2.2 }],
    dot: [
        { d: 'M13 3h.01', width: 5, round: true },
        { d: 'M3 13V8M3 13h5', width: 1 },
    ],
    glaze: [{ d: 'M2 5h12M2 8h12M2 11h12', width: 1 }],
    'coloured-light': [
        { d: 'M2 8h.01', width: 5, round: true },
        { d: 'M6 8h8M6 5l7-3M6 11l7 3', width: 1.2 },
    ],
    eye: [{ d: 'M1 8q7-8 14 0q-7 8-14 0z' }, { d: 'M8 8h.01', width: 4, round: true }],
    lens: [{ d: 'M8 2a6 6 0 1 0 .01 0z' }, { d: 'M6 6h.01', width: 3, round: true }],
    gem: [{ d: 'M4 3h8l3 4-7 7-7-7z' }],
    freehand: [{ d: 'M2 12q2-9 5-4t2 1 5-6' }],
    'touch-up': [
        { d: 'M2 8h5M10 8h4', width: 3 },
        { d: 'M8.500 4v8', width: 1 },
    ],
    'clean-up': [
        { d: 'M2 3v10h12', width: 1 },
        { d: 'M5 11h.01M8 8h6', width: 3 },
    ],
    'gloss-coat': [{ d: 'M2 13h12' }, { d: 'M3 10q5-7 10 0' }, { d: 'M9 5h.01', width: 2.4, round: true }],
    'satin-coat': [{ d: 'M2 13h12' }, { d: 'M3 10q5-4 10 0' }],
    'matt-coat': [{ d: 'M2 13h12' }, { d: 'M3 9h2M7 9h2M11 9h2' }],
    'gloss-spot': [
        { d: 'M8 3a5 5 0 1 0 .01 0z', width: 1 },
        { d: 'M10 6h.01', width: 3.4, round: true },
    ],
    decal: [{ d: 'M3 3h10v7l-3 3H3z' }, { d: 'M10 13v-3h3', width: 1 }],
    'decal-softener': [{ d: 'M3 3h10v10H3z', width: 1 }, { d: 'M5 8q1.500-2 3 0t3 0' }],
    'solvent-wash': [
        { d: 'M1 4q2 6 4.700 0t4.700 0T15 4' },
        { d: 'M4 12h.01M8 13h.01M12 12h.01', width: 2.2, round: true },
    ],
    'wipe-back': [{ d: 'M13 4H4l3-3M4 4l3 3' }, { d: 'M3 12h10', width: 3 }],
    streaks: [{ d: 'M4 2v11M8 2v7M12 2v12' }],
    feather: [{ d: 'M8 2v12' }, { d: 'M8 5 4 8M8 8l-4 3M8 5l4 3M8 8l4 3', width: 1 }],
    pigments: [{ d: 'M2 12q3-5 6-1t6-1' }, { d: 'M4 5h.01M8 4h.01M12 6h.01M10 8h.01', width: 1.8, round: true }],
    effect: [{ d: 'M3 3v5q1.500 5 3 0q1-3 2 0q1.500 7 3 0V3z' }],
    'chipping-fluid': [{ d: 'M2 11h12' }, { d: 'M2 7h4l1 3 2-5 1 2h4', width: 1 }],
    chip: [{ d: 'M2 4h12' }, { d: 'M3 4l2 4 2-3 2 6 2-4 2-3z' }],
    'texture-paste': [{ d: 'M1 13h14' }, { d: 'M2 12q2-6 4-2t4-3 4 5' }],
    grit: [
        { d: 'M1 13h14', width: 1 },
        { d: 'M4 9h.01M9 10h.01M12 7h.01M7 6h.01', width: 3.4, round: true },
    ],
    tuft: [{ d: 'M8 14Q6 8 3 5M8 14V3M8 14q2-6 5-9' }],
    rim: [{ d: 'M1 6q7 4 14 0v4q-7 4-14 0z' }],
    mask: [{ d: 'M2 4h12v8H2z' }, { d: 'M2 12 14 4M2 8l6-4M8 12l6-4', width: 1 }],
    unmask: [{ d: 'M2 4h12v8H2z', width: 1 }, { d: 'M14 4 7 9l1 3' }],
    'glue-part': [{ d: 'M3 8h4M9 8h4', width: 4 }, { d: 'M8 2v4M8 10v4' }],
};
