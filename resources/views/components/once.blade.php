<input type="hidden" name="once" value="{{ Illuminate\Support\Str::uuid() }}">
