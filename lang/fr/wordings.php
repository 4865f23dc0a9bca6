<?php

declare(strict_types=1);

// The school's own words, in place of ours: a page of the office. ICU MessageFormat.
return [
    'title' => 'Nos mots',
    'about' =>
        'Chaque phrase de Recess peut être dite avec les mots de votre école : sur les pages, dans les ' .
        'lettres, sur papier. Trouvez-la, écrivez-en une autre, et c’est elle qui est dite dès lors.',
    'language' => 'En',
    'find' => 'Mots de la phrase',
    'find_press' => 'Chercher',
    'own_only' => 'Seulement les nôtres ({count, number, integer})',
    'type_first' => 'Tapez quelques mots tels qu’ils figurent sur la page ou dans la lettre.',
    'none' => 'Aucune phrase ne contient ces mots.',
    'none_own' => 'Rien n’a encore été reformulé.',
    'more' => '{count, plural, one {Et encore une} many {Et encore #} other {Et encore #}}. Tapez plus de mots.',
    'found' => '{count, plural, =0 {Rien trouvé} one {# phrase} many {# phrases} other {# phrases}}',
    'own' => 'La vôtre',
    'ours_is' => 'La nôtre',
    'ours_changed' => 'La nôtre a changé depuis que vous avez écrit celle-ci.',
    'english_is' => 'En anglais',
    'where' => 'Figure dans',
    'change' => 'Modifier',
    'change_of' => 'Modifier « {text} »',
    'another' => 'Votre formulation',
    'another_about' =>
        'Ce qui est entre accolades est rempli au moment où c’est dit : laissez le premier mot tel quel. ' .
        'Pour un nombre, chaque façon de le dire a ses propres accolades.',
    'save' => 'Le dire ainsi',
    'leave' => 'Laisser',
    'back' => 'Revenir à la nôtre',
    'kept' => 'C’est dit ainsi dès maintenant.',
    'not_there' => 'Cette phrase n’existe plus. Cherchez-la de nouveau.',
    'meanwhile' =>
        'Quelqu’un d’autre l’a reformulée entre-temps : « {text} ». ' .
        'La vôtre n’a pas été gardée ; cherchez-la de nouveau.',
    'fault_empty' => 'Écrivez quelque chose, ou appuyez sur « Revenir à la nôtre ».',
    'fault_letters' => 'Ses lettres ne peuvent pas être lues. Il faut de l’UTF-8.',
    'fault_long' => 'C’est trop long : {most, plural, one {# lettre} many {# lettres} other {# lettres}} au plus.',
    'fault_unseen' => 'Il y a dedans un signe invisible. Tapez-la au lieu de la coller.',
    'fault_brackets' => 'Il manque une accolade, ou il y en a une de trop.',
    'fault_lines' => 'Elle doit tenir sur une seule ligne.',
    'fault_tags' => 'Les signes comme {signs} ne peuvent figurer que comme dans la nôtre.',
    'fault_lacking' => 'Il manque : {names}. C’est rempli au moment où c’est dit.',
    'fault_strange' => 'Personne ne remplit ceci : {names}.',
    'fault_plural' => 'Il manque une façon de dire le nombre : {way} (par exemple {numbers}).',
    'in_times' => 'la page où l’on réserve un rendez-vous',
    'in_find' => 'les pages où les familles trouvent quelqu’un',
    'in_pass' => 'le laissez-passer d’une famille',
    'in_round' => 'la page d’une rencontre pour les familles',
    'in_asking' => 'la demande d’un autre moment',
    'in_entrance' => 'la tablette de l’entrée',
    'in_desk' => 'le bureau d’accueil',
    'in_sheets' => 'les feuilles d’un enseignant',
    'in_rounds' => 'la préparation d’une rencontre',
    'in_office' => 'les pages du secrétariat',
    'in_account' => 'la connexion et les réglages',
    'in_letter' => 'une lettre',
    'in_paper' => 'un papier',
    'in_plain' => 'les pages sans scripts',
    'in_error' => 'la page qui dit que quelque chose n’a pas marché',
    'in_text' => 'un SMS',
    'in_answer' => 'une réponse, ou une partie d’une autre phrase',
    'file_title' => 'Tout, pour un traducteur',
    'file_about' =>
        'Un fichier PO, tel que les programmes des traducteurs le lisent et l’écrivent. ' .
        'Ce qui revient est d’abord examiné ; c’est pris en entier, ou pas du tout.',
    'file_out' => 'Toutes les phrases en {language}',
    'file_in' => 'Un fichier PO avec des phrases',
    'file_choose' => 'Examiner un fichier',
    'file_take' => 'Prendre {count, plural, one {# phrase} many {# phrases} other {# phrases}}',
    'file_more' => '{count, plural, one {et encore une} many {et encore #} other {et encore #}}',
    'file_ours' => 'la nôtre : {text}',
    'file_letters' =>
        'Les lettres de ce fichier ne peuvent pas être lues. ' .
        'Enregistrez-le en UTF-8, puis choisissez-le de nouveau. Rien n’a été pris.',
    'file_not_read' =>
        '{line, select, none {Ce n’est pas un fichier PO.} other {Ce n’est pas un fichier PO : la ligne ' .
        '{line} ne peut pas être lue.}} Rien n’a été pris.',
    'file_language' =>
        'Le fichier ne dit pas de quelle langue il est, ou c’en est une que Recess ne parle pas (« ' .
        '{language} »). Il faut dans son en-tête une ligne comme « Language: it ». Rien n’a été pris.',
    'file_fault' => 'Ligne {line, number, integer}, {key} : {why}',
    'file_faults_more' => '{more, plural, one {Et encore une.} many {Et encore #.} other {Et encore #.}}',
    'file_strange' =>
        '{count, plural, one {Une n’est plus une phrase de Recess et est laissée de côté} ' .
        'many {# ne sont plus des phrases de Recess et sont laissées de côté} ' .
        'other {# ne sont plus des phrases de Recess et sont laissées de côté}} : {keys}{more, plural, =0 {} ' .
        'one {, et encore une} many {, et encore #} other {, et encore #}}.',
    'file_changed' =>
        'Pour {count, plural, one {une phrase} many {# phrases} ' .
        'other {# phrases}}, l’anglais a changé depuis que le fichier est sorti ; ce qui est dit reste : ' .
        '{keys}{more, plural, =0 {} one {, et encore une} many {, et encore #} other {, et encore #}}.',
    'file_unsure' =>
        '{count, plural, one {Une est marquée comme incertaine (fuzzy) et laissée de côté} ' .
        'many {# sont marquées comme incertaines (fuzzy) et laissées de côté} ' .
        'other {# sont marquées comme incertaines (fuzzy) et laissées de côté}} : {keys}{more, plural, =0 {} ' .
        'one {, et encore une} many {, et encore #} other {, et encore #}}.',
    'file_meanwhile' =>
        'Quelque chose a changé depuis que vous avez regardé. Examinez le fichier de nouveau. Rien n’a été pris.',
    'file_taken' =>
        '{count, plural, one {Une phrase est dite} many {# phrases sont dites} other {# phrases sont dites}} ' .
        'autrement dès maintenant ({language}).',
    'file_would' =>
        '{language} : {count, plural, =0 {rien ne serait dit autrement} ' .
        'one {une phrase serait dite autrement} many {# phrases seraient dites autrement} ' .
        'other {# phrases seraient dites autrement}}. {faults, plural, =0 {} ' .
        'one {Une est fausse ; corrigez-la d’abord dans le fichier.} ' .
        'many {# sont fausses ; corrigez-les d’abord dans le fichier.} ' .
        'other {# sont fausses ; corrigez-les d’abord dans le fichier.}}',
    'back_all' => 'Revenir partout aux nôtres ({language})',
    'back_all_sure' =>
        '{count, plural, one {Une de vos phrases disparaît} many {# de vos phrases disparaissent} ' .
        'other {# de vos phrases disparaissent}}. Sortez d’abord le fichier si vous voulez les garder.',
];
