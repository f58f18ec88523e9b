<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\Account\Problem;
use OpenApi\Attributes as OA;

/** The head of the written contract, and the answers that every operation can give. */
#[OA\OpenApi(openapi: '3.1.0')]
#[OA\Info(title: 'Underbolt', version: '1', description: 'Lengths cross as whole nanometres (`_nm`) or as the text that was typed.')]
#[OA\SecurityScheme(securityScheme: 'tape', type: 'http', scheme: 'bearer', description: 'the token a tape was paired with')]
#[OA\Parameter(
    parameter: 'sizes',
    name: 'sizes',
    description: 'whether sizes are named, or called by the place of their line',
    in: 'query',
    schema: new OA\Schema(type: 'string', enum: ['shown', 'hidden']),
)]
#[OA\Parameter(
    parameter: 'line',
    name: 'line',
    description: 'what the thick line is',
    in: 'query',
    schema: new OA\Schema(type: 'string', enum: ['seam', 'with_allowance']),
)]
#[OA\Parameter(
    parameter: 'page',
    name: 'page',
    in: 'query',
    schema: new OA\Schema(type: 'string', enum: \Underbolt\Paper\PageFormat::class),
)]
#[OA\Response(response: 'Refused', description: 'a field is at fault', content: new OA\JsonContent(ref: Problem::class))]
#[OA\Response(response: 'NotSignedIn', description: 'nobody is signed in', content: new OA\JsonContent(ref: Problem::class))]
#[OA\Response(response: 'NotFound', description: 'no such record of yours', content: new OA\JsonContent(ref: Problem::class))]
final class Contract
{
}
