/**
 * What a connector belongs to, told from its label. The first line that matches wins, so the more telling words stand
 * first.
 */
export type Place =
  | "computer"
  | "instruments"
  | "key-switch"
  | "fuse-box"
  | "relay"
  | "ground-stud"
  | "battery"
  | "regulator"
  | "ammeter"
  | "alternator"
  | "starter"
  | "diagnostic"
  | "in-line"
  | "switch"
  | "sensor"
  | "lamp"
  | "actuator"
  | "throttle-body"
  | "gearbox"
  | "unknown";

export const PLACES: readonly (readonly [Place, RegExp])[] = [
  ["lamp", /\bmap (lamp|light)\b/],
  [
    "in-line",
    /(?<!dash |panel |instrument )\b(loom|harness) (plug|connector)\b|\bin-?line (plug|connector)\b|\bextension (lead|loom|harness)\b/,
  ],
  ["fuse-box", /\brelay box\b|\belectrical cent(re|er)\b/],
  ["computer", /\bdriver (box|module)\b/],
  ["throttle-body", /\bdrive[- ]by[- ]wire throttle\b/],
  ["lamp", /\b(rear|tail|front) (cluster|lamp unit)\b|\blamp cluster\b|\b(trailer|tow\w*) (socket|plug)\b/],
  ["instruments", /\bwarning (lamp|light)s? (panel|cluster|pod)\b/],
  ["gearbox", /\bvalve body\b/],
  ["sensor", /\b(accel\w*|gas|throttle)? ?pedal (sensor|unit|assembly|module)\b/],
  ["in-line", /\b(dash|engine|body|chassis|gearbox|tail) to (dash|engine|body|chassis|gearbox|tail)\b/],
  ["diagnostic", /\b(data ?link|diag\w*|dlc|obd\w*|aldl|scan)\b/],
  ["ground-stud", /\b(earth|ground|gnd|grnd)( ?(stud|point|eyelet|ring|block|strap|bolt))?\b|^g\d+$/],
  [
    "key-switch",
    /^key\d?$|\bign\w*[ /]+start\w* sw|\bstart\w*[ /]+ign\w* sw|\b(ign\w*|key)[ -]?(sw\w*|barrel|lock|cylinder|start)\b|\b(steering|starter|starting) (lock|barrel)\b/,
  ],
  [
    "fuse-box",
    /^fb\d?$|\bfuses?\b|\bfusible\b|\b(ip|b|c|s)(dm|jb)\b|\bfuse ?(box|board|block|panel|holder)\b|\bfusebox\b|\bpower distribution\b|\bpdc\b|\b[jr]\/b\b|\bcentral electric\w*\b|\bjunction (box|block)\b|\bdistribution box\b/,
  ],
  [
    "computer",
    /\b([a-z]{1,3}cm|ec[um]|tcu|pcu|gcu|bcu|eec|module|modul|computer|controllers?|control unit|control module|gateway|processor|ecu\w*|amplifier|amp|ems|efi (unit|computer)|engine electronics|transmission control|abs (modulator|hydraulic unit)|engine management|black box|cpu|hvac|climate)\b|\b(abs|srs|air ?bag|cruise|immobili[sz]er|alarm|door|central locking|climate|a\/c|heater|gearbox|engine|transmission) (control )?(unit|box)\b|\bcm ?[a-z]?\d\b/,
  ],
  [
    "computer",
    /\b(central|body|comfort|convenience|master|electronics?) (body |comfort |electronics? )*(control )?(unit|box|electronics)\b/,
  ],
  ["relay", /\b(relay|rly|rel)\b|\bflasher\b/],
  ["regulator", /\bcontrol box\b|\bvolt(age)? reg\b|(?<!pressure )\bregulator\b|\bstabili[sz]er\b|\bballast\b/],
  ["ammeter", /\bammeter\b/],
  ["battery", /\b(battery|batt)\b/],
  ["alternator", /\b(alternator|alt|generator|gen|dynamo)\b/],
  ["throttle-body", /\b(dbw throttle|throttle (body|valve|unit|housing|actuator)|tb|etb|electronic throttle)\b/],
  ["sensor", /\b(accel\w*|gas|throttle) pedal\b|\bpedal (sensor|unit|assembly|module)\b|^pedal\b/],
  [
    "switch",
    /\b(distributor|contact breaker|push)\b|\b(control|switch) (panel|pod|pack|bank|console)\b|\b(a\/c|heater|climate|hvac|ventilation) controls?\b(?! (unit|module|box))/,
  ],
  [
    "switch",
    /\b(switch(es)?|sw|thermo ?switch|door jamb|horn (pad|push)|inhibitor|buttons?|push ?button|inertia|joystick|paddles?|keypad|knob|rocker|toggle|stalk|column|selector|shifter|lever|contact)\b/,
  ],
  [
    "sensor",
    /\b(sensors?|snsr|sen|sender|sending|transmitter|pot|potentiometer|probe|pickup|pick-up|thermistor|ntc|o2s?|ho2s|air ?(flow|mass) (meter|sensor)|afm|cas|cts|apps?|egt|lambda|maf|tps|map|knock|ckp|cmp|ect|iat|transducer|float|vss|oxygen|tank unit)\b/,
  ],
  [
    "lamp",
    /\b(turn signals?|tail ?(lamp|light)s?|repeaters?|markers?|number plate|licen[cs]e plate|lamps?|lights?|headlamps?|headlights?|bulb|indicators?|cluster lamp|beacon)\b/,
  ],
  ["starter", /\bstarter( motor| solenoid)?\b|\bstrtr\b/],
  [
    "actuator",
    /\b(choke|motor|fan|pump|solenoid|sol|valve|vlv|injectors?|inj|coils?|compressor|clutch|horn|siren|buzzer|latch|servo|stepper|regulator motor|wiper|washer|blower|actuator|heater|htr|phaser|glow|purge|egr|vvt|iacv?|iscv|ocv|cigar(ette)?|lighter|idle|wastegate|lock|mirror|radio|speaker|immobiliser ring|demister|rear window|heated (wind)?screen)\b/,
  ],
  ["in-line", /\b(harness|loom)\b.* to \b|\bto .*\b(harness|loom)\b|\bcross[ -]?(body|car)\b|\bjumper\b/],
  [
    "instruments",
    /\b((?<!mass |flow |airflow )meters?( assy)?|combi(nation)?([ -]?(instrument|meter))?|(information|driver) (display|cent\w+)|message cent\w+|dials?|clocks|odometer|instruments?|cluster|binnacle|gauges?|dash(board)?|ipc?|panel|tach\w*|speedo\w*|rev counter|clock)\b/,
  ],
  ["gearbox", /\b(gearbox|transmission|trans|auto ?box|automatic|valve body)\b/],
  [
    "in-line",
    /\b(joint|splice|bulkhead|in[- ]?line|junction|connector|harness|firewall|interface|interconnect|plug|multi-?plug|loom|link|coupler|body connector|x-?over)\b/,
  ],
];
