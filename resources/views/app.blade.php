<!doctype html>
<html lang="en" data-theme="linen">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1, viewport-fit=cover">
    <meta name="color-scheme" content="light dark">
    <title>Nimble Shelf</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <script>
        // Set before the first paint, so that an evening visit does not start with a flash of linen.
        try {
            var kept = localStorage.getItem('nimble-shelf-theme');
            document.documentElement.dataset.theme = kept || (matchMedia('(prefers-color-scheme: dark)').matches ? 'evening' : 'linen');
        } catch (e) {}
    </script>
    <link rel="manifest" href="/manifest.webmanifest">
    <meta name="theme-color" content="#f6f1e8" media="(prefers-color-scheme: light)">
    <meta name="theme-color" content="#131b25" media="(prefers-color-scheme: dark)">
    <link rel="apple-touch-icon" href="/icon-192.png">
    {{-- The Floor is a page of its own, and opens without the rest. --}}
    @vite(request()->is('floor/*') ? 'resources/js/floor.tsx' : 'resources/js/main.tsx')
</head>
<body>
    <div id="app"></div>
    <noscript>Nimble Shelf draws moving figures and needs JavaScript.</noscript>
</body>
</html>
