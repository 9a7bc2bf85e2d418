import type { HeldOut } from "./held-out-rows";

/**
 * Rows of pin tables in one line for many: side, connector, kinds that are right, quantities that are right, and after those the
 * descriptions, a semicolon between them; a line that is set in goes on with the one before. A kind `unknown` asks that
 * no kind is told.
 */
export type ListedRow = Omit<HeldOut, "unknown">;

export function listedRows(text: string): ListedRow[] {
  return (
    text
      .trim()
      .replace(/(?<=[;|])\n {2}/g, "")
      .split("\n")
      .flatMap((line) => {
        const [side, connector = "", kinds = "", quantities = "", list = ""] = line.split("|");
        return list.split(";").map((description) => ({
          side: side === "host" ? ("host" as const) : ("donor" as const),
          connector,
          description,
          kinds: kinds.split(" "),
          quantities: quantities.split(" "),
        }));
      })
      // Beyond the numbers that are moulded at relays and key switches.
      .map((row, at) => ({ ...row, cavity: String(at + 101) }))
  );
}

/** How an engine computer's cavities are called, by what they are. */
export const AT_A_COMPUTER = `
donor|ECM|resistive-in analogue-in|coolant-temperature|ECT SIG;ECT+;CTS SIG;CLT SENS;coolant temp sensor signal;ENG TEMP SNSR;
  water temp sensor;THW;WTS sig;Engine coolant temp;coolant temperature sensor input;ENG COOLANT TEMP SEN;Temp. sensor, coolant;
  CLNT TMP;Head temp sensor;CHT sensor;cylinder head temp sig
donor|ECM|resistive-in analogue-in|intake-air-temperature|IAT SIG;ACT sensor;THA;MAT;charge air temp;inlet air temp sensor;
  intake temp;air temp sig;IAT1;Intake air temp signal;air charge temperature;manifold air temp;TMAP temp sig
donor|ECM|analogue-in frequency-in|manifold-pressure|MAP SIG;PIM;boost press sensor sig;manifold absolute pressure signal;
  MAP sensor signal;TMAP pressure;MAP output;boost sensor;Manifold pressure;MAP sens
donor|ECM|analogue-in frequency-in|mass-air-flow|MAF SIG;VG;airflow meter signal;AFM sig;mass air flow;HFM signal;hot wire sig;
  MAF FREQ;air mass meter;MAF sensor sig
donor|ECM|analogue-in|throttle-position|TPS1;TPS 2 SIG;VTA1;TP SIG;throttle pos sensor 1 signal;throttle angle;
  throttle potentiometer wiper;TPS wiper;THROTTLE POS A;ETB pos 1;TB position 2
donor|ECM|analogue-in|accelerator-position|APP1 SIG;APPS2;VPA;PPS1;accel pedal pos 1;pedal sensor 2 signal;APS1;
  gas pedal sens 1;accelerator position D;pedal pot 1
donor|ECM|reluctor-in hall-in frequency-in|crankshaft-position|CKP+;CKP SIG;CRANK HI;CRANK LO;NE+;crank angle sensor;
  CAS crank sig;crankshaft position sensor A;RPM sensor +;58X sig;24x ckp signal;CPS crank;TDC sig;flywheel sensor;
  Engine speed sensor (crank);crank trigger;CKP sensor -
donor|ECM|hall-in reluctor-in frequency-in|camshaft-position|CMP SIG;CAM HI;G2+;cam sensor sig;CMP B1 intake;
  camshaft position sensor bank 2;cyl ID sensor;phase sensor sig;cam angle sensor;CMP INT;CID signal
donor|ECM|knock-in|knock|KS1;KNK1;knock sensor 2 sig;KS B1 HI;KS B2 LO;KNOCK+;detonation sensor;Knock sens 1 sig;KNOCK SNS 1 SIG
donor|ECM|lambda-in|oxygen|O2S11;HO2S B1S1 HI;OX1;O2 sensor sig B2 S2;lambda probe signal;EGO left;HEGO R;A/F sensor +;
  AFR B1 sig;O2 pre cat bank 1;lambda signal, post cat;WBO2 IP;UEGO Vs;wideband pump current
donor|ECM|low-side-out pwm-out|oxygen-heater|HO2S HTR B1S1;O2 heater 1/1;HT1A;lambda heater ctrl;HEGO heater ctl;A/F heater B2;
  O2 htr low side;HO2S 12 heater
donor|ECM|injector-out|injector|INJ 1;INJ#3;INJECTOR 5 CTRL;#10;fuel injector cylinder 2;Inj. cyl. 4 driver;INJ A;
  injector bank 1 driver;fuel inj 6 -;inj cyl 8
donor|ECM|coil-out|ignition-coil|IGT1;IGN COIL A;COP 3;EST 1;spark 2;coil 4 driver;IGN COIL 1/4;coil trigger 2;
  Ignition output 1;EST cyl 7;IC control 5;ignition coil 3 sig;IGN CTRL 2;coil drive cyl 6;ignitor trigger
donor|ECM|low-side-out pwm-out|purge-valve|EVAP PURGE;canister purge sol;CANP;EVP;purge sol ctrl;charcoal canister valve;
  EVAP CAN PURGE VLV;CPS solenoid canister
donor|ECM|low-side-out high-side-out pwm-out|fuel-pump|FP RELAY;FPR;FC;fuel pump relay control;FPM;FP CTRL;fuel pump driver;
  F/PUMP RLY;pump relay;FUEL PMP CMD
donor|ECM|low-side-out pwm-out high-side-out|cooling-fan|FAN 1 CTRL;Low fan relay;cooling fan relay;rad fan rly;FAN LO RLY;
  CLG FAN RELAY 1;CF1;fan PWM;electric fan relay ctl;RFAN
donor|ECM|low-side-out pwm-out high-side-out|cooling-fan-high cooling-fan|FAN 2 CTRL;HI FAN RLY;high speed fan relay;
  cooling fan hi;fan high speed ctrl
donor|ECM|low-side-out high-side-out|ac-clutch|A/C CLU RLY;ACC relay (A/C clutch);AC COMP CTL;compressor relay;MGC;WAC;
  A/C relay;a/c clutch relay control;AC CLUTCH OUT
donor|ECM|logic-in|ac-request|A/C REQ;AC ON;A/C SW;AC request from HVAC;ACRQ;A/C demand;A/C select;air con on signal
donor|ECM|analogue-in logic-in|refrigerant-pressure|A/C PRESS SIG;ACP;ACPT;refrigerant pressure sensor;AC hi press sw;
  A/C pressure transducer;trinary switch;PRE AC pressure
donor|ECM|low-side-out|malfunction-lamp|MIL;CEL CTRL;check lamp;W (check engine);SES LAMP;malfunction lamp ctl;CHK ENG;
  engine warning light;MIL driver;SVC ENG SOON;ENGINE CHECK LIGHT
donor|ECM|frequency-out|engine-speed|TACH OUT;tacho signal;RPM signal out;TAC sig;NEO;engine speed output;tachometer drive;
  RPM to cluster;Rev counter output;Tach signal output;TACHO O/P;engine rpm out
donor|ECM|frequency-in|vehicle-speed|VSS;VSS HI;SPD;vehicle speed in;VSS SIG;speed signal;road speed input;speedo sensor in;
  VSS LO;VSS+;vehicle speed sensor sig
donor|ECM|logic-in|brake-switch|BRK SW;STP;stop lamp sw;BOO;BPP SIG;brake on;BRAKE SIGNAL;brake lt switch;TCC BRAKE;
  brake pedal switch NC;ST1-;BLS;stop light signal
donor|ECM|logic-in|clutch-switch|CPP SW;CLUTCH SW;clutch pedal pos sw;CLU;clutch top switch;clutch bottom sw;CPP;
  clutch start sw;clutch pedal input
donor|ECM|logic-in|park-neutral|P/N;PNP SIG;NSW;PNP SW;neutral sw;park/neutral position;Neutral safety switch;PRNDL PN;NSS;
  inhibitor sw P/N;P-N signal
donor|ECM|low-side-out motor-out pwm-out|idle-control|IAC A HI;IAC B LO;ISC valve;IAC coil 1;idle air control;ISCV open;
  idle stepper 3;ICV;RSO;IAC motor A;bypass air valve;idle speed ctrl;ISC1;AAC valve
donor|ECM|motor-out|throttle-motor|ETC MOTOR +;TAC MTR OPEN;M+ throttle;throttle actuator close;TB motor -;TAC motor 1;
  throttle motor ctl 2;ETB M+;TACM+;electronic throttle motor neg
donor|ECM|low-side-out pwm-out|camshaft-phaser|VVT B1;OCV1+;VCT SOL INT;cam phaser solenoid;CMP ACT SOL B2;cam adjust exh;
  oil control valve 2;VTC sol;CAMSHAFT ACTUATOR;variable cam sol exhaust
donor|ECM|low-side-out pwm-out|exhaust-recirculation|EGR;EGR SOL;EGR VLV CTL;EVRV;EGR motor +;EGR vacuum solenoid;
  exhaust gas recirc valve;EGR PWM
donor|ECM|analogue-in|exhaust-recirculation|EGR POS SIG;EGR position sensor;EVP sensor;EGR lift sensor;EGR valve position fb
donor|ECM|low-side-out pwm-out|boost-control|WG SOL;wastegate;boost ctrl sol;turbo solenoid;VGT ctl;boost control solenoid;
  WGATE;turbo vane ctl
donor|ECM|low-side-out pwm-out|intake-runner|IMRC;VIS sol;IMT VALVE;intake tuning;runner control;ACIS;VLIM;swirl flap;
  tumble valve;IMRC ctl
donor|ECM|supply-in|battery-supply|BATT;B+;+B1;BATT+;KAPWR;KAM;VBAT;BATT FEED;memory B+;constant 12V;KL30;T30;Battery direct;
  hot at all times;BAT;batt volts;+B;always hot;permanent 12v;KA PWR
donor|ECM|supply-in|ignition-supply|IGN;IGN 1;IG SW;IGSW;SWITCHED 12V;KL15;ign feed;run/crank;IGN RUN/START;key on;12V IGN;
  IGNITION SW;VPWR from ign;Hot in run & start;ign voltage;keyed 12v;T15
donor|ECM|supply-in|relay-supply ignition-supply battery-supply|+B from main relay;VPWR;main relay output;MREL B+;
  EFI relay power;switched B+ main rly;relayed battery;PWR RLY OUT;ASD relay output
donor|ECM|low-side-out high-side-out|main-relay|MREL;MAIN RLY CTRL;PCM power relay ctrl;main relay control;EFI main relay coil;
  power hold relay;ASD RELAY CTRL;M-REL;PCM PWR RLY CTL
donor|ECM|ground|ground|GND;PWR GND;E01;E1;PGND1;CHASSIS GND;ECM GND;ENG GND;Power ground 2;CASE GND;KL31;GND (block);earth;
  PWR GRD;main ground
donor|ECM|ground|sensor-ground|SIG RTN;SNSR RTN;E2;5V RTN;low ref;SGND;SENSOR GND;ANALOG GND;VREF RTN;return, sensors;APP1 RTN;
  MAP GND;ECT RTN;TPS GND;CKP GND;5 volt return 2;signal ground;SENS RET;low reference
donor|ECM|reference-out|sensor-supply|VREF;5V REF 1;VCC;VC;VCPA;5V A;+5V SENS;sensor supply;5v reference;VREF B;TPS 5V;MAP VCC;
  APP2 5V REF;CMP 5V;5 VOLT REF 2;VCP2;8V ref;Sensor 5v feed
donor|ECM|can|powertrain-data|CAN H;CAN-L;HS CAN +;CAN HI;CANL;CAN BUS LOW;PT CAN H;HSCAN-;powertrain bus (+);C-CAN low;
  DRIVE CAN HIGH
donor|ECM|serial|diagnostic-data|K LINE;SIL;ISO K;ALDL data;DLC serial;diag;TC test terminal;ISO 9141;SCI TX;SCI RX;K-LN;
  diagnostic data line;Scan tool data
donor|ECM|low-side-out pwm-out|shift-solenoid|SS1;SSA;SOL A;S1;shift sol 2;SHIFT SOL B CTL;SL1;1-2 shift sol;2-3 SS;S2 solenoid;
  shift valve 3
donor|ECM|low-side-out pwm-out|pressure-solenoid|EPC;PCS;LINE PRESS SOL;PC SOL HI;PC SOL LO;SLT;pressure control solenoid 2;PCA;
  force motor hi;EPC SOL;line pressure control;PCSC
donor|ECM|low-side-out pwm-out|converter-clutch|TCC;TCC SOL;TCC PWM;lockup sol;DSL;TCC ENABLE;lock-up clutch solenoid;L/U sol;
  torque converter clutch ctl;SLU
donor|ECM|reluctor-in frequency-in hall-in|transmission-input-speed|TISS;TSS HI;ISS LO;input speed sensor;turbine speed;NT+;NC0;
  AT input shaft spd;ISS SIG;turbine shaft speed sensor
donor|ECM|reluctor-in frequency-in hall-in|transmission-output-speed vehicle-speed|OSS;OSS HI;TOSS LO;output shaft spd;SP2+;
  tailshaft sensor;NO+;trans output speed;output speed sensor -
donor|ECM|logic-in analogue-in|gear-range|TR A;TRS B;RANGE C;TR-P;RANGE SIGNAL A;PRNDL A;gear position D;MLPS;trans range sw B;
  range sensor P;TFP switch A;IMS A;selector D signal;R range
donor|ECM|resistive-in analogue-in|transmission-temperature|TFT;TFT sig;ATF temp;trans fluid temp;THO;TOT;trans oil temp sensor;
  A/T temp;TFT HI;fluid temperature sensor
donor|ECM|logic-in|cruise-request|CRUISE SET;C/C ON;cruise on/off;SET/COAST;RES/ACC;cruise sw;CCS;speed control set;
  resume accel;cruise main sw;cruise cancel
donor|ECM|logic-in|power-steering-pressure|PSP;PSP SW;PS press sw;P/S;power steering press;PSW;PAS switch;P/S oil press switch
donor|ECM|analogue-in|fuel-pressure|FRP SIG;rail press sensor;fuel rail pressure;FRP;fuel pressure signal;RPS;FUEL PRESS SNSR;
  PCR rail pressure sig
donor|ECM|analogue-in resistive-in|oil-pressure|EOP SIG;oil press sensor;engine oil pressure;OPS signal;oil pressure sender;EOP;
  OIL PRS
donor|ECM|resistive-in analogue-in|oil-temperature|EOT;oil temp sensor;engine oil temp sig;EOT SIG;OIL TMP
donor|ECM|resistive-in analogue-in|fuel-level|FUEL LVL;fuel level sensor;FLI;fuel sender in;tank level sig;FUEL LVL SNSR 1
donor|ECM|pwm-out low-side-out|alternator-field|ALT FIELD;GEN FLD;L terminal gen;gen turn on;ALT CTL;F-field driver;
  GENERATOR FIELD CONTROL;alt duty ctl;GENCOM;gen L
donor|ECM|pwm-in logic-in frequency-in analogue-in|alternator-field|ALT FR;F terminal gen monitor;GENMON;gen field duty signal;
  alt load signal;GEN F TERM;ALT monitor;DFM
donor|ECM|low-side-out|charge-warning|CHG lamp;charge light;BATT lamp ctl;alt lamp;generator lamp;GEN LAMP
donor|ECM|low-side-out high-side-out|starter-relay|STARTER RLY;STR CTRL;crank relay;ST RLY CTL;starter enable relay;
  CRANK ENABLE;starter relay control
donor|ECM|logic-in|starter-request|STA;start signal;CRANK REQ;ST SIG;crank sig in;starter signal;START SW;cranking input;
  start request
donor|ECM|serial|security-data|IMMO;IMO data;anti theft signal;immobilizer code;security fuel enable;VTD signal;theft deterrent;
  immob. data line
donor|ECM|low-side-out pwm-out|glow-plug|GLOW RLY;glow plug relay;GP relay ctl;pre-heat relay;glow ctl;
  glow plug control module cmd
donor|ECM|spare|other|NC;N/C;not used;-;blank;no connection;unused;open;--;empty;vacant
donor|ECM|shield|other ground sensor-ground crankshaft-position knock camshaft-position|CKP SHIELD;shield ground;screen;
  knock sensor shield;SHLD;crank screen;drain wire
`;

/** A body's instruments, switches, fuses, lamps and bulkhead. */
export const IN_A_BODY = `
host|Instrument cluster|frequency-in|engine-speed|tacho;RPM signal;rev counter;tachometer in;tach;engine speed;RPM;
  coil - for tach;tach sig from coil
host|Instrument cluster|frequency-in reluctor-in hall-in|vehicle-speed|speedo;VSS in;speedo signal;speedometer +;speed sensor;
  road speed;speed pulses;VSS from gearbox;electronic speedo
host|Instrument cluster|resistive-in analogue-in|coolant-temperature|temp gauge;water temp;temp sender;coolant gauge;TEMP;
  eng temp gauge;temp ga;CTS;water temp sender;temperature transmitter
host|Instrument cluster|resistive-in analogue-in|fuel-level|fuel gauge;fuel sender;FUEL;tank sender;fuel level;FLS;fuel ga;
  petrol gauge;tank unit;fuel gauge transmitter
host|Instrument cluster|resistive-in analogue-in|oil-pressure|oil gauge;oil press sender;oil pressure gauge;oil ga;
  oil pressure transmitter;oil psi
host|Instrument cluster|load-in logic-in|oil-pressure-warning|oil light;oil press lamp;oil pressure switch;oil warn lt;
  oil warning;low oil lamp;oil press w/l;oil idiot light;oil telltale
host|Instrument cluster|load-in logic-in|charge-warning|charge lamp;alt light;IGN lamp;gen light;batt lamp;no charge light;D+;
  alternator warning;charging w/l;volt lamp;61;dynamo lamp;battery tell-tale
host|Instrument cluster|load-in logic-in|malfunction-lamp|check engine;MIL;engine light;EML;SES;engine warning;check eng lt;
  service engine lamp;engine management light;CEL -
host|Instrument cluster|load-in|turn-signal|LH turn;RH ind;turn L;indicator telltale left;flasher rep R;L turn ind;left arrow;
  RH turn lamp;trailer turn;dir ind l/h;turn signal ind rt
host|Instrument cluster|load-in|lighting|main beam;high beam ind;hi beam;main beam w/l;full beam tell-tale;HB indicator;
  hi-beam lamp;rear fog tell-tale;head lamp main w/l
host|Instrument cluster|load-in|illumination|illum;panel lights;dash lights;dimmer;ILL+;cluster illumination;instrument lts;58d;
  lighting, gauges;pnl lamps;rheostat;illumination feed;dash illum dimmed
host|Instrument cluster|supply-in|ignition-supply|IGN;ign feed;15;switched 12V;12V ign;IG+;key on feed;gauge feed;IGN SW;
  gauges fuse;ignition 10A;run feed;power, ignition;instrument feed fused ign;GAUGES
host|Instrument cluster|supply-in|battery-supply|BATT;30;perm live;B+;clock feed batt;constant;memory;12V perm;battery fused;
  hot;always on 12v;power, battery;perm feed fuse 12
host|Instrument cluster|ground|ground|GND;earth;31;ground;E;chassis;body earth;EARTH (black);return to body;negative;-ve;0V;B-;
  GND1
host|Instrument cluster|load-in logic-in|handbrake brake-fluid|handbrake lamp;park brake w/l;brake warn;brake fluid lamp;
  P/BRAKE;brake system;hand brake sw;brake fail lamp;low brake fluid
host|Instrument cluster|load-in logic-in|seat-belt airbag anti-lock|seat belt lamp;airbag lamp;ABS w/l;SRS light;belt warning;
  ABS warning lamp;seatbelt remind
host|Ignition switch|supply-in|battery-supply|BATT;30;B;from battery;feed in;battery in;B+;main feed;AM1;AM2;hot in;
  brown from solenoid;perm supply
host|Ignition switch|supply-out switch-out|ignition-supply|IGN 1;15;IG1;IG2;run;ign out;to coil;ignition feed out;fuse box ign;
  IGN 3;15/54;run out;on
host|Ignition switch|supply-out switch-out|accessory-supply|ACC;75;accessory;accessories;radio;R;to radio;acc out
host|Ignition switch|supply-out switch-out|start-supply starter-request|ST;50;start;crank;to starter solenoid;ST1;start out;
  to inhibitor switch;STA;starter;solenoid;to park/neutral sw
host|Fuse box|supply-out|battery-supply lighting fuel-pump horn hazard other audio cooling-fan ignition-supply anti-lock|
  horn 15A;hazards F4;ABS pump 30A;EFI 15A;cooling fan 40A;radio memory;clock/radio;fuel pump 20;alarm;dome lamp fuse;
  stop lamps 10A;headlamp LH main;ECU perm;power socket;F12 main beam RH
host|Fuse box|supply-out|ignition-supply wiper reverse-lamp heater-blower turn-signal window washer other demister lighting illumination|
  wipers;heater fan F3;turn/backup;reverse lamps 10A;gauges;ECU ign;windows 30A;HRW;indicators;F7 ign coils;washer pump;
  instrument ign;ign coil feed;side lamps L
host|Body computer|logic-in|brake-switch|brake switch;stop sw in;brake pedal;brake light switch
host|Body computer|logic-in|door|door LF;driver door ajar;door jamb sw RR;tailgate ajar;boot open;bonnet switch;hood sw;
  door switch;rear door contact l
host|Body computer|high-side-out|lighting|LH headlamp;low beam R out;park lamps;tail lamp left;dip beam RH feed;side lamp out;
  front fog out;high beam l;number plate lamp;rear fog;brake lamp LH out;interior lamp feed
host|Body computer|high-side-out|turn-signal|LF turn;turn rear right;indicator left front;RH indicators out;side repeater;
  turn lamp LR
host|Body computer|can|body-data|B-CAN H;body CAN low;CAN comfort +;MS CAN H;LS-CAN L;interior CAN high
host|Body computer|lin|body-data|LIN 1;LIN bus;LIN rain sensor;LIN alarm siren;lin steering wheel
host|Body computer|low-side-out|horn wiper washer heater-blower demister cooling-fan other lighting fuel-pump starter-relay|
  horn relay;wiper relay hi;heated screen relay;blower relay ctrl;starter relay;fog lamp relay control;washer pump relay
host|Body computer|logic-in|wiper washer turn-signal horn hazard lighting cruise-request other|wiper stalk int;wash sw;
  hazard switch;horn sw;headlamp switch pos 2;turn sw left;auto lights request;dip switch;flash to pass
host|Column stalk|switch-out supply-out|turn-signal lighting wiper washer horn|LH indicator;RH turn;dip beam;main beam flash;
  wiper slow;wiper fast;intermittent;wash;horn;to LH flashers;wipe 1;wipe 2;dip;main
host|Column stalk|supply-in|turn-signal lighting wiper battery-supply ignition-supply horn|feed from flasher;flasher unit in;
  feed, lights;wiper feed;headlamp feed in
host|Brake switch|supply-in|battery-supply ignition-supply brake-switch|feed;12V in;permanent feed;fused live;from fuse 4;battery
host|Brake switch|switch-out|brake-switch|to stop lamps;stop lamp out;output;signal to ecu;brake lamps;sw out
host|Fuel pump|load-in motor-in|fuel-pump|pump +;feed;pump positive;12V;+;supply from relay;pump
host|Fuel pump|ground|ground|pump -;ground;earth;-;GND;pump negative;black
host|Fuel tank unit|resistive-out|fuel-level|sender;level signal;gauge;float;fuel level;signal
host|Reverse lamp switch|switch-out|reverse-lamp|to lamps;out;reverse lamps;switched out
host|Heater blower|load-in motor-in|heater-blower|speed 1;high;motor +;blower feed;low speed;med;fast
host|Radio|supply-in|accessory-supply ignition-supply|ACC;switched live;ign;acc 12v
host|Radio|supply-in|battery-supply|perm;memory 12V;B+;constant
host|Radio|load-in high-side-out supply-out supply-in|audio illumination aerial|LF spk +;RR speaker -;illum;ant remote;
  power antenna;front left +;speaker r/f -
host|Headlamp left|load-in|lighting turn-signal|main;dip;side;indicator;high beam;low beam;parking;position light;turn
host|Headlamp left|ground|ground|earth;GND;-;return;31
host|Starter solenoid|load-in|starter-request start-supply starter-relay|S;50;from key;trigger;start wire;solenoid;exciter
host|Starter solenoid|supply-in|battery-supply|30;B;battery cable;main cable;BAT
host|Alternator|supply-out|battery-supply|B+;output;charge cable;BAT;to battery;main output;30
host|Alternator|low-side-out load-in logic-in supply-in|charge-warning|L;D+;lamp;warning light;61;charge light;IND;ind lamp
host|Alternator|supply-in|ignition-supply battery-supply alternator-field|IG;ign;sense;S;15
host|Bulkhead connector|supply-out|ignition-supply start-supply accessory-supply battery-supply|ign to engine;ign feed to coil;
  start to solenoid;perm live to engine bay;ignition feed
host|Bulkhead connector|resistive-in|coolant-temperature|temp sender;water temp;temp gauge wire
host|Bulkhead connector|load-in logic-in|oil-pressure-warning charge-warning|oil lamp;oil press switch;charge lamp;alt light
host|Bulkhead connector|frequency-in|engine-speed vehicle-speed|tach;tacho;VSS;speedo signal;rev counter
host|Wiper motor|supply-in load-in motor-in|wiper|slow;fast;park;low speed;high speed;53;53b;park switch feed
host|Heater control|switch-out load-in supply-in logic-in|ac-request heater-blower heater-control|A/C request out;blower speed;
  recirc flap;A/C on;AC sw
`;

/** Plugs of single parts of an engine. */
export const AT_PARTS = `
donor|Coolant temp sensor|resistive-out|coolant-temperature|signal;SIG;sensor signal;ECT sig;to ECM pin 23;temp signal;THW
donor|Coolant temp sensor|ground|sensor-ground|low ref;ground;sensor gnd;return;SIG RTN;E2;5V return;sensor ground;GND;-
donor|MAF sensor|supply-in|ignition-supply relay-supply|12V;ign feed;12V supply;B+ from relay;power;+12V ign;fused ign
donor|MAF sensor|analogue-out frequency-out|mass-air-flow|signal;MAF SIG;output;VG;mass air flow signal
donor|MAF sensor|resistive-out|intake-air-temperature|IAT;IAT SIG;air temp signal;THA
donor|MAF sensor|ground|sensor-ground ground|ground;sig ground;E2;low ref;GND
donor|Ignition coil 3|supply-in|ignition-supply relay-supply|12V;ign feed;B+;feed;12V ign;power;IGN 1;fused feed;+
donor|Ignition coil 3|coil-in|ignition-coil|trigger;signal;control;IGT3;EST;spark signal;IC 3 ctl;ECM trigger;coil 3 ctrl;drive
donor|Ignition coil 3|ground|ground sensor-ground|ground;block gnd;GND;head ground;earth;low ref
donor|Injector 2|supply-in|ignition-supply relay-supply|12V;feed;+;ign feed;B+;power;injector feed;fused 12v
donor|Injector 2|injector-in|injector|control;-;signal;ECM;driver;INJ 2 ctl;ground side;trigger;to ecu
donor|Throttle body|motor-in|throttle-motor|motor +;motor -;TAC motor open;M+;M-;motor 1;throttle motor ctl
donor|Throttle body|analogue-out|throttle-position|TP1;TPS 1 SIG;TP2 signal;position 1;VTA1;TPS2;sensor 2 signal
donor|Throttle body|reference-in|sensor-supply|5V;5V ref;VC;VREF;5 volt reference;sensor 5v
donor|Throttle body|ground|sensor-ground|low ref;ground;sensor gnd;E2;return;0V
donor|O2 sensor B1S1|lambda-out|oxygen|signal;HI;SIG +;O2 sig;sensor signal;OX1;signal high
donor|O2 sensor B1S1|load-in|oxygen-heater|heater ctl;heater -;HTR LO;heater control;heater ground side;HTR -;heater
donor|O2 sensor B1S1|supply-in load-in|ignition-supply oxygen-heater relay-supply|heater 12V;heater +;heater feed;HTR B+;12V ign
donor|O2 sensor B1S1|ground lambda-out|sensor-ground oxygen|low;signal low;LO;sensor low ref;SIG -
donor|Crank sensor|reluctor-out hall-out|crankshaft-position|+;-;HI;LO;signal;sig +;sig -;A;CKP HI;signal A;crank signal
donor|Crank sensor|shield|crankshaft-position other|shield;screen;drain
donor|Cam sensor|hall-out reluctor-out|camshaft-position|signal;sig;output;CMP SIG;cam signal
donor|Cam sensor|reference-in supply-in|sensor-supply ignition-supply relay-supply|12V;5V ref;power;supply;feed
donor|Cam sensor|ground|sensor-ground|ground;low ref;GND;return;sensor ground
donor|Knock sensor 1|knock-out|knock|signal;+;HI;sig;KS1
donor|Oil pressure sensor|analogue-out|oil-pressure|signal;sig;output
donor|Oil pressure sensor|reference-in|sensor-supply|5V;5v ref;vref;supply 5V
donor|Oil pressure switch|switch-out|oil-pressure-warning|signal;to cluster;switch;oil light wire;out
donor|MAP sensor|analogue-out frequency-out|manifold-pressure|signal;MAP sig;PIM;output;pressure signal
donor|MAP sensor|reference-in|sensor-supply|5V;VC;5v ref;vref
donor|Purge valve|load-in|purge-valve|control;-;ECM;signal;PWM
donor|Purge valve|supply-in|ignition-supply relay-supply|12V;feed;ign;+;B+
donor|VVT solenoid B1|load-in|camshaft-phaser|control;+;-;signal;PWM
donor|Alternator|supply-out|battery-supply|B+;charge cable;output stud
donor|Alternator|pwm-in logic-in supply-in load-in|alternator-field charge-warning|L;field control;L turn on;gen command;RLO;
  RC signal
donor|Alternator|pwm-out frequency-out|alternator-field engine-speed|FR;F monitor;field duty feedback;W
donor|Starter|load-in|starter-request starter-relay start-supply|S;crank signal;solenoid;start wire;from relay
donor|Vehicle speed sensor|reluctor-out hall-out frequency-out|vehicle-speed|signal;+;-;HI;LO;VSS sig;output
donor|Transmission|low-side-out load-in pwm-in|shift-solenoid|SS A;shift sol B;1-2 solenoid;S1;2-3 shift sol;shift solenoid C ctl
donor|Transmission|load-in pwm-in|pressure-solenoid converter-clutch|PCS hi;EPC;TCC sol;TCC PWM;line pressure sol;lockup
donor|Transmission|resistive-out|transmission-temperature|TFT;fluid temp sig;ATF temp;temp sensor
donor|Transmission|switch-out|gear-range|range A;range B;TR P;fluid press sw A;PRNDL C
donor|Transmission|reluctor-out hall-out frequency-out|transmission-input-speed transmission-output-speed|ISS +;OSS hi;
  turbine speed;input speed lo;output shaft speed
donor|Transmission|supply-in|ignition-supply relay-supply|ign feed;12V;solenoid feed;B+ switched;ign 1
donor|Neutral safety switch|switch-out|park-neutral|P/N;neutral;to start relay;crank out;output
donor|Neutral safety switch|switch-out|reverse-lamp|reverse;backup lamps;rev lights;R out
donor|Fuel pump relay|load-in|fuel-pump|85;86;coil;ECM control;trigger
donor|Fuel pump relay|supply-out|fuel-pump relay-supply|87;pump out;to pump;output
donor|Fuel pump relay|supply-in|battery-supply|30;battery;fused B+;feed
donor|Fan motor|load-in motor-in|cooling-fan|+;feed;12V;high;low
donor|Idle air valve|motor-in load-in|idle-control|A hi;A lo;coil B lo;open;close;phase 1;control
donor|AC compressor|load-in|ac-clutch|clutch;coil;+;feed;12v clutch
donor|AC pressure sensor|analogue-out|refrigerant-pressure|signal;sig;output
donor|Accelerator pedal|analogue-out|accelerator-position|APP1;signal 2;pos 1;VPA;APPS2 sig
donor|Accelerator pedal|reference-in|sensor-supply|5V 1;VCP;5v ref 2;VREF A
donor|Accelerator pedal|ground|sensor-ground|low ref 1;EP1;gnd 2;return 2;rtn
donor|Gearbox module|can|powertrain-data|CAN H;CAN L;HSCAN+
donor|Engine harness plug|supply-in|ignition-supply battery-supply start-supply relay-supply|ign;ignition 12v;B+;switched 12V;
  key on power;main power
donor|Engine harness plug|resistive-out|coolant-temperature|temp gauge;coolant temp sender;temp sender to dash
donor|Engine harness plug|frequency-out|engine-speed vehicle-speed|tach out;tacho signal;VSS out;speedo output
donor|Engine harness plug|switch-out|oil-pressure-warning reverse-lamp|oil light;oil press switch;reverse lights;back-up lamp sw
donor|Engine harness plug|low-side-out high-side-out|malfunction-lamp fuel-pump cooling-fan|check engine lamp;MIL;
  fuel pump relay trigger;fan relay 1;fan 2 ground trigger
donor|Engine harness plug|logic-in|ac-request brake-switch clutch-switch|A/C request;brake switch;clutch switch in
donor|Engine harness plug|serial can|diagnostic-data powertrain-data|K line;OBD data;CAN high;diagnostic data
`;

/** Gearbox controllers, diesels, programmable computers. */
export const OTHER_COMPUTERS = `
donor|TCM|low-side-out pwm-out high-side-out|shift-solenoid|MV1;Shift valve A;SSD ctl;2-4 brake sol;overrun clutch solenoid;
  K1 clutch sol;coast clutch sol;Shift sol. 1-2/3-4;low clutch timing sol
donor|TCM|low-side-out pwm-out high-side-out|pressure-solenoid|Line press. sol. duty;main pressure reg valve;PC sol. 1 hi;PCS A;
  linear solenoid line;pressure regulator 4
donor|TCM|low-side-out pwm-out high-side-out|converter-clutch|TCC duty sol;Lock-up sol. duty;converter lock sol;TCC PWM ctl;
  WK valve lockup
donor|TCM|reluctor-in frequency-in hall-in|transmission-input-speed|Turbine rev sensor;Input spd sens +;NIN sig;
  Turbine sensor (-);AT ISS;input rpm
donor|TCM|reluctor-in frequency-in hall-in|transmission-output-speed vehicle-speed|Output rev sensor;NAB speed out shaft;
  Output spd sens -;OSS sig A;Rev sensor (output)
donor|TCM|logic-in analogue-in|gear-range|L1 selector code;P range sw;R range signal;N range;D range;3 range;Inhibitor sw 2;
  PRND code B;selector lever pos L3;range S4;M-range
donor|TCM|logic-in|shift-mode|Sport button;manual mode sw;up switch;down switch;Winter prog;tip+;tip-;O/D off sw;kickdown;
  hold sw;pattern select;power/eco switch
donor|TCM|resistive-in|transmission-temperature|ATF thermo sensor;oil temp gearbox;sump temp;fluid temp sens;T-oil;trans oil temp
donor|TCM|can|powertrain-data|CAN to ECM hi;C-CAN L;P-CAN high
donor|TCM|low-side-out|gear-display malfunction-lamp|OD off lamp;sport lamp;gear pos lamp D;A/T warning lamp
donor|TCM|supply-in|ignition-supply battery-supply|IG feed;back-up batt;ign 2;key 15;permanent
donor|TCM|ground|ground sensor-ground|gnd A;earth 2;sensor earth;power gnd
donor|TCM|logic-in|brake-switch|stop sw;brake light sig;foot brake
donor|Diesel ECU|injector-out|injector|Inj 1 high;Injector cyl 4 low;INJ COMMON BANK A;Piezo inj 3+;INJ 2 return;
  injector 6 drive hi
donor|Diesel ECU|low-side-out pwm-out|other fuel-pressure|Metering unit;Fuel metering valve;MPROP;rail pressure control valve;
  PCV;IMV;suction control valve;SCV+;inlet metering valve;FCV
donor|Diesel ECU|analogue-in|fuel-pressure|Rail pressure sig;common rail press;RPS;CR pressure sensor;Fuel rail press sens;
  HP sensor signal
donor|Diesel ECU|analogue-in|manifold-pressure|Boost pressure sensor sig;MAP/boost;charge pressure sig;turbo boost press;
  T-MAP pressure
donor|Diesel ECU|low-side-out pwm-out|glow-plug|Glow relay;pre-glow control;GCU command;heater plug relay;glow time unit ctrl
donor|Diesel ECU|low-side-out|glow-plug malfunction-lamp|Glow lamp;preheat lamp;coil lamp (glow);wait lamp
donor|Diesel ECU|low-side-out pwm-out|boost-control|VNT sol;vane control;wastegate sol;turbo actuator pwm;VGT vacuum mod
donor|Diesel ECU|low-side-out pwm-out motor-out|exhaust-recirculation|EGR vacuum modulator;EGR valve mtr +;EGR throttle flap;
  EGR ctrl;EGR cooler bypass
donor|Diesel ECU|analogue-in|exhaust-recirculation|EGR pos fb;EGR lift sens;EGR valve pot wiper
donor|Diesel ECU|resistive-in|other|Fuel temp;fuel temperature sensor;FTS
donor|Diesel ECU|logic-in analogue-in|other|Water in fuel;WIF;water separator sens;fuel filter water;DPF diff pressure;
  diff press sens
donor|Diesel ECU|resistive-in analogue-in|exhaust-temperature|EGT pre-turbo;exhaust gas temp 2;DPF temp in;pre-cat temp;EGT1
donor|Diesel ECU|analogue-in|accelerator-position|APP track 1;pedal 2;lever pos;hand throttle;accelerator pot 2
donor|Diesel ECU|logic-in|brake-switch clutch-switch|Brake main;Brake redundant;brake sw 2 (NC);clutch;clutch pedal sw
donor|Diesel ECU|low-side-out|main-relay|Main relay;ECU relay coil;power latch;M-relay
donor|Diesel ECU|low-side-out|fuel-pump starter-relay cooling-fan ac-clutch|lift pump relay;starter inhibit relay;fan 1 relay;
  AC cut-off relay;starter lock relay
donor|Diesel ECU|frequency-in analogue-in|mass-air-flow|HFM5;air mass sig;MAF freq;air mass meter signal
donor|Standalone ECU|injector-out|injector|INJ 1;INJ8;Inj out 3;Injection 2;Injector output #4;INJ D
donor|Standalone ECU|coil-out|ignition-coil|IGN 1;Ign8;Spark A;Ignition out 3;IGN output 5;Coil drive 2;Spark 6
donor|Standalone ECU|reluctor-in hall-in frequency-in|crankshaft-position|Crank +;Crank trigger in;Trigger 1;RPM in;CKP VR+;
  Primary trigger;Crank hall
donor|Standalone ECU|hall-in reluctor-in frequency-in|camshaft-position|Home;Cam trigger;Sync in;Trigger 2;Cam sync;
  Secondary trigger;CMP hall in;Cam 1
donor|Standalone ECU|low-side-out high-side-out pwm-out|fuel-pump cooling-fan idle-control boost-control ac-clutch malfunction-lamp|
  Aux 1 fuel pump;LS out 3 fan relay;PWM2 boost;Output 4 - AC clutch relay;Aux out 6 idle valve;DPO3 CEL;
  Low side 1 fuel pump relay
donor|Standalone ECU|analogue-in resistive-in|coolant-temperature intake-air-temperature throttle-position manifold-pressure oil-pressure fuel-pressure|
  AT1 CLT;AN 2 - oil pressure;AV3 TPS;Analog 1 fuel press;Temp 2 IAT;MAP ext;AN temp 1 coolant;Analog in 5 (TPS)
donor|Standalone ECU|unknown|other|Aux out 5;AN Volt 7;Digital in 3;Spare in;DPO 9;LS 12;GPIO 2
donor|Standalone ECU|frequency-out low-side-out|engine-speed|Tacho out;Tach drive;RPM out
donor|Standalone ECU|logic-in|ac-request clutch-switch park-neutral other|AC request in;Clutch sw DI4;DI1 launch;Neutral in;
  Digital 2 AC switch
donor|Standalone ECU|can|powertrain-data|CAN1 H;CAN 2 LO;CAN+;CAN-
donor|Standalone ECU|lambda-in|oxygen|Lambda 1;WB sense;Lambda IP;wideband in;WB Vm
donor|Standalone ECU|reference-out|sensor-supply|5V out;+5V sensors;8V out;Sensor 5V;AN 5V
donor|Standalone ECU|ground|sensor-ground ground|Sensor 0V;0V sensor;AN GND;Ground power;Signal gnd;PGND
`;

/** What says nothing that anyone could act on: to be asked, not guessed. */
export const NOTHING_SAID = `
donor|ECM|unknown|other|signal;output 3;sensor;relay 4;to C105;A5;D;control;data;sensor 2 signal;valve 3;solenoid;position;
  pressure sensor;motor;S5;switch B;temp 3;input;drive;module;wire;aux;aux 2;user 1;channel 4;load;common;link;test;option;
  diode;resistor;lamp;x;supply?;to dash;from dash;plug;M;T;R2;tbd;FPM?;low;high;return 3?;LS3;HS2;PWM 4;DI 5;AN 3
host|Body computer|unknown|other|signal;output 7;input 4;switch;sensor;relay;to module;data;LS 4;P;X
host|C5|unknown|other|signal;feed?;to C6;lamp?;wire;12;switch;?;see sheet 4;L;R
`;
