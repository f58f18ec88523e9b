<?php

declare(strict_types=1);

use App\Models\Make;
use App\Models\Nest;
use App\Models\PatternsRead;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Testing\TestResponse;
use Underbolt\Nest\SvgReader;

function demoNest(string $file): string
{
    return (string) file_get_contents(database_path("demo/nests/{$file}"));
}

/** A drawing brought to a pattern. */
function brought(int $pattern, string $file, string $content, array $more = []): TestResponse
{
    $seen = Nest::query()->where('pattern_id', $pattern)->where('piece', 'front')->value('version') ?? 0;

    return test()->post("/api/patterns/{$pattern}/nests/front", ['file' => UploadedFile::fake()->createWithContent($file, $content)] + $more + ['version' => $seen], ['Accept' => 'application/json']);
}

test('a drawing is brought, its sizes proposed, marked on one size, and every make has its line', function (): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $nest = brought($make->pattern_id, 'front.svg', demoNest('causeway-front.svg'))->assertCreated();
    expect($nest)->toAgreeWith('NestData')->and($nest->json('proposed'))->toHaveCount(8)->and($nest->json('missing.0.field'))->toBe('waist_y');
    $this->getJson("/api/makes/{$make->id}/nest")->assertOk()->assertJsonPath('lines.pieces.0.seam', null);

    $marks = ['lines' => $nest->json('proposed'), 'underarm' => ['8' => [268, 200]], 'hem' => ['8' => [305, 1039]], 'waist_y' => 405, 'hip_y' => 605, 'fold' => 'left'];
    $kept = $this->putJson("/api/patterns/{$make->pattern_id}/nests/front", ['marks' => $marks, 'version' => $nest->json('version')])->assertOk();
    expect($kept)->toAgreeWith('NestData')->and($kept->json('missing'))->toBe([])
        // The other sizes follow at their own corners.
        ->and($kept->json('filled.underarm.22'))->toEqualWithDelta([348.0, 214.0], 0.01);
    $this->putJson("/api/patterns/{$make->pattern_id}/nests/front", ['marks' => [], 'version' => 1])->assertConflict();

    $line = $this->getJson("/api/makes/{$make->id}/nest")->assertOk();
    expect($line)->toAgreeWith('MakeNestData')->and($line->json('lines.pieces.0.length_mm'))->toBeGreaterThan(800)
        ->and($line->json('lines.says.0'))->toContain('Front and back go together');
});

test('the new line leaves as SVG, PDF and for the projector, at true size', function (): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $svg = $this->get("/api/makes/{$make->id}/nest/front.svg")->assertOk()->getContent();
    $drawn = SvgReader::read($svg);
    $seam = $this->getJson("/api/makes/{$make->id}/nest")->json('lines.pieces.0');
    expect([$drawn->widthMm, $drawn->heightMm])->toEqualWithDelta([420.0, 1120.0], 0.01)
        ->and($drawn->line('new-seam', '')->length())->toEqualWithDelta($seam['length_mm'], 0.1)
        ->and($svg)->not->toContain('<script')->not->toContain('<style');
    expect($this->get("/api/makes/{$make->id}/nest/back.pdf?page=a4")->assertOk()->getContent())->toStartWith('%PDF-');
    expect($this->getJson("/api/makes/{$make->id}/nest/front")->assertOk())->toAgreeWith('DrawingData');
});

/** A folder with a make as a file, the drawing of its front and the marks on it, as the commands take them; gone at the end. */
function nestFolder(Make $make): string
{
    $folder = sys_get_temp_dir().'/nest-'.bin2hex(random_bytes(4));
    mkdir($folder);
    file_put_contents("{$folder}/make.json", test()->get("/api/makes/{$make->id}/make.json")->getContent());
    file_put_contents("{$folder}/nest.svg", demoNest('causeway-front.svg'));
    $lines = array_combine(['8', '10', '12', '14', '16', '18', '20', '22'], array_map(static fn (int $i): string => "line-{$i}", range(1, 8)));
    $marks = ['piece' => 'front', 'lines' => $lines, 'waist_y' => 405, 'hip_y' => 605, 'fold' => 'left', 'grain' => null, 'lengthen_y' => null,
        'underarm' => ['14' => [298, 206], '18' => [320.5, 210]], 'hem' => ['14' => [335, 1048], '18' => [357.5, 1054]], 'armhole_top' => null, 'hem_fold' => null];
    file_put_contents("{$folder}/marks.json", json_encode($marks));

    return $folder;
}

function removeFolder(string $folder): void
{
    array_map(unlink(...), glob("{$folder}/*"));
    rmdir($folder);
}

test('the command draws the same line for a make file', function (): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $folder = nestFolder($make);
    $given = ['drawing' => "{$folder}/nest.svg", 'marks' => "{$folder}/marks.json", 'make' => "{$folder}/make.json", '--out' => "{$folder}/new.svg"];
    expect(Artisan::call('underbolt:nest', $given))->toBe(0);
    $said = json_decode(Artisan::output(), true, flags: JSON_THROW_ON_ERROR);
    expect($said['unit'])->toBe('mm')->and($said['outline'])->not->toBeNull()
        ->and($said['length'])->toEqualWithDelta($this->getJson("/api/makes/{$make->id}/nest")->json('lines.pieces.0.length_mm'), 0.1)
        ->and(SvgReader::read((string) file_get_contents("{$folder}/new.svg"))->lines)->not->toBe([]);
    $marks = json_decode((string) file_get_contents("{$folder}/marks.json"), true);
    unset($marks['underarm']['18'], $marks['waist_y']);
    file_put_contents("{$folder}/marks.json", json_encode($marks));
    expect(Artisan::call('underbolt:nest', $given))->toBe(2)->and(Artisan::output())->toContain('waist_y: is missing');
    removeFolder($folder);
});

test('the command says when a drawing seems not to be of true size, and draws all the same', function (): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $folder = nestFolder($make);
    $svg = (string) file_get_contents("{$folder}/nest.svg");
    file_put_contents("{$folder}/nest.svg", (string) preg_replace_callback('/\b(width|height)="([\d.]+)mm"/', static fn (array $side): string => $side[1].'="'.$side[2] / 2 .'mm"', $svg, 2));
    $marks = json_decode((string) file_get_contents("{$folder}/marks.json"), true);
    array_walk_recursive($marks, static function (mixed &$value): void {
        $value = is_int($value) || is_float($value) ? $value / 2 : $value;
    });
    $draw = static function (array $said) use ($folder, $marks): string {
        file_put_contents("{$folder}/marks.json", json_encode([...$marks, ...$said]));
        expect(Artisan::call('underbolt:nest', ['drawing' => "{$folder}/nest.svg", 'marks' => "{$folder}/marks.json", 'make' => "{$folder}/make.json"]))->toBe(0);

        return Artisan::output();
    };
    expect($draw([]))->toContain('scale: the drawing seems to be 50 % of true size')
        ->and($draw(['true_size' => true]))->not->toContain('scale:');
    removeFolder($folder);
});

test('the command tells the sheet off the drawing, as the page does; where the new pieces are printed it asks for nothing that is drawn in them', function (): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $folder = nestFolder($make);
    expect(Artisan::call('underbolt:sheet', ['file' => ["{$folder}/make.json"], '--front' => "{$folder}/nest.svg", '--front-marks' => "{$folder}/marks.json"]))->toBe(0);
    $sheet = json_decode(Artisan::output(), true, flags: JSON_THROW_ON_ERROR);
    $page = $this->getJson("/api/makes/{$make->id}/cut-sheet")->json('stations.front');
    $told = static fn (array $station): string => "{$station['told']['line']} ".round($station['told']['move'] ?? $station['told']['move_nm'] / 1e7, 1);
    expect($sheet['stations']['read_off'])->toBe('nest')->and(array_map($told, $sheet['stations']['front']))->toBe(array_map($told, $page))
        ->and(array_column($sheet['steps'], 'kind'))->toContain('draw')
        ->and(Artisan::call('underbolt:sheet', ['file' => ["{$folder}/make.json"], '--front' => "{$folder}/nest.svg"]))->toBe(2)
        ->and(Artisan::output())->toContain('--front-marks');
    $file = json_decode((string) file_get_contents("{$folder}/make.json"));
    $file->choices->paper = 'print';
    file_put_contents("{$folder}/make.json", json_encode($file));
    Artisan::call('underbolt:sheet', ['file' => ["{$folder}/make.json"], '--front' => "{$folder}/nest.svg", '--front-marks' => "{$folder}/marks.json"]);
    $printed = json_decode(Artisan::output(), true, flags: JSON_THROW_ON_ERROR);
    expect(array_intersect(array_column($printed['steps'], 'kind'), ['length', 'adjust', 'draw']))->toBe([])
        ->and($printed['steps'][0]['short'])->toStartWith('Cut the printed ')->toContain('along the thick line')
        ->and(array_column($printed['stations']['front'], 'told'))->toBe(array_column($sheet['stations']['front'], 'told'));
    $moved = static fn (array $steps): array => array_column(array_filter(array_merge(...array_column($steps, 'amounts')), static fn (array $one): bool => $one['level'] === 'waist'), 'amount');
    expect(array_unique($moved($printed['steps'])))->toEqual(array_unique($moved($sheet['steps'])));
    removeFolder($folder);
});

test('a page of a PDF is a drawing too; of several one is picked', function (): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $nest = brought($make->pattern_id, 'back.pdf', demoNest('causeway-back.pdf'))->assertCreated();
    expect($nest->json('lines'))->toHaveCount(8)->and([$nest->json('width_mm'), $nest->json('height_mm')])->toEqualWithDelta([420.0, 1120.0], 0.1)
        // Without names the sizes are told by their looks alone.
        ->and($nest->json('proposed'))->toBe([])->and(array_unique(array_column($nest->json('lines'), 'look')))->toHaveCount(8);
    $pages = $this->get("/api/makes/{$make->id}/nest/back.pdf?page=a4")->assertOk()->getContent();
    brought($make->pattern_id, 'tiles.pdf', $pages)->assertJsonValidationErrors('page')->assertJsonPath('errors.page.0', fn (string $says): bool => str_contains($says, 'pages: say on which one'));
    brought($make->pattern_id, 'tiles.pdf', $pages, ['page' => 99])->assertJsonValidationErrors('page');
    brought($make->pattern_id, 'tiles.pdf', $pages, ['page' => 1])->assertCreated();
});

test('lines in parts, on their side, in inches, are one nest once they are named and turned', function (): void {
    $make = Make::query()->findOrFail(demoMake('Bettrys Calloway-Pike')->id);
    $nest = brought($make->pattern_id, 'ugly.svg', demoNest('ugly-front.svg'))->assertCreated();
    $lines = [];
    foreach (['8', '10', '12', '14'] as $i => $size) {
        $look = $nest->json('lines')[3 * $i]['look'];
        $lines[$size] = implode(' ', array_column(array_filter($nest->json('lines'), static fn (array $line): bool => $line['look'] === $look), 'id'));
    }
    // What was (x, y) lies at (y, 421 - x); turned by its grain it is upright again, and the fold on the left.
    $at = static fn (float $x, float $y): array => [$y, 421 - $x];
    $marks = ['lines' => $lines, 'underarm' => ['8' => $at(268, 200)], 'hem' => ['8' => $at(305, 1039)], 'waist_y' => 405, 'hip_y' => 605, 'grain' => [$at(100, 100), $at(100, 900)], 'fold' => 'left'];
    $this->putJson("/api/patterns/{$make->pattern_id}/nests/front", ['marks' => $marks, 'version' => $nest->json('version')])->assertOk()->assertJsonPath('missing', []);
    $this->putJson("/api/makes/{$make->id}/choices", ['choices' => ['sizes' => ['bust' => '14', 'waist' => '12', 'hip' => '14']], 'version' => $make->version])->assertOk();
    $front = $this->getJson("/api/makes/{$make->id}/nest")->json('lines.pieces.0');
    expect($front['fault'])->toBeNull()->and($front['outline'])->not->toBeNull()->and($front['length_mm'])->toBeGreaterThan(800);
});

test('a drawing that doesn\'t say its size is given one; what is no drawing is refused, and the first stays', function (): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $nest = brought($make->pattern_id, 'bare.svg', '<svg viewBox="0 0 100 200"><path id="a" d="M0 0V100"/></svg>')->assertCreated();
    expect($nest->json('has_size'))->toBeFalse();
    $scaled = $this->putJson("/api/patterns/{$make->pattern_id}/nests/front", ['marks' => [], 'scale' => 1000 / (100 * 25.4 / 96), 'version' => $nest->json('version')])->assertOk();
    expect($scaled->json('has_size'))->toBeTrue()->and($scaled->json('lines.0.runs.0'))->toEqualWithDelta([0, 0, 0, 1000], 0.01);
    foreach (['no drawing' => 'words', '<svg/>' => 'no lines', "%PDF-1.4\nbroken" => 'pdf', str_repeat('x', 8_100_000) => 'large'] as $content => $what) {
        expect(brought($make->pattern_id, 'x.svg', $content)->getStatusCode())->toBe(422, $what);
    }
    $this->getJson("/api/patterns/{$make->pattern_id}/nests")->assertOk()->assertJsonPath('0.name', 'bare.svg');
    $this->deleteJson("/api/patterns/{$make->pattern_id}/nests/front", ['version' => 1])->assertConflict();
    $gone = $this->deleteJson("/api/patterns/{$make->pattern_id}/nests/front", ['version' => $scaled->json('version')])->assertOk();
    expect($gone)->toAgreeWith('BinEntryData')->and($this->getJson("/api/patterns/{$make->pattern_id}/nests")->json())->toHaveCount(1);
    $this->postJson("/api/bin/{$gone->json('id')}/restore")->assertNoContent();
    expect($this->getJson("/api/patterns/{$make->pattern_id}/nests")->json('0.name'))->toBe('bare.svg');
});

test('a replaced drawing waits in the bin with its marks, and takes its place again; a page that saw another one replaces nothing', function (): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $front = fn (): array => collect($this->getJson("/api/patterns/{$make->pattern_id}/nests")->json())->firstWhere('piece', 'front');
    $first = $front();
    $second = brought($make->pattern_id, 'ugly.svg', demoNest('ugly-front.svg'))->assertCreated();
    expect($second->json('version'))->toBe($first['version'] + 1)->and($second->json('marks'))->toBe([]);
    // The page that saw the first one: neither its marks nor another drawing of it come upon the second.
    $this->putJson("/api/patterns/{$make->pattern_id}/nests/front", ['marks' => $first['marks'], 'version' => $first['version']])->assertConflict();
    brought($make->pattern_id, 'late.svg', demoNest('causeway-front.svg'), ['version' => $first['version']])->assertConflict()->assertJsonPath('nest.name', 'ugly.svg');
    $entry = $this->getJson('/api/bin')->json('0');
    expect($entry['kind'])->toBe('nest')->and($entry['name'])->toContain('front of');
    $this->postJson("/api/bin/{$entry['id']}/restore")->assertNoContent();
    expect($front()['marks'])->toBe($first['marks'])->and($front()['version'])->toBeGreaterThan($second->json('version'))
        ->and($this->getJson('/api/bin')->json('*.kind'))->toBe(['nest']);
});

test('the stations of the sheet are read off the pattern\'s own lines, and it says so', function (): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $choices = ['sizes' => ['bust' => '14', 'waist' => '18', 'hip' => '14'], 'take' => ['bust' => 'leave', 'waist' => 'leave', 'hip' => 'leave'], 'lengths' => ['above_waist' => '0', 'below_waist' => '0']];
    $this->putJson("/api/makes/{$make->id}/choices", ['choices' => $choices, 'version' => $make->version])->assertOk();
    $sheet = $this->getJson("/api/makes/{$make->id}/cut-sheet")->assertOk();
    expect($sheet)->toAgreeWith('CutSheetData')->and($sheet->json('stations.is_from_nest'))->toBeTrue()
        // Front and back are drawn alike but for 8 mm all the way down.
        ->and($sheet->json('stations.back'))->toBeNull();
    $at = array_column(array_filter($sheet->json('stations.front'), static fn (array $station): bool => $station['level'] !== null), null, 'level');
    expect([$at['bust']['move_nm'], $at['bust']['from'], $at['bust']['to']])->toBe([0, '14', '18'])
        // At the waist it is the other line: a quarter of the 9 cm between 83 and 92.
        ->and($at['waist']['move_nm'])->toEqualWithDelta(22_500_000, 20_000)->and($at['waist']['depth_nm'])->toEqualWithDelta(199_000_000, 10_000)
        // At the hip it is back on 14, counted from the waist's 18.
        ->and($at['hip']['move_nm'])->toEqualWithDelta(-22_500_000, 50_000)->and($at['hip']['from'])->toBe('18');
    // The strip as well: at every station the cut line lies its move beside the printed one.
    $svg = (string) $this->get("/api/makes/{$make->id}/strip.svg")->assertOk()->getContent();
    expect($svg)->toContain('read off the pattern&apos;s own lines');
    $strip = SvgReader::read($svg);
    $lines = ['14' => $strip->line('front-and-back-line-3', ''), '18' => $strip->line('front-and-back-line-5', '')];
    [$cut, $compared] = [$strip->line('front-and-back-cut', ''), 0];
    foreach ($sheet->json('stations.front') as $station) {
        $height = $cut->y[0] + $station['depth_nm'] / 1e6;
        [$new, $printed] = [$cut->firstAt($height), $lines[$station['from']]->firstAt($height)];
        if ($new !== null && $printed !== null && $station['move_nm'] !== null) {
            expect($cut->at($new)[0] - $lines[$station['from']]->at($printed)[0])->toEqualWithDelta($station['move_nm'] / 1e6, 0.05, "at {$station['depth_nm']}");
            $compared++;
        }
    }
    expect($compared)->toBeGreaterThan(30);
    $this->get("/api/makes/{$make->id}/strip.pdf?line=with_allowance")->assertOk();
    $csv = (string) $this->get("/api/makes/{$make->id}/stations.csv")->assertOk()->getContent();
    expect($csv)->toContain('waist');
    // The bench asks for the same ones; with sizes hidden the lines are called otherwise, and lie where they lay.
    // The bench tells them with its first answer, and with the answer to every clip.
    expect($this->getJson("/api/makes/{$make->id}/bench")->assertOk()->json('plan.own_lines'))->toBe($sheet->json('stations'))
        ->and($this->putJson("/api/makes/{$make->id}/choices", ['choices' => $make->refresh()->choices, 'version' => $make->version])->assertOk()->json('own_lines'))->toBe($sheet->json('stations'));
    $hidden = $this->getJson("/api/makes/{$make->id}/cut-sheet?sizes=hidden")->json('stations');
    expect($hidden['is_from_nest'])->toBeTrue()->and(array_column($hidden['front'], 'move_nm'))->toBe(array_column($sheet->json('stations.front'), 'move_nm'))
        ->and($hidden['front'][0]['from'])->toBe('the fourth line from the inside');
    $make->pattern->nests()->delete();
    expect($this->getJson("/api/makes/{$make->id}/cut-sheet")->json('stations.is_from_nest'))->toBeFalse();
});

test('the line on the nest follows the choices, which are kept as on the bench', function (): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $nest = $this->getJson("/api/makes/{$make->id}/nest");
    $choose = fn (array $sizes, int $version): TestResponse => $this->putJson("/api/makes/{$make->id}/nest", ['choices' => ['sizes' => $sizes], 'version' => $version]);
    $moved = $choose(['hip' => '20'], $make->version)->assertOk();
    expect($moved)->toAgreeWith('NestLinesData')->and($moved->json('plan.headline'))->toBe('14, 18, 20.')
        ->and($moved->json('pieces.0.seam'))->not->toBe($nest->json('lines.pieces.0.seam'))
        ->and($moved->json())->toBe($this->getJson("/api/makes/{$make->id}/nest")->json('lines'));
    $choose(['hip' => '8'], $make->version)->assertConflict()->assertJsonPath('bench.make.choices.sizes.hip', '20');
    $choose(['hip' => '99'], $make->version + 1)->assertUnprocessable();
    expect($make->refresh()->choices->sizes->hip)->toBe('20');
    $this->get("/api/makes/{$make->id}/nest/side.svg")->assertNotFound();
    $make->pattern->nests()->where('piece', 'back')->delete();
    $this->getJson("/api/makes/{$make->id}/nest/back.svg")->assertNotFound();
});

test('how the pieces get to the cloth is the account’s habit, wherever it is chosen', function (string $at): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $user = User::findOrFail($make->user_id);
    $this->putJson("/api/makes/{$make->id}/{$at}", ['choices' => ['paper' => 'print'], 'version' => $make->version])->assertOk();
    expect($user->refresh()->usualChoices())->toEqual((object) ['paper' => 'print'])
        ->and($this->postJson('/api/makes', ['card_id' => $make->card_id, 'pattern_id' => $make->pattern_id])->json('choices.paper'))->toBe('print');
})->with(['choices', 'nest']);

test('the written drawing is as large for another program as it says', function (): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $file = (string) tempnam(sys_get_temp_dir(), 'nest');
    file_put_contents($file, $this->get("/api/makes/{$make->id}/nest/front.svg")->getContent());
    // rsvg-convert (librsvg2-bin) knows millimetres by itself: 254 dots an inch are ten a millimetre.
    exec('rsvg-convert --dpi-x 254 --dpi-y 254 --output '.escapeshellarg("{$file}.png").' '.escapeshellarg($file), result_code: $code);
    [$width, $height] = (array) getimagesize("{$file}.png");
    array_map(unlink(...), [$file, "{$file}.png"]);
    expect([$code, $width, $height])->toBe([0, 4200, 11200]);
});

test('a clip with the pattern\'s own lines reads the pattern\'s document once', function (): void {
    $make = demoMake('Merrin Tolvane');
    app()->forgetScopedInstances();
    $this->putJson("/api/makes/{$make->id}/choices", ['choices' => ['sizes' => ['hip' => '14']], 'version' => $make->version])->assertOk()->assertJsonPath('levels.2.size', '14');
    expect(app(PatternsRead::class))->toHaveCount(1);
});
