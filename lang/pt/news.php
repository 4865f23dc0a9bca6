<?php

declare(strict_types=1);

return [
    'subject' =>
        '{what, select, booked {Marcada} please_confirm {Confirme, por favor} lapsed {Expirada} asked {Pedida} accepted {Aceite} maybe {Talvez} declined {Recusada} moved {Mudada} moved_away {Passada a outro} cancelled {Desmarcada} link_added {Ligação disponível} link_changed {Nova ligação} place_changed {Outro lugar} answers_changed {Respostas mudadas} reminder {Lembrete} guest_brought {Convidado acrescentado} guest_left {Convidado retirado} other {}}: {date} {time} com {with} – {title}',
    'booked' => [
        'host' =>
            '{who, select, you {A marcação para {visitor} foi feita por si.} office {A secretaria marcou uma hora consigo para {visitor}.} visitor {{visitor} marcou uma hora consigo.} other {{name} marcou uma hora consigo para {visitor}.}}',
        'visitor' =>
            '{who, select, office {A secretaria marcou esta hora para si.} host {{name} marcou esta hora para si.} colleague {{name} marcou esta hora para si.} other {Esta hora é sua.}}',
        'guest' => '{visitor} acrescentou o seu nome a esta reunião.',
    ],
    'please_confirm' => [
        'visitor' =>
            'Esta hora fica guardada para si até {until}. Prima o botão e fica marcada. Se não pediu nenhuma hora, não faça nada: volta então a estar livre.',
    ],
    'lapsed' => [
        'visitor' => 'Esta hora estava guardada para si. Voltou a estar livre.',
    ],
    'moved_away' => [
        'host' => 'Esta reunião é agora com {host}, a outra hora. A sua hora está de novo livre.',
    ],
    'asked' => [
        'host' => '{visitor} pede uma hora consigo. Está guardada até {until}.',
        'visitor' => 'Pediu esta hora. Fica reservada para si até {host} responder, no máximo até {until}.',
        'guest' => '{visitor} pediu esta hora. Fica reservada até {host} responder, no máximo até {until}.',
    ],
    'accepted' => [
        'host' =>
            '{who, select, you {Disse sim a {visitor}.} visitor {{visitor} ficou com a hora que propôs.} other {{name} disse sim a {visitor}.}}',
        'visitor' => '{who, select, you {Esta hora é sua.} other {{name} disse que sim. Esta hora é sua.}}',
        'guest' =>
            '{who, select, visitor {{visitor} tomou esta hora.} other {{name} disse que sim.}} A reunião realiza-se.',
    ],
    'maybe' => [
        'host' =>
            '{who, select, you {Disse «ainda não é certo» a {visitor}.} other {{name} disse «ainda não é certo» a {visitor}.}}',
        'visitor' => '{name} ainda não tem a certeza. A hora fica reservada para si até {until}.',
        'guest' => '{name} ainda não tem a certeza. A hora fica reservada até {until}.',
    ],
    'declined' => [
        'host' => '{who, select, you {Disse não a {visitor}.} other {{name} disse não a {visitor}.}}',
        'visitor' => '{host} não pode reunir consigo a esta hora. Talvez haja outras livres.',
        'guest' => '{host} não pode a esta hora. A reunião não se realiza.',
    ],
    'moved' => [
        'host' =>
            '{who, select, you {Mudou esta reunião.} office {A secretaria mudou esta reunião.} other {{name} mudou esta reunião.}} Esta é a nova hora.',
        'visitor' =>
            '{held, select, yes {A hora que pediu é agora outra. Fica reservada para si até {host} responder, no máximo até {until}.} other {{who, select, you {Mudou esta reunião.} office {A secretaria mudou esta reunião.} host {{name} teve de mudar esta reunião.} colleague {{name} teve de mudar esta reunião.} other {{name} mudou esta reunião.}} Esta é a nova hora.}}',
        'guest' =>
            '{who, select, you {Mudou esta reunião.} office {A secretaria mudou esta reunião.} host {{name} teve de mudar esta reunião.} colleague {{name} teve de mudar esta reunião.} other {{name} mudou esta reunião.}} Esta é a nova hora.',
    ],
    'cancelled' => [
        'host' =>
            '{who, select, you {Cancelou esta reunião.} office {A secretaria cancelou esta reunião.} other {{name} cancelou esta reunião.}} A hora está de novo livre.',
        'visitor' =>
            '{who, select, you {Desmarcou esta reunião. A hora está agora livre para outros.} office {A secretaria desmarcou esta reunião.} host {{name} teve de desmarcar esta reunião. Lamentamos.} colleague {{name} teve de desmarcar esta reunião. Lamentamos.} other {{name} desmarcou esta reunião.}}',
        'guest' =>
            '{who, select, you {Desmarcou esta reunião. A hora está agora livre para outros.} office {A secretaria desmarcou esta reunião.} host {{name} teve de desmarcar esta reunião. Lamentamos.} colleague {{name} teve de desmarcar esta reunião. Lamentamos.} other {{name} desmarcou esta reunião.}}',
    ],
    'link_added' => [
        'host' => 'Já há ligação de vídeo.',
        'visitor' => 'A ligação de vídeo desta reunião está disponível.',
        'guest' => 'A ligação de vídeo desta reunião está disponível.',
    ],
    'link_changed' => [
        'host' => 'A ligação de vídeo desta reunião é outra. A antiga já não funciona.',
        'visitor' => 'A ligação de vídeo desta reunião é nova. A antiga já não funciona.',
        'guest' => 'A ligação de vídeo desta reunião é nova. A antiga já não funciona.',
    ],
    'place_changed' => [
        'host' => 'Esta reunião é agora noutro lugar.',
        'visitor' => 'Esta reunião é agora noutro lugar.',
        'guest' => 'Esta reunião é agora noutro lugar.',
    ],
    'answers_changed' => [
        'host' => '{name} alterou as suas respostas.',
    ],
    'reminder' => [
        'host' => 'Esta reunião é {when}.',
        'visitor' => 'Esta reunião é {when}.',
        'guest' => 'Esta reunião é {when}.',
    ],
    'guest_brought' => [
        'host' => '{name} acrescentou {guest} a esta reunião.',
        'visitor' =>
            '{who, select, you {Juntou {guest} a esta reunião.} other {{name} juntou {guest} a esta reunião.}} Recebe uma página privada própria.',
        'about' => '{name} acrescentou o seu nome a esta reunião.',
        'guest' => '{name} juntou {guest} a esta reunião.',
    ],
    'guest_left' => [
        'host' => '{guest} já não vem a esta reunião. A reunião mantém-se.',
        'visitor' =>
            '{who, select, you {Retirou {guest} desta reunião.} other {{guest} já não vem a esta reunião.}} A reunião mantém-se.',
        'about' =>
            '{who, select, you {Já não vem a esta reunião.} other {{name} retirou o seu nome desta reunião.}} A reunião mantém-se.',
        'guest' => '{guest} já não vem a esta reunião. A reunião mantém-se.',
    ],
    'sitting' => [
        'heading' => '{count} horas marcadas: {school}',
        'news' => 'Estas {count, number} horas são suas.',
        'press' =>
            '{may, select, change {Mudar ou desmarcar {time}, {host}} cancel {Desmarcar {time}, {host}} other {Ver {time}, {host}}}',
        'another' => 'Marcar outra hora',
    ],
    'link' => [
        'answer' => 'Responder a este pedido',
        'everybody' => 'Ver todos os que marcaram',
        'another' => 'Escolher outra hora',
        'confirm' => 'Sim, é o meu endereço: marcar',
        'change' => 'As suas reuniões: ver, mudar ou desmarcar',
        'cancel' => 'As suas reuniões: ver ou desmarcar',
        'look' => 'As suas reuniões',
    ],
    'off' => [
        'declined' => '{host} não pode reunir consigo a esta hora.',
        'cancelled' =>
            '{who, select, you {Desmarcou esta reunião. A hora está agora livre para outros.} office {A secretaria desmarcou esta reunião.} host {{name} teve de desmarcar esta reunião.} colleague {{name} teve de desmarcar esta reunião.} other {{name} desmarcou esta reunião.}}',
        'by' => '{who, select, office {pela secretaria} other {por {name}}}',
    ],
    'digest_heading' => 'As suas reuniões: novidades em {times, plural, one {# hora} other {# horas}}',
    'digest' => 'Isto é novo desde ontem.',
    'digest_link' => 'Ver as suas folhas',
    'digest_line' =>
        '{state, select, booked {marcada} asked {pedida, espera a sua resposta} cancelled {cancelada} kept {ainda não confirmada} declined {recusada} other {}}: {who}{about, select, none {} other {, sobre {student}}}',
    'again_heading' => 'As suas reuniões',
    'again' => 'Aqui estão as suas reuniões.',
    'again_other' => 'E {number}',
    'was' => 'Já não',
    'that_day' => 'Também nesse dia',
    'free_now' => 'Livres neste momento',
];
