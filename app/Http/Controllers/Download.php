<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Response;

/** Something that is written for a request, with its type and its name. */
final class Download
{
    /** To be kept as a file. */
    public static function kept(string $content, string $type, string $name): Response
    {
        return self::named($content, $type, "attachment; filename=\"{$name}\"");
    }

    /** To be looked at first. */
    public static function shown(string $content, string $type, string $name): Response
    {
        return self::named($content, $type, "inline; filename=\"{$name}\"");
    }

    private static function named(string $content, string $type, string $disposition): Response
    {
        return new Response($content, 200, ['Content-Type' => $type, 'Content-Disposition' => $disposition]);
    }
}
