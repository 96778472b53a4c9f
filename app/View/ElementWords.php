<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Answers\PassageAnswer;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\ElementKind;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\LabelText;
use OpenSlate\Elements\Link;
use OpenSlate\Elements\LinkTarget;
use OpenSlate\Elements\Organiser;
use OpenSlate\Elements\OrganiserShape;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\Picture;
use OpenSlate\Elements\Recording;
use OpenSlate\Elements\Shape;
use OpenSlate\Elements\Spot;
use OpenSlate\Elements\Table;
use OpenSlate\Paper\Length;

/** Says in words what lies on a page. */
final class ElementWords
{
    public static function of(?Element $element): string
    {
        return match (true) {
            $element instanceof AnswerBox && $element->prompt !== '' => $element->prompt,
            $element instanceof AnswerBox && $element->form instanceof PassageAnswer => $element->form->wrong === ''
                ? 'passage to correct'
                : $element->form->wrong,
            $element instanceof AnswerBox => $element->form->kind()->words(),
            $element instanceof Table => $element->prompt !== ''
                ? $element->prompt
                : 'table, '.count($element->rows).' by '.count($element->columns),
            $element instanceof Label => $element->text.
                match ($element->fills) {
                    LabelText::Own => '',
                    LabelText::Student => ' (student’s name)',
                    LabelText::Date => ' (date)',
                },
            $element instanceof Link => ($element->text !== '' ? $element->text : self::leadsTo($element->target)).
                ($element->on ? '' : ' (switched off)'),
            $element instanceof Clip => 'a piece of a printed page'.($element->kept ? ', an answer' : ''),
            $element instanceof Picture => $element->words === '' ? 'a picture' : $element->words,
            $element instanceof Recording => $element->named(),
            $element instanceof Shape => $element->form->value,
            $element instanceof Part => $element->named().($element->stock > 1 ? ' × '.$element->stock : ''),
            $element instanceof Spot => $element->named(),
            $element instanceof Organiser => $element->prompt !== ''
                ? $element->prompt
                : self::shape($element->shape).', '.$element->count().' boxes',
            default => 'covers what is printed',
        };
    }

    /** What it is, and what it asks, if it asks anything. */
    public static function asking(string $what, AnswerBox|Table|Organiser $element): string
    {
        return $element->prompt === '' ? $what : "{$what}: {$element->prompt}";
    }

    /**
     * A cell, for those who do not see its table.
     *
     * @param  string  $named  what the table is called
     */
    public static function cell(Table $table, int $row, int $column, string $named): string
    {
        $heading = $table->heading($row, $column);

        return $heading === '' ? sprintf('%s, row %d, column %d', $named, $row + 1, $column + 1) : $heading;
    }

    /**
     * A box, for those who do not see its organiser.
     *
     * @param  string  $named  what the organiser is called
     * @param  int|null  $parent  the box that it stands below, from 0
     */
    public static function box(Organiser $organiser, int $at, string $named, ?int $parent): string
    {
        $box = $organiser->box($at);
        $numbered = fn (int $one): string => 'box '.($one + 1);

        return ($box->name === '' ? "{$named}, {$numbered($at)}" : $box->name).
            ($parent === null ? '' : ', below '.($organiser->box($parent)->name ?: $numbered($parent))).
            ($box->prompt === '' ? '' : ": {$box->prompt}");
    }

    public static function proposed(Blank $blank): string
    {
        $what = match (true) {
            $blank->kind === BlankKind::Choice => 'Proposed choice',
            $blank->kind === BlankKind::Join => 'Proposed lines to draw',
            $blank->isSure() => 'Proposed answer box',
            default => 'Room for an answer',
        };

        return $blank->label === '' ? $what : "{$what}: {$blank->label}";
    }

    /** What becomes of a blank that is taken. */
    public static function taken(Blank $blank): string
    {
        return $blank->kind === BlankKind::Join ? 'lays ends on its dots and lines to draw' : 'lays a box on it';
    }

    public static function kind(ElementKind $kind): string
    {
        return match ($kind) {
            ElementKind::Box => 'Answer box',
            ElementKind::Table => 'Table',
            ElementKind::Patch => 'Patch',
            ElementKind::Label => 'Label',
            ElementKind::Link => 'Link',
            ElementKind::Clip => 'Clip',
            ElementKind::Picture => 'Picture',
            ElementKind::Recording => 'Recording',
            ElementKind::Shape => 'Shape',
            ElementKind::Part => 'Part',
            ElementKind::Spot => 'Spot',
            ElementKind::Organiser => 'Organiser',
        };
    }

    public static function shape(OrganiserShape $shape): string
    {
        return match ($shape) {
            OrganiserShape::Steps => 'steps',
            OrganiserShape::Cycle => 'cycle',
            OrganiserShape::Timeline => 'timeline',
            OrganiserShape::Hierarchy => 'hierarchy',
            OrganiserShape::Web => 'web',
            OrganiserShape::TwoSets => 'two sets that overlap',
            OrganiserShape::ThreeSets => 'three sets that overlap',
            OrganiserShape::Comparison => 'comparison',
            OrganiserShape::CauseEffect => 'causes and effect',
            OrganiserShape::StoryLine => 'story line',
            OrganiserShape::Grid => 'grid',
        };
    }

    /** Where it lies, as people measure: from the left and from the top of the page. */
    public static function place(Element $element): string
    {
        $millimetres = fn (float $points): int => (int) round(Length::toMillimetres($points));
        $frame = $element->frame();

        return sprintf(
            '%d × %d mm, %d mm from the left, %d mm from the top',
            $millimetres($frame->width),
            $millimetres($frame->height),
            $millimetres($frame->x),
            $millimetres($frame->y),
        );
    }

    private static function leadsTo(LinkTarget $target): string
    {
        return $target->worksheetId() === null ? $target->address : 'another worksheet';
    }
}
