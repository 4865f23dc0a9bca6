<?php

declare(strict_types=1);

return [
    'how_anyone' => 'Elija una hora aquí; no hace falta cuenta:',
    'how_families' => 'Elija una hora con el enlace del mensaje que es suyo, o aquí con el código de su tarjeta:',
    'how_staff' => 'Elija una hora aquí; entre como siempre:',
    'day_title' => 'Quién viene el {date}',
    'card_for' => 'para {students}',
    'card_how' => 'Fotografíe el cuadrado, o escriba el código en {address}',
    'missing_title' => 'Un título',
    'missing_when' => 'Cuándo: días, horas y una duración',
    'missing_look' => 'Cuándo: algo necesita otra mirada',
    'missing_blanks' => 'Cuándo: {blanks}',
    'missing_blank' =>
        '{blank, select, dates {un día} date {un día} days {días de la semana} from {desde cuándo} until {hasta cuándo} minutes {cuánto dura cada una} hours {desde cuándo hasta cuándo} first {el primer día} last {el último día} other {un día y horas}}',
    'missing_where' => 'Dónde: un aula, el teléfono o un enlace de vídeo',
    'card_nobody' => 'Nadie del directorio puede reservar en esta hoja.',
    'roster' =>
        '{missing, plural, =0 {Se ha reservado para {expected, plural, one {el único alumno} other {los # alumnos}}.} one {Aún sin reservar: # de {expected, plural, one {un alumno} other {# alumnos}}.} other {Aún sin reservar: # de {expected, plural, one {un alumno} other {# alumnos}}.}}',
    'letters_sent' =>
        '{sent, plural, =0 {No quedaba nadie a quien escribir: cada familia ha reservado, no tiene dirección, o recibió un mensaje en el último día.} one {Un mensaje está en camino.} other {# mensajes están en camino.}}',
    'letter_heading' => '{title} con {host}',
    'letter_news' => '{host} tiene horas para usted, sobre {students}.',
    'letter_link' => 'Elegir una hora',
    'fill' => '{taken, number} de {slots, number} ocupadas',
    'none_comes' => 'Citas: de estos días y horas no sale ninguna',
    'fill_none' =>
        '{standing, plural, =0 {Ninguna hora por venir} one {Ninguna hora por venir; queda una cita} other {Ninguna hora por venir; quedan # citas}}',
    'fill_next' => '{taken, number} de {slots, number} ocupadas en sus próximos días',
    'links_there' => 'Algunas de estas citas ya tienen enlace, y se ha enviado. Cambie esas una a una.',
    'link_cleaned' => 'Sin eso es {link}',
    'nobody_yet' => 'Nadie ha reservado todavía.',
    'expected_guessed' => 'Las letras de esta tabla se han adivinado; mire si los acentos están bien.',
    'expected_none' =>
        'No se encontró ningún nombre. Escriba uno por línea, o traiga una tabla con una columna llamada «name».',
    'expected_no_column' =>
        'Esta tabla no tiene ninguna columna llamada «name» (ni «first name» y «last name»). No se ha guardado nada.',
    'expected_too_many' => 'Son más de {most, number}. No se ha guardado nada; traiga menos.',
    'expected_no_name' => 'La línea {line, number} no tiene nombre y se omite.',
    'expected_bad_email' => 'Línea {line, number}, {name}: no es una dirección de correo; está en la lista sin ella.',
    'expected_bad_phone' => 'Línea {line, number}, {name}: no es un número de teléfono; está en la lista sin él.',
    'expected_twice' => '{twice, plural, one {Uno ya estaba en la lista.} other {# ya estaban en la lista.}}',
    'reminders_sent' =>
        '{sent, plural, =0 {No quedaba nadie a quien recordar: cada uno ha reservado, no se le puede avisar, o recibió un recordatorio en el último día.} one {Un recordatorio está en camino.} other {# recordatorios están en camino.}}',
    'expected_heading' => 'Una hora para {student}: {title} con {host}',
    'expected_dear' => 'A quien reserve por {student}:',
    'expected_invites' =>
        '{host} quiere reunirse sobre {student}. Elija una hora: el enlace de abajo conoce el nombre.',
    'expected_text_invites' => '{host} quiere reunirse sobre {student}. Elija una hora: {link}',
    'expected_news' =>
        '{host} espera a {student} y aún no hay hora. El enlace de abajo conoce el nombre; el resto es un toque.',
    'expected_text' => '{host} espera a {student} y aún no hay hora. Elija una: {link}',
    'expected_card' => 'Haga una foto del cuadrado y elija una hora; conoce el nombre.',
    'cards_of_drafts' =>
        'Las tarjetas abren una hoja, y esta aún no está publicada. Publíquela antes; luego imprímalas.',
    'cards_of_everybody' =>
        'Esta hoja es para todas las familias de la escuela: sus tarjetas las imprime secretaría. Nombre clases en la hoja, o pregunte en secretaría.',
    'cancel_over' => 'Esta cita ha empezado o ha terminado, así que ya no se puede cancelar.',
    'undo_moved' => 'La cita con {name} pasa a {when}.',
    'undo_given_back' => 'La cita con {name} queda cancelada.',
    'shift_clock' => '{minutes, plural, =0 {misma hora} one {1 min {way}} other {# min {way}}}',
    'shift_days' =>
        '{days, plural, one {un día {day_way}} other {# días {day_way}}}, {minutes, plural, =0 {misma hora} one {1 min {way}} other {# min {way}}}',
    'move_all' =>
        '{count, plural, one {Lo propuesto es} other {Las # propuestas son}} {days, plural, =0 {el mismo día} one {un día {day_way}} other {# días {day_way}}}, {minutes, plural, =0 {a la misma hora} one {# minuto {way}} other {# minutos {way}}}.',
    'move_each' =>
        'Lo propuesto cambia lo menos posible a {count} personas: {days, plural, =0 {el mismo día} one {un día como máximo} other {# días como máximo}}, {minutes, plural, =0 {a la misma hora} one {y # minuto de reloj como máximo} other {y # minutos de reloj como máximo}}.',
    'affected' =>
        'Este cambio afecta a personas que han reservado. Aún no se ha guardado nada: vea a quién afecta, y elija.',
    'address_form' => 'Una dirección tiene minúsculas, cifras y guiones sueltos: reuniones-otono.',
    'address_taken' => 'Otra hoja tiene esta dirección, o la tuvo. Elija otra.',
    'nothing_to_book' =>
        'Ya no se puede reservar ninguna hora de esta hoja, así que no se ha publicado. Se guarda como borrador. Elija una fecha posterior, o permita reservar más cerca de la cita.',
    'no_draft_again' =>
        'Alguien ha reservado aquí o espera una hora, así que esta hoja no puede volver a ser borrador. Páusela o ciérrela: quien ha reservado conserva su hora.',
    'settle_all' => 'Hay que elegir una hora para cada persona que se cambia.',
    'settle_gone' => 'Una hora que se eligió ya no está en la hoja.',
    'settle_taken' =>
        'Una hora que se eligió para alguien está ocupada, o choca con una reserva que queda como está. No se ha guardado nada. Mire de nuevo las horas.',
    'moved' =>
        'Otra persona ha cambiado esta hoja desde que la abrió. Lo suyo no se ha perdido ni guardado. Mire ambas y elija.',
    'too_long' => 'Esto es más de lo que cabe en una hoja. Acorte lo que hay escrito.',
    'too_many' => 'Serían más de {most, number, integer} citas. Mire de nuevo la duración, las horas y el último día.',
    'date_past' => '{date} ya pasó. Elija hoy o más tarde.',
    'date_far' => '{date} queda a más de tres años. Mire de nuevo el año.',
    'link_needed' => 'Rellene esto, o elija que se cree un enlace para cada cita, o añadirlo después.',
    'no_link_maker' => 'Aquí nada crea un enlace para cada cita. Dé uno para todas, o añádalo después.',
    'two_answers' => 'Escriba al menos dos respuestas para elegir, una por línea.',
    'student_once' => 'El nombre del alumno se pregunta una vez, y con la pregunta hecha para ello.',
    'title_yours' => 'Sus hojas',
    'title_new' => 'Hoja nueva',
    'title_change' => 'Cambiar {title}',
    'your_title' => 'Su título',
    'begins_about' => '¿De qué se trata?',
    'begins_conferences' => 'Reuniones con familias',
    'begins_office_hours' => 'Horas de consulta',
    'handout_dear' => 'Estimadas familias:',
    'handout_when' => '{title} con {host}: {when}',
    'handout_pick' => 'Elija una hora.',
    'file_not_text' => 'Este archivo no es texto UTF-8. Expórtelo de nuevo, o guárdelo como UTF-8.',
    'file_not_ours' => 'Esta no es una hoja escrita por Recess: no tiene "format": "{format}".',
    'file_other_version' => 'Este archivo lo escribió otra versión de Recess y no se puede leer aquí.',
    'begins_imported' => 'Horas importadas',
    'begins_place' => 'Por decir',
    'ask_student' => 'Nombre del alumno',
    'ask_student_hint' => 'De quién se va a hablar.',
    'ask_phone' => 'Número de teléfono',
    'ask_word' => 'Unas palabras antes',
    'ask_word_hint' => 'Solo las lee la persona con la que se reúne.',
];
