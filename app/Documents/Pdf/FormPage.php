<?php

declare(strict_types=1);

namespace App\Documents\Pdf;

use OpenSlate\Forms\FieldKind;
use OpenSlate\Forms\FormField;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\PageBoxes;

/** The form fields of one page, as objects of its PDF (ISO 32000-1, 12.7.3 and 12.7.4). */
final class FormPage
{
    private const READ_ONLY = 1 << 0;

    private const NEEDED = 1 << 1;

    private const SEVERAL_LINES = 1 << 12;

    private const RADIO = 1 << 15;

    private const COMBO = 1 << 17;

    private const COMB = 1 << 24;

    /** Not to be seen (12.5.3). */
    private const HIDDEN = 1 << 1;

    /** On paper, too. */
    private const PRINTED = 1 << 2;

    /** @var list<string> references of the fields, and of what of them lies on the page */
    public array $fields = [];

    /** @var list<string> */
    public array $widgets = [];

    /** @param  string  $page  its reference */
    public function __construct(
        private NewObjects $objects,
        private FormMarks $marks,
        private PageBoxes $boxes,
        private string $page,
    ) {
    }

    public function add(FormField $field): void
    {
        match ($field->kind) {
            FieldKind::Choice => $this->addOne($field),
            FieldKind::Choices => $this->addSome($field),
            default => $this->addAlone($field),
        };
    }

    private function addAlone(FormField $field): void
    {
        $this->fields[] = $this->widgets[] = $this->objects->add(
            $this->takes($field) + self::named($field->name, $field->said) + $this->widget($field->frame),
        );
    }

    /** @return array<string, mixed> */
    private function takes(FormField $field): array
    {
        $flags = $field->isNeeded ? self::NEEDED : 0;
        $typed = ['/DA' => sprintf('u:/Helv %.2F Tf 0 g', $field->size / $this->boxes->userUnit)];

        return match ($field->kind) {
            FieldKind::Tick => ['/FT' => '/Btn', '/Ff' => $flags, '/V' => self::state($field->isOn(0))]
                + $this->marks->ticked(FormField::ON, $field->isOn(0)),
            FieldKind::Mark => [
                '/FT' => '/Tx',
                '/Ff' => self::READ_ONLY,
                '/F' => self::HIDDEN,
                '/V' => "u:{$field->value}",
            ] + $typed,
            FieldKind::List => [
                '/FT' => '/Ch',
                '/Ff' => $flags | self::COMBO,
                '/Opt' => array_map(fn (array $option): string => "u:{$option[0]}", $field->options),
            ] + ($field->value === '' ? [] : ['/V' => "u:{$field->value}"]) + $typed,
            default => [
                '/FT' => '/Tx',
                '/Ff' => $flags |
                    ($field->kind === FieldKind::Lines ? self::SEVERAL_LINES : 0) |
                    ($field->isComb ? self::COMB : 0),
            ] + ($field->longest === null ? [] : ['/MaxLen' => $field->longest])
                + ($field->value === '' ? [] : ['/V' => "u:{$field->value}", '/DV' => "u:{$field->value}"])
                + $typed,
        };
    }

    /** Buttons of which one is on. */
    private function addOne(FormField $field): void
    {
        $group = $this->objects->reserve();
        $kids = [];
        $on = null;
        foreach ($field->options as $index => [$words, $frame]) {
            $kids[] = $this->objects->add(
                ['/Parent' => $group, '/TU' => "u:{$words}"] +
                    $this->widget($frame) +
                    $this->marks->ringed(FormField::state($index), $field->isOn($index)),
            );
            $on = $field->isOn($index) ? FormField::state($index) : $on;
        }
        $this->objects->put($group, [
            '/FT' => '/Btn',
            '/Ff' => self::RADIO | ($field->isNeeded ? self::NEEDED : 0),
            '/V' => self::state($on !== null, $on ?? FormField::ON),
            '/Kids' => $kids,
        ] + self::named($field->name, $field->said));
        $this->fields[] = $group;
        array_push($this->widgets, ...$kids);
    }

    /** A button for each, which know nothing of each other. */
    private function addSome(FormField $field): void
    {
        foreach ($field->options as $index => [$words, $frame]) {
            $this->fields[] = $this->widgets[] = $this->objects->add(
                ['/FT' => '/Btn', '/V' => self::state($field->isOn($index))] +
                    self::named($field->nameOf($index), "{$field->said}: {$words}") +
                    $this->widget($frame) +
                    $this->marks->ringed(FormField::ON, $field->isOn($index)),
            );
        }
    }

    private static function state(bool $isOn, string $on = FormField::ON): string
    {
        return $isOn ? "/{$on}" : '/Off';
    }

    /** @return array<string, string> */
    private static function named(string $name, string $said): array
    {
        return ['/T' => "u:{$name}", '/TU' => "u:{$said}"];
    }

    /** @return array<string, mixed> what every widget has; words on a page that is turned stand upright */
    private function widget(Frame $frame): array
    {
        return [
            '/Type' => '/Annot',
            '/Subtype' => '/Widget',
            '/Rect' => array_map(fn (float $side): float => round($side, 3), $this->boxes->rectangle($frame)),
            '/F' => self::PRINTED,
            '/P' => $this->page,
            '/MK' => ['/R' => $this->boxes->rotation->value],
        ];
    }
}
