<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\Teacher;
use App\School;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** Tells a teacher where they choose their password. */
final class PasswordLinkMail extends Mailable
{
    public function __construct(private Teacher $teacher, private string $address, private School $school)
    {
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: "{$this->school->name}: choose your password");
    }

    public function content(): Content
    {
        return new Content(text: 'mail.password-link', with: [
            'name' => $this->teacher->name,
            'address' => $this->address,
            'isNew' => $this->teacher->joined_at === null,
        ]);
    }
}
