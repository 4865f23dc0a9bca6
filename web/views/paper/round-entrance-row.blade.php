<td style="width: 5.5cm"><strong>{{ $row['family'] }}</strong></td>
<td class="when">{{ App\Framework\Spell::clock($row['from']) }}</td>
<td style="width: 5.5cm">{{ $row['host'] }}</td>
<td><strong>{{ $row['place'] }}</strong></td>
