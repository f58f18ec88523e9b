<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Pieces;

use Underbolt\PlainWords;

/**
 * The words in a piece's name, in the languages of our patterns, by what they say of it. To add a language, add its words here, bared of
 * case and accents as `PlainWords` leaves them. Five letters and more are also found inside a longer word, fewer only by themselves.
 */
final class PieceWords
{
    private const INSIDE_FROM = 5;

    private const WORDS = [
        'front' => ['front', 'fronts', 'vorderteil', 'vorder', 'vorn', 'vorne', 'devant', 'voorpand', 'voor', 'framstycke', 'forstykke', 'davanti', 'delantero', 'frente', 'przod', 'etukappale', 'etu'],
        'back' => ['back', 'backs', 'rucken', 'ruckenteil', 'hinten', 'dos', 'achterpand', 'rugpand', 'achter', 'bakstycke', 'bakstykke', 'ryg', 'dietro', 'espalda', 'trasero', 'costas', 'tyl', 'takakappale', 'taka'],
        'side' => ['side', 'seite', 'seiten', 'seitenteil', 'cote', 'zij', 'zijpand', 'sida', 'sidstycke', 'side', 'fianco', 'lateral', 'costado', 'bok', 'sivu'],
        'centre' => ['centre', 'center', 'middle', 'mitte', 'mittel', 'milieu', 'midden', 'mitt', 'midte', 'centro', 'srodek', 'keski'],
        'bodice' => ['bodice', 'oberteil', 'corsage', 'lijfje', 'liv', 'corpino', 'corpetto', 'corpo'],
        'skirt' => ['skirt', 'rock', 'jupe', 'rok', 'kjol', 'nederdel', 'skjort', 'gonna', 'falda', 'saia', 'spodnica', 'hame', 'peplum', 'schosschen'],
        'sleeve' => ['sleeve', 'sleeves', 'armel', 'manche', 'manches', 'mouw', 'arm', 'aerme', 'manica', 'manga', 'rekaw', 'hiha'],
        'collar' => ['collar', 'kragen', 'stehkragen', 'col', 'kraag', 'krage', 'krave', 'colletto', 'cuello', 'gola', 'kolnierz', 'kaulus', 'lapel', 'revers'],
        'hood' => ['hood', 'kapuze', 'capuche', 'capuchon', 'kap', 'huva', 'haette', 'cappuccio', 'capucha', 'kaptur', 'huppu'],
        'cuff' => ['cuff', 'cuffs', 'manschette', 'bundchen', 'poignet', 'manchet', 'manschett', 'polsino', 'puno', 'punho', 'mankiet', 'kalvosin'],
        'yoke' => ['yoke', 'passe', 'empiecement', 'ok', 'baerestykke', 'sprone', 'canesu', 'karczek', 'kaarroke'],
        'lining' => ['lining', 'linings', 'interlining', 'futter', 'doublure', 'voering', 'foder', 'fodera', 'forro', 'podszewka', 'vuori'],
        'interfacing' => ['interfacing', 'interface', 'einlage', 'entoilage', 'thermocollant', 'tussenvoering', 'mellanlagg', 'mellemlaeg', 'teletta', 'entretela', 'wklad', 'tukikangas'],
        'facing' => ['facing', 'facings', 'beleg', 'besatz', 'parementure', 'infodring', 'belaegning', 'paramontura', 'vista', 'odszycie', 'alavara'],
        'binding' => ['binding', 'bias', 'piping', 'schragband', 'schragstreifen', 'einfassung', 'biais', 'biaisband', 'snedremsa', 'skraband', 'sbieco', 'vies', 'lamowka', 'vinokaitale'],
        'band' => ['band', 'bands', 'neckband', 'hemband', 'armband', 'ribbing', 'rib', 'strip', 'strips', 'streifen', 'bande', 'boord', 'remsa', 'fascia', 'banda', 'pasek', 'resori'],
        'armband' => ['armband', 'arm band', 'arm bands'],
        'guide' => ['elastic', 'guide', 'stay', 'casing', 'drawstring', 'gummizug', 'tunnelzug', 'coulisse', 'elastique'],
        'waistband' => ['waistband', 'hosenbund', 'rockbund', 'taillenbund', 'bund', 'ceinture', 'tailleband', 'linning', 'cinturino', 'cinturilla', 'pretina', 'vyotarokaitale'],
        'placket' => ['placket', 'button', 'buttons', 'buttonhole', 'knopfleiste', 'leiste', 'patte', 'knoopsluiting', 'knapslagsremsa', 'abbottonatura', 'plisa'],
        'pocket' => ['pocket', 'pockets', 'tasche', 'taschenbeutel', 'poche', 'zak', 'ficka', 'lomme', 'tasca', 'bolsillo', 'bolso', 'kieszen', 'tasku', 'flap', 'welt'],
        'loose' => ['belt', 'loop', 'loops', 'tab', 'tie', 'ties', 'strap', 'straps', 'fly', 'zip', 'shield', 'gurtel', 'trager', 'ruffle', 'frill', 'bow', 'sash', 'godet', 'gusset'],
        'neck' => ['neck', 'neckline', 'neckband', 'halsausschnitt', 'hals', 'ausschnitt', 'encolure', 'halsringning', 'scollo', 'escote', 'decote', 'dekolt', 'paantie'],
        'armhole' => ['armhole', 'armscye', 'armloch', 'armausschnitt', 'emmanchure', 'armsgat', 'armhal', 'aermegab', 'giromanica', 'sisa', 'cava', 'pacha', 'kadentie'],
        'waist' => ['waist', 'taille', 'midja', 'talje', 'vita', 'cintura', 'talia', 'vyotaro'],
        'hem' => ['hem', 'saum', 'ourlet', 'zoom', 'fall', 'orlo', 'bajo', 'bainha', 'dol', 'helma'],
        'princess' => ['princess', 'teilungsnaht', 'prinzess', 'princesse'],
        'panel' => ['panel', 'gore', 'bahn', 'panneau', 'baan'],
        'raglan' => ['raglan'],
        'in one' => ['kimono', 'dolman', 'batwing', 'grown on'],
        'wrap' => ['wrap', 'wickel', 'portefeuille', 'overslag', 'omlott'],
        'half circle' => ['half circle', 'semicircle', 'halbkreis', 'halbteller', 'demi cercle', 'halve cirkel'],
        'full circle' => ['full circle', 'circle skirt', 'tellerrock', 'vollkreis', 'plein cercle', 'hele cirkel'],
        'godet' => ['godet'],
        'inset' => ['inset', 'einsatz', 'insertion', 'inzet'],
        'all in one' => ['all in one', 'bodice facing'],
        'sleeveless' => ['sleeveless', 'armellos', 'sans manches', 'halter', 'camisole', 'singlet', 'strappy'],
        'crop' => ['crop', 'cropped'],
        'fold' => ['fold', 'bruch', 'stoffbruch', 'pliure', 'vouw', 'stof vouw', 'vikning', 'fold', 'piega', 'doblez', 'dobra', 'taite'],
    ];

    private readonly string $plain;

    public function __construct(public readonly string $name)
    {
        $this->plain = ' '.PlainWords::plain($name).' ';
    }

    public function say(string $what): bool
    {
        foreach (self::WORDS[$what] ?? [] as $word) {
            if (str_contains($this->plain, strlen($word) >= self::INSIDE_FROM ? $word : " {$word} ")) {
                return true;
            }
        }

        return false;
    }

    public function sayAny(string ...$whats): bool
    {
        return array_filter($whats, $this->say(...)) !== [];
    }
}
