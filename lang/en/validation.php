<?php

declare(strict_types=1);

// What is said at a field when it is refused: the words of this application, for every rule that its requests use.
return [
    'required' => 'This is needed.',
    'required_without' => 'This or the other is needed.',
    'present' => 'This is missing.',
    'string' => 'Text belongs here.',
    'boolean' => 'Yes or no belongs here.',
    'integer' => 'A whole number belongs here.',
    'numeric' => 'A number belongs here.',
    'array' => 'This doesn’t have the form it should have.',
    'enum' => 'Choose one of those offered.',
    'in' => 'Choose one of those offered.',
    'exists' => 'That is not in your workroom any more.',
    'email' => 'That doesn’t look like an e-mail address.',
    'unique' => 'This e-mail address has an account already.',
    'prohibited' => 'Nothing belongs here.',
    'current_password' => 'That is not the password in use.',
    'file' => 'Choose one file.',
    'uploaded' => 'The file did not arrive whole.',
    'extensions' => 'Choose a file of one of these kinds: :values.',
    'date_format' => 'Give the day as year, month and day: 2026-11-17.',
    'before_or_equal' => 'Give a day that has come.',
    'after' => 'That is too long ago.',
    'max' => [
        'string' => 'That is too long: at most :max letters.',
        'numeric' => 'At most :max.',
        'file' => 'The file is too large: at most :max kB.',
        'array' => 'Too many: at most :max.',
    ],
    'min' => [
        'string' => 'That is too short: at least :min letters.',
        'numeric' => 'At least :min.',
        'array' => 'Too few: at least :min.',
    ],
];
