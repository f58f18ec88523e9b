<?php

declare(strict_types=1);

namespace App\Uploads;

/** Texts from files, whatever machine they were written on, as UTF-8. */
final class TextEncoding
{
    /** Letters with marks that our languages use, as the older systems of a Mac number them: elsewhere they are rare signs. */
    private const MAC_LETTERS = '/[\x80\x85\x86\x8A\x8C\x8D\x8E\x8F\x9A\x9F\xA7]/';

    private const WINDOWS_LETTERS = '/[\xC4\xC5\xC6\xD6\xD8\xDC\xDF\xE0-\xFC\xBC-\xBE]/';

    public static function toUtf8(string $bytes): string
    {
        foreach (['UTF-16LE' => "\xFF\xFE", 'UTF-16BE' => "\xFE\xFF"] as $encoding => $mark) {
            if (str_starts_with($bytes, $mark)) {
                return mb_convert_encoding(substr($bytes, 2), 'UTF-8', $encoding);
            }
        }
        if (mb_check_encoding($bytes, 'UTF-8')) {
            return $bytes;
        }
        $isMac = preg_match_all(self::MAC_LETTERS, $bytes) > preg_match_all(self::WINDOWS_LETTERS, $bytes);

        return (string) iconv($isMac ? 'MACINTOSH' : 'WINDOWS-1252', 'UTF-8//IGNORE', $bytes);
    }
}
