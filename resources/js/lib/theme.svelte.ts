export type Theme = 'day' | 'lamp';

const KEPT = 'kalokroma.theme';
let theme = $state<Theme>(document.documentElement.dataset.theme === 'lamp' ? 'lamp' : 'day');

export function currentTheme(): Theme {
    return theme;
}

export function setTheme(next: Theme): void {
    theme = next;
    document.documentElement.dataset.theme = next;
    localStorage.setItem(KEPT, next);
}
