<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Paper\HtmlPdf;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;
use Underbolt\Measure\PointGuide;
use Underbolt\Measure\PointGuides;
use Underbolt\Measure\PointSet;

/** A card to fill in by hand, for measuring away from the computer. */
final class BlankCardController
{
    #[OA\Get(path: '/api/blank-card.pdf', operationId: 'blankCard',
        parameters: [
            new OA\Parameter(
                name: 'set',
                in: 'query',
                schema: new OA\Schema(type: 'string', enum: ['three', 'dress', 'skirt', 'trousers', 'everything']),
            ),
            new OA\Parameter(name: 'paper', in: 'query', schema: new OA\Schema(type: 'string', enum: ['a4', 'letter'])),
        ],
        responses: [
            new OA\Response(response: 200, description: 'the card to print', content: new OA\MediaType(mediaType: 'application/pdf')),
        ])]
    public function __invoke(Request $request): Response
    {
        $asked = $request->query('set');
        $set = PointSet::tryFrom(is_string($asked) ? $asked : '') ?? PointSet::Dress;
        $paper = $request->query('paper') === 'letter' ? 'letter' : 'a4';
        $guides = array_map(static fn ($point): PointGuide => PointGuides::all()[$point->value], $set->points());
        $pdf = HtmlPdf::of(view('blank-card', ['guides' => $guides, 'title' => $set->title()])->render(), $paper);

        return Download::shown($pdf, 'application/pdf', "measure-card-{$set->value}.pdf");
    }
}
