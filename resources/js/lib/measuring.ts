import { got, of, type Paint, type Schemas, server } from './api';

export type MeasuredPaint = Schemas['MeasuredPaint'];

/** Gives a paint what was measured of it, or with null takes that away again. What was typed stays as it was. */
export function setMeasured(paint: Paint, measured: MeasuredPaint | null): Promise<Paint> {
    const { id, maker, range, code, name, kind, finish, volumeMl, price, barcode, version } = paint;
    return got(
        server.PUT('/paints/{id}', {
            ...of(id),
            body: {
                ...{ maker, range, code, name, kind, finish, volumeMl, price, barcode, version },
                swatch: paint.typed ?? paint.swatch,
                opacity: paint.typedOpacity,
                measured,
            },
        }),
    );
}
