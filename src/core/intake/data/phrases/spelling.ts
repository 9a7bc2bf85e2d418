/** A computer's own names of its terminals, what says that nothing is there, terminals alone in their row. */
export const SPELLING: readonly (readonly [RegExp, string])[] = [
  [/\b(?:gen(?:erator)?|alt(?:ernator)?) turn[- ]?on\b/g, " alternator field control "],
  // A computer's own names of its terminals, alone in their row
  [/^ e ?0?1\d? $/g, " ground "],
  [/^ e ?0?2 $/g, " sensorground "],
  [/^ vc(?:c|p|pa|p2)?\d? $/g, " fivevolt reference "],
  [/^ ht ?\d[abrl]? $/g, " oxygen heater "],
  [/^ neo $/g, " tacho out "],
  [/^ spd $/g, " vehiclespeed "],
  [/^ vg $/g, " airflow "],
  [/^ fc $/g, " fuel pump relay control "],
  [/\b(?:nt|nc0?) ?[+-](?!\w)/g, " turbinespeed "],
  [/\b(?:sp2|no) ?[+-](?!\w)/g, " outputshaftspeed "],
  [/\bm ?[+-](?!\w)/g, " motor "],
  [/(?<=^|\s)\+(?=[a-z]{2})/g, " positive "],
  [/^\s*free\s*$/g, " notused "],
  [/\busb\b(?: ?d?[+-](?!\w))?/g, " usb "],
  // A wire's colour says nothing of what it carries.
  [
    /(?:\b(?:(?:lt|dk|dark|pale)\.?[ -]|light (?=green|blue|brown|gr[ea]y)(?<!\b(?:stop|brake|head|side|tail|panel|fog|warning|reverse|interior) light )))?\b(?:black|brown|red|orange|yellow|green|blue|purple|violet|gr[ea]y|white|pink|tan)(?: ?[/-] ?(?:black|brown|red|orange|yellow|green|blue|purple|violet|gr[ea]y|white|pink|tan))*\b(?: wire)?/g,
    " ",
  ],
  // What a wire passes through is not what it is.
  [/,? ?\b(?:thru|through|via)\b.*$/g, " "],
  [
    /\b(?:temp(?:erature)?|pos(?:ition)?|pot|pedal|tps|app|tp)(?: ?\d)?(?: (?:sensor|snsr|sens))?(?: (?:signal|sig))? (?:low|lo)(?=\s*$)/g,
    " sensorground ",
  ],
  [/\b(?:heated|heat|htd) (?:oxy(?:gen)?|o2|lambda)(?: (?:sens(?:or)?|snsr|probe))?\b/g, " oxygen sensor "],
  [/\b(?:up|gear)[- ]?shift (?:light|lamp|indicator)\b/g, " shift lamp "],
  // Nothing there, or nothing said
  [
    /\b((?:not|nothing) (?:used|conn(?:ected)?|fitted|populated|assigned)|no (?:wire|connection|connect|conn|terminal|circuit)|un[- ]?used|n\/[ua]|not in use|no pin)\b|^\s*n[/ ]?c\s*$/g,
    " notused ",
  ],
  [/\bstart(?:er)? enable\b(?=.*\b(?:ls|low ?side)\b)/g, " starterrelay "],
  [/^\s*to (?:the )?(?:chassis|body|frame)\s*$/g, " ground "],
  [/^\s*-+\s*$/g, " lonedash "],
  [/^ e $/g, " ground "],
  // A moulded letter or sign alone
  [/^ b $/g, " battery feed "],
  [/^ w $/g, " wterminal "],
  [/^ k $/g, " serial diagnosis "],
  [/\banalog(?:ue)? (?:ground|gnd|earth)\b/g, " sensorground "],
  [/^ \+ $/g, " positive "],
  [/\bs terminal\b|\bterminal s\b/g, " start "],
  [/\bwait to start\b/g, " glow lamp "],
  [
    /\b(per build sheet|w\/o opt\b.*|continues? on .*|see (?:note|sheet|page|diagram|book|other|text|remark|below|above|table|fig|drawing|\d).*|purpose unclear|function unknown|as required|refer to .*|to be (?:confirmed|checked|traced)|not (?:known|identified|traced)|unidentified|goes (?:to|somewhere) .*\?|who knows.*|tbc|tbd|\?+)/g,
    " unclear ",
  ],
];
