<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\BeginController;
use App\Http\Controllers\BinController;
use App\Http\Controllers\BlankCardController;
use App\Http\Controllers\CardController;
use App\Http\Controllers\CardFileController;
use App\Http\Controllers\ChartController;
use App\Http\Controllers\ClothController;
use App\Http\Controllers\CompanyController;
use App\Http\Controllers\CutSheetController;
use App\Http\Controllers\DemoDataController;
use App\Http\Controllers\FittingController;
use App\Http\Controllers\HandController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\MakeController;
use App\Http\Controllers\MakeFileController;
use App\Http\Controllers\MakeNestController;
use App\Http\Controllers\MeasuringGuideController;
use App\Http\Controllers\NestController;
use App\Http\Controllers\PaperController;
use App\Http\Controllers\PatternController;
use App\Http\Controllers\PatternGuideController;
use App\Http\Controllers\PracticeController;
use App\Http\Controllers\ReadingController;
use App\Http\Controllers\RecoveryController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\TapeController;
use App\Http\Controllers\WearerController;
use App\Http\Controllers\WhatIfController;
use App\Http\Controllers\WhichPatternController;
use App\Http\Controllers\WorkroomController;
use App\Http\Middleware\FairShare;
use App\Http\Middleware\HeavyWork;
use App\Http\Middleware\KeptAnswer;
use App\Http\Middleware\KnownDevice;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Session\Middleware\AuthenticateSession;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Vite;
use Illuminate\View\Middleware\ShareErrorsFromSession;
use Underbolt\Nest\DrawnPiece;
use Underbolt\Practice\Exercises\Exercise;

Route::prefix('api')->group(function (): void {
    Route::middleware('throttle:sign-in')->group(function (): void {
        Route::post('register', [SessionController::class, 'register']);
        Route::post('sign-in', [SessionController::class, 'signIn']);
        Route::post('recover', [RecoveryController::class, 'recover']);
    });
    Route::post('demo', [SessionController::class, 'demo']);
    // A tape has no session: it shows its token instead.
    Route::post('tape', [TapeController::class, 'send'])->middleware('throttle:tape')->withoutMiddleware([
        StartSession::class,
        ValidateCsrfToken::class,
        ShareErrorsFromSession::class,
    ]);

    // A session that was opened with another password has ended.
    Route::middleware(['auth', AuthenticateSession::class, KnownDevice::class, FairShare::class])->group(function (): void {
        Route::post('sign-out', [SessionController::class, 'signOut']);
        Route::get('me', [SessionController::class, 'show']);
        Route::patch('me', [SessionController::class, 'update']);
        Route::middleware('throttle:account')->group(function (): void {
            Route::put('me/password', [AccountController::class, 'password']);
            Route::delete('me/sessions', [AccountController::class, 'signOutElsewhere']);
            Route::get('me/everything.zip', [AccountController::class, 'everything'])->middleware(HeavyWork::class);
            Route::delete('me', [AccountController::class, 'destroy']);
            Route::post('me/recovery-codes', [RecoveryController::class, 'codes']);
        });
        Route::get('me/holds', [AccountController::class, 'holds']);
        Route::post('me/everything', [AccountController::class, 'bringBack'])->middleware(['throttle:uploads', HeavyWork::class]);
        Route::get('me/devices', [AccountController::class, 'devices']);
        Route::delete('me/devices/{device}', [AccountController::class, 'signOutDevice'])->where('device', '[0-9]{1,18}');
        Route::get('blank-card.pdf', BlankCardController::class)->middleware(HeavyWork::class);
        Route::post('tape/token', [TapeController::class, 'pair']);
        Route::get('tape/readings', [TapeController::class, 'readings']);
        Route::get('workroom', WorkroomController::class);
        Route::post('demo-data', [DemoDataController::class, 'store']);
        Route::delete('demo-data', [DemoDataController::class, 'destroy']);
        Route::get('bin', [BinController::class, 'index']);
        Route::delete('bin/{entry}', [BinController::class, 'letGo']);
        Route::post('bin/{entry}/restore', [BinController::class, 'restore']);
        Route::delete('wearers/{wearer}', [BinController::class, 'wearer']);
        Route::delete('cards/{card}', [BinController::class, 'card']);
        Route::delete('patterns/{pattern}', [BinController::class, 'pattern']);
        Route::delete('makes/{make}', [BinController::class, 'make']);
        Route::delete('houses/{house}', [BinController::class, 'house']);
        Route::post('begin', BeginController::class);
        Route::post('wearers', [WearerController::class, 'store']);
        Route::get('wearers/{wearer}', [WearerController::class, 'show']);
        Route::patch('wearers/{wearer}', [WearerController::class, 'update']);
        Route::post('wearers/{wearer}/cards', [CardController::class, 'store']);
        Route::get('wearers/{wearer}/cards.csv', [CardFileController::class, 'export']);
        Route::get('wearers/{wearer}/cards.json', [CardFileController::class, 'exportJson']);
        Route::post('wearers/{wearer}/cards/import', [CardFileController::class, 'import'])->middleware(['throttle:uploads', HeavyWork::class]);
        Route::get('measuring-guide', MeasuringGuideController::class)->middleware('cache.headers:private;no_cache;etag');
        Route::get('cards/{card}', [CardController::class, 'show']);
        Route::get('cards/{card}/earlier', [CardController::class, 'earlier']);
        Route::patch('cards/{card}', [CardController::class, 'update']);
        Route::put('cards/{card}/readings/{point}/{attempt}', [ReadingController::class, 'update'])->where('attempt', '[1-9]');
        Route::delete('cards/{card}/readings/{point}/{attempt}', [ReadingController::class, 'destroy'])->where('attempt', '[1-9]');
        Route::post('cards/{card}/readings/{point}/from/{other}', [ReadingController::class, 'takeOver']);
        Route::put('cards/{card}/picks/{point}', [ReadingController::class, 'pick']);
        Route::put('cards/{card}/answers', [CardController::class, 'answer']);
        Route::post('patterns', [PatternController::class, 'store']);
        Route::get('patterns/{pattern}', [PatternController::class, 'show']);
        Route::put('patterns/{pattern}', [PatternController::class, 'update']);
        Route::get('patterns/{pattern}/charts.csv', [ChartController::class, 'csv']);
        Route::get('patterns/{pattern}/pattern.json', [ChartController::class, 'json']);
        Route::get('patterns/{pattern}/company', [CompanyController::class, 'show'])->middleware(HeavyWork::class);
        Route::put('patterns/{pattern}/company', [CompanyController::class, 'update']);
        Route::post('patterns/{pattern}/company/{wearer}', [CompanyController::class, 'begin']);
        Route::get('patterns/{pattern}/company.csv', [CompanyController::class, 'csv'])->middleware(HeavyWork::class);
        Route::get('patterns/{pattern}/company.xlsx', [CompanyController::class, 'xlsx'])->middleware(HeavyWork::class);
        Route::get('patterns/{pattern}/company.pdf', [CompanyController::class, 'pdf'])->middleware(HeavyWork::class);
        Route::get('wearers/{wearer}/patterns', WhichPatternController::class)->middleware(HeavyWork::class);
        Route::post('makes/{make}/what-if', WhatIfController::class);
        Route::get('patterns/{pattern}/nests', [NestController::class, 'index']);
        Route::post('patterns/{pattern}/nests/{piece}', [NestController::class, 'store'])->whereIn('piece', DrawnPiece::ALL)->middleware(['throttle:uploads', HeavyWork::class]);
        Route::post('patterns/{pattern}/nests/{piece}/pages', [NestController::class, 'pages'])->whereIn('piece', DrawnPiece::ALL)->middleware(['throttle:uploads', HeavyWork::class]);
        Route::put('patterns/{pattern}/nests/{piece}', [NestController::class, 'update'])->whereIn('piece', DrawnPiece::ALL);
        Route::delete('patterns/{pattern}/nests/{piece}', [BinController::class, 'nest'])->whereIn('piece', DrawnPiece::ALL);
        Route::post('charts/read', [ChartController::class, 'read'])->middleware(HeavyWork::class);
        Route::post('charts/part', [ChartController::class, 'part'])->middleware(HeavyWork::class);
        Route::post('charts/file', [ChartController::class, 'file'])->middleware(['throttle:uploads', HeavyWork::class]);
        Route::get('practice', [PracticeController::class, 'index']);
        Route::post('practice/readings', [PracticeController::class, 'read']);
        Route::get('practice/questions/{exercise}', [PracticeController::class, 'question'])->whereIn('exercise', Exercise::asked());
        Route::post('practice/questions/{exercise}', [PracticeController::class, 'answer'])->whereIn('exercise', Exercise::asked());
        Route::get('hands', [HandController::class, 'index']);
        Route::put('hands', [HandController::class, 'keep']);
        Route::delete('hands/{name}', [HandController::class, 'forget'])->where('name', '.+');
        Route::get('pattern-guide', [PatternGuideController::class, 'show']);
        Route::put('houses', [PatternGuideController::class, 'keep']);
        Route::post('makes/import', [MakeFileController::class, 'import'])->middleware(HeavyWork::class);
        Route::get('makes/{make}/make.json', [MakeFileController::class, 'export']);
        Route::post('makes', [MakeController::class, 'store']);
        Route::get('makes/{make}', [MakeController::class, 'show']);
        Route::patch('makes/{make}', [MakeController::class, 'name']);
        Route::get('makes/{make}/fitting', [FittingController::class, 'show']);
        Route::put('makes/{make}/fitting', [FittingController::class, 'update']);
        Route::put('makes/{make}/verdict', [FittingController::class, 'verdict']);
        Route::get('makes/{make}/offers', [FittingController::class, 'offers']);
        Route::put('makes/{make}/offers/last', [FittingController::class, 'takeLast']);
        Route::put('makes/{make}/offers/{level}', [FittingController::class, 'take']);
        Route::get('makes/{make}/cloth', [ClothController::class, 'show']);
        Route::put('makes/{make}/cloth', [ClothController::class, 'update']);
        Route::post('makes/{make}/copies', [HistoryController::class, 'copy']);
        Route::get('wearers/{wearer}/history', [HistoryController::class, 'show']);
        Route::get('makes/{make}/bench', [MakeController::class, 'bench']);
        Route::get('makes/{make}/plan', [MakeController::class, 'plan']);
        Route::get('makes/{make}/why-not', [MakeController::class, 'whyNot']);
        Route::get('makes/{make}/cut-sheet', [CutSheetController::class, 'show']);
        Route::get('makes/{make}/cut-sheet.pdf', [CutSheetController::class, 'pdf'])->middleware([KeptAnswer::class, HeavyWork::class]);
        Route::put('makes/{make}/done/{key}', [CutSheetController::class, 'tick'])->where('key', '[a-z_]{1,20}(-[0-9a-f]{8})?');
        Route::delete('makes/{make}/done/{key}', [CutSheetController::class, 'untick'])->where('key', '[a-z_]{1,20}(-[0-9a-f]{8})?');
        Route::get('makes/{make}/strip', [PaperController::class, 'strip']);
        Route::get('makes/{make}/sheets', [PaperController::class, 'sheets']);
        Route::get('makes/{make}/strip.svg', [PaperController::class, 'stripSvg'])->middleware([KeptAnswer::class, HeavyWork::class]);
        Route::get('makes/{make}/strip.pdf', [PaperController::class, 'stripPdf'])->middleware([KeptAnswer::class, HeavyWork::class]);
        Route::get('makes/{make}/stations.csv', [PaperController::class, 'stations']);
        Route::get('makes/{make}/plan.json', [PaperController::class, 'plan']);
        Route::get('makes/{make}/all.zip', [PaperController::class, 'archive'])->middleware([KeptAnswer::class, HeavyWork::class]);
        Route::get('makes/{make}/nest', [MakeNestController::class, 'show']);
        Route::put('makes/{make}/nest', [MakeNestController::class, 'choose']);
        Route::get('makes/{make}/nest/{piece}', [MakeNestController::class, 'drawing'])->whereIn('piece', DrawnPiece::ALL);
        Route::get('makes/{make}/nest/{piece}.svg', [MakeNestController::class, 'svg'])->whereIn('piece', DrawnPiece::ALL)->middleware([KeptAnswer::class, HeavyWork::class]);
        Route::get('makes/{make}/nest/{piece}.dxf', [MakeNestController::class, 'dxf'])->whereIn('piece', DrawnPiece::ALL)->middleware([KeptAnswer::class, HeavyWork::class]);
        Route::get('makes/{make}/nest/{piece}.pdf', [MakeNestController::class, 'pdf'])->whereIn('piece', DrawnPiece::ALL)->middleware([KeptAnswer::class, HeavyWork::class]);
        Route::put('makes/{make}/card', [MakeController::class, 'changeCard']);
        Route::put('makes/{make}/choices', [MakeController::class, 'choose']);
    });
    // An unknown address of the API answers as JSON, never with the page.
    Route::any('{any}', static fn () => abort(404))->where('any', '.*');
});

// Without a session: whoever looks after the server asks it often, and browsers ask for an icon by themselves.
Route::get('up', HealthController::class)->withoutMiddleware('web');
Route::redirect('favicon.ico', '/icon.svg')->withoutMiddleware('web');

Route::get('{page?}', static fn () => view('app', ['nonce' => Vite::cspNonce()]))->where('page', '.*');
