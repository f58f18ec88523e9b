<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Dompdf\Dompdf;
use Dompdf\Options;
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

        $folder = storage_path('framework/cache');
        $pdf = new Dompdf(
            (new Options)->setFontDir($folder)->setFontCache($folder)->setDefaultFont('DejaVu Sans')->setIsRemoteEnabled(false),
        );
        $pdf->setPaper($paper);
        $pdf->loadHtml(view('blank-card', ['guides' => $guides, 'title' => $set->title()])->render());
        $pdf->render();

        return new Response((string) $pdf->output(), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "inline; filename=\"measure-card-{$set->value}.pdf\"",
        ]);
    }
}
