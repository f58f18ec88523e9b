<?php

declare(strict_types=1);

namespace Tests\Support;

/** A port of this machine that nothing listens on. */
final class FreePort
{
    public static function find(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        $name = $socket === false ? '' : (string) stream_socket_get_name($socket, false);
        $socket === false || fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }

    /** Waits until something listens on a port, at most ten seconds. */
    public static function awaitListener(int $port): void
    {
        $until = microtime(true) + 10;
        while (microtime(true) < $until) {
            $call = curl_init("http://127.0.0.1:{$port}");
            curl_setopt_array($call, [CURLOPT_CONNECT_ONLY => true, CURLOPT_CONNECTTIMEOUT_MS => 200]);
            if (curl_exec($call) !== false) {
                return;
            }
            usleep(20_000);
        }
        throw new \RuntimeException("nothing listens on port {$port}");
    }

    /** Waits until an address answers as it should. */
    public static function awaitAnswer(string $address, int $seconds): void
    {
        $until = microtime(true) + $seconds;
        while (microtime(true) < $until) {
            $call = curl_init($address);
            curl_setopt_array($call, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT_MS => 2000, CURLOPT_SSL_VERIFYPEER => false]);
            curl_exec($call);
            if (curl_getinfo($call, CURLINFO_RESPONSE_CODE) === 200) {
                return;
            }
            usleep(50_000);
        }
        throw new \RuntimeException("{$address} does not answer");
    }
}
