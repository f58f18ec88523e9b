<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Records\Whole\KeptRecords;
use App\Records\Whole\RecordsReader;
use App\Uploads\UnreadableUpload;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

final class BringBackRequest extends FormRequest
{
    private const MOST_KB = 8_000;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:'.self::MOST_KB], 'write' => ['required', 'boolean'], 'takes' => ['required', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file.max' => 'The file is larger than 8 MB.', 'file.uploaded' => 'The file did not arrive whole, or it is larger than 8 MB.'];
    }

    /** @throws ValidationException saying in one sentence why it can't be read */
    public function records(): KeptRecords
    {
        $file = $this->file('file');
        try {
            return RecordsReader::read($file instanceof UploadedFile ? (string) $file->getRealPath() : '');
        } catch (UnreadableUpload $refusal) {
            throw ValidationException::withMessages([$refusal->field => $refusal->getMessage()]);
        }
    }
}
