<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Underbolt</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <meta name="style-nonce" content="{{ $nonce }}">
    <meta name="demo" content="{{ config('app.demo') === true ? 'yes' : 'no' }}">
    @vite(['resources/js/main.ts'])
</head>
<body>
    <div id="app"></div>
    <noscript>Underbolt draws your bench in the browser: please allow its script.</noscript>
</body>
</html>
