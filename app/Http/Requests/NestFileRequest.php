<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Uploads\Reader;
use App\Uploads\Reading;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

final class NestFileRequest extends FormRequest
{
    private const MOST_KB = 8_000;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:'.self::MOST_KB], 'page' => ['nullable', 'integer', 'min:1', 'max:1000'], 'layout' => ['nullable', 'string', 'json', 'max:5000'], 'version' => ['required', 'integer']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file.max' => 'The file is larger than 8 MB, far more than a pattern piece needs. Leave out what is not its lines.', 'file.uploaded' => 'The file did not arrive whole, or it is larger than 8 MB.'];
    }

    public function upload(): UploadedFile
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? $file : throw ValidationException::withMessages(['file' => 'Choose one file.']);
    }

    /**
     * Packed as it is kept.
     *
     * @throws ValidationException saying in one sentence why it can't be read
     */
    public function drawing(): string
    {
        return $this->filled('layout')
            ? Reading::of($this->upload(), Reader::Together, $this->layout())
            : Reading::of($this->upload(), Reader::Nest, $this->filled('page') ? (string) $this->integer('page') : '');
    }

    /**
     * The pages that the piece is spread over, as JSON.
     *
     * @throws ValidationException likewise
     */
    public function pages(): string
    {
        return Reading::of($this->upload(), Reader::Pages, $this->layout());
    }

    /** How the pages lie, as JSON; none where that isn't said. */
    private function layout(): string
    {
        $layout = $this->input('layout');

        return is_string($layout) ? $layout : '';
    }

    public function shortName(): string
    {
        return mb_substr(mb_scrub($this->upload()->getClientOriginalName()), 0, 120);
    }
}
