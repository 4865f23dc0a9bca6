<?php

declare(strict_types=1);

return [
    'subject' =>
        '{what, select, booked {Marcada} please_confirm {Confirme, por favor} lapsed {Expirada} asked {Pedida} ' .
        'accepted {Aceite} maybe {Talvez} declined {Recusada} moved {Mudada} moved_away {Passada a outro} ' .
        'cancelled {Desmarcada} link_added {Ligação disponível} link_changed {Nova ligação} place_changed {Outro ' .
        'lugar} answers_changed {Respostas mudadas} reminder {Lembrete} guest_brought {Convidado acrescentado} ' .
        'guest_left {Convidado retirado} other {}}: {date} {time} com {with} – {title}',
    'booked' => [
        'visitor' =>
            '{who, select, office {A secretaria marcou esta hora para si.} host {{name} marcou esta hora para si.} ' .
            'colleague {{name} marcou esta hora para si.} other {Esta hora é sua.}}',
        'guest' => '{visitor} acrescentou o seu nome a esta reunião.',
    ],
    'please_confirm' => [
        'visitor' =>
            'Esta hora fica guardada para si até {until}. Prima o botão e fica marcada. Se não pediu nenhuma hora, ' .
            'não faça nada: volta então a estar livre.',
    ],
    'lapsed' => [
        'visitor' => 'Esta hora estava guardada para si. Voltou a estar livre.',
    ],
    'asked' => [
        'visitor' => 'Pediu esta hora. Fica reservada para si até {host} responder, no máximo até {until}.',
        'guest' => '{visitor} pediu esta hora. Fica reservada até {host} responder, no máximo até {until}.',
    ],
    'accepted' => [
        'visitor' => '{who, select, you {Esta hora é sua.} other {{name} disse que sim. Esta hora é sua.}}',
        'guest' =>
            '{who, select, visitor {{visitor} tomou esta hora.} other {{name} disse que sim.}} A reunião ' .
            'realiza-se.',
    ],
    'maybe' => [
        'visitor' => '{name} ainda não tem a certeza. A hora fica reservada para si até {until}.',
        'guest' => '{name} ainda não tem a certeza. A hora fica reservada até {until}.',
    ],
    'declined' => [
        'visitor' => '{host} não pode reunir consigo a esta hora. Talvez haja outras livres.',
        'guest' => '{host} não pode a esta hora. A reunião não se realiza.',
    ],
    'moved' => [
        'visitor' =>
            '{held, select, yes {A hora que pediu é agora outra. Fica reservada para si até {host} responder, no ' .
            'máximo até {until}.} other {{who, select, you {Mudou esta reunião.} office {A secretaria mudou esta ' .
            'reunião.} host {{name} teve de mudar esta reunião.} colleague {{name} teve de mudar esta reunião.} ' .
            'other {{name} mudou esta reunião.}} Esta é a nova hora.}}',
        'guest' =>
            '{who, select, you {Mudou esta reunião.} office {A secretaria mudou esta reunião.} host {{name} teve ' .
            'de mudar esta reunião.} colleague {{name} teve de mudar esta reunião.} other {{name} mudou esta ' .
            'reunião.}} Esta é a nova hora.',
    ],
    'cancelled' => [
        'visitor' =>
            '{who, select, you {Desmarcou esta reunião. A hora está agora livre para outros.} office {A secretaria ' .
            'desmarcou esta reunião.} host {{name} teve de desmarcar esta reunião. Lamentamos.} colleague {{name} ' .
            'teve de desmarcar esta reunião. Lamentamos.} other {{name} desmarcou esta reunião.}}',
        'guest' =>
            '{who, select, you {Desmarcou esta reunião. A hora está agora livre para outros.} office {A secretaria ' .
            'desmarcou esta reunião.} host {{name} teve de desmarcar esta reunião. Lamentamos.} colleague {{name} ' .
            'teve de desmarcar esta reunião. Lamentamos.} other {{name} desmarcou esta reunião.}}',
    ],
    'link_added' => [
        'visitor' => 'A ligação de vídeo desta reunião está disponível.',
        'guest' => 'A ligação de vídeo desta reunião está disponível.',
    ],
    'link_changed' => [
        'visitor' => 'A ligação de vídeo desta reunião é nova. A antiga já não funciona.',
        'guest' => 'A ligação de vídeo desta reunião é nova. A antiga já não funciona.',
    ],
    'place_changed' => [
        'visitor' => 'Esta reunião é agora noutro lugar.',
        'guest' => 'Esta reunião é agora noutro lugar.',
    ],
    'reminder' => [
        'visitor' => 'Esta reunião é {when}.',
        'guest' => 'Esta reunião é {when}.',
    ],
    'guest_brought' => [
        'visitor' =>
            '{who, select, you {Juntou {guest} a esta reunião.} other {{name} juntou {guest} a esta reunião.}} ' .
            'Recebe uma página privada própria.',
        'about' => '{name} acrescentou o seu nome a esta reunião.',
        'guest' => '{name} juntou {guest} a esta reunião.',
    ],
    'guest_left' => [
        'visitor' =>
            '{who, select, you {Retirou {guest} desta reunião.} other {{guest} já não vem a esta reunião.}} A ' .
            'reunião mantém-se.',
        'about' =>
            '{who, select, you {Já não vem a esta reunião.} other {{name} retirou o seu nome desta reunião.}} A ' .
            'reunião mantém-se.',
        'guest' => '{guest} já não vem a esta reunião. A reunião mantém-se.',
    ],
    'sitting' => [
        'heading' => '{count} horas marcadas: {school}',
        'news' => 'Estas {count, number} horas são suas.',
        'press' =>
            '{may, select, change {Mudar ou desmarcar {time}, {host}} cancel {Desmarcar {time}, {host}} other {Ver ' .
            '{time}, {host}}}',
        'another' => 'Marcar outra hora',
    ],
    'link' => [
        'another' => 'Escolher outra hora',
        'confirm' => 'Sim, é o meu endereço: marcar',
        'change' => 'As suas reuniões: ver, mudar ou desmarcar',
        'cancel' => 'As suas reuniões: ver ou desmarcar',
        'look' => 'As suas reuniões',
    ],
    'off' => [
        'declined' => '{host} não pode reunir consigo a esta hora.',
        'cancelled' =>
            '{who, select, you {Desmarcou esta reunião. A hora está agora livre para outros.} office {A secretaria ' .
            'desmarcou esta reunião.} host {{name} teve de desmarcar esta reunião.} colleague {{name} teve de ' .
            'desmarcar esta reunião.} other {{name} desmarcou esta reunião.}}',
        'by' => '{who, select, office {pela secretaria} other {por {name}}}',
    ],
    'again_heading' => 'As suas reuniões',
    'again' => 'Aqui estão as suas reuniões.',
    'again_other' => 'E {number}',
    'was' => 'Já não',
    'that_day' => 'Também nesse dia',
    'free_now' => 'Livres neste momento',
];
