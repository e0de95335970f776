<?php

declare(strict_types=1);

if (! function_exists('array_first')) {
    /**
     * Returns the first value of an array, or null when it is empty, as PHP 8.5 does.
     *
     * @param  array<array-key, mixed>  $array
     */
    function array_first(array $array): mixed
    {
        $key = array_key_first($array);

        return $key === null ? null : $array[$key];
    }
}

if (! function_exists('array_last')) {
    /**
     * Returns the last value of an array, or null when it is empty, as PHP 8.5 does.
     *
     * @param  array<array-key, mixed>  $array
     */
    function array_last(array $array): mixed
    {
        $key = array_key_last($array);

        return $key === null ? null : $array[$key];
    }
}

if (! function_exists('get_error_handler')) {
    /** Returns the error handler in force, or null where there is none, as PHP 8.5 does. */
    function get_error_handler(): ?callable
    {
        $handler = set_error_handler(null);
        restore_error_handler();

        return $handler;
    }
}

if (! function_exists('get_exception_handler')) {
    /** Returns the exception handler in force, or null where there is none, as PHP 8.5 does. */
    function get_exception_handler(): ?callable
    {
        $handler = set_exception_handler(null);
        restore_exception_handler();

        return $handler;
    }
}
