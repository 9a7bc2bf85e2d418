/** Signs and dots; then what a meter shows: values and how they were met. */
export const VALUES: readonly (readonly [RegExp, string])[] = [
  [/[‐‑–—−]/g, "-"],
  [/[’`]/g, "'"],
  [/lite(s?)\b(?<=(?:\b|head|tail|stop|brake|side|fog|spot)lites?)/g, "light$1"],
  // Words with dots: "L.H.", "Ign. sw.", "N.C." at a switch
  [/\b([lr])\. ?h\./g, " $1h "],
  [/\bn\.? ?[co]\.?(?![a-z])(?<=\b(?:sw|switch|contact)s?\.? .*)/g, " "],
  [/(?<=[a-z])\.(?=\s|$)/g, ""],
  [/(?<=[a-z])\.(?=[a-z])/g, " "],
  [/\(?\s*-?\d+\s*(?:…|\.\.\.?|to|-)\s*\+?\d+\s*°?\s*[cf]\s*\)?/g, " "],
  [/\b\d(?:\.\d)?\s?(?:-|to|…|\.\.)\s?\d(?:\.\d)?\s?v(?:olts?)?\b/g, " "],
  // Two voltages in one row are what it goes between.
  [/\b\d+\s?v?\/\d+(?:[.,]\d+)?\s?v(?:olts?)?\b/g, " "],
  [
    /\b\d+(?:[.,]\d+)?\s?v(?:olts?)?\b(?=.*\b\d+(?:[.,]\d+)?\s?v(?:olts?)?\b)|\b\d+(?:[.,]\d+)?\s?v(?:olts?)?\b(?<=\b\d+(?:[.,]\d+)?\s?v(?:olts?)?\b.*\b\d+(?:[.,]\d+)?\s?v(?:olts?)?)/g,
    " ",
  ],
  // What a meter shows is no feed: a value and how it was met, volts that are no whole feed, volts in a state.
  [/\b\d+(?:[.,]\d+)?(?:\s?-\s?\d+(?:[.,]\d+)?)?\s?k?hz\b/g, " frequency "],
  [
    /\b\d+(?:[.,]\d+)?(?:\s?-\s?\d+(?:[.,]\d+)?)?\s?(?:r|k\d?|k?ohms?|kω|ω)(?![\w-])(?: (?:@|at) ?-?\d+ ?(?:°|deg)? ?[cf]?(?!\w))?(?: (?:hot|cold|warm|empty|full))?/g,
    " ohms ",
  ],
  [
    /\b\d+(?:[.,]\d+)?(?:\s?-\s?\d+(?:[.,]\d+)?)?\s?(?:psi|bar|m?bar|kpa|ms|ma|mv|baud|ppr|ppm|ppkm|pulses?\/\w+|%)(?![\w-])(?: (?:abs|gauge|g|a)\b)?(?: (?:@|at) ?-?\d+ ?(?:°|deg)? ?[cf]?(?!\w))?(?: (?:hot|cold|warm|empty|full|closed|open))?(?: \d(?:[.,]\d+)? ?v\b)?/g,
    " ",
  ],
  [
    /(?<![\d.,])(?!0 ?v|5 ?v|8 ?v|12 ?v)\d{1,2}(?:[.,]\d+)? ?v(?:olts?)?\b(?: (?:closed|open|idle|hot|cold|wot|key on|key off|cranking|=|\/))*/g,
    " ",
  ],
  [/\b(?:5|12) ?v(?:olts?)? (?=square|trig|pulse|pwm|logic|signal when)/g, " "],
  [/\b12 ?v(?:olts?)? idle\b/g, " "],
  [/(?<=\s)\+ ?12(?! ?v|[\d.,])/g, "12v"],
  [/\b0 ?v(?:olts?)?(?= (?:=|on|off|when|if|while|pressed|closed|open|in|with)(?: |$))/g, " "],
  [/\b(?:goes|switches|changes|pulled) to (?=12 ?v|batt|live|high|low)/g, " "],
  [
    /\b(?:12 ?v(?:olts?)?|batt(?:ery)? volt(?:age|s)|live|hot) (?:only )?(?:=|when|while|if|with)(?! (?:the )?(?:key|ign|ignition|run|engine running)\b)/g,
    " ",
  ],
];
