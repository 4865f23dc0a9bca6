<?php

declare(strict_types=1);

return [
    'title' => 'Si surge algo: {round}',
    'away_said' =>
        '{hit, plural, =0 {Entonces nadie ha reservado con {host}, así que no hay que avisar a nadie.} one {Una cita con {host} no puede ser.} other {# citas con {host} no pueden ser.}} {hit, plural, =0 {} other {{placed, plural, =0 {Para ninguna hay otra hora.} one {Para una hay otra hora, cambiada lo menos posible.} other {Para # hay otras horas, cambiadas lo menos posible.}}}}',
    'stead' => '{time} con {host}',
    'away_done' => '{host} falta. Todas las personas afectadas lo saben en medio minuto.',
    'is_away' =>
        '{host} falta: {times, plural, one {se ha cerrado una hora, el {from}} other {se han cerrado # horas, desde el {from}}}.',
    'not_away' => 'No falta, o ya ha pasado. No se ha cambiado nada.',
    'not_in_it' => 'No tiene ninguna hoja abierta en esta jornada.',
    'others_hit' =>
        'Afecta a otros que los que usted ha visto: alguien ha reservado o cambiado entretanto. No se ha cambiado nada; mire otra vez.',
    'taken_meanwhile' => 'Una de estas horas se ocupó entretanto. No se ha cambiado nada; mire otra vez.',
    'evening_said' =>
        '{meetings, plural, =0 {Nadie ha reservado el {from}; las horas pasan al {to}.} one {Una cita pasa del {from} al {to}, a su hora.} other {# citas de {families, plural, one {una familia} other {# familias}} pasan del {from} al {to}, cada una a su hora.}} {cannot, plural, =0 {} one {Una no puede ser entonces, y se cancela.} other {# no pueden ser entonces, y se cancelan.}}',
    'evening_done' => 'La tarde queda cambiada. En medio minuto cada familia recibe todas sus citas en un mensaje.',
    'not_its_date' => 'La jornada no es en esa fecha.',
    'date_over' => 'Esa fecha ya pasó.',
    'date_far' => 'Queda demasiado lejos para la misma jornada. Hágala de nuevo con fechas nuevas.',
    'date_taken' => 'La jornada ya es en esa fecha.',
    'date_closed' => 'La escuela está cerrada en esa fecha.',
    'others_cannot' =>
        'En esa fecha no pueden otros que los que usted ha visto. No se ha cambiado nada; mire otra vez.',
    'moved_heading' => 'Otra fecha: {title}',
    'moved_news' =>
        '{count, plural, one {Su cita es ahora en otra fecha, a la misma hora.} other {Sus # citas son ahora en otra fecha, a la misma hora.}}',
    'moved_link' => 'Todo lo que ha reservado',
    'video_said' =>
        '{can, plural, =0 {Nadie tiene enlace.} one {Un profesor tiene enlace.} other {# profesores tienen enlace.}} {cannot, plural, =0 {} one {{names} no tiene, y se queda donde está hasta que lo diga.} other {# no tienen, y se quedan donde están hasta que lo digan: {names}{cannot, plural, =1 {} =2 {} =3 {} =4 {} =5 {} =6 {} =7 {} =8 {} =9 {} =10 {} =11 {} =12 {} other { y otros}}.}}',
    'by_video_label' => 'Por vídeo',
    'undone' => 'Todo está como estaba. No se ha escrito a nadie.',
    'undo_late' => 'Es tarde para deshacer esto: ya se les ha escrito.',
    'undo_taken' => 'Esto ya no se puede deshacer: alguien tiene ahora una de estas horas. No se ha cambiado nada.',
];
