<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Not yet · Underbolt</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <link rel="stylesheet" href="/plain-page.css">
</head>
<body>
    <main>
        <h1>{{ $heading }}</h1>
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
