<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User;

/**
 * A teacher, tutor, adviser or counsellor: somebody who meets people, and signs in.
 *
 * @property int $id
 * @property int $school_id
 * @property string $name
 * @property string $subject
 * @property string $email
 * @property string $password
 * @property School $school
 */
final class StaffMember extends User
{
    protected $table = 'staff';

    protected $guarded = [];

    protected $hidden = ['password', 'remember_token'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed'];
    }

    /** @return BelongsTo<School, $this> */
    public function school(): BelongsTo
    {
        return $this->belongsTo(School::class);
    }

    /** @return HasMany<Sheet, $this> */
    public function sheets(): HasMany
    {
        return $this->hasMany(Sheet::class, 'staff_id');
    }
}
