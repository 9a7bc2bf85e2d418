/**
 * Wordings read before single words, as [pattern, replacement]. They join what belongs together ("rev counter"), undo
 * shorthand that a word split would break ("A/C", "P/N", "CAN +"), and tell apart what shares a word ("map lamp" is no
 * manifold pressure). Applied in this order to the lower-cased text.
 */
export const PHRASES: readonly (readonly [RegExp, string])[] = [
  [/[‐‑–—−]/g, "-"],
  [/[’`]/g, "'"],
  // Words with dots: "L.H.", "Ign. sw.", "N.C." at a switch
  [/\b([lr])\. ?h\./g, " $1h "],
  [/(?<=\b(?:sw|switch|contact)s?\.? .*)\bn\.? ?[co]\.?(?![a-z])/g, " "],
  [/(?<=[a-z])\.(?=\s|$)/g, ""],
  [/(?<=[a-z])\.(?=[a-z])/g, " "],
  [/\(?\s*-?\d+\s*(?:…|\.\.\.?|to|-)\s*\+?\d+\s*°?\s*[cf]\s*\)?/g, " "],
  [/\b\d(?:\.\d)?\s?(?:-|to|…|\.\.)\s?\d(?:\.\d)?\s?v(?:olts?)?\b/g, " "],
  [/(?<=^|\s)\+(?=[a-z])/g, " positive "],
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
  [/\bheated (?:oxygen|o2|lambda)(?: (?:sensor|probe))?\b/g, " oxygen sensor "],
  [/\b(?:up|gear)[- ]?shift (?:light|lamp|indicator)\b/g, " shift lamp "],
  // Nothing there, or nothing said
  [
    /\b(not (?:used|connected|fitted|populated|assigned)|no (?:wire|connection|connect|terminal|circuit)|un-?used|n\/[ua]|not in use|no pin)\b|^\s*n[/ ]?c\s*$/g,
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
  [/\bturn on\b/g, " on "],
  [/\bwait to start\b/g, " glow lamp "],
  [
    /\b(per build sheet|w\/o opt\b.*|continues? on .*|see (?:note|sheet|page|diagram|book|other).*|purpose unclear|function unknown|as required|refer to .*|to be (?:confirmed|checked|traced)|not (?:known|identified|traced)|unidentified|goes (?:to|somewhere) .*\?|who knows.*|tbc|tbd|\?+)/g,
    " unclear ",
  ],
  // Feeds
  [
    /\b(?:hot|live) (?:at )?all times\b|\balways (?:hot|live|on)\b|\bpermanent(?:ly)? (?:live|hot|feed|positive|supply)\b|\bkeep[- ]alive(?: memory)?\b|\bmemory (?:power|supply|feed)\b|\bunswitched\b|\bconstant (?:live|12 ?v|feed|power|supply)\b|\bbattery (?:live|feed|direct)\b/g,
    " battery permanent feed ",
  ],
  [/\b(?:hot|live) in (?:run|start|crank)[ /&,-]*(?:and |or )?(?:start|crank|run)?\b/g, " ignition feed "],
  [
    /\brun\s*[/&+]\s*(?:start|crank)\b|\brun[- ](?:and|or)[- ](?:start|crank)\b|\brun[- ]crank\b|\bstart[- /](?:run)\b/g,
    " ignition runcrank ",
  ],
  [/\b(?:key|ign(?:ition)?)[ -](?:on|run)\b/g, " ignition "],
  [/\bsw(?:itched)?\.? (?:live|hot)\b|\b12 ?v sw(?:itched)?\b/g, " ignition feed "],
  [/\bcoil ?\+(?! ?\w)/g, " ignition feed "],
  [/\bbat(?:t(?:ery)?)? charge? out(?:put)?\b/g, " battery feed out "],
  [/\bcontact in\b/g, " contact incoming "],
  [/\balt(?:ernator)? load\b/g, " alternator field monitor "],
  [/\bne ?[+-](?!\w)/g, " crankshaft sensor "],
  // What the intake's air has for its short name is an output's beside "aircon".
  [/\bact\b(?<=\b(?:ac|aircon|a\/c)\b.*)/g, " "],
  [/\bidle (?:contact|sw(?:itch)?)\b/g, " closedthrottle switch "],
  [/\binertia (?:sw(?:itch)?|cut[- ]?off)\b/g, " fuel pump switch "],
  [/\bover[- ]?heat(?:ing)?\b/g, " coolant temperature warning "],
  [/\bkill (?:sw(?:itch)?|button)(?<in> in\b)?/g, " ignition feed "],
  [/\b(?:ignition|switched|ign|key(?:ed)?)[ -]?(?:switched )?(?:live|hot|positive|\+|12 ?v)/g, " ignition feed "],
  [/\bignition (?:switched|sw(?:itch)?)(?: feed| supply| power| voltage)?\b/g, " ignition feed "],
  [/\bswitched (?:feed|supply|power|battery|b\+)\b/g, " ignition feed "],
  [/\b(?:kl|klemme|terminal|term|t)\.? ?(15|30|31|49|50|53|54|56|58|61|75|85|86|87)(?:(?<!31)[a-elr])?\b/g, " din$1 "],
  [/(?:\b|[+b]\s?)12 ?v(?:olts?)?\b ?\+?(?! ?ref)/g, " supply twelve "],
  [/\bb\s?\+|\bbat(?:t(?:ery)?)? ?\+|\bbat(?:tery)? pos(?:itive)?\b|\+ ?b\b/g, " battery permanent "],
  [/\bbat(?:t(?:ery)?)? ?(?:-(?!\w)|neg(?:ative)?\b)/g, " ground battneg "],
  [/\bd\s?\+/g, " dplus charge "],
  [/\bign\s?\+/g, " ignition feed "],
  [/\bw (?:terminal|alt(?:ernator)?)\b|\b(?:terminal|alt(?:ernator)?) w\b/g, " wterminal "],
  // References and returns
  [/\b(?:\+ ?)?(?:5|8)\s?-?\s?v(?:olts?)?\b(?: ?ref(?:erence)?)?|\bv[ -]?ref\b|\bvcc\b/g, " fivevolt reference "],
  [/\b(?:sensor|snsr|sens) (?:supply|feed|power|pwr|voltage)\b/g, " fivevolt reference "],
  [
    /\blow ref(?:erence)?\b|\b(?:ref(?:erence)?|sig(?:nal)?) (?:low|lo|return|rtn|gnd|ground|earth)\b|\b0 ?v(?:olts?)?\b/g,
    " sensorground ",
  ],
  [
    /\b(?:sensor|snsr|sens|sen) (?:ground|gnd|grnd|earth|return|rtn|grd|low)\b|(?<!crank|crankshaft|cam|camshaft|knock|speed|shaft|ckp|knk|pos) (?:sensor|snsr|sens|sen) -(?!\w)/g,
    " sensorground ",
  ],
  [
    /\b(?:to|switches to|closed? to|closes to|contact to|switched to) (?:ground|gnd|earth|chassis)\b/g,
    " groundswitching ",
  ],
  [
    /\b(?:ground|earth|gnd)[- ]?(?:switched|switching|side|controlled|ctrl|control)\b|\bswitched (?:ground|earth)\b|\bnegative switched\b/g,
    " groundswitching ",
  ],
  [/\b(?:eng(?:ine)?) (?:blk|block|blo) (?:gnd|ground|grnd|earth)\b/g, " engine block ground "],
  [/\bo\/p\b/g, " output "],
  [/\bi\/p\b/g, " incoming "],
  [/\+ ?12(?: ?v)? ?sw(?:itched)?\b/g, " ignition feed "],
  [/\bhi(?:gh)?[- ]side\b/g, " highside "],
  [/\blo(?:w)?[- ]side\b/g, " lowside "],
  // Programmable computers: their inputs and outputs are numbered, and what they are used for stands beside
  [/\bat ?\d\b(?=.*[a-z])/g, " temperature "],
  [/\ban(?:alog(?:ue)?)?(?: in)? ?\d{1,2}\b(?=.*[a-z])/g, " "],
  [/\bdig(?:ital)? in(?:put)? ?\d{1,2}\b(?=.*[a-z])/g, " incoming "],
  [/\btrig(?:ger)? ?1\b/g, " crankshaft sensor "],
  [/\btrig(?:ger)? ?2\b/g, " camshaft sensor "],
  [/\bh[- ]?bridge\b/g, " bridge motor "],
  // Old cars
  [/\bignition (?:warning )?(?:lamp|light|lt)\b|\bign (?:warning )?(?:lamp|light|lt)\b/g, " chargewarning lamp "],
  [/\bdip(?:ped)? ?(?:\/|and|&) ?main\b|\bhead ?(?:lamp )?flash(?:er)?\b/g, " headlamp beam "],
  [/\btrafficators?\b/g, " turn "],
  [/\b(?:amp|amps|no charge) (?:light|lamp)\b/g, " chargewarning lamp "],
  [/\bdimmer switch\b/g, " headlamp beam switch "],
  [/\bcharge temp(?:erature)?\b/g, " intake air temperature "],
  [/\b(?:trigger|tone|reluctor|toothed) (?:wheel|ring)\b/g, " crankshaft sensor "],
  [/\bhome (?:signal|sensor)\b/g, " camshaft sensor "],
  [/\bcontact breaker(?: points)?\b/g, " points "],
  [/\bballast (?:bypass|resistor)\b/g, " ballast "],
  [/\bcondenser\b.*|.*\bcondenser\b/g, " unclear "],
  [/\b(?:volt(?:age)?|inst(?:rument)?)\.? ?stab(?:ili[sz]er)?\b|\bstabili[sz]er\b/g, " stabiliser "],
  // Engine
  [
    /\brev(?:olution)?[- ]?(?:counter|meter|count)\b|\bengine (?:speed|rpm|revs)\b|\beng(?:n|ine)? spd\b|\btach(?:o(?:meter)?)?\b|\brpm\b/g,
    " tacho ",
  ],
  [/\broad speed\b|\bveh(?:icle)?\.? ?sp(?:ee)?d\b|\bspeedo(?:meter)?\b|\bspeed pulse\b/g, " vehiclespeed "],
  [/\bcruise[ -]control\b|\bspeed control\b/g, " cruise "],
  [/\bthrottle body\b/g, " throttle "],
  [/\b(?:accel(?:erator)?|gas|throttle|acc) ped(?:al)?\b|\bdrive[- ]by[- ]wire pedal\b/g, " pedal accelerator "],
  [/\bair[- ]?con(?:ditioning|ditioner|d)?\b|\ba\/c\b|\baircon\b/g, " ac "],
  [/\bair (?:intake|inlet|charge)\b|\b(?:charge|intake|inlet|manifold) air\b/g, " intake air "],
  [/\bair (?:flow|mass)\b|\bmass air ?flow\b|\bmass flow\b/g, " airflow "],
  [/\bman(?:ifold)? abs(?:olute)? press(?:ure)?\b/g, " manifold pressure "],
  [/\bmap (?:lamp|light|reading)\b/g, " interior lamp "],
  [/\bb(?:ank)? ?(\d) ?s(?:ensor|nsr)? ?(\d)\b/g, " bank $1 bankprobe $2 "],
  [/\bo2s? ?([12])\s?[/-]\s?([12])\b/g, " oxygen bank $1 bankprobe $2 "],
  [/\b(?:pre|post|up|down)[- ]?(?:cat(?:alyst)?|stream)\b/g, " catposition "],
  [
    /\bcheck[- ]engine\b|\bchk eng\b|\bservice engine(?: soon)?\b|\bengine (?:warning|management|check)(?: lamp| light)?\b|\bmalfunction indicator\b|\b(?:engine )?fault (?:lamp|light)\b|\bengine (?:lamp|light)\b/g,
    " mil lamp ",
  ],
  [/\btop dead cent(?:re|er)\b|\btdc\b/g, " crankshaft sensor "],
  [
    /\bvariable (?:valve|cam) timing\b|\b(?:cam(?:shaft)?|cmp) (?:phas(?:er|ing)|timing|advance|adjuster|adjustment|actuator|control)\b|\boil control valve\b|\b(?:intake|exhaust|inlet)? ?cam(?:shaft)? (?:sol(?:enoid)?|valve|vlv)\b/g,
    " phaser ",
  ],
  [/\bcharge air cooler\b/g, " intake air "],
  [/\bidle (?:air|speed)\b/g, " idle "],
  [
    /\b(?:variable|var) (?:intake|length)(?: manifold| runner)?\b|\bintake (?:runner|tuning|flap|manifold runner|manifold tuning)\b/g,
    " runner ",
  ],
  [/\b(?:exhaust gas|exh gas) recirc(?:ulation)?\b/g, " recirculation "],
  [/\bglow[- ]?plugs?\b|\bpre-?heat(?:er|ing)?\b|\b(?:intake|inlet|grid|manifold) (?:air )?heater\b/g, " glow "],
  [/\bwater[- ]in[- ]fuel\b|\bwif\b/g, " waterinfuel sensor "],
  [/\b(?:lift|transfer|feed) pump\b/g, " fuel pump "],
  [/\bexh(?:aust)? brake\b/g, " exhaustbrake "],
  [/\b(?:remote|engine|emergency) (?:stop|kill)\b|\bstop (?:lamp|light) (?:engine|amber)\b/g, " enginestop switch "],
  [/\bstop solenoid\b|\bfuel (?:cut|shut)[- ]?off (?:sol(?:enoid)?|valve)\b|\bfss\b/g, " fuelstop solenoid "],
  [/\bthrottle inhibit\b/g, " enginestop request "],
  [/\bcanister\b|\bevap\b/g, " purge "],
  [
    /\bhigh speed can\b|\bhs[- ]?can\b|\bcan[- ]?c\b|\bdrive ?train can\b|\bpowertrain can\b|\bpt[- ]can\b|\bengine can\b|\bcan (?:powertrain|drive|engine)\b/g,
    " can powertrain ",
  ],
  [
    /\b(?:low|medium) speed can\b|\b[lm]s[- ]?can\b|\bcan[- ]?b\b|\b(?:body|comfort|interior|convenience) can\b|\bcan (?:body|comfort)\b|\binfotainment can\b/g,
    " can comfort ",
  ],
  [/\bcan(?:[- ]?bus)?\s?(?:\+|[- ]?hi?(?:gh)?\b)/g, " can high "],
  [/\bcan(?:[- ]?bus)?(?:\s?-(?!\w)|[- ]?lo?(?:w)?\b)/g, " can low "],
  [
    /\b[kl][- ]?line\b|\biso ?9141\b|\biso ?k\b|\bdiag(?:nostic)? (?:line|link|data)\b|\bk[- ]?bus\b/g,
    " serial diagnosis ",
  ],
  [/\blin[- ]?bus\b/g, " lin "],
  // Gearbox
  [
    /\bp\s?[/&-]\s?n\b|\bpark\s?(?:[/&,-]|and|or)\s?neut(?:ral)?\b|\bp and n\b|\bp or n\b|\bneutral (?:start|safety|sense|switch|sw)\b|\bstart(?:er)? (?:inhibit(?:or)?|interlock|lockout|inhib)\b(?! (?:relay|rly))/g,
    " parkneutral ",
  ],
  [/\btorque conv(?:erter)?\b|\bconv(?:erter)? clutch\b|\block[- ]?up\b|\btcc\b/g, " converter clutch tcc "],
  [/\breverse lock[- ]?out\b|\brev(?:erse)? inhibit\b/g, " reverse lockout "],
  [
    /\brev(?:ers(?:e|ing))?\.? (?:lamp|light|lt|lp|sw|switch|lamps|lights|gear|contact)\b|\bback[- ]?up (?:lamp|light|lt|lp|sw|switch|lamps|lights)\b|\bclosed in reverse\b|\bin reverse\b/g,
    " reverse lamp ",
  ],
  [
    /\b(?:shift|shft|sft) (?:sol(?:enoid)?|valve|vlv) ?-?([a-e1-6])?\b|\bss ?-?([a-e1-6])\b|\b[1-5]-[2-6] (?:shift|sol(?:enoid)?|shft)(?: sol(?:enoid)?| vlv| valve)?\b/g,
    " shiftsolenoid $1 ",
  ],
  [
    /\b(?:line|main) press(?:ure)?(?: control)?(?: sol(?:enoid)?)?\b|\b(?:press(?:ure)?) (?:control|ctrl|cntrl|reg(?:ulator)?)? ?sol(?:enoid)?(?: valve)?\b|\bpc sol(?:enoid)?\b|\bepc(?: sol(?:enoid)?)?\b|\bforce motor\b/g,
    " pressuresolenoid ",
  ],
  [/\b(?:turbine|input) (?:shaft )?(?:speed|spd|rev(?:olution)?s?)(?: sensor| snsr)?\b/g, " turbinespeed "],
  [
    /\b(?:output|out) (?:shaft )?(?:speed|spd|rev(?:olution)?s?)(?: sensor| snsr)?\b|\btail ?shaft speed\b/g,
    " outputshaftspeed ",
  ],
  [
    /\b(?:trans(?:mission)?|gearbox|a\/t|at|atf|trns|box) (?:fluid |oil )?temp(?:erature)?\b|\batf temp(?:erature)?\b|\bfluid temp(?:erature)?\b/g,
    " transmission temperature ",
  ],
  [/\bgear (?:position )?(?:display|indicator|indication)\b/g, " gear display "],
  [
    /\b(?:gear|trans(?:mission)?|selector) (?:range|position|pos|select(?:or)?)(?: sw(?:itch)?| sensor| snsr)?(?: ?[abcp])?\b|\brange (?:sw(?:itch)?|sensor|snsr|sig(?:nal)?|code)(?: ?[abcp])?\b|\bprnd\w*\b|\b(?:selector|gear) lever\b/g,
    " gearrange ",
  ],
  [
    /\b(?:sport|winter|economy|power|snow|tow(?:\/haul)?|hold|kick[- ]?down|manual|overdrive|o\/d|od)(?: cancel| off)? ?(?:mode|sw(?:itch)?|button|program(?:me)?|select)\b|\bkick[- ]?down\b|\bmanual (?:up|down)(?: switch)?\b|\b(?:up|down)[- ]?shift\b|\bo\/d (?:off|cancel)\b|\btip (?:up|down)\b/g,
    " shiftmode ",
  ],
  [
    /\b4\s?[x×]\s?4\b|\b4 ?wd\b|\bfour[- ]wheel[- ]drive\b|\ball[- ]wheel[- ]drive\b|\btransfer (?:case|box)\b|\bfront axle\b/g,
    " fourwheel ",
  ],
  // Body
  [/\b(?:hand|park(?:ing)?|emergency)[ -]?(?:brake|brk)\b/g, " handbrake "],
  // "Hi beam ind", "neutral ind" are lamps; a side alone makes an indicator of the turn.
  [
    /\bind(?:icator)?\b(?<=\b(?:beam|neutral|gear|oil|fuel|choke|fog|brake|charge|temp|trailer|abs|mil|fault|glow|heat|set|on) ind(?:icator)?)/g,
    " lamp ",
  ],
  [/\bo\/d\b/g, " overdrive "],
  [/\bside[- ]stand\b/g, " sidestand switch "],
  [/\bhour[- ](?:meter|counter|run)\b/g, " hourmeter "],
  [/\bwork(?:ing)? ?(?:lamp|light)s?\b/g, " beam lamp "],
  [/\bint\.? (?:lamp|light|lt)s?\b/g, " interior lamp "],
  [/\bhead ?(?:lamp|light)s?\b/g, " headlamp lamp "],
  [/\b(?:high|main|full|dip(?:ped)?|low|driving) ?beam\b/g, " headlamp beam "],
  [/\b(?:side|tail|parking|park|position|marker|clearance|running) ?(?:lamp|light)s?\b/g, " sidelamp lamp "],
  [/\b(?:number|licen[cs]e) ?plate\b/g, " numberplate "],
  [
    /\b(?:stop|brake) ?(?:lamp|light)s? sw(?:itch)?\b|\bbrake (?:on\/off|on off|pedal)(?: sw(?:itch)?| position)?\b/g,
    " brake brakeswitch switch ",
  ],
  [/\b(?:stop|brake) ?(?:lamp|light)s?\b/g, " brake brakeswitch stoplamp "],
  [/\bbrake (?:servo|booster|vacuum)\b/g, " brake vacuum "],
  [/\bbrake fluid(?: level)?\b|\bbrake (?:warning|failure|level)\b/g, " brakefluid "],
  [
    /\bturn (?:signal|indicator|lamp)s?\b|\bdirection (?:indicator|signal|lamp)s?\b|\b(?:left|right|lh|rh|trailer|side) (?:indicator|flasher)s?\b|\bflasher\b|\bindicators?\b(?= (?:left|right|lh|rh|lamp|relay|unit|switch))/g,
    " turn ",
  ],
  [
    /\b(?:instrument|panel|pan|dash(?:board)?|switch) (?:lighting|illum(?:ination)?|lamps?|lights?|lts|backlight(?:ing)?)\b/g,
    " illumination ",
  ],
  [
    /\b(?:interior|courtesy|dome|roof|saloon|load ?space|boot|glove ?box|reading|cabin) (?:lamp|light|lt)s?\b/g,
    " interior lamp ",
  ],
  [/\b(?:rear|heated)(?: rear)? (?:window|screen)\b|\bheated (?:windscreen|windshield)\b/g, " demister "],
  [/\bseat[- ]?belt\b/g, " belt "],
  [/\bheated seat\b|\bseat (?:heat(?:er|ing)?|htr)\b/g, " seat heater "],
  [/\bheater (?:fan|blower|motor|resistor|(?:\d )?speeds?)\b|\bblower\b/g, " blower "],
  [/\bair ?bag\b/g, " airbag "],
  [/\banti[- ]lock\b/g, " abs "],
  [/\bcigar(?:ette)? lighter\b|\bpower (?:outlet|socket)\b/g, " cigar "],
  [/\bpower steer(?:ing)?\b|\bp\/s\b|\bpower str(?:g)?\b/g, " powersteering "],
  [/\bseat ?belt\b/g, " belt "],
  // Anti-theft and charging
  [/\bimmobili[sz]er\b|\banti[- ]?theft\b|\btheft[- ]deterrent\b/g, " security "],
  [
    /\bkey (?:reader|coil|ring|transponder|antenna|aerial)\b|\btransponder (?:coil|ring|reader|antenna|aerial)\b/g,
    " keyreader ",
  ],
  [
    /\b(?:starter|start|strtr|strt|crank|crnk) (?:(?:enable|inhib(?:it(?:or)?)?|control|ctrl) )?(?:sol(?:enoid)?|motor|mtr)\b/g,
    " starterrelay solenoid ",
  ],
  [
    /\b(?:starter|start|strtr|strt|crank|crnk) (?:(?:enable|inhib(?:it(?:or)?)?|control|ctrl) )?(?:relay|rly)\b/g,
    " starterrelay ",
  ],
  [
    /\bkey (?:start|crank)\b|\bstart(?:er)? (?:request|signal|sig|switch|sw|req|input|enable|in|sense)\b|\bcrank (?:request|signal|sig|req|input|sense|relay request)\b/g,
    " starterrequest ",
  ],
  [
    /\bcharg(?:e|ing) (?:lamp|light|warning|indicator|ind|telltale)\b|\b(?:alt(?:ernator)?|gen(?:erator)?|battery|ignition) (?:lamp|warning(?: lamp| light)?|light|telltale|ind(?:icator)?)\b|\bno[- ]charge(?: lamp| light)?\b/g,
    " chargewarning lamp ",
  ],
  [
    /\bmain (?:relay|rly)\b|\b(?:efi|ecm|pcm|ecu|engine|eec|asd|system|power|pwr) (?:main )?(?:relay|rly)\b|\bauto shut[- ]?down(?: relay)?\b/g,
    " mainrelay ",
  ],
  [/\b(?:gen(?:erator)?|alt(?:ernator)?) f(?: term(?:inal)?)?\b/g, " alternator field "],
  [/\b(?:gen(?:erator)?|alt(?:ernator)?) (?:l(?:amp)?)(?: term(?:inal)?)?\b/g, " chargewarning lamp "],
  [/\bwake[- ]?up\b/g, " wake "],
  [/\boil (?:press(?:ure)? )?(?:warning |low )?(?:lamp|light|lt|telltale)\b/g, " oilwarning lamp "],
  [/\boil (?:press(?:ure)? )?(?:warning|sw(?:itch)?)\b|\blow oil pressure\b/g, " oilwarning "],
  [/\boil (?:gauge|sender|press(?:ure)? (?:gauge|sender|sensor|snsr|transducer))\b/g, " oil pressure "],
  [
    /\b(?:fan|cooling fan) (?:high|hi|2|stage 2|speed 2|fast|second)\b|\b(?:high|hi|second)[- ](?:speed )?(?:cooling )?fan\b|\bfan high speed\b/g,
    " fan fanhigh ",
  ],
  [
    /\b(?:fan|cooling fan) (?:low|lo|1|stage 1|speed 1|slow)\b|\b(?:low|lo)[- ](?:speed )?(?:cooling )?fan\b|\bfan low speed\b/g,
    " fan ",
  ],
  // Steppers of an engine's harness work its idle air; a coil of one is no ignition coil.
  // (What stands before is looked at once the word is found: the other way round it is looked at from each letter.)
  [/\bstepper\b(?<=\b(?:idle|iac|iacv)\b.*)(?: motor)?(?: (?:coil|phase|ph|winding))?\b/g, " motor phase "],
  // Not said what it moves: the word stays, as one that nobody understood, and the guess is no sure one.
  [
    /\bstepper\b(?<!\b(?:gauge|head ?lamp|lamp|level+ing|flap|heater|egr|turbo|boost|mirror)\b.*)(?: motor)?(?: (?:coil|phase|ph|winding))?\b(?!.*\b(?:gauge|lamp|level+ing|flap|heater|egr|turbo|boost|mirror)\b)/g,
    " idle motor stepper phase ",
  ],
  [/\b(?:common |fuel )?rail (?:press(?:ure)?|sensor)\b/g, " fuel pressure "],
  [/\btank unit\b/g, " fuel sender "],
];
