<?php

declare(strict_types=1);

namespace OpenSlate\Arrange;

use OpenSlate\Packs\Role;
use OpenSlate\Questions\Question;
use OpenSlate\Withers;

/** A page as it stands in its worksheet: what it is for, which section it belongs to, which pages it answers. */
final readonly class ArrangedPage
{
    use Withers;

    /**
     * @param  int  $id  names the page for as long as there is one
     * @param  int  $revision  what was on the page when it was last put, turned or given other paper here
     * @param  string  $reason  why it has its role, in words
     * @param  list<int>  $answers  ids of the pages to which this one, a key, has the answers
     * @param  float  $confidence  how sure its role is, 0 to 1
     * @param  list<Question>|null  $questions  those of its print, where somebody has mended them
     */
    public function __construct(
        public int $id,
        public int $revision,
        public Role $role = Role::Unknown,
        public string $reason = '',
        public ?string $section = null,
        public array $answers = [],
        public float $confidence = 1.0,
        public ?array $questions = null,
    ) {
    }

    /** As somebody says that it is: nothing is surer. */
    public function as(Role $role, string $reason, ?string $section): self
    {
        return $this->with(role: $role, reason: $reason, section: $section, confidence: 1.0);
    }

    public function in(?string $section): self
    {
        return $this->with(section: $section);
    }

    public function at(int $revision): self
    {
        return $this->with(revision: $revision);
    }

    /** @param  list<Question>|null  $questions  null for those that were found */
    public function asking(?array $questions): self
    {
        return $this->with(questions: $questions);
    }

    /** @param  list<int>  $pages */
    public function answering(array $pages): self
    {
        return $this->with(answers: $pages);
    }
}
