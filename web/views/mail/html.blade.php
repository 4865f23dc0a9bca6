<!doctype html>
<html {!! App\Framework\Languages::attributes($reading) !!}>
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ $letter->news }}</title>
</head>
<body style="margin:0;padding:24px 12px;background:#fbf8f1;color:#1d2a26;font:17px/1.5 'Atkinson Hyperlegible Next',Verdana,sans-serif">
<div style="max-width:34em;margin:0 auto;padding:20px 24px;background:#ffffff;border:1px solid #ddd6c6;border-radius:6px">
<p style="margin:0 0 12px">{{ $letter->greeting }}</p>
<p style="margin:0 0 16px;font-size:20px;font-weight:bold">{{ $letter->news }}</p>
@if ($letter->word !== '')
<p style="margin:0 0 16px;padding-left:12px;border-left:4px solid #e8a317;white-space:pre-line">{{ $letter->word }}</p>
@endif
<table role="presentation" cellpadding="0" cellspacing="0" style="border-collapse:collapse;margin:0 0 20px">
@foreach ($letter->facts as $name => $value)
<tr>
<td style="padding:4px 16px 4px 0;color:#5d6a64;vertical-align:top">{{ $name }}</td>
<td style="padding:4px 0;vertical-align:top;overflow-wrap:anywhere">{{ $value }}</td>
</tr>
@endforeach
</table>
@foreach ($letter->buttons as $button)
<p style="margin:0 0 10px"><a href="{{ $button['link'] }}" style="display:inline-block;padding:9px 16px;border:1px solid #1f5c4a;border-radius:6px;color:#1f5c4a;font-weight:bold;text-decoration:none">{{ $button['text'] }}</a></p>
@endforeach
<p style="margin:0 0 20px"><a href="{{ $letter->link }}" style="color:#1f5c4a;font-weight:bold">{{ $letter->linkText }}</a></p>
<p style="margin:0;color:#5d6a64">{{ $letter->school }}</p>
</div>
</body>
</html>
