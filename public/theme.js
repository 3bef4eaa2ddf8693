// Before anything is drawn, so that the lamp-lit desk is not flashed at.
document.documentElement.dataset.theme = localStorage.getItem('kalokroma.theme') ?? (matchMedia('(prefers-color-scheme: dark)').matches ? 'lamp' : 'day');
