<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Worksheet;
use App\Models\WorksheetPage;
use App\Models\WorksheetState;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use OpenSlate\Cutting\CutBy;
use OpenSlate\Cutting\CutPlan;
use OpenSlate\Cutting\PlannedSet;
use OpenSlate\Packs\PackPage;

/** Reads how many sets are to be cut at once, for the preview and for the cut. */
final class CutManyRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'by' => ['required', Rule::enum(CutBy::class)],
            'every' => ['required_if:by,every', 'nullable', 'integer', 'between:1,300'],
            'pattern' => ['nullable', 'string', 'max:120'],
            'unknown' => ['boolean'],
            'again' => ['boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'every.*' => 'Type how many pages each set gets, from 1 to 300.',
            'pattern.*' => 'That pattern is too long: at most 120 letters.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                if ($this->worksheet()->state !== WorksheetState::Ready) {
                    $validator
                        ->errors()
                        ->add('by', 'The pages are still being prepared. Cut the sets when they are all here.');
                }
            },
        ];
    }

    /** @return list<PlannedSet> */
    public function plan(): array
    {
        return $this->planned($this->boolean('again') ? [] : $this->worksheet()->cutAlready());
    }

    /** How many sets are left out, since they are cut already. */
    public function leftOut(): int
    {
        return count($this->planned([])) - count($this->plan());
    }

    /**
     * @param  list<list<int>>  $cut  pages of sets that are not to be cut again
     * @return list<PlannedSet>
     */
    private function planned(array $cut): array
    {
        $by = CutBy::from((string) $this->string('by'));
        $pages = $this->worksheet()->loadMissing('pages.backdrop')->pages->map(
            fn (WorksheetPage $page): PackPage => $page->packPage(),
        );

        return CutPlan::of(
            array_values($pages->all()),
            $by,
            max(1, $this->integer('every', 1)),
            $this->worksheet()->name,
            (string) $this->string('pattern', $by->pattern()),
            $this->boolean('unknown'),
            array_values($this->worksheet()->sets()->pluck('name')->all()),
            $cut,
        );
    }

    private function worksheet(): Worksheet
    {
        /** @var Worksheet */
        return $this->route('worksheet');
    }
}
