<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

final class ChartFileRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:240', 'extensions:xlsx,ods,csv,txt,tsv']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.extensions' => 'Choose a spreadsheet (xlsx or ods) or a text file (csv, tsv or txt).',
            'file.max' => 'The file is larger than 240 kB, far more than any chart. Keep only the sheet with the chart.',
        ];
    }

    public function upload(): UploadedFile
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? $file : throw ValidationException::withMessages(['file' => 'Choose one file.']);
    }
}
