<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ApplyEdit;
use App\Models\Kit;
use App\Models\WorksheetPage;
use App\ShippedKits;
use App\View\BenchPage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Parts\LayKit;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\Spot;
use OpenSlate\Format\PageCodec;
use OpenSlate\Page\Page;

/** Kits of parts: laid on a page, kept from a page, thrown away. */
final class KitController
{
    private const MOST = 100;

    public function lay(Request $request, WorksheetPage $page, ApplyEdit $apply): JsonResponse
    {
        $request->validate(
            ['base' => ['required', 'integer'], 'kit' => ['required', 'string', 'max:60']],
            ['*' => 'Choose a kit first.'],
        );
        $kit = $this->kit($request->string('kit')->value());
        $new = [];
        $revision = $apply(
            $page,
            $request->integer('base'),
            new LayKit($kit, function () use (&$new): string {
                return $new[] = Str::lower(Str::random(10));
            }),
        );
        $shown = BenchPage::at($page, $revision);

        return response()->json($shown->drawn() + ['new' => array_values(array_intersect($new, $shown->ids()))]);
    }

    /** All parts and spots of the page, or those that are selected, with the tray. */
    public function store(Request $request, WorksheetPage $page): JsonResponse
    {
        $request->validate(
            ['name' => ['required', 'string', 'max:80'], 'ids' => ['array'], 'ids.*' => ['string', 'max:24']],
            ['name.required' => 'Give the kit a name.', '*' => 'Choose what the kit is made of.'],
        );
        $ids = $request->array('ids');
        $content = $page->current->page();
        $elements = array_values(
            array_filter(
                $content->elements(),
                fn (Element $element): bool => $ids === []
                    ? $element instanceof Part || $element instanceof Spot
                    : in_array($element->id(), $ids, true),
            ),
        );
        if (
            array_filter(
                $elements,
                fn (Element $element): bool => $element instanceof Part || $element instanceof Spot,
            ) === []
        ) {
            throw EditRefused::invalid('a kit needs at least one part or spot');
        }
        $teacher = $page->worksheet->teacher_id;
        if (Kit::where('teacher_id', $teacher)->count() >= self::MOST) {
            throw EditRefused::invalid('you have '.self::MOST.' kits already; throw one away first');
        }
        $kit = Kit::create([
            'teacher_id' => $teacher,
            'name' => $request->string('name')->trim()->value(),
            'content' => PageCodec::encode(
                new Page($content->size, $content->paper, null, $elements, null, $content->tray),
            ),
        ]);

        return response()->json(['kit' => $kit->id, 'name' => $kit->name]);
    }

    public function destroy(Kit $kit): JsonResponse
    {
        $kit->delete();

        return response()->json(['said' => "“{$kit->name}” is thrown away. What was laid from it stays."]);
    }

    private function kit(string $name): Page
    {
        if (! ctype_digit($name)) {
            return ShippedKits::find($name) ?? throw EditRefused::invalid('there is no such kit');
        }
        $kit = Kit::find((int) $name);

        return $kit !== null && Gate::allows('lay', $kit)
            ? $kit->page()
            : throw EditRefused::invalid('that kit is no longer there');
    }
}
