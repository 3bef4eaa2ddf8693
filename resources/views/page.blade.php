<!doctype html>
<html lang="en">
    <head>
        <meta charset="utf-8">
        <meta name="viewport" content="width=device-width, initial-scale=1">
        <meta name="color-scheme" content="light dark">
        <title>Kalokroma</title>
        <link rel="icon" href="data:image/svg+xml,%3Csvg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 16 16'%3E%3Crect width='16' height='16' fill='%23777'/%3E%3Cpath d='M2 2h2v12H2z' fill='%23222'/%3E%3Cpath d='M5 2h2v12H5z' fill='%23555'/%3E%3Cpath d='M8 2h2v12H8z' fill='%23bbb'/%3E%3Cpath d='M11 2h3v12h-3z' fill='%23eee'/%3E%3C/svg%3E">
        <link rel="manifest" href="/app.webmanifest">
        <script src="/theme.js"></script>
        @foreach ($entry['css'] ?? [] as $style)
            <link rel="stylesheet" href="/build/{{ $style }}">
        @endforeach
        <script type="module" src="/build/{{ $entry['file'] }}"></script>
    </head>
    <body>
        <div id="app"></div>
        <noscript>Kalokroma needs JavaScript, which this browser has switched off.</noscript>
    </body>
</html>
