<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use DateTimeImmutable;
use DateTimeZone;
use JsonException;
use Kalokroma\Schedule\IllegalSession;
use Kalokroma\Schedule\Session;
use Kalokroma\Schedule\Sessions;

/** Reads times at the desk: a list of `{ start: ISO time, minutes }`. */
final class SessionsReader
{
    public const MOST = 500;

    private const TIME = '/^\d{4}-\d{2}-\d{2}[T ]\d{2}:\d{2}(:\d{2}(\.\d{1,6})?)?(Z|[+-]\d{2}:?\d{2})?$/D';

    /** @throws Faulty with a line for every session that cannot be */
    public static function json(string $json): Sessions
    {
        try {
            $list = json_decode($json, true, 8, JSON_THROW_ON_ERROR);
        } catch (JsonException $fault) {
            throw Faulty::field('sessions', sprintf('This is no list of sessions, or it is cut short: %s.', lcfirst($fault->getMessage())));
        }

        return self::of(is_array($list) ? ['sessions' => $list['sessions'] ?? $list] : []);
    }

    /**
     * @param array<mixed> $document with a list of `sessions`
     *
     * @throws Faulty with a line for every session that cannot be
     */
    public static function of(array $document): Sessions
    {
        $reader = DocumentReader::of($document);
        $sessions = [];
        foreach ($reader->each('sessions', self::MOST) as $one) {
            $start = self::time($one);
            $minutes = $one->whole('minutes', 1, Session::LONGEST_MINUTES);
            if ($start !== null) {
                $sessions[] = Session::of($start, $minutes);
            }
        }
        self::overlaps($sessions, $reader);
        $reader->mustBeSound();
        try {
            return Sessions::of($sessions);
        } catch (IllegalSession $illegal) {
            throw Faulty::field($illegal->field, $illegal->getMessage());
        }
    }

    /** Whether the time says how far it is from Greenwich. */
    public static function isLocal(string $time): bool
    {
        return preg_match('/(Z|[+-]\d{2}:?\d{2})$/D', $time) !== 1;
    }

    private static function time(DocumentReader $session): ?DateTimeImmutable
    {
        $text = $session->text('start', 40);
        if ($text === '') {
            return null;
        }
        $time = preg_match(self::TIME, $text) === 1 ? date_create_immutable($text, new DateTimeZone('UTC')) : false;
        $errors = DateTimeImmutable::getLastErrors();
        if ($time === false || ($errors !== false && $errors['warning_count'] > 0)) {
            $session->fault('start', sprintf('"%s" is no time such as 2026-11-26T19:30:00+01:00.', $text));

            return null;
        }

        return $time;
    }

    /** @param list<Session> $sessions */
    private static function overlaps(array $sessions, DocumentReader $reader): void
    {
        usort($sessions, static fn(Session $one, Session $other): int => $one->from() <=> $other->from());
        foreach (array_slice($sessions, 1) as $at => $session) {
            if ($sessions[$at]->overlaps($session)) {
                $reader->fault('sessions', IllegalSession::overlap($sessions[$at]->start, $session->start)->getMessage());
            }
        }
    }
}
