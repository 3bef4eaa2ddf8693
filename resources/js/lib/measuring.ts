import { api, type Paint, type Schemas } from './api';

export type MeasuredPaint = Schemas['MeasuredPaint'];

/** Gives a paint what was measured of it, or with null takes that away again. What was typed stays as it was. */
export function setMeasured(paint: Paint, measured: MeasuredPaint | null): Promise<Paint> {
    const { id, maker, range, code, name, kind, finish, volumeMl, price, barcode, version } = paint;
    return api.put<Paint>(`/paints/${id}`, {
        ...{ maker, range, code, name, kind, finish, volumeMl, price, barcode, version },
        swatch: paint.typed ?? paint.swatch,
        opacity: paint.typedOpacity,
        measured,
    });
}
