import type { Field } from './reading';

/**
 * Words by which a heading names a field, most telling first: English, German, Spanish, French, Italian, Portuguese and Dutch,
 * in small letters without marks.
 */
export const headWords: readonly (readonly [Field, RegExp])[] = [
  [
    'warmUp',
    /^(set )?(type|kind)$|^(satz|set)typ(e|o)?$|warm ?up|aufwarm|calentamiento|echauffement|riscaldamento|aquecimento|opwarm/,
  ],
  [
    'day',
    /^(date|day|when|session date|workout date|training date|datum|tag|trainingstag|fecha|dia|jour|data|giorno|dag)$|\b(date|datum|fecha)\b/,
  ],
  [
    'client',
    /^(client|name|athlete|person|who|trainee|customer|member|kunde|kundin|klient|klientin|sportler|nombre|cliente|atleta|alumno|nom|nome|aluno|naam|klant)$|\bclient( name)?$/,
  ],
  [
    'lift',
    /^(exercise|lift|movement|exercise name|lift name|activity|ubung|ubungen|ubungsname|ejercicio|movimiento|exercice|mouvement|esercizio|exercicio|movimento|oefening)$|\b(exercise|lift|movement)\b/,
  ],
  ['effort', /\brpe\b|^(effort|anstrengung|esfuerzo|sforzo|esforco|inspanning)$/],
  ['reserve', /\b(rir|reserve|left|in the tank|reserva|riserva)\b/],
  [
    'sets',
    /^(sets|no\.? of sets|set count|# ?sets|satze|saetze|anzahl satze|series|numero de series|nombre de series|aantal sets)$/,
  ],
  [
    'reps',
    /\brep(s|etitions)?\b|^(wdh|whd|wdhl|wiederholung(en)?|repeticiones|repeticoes|ripetizioni|herhaling(en)?)\b/,
  ],
  [
    'load',
    /^(load|weight|kg|kgs|lb|lbs|kilos|pounds|mass|gewicht|peso|poids|charge|carico|carga)\b|\b(load|weight|gewicht|kgs?|lbs?)\b/,
  ],
  ['unit', /^(units?|einheit|unidad|unite|unita|unidade|eenheid)$/],
  [
    'note',
    /^(notes?|comments?|remarks?|notiz(en)?|bemerkung(en)?|anmerkung(en)?|notas?|comentarios?|observaciones|remarques?|commentaires?|observacoes|opmerking(en)?)\b/,
  ],
];

/** What was asked, or is the best so far: none of it was done. */
export const PLANNED =
  /\b(targets?|plan(ned)?|prescri(bed|ption)|programmed|suggested|recommended|goals?|e?1 ?rm|max(imum)?|best|pr|pb|previous|last|next|soll|ziel|geplant|vorgabe|objetivo|previsto|planificado|prevu|objectif|obiettivo|planejado|gepland|doel)\b/;
/** What says that it was done, beside what was asked. */
export const DONE =
  /\b(actual(ly)?|done|completed|performed|achieved|logged|result|real|ist|gemacht|geschafft|hecho|realizado|fait|realise|fatto|eseguito|feito|gedaan)\b/;
/** Days of something else than the session. */
export const OTHER_DAY =
  /\b(birth(day)?|dob|born|joined|since|expir\w*|created|updated|modified|due|geburt\w*|geboren|nacimiento|naissance|nascita|nascimento|geboorte\w*)\b/;

/** What says that a set was there to warm up. */
export const WARM_UP =
  /^(w|wu|warm|warm[ -]?up.*|aufw.*|calent.*|echauff.*|riscald.*|aquec.*|opwarm.*|true|yes|x|1|ja|si|oui|sim)$/;
