<?php

declare(strict_types=1);

namespace Scrivlet\Core\Device;

use Scrivlet\Core\Refusal;

/**
 * Bytes as records of Intel's hexadecimal object format: a colon, and in hexadecimal digits the count of bytes, their
 * address, a kind, the bytes, and a checksum that makes the sum of all of them 0 modulo 256. Kind 00 is data, 04 the
 * upper half of the addresses that follow, 01 the end.
 */
final class IntelHex
{
    private const WIDTH = 16;
    private const DATA = 0;
    private const END = 1;
    private const UPPER = 4;
    /** Bytes of a file that nobody would send to so small a device. */
    public const MOST = 4_000_000;

    public static function write(string $bytes): string
    {
        $text = '';
        $upper = 0;
        foreach ('' === $bytes ? [] : str_split($bytes, self::WIDTH) as $index => $part) {
            $address = $index * self::WIDTH;
            if ($address >> 16 !== $upper) {
                $upper = $address >> 16;
                $text .= self::record(0, self::UPPER, pack('n', $upper));
            }
            $text .= self::record($address & 0xFFFF, self::DATA, $part);
        }

        return $text.self::record(0, self::END, '');
    }

    private static function record(int $address, int $kind, string $bytes): string
    {
        $record = pack('CnC', \strlen($bytes), $address, $kind).$bytes;

        return ':'.strtoupper(bin2hex($record.\chr(self::checksum($record))))."\r\n";
    }

    private static function checksum(string $record): int
    {
        return -array_sum(array_map(ord(...), str_split($record))) & 0xFF;
    }

    /** @throws Refusal that names the line that is wrong */
    public static function read(string $text): string
    {
        if (\strlen($text) > self::MOST) {
            throw new Refusal('device.large', ['most' => intdiv(self::MOST, 1000)]);
        }
        $bytes = '';
        $upper = 0;
        $hasEnded = false;
        foreach (preg_split('/\r\n|\r|\n/', $text) ?: [] as $index => $line) {
            $line = trim($line);
            if ('' === $line) {
                continue;
            }
            if ($hasEnded) {
                throw new Refusal('device.behind_end', ['line' => $index + 1]);
            }
            if (1 !== preg_match('/^:(?:[0-9A-Fa-f]{2}){5,}$/D', $line)) {
                throw new Refusal(0 === $index ? 'device.no_hex' : 'device.record', ['line' => $index + 1]);
            }
            $record = (string) hex2bin(substr($line, 1));
            $count = \ord($record[0]);
            if ($count !== \strlen($record) - 5) {
                throw new Refusal('device.record', ['line' => $index + 1]);
            }
            if (\ord($record[-1]) !== self::checksum(substr($record, 0, -1))) {
                throw new Refusal('device.checksum', ['line' => $index + 1]);
            }
            $address = ($upper << 16) + (\ord($record[1]) << 8) + \ord($record[2]);
            $data = substr($record, 4, $count);
            switch (\ord($record[3])) {
                case self::DATA:
                    if ($address !== \strlen($bytes)) {
                        throw new Refusal('device.gap', ['line' => $index + 1]);
                    }
                    $bytes .= $data;
                    break;
                case self::UPPER:
                    $upper = 2 === $count ? (\ord($data[0]) << 8) + \ord($data[1]) : throw new Refusal('device.record', ['line' => $index + 1]);
                    break;
                case self::END:
                    $hasEnded = true;
                    break;
                default:
                    throw new Refusal('device.record', ['line' => $index + 1]);
            }
        }

        return $hasEnded ? $bytes : throw new Refusal('device.cut_off');
    }
}
