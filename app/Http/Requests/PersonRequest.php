<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Doors\SignedInSession;
use App\Format\Words;
use App\Models\Account;
use App\People\Here;
use App\People\Role;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\Rule;

/** Somebody of the kitchen; or one's own new password. */
final class PersonRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        if ($this->routeIs('password')) {
            return [
                'old_password' => [
                    function (string $field, mixed $value, Closure $fail): void {
                        $hash = SignedInSession::account($this)->password ?? '';
                        if (!Hash::check(is_string($value) ? $value : '', $hash)) {
                            $fail(Words::text('doors.wrong_old'));
                        }
                    },
                ],
                'new_password' => [FirstRunRequest::strong()],
            ];
        }
        $login = $this->text('login');

        return [
            'name' => [
                'required',
                'string',
                'max:60',
                Rule::unique('members', 'name')
                    ->where('galley_id', app(Here::class)->galleyId())
                    ->whereNull('binned_at')
                    ->ignore($this->whole('id')),
            ],
            'role' => ['required', Rule::enum(Role::class)],
            'login' => ['nullable', 'string', 'min:3', 'max:60', 'regex:/\A\S+\z/u', function (string $f, mixed $v, Closure $fail): void {
                if (Account::query()->where('login', mb_strtolower($this->text('login')))->exists()) {
                    $fail(Words::text('doors.login_taken'));
                }
            }],
            'password' => $login === '' && $this->text('password') === '' ? [] : [FirstRunRequest::strong($login, $this->text('name'))],
            'pin' => ['nullable', 'regex:/\A\d{4,8}\z/'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return array_map(static fn(string $key): string => Words::text('doors.' . $key), [
            'pin.regex' => 'pin_digits',
            'login.regex' => 'login_spaces',
            'name.unique' => 'name_taken',
        ]);
    }

    public function role(): Role
    {
        return Role::from($this->text('role'));
    }

    public function whole(string $field): ?int
    {
        return ctype_digit($this->text($field)) ? (int) $this->text($field) : null;
    }

    public function text(string $field): string
    {
        $value = $this->input($field);
        $text = is_scalar($value) ? (string) $value : '';

        return str_contains($field, 'password') ? $text : trim($text);
    }

    protected function getRedirectUrl(): string
    {
        $this->session()->flash('person', $this->text('id'));

        return route('people') . '#person-' . $this->text('id');
    }
}
