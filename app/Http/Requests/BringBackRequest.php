<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Records\Whole\ReadRecords;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

final class BringBackRequest extends FormRequest
{
    /** What a workroom of many drawings makes. */
    public const MOST_MB = 200;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:'.(self::MOST_MB * 1000)], 'write' => ['required', 'boolean'], 'takes' => ['required', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $most = self::MOST_MB;

        return ['file.max' => "The file is larger than {$most} MB.", 'file.uploaded' => "The file did not arrive whole, or it is larger than {$most} MB."];
    }

    /** @throws ValidationException saying in one sentence why it can't be read */
    public function records(): ReadRecords
    {
        $file = $this->file('file');

        return ReadRecords::of($file instanceof UploadedFile ? $file : throw ValidationException::withMessages(['file' => 'Choose one file.']));
    }
}
