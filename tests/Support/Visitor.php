<?php

declare(strict_types=1);

namespace Tests\Support;

use CURLFile;
use CurlHandle;

/** One browser's worth of the API of a real server: cookies, the token against forged requests, JSON out and in. */
final class Visitor
{
    public readonly CurlHandle $curl;

    /** @param  ?string  $from  the address that it comes from; any of this machine's where it is left out */
    public function __construct(private readonly string $address, private readonly ?string $from = null)
    {
        $this->curl = curl_init();
        curl_setopt_array($this->curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_ENCODING => 'gzip', CURLOPT_TIMEOUT => 30]);
        $from === null || curl_setopt($this->curl, CURLOPT_INTERFACE, $from);
    }

    /** The same browser with one window more. */
    public function again(): self
    {
        $other = new self($this->address, $this->from);
        foreach ((array) curl_getinfo($this->curl, CURLINFO_COOKIELIST) as $line) {
            curl_setopt($other->curl, CURLOPT_COOKIELIST, (string) $line);
        }

        return $other;
    }

    /** Signed in with an account that is opened for it, at a server that has one make. */
    public static function registered(string $address, string $name, ?string $from = null): self
    {
        $visitor = new self($address, $from);
        $visitor->call('GET', '/');
        $visitor->call('POST', '/api/register', ['name' => $name, 'email' => "{$name}@tideroom.example", 'password' => 'thole pin and limpet']);

        return $visitor;
    }

    /** @param  array<string, mixed>|null  $body */
    public function prepare(string $method, string $path, ?array $body = null): void
    {
        curl_setopt_array($this->curl, [
            CURLOPT_URL => $this->address.$path,
            CURLOPT_CUSTOMREQUEST => $method,
            CURLOPT_POSTFIELDS => $body === null ? '' : json_encode($body, JSON_THROW_ON_ERROR),
            CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', "X-XSRF-TOKEN: {$this->token()}"],
        ]);
        if ($method === 'GET') {
            curl_setopt($this->curl, CURLOPT_HTTPGET, true);
        }
    }

    /** @param  array<string, string>  $fields  beside the file */
    public function prepareFile(string $path, string $file, array $fields = []): void
    {
        curl_setopt_array($this->curl, [
            CURLOPT_URL => $this->address.$path,
            CURLOPT_CUSTOMREQUEST => 'POST',
            CURLOPT_POSTFIELDS => [...$fields, 'file' => new CURLFile($file)],
            CURLOPT_HTTPHEADER => ['Accept: application/json', "X-XSRF-TOKEN: {$this->token()}"],
        ]);
    }

    /**
     * @param  array<string, mixed>|null  $body
     * @return array{int, mixed} the status, 0 where nobody answers, and what was answered
     */
    public function call(string $method, string $path, ?array $body = null): array
    {
        $this->prepare($method, $path, $body);
        $answer = curl_exec($this->curl);

        return [(int) curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE), json_decode((string) $answer, true)];
    }

    private function token(): string
    {
        foreach ((array) curl_getinfo($this->curl, CURLINFO_COOKIELIST) as $line) {
            $parts = explode("\t", (string) $line);
            if (($parts[5] ?? '') === 'XSRF-TOKEN') {
                return rawurldecode($parts[6]);
            }
        }

        return '';
    }
}
