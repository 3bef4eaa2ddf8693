<?php

declare(strict_types=1);

namespace Tests\Http;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;
use RuntimeException;
use Symfony\Component\Yaml\Yaml;

/** Holds answers against docs/api/openapi.yaml. */
final class Contract
{
    private const DOCUMENT = 'https://kalokroma.test/openapi.json';

    /** @var array<string, mixed>|null */
    private static ?array $description = null;

    private static ?Validator $validator = null;

    public static function check(string $method, string $path, int $status, string $body): void
    {
        $pointer = self::pointer(strtolower($method), (string) parse_url($path, PHP_URL_PATH), $status);
        if ($pointer === null) {
            Assert::assertSame('', trim($body, '{}[]'), "$method $path: $status is described without a body");

            return;
        }
        $result = self::validator()->validate(json_decode($body), self::DOCUMENT.'#'.$pointer);
        $error = $result->error();
        Assert::assertNull(
            $error,
            $error === null ? '' : "$method $path: ".json_encode((new ErrorFormatter)->format($error, true), JSON_PRETTY_PRINT),
        );
    }

    /** @param array<mixed> $body of a request that is to be taken */
    public static function checkRequest(string $method, string $path, array $body): void
    {
        $path = (string) parse_url($path, PHP_URL_PATH);
        foreach (self::description()['paths'] as $template => $operations) {
            $pattern = '~^'.preg_replace('~\\\{\w+\\\}~', '[^/]+', preg_quote((string) $template, '~')).'$~';
            $schema = $operations[strtolower($method)]['requestBody']['content']['application/json']['schema'] ?? null;
            if (preg_match($pattern, $path) === 1 && isset($operations[strtolower($method)])) {
                Assert::assertNotNull($schema, "$method $path: a body is sent and none described");
                $error = self::validator()->validate(
                    json_decode((string) json_encode((object) $body)),
                    self::DOCUMENT.'#/components/schemas/'.basename($schema['$ref']),
                )->error();
                Assert::assertNull(
                    $error,
                    $error === null ? '' : "$method $path, request: ".json_encode((new ErrorFormatter)->format($error, true), JSON_PRETTY_PRINT),
                );

                return;
            }
        }
    }

    private static function pointer(string $method, string $path, int $status): ?string
    {
        foreach (self::description()['paths'] as $template => $operations) {
            $pattern = '~^'.preg_replace('~\\\{\w+\\\}~', '[^/]+', preg_quote((string) $template, '~')).'$~';
            if (preg_match($pattern, $path) !== 1 || ! isset($operations[$method])) {
                continue;
            }
            $responses = $operations[$method]['responses'];
            $response = $responses[(string) $status]
                ?? $responses[$status]
                ?? $responses['default']
                ?? throw new RuntimeException("$method $path: the status $status is not described.");
            $content = isset($response['$ref'])
                ? self::description()['components']['responses'][basename($response['$ref'])]['content']
                : $response['content'] ?? [];
            $schema = reset($content)['schema'] ?? null;

            return match (true) {
                $schema === null => null,
                isset($schema['$ref']) => '/components/schemas/'.basename($schema['$ref']),
                default => '/components/responses/'.basename($response['$ref']).'/content/application~1json/schema',
            };
        }

        throw new RuntimeException("$method $path is not described.");
    }

    private static function validator(): Validator
    {
        if (self::$validator === null) {
            self::$validator = new Validator;
            self::$validator->resolver()?->registerRaw(
                json_encode(
                    [...self::description(), '$id' => self::DOCUMENT, '$schema' => 'https://json-schema.org/draft/2020-12/schema'],
                    JSON_THROW_ON_ERROR,
                ),
                self::DOCUMENT,
            );
        }

        return self::$validator;
    }

    /** @return array<string, mixed> */
    private static function description(): array
    {
        return self::$description ??= Yaml::parseFile(dirname(__DIR__, 2).'/docs/api/openapi.yaml');
    }
}
