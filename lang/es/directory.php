<?php

declare(strict_types=1);

return [
    'title' => 'Alumnos',
    'not_known' => 'Una clase o un alumno elegido aquí ya no está en el directorio. Elija de nuevo.',
    'number_taken' => 'Otra persona tiene este número.',
    'first_line' =>
        'La primera línea se lee como encabezados: «{line}». Si ya es un alumno, escriba encima una línea de encabezados y elija de nuevo el archivo. No se incorpora nada hasta que pulse.',
    'part_twice' => 'Dos columnas no pueden ser lo mismo. Elija otra para una de ellas.',
    'changed_meanwhile' => 'Algo ha cambiado desde que miró este archivo. No se ha incorporado nada; mírelo de nuevo.',
    'nothing_new' =>
        '{wrong, plural, =0 {Todo está ya en el directorio. No cambiaría nada.} other {No cambiaría nada: lo que se pudo entender ya está en el directorio.}}',
    'would' =>
        '{new, plural, =0 {Ningún alumno nuevo} one {Un alumno nuevo} other {# alumnos nuevos}}, {changed, plural, =0 {ninguno cambiado} one {uno cambiado} other {# cambiados}}, {gone, plural, =0 {ninguno que se fue} one {uno que se fue} other {# que se fueron}}; {guardians, plural, =0 {ningún responsable nuevo} one {un responsable nuevo} other {# responsables nuevos}}, {guardians_changed, plural, =0 {ninguno cambiado} one {uno cambiado} other {# cambiados}}; {classes, plural, =0 {ninguna clase nueva} one {una clase nueva} other {# clases nuevas}}.{open, plural, =0 {} one { Una línea espera su respuesta.} other { # líneas esperan su respuesta.}}',
    'brought_in' =>
        'Incorporado: {new, plural, =0 {ningún alumno nuevo} one {un alumno nuevo} other {# alumnos nuevos}}, {changed, plural, =0 {ninguno cambiado} one {uno cambiado} other {# cambiados}}, {gone, plural, =0 {ninguno guardado aparte} one {uno guardado aparte} other {# guardados aparte}}; {guardians, plural, =0 {ningún responsable nuevo} one {un responsable nuevo} other {# responsables nuevos}}.',
    'no_name_column' => 'Diga qué columna tiene los nombres de los alumnos.',
    'too_long' => 'Más de {most, number} líneas. Envíelas en varios archivos.',
    'guessed' =>
        'Sus letras no están en UTF-8 ni en UTF-16; se han leído como las escribe Windows. Mire los nombres con acentos.',
    'no_name' => 'Línea {line, number}: «{name}» no es un nombre. Se ha omitido.',
    'number_twice' => 'Línea {line, number}: {name} tiene el número {number}, que es de {other}. Se ha omitido.',
    'ask_lines' =>
        'Las líneas {other, number} y {line, number} son ambas {name}, sin número que las distinga: {same, select, yes {ambas en {class}} other {{other_class, select, none {sin clase} other {{other_class}}} y {class, select, none {sin clase} other {{class}}}}}.',
    'ask_known' =>
        '{name} ({class, select, none {sin clase} other {{class}}}, {number, select, none {sin número} other {número {number}}}) puede ser {name}, que ya está aquí ({known_class, select, none {sin clase} other {{known_class}}}, {known_number, select, none {sin número} other {número {known_number}}}).',
    'ask_which' =>
        '{name} ({class, select, none {sin clase} other {{class}}}, {number, select, none {sin número} other {número {number}}}): ya hay {count, plural, one {una persona} other {# personas}} con ese nombre aquí, y nada dice cuál es. Tómelo por otro alumno, u omítalo y dé un número a cada uno.',
    'answer_first' => 'Algunos de estos pueden ser un alumno o dos. Dígalo antes; no se ha incorporado nada.',
    'brought_in_at' =>
        'Última incorporación el {at}: {new, plural, =0 {ningún alumno nuevo} one {un alumno nuevo} other {# alumnos nuevos}}, {changed, plural, =0 {ninguno cambiado} one {uno cambiado} other {# cambiados}}, {gone, plural, =0 {ninguno guardado aparte} one {uno guardado aparte} other {# guardados aparte}}. Se puede deshacer durante un día.',
    'taken_back' =>
        'Ese archivo se ha deshecho: los nuevos quedan guardados aparte, y todos los demás están como antes.{stay, plural, =0 {} one { Un alumno se cambió a mano después, y queda como está.} other { # alumnos se cambiaron a mano después, y quedan como están.}}',
    'nothing_to_take_back' =>
        'Ya no se puede deshacer nada: ha pasado un día, o alguien ya lo deshizo. No se ha cambiado nada.',
    'no_address' => 'Línea {line, number}: «{email}» no es una dirección de correo. {name} se ha incorporado sin ella.',
    'no_phone' => 'Línea {line, number}: «{phone}» no es un número de teléfono. {name} se ha incorporado sin él.',
    'guardian_without_name' => 'Línea {line, number}: {email} está sin nombre, y se ha omitido.',
    'no_id' => 'Línea {line, number} de users.csv: {name} no tiene sourcedId. Se ha omitido.',
    'class_unknown' =>
        '{count, plural, one {Una matrícula es} other {# matrículas son}} de una clase que classes.csv no tiene.',
    'no_bundle' => 'Esto no es ni una tabla ni un paquete con un manifest.csv.',
    'bundle_large' => 'Desempaquetado, este paquete es mayor que el de cualquier escuela. No se ha leído nada.',
    'table_missing' => 'Falta {table} en el paquete, o su manifiesto dice que falta. No se ha incorporado nada.',
    'part_student_number' => 'Número del alumno',
    'part_student_name' => 'Nombre completo del alumno',
    'part_student_given' => 'Nombre de pila del alumno',
    'part_student_family' => 'Apellidos del alumno',
    'part_class' => 'Clase',
    'part_teacher_email' => 'Correo del profesor',
    'part_guardian1_name' => 'Nombre del responsable',
    'part_guardian1_email' => 'Correo del responsable',
    'part_guardian1_phone' => 'Teléfono del responsable',
    'part_guardian1_language' => 'Idioma del responsable',
    'part_guardian1_may_book' => 'Si puede reservar (yes, no)',
    'part_guardian2_name' => 'Nombre del segundo responsable',
    'part_guardian2_email' => 'Correo del segundo responsable',
    'part_guardian2_phone' => 'Teléfono del segundo responsable',
    'part_guardian2_language' => 'Idioma del segundo responsable',
    'part_guardian2_may_book' => 'Si el segundo puede reservar (yes, no)',
];
