<?php

declare(strict_types=1);

return [
    'board_until' => 'se admiten deseos hasta {moment}',
    'board_over' => 'se están dando las horas; quien envió deseos tendrá noticias',
    'over' => 'Ya no se admiten deseos. Las horas libres estarán aquí cuando todos los deseos tengan la suya.',
    'windows_needed' => 'Diga cuándo puede venir: sin ninguna tarde nadie puede recibirle.',
    'until' => 'Puede enviar deseos, y cambiarlos, hasta {moment}.',
    'until_over' =>
        'Se podían enviar deseos hasta {moment}. Sabrá qué horas son suyas en cuanto todos tengan las suyas.',
    'sent_at' => 'El centro tiene sus deseos desde {moment}.',
    'plain_how' => 'Escriba 1 junto a la persona con quien más quiere reunirse, luego 2, y así; deje los demás vacíos.',
    'plain_when' => '¿Cuándo puede venir?',
    'plain_others' => 'Otra persona',
    'plain_from' => 'de',
    'plain_until' => 'a',
    'plain_from_again' => 'y de',
    'plain_until_again' => 'a',
    'plain_needs' => 'Lo que necesita',
    'plain_walk' => 'Tiempo para ir de un aula a otra',
    'plain_breather' => 'Un descanso entre dos reuniones',
    'plain_minutes' => '{n, plural, =0 {ninguno} one {# minuto} other {# minutos}}',
    'plain_interpreter' => 'Intérprete',
    'plain_no_interpreter' => 'no hace falta',
    'plain_ground' => 'Necesitamos la planta baja',
    'plain_phone' => 'Número de teléfono',
    'plain_name' => 'Su nombre',
    'plain_email' => 'Su dirección de correo',
    'plain_child' => 'Niño {n}',
    'plain_child_name' => 'Nombre del alumno',
    'plain_send' => 'Enviar estos deseos',
    'too_many' => 'Más deseos de los que podemos admitir. Quite algunos.',
    'wishes_heading' => 'Sus deseos: {title}',
    'wishes_news' =>
        '{count, plural, =0 {Ha retirado sus deseos. El centro no tiene nada. Puede enviar otros hasta {moment}.} ' .
        'one {El centro tiene su deseo. Puede cambiarlo hasta {moment}. Después sabrá qué hora es suya.} other {El ' .
        'centro tiene sus # deseos, en este orden. Puede cambiarlos hasta {moment}. Después sabrá qué horas son ' .
        'suyas.}}',
    'wishes_to_confirm' =>
        '{count, plural, one {Su deseo está guardado.} other {Sus # deseos están guardados.}} Cuentan cuando esta ' .
        'dirección haya respondido: un toque abajo.',
    'gone_heading' => '{host} ya no está',
    'gone_news' =>
        '{host} ya no está en esos días. Sus otros deseos se mantienen. {open, select, yes {Puede desear a otra ' .
        'persona hasta {moment}.} other {Llame a secretaría si quiere a otra persona.}}',
    'gone' =>
        '{count, plural, one {{names} ya no está en esos días.} other {{names} ya no están en esos días.}} Elija a ' .
        'otra persona, o siga con el resto.',
    'wishes_link' => 'Cambiar o añadir deseos',
    'wishes_confirm' => 'Sí, es mi dirección',
    'wishes_row' => '{host}{student, select, none {} other { – sobre {student}}}',
    'wishes_when' => 'Puede venir',
    'wishes_hours' => '{day}, {from} – {until}',
    'wishes_needs' => 'Necesita',
    'wishes_interpreter' => 'un intérprete ({language})',
    'wishes_ground' => 'la planta baja',
    'wishes_break' => '{n, plural, one {un descanso de # minuto} other {un descanso de # minutos}}',
    'wishes_rank' => '{rank, selectordinal, other {#.º}} deseo',
    'given_heading' => 'Sus horas: {title}',
    'given_news' =>
        '{count, plural, =0 {No se pudo dar ninguna hora para lo que deseó.} one {Esta hora es suya.} other {Estas ' .
        '# horas son suyas.}} {left, plural, =0 {Es todo lo que se deseó.} one {Para # deseo no hubo hora; está ' .
        'abajo.} other {Para # deseos no hubo hora; están abajo.}} Lo que queda libre puede reservarlo ahora ' .
        'cualquiera.',
    'given_asked' => 'Algunas las pidió un docente.',
    'given_link' => 'Sus citas: cambiar, imprimir o cancelar',
    'given_left' => 'Ninguna hora con {host}',
    'to_family_outside_windows' => 'No hay ninguna hora cuando puede venir.',
    'to_family_host_full' => 'Las horas en que puede venir fueron para otros.',
    'to_family_clashes' => 'Libre solo mientras está en otra reunión, o de camino.',
    'to_family_no_interpreter' => 'Hay horas, pero entonces no hay intérprete de su idioma.',
    'to_family_other_guardian' =>
        '{apart, select, yes {No se le pudo dar. La secretaría del centro sabe más.} other {Otro responsable del ' .
        'niño deseó lo mismo, y fue primero.}}',
    'to_family_host_gone' => '{host} ya no participa.',
    'to_family_time_gone' => 'La hora fue para otra cosa antes de poder reservarse.',
];
