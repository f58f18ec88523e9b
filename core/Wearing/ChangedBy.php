<?php

declare(strict_types=1);

namespace Underbolt\Wearing;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\Asked\Make;

/** What a make was changed by, beside what its body and its pattern say: by whoever decided it, each in a few words. */
final readonly class ChangedBy
{
    private function __construct(private Make $make)
    {
    }

    /** @return array<string, string> by where it stands in the make file: `centre_back.waist`, `lengths.hem`, `findings.0` */
    public static function of(Make $make, Fitting $fitting): array
    {
        $self = new self($make);
        $said = $self->lengths();
        foreach (Level::cases() as $level) {
            $said = [...$said, ...$self->at($level)];
        }
        foreach ($fitting->inHand() as $n => $finding) {
            $said["findings.{$n}"] = "{$finding->deed->past($finding->place)} by {$make->say($finding->amount)}, {$finding->part->words()}";
        }

        return $said;
    }

    /** @return array<string, string> */
    private function lengths(): array
    {
        $lengths = $this->make->choices->lengths;
        $said = [];
        foreach (['above_waist' => [$lengths->aboveWaist, 'above the waist'], 'below_waist' => [$lengths->belowWaist, 'below the waist'], 'hem' => [$lengths->hem, 'at the hem'], 'sleeve' => [$lengths->sleeve, 'in the sleeve']] as $key => [$change, $where]) {
            if ($change !== null) {
                $said["lengths.{$key}"] = $change->isZero() ? "left as long as printed {$where}" : ($change->isPositive() ? 'lengthened' : 'shortened')." by {$this->make->say($change->abs())} {$where}";
            }
        }

        return $said;
    }

    /** @return array<string, string> */
    private function at(Level $level): array
    {
        $choices = $this->make->choices;
        $clip = $choices->clip($level);
        $larger = $choices->frontLarger($level);
        $centreBack = $choices->centreBack($level);
        $edges = $choices->byHand($level)->edges;
        $name = $level->value;
        $said = [
            "sizes.{$name}" => $clip === null ? null : "the {$name} cut in {$this->make->pattern->sizes[$clip]}",
            "front_larger.{$name}" => match (true) {
                $larger === 0 => null,
                abs($larger) === 1 => 'the front a size '.($larger > 0 ? 'larger' : 'smaller')." at the {$name}",
                default => 'the front '.abs($larger).' sizes '.($larger > 0 ? 'larger' : 'smaller')." at the {$name}",
            },
            "centre_back.{$name}" => $centreBack->isZero() ? null : "the {$name} ".($centreBack->isPositive() ? 'taken in' : 'let out')." {$this->make->say($centreBack->abs())} at the centre back",
            "by_hand.{$name}" => match (true) {
                $edges->isNone() => null,
                $edges->front->compare($edges->back) === 0 => "the {$name} {$this->moved($edges->front)} at each edge",
                default => "the {$name} {$this->moved($edges->front)} in front, {$this->moved($edges->back)} at the back",
            },
        ];

        return array_filter($said, static fn (?string $one): bool => $one !== null);
    }

    private function moved(Length $move): string
    {
        return $move->isZero() ? 'as it was' : "{$this->make->say($move->abs())} ".($move->isPositive() ? 'out' : 'in');
    }
}
