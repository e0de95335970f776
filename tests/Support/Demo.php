<?php

declare(strict_types=1);

namespace Tests\Support;

use Carbon\CarbonImmutable;
use Illuminate\Encryption\Encrypter;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/** The demo as it is served, in a file of its own; it is made once a day and copied. */
final class Demo
{
    public static function open(): void
    {
        $file = self::file();
        exec(sprintf('%s %s 2>&1', escapeshellarg(base_path('bin/demo')), escapeshellarg($file)), $said, $code);
        if ($code !== 0) {
            throw new RuntimeException(implode("\n", $said));
        }
        // What is private in it was locked with the key it was made with.
        preg_match('/^APP_KEY=base64:(.+)$/m', (string) file_get_contents(base_path('.env')), $key);
        $encrypter = new Encrypter(base64_decode($key[1] ?? '', true) ?: '', 'aes-256-cbc');
        app()->instance('encrypter', $encrypter);
        Crypt::swap($encrypter);
        $usual = config('database.connections.sqlite');
        config(['database.connections.demo' => ['database' => $file] + (is_array($usual) ? $usual : []), 'database.default' => 'demo']);
        // The morning it was made for: its loose visits are tomorrow’s.
        $tomorrow = DB::table('training_sessions')->whereNull('programme_id')->max('starts_at');
        CarbonImmutable::setTestNow(CarbonImmutable::parse(is_string($tomorrow) ? $tomorrow : 'tomorrow', 'UTC')->subDay()->setTime(10, 0));
    }

    /** Back to the empty one, which the other tests share. */
    public static function close(): void
    {
        config(['database.default' => 'sqlite']);
        DB::purge('demo');
        foreach (['', '-wal', '-shm'] as $part) {
            if (is_file(self::file().$part)) {
                unlink(self::file().$part);
            }
        }
    }

    /** Tests may run beside each other. */
    private static function file(): string
    {
        return storage_path('setup/demo-of-tests-'.getmypid().'.sqlite');
    }
}
