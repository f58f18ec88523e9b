<?php

declare(strict_types=1);

use App\Models\Nest;
use App\Models\Pattern;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Tests\Support\HouseDrawing;
use Tests\Support\HouseFiles;
use Underbolt\Nest\Corners;
use Underbolt\Nest\DrawnLine;

/** The pattern that the invented front belongs to: sizes 9 mm apart on each of four edges. */
function housePattern(User $user): Pattern
{
    $row = static fn (float $first): array => array_map(static fn (int $size): string => (string) ($first + 3.6 * $size), range(0, 7));

    return $user->patterns()->create(['name' => 'A front', 'house' => '', 'unit' => 'cm', 'document' => json_decode(json_encode([
        'sizes' => HouseDrawing::SIZES,
        'body_chart' => ['full_bust' => $row(82), 'waist' => $row(64), 'hip' => $row(88)],
        'seam' => ['underarm_to_waist' => '20.4', 'waist_to_hip' => '20'],
    ], JSON_THROW_ON_ERROR))]);
}

/** @return list<string> the ids of each size, the smallest first: of all that look so, or are called so, as one click takes them */
function sizesOf(Nest $nest, HouseFiles $file): array
{
    $found = [];
    foreach (HouseDrawing::SIZES as $at => $size) {
        $grey = round($at * 16 / 255 * 100, 1);
        $own = array_values(array_filter($nest->drawn()->lines, static function (DrawnLine $line) use ($file, $at, $size, $grey): bool {
            if ($file->isStacked) {
                return str_starts_with($line->id, 'page-'.($at + 1).'-');
            }
            if ($file->isNamed) {
                return in_array("Size {$size}", $line->names, true);
            }
            $said = preg_match('/rgb\(([\d.]+)%/', $line->stroke, $part) === 1 ? (float) $part[1] : null;

            return $line->stroke === HouseDrawing::colour($at) || ($said !== null && abs($said - $grey) < 0.5);
        }));
        $found[] = implode(' ', array_map(static fn (DrawnLine $line): string => $line->id, $own));
    }

    return $found;
}

test('a front drawn in any way of the houses is right within 0.2 mm, or a sentence says what is wrong before a line is drawn', function (string $kind): void {
    $file = HouseFiles::all()[$kind];
    $user = someone();
    $pattern = housePattern($user);
    $upload = static fn (): UploadedFile => UploadedFile::fake()->createWithContent("front.{$file->ending}", $file->bytes);
    $this->actingAs($user);
    $sent = ['file' => $upload(), 'version' => 0];
    [$offX, $offY] = [0.0, 0.0];
    if ($file->isSpread || $file->isStacked) {
        $this->post("/api/patterns/{$pattern->id}/nests/front", $sent, ['Accept' => 'application/json'])->assertJsonValidationErrors('page');
        $pages = $this->post("/api/patterns/{$pattern->id}/nests/front/pages", ['file' => $upload(), 'version' => 0], ['Accept' => 'application/json'])->assertOk();
        $file->isStacked
            ? expect(array_map(static fn (array $page): int => intdiv(count($page['corners']), 2), $pages->json('pages')))->toBe(array_fill(0, 8, count(Corners::of(HouseDrawing::outline(0)))))
                ->and([$pages->json('met'), $pages->json('ends'), count($pages->json('moved'))])->toBe([0, 0, 8])
            : expect($pages->json('met'))->toBe($pages->json('ends'))->toBeGreaterThan(50);
        $sent = ['file' => $upload(), 'version' => 0, 'layout' => json_encode(['columns' => $pages->json('columns'), 'cells' => $pages->json('cells'), 'moved' => $pages->json('moved')])];
    }
    $answer = $this->post("/api/patterns/{$pattern->id}/nests/front", $sent, ['Accept' => 'application/json'])->assertCreated();
    $nest = $pattern->nests()->firstOrFail();
    $sizes = sizesOf($nest, $file);
    // A drawing on its side is turned by its grain; marks are where they are clicked.
    $cos = cos(deg2rad($file->turned[0]));
    $sin = sin(deg2rad($file->turned[0]));
    $onDrawing = static fn (float $x, float $y): array => [
        $file->seems * ($cos * ($x - $file->turned[1]) + $sin * ($y - $file->turned[2])),
        $file->seems * (-$sin * ($x - $file->turned[1]) + $cos * ($y - $file->turned[2])),
    ];
    $underarm = HouseDrawing::outline(3)->at(0.0);
    $marks = [
        'lines' => array_combine(HouseDrawing::SIZES, $sizes),
        'underarm' => ['14' => $onDrawing(...$underarm)],
        'hem' => ['14' => $onDrawing(282.0, 1038.0)],
        'waist_y' => $file->seems * 470, 'hip_y' => $file->seems * 670,
    ];
    if ($file->turned[0] !== 0.0) {
        $marks['grain'] = [$onDrawing(100, 300), $onDrawing(100, 900)];
        // Heights are counted once it stands upright.
        $marks['waist_y'] = 470 - $file->turned[2];
        $marks['hip_y'] = 670 - $file->turned[2];
    }
    $marked = $this->putJson("/api/patterns/{$pattern->id}/nests/front", ['marks' => $marks, 'version' => $answer->json('version')])->assertOk();
    if ($file->seems === 1.0) {
        expect($marked->json('scale.seems'))->toBeNull()->and(array_column($marked->json('missing'), 'field'))->not->toContain('scale');
    } else {
        expect($marked->json('scale.seems'))->toEqualWithDelta($file->seems, 0.005)->and(array_column($marked->json('missing'), 'field'))->toContain('scale');
        $this->putJson("/api/patterns/{$pattern->id}/nests/front", ['marks' => $marks, 'version' => $marked->json('version'), 'scale' => 1 / $marked->json('scale.seems')])
            ->assertOk()->assertJsonPath('scale.seems', null);
    }
    $drawing = $nest->refresh()->drawn();
    $onPiece = static fn (float $x, float $y): array => [$cos * $x - $sin * $y + $file->turned[1], $sin * $x + $cos * $y + $file->turned[2]];
    foreach ($sizes as $at => $ids) {
        $true = HouseDrawing::outline($at);
        $drawn = $drawing->line($ids, 'lines')->changed($onPiece);
        expect($drawn->length())->toBeGreaterThan(0.6 * $true->length(), "size {$at} in length");
        foreach ($drawn->points() as [$x, $y]) {
            expect($true->nearest($x, $y)[1])->toBeLessThan(0.2, "size {$at} at {$x} {$y}");
        }
    }
})->with(array_keys(HouseFiles::all()));
