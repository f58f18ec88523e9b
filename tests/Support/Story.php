<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Assert;
use Tests\TestCase;

/** One way of working, walked from the tape to the cut sheet over HTTP; the page and the command have to tell the same. */
final class Story
{
    private int $make;

    /** @var ?array<string, mixed> */
    private ?array $sheet = null;

    private function __construct(private readonly TestCase $http, private readonly int $card)
    {
    }

    /**
     * @param  array<string, string|list<string>>  $readings  by point, one or several
     * @param  array<string, mixed>  $pattern  what its document has beside the plain dress of `plain()`
     */
    public static function begin(TestCase $http, array $readings, array $pattern = [], string $unit = 'cm'): self
    {
        $wearer = $http->postJson('/api/wearers', ['name' => 'Wenna Carrick'])->assertCreated()->json('id');
        $card = $http->postJson("/api/wearers/{$wearer}/cards")->assertCreated()->json();
        $story = new self($http, $card['id']);
        $version = $card['version'];
        foreach ($readings as $point => $texts) {
            foreach ((array) $texts as $attempt => $text) {
                $version = $http->putJson("/api/cards/{$card['id']}/readings/{$point}/".($attempt + 1), ['text' => $text, 'unit' => $unit, 'version' => $version])->assertOk()->json('version');
            }
        }

        return $story->from($pattern, $unit);
    }

    /** The same body in another pattern. */
    public function from(array $pattern, string $unit = 'cm'): self
    {
        $story = new self($this->http, $this->card);
        $document = array_replace(self::plain(), $pattern);
        $id = $this->http->postJson('/api/patterns', ['name' => $document['name'], 'house' => 'Limpet & Thole', 'unit' => $unit, 'document' => array_diff_key($document, ['name' => 1])])->assertCreated()->json('id');
        $story->make = $this->http->postJson('/api/makes', ['card_id' => $this->card, 'pattern_id' => $id])->assertCreated()->json('id');

        return $story;
    }

    /** @param  array<string, mixed>  $choices */
    public function choose(array $choices): self
    {
        return $this->put('choices', ['choices' => $choices]);
    }

    /** @param  list<array<string, mixed>>  $findings  that the tracing in hand has in it */
    public function found(array $findings): self
    {
        return $this->put('fitting', ['fitting' => ['tracing' => 2, 'tried' => 1, 'findings' => $findings]]);
    }

    /** @return array<string, mixed> the sheet as the command prints it of the make's own file; the page tells the same */
    public function sheet(): array
    {
        if ($this->sheet !== null) {
            return $this->sheet;
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'story');
        file_put_contents($file, (string) $this->http->get("/api/makes/{$this->make}/make.json")->assertOk()->getContent());
        Assert::assertSame(0, Artisan::call('underbolt:sheet', ['file' => [$file]]));
        unlink($file);
        $this->sheet = json_decode(Artisan::output(), true, flags: JSON_THROW_ON_ERROR);
        $page = $this->http->getJson("/api/makes/{$this->make}/cut-sheet")->assertOk()->json();
        Assert::assertSame($page['headline'], $this->sheet['headline']);
        Assert::assertSame(array_map(static fn (array $step): string => implode(' ', [$step['step']['short'], ...$step['step']['how']]), $page['steps']), array_column($this->sheet['steps'], 'text'));
        Assert::assertSame(array_column($page['pieces'], 'name'), array_column($this->sheet['pieces'], 'name'));

        return $this->sheet;
    }

    /** @return array<string, mixed> what the bench has of it */
    public function plan(): array
    {
        return $this->http->getJson("/api/makes/{$this->make}/plan")->assertOk()->json();
    }

    /** @return array<string, mixed> what the cut sheet's page has of it */
    public function page(): array
    {
        return $this->http->getJson("/api/makes/{$this->make}/cut-sheet")->assertOk()->json();
    }

    /** @return array<string, mixed> what its cloth's page has of it */
    public function cloth(): array
    {
        return $this->http->getJson("/api/makes/{$this->make}/cloth")->assertOk()->json();
    }

    /** @return list<string> the ids of the steps, in order */
    public function steps(): array
    {
        return array_column($this->sheet()['steps'], 'id');
    }

    /** @return list<string> what a step applies: `bodice front side front waist 0.5 from 12` */
    public function applies(string $step): array
    {
        return array_map(static fn (array $one): string => implode(' ', [
            ...array_filter([$one['piece'], $one['edge'], $one['side'], $one['level'] ?? $one['stretch'], $one['how'] === 'sewn' ? 'sewn' : null, isset($one['up']) ? 'up' : null]),
            $one['amount'] ?? $one['up'], isset($one['from']['line']) ? "from {$one['from']['line']}" : "after {$one['from']['step']}",
        ]), $this->step($step)['applies']);
    }

    /** @return array<string, mixed> */
    public function step(string $id): array
    {
        return array_column($this->sheet()['steps'], null, 'id')[$id];
    }

    /** @return array<string, mixed> `front`, `back`, `as_cut` and `room` of a level */
    public function line(string $level): array
    {
        return array_column($this->sheet()['lines'], null, 'level')[$level];
    }

    /** @return array<string, list<string>> the pieces' table, by piece: `draw: front waist 0.5 each edge`, or `... on 14` where the cut lies on another printed line */
    public function pieces(): array
    {
        $told = [];
        foreach ($this->sheet()['pieces'] as $piece) {
            $told[$piece['name']] = array_map(static fn (array $one): string => "{$one['step']}: ".implode(' ', array_filter([
                $one['side'], $one['level'], (string) $one['amount'], $one['edge'], $one['on'] === null ? null : "on {$one['on']}",
            ], static fn (?string $word): bool => $word !== null)), $piece['amounts']);
        }

        return $told;
    }

    /** @return array<string, list<string>> the lines' table: what is told of each level */
    public function lines(): array
    {
        return array_map(static fn (array $line): array => array_column($line['what'], 'text'), array_column($this->sheet()['lines'], null, 'level'));
    }

    /** @return array{line: string, move: float, on: bool} how the front's line is told at a depth */
    public function told(float $depth): array
    {
        return array_column($this->sheet()['stations']['front'], 'told', 'depth')[(string) $depth] ?? array_values(array_filter($this->sheet()['stations']['front'], static fn (array $one): bool => $one['depth'] === $depth))[0]['told'];
    }

    /** @return list<string> */
    public function cautions(): array
    {
        return array_map(static fn (array $one): string => trim("{$one['code']} {$one['level']}"), $this->sheet()['cautions']);
    }

    /** @return array<string, mixed> a woven dress in six sizes, 8 / 5 / 7 cm of ease drafted in */
    public static function plain(): array
    {
        $row = static fn (float ...$figures): array => array_map(strval(...), $figures);

        return [
            'name' => 'Plain dress', 'garment' => 'dress', 'fabric' => ['kind' => 'woven'], 'sizes' => ['8', '10', '12', '14', '16', '18'],
            'body_chart' => ['full_bust' => $row(84, 88, 92, 96, 100, 105), 'waist' => $row(66, 70, 74, 78, 82, 87), 'hip' => $row(91, 95, 99, 103, 107, 112)],
            'finished' => ['full_bust' => $row(92, 96, 100, 104, 108, 113), 'waist' => $row(71, 75, 79, 83, 87, 92), 'hip' => $row(98, 102, 106, 110, 114, 119)],
            'levels' => ['bust' => 'critical', 'waist' => 'critical', 'hip' => 'matters'],
            'seam' => ['underarm_to_waist' => '20', 'waist_to_hip' => '20', 'hip_to_hem' => '40', 'hem_allowance' => '3', 'seam_allowance' => '1.5'],
        ];
    }

    /** @param  array<string, mixed>  $part */
    private function put(string $name, array $part): self
    {
        $version = $this->http->getJson("/api/makes/{$this->make}/bench")->json('make.version');
        $this->http->putJson("/api/makes/{$this->make}/{$name}", $part + ['version' => $version])->assertOk();
        $this->sheet = null;

        return $this;
    }
}
