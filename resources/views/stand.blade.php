<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 {{ $width }} {{ $height }}">
@if ($stand->pole !== null)<path d="{{ $stand->pole }}" fill="none" stroke="#55617a" stroke-width="3"/>@endif
<path d="{{ $stand->outline }}" fill="#f4f6fa" stroke="#14233f" stroke-width="2"/>
<path d="{{ $stand->tape }}" fill="none" stroke="#c22014" stroke-width="6"/>
@if ($stand->arrows !== null)<path d="{{ $stand->arrows }}" fill="#c22014"/>@endif
</svg>
