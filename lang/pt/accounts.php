<?php

declare(strict_types=1);

return [
    'people' => 'Pessoal',
    'known' => 'Alguém com este endereço já está na lista.',
    'has_come' => '{name} já entrou. Quem esqueceu a palavra-passe recebe uma mensagem a partir da página de entrada.',
    'on_sheet' => '{name} já está numa folha. Retire primeiro o nome de lá.',
    'last_office' => '{name} é a única pessoa da secretaria que pode entrar. Dê primeiro a secretaria a outra pessoa.',
    'reader_has_sheets' =>
        '{name} tem folhas, e quem só lê não tem nenhuma. Arrume-as primeiro, ou passe-as a um colega.',
    'has_left' => 'Saiu: {when}.',
    'lent' => '{to} cuida das suas folhas até {until}.',
    'meeting' => '{when}: {who}',
    'leave_yourself' => 'Não pode registar a sua própria saída. Isso faz outra pessoa da secretaria.',
    'left_said' =>
        'A saída de {name} está registada. {to, select, nobody {{sheets, plural, =0 {Não havia folhas para fechar} one {Fechou-se uma folha} other {Fecharam-se # folhas}}} other {{sheets, plural, =0 {Não havia folhas para passar} one {Uma folha é agora de {to}} other {# folhas são agora de {to}}}}}; {moved, plural, =0 {nenhuma reunião mudou de mãos} one {uma reunião mudou de mãos} other {# reuniões mudaram de mãos}}, {cancelled, plural, =0 {nenhuma foi cancelada} one {uma foi cancelada} other {# foram canceladas}}. Todas as pessoas afetadas recebem uma mensagem.',
    'office' => 'Secretaria',
    'moved_in' => '{school} já está instalada. A secretaria convida todos os outros, na página «Pessoal».',
    'move_in' => 'Uma escola instala-se',
    'test_heading' => 'As mensagens chegam',
    'test_dear' => 'Bom dia,',
    'test_news' => 'Esta é a mensagem de teste. As mensagens do seu novo Recess chegam.',
    'test_link' => 'O quadro da escola',
    'test_sent' =>
        'O servidor de correio aceitou uma mensagem para {email}. Veja se chegou; também entre as indesejadas.',
    'test_failed' => 'O servidor de correio não a aceitou: {why}',
    'let_in_nobody' => 'Ninguém da secretaria tem este endereço.',
    'come_in' =>
        '{name} escolhe aqui uma palavra-passe. O endereço abre uma só vez, dentro de sete dias; execute de novo para obter outro.',
    'file_columns' =>
        'A primeira linha tem de nomear as colunas: name, email, subject; e, se quiser, role, com office ou reader para quem não é simplesmente do pessoal.',
    'file_long' => 'Mais de {most, number} linhas. Envie-as em vários ficheiros.',
    'file_guessed' =>
        'As letras não são UTF-8 nem UTF-16; foram lidas como o Windows as escreve. Veja os nomes com acentos.',
    'file_line' => 'Linha {line, number}: {why}',
    'file_twice' => 'A linha {line, number} tem o mesmo endereço que a linha {first, number}, que é a que conta.',
    'file_said' =>
        '{new, plural, =0 {Ninguém novo} one {Uma pessoa é nova} other {# pessoas são novas}}, {known, plural, =0 {nenhuma já está na lista} one {uma já está na lista} other {# já estão na lista}}, {notes, plural, =0 {nada mais a dizer} other {e há mais para ver em baixo}}.',
    'file_changed' => 'Entretanto, outra pessoa convidou uma destas. Nada foi enviado; veja o ficheiro de novo.',
    'file_sent' =>
        '{sent, plural, =0 {Ninguém era novo; nenhuma mensagem foi enviada} one {Uma mensagem está a caminho} other {# mensagens estão a caminho}}.',
    'invited_until' => 'Convite válido até {until}.',
    'invitation_over' => 'O convite expirou. Envie outro.',
    'password_short' =>
        'Pelo menos {least} caracteres. Servem bem algumas palavras que só a si ocorreria juntar, também com espaços.',
    'password_long' => 'No máximo {most} caracteres.',
    'password_guessed' =>
        'Esta é das primeiras que outros tentariam. Escolha palavras que nada tenham a ver consigo nem entre si.',
    'current_wrong' => 'Esta não é a sua palavra-passe atual.',
    'changed' => 'A sua palavra-passe é agora outra. Em todos os outros sítios a sessão foi fechada.',
    'key_spent_title' => 'Este endereço já não abre nada',
    'key_spent' =>
        'Este endereço já foi usado, ou o seu prazo passou. Se tem palavra-passe, entre. Se não, peça uma mensagem em baixo, ou pergunte na secretaria.',
    'title_invitation' => 'Damos-lhe as boas-vindas',
    'title_password' => 'Uma nova palavra-passe',
    'page_invitation' => '{school} publica aqui as suas horas de reunião. Escolha uma palavra-passe e está dentro.',
    'page_password' => 'Escolha uma nova palavra-passe. A sessão será fechada onde quer que esteja aberta.',
    'forgotten_title' => 'Palavra-passe esquecida',
    'forgotten_said' =>
        'Se existe uma conta com este endereço, uma mensagem está a caminho. Abre uma só vez, dentro de {hours, plural, one {uma hora} other {# horas}}. Não chegou nada? Veja entre as indesejadas, ou pergunte na secretaria.',
    'invitation_heading' => 'Um convite de {school}',
    'invitation_news' =>
        '{role, select, reader {{by} enviou-lhe um convite para ver as listas de cada dia de {school}: quem vem, quando e onde.} other {{by} enviou-lhe um convite para publicar horas de reunião para {school}.}} O endereço abaixo abre uma só vez, até {until}.',
    'invitation_link' => 'Escolher uma palavra-passe e entrar',
    'password_heading' => 'Uma nova palavra-passe',
    'password_news' =>
        'Alguém (esperamos que seja quem lê esta mensagem) pediu uma nova palavra-passe para a sua conta. O endereço abaixo abre uma só vez, até {until}. Se o pedido não foi seu, não faça nada: a palavra-passe fica como está.',
    'password_link' => 'Escolher uma nova palavra-passe',
    'changed_heading' => 'A sua palavra-passe foi alterada',
    'changed_news' =>
        'A palavra-passe da sua conta é agora outra, e em todos os outros sítios a sessão foi fechada. Se não foi a seu pedido, recupere-a já com «Palavra-passe esquecida» na página de entrada, e avise a secretaria.',
    'changed_link' => 'Entrar',
    'lent_of_heading' => 'Um colega cuida das suas folhas',
    'lent_of_news' =>
        '{to} cuida das suas folhas até {until}, para que ninguém espere durante a sua ausência. {to} vê quem marcou consigo e pode alterar o que lhe é permitido alterar a si. Definido por {by}.',
    'lent_of_link' => 'Para as suas folhas',
    'lent_to_heading' => 'Cuida das folhas de um colega',
    'lent_to_news' =>
        'Até {until} cuida das folhas de {of}. Estão na sua primeira página: vê quem marcou e pode alterar o que {of} pode. Definido por {by}.',
    'lent_to_link' => 'Para a sua primeira página',
    'lent_over_of_heading' => 'As suas folhas são de novo só suas',
    'lent_over_of_news' => '{to} já não cuida das suas folhas. Definido por {by}.',
    'lent_over_of_link' => 'Para as suas folhas',
    'lent_over_to_heading' => 'As folhas de um colega já não estão consigo',
    'lent_over_to_news' => 'Já não cuida das folhas de {of}. Definido por {by}.',
    'lent_over_to_link' => 'Para a sua primeira página',
    'wrong_keys' =>
        'Daqui foram tentadas muitas ligações que não abrem nada. Espere uma hora, ou peça uma nova na secretaria.',
];
