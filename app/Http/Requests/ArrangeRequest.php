<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\AlikeOffer;
use App\Actions\OfferAlike;
use App\Models\Worksheet;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenSlate\Arrange\Arrangement;
use OpenSlate\Packs\Role;

/** Reads a change to the order, the roles or the sections of pages. Pages are named by their ids. */
final class ArrangeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'base' => ['required', 'integer'],
            'kind' => [
                'required',
                Rule::in(['move', 'remove', 'role', 'section', 'sections', 'join', 'boundary', 'tie']),
            ],
            'pages' => ['required_if:kind,move,remove,role,tie', 'array', 'max:600'],
            'pages.*' => ['integer'],
            'keys' => ['required_if:kind,tie', 'array', 'max:600'],
            'keys.*' => ['integer'],
            'before' => ['nullable', 'integer'],
            'role' => ['required_if:kind,role', Rule::enum(Role::class)],
            'page' => ['required_if:kind,section,join', 'integer'],
            'name' => ['required_if:kind,section', 'nullable', 'string', 'max:60'],
            'starts' => ['required_if:kind,sections', 'array', 'max:600'],
            'starts.*.page' => ['required', 'integer'],
            'starts.*.name' => ['required', 'string', 'max:60'],
            'from' => ['required_if:kind,boundary', 'integer'],
            'to' => ['required_if:kind,boundary', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'pages.*' => 'Tick the pages first.',
            'keys.*' => 'Tick the key pages, and the pages that they answer.',
            'page.*' => 'Tick the page where the section starts.',
            'name.required_if' => 'Type a name for the section.',
            'name.*' => 'That name is too long: at most 60 letters.',
        ];
    }

    /** @return Closure(Arrangement): Arrangement */
    public function change(): Closure
    {
        $page = $this->integer('page');

        return match ((string) $this->string('kind')) {
            'move' => fn (Arrangement $is): Arrangement => $is->moved(
                $this->ids('pages'),
                $this->filled('before') ? $this->integer('before') : null,
            ),
            'remove' => fn (Arrangement $is): Arrangement => $is->without($this->ids('pages')),
            'role' => fn (Arrangement $is): Arrangement => $is->roles(
                $this->ids('pages'),
                Role::from((string) $this->string('role')),
            ),
            'section' => fn (Arrangement $is): Arrangement => $is->sectionStarted(
                $page,
                trim((string) $this->string('name')),
            ),
            'sections' => fn (Arrangement $is): Arrangement => $is->sectionsStarted(
                array_map(trim(...), array_column((array) $this->input('starts'), 'name', 'page')),
            ),
            'join' => fn (Arrangement $is): Arrangement => $is->sectionJoined($page),
            'boundary' => fn (Arrangement $is): Arrangement => $is->boundaryMoved(
                $this->integer('from'),
                $this->integer('to'),
            ),
            default => fn (Arrangement $is): Arrangement => $is->tied($this->ids('keys'), $this->ids('pages')),
        };
    }

    /** What it says of pages that may be true of others. */
    public function alike(Worksheet $worksheet, OfferAlike $offer): ?AlikeOffer
    {
        return match ((string) $this->string('kind')) {
            'role' => $offer->ofRole($worksheet, $this->ids('pages'), Role::from((string) $this->string('role'))),
            'section' => $offer->ofSection(
                $worksheet,
                $this->integer('page'),
                trim((string) $this->string('name')),
            ),
            default => null,
        };
    }

    /** @return list<int> */
    private function ids(string $name): array
    {
        return array_values(array_map(intval(...), (array) $this->input($name)));
    }
}
