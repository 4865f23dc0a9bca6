<td class="when">{{ App\Framework\Spell::clock($row['from']) }}</td>
<td><strong>{{ $row['student'] ?: $row['family'] }}</strong>@if ($row['student'] !== ''), {{ $row['family'] }}@endif @if ($row['interpreter'] !== '')<br>@say('paper.interprets', ['name' => $row['interpreter']]) @endif @if ($row['needs'] !== '')<br>{{ $row['needs'] }} @endif</td>
<td class="phone">{{ $row['phone'] }}</td>
<td class="phone" style="width: 2.4cm">{{ $row['place'] }}</td>
<td class="here">&#9633; @say('paper.here') &#9633; @say('paper.not')</td>
