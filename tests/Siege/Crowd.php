<?php

declare(strict_types=1);

namespace Tests\Siege;

use CurlHandle;

/** Several who ask a server at once. Each asks the next thing as soon as it has an answer. */
final class Crowd
{
    private const SECONDS = 30;

    /**
     * Until nothing is left to ask or somebody says stop.
     *
     * @param callable(): (Asked|null) $next null when nothing is left
     * @param callable(Asked, int, string, float): void $answered with the status (0 when there was no answer), the body and seconds
     * @param callable(): bool|null $isOver asked again and again
     */
    public static function ask(int $askers, callable $next, callable $answered, ?callable $isOver = null): void
    {
        $multi = curl_multi_init();
        /** @var array<int, array{Asked, CurlHandle}> $asked */
        $asked = [];
        $isDry = false;
        while (true) {
            while (! $isDry && count($asked) < $askers && ! ($isOver !== null && $isOver())) {
                $request = $next();
                if ($request === null) {
                    $isDry = true;
                    break;
                }
                $handle = self::handle($request);
                curl_multi_add_handle($multi, $handle);
                $asked[spl_object_id($handle)] = [$request, $handle];
            }
            if ($asked === []) {
                break;
            }
            curl_multi_exec($multi, $active);
            curl_multi_select($multi, 0.05);
            while (($told = curl_multi_info_read($multi)) !== false) {
                $handle = $told['handle'];
                [$request] = $asked[spl_object_id($handle)];
                unset($asked[spl_object_id($handle)]);
                $isWhole = $told['result'] === CURLE_OK;
                $answered(
                    $request,
                    $isWhole ? (int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE) : 0,
                    $isWhole ? (string) curl_multi_getcontent($handle) : '',
                    (float) curl_getinfo($handle, CURLINFO_TOTAL_TIME),
                );
                curl_multi_remove_handle($multi, $handle);
            }
        }
        curl_multi_close($multi);
    }

    private static function handle(Asked $request): CurlHandle
    {
        $handle = curl_init($request->url);
        curl_setopt_array($handle, [
            CURLOPT_CUSTOMREQUEST => $request->method,
            CURLOPT_HTTPHEADER => ['Expect:', ...$request->headers],
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_TIMEOUT => self::SECONDS,
            CURLOPT_PATH_AS_IS => true,
        ]);
        if ($request->body !== null) {
            curl_setopt($handle, CURLOPT_POSTFIELDS, $request->body);
        }

        return $handle;
    }
}
