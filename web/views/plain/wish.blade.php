@php($at = $ranks[$child['name'].' '.$slug] ?? null)
<p><label><input class="box" style="width: 4rem" type="number" min="1" max="20" inputmode="numeric" name="rank[{{ $typed ? "#$c" : $child['name'] }}][{{ $slug }}]" value="{{ $at === null ? '' : $at + 1 }}"> {{ $names[$slug]['host']['name'] ?? '' }}, {{ $names[$slug]['host']['subject'] ?? '' }}</label></p>
