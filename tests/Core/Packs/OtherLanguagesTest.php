<?php

declare(strict_types=1);

namespace Tests\Core\Packs;

use OpenSlate\Geometry\Frame;
use OpenSlate\Packs\PackReading;
use OpenSlate\Packs\RoleSigns;
use OpenSlate\Paper\Size;
use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Sheets in the languages that are taught; the sentences are invented, what they ask is common practice, no source. */
final class OtherLanguagesTest extends TestCase
{
    #[DataProvider('tasks')]
    public function test_what_a_line_asks_to_be_done_is_known_as_a_task(string $line): void
    {
        $this->assertSame(1, RoleSigns::tasks($line));
        $this->assertSame(1, RoleSigns::tasks("3. {$line}"));
        $this->assertSame(1, RoleSigns::tasks(mb_strtoupper(mb_substr($line, 0, 1)).mb_substr($line, 1)));
    }

    /** @return iterable<string, array{string}> */
    public static function tasks(): iterable
    {
        foreach (
            [
                'Relie chaque mot à sa définition.', 'Complétez les phrases.', 'Compléter le tableau.',
                'Lis le texte, puis parle.', 'Répondez en une phrase.', 'Écris un court message.',
                'Coche la bonne case.', 'Décrire le port.', 'Entoure les verbes.', 'Mets les mots au pluriel.',
                'Une cada dibujo con su nombre.', 'Completa las frases.', 'Rodead la palabra correcta.',
                'Lee el texto.', 'Contesta en tu cuaderno.', 'Escribe tres frases.', 'Pon las frases en orden.',
                'Traduce al inglés.', 'Dibujen el puerto.',
                'Fülle die Lücken aus.', 'Kreuze an.', 'Schreibt einen Brief.', 'Schreiben Sie einen Brief.',
                'Lies den Text.', 'Verbinde die Bilder.', 'Male die Boote an.', 'Finde sechs Wörter.',
                'Setze die Verben ins Perfekt.', 'Gib die Zeit an.',
                'Collega le parole.', 'Scrivi il plurale.', 'Rispondete alle domande.', 'Sottolinea i verbi.',
                'Escreva uma frase.', 'Pinte o barco.', 'Sublinha os verbos.',
                'Vul het juiste woord in.', 'Omcirkel het goede antwoord.', 'Lees de tekst.',
                'Ysgrifennwch am y traeth.', 'Llenwch y bylchau.', 'Darllenwch y stori.', 'Lliwia’r cwch.',
            ] as $line
        ) {
            yield $line => [$line];
        }
    }

    #[DataProvider('noTasks')]
    public function test_what_is_told_is_no_task(string $line): void
    {
        $this->assertSame(0, RoleSigns::tasks($line));
    }

    /** @return iterable<string, array{string}> */
    public static function noTasks(): iterable
    {
        foreach (
            [
                'Une baleine passe au large.', 'Classe : CM1', 'Place du Marché', 'Male and female crabs',
                'Miss Penrose',
                'Lies are told in the harbour', 'USA and Canada', 'Plane tickets', 'Nombre de bateaux', 'Form 3',
                'Range: 5 to 9', 'Le pêcheur répare ses filets.', 'Los barcos vuelven al puerto.',
                'Die Boote kommen zurück.', 'Il mare è blu.', 'Noder', 'Rhodes', 'Continued',
            ] as $line
        ) {
            yield $line => [$line];
        }
    }

    /** @param  list<string>  $pages  each a title, and lines */
    #[DataProvider('packs')]
    public function test_the_pages_of_a_pack_are_told_apart(array $pages): void
    {
        $texts = [];
        foreach (array_values($pages) as $at => $page) {
            $lines = explode("\n", $page);
            $texts[] = new PageText(
                $at + 1,
                Size::of(595, 842),
                array_map(
                    fn (string $line, int $row): TextLine => $this->line($line, 80 + 40 * $row, $row === 0 ? 20 : 12),
                    $lines,
                    array_keys($lines),
                ),
                0.05,
            );
        }
        $this->assertSame(
            ['guide', 'student', 'student', 'key', 'terms'],
            array_map(fn ($verdict): string => $verdict->role->value, array_values(PackReading::of($texts)->verdicts)),
        );
    }

    /** @return iterable<string, array{list<string>}> */
    public static function packs(): iterable
    {
        yield 'French' => [[
            "Fiche pédagogique\nLes élèves travaillent à deux. Durée : une séance.",
            "Fiche 1 : Le port\nPrénom : ________\nRelie les mots.\nla grue\nle phare",
            "Fiche 2 : La mer\nDécris une tempête. Utilise cinq mots.\nle vent",
            "Corrigé de la fiche 1\nla grue soulève les charges\nle phare guide les bateaux",
            "Conditions d’utilisation\nTous droits réservés. Il est interdit de revendre ce dossier.",
        ]];
        yield 'Spanish' => [[
            "Orientaciones para el profesorado\nLos alumnos trabajan en parejas. Duración: una sesión.",
            "Hoja 1: El puerto\nNombre: ________\nUne las palabras con flechas.\nla grúa\nel faro",
            "Hoja 2: El mar\nDescribe una tormenta. Utiliza cinco palabras.\nel viento",
            "Soluciones\nla grúa levanta las cargas\nel faro guía los barcos",
            "Condiciones de uso\nTodos los derechos reservados. Prohibida la venta.",
        ]];
        yield 'German' => [[
            "Didaktische Hinweise\nDie Schülerinnen und Schüler arbeiten zu zweit. Dauer: eine Stunde.",
            "Arbeitsblatt 1: Der Hafen\nName: ________\nVerbinde die Wörter.\nder Kran\nder Leuchtturm",
            "Arbeitsblatt 2: Das Meer\nBeschreibe einen Sturm. Verwende fünf Wörter.\nder Wind",
            "Lösungen: Der Hafen\nder Kran hebt die Lasten\nder Leuchtturm leitet die Schiffe",
            "Nutzungsbedingungen\nAlle Rechte vorbehalten. Weitergabe nicht gestattet.",
        ]];
        yield 'Italian' => [[
            "Guida didattica\nGli alunni lavorano in coppia. Durata: una lezione.",
            "Scheda 1: Il porto\nNome: ________\nCollega le parole.\nla gru\nil faro",
            "Scheda 2: Il mare\nDescrivi una tempesta. Scrivi cinque frasi.\nil vento",
            "Soluzioni\nla gru solleva i carichi\nil faro guida le barche",
            "Condizioni d’uso\nTutti i diritti riservati. Vietata la vendita.",
        ]];
        yield 'Dutch' => [[
            "Voor de leerkracht\nDe leerlingen werken samen. Kopieer de bladen.",
            "Werkblad 1: De haven\nNaam: ________\nVerbind de woorden.\nde kraan\nde vuurtoren",
            "Werkblad 2: De zee\nBeschrijf een storm. Kies vijf woorden.\nde wind",
            "Antwoorden\nde kraan tilt de lading\nde vuurtoren wijst de weg",
            "Gebruiksvoorwaarden\nAlle rechten voorbehouden. Niet toegestaan: doorverkopen.",
        ]];
        yield 'Welsh' => [[
            "Nodiadau i athrawon\nMae’r disgyblion yn gweithio mewn parau. Adnoddau: siswrn.",
            "Taflen 1: Yr harbwr\nEnw: ________\nCysylltwch y geiriau.\ny craen\ny goleudy",
            "Taflen 2: Y môr\nDisgrifiwch storm. Defnyddiwch bum gair.\ny gwynt",
            "Atebion\nmae’r craen yn codi\nmae’r goleudy yn tywys",
            "Telerau defnyddio\nCedwir pob hawl. Ni chaniateir gwerthu.",
        ]];
    }

    public function test_a_student_s_own_answers_are_no_key(): void
    {
        $is = fn (string $line): bool => RoleSigns::isKeyHeading($line);

        foreach (['Réponses', 'Corrigé : le port', 'Lösungen zu Blatt 2', 'Soluciones 1', 'Atebion'] as $line) {
            $this->assertTrue($is($line), $line);
        }
        foreach (['Écris tes réponses', 'Escribe las respuestas', 'Deine Antworten', 'Corrige les réponses'] as $line) {
            $this->assertFalse($is($line), $line);
        }
    }

    private function line(string $text, int $y, int $height): TextLine
    {
        $words = [];
        $x = 60;
        foreach (explode(' ', $text) as $word) {
            $words[] = new Word($word, Frame::of($x, $y, 6 * mb_strlen($word), $height));
            $x += 6 * mb_strlen($word) + 6;
        }

        return new TextLine($text, Frame::of(60, $y, $x - 66, $height), $words);
    }
}
