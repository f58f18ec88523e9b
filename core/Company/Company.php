<?php

declare(strict_types=1);

namespace Underbolt\Company;

use Underbolt\Measure\Body;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Pattern;
use Underbolt\Planning\Asked\Choices;
use Underbolt\Planning\Asked\Make;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Refusal;

/** Many bodies from one pattern, or one body from many: a row for each, planned as its make would be. */
final class Company
{
    /**
     * @param  iterable<array-key, Body>  $bodies
     * @return iterable<array-key, Row|Refusal> by the body's key, each as soon as it is planned; the reason where there is no plan
     */
    public static function ofBodies(iterable $bodies, Pattern $pattern, Choices $choices, Unit $unit): iterable
    {
        foreach ($bodies as $key => $body) {
            yield $key => self::row(new Make($unit, $body, $pattern, $choices));
        }
    }

    public static function row(Make $make): Row|Refusal
    {
        try {
            return Row::of(PlanBuilder::build($make));
        } catch (Refusal $refusal) {
            return $refusal;
        }
    }
}
