<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * The school says itself what it is called; its teachers are invited, leave and come back, and keep classes together;
 * its students leave a class and come back to it.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('schools', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('timezone');
            $table->string('language');
            $table->timestamps();
        });
        Schema::table('teachers', function (Blueprint $table): void {
            $table->boolean('office')->default(false);
            $table->timestamp('joined_at')->nullable();
            $table->timestamp('left_at')->nullable();
            $table->text('second_secret')->nullable();
            $table->unsignedBigInteger('second_step')->default(0);
            $table->text('second_spares')->default('[]');
        });
        Schema::create('password_links', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('teacher_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('token_hash', 64)->unique();
            $table->timestamp('ends_at');
            $table->timestamps();
        });
        Schema::create('class_teachers', function (Blueprint $table): void {
            $table->foreignId('school_class_id')->constrained()->cascadeOnDelete();
            $table->foreignId('teacher_id')->constrained()->cascadeOnDelete();
            $table->primary(['school_class_id', 'teacher_id']);
            $table->index('teacher_id');
        });
        $this->carryOver();
        Schema::table('school_classes', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('teacher_id');
        });
        Schema::table('school_classes', function (Blueprint $table): void {
            $table->timestamp('put_away_at')->nullable();
            $table->string('door')->default('digits');
            $table->unsignedTinyInteger('pin_length')->default(4);
        });
        // A PIN that was hashed counts until there is a new one; see App\Models\Student.
        Schema::table('students', fn (Blueprint $table) => $table->text('pin')->change());
        Schema::table('enrolments', function (Blueprint $table): void {
            $table->timestamp('left_at')->nullable();
        });
    }

    /** Who was here before there was an office is of the office, until somebody says otherwise. */
    private function carryOver(): void
    {
        foreach (DB::table('school_classes')->get(['id', 'teacher_id']) as $class) {
            DB::table('class_teachers')->insert([
                'school_class_id' => $class->id,
                'teacher_id' => $class->teacher_id,
            ]);
        }
        if (DB::table('teachers')->doesntExist()) {
            return;
        }
        DB::table('teachers')->update(['office' => true, 'joined_at' => now()]);
        DB::table('schools')->insert([
            'name' => (string) config('slate.school.name'),
            'timezone' => (string) config('slate.school.timezone'),
            'language' => 'en',
            'created_at' => now(),
            'updated_at' => now(),
        ]);
    }
};
