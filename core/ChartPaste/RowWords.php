<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

use Underbolt\PlainWords;

/**
 * The words by which charts call their rows, in the languages of our patterns. To add a language, add its words
 * here: bared of case, accents and marks as `PlainWords::plain` leaves them, and without the noise words below.
 */
final class RowWords
{
    /** Names that only a garment's figure has. */
    public const SLEEVE_WIDTHS = ['sleeve width', 'armelweite', 'largeur manche', 'largeur de manche', 'mouwwijdte'];

    /** Whole names, by row of the chart. */
    public const NAMES = [
        'high_bust' => [
            'high bust', 'upper bust', 'high chest', 'upper chest', 'above bust', 'bust high', 'chest high',
            'oberbrust', 'oberbrustumfang', 'obere brust', 'dessus poitrine', 'haut poitrine', 'dessus de poitrine', 'haut de poitrine',
            'tour dessus poitrine', 'tour de dessus de poitrine', 'tour de haut de poitrine', 'bovenborst', 'boven borst',
            'bovenborstomtrek', 'hoge borst', 'ovre byst', 'ovre bryst', 'rinnanpaallysymparys', 'sopra seno', 'alto busto',
            'contorno alto busto', 'nad biustem', 'obwod nad biustem',
        ],
        'full_bust' => [
            'bust', 'full bust', 'chest', 'breast', 'bust full', 'chest bust', 'bust chest', 'bust line', 'bustline',
            'brust', 'brustumfang', 'brustumf', 'brustweite', 'oberweite', 'poitrine', 'tour de poitrine', 'tour poitrine', 'buste',
            'borst', 'borstomtrek', 'borstwijdte', 'bovenwijdte', 'bystvidd', 'byst', 'brystvidde', 'overvidde', 'bryst',
            'brost', 'brostvidd', 'rinnanymparys', 'rinta', 'seno', 'giro petto', 'giro seno', 'petto', 'busto', 'torace', 'giro torace', 'giro busto', 'pecho', 'contorno pecho', 'contorno busto', 'contorno peito', 'contorno torax',
            'peito', 'biust', 'obwod biustu', 'obwod klatki piersiowej',
        ],
        'waist' => [
            'waist', 'natural waist', 'waistline', 'waist line', 'waist natural', 'taillenumfang', 'taillenweite', 'taillenumf',
            'tour de taille', 'tour taille', 'tailleomtrek', 'taillewijdte', 'taille omtrek', 'midjevidd', 'midja', 'midjematt', 'taljevidde', 'talje',
            'vyotaronymparys', 'vyotaro', 'livvidde', 'midje', 'vita', 'giro vita', 'cintura', 'contorno cintura', 'giro cintura', 'perimetro cintura', 'pasie', 'linii', 'talia', 'obwod talii',
            'obwod pasa', 'pas',
        ],
        'hip' => [
            'hip', 'hips', 'full hip', 'hip full', 'low hip', 'lower hip', 'hip low', 'hip line', 'hipline', 'seat', 'hufte', 'huften',
            'huftumfang', 'huftweite', 'gesass', 'gesassumfang', 'gesassweite', 'hanche', 'hanches', 'tour de hanches', 'tour de hanche',
            'tour hanches', 'bassin', 'tour de bassin', 'heup', 'heupen', 'heupomtrek', 'heupwijdte', 'stussvidd', 'hoftvidd', 'stuss',
            'hoft', 'hoftmatt', 'hoftevidde', 'hofte', 'lantionymparys', 'lantio', 'seteparti', 'fianchi', 'giro fianchi', 'bacino', 'giro bacino', 'cadera', 'caderas',
            'contorno cadera', 'contorno caderas', 'anca', 'ancas', 'quadril', 'contorno anca', 'contorno quadril', 'biodra', 'obwod bioder',
        ],
        'bicep' => [
            'bicep', 'biceps', 'upper arm', 'oberarm', 'oberarmumfang', 'oberarmweite', 'bras', 'tour de bras', 'bovenarm',
            'bovenarmomtrek', 'overarm', 'olkavarsi', 'braccio', 'brazo', 'braco', 'ramie',
            ...self::SLEEVE_WIDTHS,
        ],
        'cross_front' => [
            'cross front', 'across front', 'front width', 'vorderbreite', 'brustbreite', 'carrure devant', 'voorbreedte',
        ],
    ];

    /** Lengths that are printed by size, as whole names. */
    public const LENGTHS = [
        'underarm_to_waist' => [
            'underarm to waist', 'under arm to waist', 'armpit to waist', 'armhole to waist', 'side waist', 'side waist length', 'side seam underarm to waist',
            'achsel bis taille', 'seitenlange bis taille', 'armloch bis taille', 'dessous bras a taille', 'hauteur dessous bras taille', 'oksel tot taille', 'zijlengte tot taille',
            'dall ascella alla vita', 'armhala till midja', 'sidlangd till midja',
        ],
        'waist_to_hip' => [
            'waist to hip', 'waist to hips', 'hip depth', 'waist to hip length', 'waist to hip depth', 'taille bis hufte', 'hufttiefe', 'huftentiefe', 'taille a hanches', 'hauteur taille hanches', 'hauteur hanches',
            'hauteur bassin', 'taille tot heup', 'heuphoogte', 'heupdiepte', 'dalla vita ai fianchi', 'altezza fianchi', 'altezza bacino', 'midja till hoft', 'midja till stuss', 'hoftdjup', 'hofthojd',
        ],
        'back_length' => [
            'back length', 'back waist length', 'back waist', 'nape to waist', 'back neck to waist', 'centre back length', 'center back length', 'neck to waist', 'ruckenlange', 'ruckenlange bis taille', 'longueur dos', 'hauteur dos',
            'longueur taille dos', 'ruglengte', 'lunghezza dorso', 'lunghezza schiena', 'lunghezza vita dietro', 'rygglangd',
        ],
        'finished_length' => [
            'length', 'garment length', 'finished length', 'finished back length', 'back length finished', 'total length', 'length centre back', 'length center back', 'finished garment length', 'lange', 'gesamtlange', 'fertige lange', 'ruckenlange fertig', 'longueur', 'longueur totale',
            'longueur finie', 'longueur dos finie', 'lengte', 'totale lengte', 'lunghezza', 'lunghezza totale', 'langd', 'plagglangd', 'hel langd',
        ],
        'height' => ['height', 'body height', 'korpergrosse', 'stature', 'lichaamslengte', 'altezza', 'statura', 'kroppslangd'],
    ];

    /** What says that the figures are the garment's. */
    public const FINISHED = [
        'finished', 'garment', 'garments', 'fertig', 'fertige', 'fertigen', 'fertiges', 'fertigmass', 'fertigmasse', 'fini', 'finis', 'finie', 'finies', 'final',
        'vetement', 'afgewerkt', 'afgewerkte', 'eindmaat', 'eindmaten', 'fardiga', 'fardig', 'plaggets', 'faerdige', 'faerdigt', 'faerdig', 'ferdige', 'ferdig', 'ferdigt', 'valmis',
        'valmiin', 'vaatteen', 'finito', 'capo', 'prenda', 'terminada', 'pronta', 'peca', 'gotowego', 'wyrobu', 'kleidungsstucks',
        'kleidungsstuck', 'kledingstuk',
    ];

    /** What a title calls the thing itself: "Finished dress". */
    public const GARMENTS = [
        'dress', 'skirt', 'top', 'tee', 'blouse', 'shirt', 'bodice', 'tunic', 'jacket', 'coat', 'trousers', 'pants', 'shorts', 'jumpsuit', 'cardigan', 'jumper', 'pattern', 'sewn', 'view',
        'kleid', 'rock', 'oberteil', 'bluse', 'hemd', 'jacke', 'mantel', 'hose', 'robe', 'jupe', 'haut', 'chemisier', 'chemise', 'veste', 'manteau', 'pantalon', 'jurk', 'rok', 'jas', 'broek',
        'klanning', 'kjol', 'kjole', 'kjolen', 'skjorte', 'vestido', 'falda', 'camisa', 'abito', 'gonna', 'camicia', 'giacca', 'sukienka', 'spodnica', 'mekko', 'hame',
    ];

    /** What says that they are the body's. */
    public const BODY = [
        'body', 'korper', 'korpermass', 'korpermasse', 'corps', 'lichaam', 'lichaamsmaten', 'kroppsmatt', 'kropsmal', 'kroppsmal',
        'corporelles', 'corporales', 'corporais', 'vartalon', 'corpo', 'cuerpo', 'ciala',
    ];

    /** Words of a title that is about measures, whatever else it says. */
    public const MEASURES = [
        'measurement', 'measurements', 'measure', 'measures', 'mesure', 'mesures', 'mass', 'masse', 'fertigmass', 'fertigmasse', 'korpermass', 'korpermasse',
        'maten', 'maat', 'eindmaat', 'eindmaten', 'lichaamsmaten', 'matt', 'kroppsmatt', 'mal', 'kropsmal', 'mitat', 'misure', 'misura', 'medidas', 'medida', 'wymiary', 'girth', 'girths',
    ];

    /** What no title has: verbs and the like, of a sentence about the garment. */
    public const OF_SENTENCES = ['is', 'are', 'was', 'has', 'have', 'may', 'will', 'can', 'should', 'please', 'if', 'when', 'than', 'ist', 'sind', 'hat', 'est', 'sont', 'bitte', 'compare', 'choose', 'see', 'include', 'includes', 'not'];

    /** Words of a heading that says the figures are half girths. */
    public const HALVES = ['half', 'laid', 'flat', 'halbe', 'demi'];

    /** Words beside a name that change nothing. */
    public const NOISE = [
        'measurement', 'measurements', 'measure', 'measures', 'girth', 'circumference', 'circ', 'mass', 'masse', 'mesure', 'mesures',
        'maten', 'maat', 'matt', 'mal', 'mitat', 'misure', 'misura', 'medidas', 'medida', 'wymiary', 'chart', 'charts', 'table',
        'tabelle', 'tableau', 'size', 'sizes', 'cm', 'centimetres', 'centimeters', 'inch', 'inches', 'in', 'zoll', 'pouces', 'duim', 'at',
        'the', 'du', 'des', 'de', 'del', 'della', 'da', 'do', 'to', 'fit', 'your', 'fits', 'standard', 'actual', 'usual', 'circonferenza', 'of', 'la',
        'las', 'los', 'el', 'le', 'les',
    ];

    /** Words of names in which a noise word belongs to the name. */
    public const KEPT = ['tour de', 'haut de', 'dessus de', 'largeur de', 'waist to', 'arm to', 'underarm to', 'armpit to', 'armhole to', 'nape to', 'neck to'];
}
