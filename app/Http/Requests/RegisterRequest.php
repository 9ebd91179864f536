<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Password;

final class RegisterRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'string', 'email', 'max:255', 'unique:users'],
            'password' => ['required', 'string', 'max:200', Password::min(8), function (string $attribute, mixed $value, Closure $fail): void {
                if (is_string($value) && in_array(mb_strtolower($value), require config('kindred.compiled').'/passwords.php', true)) {
                    $fail('That password is one of the most common ones; choose another.');
                }
            }],
        ];
    }

    /** Addresses are the same in whatever case they are written. */
    protected function prepareForValidation(): void
    {
        if (is_string($this->input('email'))) {
            $this->merge(['email' => mb_strtolower(trim($this->input('email')))]);
        }
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['email.unique' => 'There is an account with this e-mail already; sign in with it.'];
    }
}
