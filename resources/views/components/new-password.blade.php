@use('App\Models\Teacher')
<x-field name="password" label="Choose a password" type="password" autocomplete="new-password" required
    hint="At least {{ Teacher::SHORTEST_PASSWORD }} letters; a few words in a row are good." />
<x-field name="password_confirmation" label="The password once more" type="password" autocomplete="new-password"
    required />
