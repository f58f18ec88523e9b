<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Cloth;

use Underbolt\PlainWords;

/**
 * What the name of a cloth means for the choice of a size, a sentence each (common practice, no published source). Another cloth
 * is one line more; a name is found as a word by itself, bared of case and accents.
 */
final class ClothWords
{
    private const CLOTHS = [
        'double gauze' => 'soft and springy: it shrinks and grows with each washing; wash it first, and keep all the ease that is drafted',
        'gauze' => 'open and loosely woven: it gives in wear and frays at a tight seam; leave room where the garment is close, and make seams wide',
        'challis' => 'soft and fluid: ease falls in folds and hardly shows; between two sizes the smaller one is enough',
        'crepe de chine' => 'fluid and slippery: ease falls in and disappears; it drops on the bias, so let it hang before the hem',
        'crepe' => 'heavy in its fall, with a little give: ease falls in; it grows under the iron, so hold figures against it before you cut',
        'chiffon' => 'sheer and fluid: wide cuts look slim in it; a close seam pulls open, so leave room',
        'georgette' => 'sheer and fluid: wide cuts look slim in it; a close seam pulls open, so leave room',
        'voile' => 'thin and airy: it shows what is underneath and does not give; keep the least ease everywhere',
        'lawn' => 'fine and firm: it does not give; the measurements of the pattern are what is worn',
        'poplin' => 'firm and smooth: it does not give and shows each strain; between two sizes the larger is safer where it must fit',
        'linen' => 'firm at first and softer with each hour of wear: it gives at seat and elbow; fit it with no more than the ease that is drafted',
        'denim' => 'thick and stiff: the cloth itself takes up room at seams; between two sizes take the larger',
        'corduroy' => 'thick: the pile takes up room; between two sizes take the larger',
        'velvet' => 'thick in its pile, which takes up room, and it cannot be let out again: seams leave marks',
        'satin' => 'smooth: each strain shines and holes of unpicked seams stay; fit in another cloth first',
        'jersey' => 'a knit that gives and clings: less ease is worn than in a woven',
        'ponte' => 'a firm knit: it gives a little and keeps its shape; near to the ease of a woven',
        'rib' => 'a knit that gives much and closes again: it is worn smaller than the body',
        'flannel' => 'soft and a little thick: it shrinks; wash it first',
    ];

    /** @return list<string> `Challis: soft and fluid: ...`, for each cloth that a text names, in the order above */
    public static function in(string $text): array
    {
        $plain = ' '.PlainWords::plain($text).' ';
        $said = [];
        foreach (self::CLOTHS as $cloth => $means) {
            if (preg_match("/ {$cloth}s? /", $plain) === 1) {
                $said[] = ucfirst("{$cloth}: {$means}");
                // "double gauze" says nothing of gauze.
                $plain = (string) preg_replace("/ {$cloth}s? /", ' ', $plain);
            }
        }

        return $said;
    }
}
