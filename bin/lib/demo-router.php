<?php

/**
 * The demo's front door for PHP's own server: what lies in public/ with its type, its tag and how long it may be kept;
 * everything else is the application's. Compressing is left to `zlib.output_compression`.
 */

declare(strict_types=1);

const TYPES = [
    'css' => 'text/css; charset=utf-8', 'js' => 'text/javascript; charset=utf-8', 'svg' => 'image/svg+xml', 'png' => 'image/png',
    'ico' => 'image/x-icon', 'json' => 'application/json', 'txt' => 'text/plain; charset=utf-8', 'woff' => 'font/woff', 'woff2' => 'font/woff2',
];

$public = dirname(__DIR__, 2).'/public';
$path = rawurldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
// No file has such a name, and PHP would stumble over it.
if (str_contains($path, "\0")) {
    http_response_code(400);

    return;
}
$file = realpath($public.$path);
$type = $file === false ? null : TYPES[pathinfo($file, PATHINFO_EXTENSION)] ?? null;
if ($file === false || $type === null || ! str_starts_with($file, realpath($public).'/') || ! is_file($file)) {
    chdir($public);
    require $public.'/index.php';

    return;
}
$tag = sprintf('W/"%x-%x"', filemtime($file), filesize($file));
header("Content-Type: {$type}");
header("ETag: {$tag}");
header('X-Content-Type-Options: nosniff');
// Hashed names: what is under one never changes.
header('Cache-Control: '.(str_contains($path, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'));
if (($_SERVER['HTTP_IF_NONE_MATCH'] ?? '') === $tag) {
    http_response_code(304);

    return;
}
readfile($file);
