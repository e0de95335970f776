<?php

declare(strict_types=1);

namespace App\Support;

use App\Http\Resources\Resource;
use LogicException;
use ReflectionClass;
use ReflectionNamedType;

/** Writes the TypeScript types of the API's answers from the response classes. */
final class TypeScriptTypes
{
    /** @param  array<string, class-string<resource>>  $known  Every resource by its short name, whichever feature it is of. */
    private function __construct(private readonly array $known)
    {
    }

    /** @param  list<class-string<resource>>  $resources */
    public static function from(array $resources): string
    {
        return (new self(array_combine(array_map(class_basename(...), $resources), $resources)))->write();
    }

    private function write(): string
    {
        $interfaces = $enums = [];
        foreach ($this->known as $resource) {
            $class = new ReflectionClass($resource);
            $fields = [];
            foreach ($class->getConstructor()?->getParameters() ?? [] as $parameter) {
                $note = null;
                $type = self::documented($class, $parameter->getName(), $note)
                    ?? self::declared($parameter->getType(), $class->getName(), $parameter->getName());
                $fields[] = ($note === null ? '' : "  /** {$note} */\n").'  '.$parameter->getName().': '.$this->converted($type, $enums);
            }
            $doc = self::summary($class);
            $interfaces[] = "/** {$doc} */\nexport interface ".self::named($class->getName())." {\n".implode("\n", $fields)."\n}\n";
        }
        ksort($enums);

        return "// Made by `php artisan nimble:types` from app/Http/Resources. Do not edit by hand.\n\n"
            .implode(
                "\n",
                [
                    ...array_map(
                        static fn (string $name, string $union): string => "export type {$name} = {$union}\n",
                        array_keys($enums),
                        array_values($enums),
                    ),
                    ...$interfaces,
                ],
            );
    }

    /** @param  ReflectionClass<resource>  $class */
    private static function documented(ReflectionClass $class, string $parameter, ?string &$note): ?string
    {
        $doc = (string) $class->getConstructor()?->getDocComment();
        $type = '(?<type>(?:[^$<]|<[^>]*(?:<[^>]*>)?[^>]*>)+?)';
        // A note runs to the next tag.
        $rest = '(?<note>[^\n]*(?:\n\s*\*\s+[^@\s\/][^\n]*)*)';
        if (preg_match('/@param\s+'.$type.'\s+\$'.$parameter.'\b[ \t]*'.$rest.'/', $doc, $found) !== 1) {
            return null;
        }
        $text = trim((string) preg_replace(['/\*\/$/', '/\s*\n\s*\*\s+/'], ['', ' '], trim($found['note'])));
        $note = $text === '' ? null : $text;

        return trim($found['type']);
    }

    private static function declared(?\ReflectionType $type, string $class, string $parameter): string
    {
        if (! $type instanceof ReflectionNamedType) {
            throw new LogicException("{$class}::\${$parameter} needs one plain type.");
        }
        if ($type->getName() === 'array') {
            throw new LogicException("{$class}::\${$parameter} is an array: say of what in its docblock.");
        }

        return $type->getName().($type->allowsNull() ? '|null' : '');
    }

    /** @param  array<string, string>  $enums */
    private function converted(string $type, array &$enums): string
    {
        if (str_ends_with($type, '|null')) {
            return $this->converted(substr($type, 0, -5), $enums).' | null';
        }
        if (preg_match('/^list<(.+)>$/', $type, $inner) === 1) {
            $item = $this->converted($inner[1], $enums);

            return (str_contains($item, ' | ') ? "({$item})" : $item).'[]';
        }
        if (preg_match('/^array<string,\s*(.+)>$/', $type, $inner) === 1) {
            return 'Record<string, '.$this->converted($inner[1], $enums).'>';
        }
        $class = str_contains($type, '\\') ? $type : ($this->known[$type] ?? "App\\Enums\\{$type}");
        if (enum_exists($class)) {
            $name = self::named($class);
            /** @var class-string<\BackedEnum> $class */
            $enums[$name] = implode(' | ', array_map(static fn (\BackedEnum $case): string => "'{$case->value}'", $class::cases()));

            return $name;
        }

        return match ($type) {
            'int', 'float' => 'number',
            'string' => 'string',
            'bool' => 'boolean',
            'mixed' => 'unknown',
            default => class_exists($class) ? self::named($class) : throw new LogicException("No TypeScript for \"{$type}\"."),
        };
    }

    private static function named(string $class): string
    {
        $short = substr((string) strrchr('\\'.$class, '\\'), 1);

        return str_ends_with($short, 'Resource') ? substr($short, 0, -8) : $short;
    }

    /** @param  ReflectionClass<resource>  $class */
    private static function summary(ReflectionClass $class): string
    {
        return trim((string) preg_replace('/^\/\*\*|\*\/$/', '', (string) $class->getDocComment()));
    }
}
