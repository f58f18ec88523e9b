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
        // A pattern's PDF holds drawings too.
        $most = $this->upload()->getClientOriginalExtension() === 'pdf' ? 8_000 : 240;

        return ['file' => ['required', 'file', "max:{$most}", 'extensions:xlsx,ods,csv,txt,tsv,pdf']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.extensions' => 'Choose a spreadsheet (xlsx or ods), a PDF or a text file (csv, tsv or txt).',
            'file.max' => 'The file is far larger than any chart (240 kB; a PDF 8 MB). Keep only the sheet with the chart.',
        ];
    }

    public function upload(): UploadedFile
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? $file : throw ValidationException::withMessages(['file' => 'Choose one file.']);
    }
}
