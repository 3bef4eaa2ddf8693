import { settings } from './settings.svelte';

/** Digits behind the point that a currency has. */
function digits(currency: string): number {
    try {
        return (
            new Intl.NumberFormat('en', { style: 'currency', currency }).resolvedOptions().maximumFractionDigits ?? 2
        );
    } catch {
        return 2;
    }
}

/** "8,20 €", from minor units. */
export function money(minor: number): string {
    const { currency } = settings;
    try {
        return new Intl.NumberFormat(undefined, { style: 'currency', currency }).format(amount(minor));
    } catch {
        return `${amount(minor).toFixed(2)} ${currency}`;
    }
}

/** The number alone, in whole units. */
export function amount(minor: number): number {
    return minor / 10 ** digits(settings.currency);
}

/** Minor units of what was typed with a point or a comma; null when it is no number. */
export function minorUnits(typed: string): number | null {
    const value = Number(typed.trim().replace(',', '.'));
    return typed.trim() === '' || !Number.isFinite(value) ? null : Math.round(value * 10 ** digits(settings.currency));
}
