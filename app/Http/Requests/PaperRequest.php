<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Controllers\SignedIn;
use App\Models\Make;
use App\Models\SizeLabels;
use App\Paper\MakePaper;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Underbolt\Paper\PageFormat;
use Underbolt\Paper\StripLine;

/** How something of a make is put on paper; everything has a usual answer. */
final class PaperRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'page' => ['nullable', Rule::enum(PageFormat::class)],
            'line' => ['nullable', Rule::enum(StripLine::class)],
            'sizes' => ['nullable', Rule::enum(SizeLabels::class)],
        ];
    }

    public function page(): PageFormat
    {
        return $this->said() ?? SignedIn::user($this)->paper;
    }

    /** What strips and pieces are drawn on. */
    public function drawnOn(): PageFormat
    {
        return $this->said() ?? SignedIn::user($this)->drawn_on ?? SignedIn::user($this)->paper;
    }

    private function said(): ?PageFormat
    {
        return PageFormat::tryFrom($this->string('page')->toString());
    }

    public function line(): StripLine
    {
        return StripLine::tryFrom($this->string('line')->toString()) ?? StripLine::Seam;
    }

    /** Null where it is not said: then each wearer's own. */
    public function labels(): ?SizeLabels
    {
        return SizeLabels::tryFrom($this->string('sizes')->toString());
    }

    public function paper(Make $make): MakePaper
    {
        return MakePaper::of($make, SignedIn::user($this)->unit, $this->labels());
    }
}
