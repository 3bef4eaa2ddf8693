import { expect, test } from 'vitest';
import type { Craft } from '../../resources/js/lib/api';
import { wished } from '../../resources/js/lib/wishes';

const all: Craft['wishes'] = [
    { value: 'warmer', label: 'warmer', opposite: 'cooler', most: 3 },
    { value: 'cooler', label: 'cooler', opposite: 'warmer', most: 3 },
    { value: 'faster', label: 'faster', opposite: null, most: 1 },
];

test('a wish pressed again asks for more, up to its limit, and then is let go', () => {
    let said = wished(all, [], 'warmer');
    said = wished(all, said, 'warmer');
    expect(said).toEqual(['warmer', 'warmer']);
    expect(wished(all, wished(all, said, 'warmer'), 'warmer')).toEqual([]);
    expect(wished(all, wished(all, [], 'faster'), 'faster')).toEqual([]);
});

test('the opposite takes one back before it asks for anything', () => {
    expect(wished(all, ['faster', 'warmer', 'warmer'], 'cooler')).toEqual(['faster', 'warmer']);
    expect(wished(all, ['faster'], 'cooler')).toEqual(['faster', 'cooler']);
});
