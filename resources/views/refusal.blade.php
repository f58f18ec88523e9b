<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Not yet · Underbolt</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <style nonce="{{ $nonce }}">
        body { max-width: 42em; margin: 12vh auto; padding: 0 24px; font: 18px/1.5 system-ui, sans-serif; color: #14233f; background: #fff; }
        h1 { font-size: 28px; line-height: 1.2; }
        a { color: inherit; display: inline-block; min-height: 28px; }
        @media (prefers-color-scheme: dark) { body { color: #e8edf6; background: #10182a; } }
    </style>
</head>
<body>
    <main>
        <h1>{{ $heading ?? 'This file can’t be made yet.' }}</h1>
@if ($faults === [])
        <p>{{ $message }}</p>
@endif
@foreach ($faults as [$sentence, $way, $name])
        <p>{{ $sentence }} @if ($way !== null)<a href="{{ $way }}">{{ $name }}</a>@endif</p>
@endforeach
        <p>@if ($make !== null)<a href="/makes/{{ $make->id }}">Back to the bench</a>@else<a href="/workroom">To the workroom</a>@endif</p>
    </main>
</body>
</html>
