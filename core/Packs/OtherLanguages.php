<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

/**
 * The words by which pages give themselves away in languages that are taught, or taught in, besides English: French,
 * Spanish, German, Italian, Portuguese, Dutch and Welsh. From memory. Parts of patterns without delimiters, to be
 * matched whatever their capitals; what is also a word of another language stands only with what follows it there.
 */
final class OtherLanguages
{
    public const CONTENTS =
        'sommaire|table des matières|índice|tabla de contenidos|contenidos?|inhalt(sverzeichnis)?|indice|sumário|'.
        'inhoud(sopgave)?|cynnwys';

    public const KEY =
        'clave de respuestas|respuestas|soluciones|solucionario|(muster)?lösung(en|sblatt|sbogen|svorschlag)?|'.
        'erwartungshorizont|antworten|(auto)?corrigés?|réponses|soluzioni|risposte|antwoorden|uitwerkingen|respostas|'.
        'soluções|gabarito|atebion|odpowiedzi|facit';

    /** Whose answers they are, before the word for them: a student's. */
    public const OWN =
        '(deine?|meine?|eure|ihre|mis?|tus?|sus?|mes|tes|vos|mijn|jouw|je|eich|dy) \p{L}+';

    public const GUIDE_HEADING =
        '(para|por) (el|la|los|las) (maestr|profesor|docente)\w*|'.
        '(notas?|guía|orientaciones) (para|de|del) (el )?(maestro|profesor(ado)?|docente)|'.
        '(für|an) (die )?lehr(er|kr)\w*|lehrer(hinweise|seite|information\w*|heft)|'.
        '(pour|à|aux|de) l?[’\']?enseignante?s?|fiche (de l[’\'])?enseignante?|'.
        'fiche (de préparation|pédagogique)|(notes|guide) pédagogiques?|'.
        '(per|note per) (il|la|gli|l[’\'])\s?(docent|insegnant)\w*|'.
        'voor de (leraar|leerkracht|docent)\w*|para o professor|nodiadau (i )?athrawon|'.
        'didaktische (hinweise|kommentare?)|unterrichts(verlauf|entwurf)|déroulement (de la séance|du cours)|'.
        'guía didáctica|guida didattica|programación';

    /** Each tells of a class, or of teaching it. */
    public const GUIDE = [
        'enseignante?s?|professeure?s?|profesor(es|as?)?|profesorado|maestr[oa]s?|docent[ei]s?|'.
            'lehr(er|erin|kraft|kräfte|person)\w*|insegnant[ei]|leerkracht(en)?|athrawon',
        'élèves|apprenants|alumn(os|as|ado)|estudiantes|schüler(innen)?|sus|lernenden?|alunn[ie]|leerlingen|'.
            'disgyblion|alunos',
        'objectifs?|compétences?|objetivos?|lernziele?|kompetenzen|obiettiv[io]|competenze|lesdoel(en)?|'.
            'amcan(ion)?|nodau dysgu',
        'matériel|materiales|materialien|materiali|materiais|adnoddau',
        'durée|déroulement|séances?|duración|sesi(ón|ones)|temporalización|dauer|zeitbedarf|'.
            'unterrichts?(stunden?|einheit|verlauf|reihe)|durata|svolgimento|duração',
        'imprim(ez|er|ir)|photocopi\w+|plastifi\w+|fotocopi\w+|kopier(en|vorlage\w*)|laminier\w+|kopieer\w*',
        'différenci\w+|diferenciación|differenzier\w+|differenziazione|differentiatie',
        'évaluation|evaluación|bewertung\w*|leistungs\p{L}+|valutazione|beoordeling|asesu|avaliação',
        'programmes (officiels|scolaires)|currículo|lehrplan\w*|bildungsplan\w*|curricolo|leerplan|cwricwlwm',
    ];

    /** Who is told of and not spoken to. */
    public const TOLD_OF =
        'les élèves|les enfants|los alumnos|las alumnas|el alumnado|los estudiantes|die (schüler|kinder|lernenden)|'.
        'die schülerinnen|gli alunni|gli studenti|os alunos|de leerlingen|(y|’r|i’r) disgyblion';

    public const TERMS_HEADING =
        'conditions d[’\']utilisation|mentions légales|droits d[’\']auteur|licence d[’\']utilisation|'.
        '(condiciones|términos) de uso|aviso legal|derechos de autor|licencia( de uso)?|'.
        'nutzungs(bedingungen|rechte|hinweise?)|lizenz(hinweise?|bedingungen)?|impressum|urheberrecht|'.
        '(condizioni|termini) d[’\'i]\s?uso|licenza( d[’\']uso)?|gebruiksvoorwaarden|licentie|termos de uso|'.
        'telerau defnyddio|hawlfraint';

    /** Each speaks of rights. */
    public const TERMS = [
        'droits (sont )?réservés|derechos (están )?reservados|reservados todos los derechos|'.
            'rechte( sind|,)? vorbehalten|diritti (sono )?riservati|rechten voorbehouden|direitos reservados|'.
            'cedwir pob hawl',
        'interdite?s?|prohibid[oa]s?|prohíbe|verboten|untersagt|nicht (gestattet|erlaubt|zulässig)|vietat[oaie]|'.
            'verboden|niet toegestaan|proibid[oa]s?|ni chaniateir',
        'usage (personnel|privé|en classe|scolaire)|uso (personal|privado|en (el )?aula|de aula|scolastico|'.
            'personale|pessoal)|eigenen unterricht|(persönlichen|privaten) gebrauch|(eigen|persoonlijk) gebruik',
        'revendre|revente|reproduction (interdite|même partielle|est)|reproduire|reproducción|reproducir|'.
            'redistribuir|la venta|weitergabe|weitergegeben|vervielfältig\w+|verkauft?|vendita|riproduzione|'.
            'rivendere|doorverkop\w+|revender',
        '(partag|publi|mettre|mis)\w* en ligne|sur internet|(compartir|publicar) (en|por) (línea|internet)|'.
            'im internet|ins internet|in rete|online (zu )?(stellen|delen)',
    ];

    public const NAME =
        'prénom|vorname|apellidos?|cognome|nachname|achternaam';

    public const TASKS =
        // French: tu, vous and the infinitive
        '(?:relie|entoure|souligne|coche|colorie|dessine|recopie|compl[éè]te|observe|conjugue|transforme|découpe|'.
        'numérote|raconte|justifie|associe|remplace|encadre|calcule|invente|corrige|rep[éè]re|cherche|trouve|explique|'.
        'indique|utilise|prépare|présente|écoute|rép[éè]te|nomme|cite|termine|reconstitue|accorde|repasse|analyse|'.
        'résume|rédige|rel[èe]ve|classe(?= les| ces)|range(?= les| ces)|place(?= les| ces| chaque)|barre(?= le|s? )|'.
        'colle(?= les| la| l’)|regarde|compte(?= les| combien)|donne(?= un| le| la| les)|copie)[rz]?|'.
        '(?:ré|d)?écri(?:s|vez|re)|décri(?:s|vez|re)|répond(?:s|ez|re)|choisi(?:s|ssez|r)|rempli(?:s|ssez|r)|'.
        'tradui(?:s|sez|re)|résou(?:s|dre)|résolvez|'.
        'li(?:s|sez|re)(?= (?:le|la|les|l[’\']|ce|ces|cette|bien|attentivement|à|puis)\b)|'.
        '(?:fai(?:s|tes|re)|met(?:s|tez|tre)|remet(?:s|tez|tre))(?= (?:le|la|les|l[’\']|un|une|des|en|au|dans)\b)|'.
        // Spanish
        '(?:complet|contest|rode|subray|dibuj|busc|clasific|orden|tach|conjug|transform|explic|recort|coloc|'.
        'observ|numer|justific|relacion|asoci|rellen|nombr(?!e)|utiliz|prepar|mir|escuch|señal|colore|marc|peg|copi|'.
        'anot|enlaz|analiz|calcul|compar|imagin|invent)(?:a|ad|ar|e|en)|'.
        '(?:re)?escrib(?:e|id|ir|a|an)|describ(?:e|id|ir|a|an)|respond(?:e|ed|er|a|an)|lee(?:d|r)?(?= \p{L})|'.
        'encuentr(?:a|e|en)|elig(?:e|id|ir)|escog(?:e|ed|er)|traduc(?:e|id|ir)|corrig(?:e|en)|corregir|'.
        'resuelv(?:e|a|an)|resolver|mide|repite|piensa|'.
        '(?:une|usa|pon|haz|cuenta|di|suma|forma)(?= (?:el|los?|las?|un|una|unos|unas|con|cada|estos?|estas?|si|'.
        'qué|cuánt\p{L}+|frases)\b)|'.
        // German: du, ihr and Sie
        '(?:beschrift|füll|ergänz|schreib|beantwort|kreuz|verbind|zeichn|unterstreich|markier|ordn|such|erklär|'.
        'beschreib|berechn|rechn|kleb|übersetz|vergleich|begründ|nenn|notier|wähl|kreis|umkreis|sortier|nummerier|'.
        'konjugier|korrigier|verbesser|lös|zähl|benutz|verwend|erzähl|setz|bild|trag|schneid|streich|diskutier|'.
        'untersuch|beurteil|erläuter|überprüf|vervollständig|recherchier|entscheid|überleg|gestalt|betrachte|'.
        'beobacht|mal(?=\p{L}* (?:die|das|den|ein|eine|dein|alle|an|aus)\b)|'.
        'plan(?=\p{L}+ (?:die|das|den|ein|eine|einen)\b)|stell(?=\p{L}+ (?:die|das|den|ein|dir|dar|eine)\b)|'.
        'find)(?:e|et|en|t)|'.
        '(?:schreib|lies|gib|miss|sieh|schau|sprich|lest|fass|form)(?= (?:die|das|den|dem|der|dir|dann|im|in|ein|eine|'.
        'einen|auf|an|noch|mit|zu|um|zusammen|deine|genau)\b)|'.
        // Italian
        '(?:complet|colleg|color|disegn|cerchi|sottoline|segn|trov|ordin|spieg|calcol|misur|ritagli|incoll|osserv|'.
        'coniug|abbin|confront|raccont|ascolt|trasform|elenc)(?:a|ate|are)|'.
        '(?:scriv|riscriv|descriv|rispond|legg|scegl|traduc|corregg|risolv|inserisc|unisc|ripet)(?:i|ete|ite|ere|ire)|'.
        // Portuguese
        '(?:pint|desenh|sublinh|encontr|recort|assinal|relacion|circul)(?:a|e|em|ar)|lig(?:a|ue)(?= \p{L})|'.
        '(?:escrev|descrev|preench|resolv|escolh)(?:a|e|am|er)|(?:leia|lê)(?= (?:os?|as?|com|este|esta)\b)|'.
        // Dutch
        '(?:be|om)?schrijf|vul|omcirkel|onderstreep|kleur|teken(?= \p{L})|verbind|zoek|bereken|beantwoord|kies|knip|'.
        'plak|kruis|noem|vertaal|verbeter|streep|lees(?= (?:de|het|dit|deze)\b)|'.
        '(?:maak|zet|leg)(?= (?:de|het|een|uit)\b)|'.
        // Welsh
        'llenw(?:a|ch)|(?:ysgrifenn|lliwi|tynn|cysyllt|disgrifi|defnyddi|cwblh|gorffenn|tanlinell|eglur|darllen|'.
        'edrych|ateb|dewis|cyfrif|torr|rho|nod|cylch|trafod|lluni|mesur|labeli?)(?:a|e?wch)';

    /** One of some printed words is marked where it stands. */
    public const RINGED =
        'entoure[rz]?|souligne[rz]?|barre[rz]?|(?:rode|subray|tach)(?:a|ad|ar|e|en)|'.
        '(?:umkreis|kreis|unterstreich|streich)(?:e|t|en)|(?:cerchi|sottoline|cancell)(?:a|ate|are)|'.
        'circul[ae]|sublinh[ae]|risque|omcirkel|onderstreep|streep|cylchwch|tanlinellwch|croeswch';

    public const CHOSEN =
        'choisi(?:s|ssez|r)|elig(?:e|id|ir)|escog(?:e|ed|er)|wähl(?:e|t|en)|scegli(?:ete|ere)?|escolh[ae]|kies|'.
        'dewis(?:wch)?';

    /** What else is done on the print itself leaves nothing to be written. */
    public const ON_PRINT =
        self::RINGED.
        '|coche[rz]?|relie[rz]?|colorie[rz]?|li(?:s|sez|re)|regarde[rz]?|écoute[rz]?|découpe[rz]?|colle[rz]?|'.
        'trace[rz]?|associe[rz]?|(?:marc|relacion|colore|mir|escuch|recort|peg|traz)(?:a|ad|ar|e|en)|une|lee(?:d|r)?|'.
        '(?:kreuz|verbind|mal|hör|schneid|kleb|ordn)(?:e|et|t|en)|lies|lest|schau|'.
        '(?:segn|barr|colleg|color|ascolt|guard|osserv|ritagli|incoll|abbin)(?:a|ate|are)|legg(?:i|ete|ere)|'.
        'pint[ae]|lig(?:a|ue)|assinal[ae]|leia|ouça|kruis|verbind|kleur|lees|luister|kijk|knip|plak|'.
        'ticiwch|lliwiwch|cysylltwch|darllenwch|gwrandewch|edrychwch|torrwch|gludwch';

    public const STUDENT_HEADING =
        'à (toi|vous|ton tour|votre tour)|te toca|tu turno|ahora tú|(jetzt bist )?du( bist)? dran|tocca a te|'.
        'adesso tu|agora tu|nu jij|dy dro di|ti(’n| yn) gwneud';

    public const TO_SORT =
        'classe[rz]?|range[rz]?|trie[rz]?|découpe[rz]?|colle[rz]?|remet(s|tez)|clasifica|ordena|recorta|pega|coloca|'.
        'ordnet?|sortiere|schneidet?|klebe|ordina|ritaglia|incolla|classifica|knip|plak|sorteer|torrwch|gludwch';

    public const TO_JOIN =
        'relie[rz]?|associe[rz]?|une(?= (?:cada|las?|los?|el|con)\b)|relaciona|verbind(?:e|et|en)?|ordnet?|'.
        'collega(?:te)?|abbina(?:te)?|liga|ligue|cysylltwch|unwch';

    public const TO_STUDENT =
        '(ton|ta|tes) (cahier|partenaire|camarade|voisine?|professeur|réponses?|idées?|avis)|'.
        'tus? (cuaderno|compañer[oa]|respuestas?|profesora?|opinión|propias)|'.
        'deine?[mnrs]? (heft|partner\w*|nachbar\w*|antworte?n?|meinung|lehrer\w*|eigenen?)|'.
        '(il|la|i|le) tu(o|a|oi|e) (quaderno|compagn[oa]|rispost[ae])|je (schrift|antwoord(en)?|buur\w*)|'.
        'dy (lyfr|bartner|ateb(ion)?)';

    public const PUZZLE_HEADING =
        'mots (mêlés|croisés|cachés|fléchés)|coloriage|labyrinth(e|es)?|points à relier|sopa de letras|crucigrama|'.
        'laberinto|colorea|suchsel|wort(gitter|suche)|buchstaben(salat|gitter)|kreuzworträtsel|rätsel|ausmalbild|'.
        'memory|cruciverba|parole nascoste|labirinto|palavras cruzadas|woordzoeker|kruiswoord\w*|chwilair|croesair|'.
        'carte (mentale|d[’\']identité)|mapa mental';

    public const CARDS_HEADING = 'tarjetas|cartes à (jouer|découper)|dominos?|(bild|wort|spiel)karten|kärtchen|loto';

    public const WORD_BANK =
        'banque de mots|boîte à mots|banco de palabras|wörter?(kasten|kiste|bank)|wort(kasten|kiste|speicher)|'.
        'banca (di|delle) parole|woordenbank|banc geiriau';

    public const LEFT_BLANK =
        'page (laissée )?(volontairement |intentionnellement )?(blanche|vierge)|'.
        'página (dejada )?(intencionadamente |intencionalmente )?en blanco|(diese )?seite (bleibt|ist) .{0,20}leer|'.
        'leerseite|pagina (lasciata )?(intenzionalmente )?(bianca|vuota)';

    /** Words that stand before a number and head no section. */
    public const NOT_SECTIONS =
        'seite|página|pagina|frage|pregunta|domanda|vraag|classe|klasse|clase|curso|niveau|nivel|livello|abb|'.
        'abbildung|figura|tabelle|tabla|tabella|beispiel|ejemplo|exemple|esempio|schritt|paso|étape|année|año|jahr|'.
        'groep|blwyddyn|tudalen';
}
