import type { HeldOutTable } from "./table";

/* A technician's own notes: in haste, with slips of the pen and words cut short; in sentences; with what a meter shows; the thing first. */

const HASTE = `
donor|ECM plug|resistive-in analogue-in|coolant-temperature|coolent temprature sensr;watr temp sendr;engin coolant tmprature;
  Coolant Temperture Senser
donor|ECM plug|analogue-in|throttle-position|throtle postion sensor;throttel pot signl;TPS singal;Thrttl posn
donor|ECM plug|injector-out|injector|ingector 3;injecter no 2;injctr cyl 4;Fuel Injetor 1
donor|ECM plug|coil-out|ignition-coil|ignitoin coil 2;igniton coil drivr;Ign coyl 3 contrl
donor|ECM plug|reluctor-in hall-in frequency-in|crankshaft-position|crankshft sensor;crank senser sig;Crankshaft postion;flywheel senser
donor|ECM plug|hall-in reluctor-in frequency-in|camshaft-position|camshft posn sensor;cam sensr;Cam positon signal
donor|ECM plug|low-side-out|fuel-pump|fuel pump realy;Fuel Pmp Relya;feul pump relay
donor|ECM plug|lambda-in|oxygen|lamda sensor;oxigen sensor bank 1;O2 senser upstream
donor|ECM plug|low-side-out pwm-out|oxygen-heater|lamda heater;o2 heatr bank 2
donor|ECM plug|knock-in|knock|nock sensor;knok sensor 2;Knock sensr
donor|ECM plug|low-side-out|malfunction-lamp|check enigne light;Chek engine lamp;malfuntion lamp
donor|ECM plug|supply-in|battery-supply|permenant live;batery feed;perm feed frm battery;constant 12v suply
donor|ECM plug|supply-in|ignition-supply|igniton feed;switchd live;Ignitn switched supply
donor|ECM plug|ground|ground|engine grnd;Power groud;chasis earth;main erth
donor|ECM plug|ground|sensor-ground|sensor groud;sensr return;sensor erth
donor|ECM plug|reference-out|sensor-supply|5v refrence;sensor suply 5v;5 volt referance
donor|ECM plug|low-side-out|cooling-fan|radiatr fan relay;cooling fan realy;Coolng fan 1
donor|ECM plug|low-side-out|ac-clutch|a/c compresor relay;air con compresser clutch
donor|ECM plug|logic-in|brake-switch|brake pedel switch;brake swich;stop lite switch
donor|ECM plug|logic-in|clutch-switch|clucth switch;Clutch pedle sw
donor|ECM plug|logic-in|park-neutral|nuetral switch;park/nuetral;Neutrl sfty switch
donor|ECM plug|analogue-in|accelerator-position|accelarator pedal sensor;pedel position 1;Accel peddal pos
donor|ECM plug|motor-out|throttle-motor|throtle motor +;throttle moter -
donor|ECM plug|motor-out pwm-out low-side-out|idle-control|idle contol valve;idel air valve;IAC vavle
donor|ECM plug|analogue-in|manifold-pressure|manifld pressure;MAP senser;mainfold pressure sensor
donor|ECM plug|frequency-in analogue-in|mass-air-flow|air flow meater;mass airflw sensor
donor|ECM plug|low-side-out pwm-out|purge-valve|purge solenod;cannister purge;purge vavle
donor|ECM plug|low-side-out pwm-out|exhaust-recirculation|egr solonoid;exaust gas recirculation valve
donor|ECM plug|frequency-out|engine-speed|tacho outptu;rev countr output;tachmeter signal
donor|ECM plug|frequency-in logic-in|vehicle-speed|speedo senser;vehical speed signal;vehicle spead sensor
donor|ECM plug|serial|diagnostic-data|diagnositc line;K lien
donor|ECM plug|can|powertrain-data|can hi;CAN lo;Can bus hgih
donor|ECM plug|spare|other|not conected;no conection;un used
host|Dash clocks|resistive-in|fuel-level|fuel guage sender;feul gauge
host|Dash clocks|resistive-in|coolant-temperature|temp guage;temprature gauge sender
host|Dash clocks|load-in logic-in|oil-pressure-warning|oil presure light;oil warnig lamp
host|Dash clocks|load-in|charge-warning|chargeing light;batery warning light;alternater light
host|Dash clocks|load-in|lighting|main beem warning;hi beam tell tale
host|Dash clocks|load-in|turn-signal|left indicater lamp;rite indicator
host|Dash clocks|supply-in|ignition-supply battery-supply|igntion supply;feed from iginition
host|Dash clocks|load-in supply-in|illumination|dash iluminaton;instument lights
host|Fuse box|supply-out|lighting|head lite feed;tail lites;dip beem left
host|Fuse box|supply-out|horn|horn feed;Horne
host|Fuse box|supply-out|wiper|wipper motor;wiper moter feed
host|Fuse box|supply-out|heater-blower|heater blowr;heatr fan
host|Ignition barrel|supply-out switch-out|accessory-supply|acessory;accesories
host|Ignition barrel|supply-out switch-out|start-supply starter-request|startr;Starter soleniod
host|Ignition barrel|supply-out switch-out|ignition-supply|ignitoin;Igniton on
host|Ignition barrel|supply-in|battery-supply|Batery in;permanant live in
`;

/** A technician's own notes: sentences. */
const SENTENCES = `
donor|Engine ECU plug A|low-side-out|fuel-pump|Grounds the fuel pump relay when cranking and running;This wire turns on the pump relay;
  Fuel pump relay coil, ECU pulls it low
donor|Engine ECU plug A|low-side-out|cooling-fan|Pulls fan relay to ground at 98 degrees;Switches on the radiator fan
donor|Engine ECU plug A|low-side-out|malfunction-lamp|Turns on the check engine light;Sinks the MIL bulb
donor|Engine ECU plug A|low-side-out|ac-clutch|Grounds AC clutch relay
donor|Engine ECU plug A|frequency-out|engine-speed|Drives the tacho;Gives 2 pulses per rev for the rev counter;
  Sends engine rpm to the dash
donor|Engine ECU plug A|logic-in|ac-request|Gets 12V when the AC is switched on;Tells the ECU that A/C is wanted
donor|Engine ECU plug A|logic-in|brake-switch|Sees 12V when the brake pedal is pressed;From brake light switch, 12v when braking
donor|Engine ECU plug A|logic-in|clutch-switch|Goes to ground when clutch pushed in;Clutch switch closes when pedal is down
donor|Engine ECU plug A|logic-in|park-neutral|Grounded in park and neutral;ECU knows it is in neutral from this
donor|Engine ECU plug A|logic-in|starter-request|Gets 12V while cranking from the key
donor|Engine ECU plug A|logic-in|power-steering-pressure|Power steering pressure switch closes at full lock
donor|Engine ECU plug A|supply-in|battery-supply|Always 12V, keeps the memory;Straight from the battery, never switched off;
  Constant battery for ECU memory
donor|Engine ECU plug A|supply-in|ignition-supply|Comes live with the key;12V with ignition on;Ignition switched power to the ECU
donor|Engine ECU plug A|supply-in|relay-supply|12V from the main relay;Power from ECU relay
donor|Engine ECU plug A|low-side-out|main-relay|ECU grounds this to pull in the main relay
donor|Engine ECU plug A|ground|ground|Bolts to the engine block;Ground for the injector drivers;Earth to cylinder head
donor|Engine ECU plug A|ground|sensor-ground|Shared ground for the sensors;Return for coolant and air temp sensors
donor|Engine ECU plug A|reference-out|sensor-supply|Feeds 5V to TPS and MAP;5 volts for the sensors
donor|Engine ECU plug A|resistive-in analogue-in|coolant-temperature|Reads the coolant temp sensor;
  Signal from the two pin water temp sensor
donor|Engine ECU plug A|analogue-in|throttle-position|Signal back from the TPS;Reads the throttle position, 0.5V closed
donor|Engine ECU plug A|analogue-in|manifold-pressure|Vacuum signal from the MAP sensor
donor|Engine ECU plug A|reluctor-in hall-in frequency-in|crankshaft-position|Pickup on the crank, plus side;
  Crank trigger from the flywheel
donor|Engine ECU plug A|injector-out|injector|Fires injector on cylinder 3;Injector 6 ground side
donor|Engine ECU plug A|coil-out|ignition-coil|Triggers coil 2;Fires the coil for cylinders 1 and 4;Negative side of coil pack B
donor|Engine ECU plug A|motor-out pwm-out low-side-out|idle-control|Opens the idle valve;Holds the idle up
donor|Engine ECU plug A|low-side-out pwm-out|purge-valve|Opens the charcoal canister valve
donor|Engine ECU plug A|low-side-out pwm-out|boost-control|Bleeds the wastegate
donor|Engine ECU plug A|low-side-out pwm-out|camshaft-phaser|Oil valve for the VVT;Advances the intake cam
donor|Engine ECU plug A|frequency-in logic-in|vehicle-speed|Road speed from the gearbox sensor;Speed pulses come in here
donor|Engine ECU plug A|lambda-in|oxygen|Signal of the lambda sensor before the cat
donor|Engine ECU plug A|low-side-out pwm-out|oxygen-heater|Ground for the O2 heater, switched by ECU
donor|Engine ECU plug A|serial|diagnostic-data|Talks to the scan tool;Goes to pin 7 of the diagnostic plug
donor|Engine ECU plug A|can|powertrain-data|Twisted pair to the gearbox computer, high;CAN high to the ABS
donor|Engine ECU plug A|serial|security-data|Talks to the immobiliser box
donor|Engine ECU plug A|spare|other|Nothing here;No pin in this hole;Empty hole
host|Dash plug B|load-in|malfunction-lamp|Lights the engine warning lamp when grounded
host|Dash plug B|resistive-in|fuel-level|Comes from the sender in the tank;Fuel gauge reads this
host|Dash plug B|resistive-in|coolant-temperature|Temp gauge needle;Goes to the temp sender on the engine
host|Dash plug B|load-in logic-in|oil-pressure-warning|Oil light, grounds with no pressure
host|Dash plug B|load-in|charge-warning|Battery light to the alternator
host|Dash plug B|load-in logic-in|handbrake brake-fluid|Handbrake light, grounds when pulled up
host|Dash plug B|load-in|turn-signal|Green arrow, left
host|Dash plug B|load-in|lighting|Blue light for main beam
host|Dash plug B|supply-in|ignition-supply|Power for the gauges with key on
host|Dash plug B|supply-in|battery-supply|Keeps the clock going
host|Dash plug B|load-in supply-in|illumination|Lights the dials at night
host|Dash plug B|ground|ground|Earth for the whole dash
host|Dash plug B|frequency-in|engine-speed vehicle-speed|Makes the rev counter work;Speedo input from the gearbox
`;

/** What a meter or a scope shows at the pin, with a name. */
const BEHAVIOUR = `
donor|ECU-1|analogue-in|throttle-position|TPS 0.5-4.5V;Throttle pot, 0.6 V closed 4.2 V WOT
donor|ECU-1|analogue-in|manifold-pressure|MAP 1.2V idle / 4.6V key on;3-bar MAP 0-5V
donor|ECU-1|resistive-in analogue-in|coolant-temperature|CLT NTC 2.5k @20C;Coolant sender 300 ohm hot
donor|ECU-1|resistive-in analogue-in|intake-air-temperature|IAT 2k2 at 20 deg
donor|ECU-1|lambda-in|oxygen|Narrowband 0-1V;Wideband pump current;O2 0.1-0.9V switching
donor|ECU-1|frequency-in analogue-in|mass-air-flow|MAF 2-10 kHz;AFM 0-5V
donor|ECU-1|reluctor-in hall-in frequency-in|crankshaft-position|Crank VR 36-1;CKP 60-2 hall;Crank sensor AC sine 1V cranking
donor|ECU-1|hall-in reluctor-in frequency-in|camshaft-position|Cam hall 5V square;CMP 1 pulse per 720
donor|ECU-1|knock-in|knock|Knock 6 kHz
donor|ECU-1|injector-out|injector|Inj 1 12 ohm;INJ#3 14.5R saturated;Inj 2 peak & hold
donor|ECU-1|coil-out|ignition-coil|Coil 1 5V trigger;IGN2 logic out;COP cyl 4 0-5V dwell 3ms
donor|ECU-1|pwm-out low-side-out motor-out|idle-control|IAC 100 Hz PWM;Idle stepper A+
donor|ECU-1|pwm-out low-side-out|boost-control|Boost sol 30 Hz
donor|ECU-1|pwm-out low-side-out|camshaft-phaser|VVT sol 250Hz
donor|ECU-1|low-side-out pwm-out|fuel-pump|FP relay 0V on;Fuel pump PWM 25 Hz
donor|ECU-1|low-side-out|cooling-fan|Fan 1 relay, GND = on
donor|ECU-1|frequency-out|engine-speed|Tach 12V square 2 ppr;RPM out, 4 pulses/rev
donor|ECU-1|frequency-in logic-in|vehicle-speed|VSS 8 pulses/rev 0-12V;Speed 4000 ppkm
donor|ECU-1|logic-in|brake-switch|Brake sw 12V = pressed
donor|ECU-1|logic-in|clutch-switch|Clutch 0V pressed
donor|ECU-1|logic-in|park-neutral|P/N 0V = neutral
donor|ECU-1|logic-in|ac-request|AC req +12V on
donor|ECU-1|supply-in|battery-supply|+12V perm 10A;B+ 12.6V key off
donor|ECU-1|supply-in|ignition-supply|IGN 12V 15A fuse;12V key on
donor|ECU-1|ground|ground|GND 0.1 ohm to block;0V power
donor|ECU-1|ground|sensor-ground|Sensor 0V;5V rtn
donor|ECU-1|reference-out|sensor-supply|5.00V ref;+5V out sensors 100mA
donor|ECU-1|analogue-in|accelerator-position|APP1 0.8-4.0V;APP2 0.4-2.0V
donor|ECU-1|motor-out|throttle-motor|ETB motor + 12V PWM;DBW mot -
donor|ECU-1|can|powertrain-data|CAN H 2.5V idle 120R;CAN-L 500k
donor|ECU-1|lin serial|body-data alternator-field|LIN 19.2k alternator
donor|ECU-1|serial|diagnostic-data|K-line 12V idle 10400 baud
donor|ECU-1|analogue-in|oil-pressure|Oil press 0.5-4.5V 0-10 bar
donor|ECU-1|analogue-in|fuel-pressure|Fuel press 100 psi 5V
donor|ECU-1|resistive-in analogue-in|exhaust-temperature|EGT K type;EGT PT200
donor|ECU-1|frequency-in analogue-in|other|Flex fuel 50-150 Hz
host|Clocks|frequency-in|engine-speed|Tacho 12V 2ppr
host|Clocks|resistive-in|fuel-level|Fuel 10-180 ohm;Fuel sender 73 ohm empty
host|Clocks|resistive-in|coolant-temperature|Temp 250R cold 20R hot
host|Clocks|resistive-in|oil-pressure|Oil 10-184 ohm
host|Clocks|load-in|charge-warning|Charge lamp 2W
host|Clocks|load-in logic-in|oil-pressure-warning|Oil light 0V = on
host|Clocks|load-in|lighting|Main beam 1.2W
`;

/** Names with the thing first and what is told of it behind commas. */
const REVERSED = `
donor|ECM-B|resistive-in analogue-in|coolant-temperature|Sensor, coolant temperature, signal;Temperature, engine coolant
donor|ECM-B|resistive-in analogue-in|intake-air-temperature|Sensor, air temperature, intake;Temperature, charge air
donor|ECM-B|analogue-in|throttle-position|Sensor, throttle position, wiper;Position, throttle, signal 2
donor|ECM-B|analogue-in|manifold-pressure|Sensor, pressure, manifold
donor|ECM-B|analogue-in|accelerator-position|Sensor, pedal, track 1;Position, accelerator pedal
donor|ECM-B|reference-out|sensor-supply|Supply, 5 V, throttle sensor;Reference, sensors, 5 V
donor|ECM-B|ground|sensor-ground|Ground, sensors;Return, throttle sensor;Earth, sensor
donor|ECM-B|ground|ground|Ground, power;Earth, engine;Ground, ECU
donor|ECM-B|supply-in|battery-supply|Supply, battery, permanent;Feed, battery
donor|ECM-B|supply-in|ignition-supply|Supply, ignition;Feed, switched, ignition
donor|ECM-B|supply-in|relay-supply|Supply, from main relay
donor|ECM-B|low-side-out|fuel-pump|Relay, fuel pump, control;Control, pump relay, fuel
donor|ECM-B|low-side-out|cooling-fan|Relay, fan, low speed;Relay, cooling fan
donor|ECM-B|low-side-out|cooling-fan-high|Relay, fan, high speed
donor|ECM-B|low-side-out|ac-clutch|Relay, compressor clutch;Relay, A/C
donor|ECM-B|low-side-out|starter-relay|Relay, starter, control
donor|ECM-B|low-side-out|malfunction-lamp|Lamp, malfunction indicator;Lamp, check engine
donor|ECM-B|low-side-out glow-plug|glow-plug|Lamp, glow;Relay, glow plugs
donor|ECM-B|injector-out|injector|Injector, cylinder 4;Valve, injection, cyl 2
donor|ECM-B|coil-out|ignition-coil|Coil, ignition, cylinder 1;Coil, cyl 6
donor|ECM-B|low-side-out pwm-out|purge-valve|Valve, purge, canister
donor|ECM-B|low-side-out pwm-out|exhaust-recirculation|Valve, exhaust gas recirculation;Solenoid, EGR
donor|ECM-B|low-side-out pwm-out|camshaft-phaser|Valve, camshaft timing, inlet;Solenoid, VVT, exhaust
donor|ECM-B|motor-out pwm-out low-side-out|idle-control|Valve, idle speed;Motor, idle, phase 1
donor|ECM-B|motor-out|throttle-motor|Motor, throttle, positive
donor|ECM-B|reluctor-in hall-in frequency-in|crankshaft-position|Sensor, crankshaft, signal;Sensor, engine speed, crankshaft
donor|ECM-B|hall-in reluctor-in frequency-in|camshaft-position|Sensor, camshaft, bank 2;Sensor, phase, camshaft
donor|ECM-B|knock-in|knock|Sensor, knock, 1
donor|ECM-B|lambda-in|oxygen|Sensor, oxygen, upstream;Probe, lambda, signal
donor|ECM-B|low-side-out pwm-out|oxygen-heater|Heater, oxygen sensor, bank 1;Heater, lambda probe
donor|ECM-B|shield|oxygen knock crankshaft-position|Screen, crankshaft sensor;Shield, knock sensor
donor|ECM-B|logic-in|brake-switch|Switch, brake pedal;Switch, stop lamp
donor|ECM-B|logic-in|clutch-switch|Switch, clutch pedal
donor|ECM-B|logic-in|park-neutral|Switch, park/neutral;Switch, neutral
donor|ECM-B|logic-in|oil-pressure-warning|Switch, oil pressure
donor|ECM-B|logic-in|ac-request|Request, air conditioning;Switch, A/C
donor|ECM-B|logic-in|cruise-request|Switch, cruise control, set;Switch, cruise, cancel
donor|ECM-B|frequency-out|engine-speed|Output, tachometer;Signal, engine speed, to instruments
donor|ECM-B|frequency-in logic-in|vehicle-speed|Signal, road speed;Sensor, vehicle speed
donor|ECM-B|can|powertrain-data|Bus, CAN, high;Data line, CAN L
donor|ECM-B|serial|diagnostic-data|Line, diagnostic, K;Data line, diagnosis
donor|ECM-B|serial|security-data|Line, immobiliser
donor|ECM-B|spare|other|Spare;Not used
host|Fuse board|supply-out|lighting|Lamps, tail, left;Lamp, dipped beam, right;Lamps, fog, rear
host|Fuse board|supply-out|horn|Horn, supply
host|Fuse board|supply-out|wiper|Motor, wiper, front
host|Fuse board|supply-out|heater-blower|Motor, blower
host|Fuse board|supply-out|window|Motor, window lift, left
host|Fuse board|supply-out|demister|Window, rear, heated
host|Fuse board|supply-out|fuel-pump|Pump, fuel
host|Meter set|load-in|turn-signal|Lamp, direction indicator, left;Tell-tale, trailer indicators
host|Meter set|load-in|lighting|Tell-tale, main beam
host|Meter set|load-in logic-in|oil-pressure-warning|Lamp, oil pressure
host|Meter set|load-in|charge-warning|Lamp, charge
host|Meter set|resistive-in|fuel-level|Gauge, fuel
host|Meter set|resistive-in|coolant-temperature|Gauge, temperature, coolant
host|Meter set|load-in supply-in|illumination|Lighting, instruments
`;

/** More rows of hands known by now, these too written before they were read. */
const HASTE_2 = `
donor|PCM|resistive-in analogue-in|coolant-temperature|clnt tempreture sendor;wtr tmp snsr;engin temp sendr sig
donor|PCM|resistive-in analogue-in|intake-air-temperature|intak air temp;inlet air tempature;air temprtr sensor
donor|PCM|analogue-in|throttle-position|thottle sensor;trottle pos;TPS siganl
donor|PCM|analogue-in|manifold-pressure|manifold presure snsor;map sensr signl;boost preasure sensor
donor|PCM|injector-out|injector|injectr 2;inj 5 drvr;injecor #6
donor|PCM|coil-out|ignition-coil|ign coil 3 triger;coil pak A;igniton coil1
donor|PCM|reluctor-in hall-in frequency-in|crankshaft-position|crank sensro +;cranck sensor;crankshaft positn
donor|PCM|low-side-out|fuel-pump|fuel pmp rely;fual pump relay;Fuel pump rlay cntrl
donor|PCM|low-side-out|cooling-fan|fan rely 1;coolling fan relay;rad fan rly
donor|PCM|low-side-out pwm-out|purge-valve|purge solinoid;evap purg valve
donor|PCM|low-side-out pwm-out|camshaft-phaser|vvt solenoide;cam phazer
donor|PCM|low-side-out|malfunction-lamp|chk engine lite;engine warnng lamp
donor|PCM|supply-in|battery-supply|batt perminent;permanet 12v;batttery +
donor|PCM|supply-in|ignition-supply|ign switchd 12v;igntion on;key on powr
donor|PCM|ground|ground|grond engine;chassie ground;ground (blok)
donor|PCM|ground|sensor-ground|sensr gnd;signal grnd;sens retrun
donor|PCM|reference-out|sensor-supply|5v ref sensrs;refernce 5V
donor|PCM|logic-in|brake-switch|brk swtch;brake lamp swich;break pedal switch
donor|PCM|logic-in|clutch-switch|cluth pedal swtch;clutch swch
donor|PCM|logic-in|park-neutral|park nuetral swtich;netural safety sw
donor|PCM|logic-in|ac-request|aircon reqest;A/C requst
donor|PCM|logic-in|starter-request|start reqest;crank signl from key
donor|PCM|frequency-out|engine-speed|tach singal out;rev couter;Tacometer output
donor|PCM|frequency-in logic-in|vehicle-speed|vehicle spd sensr;speedo sendr
donor|PCM|lambda-in|oxygen|oxygn sensor;O2 sesnor sig;lambada sensor
donor|PCM|knock-in|knock|knock sensro;knock snsr bnk 2
donor|PCM|shift-solenoid low-side-out pwm-out|shift-solenoid|shft solnoid A;shift solenid B
donor|PCM|resistive-in analogue-in|transmission-temperature|trans temp snsr;gearbox oil tempreture
donor|PCM|can|powertrain-data|can buss hi;CAN-low
donor|PCM|serial|diagnostic-data|diagnostc k line;obd seriel
host|Clock pod|resistive-in|fuel-level|fuel lvl sendr;petrol guage
host|Clock pod|resistive-in|oil-pressure|oil presure gage
host|Clock pod|load-in logic-in|oil-pressure-warning|oil pressur warning lite
host|Clock pod|load-in|turn-signal|indicatr left;r/h indictor
host|Clock pod|load-in|lighting|high beem indicator;foglite warning
host|Clock pod|load-in supply-in|illumination|panal lights;illumniation
host|Clock pod|load-in logic-in|handbrake|hand break warning;parkng brake
host|Clock pod|frequency-in|engine-speed|tachometr signal
host|Fusebox|supply-out|wiper|frnt wiper;wipers motr
host|Fusebox|supply-out|lighting|dip beam lft;side lite right;fog lamps rr
host|Fusebox|supply-out|demister|heatd rear window;rear demistr
host|Fusebox|supply-out|audio accessory-supply|radio suply
host|Fusebox|supply-out|cooling-fan|cooling fn motor
host|Fusebox|supply-out|lock|centrl locking
`;

const SENTENCES_2 = `
donor|ECU white plug|low-side-out|fuel-pump|Takes the pump relay to ground for 2 seconds at key on;ECU switches the fuel pump with this
donor|ECU white plug|low-side-out|cooling-fan|Fan comes on when the ECU grounds this;Earths the fan relay
donor|ECU white plug|low-side-out|malfunction-lamp|Other side of the check engine bulb;Pulls the engine light down
donor|ECU white plug|logic-in|brake-switch|Goes to 12V with the brakes on;Same wire as the brake lights
donor|ECU white plug|logic-in|clutch-switch|Open circuit until the clutch is pressed;Clutch pedal microswitch
donor|ECU white plug|logic-in|park-neutral|Closes to earth in neutral;Neutral switch on the gearbox
donor|ECU white plug|logic-in|ac-request|From the AC button in the dash;AC switch sends 12V here
donor|ECU white plug|logic-in|starter-request|Has battery voltage only while cranking
donor|ECU white plug|supply-in|battery-supply|Hot all the time through a 10 amp fuse;Memory power, direct off the battery
donor|ECU white plug|supply-in|ignition-supply|Dead with key off, 12V with key on;Wakes the ECU when the ignition is on
donor|ECU white plug|supply-in|relay-supply|Comes from the EFI relay;Output of the main relay to the ECU
donor|ECU white plug|ground|ground|Eyelet on the back of the head;Main earth of the ECU;Power ground to the chassis
donor|ECU white plug|ground|sensor-ground|Clean ground for sensors only;Signal ground of the TPS
donor|ECU white plug|reference-out|sensor-supply|5V supply to the MAP sensor;Gives the TPS its 5 volts
donor|ECU white plug|resistive-in analogue-in|coolant-temperature|Coolant temperature, resistance falls as it warms;
  Wire from the ECT in the thermostat housing
donor|ECU white plug|resistive-in analogue-in|intake-air-temperature|Air temp sensor in the intake pipe
donor|ECU white plug|analogue-in|throttle-position|Middle wire of the throttle pot;Throttle opening signal
donor|ECU white plug|analogue-in|accelerator-position|Pedal signal number two
donor|ECU white plug|reluctor-in hall-in frequency-in|crankshaft-position|One side of the crank pickup;Crank sensor behind the pulley
donor|ECU white plug|hall-in reluctor-in frequency-in|camshaft-position|Cam sensor tells which cylinder is firing
donor|ECU white plug|knock-in|knock|Knock sensor on the block, shielded
donor|ECU white plug|injector-out|injector|Switched side of injector 4;Injector number 2, other wire is 12V
donor|ECU white plug|coil-out|ignition-coil|Coil for cylinder 6;Spark signal to coil 3
donor|ECU white plug|motor-out pwm-out low-side-out|idle-control|Idle motor, one of four wires;Works the idle valve
donor|ECU white plug|low-side-out pwm-out|purge-valve|Canister purge, pulses when warm
donor|ECU white plug|frequency-out|engine-speed|Tacho signal to the dash, square wave;RPM signal for the gearbox computer
donor|ECU white plug|frequency-in logic-in|vehicle-speed|From the speed sensor on the box;Vehicle speed from the ABS
donor|ECU white plug|lambda-in|oxygen|Front oxygen sensor, black wire
donor|ECU white plug|serial|diagnostic-data|K line to the OBD port;For the diagnostic tool
donor|ECU white plug|can|powertrain-data|CAN bus between ECU and gearbox, low wire
donor|ECU white plug|spare|other|Not connected on this engine;No wire fitted
donor|ECU white plug|low-side-out|starter-relay|Lets the starter relay work
donor|ECU white plug|low-side-out|main-relay|Turns on its own main relay
host|Cluster plug|load-in|malfunction-lamp|Earth this to light the engine lamp
host|Cluster plug|resistive-in|fuel-level|Fuel tank float;Moves the fuel needle
host|Cluster plug|resistive-in|coolant-temperature|Moves the temperature needle;Wire to the temperature sender
host|Cluster plug|load-in logic-in|oil-pressure-warning|Oil lamp, the switch on the engine grounds it
host|Cluster plug|load-in|charge-warning|Charging light, other end on alternator D+
host|Cluster plug|load-in|turn-signal|Left indicator repeater light;Flashes with the right indicators
host|Cluster plug|load-in|lighting|High beam on lamp
host|Cluster plug|supply-in|ignition-supply|12V only with the key on
host|Cluster plug|supply-in|battery-supply|12V all the time for the clock
host|Cluster plug|load-in supply-in|illumination|Dash lights from the dimmer
host|Cluster plug|ground|ground|Black, earth
host|Cluster plug|frequency-in|vehicle-speed|Speed pulses from the sensor
host|Cluster plug|frequency-in|engine-speed|From coil negative, for the tacho
`;

const BEHAVIOUR_2 = `
donor|Control unit|analogue-in|throttle-position|TP 0.45V shut / 4.7V full;TPS2 4.5V closed
donor|Control unit|analogue-in|manifold-pressure|MAP 100 kPa 4.0V;Boost 2.5 bar abs sensor
donor|Control unit|resistive-in analogue-in|coolant-temperature|ECT 320 ohm at 80 C;Coolant 2.2k cold
donor|Control unit|resistive-in analogue-in|oil-temperature|Oil temp 10k NTC
donor|Control unit|lambda-in|oxygen|O2 B1 0.45V bias;Wideband pump cell 82 ohm
donor|Control unit|frequency-in analogue-in|mass-air-flow|MAF 1.0V idle;Air meter 4.5V max
donor|Control unit|reluctor-in hall-in frequency-in|crankshaft-position|Crank 12-1 reluctor 850 ohm;CKP 0-5V square
donor|Control unit|hall-in reluctor-in frequency-in|camshaft-position|Cam sync 5V pulse;CMP hall 12V
donor|Control unit|injector-out|injector|Inj 7 12V batch;INJ 8 2.3R P&H
donor|Control unit|coil-out|ignition-coil|Coil 8 5V smart;IGN 3 dwell 2.8 ms;Coil 2 0.6R direct
donor|Control unit|pwm-out low-side-out|boost-control|WG sol 20Hz 12V
donor|Control unit|pwm-out low-side-out|purge-valve|EVAP 10 Hz
donor|Control unit|low-side-out|fuel-pump|Pump relay 0V = run
donor|Control unit|low-side-out|cooling-fan|Fan relay earth at 95C
donor|Control unit|low-side-out|malfunction-lamp|CEL 0V lit
donor|Control unit|frequency-out|engine-speed|Tacho 3 ppr 12V
donor|Control unit|frequency-in logic-in|vehicle-speed|VSS 12V 4 pulse
donor|Control unit|logic-in|brake-switch|Brake 12V on
donor|Control unit|logic-in|clutch-switch|Clutch sw open = pressed
donor|Control unit|logic-in|ac-request|AC 12V = on request
donor|Control unit|logic-in|starter-request|Start sw 12V crank
donor|Control unit|supply-in|battery-supply|12V always 7.5A
donor|Control unit|supply-in|ignition-supply|12V ign 10A;Key on 12V
donor|Control unit|ground|ground|Power gnd < 0.05 ohm
donor|Control unit|ground|sensor-ground|Sensor gnd 0V;Analog 0V
donor|Control unit|reference-out|sensor-supply|5V 50 mA sensor supply
donor|Control unit|analogue-in|accelerator-position|Pedal A 0.75V rest;PPS2 0.37-2.1V
donor|Control unit|motor-out|throttle-motor|Throttle motor 12V H-bridge
donor|Control unit|can|powertrain-data|CANH 60 ohm to CANL;CAN2 L 1 Mbit
donor|Control unit|analogue-in|oil-pressure|Oil P 150 psi 0.5-4.5
donor|Control unit|analogue-in|fuel-pressure|Fuel P 10 bar
host|Dash gauges|resistive-in|fuel-level|Fuel 240-33 ohm;Tank unit 0-90 ohm
host|Dash gauges|resistive-in|coolant-temperature|Water temp 700 ohm cold
host|Dash gauges|resistive-in|oil-pressure|Oil psi 240-33
host|Dash gauges|frequency-in|engine-speed|Tach 4 cyl 2 pulses;RPM 12V coil
host|Dash gauges|frequency-in|vehicle-speed|Speedo 5 Hz/mph
host|Dash gauges|load-in|charge-warning|Charge lamp 2.2W 12V
host|Dash gauges|supply-in|ignition-supply|12V ign gauges
host|Dash gauges|load-in supply-in|illumination|Illum 0-12V dim
`;

const SENTENCES_3 = `
donor|Black 52-way plug|low-side-out|fuel-pump|When the ECU earths this the fuel pump runs;Fuel pump relay, other coil end is on ignition
donor|Black 52-way plug|low-side-out|cooling-fan|Starts the electric fan through a relay
donor|Black 52-way plug|low-side-out|malfunction-lamp|Engine light in the dash, ECU earths it
donor|Black 52-way plug|low-side-out|ac-clutch|Cuts the compressor at full throttle
donor|Black 52-way plug|logic-in|brake-switch|Knows when the brake is on;From the brake light side of the pedal switch
donor|Black 52-way plug|logic-in|clutch-switch|Clutch in signal for cruise
donor|Black 52-way plug|logic-in|park-neutral|In gear or not, from the auto box
donor|Black 52-way plug|logic-in|ac-request|A/C on request, raises the idle
donor|Black 52-way plug|supply-in|battery-supply|Feed from the battery, 15 amp fuse;Live at all times even with the key out
donor|Black 52-way plug|supply-in|ignition-supply|Ignition feed, fuse 7;Goes live when the key is turned
donor|Black 52-way plug|supply-in|relay-supply|Switched by the main relay
donor|Black 52-way plug|ground|ground|To the earth point by the battery;One of three grounds
donor|Black 52-way plug|ground|sensor-ground|Earth side of the coolant and TPS sensors
donor|Black 52-way plug|reference-out|sensor-supply|Supplies five volts to the throttle pot
donor|Black 52-way plug|resistive-in analogue-in|coolant-temperature|Engine temperature for the ECU, not the gauge
donor|Black 52-way plug|resistive-in analogue-in|intake-air-temperature|Measures inlet air temperature
donor|Black 52-way plug|frequency-in analogue-in|mass-air-flow|Air flow meter output
donor|Black 52-way plug|analogue-in|manifold-pressure|Senses manifold vacuum
donor|Black 52-way plug|reluctor-in hall-in frequency-in|crankshaft-position|Engine position from the flywheel teeth;Trigger wheel sensor
donor|Black 52-way plug|hall-in reluctor-in frequency-in|camshaft-position|Cam position, one pulse each two turns
donor|Black 52-way plug|injector-out|injector|Earths injectors 1 and 3;Injector three
donor|Black 52-way plug|coil-out|ignition-coil|Earth side of the ignition coil, switched by ECU;Tells the igniter to fire
donor|Black 52-way plug|motor-out pwm-out low-side-out|idle-control|Extra air for cold idle
donor|Black 52-way plug|low-side-out pwm-out|boost-control|Lets the turbo make more boost
donor|Black 52-way plug|low-side-out pwm-out|intake-runner|Opens the second set of intake runners
donor|Black 52-way plug|low-side-out pwm-out|exhaust-recirculation|Works the EGR
donor|Black 52-way plug|frequency-out|engine-speed|Output to the rev counter
donor|Black 52-way plug|frequency-in logic-in|vehicle-speed|How fast the car goes, from the speedo drive
donor|Black 52-way plug|lambda-in|oxygen|Mixture signal from the exhaust probe
donor|Black 52-way plug|low-side-out pwm-out|oxygen-heater|Heats the lambda probe
donor|Black 52-way plug|serial|diagnostic-data|For reading fault codes
donor|Black 52-way plug|serial|security-data|Permission to start from the immobiliser
donor|Black 52-way plug|shield|crankshaft-position|Braid around the crank sensor wires
donor|Black 52-way plug|spare|other|Blanked off;Not used with manual gearbox
host|Main dash connector|load-in|malfunction-lamp|Check engine bulb, ECU side
host|Main dash connector|resistive-in|fuel-level|Fuel sender wire from the tank
host|Main dash connector|resistive-in|oil-pressure|Oil pressure gauge sender wire
host|Main dash connector|resistive-in|coolant-temperature|Coolant gauge, goes to ground through the sender
host|Main dash connector|load-in logic-in|oil-pressure-warning|Comes on when oil pressure is low
host|Main dash connector|load-in|charge-warning|Goes out when the alternator charges
host|Main dash connector|load-in|turn-signal|Both indicators tell-tale
host|Main dash connector|load-in|lighting|Lights up with main beam
host|Main dash connector|supply-in|ignition-supply|Instrument feed, live with ignition
host|Main dash connector|supply-in|battery-supply|Permanent feed for the odometer
host|Main dash connector|load-in supply-in|illumination|Panel bulbs
host|Main dash connector|ground|ground|Instrument earth
host|Main dash connector|load-in logic-in|seat-belt|Fasten belts light
host|Main dash connector|load-in logic-in|door|Comes on with any door open
`;

const BEHAVIOUR_3 = `
donor|EMU|analogue-in|throttle-position|TPS sig 4.1 V @ WOT;Throttle 12-88 %
donor|EMU|analogue-in|manifold-pressure|MAP sig 4.9V at 250 kPa;Baro 101 kPa 4V
donor|EMU|resistive-in analogue-in|coolant-temperature|CLT 3.2V @ 20degC;Water temp NTC 2k5
donor|EMU|resistive-in analogue-in|intake-air-temperature|IAT 3V at 25C
donor|EMU|lambda-in|oxygen|Lambda 450 mV;Sonde 0.2-0.8V
donor|EMU|frequency-in analogue-in|mass-air-flow|MAF 1.4 V = 10 kg/h
donor|EMU|reluctor-in hall-in frequency-in|crankshaft-position|CKP + 60-2, 1.1k;Crank hall 12V sig
donor|EMU|hall-in reluctor-in frequency-in|camshaft-position|CMP + 0-12V 1 tooth
donor|EMU|knock-in|knock|KS1 4.9 Mohm
donor|EMU|injector-out|injector|INJ4 16 ohm LS;Injector 1 gnd pulse 3 ms
donor|EMU|coil-out|ignition-coil|Coil 5 logic 5V rising;IGN coil 2 12V primary 0.5 ohm
donor|EMU|pwm-out low-side-out motor-out|idle-control|Idle valve 250 Hz 9 ohm;ISC stepper 2 50 ohm
donor|EMU|pwm-out low-side-out|boost-control|Boost valve 31 Hz 28 ohm
donor|EMU|pwm-out low-side-out|camshaft-phaser|VVT intake 200 Hz 7R
donor|EMU|low-side-out|fuel-pump|FP relay LS 0.2A
donor|EMU|low-side-out|main-relay|Main relay LS 0V on
donor|EMU|low-side-out|cooling-fan|Fan2 relay GND on at 102C
donor|EMU|frequency-out|engine-speed|Tacho out 0-12V 2/rev
donor|EMU|frequency-in logic-in|vehicle-speed|VSS hall 5 Hz per km/h
donor|EMU|logic-in|brake-switch|Brake light sw +12 on press
donor|EMU|logic-in|clutch-switch|Clutch sw GND on press
donor|EMU|logic-in|ac-request|A/C sw 12V active
donor|EMU|supply-in|battery-supply|+12 perm, 2 mA sleep
donor|EMU|supply-in|ignition-supply|+12 ign, 0.3A;IGN sw 12.4V
donor|EMU|supply-in|relay-supply|+12 from relay 87
donor|EMU|ground|ground|PGND 5A;GND 0.02V drop
donor|EMU|ground|sensor-ground|SGND 0V
donor|EMU|reference-out|sensor-supply|VREF 5V 200mA max
donor|EMU|analogue-in|accelerator-position|APP A 0.7V idle 3.9V full
donor|EMU|motor-out|throttle-motor|ETC M+ 12V 2 kHz
donor|EMU|can|powertrain-data|CAN1-H 500 kbit/s
donor|EMU|serial|diagnostic-data|K 12V idle
donor|EMU|analogue-in|oil-pressure|Oil pres 0.5V = 0 bar
donor|EMU|analogue-in|fuel-pressure|Fuel pres 4 bar 2.1V
donor|EMU|resistive-in analogue-in|oil-temperature|Oil T NTC 90C 0.9V
host|Instr. panel|resistive-in|fuel-level|Fuel full 33 empty 240 ohm
host|Instr. panel|resistive-in|coolant-temperature|H2O temp 40 ohm hot
host|Instr. panel|frequency-in|engine-speed|Tach 6-cyl 3 ppr
host|Instr. panel|load-in|lighting|HB lamp 12V on
host|Instr. panel|load-in logic-in|brake-fluid handbrake|Brake lamp 0V = on
host|Instr. panel|supply-in|ignition-supply|12V key
host|Instr. panel|supply-in|battery-supply|12V perm 10 mA
`;

const SENTENCES_4 = `
donor|ECU grey connector|low-side-out|fuel-pump|Runs the fuel pump through its relay;ECU output for the pump relay, active low
donor|ECU grey connector|low-side-out|cooling-fan|Brings the fan in when hot;Second half of the fan relay coil, ECU sinks it
donor|ECU grey connector|low-side-out|malfunction-lamp|Check engine lamp, grounded by the ECU
donor|ECU grey connector|logic-in|brake-switch|Brake switch, live when the pedal is down
donor|ECU grey connector|logic-in|clutch-switch|Clutch switch to ground
donor|ECU grey connector|logic-in|park-neutral|Reads the neutral switch
donor|ECU grey connector|logic-in|ac-request|Air con button asks for idle up
donor|ECU grey connector|supply-in|battery-supply|Battery through the 20A fuse, always on;Keeps the adaptations alive
donor|ECU grey connector|supply-in|ignition-supply|From ignition switch via fuse 4;Power in run and crank
donor|ECU grey connector|supply-in|relay-supply|From main relay terminal 87
donor|ECU grey connector|ground|ground|Grounded on the inlet manifold;Case ground of the ECU
donor|ECU grey connector|ground|sensor-ground|Ground for coolant sensor and TPS;Do not join to chassis, sensor ground
donor|ECU grey connector|reference-out|sensor-supply|5V out to the sensors
donor|ECU grey connector|resistive-in analogue-in|coolant-temperature|Temperature of the water, for the ECU
donor|ECU grey connector|resistive-in analogue-in|intake-air-temperature|Temperature in the air box
donor|ECU grey connector|analogue-in|throttle-position|Tells how far the throttle is open
donor|ECU grey connector|analogue-in|manifold-pressure|Pressure in the manifold
donor|ECU grey connector|reluctor-in hall-in frequency-in|crankshaft-position|Reads the teeth on the crank pulley;Crank sensor white wire
donor|ECU grey connector|hall-in reluctor-in frequency-in|camshaft-position|Sensor on the end of the cam
donor|ECU grey connector|knock-in|knock|Listens for knock
donor|ECU grey connector|injector-out|injector|Pulls down injector 2;Bank of injectors 1, 4
donor|ECU grey connector|coil-out|ignition-coil|Switches coil 1 to ground;Logic signal to the coil of cylinder 3
donor|ECU grey connector|motor-out pwm-out low-side-out|idle-control|Air valve for idle, duty cycle
donor|ECU grey connector|low-side-out pwm-out|purge-valve|Lets fuel vapour into the engine
donor|ECU grey connector|frequency-out|engine-speed|Feeds the tacho;Pulses for the rev counter
donor|ECU grey connector|frequency-in logic-in|vehicle-speed|Pulses from the speedo sensor
donor|ECU grey connector|lambda-in|oxygen|Reads the lambda sensor
donor|ECU grey connector|serial|diagnostic-data|Diagnostic wire to the plug under the dash
donor|ECU grey connector|spare|other|No wire in this cavity
host|Instrument plug|resistive-in|fuel-level|Tank sender brings this to ground
host|Instrument plug|load-in logic-in|oil-pressure-warning|Oil pressure light, switch to earth
host|Instrument plug|load-in|charge-warning|To the small terminal of the alternator, warning light
host|Instrument plug|supply-in|ignition-supply|Ignition power for all gauges
host|Instrument plug|load-in supply-in|illumination|Instrument bulbs, from the light switch
host|Instrument plug|frequency-in|engine-speed|Tacho pulses
`;

const BEHAVIOUR_4 = `
donor|Engine ECU X1|analogue-in|throttle-position|TPS 0.7 V idle
donor|Engine ECU X1|analogue-in|manifold-pressure|MAP 0.9V @ idle
donor|Engine ECU X1|resistive-in analogue-in|coolant-temperature|CTS 2.4 kohm 20C;ECT 0.6V hot
donor|Engine ECU X1|lambda-in|oxygen|O2S 450mV cold
donor|Engine ECU X1|frequency-in analogue-in|mass-air-flow|MAF 3.2kHz idle
donor|Engine ECU X1|reluctor-in hall-in frequency-in|crankshaft-position|Crank sensor 560R, 2Vac cranking
donor|Engine ECU X1|hall-in reluctor-in frequency-in|camshaft-position|Cam sensor 0/5V
donor|Engine ECU X1|injector-out|injector|Injector 5, 12V key on, pulses to 0V
donor|Engine ECU X1|coil-out|ignition-coil|Coil 4, 0-5V pulse;IGN A 3 ms dwell
donor|Engine ECU X1|pwm-out low-side-out motor-out|idle-control|IAC duty 35% warm
donor|Engine ECU X1|low-side-out|fuel-pump|Pump relay coil, 0.1V when on
donor|Engine ECU X1|low-side-out|cooling-fan|Fan relay 12V off 0V on
donor|Engine ECU X1|low-side-out|malfunction-lamp|MIL 12V off, 0V lit
donor|Engine ECU X1|frequency-out|engine-speed|RPM 26 Hz at idle, 12V
donor|Engine ECU X1|frequency-in logic-in|vehicle-speed|Speed 0-5V, 1 Hz per mph
donor|Engine ECU X1|logic-in|brake-switch|Stop switch 0V/12V
donor|Engine ECU X1|logic-in|clutch-switch|Clutch 5V up, 0V down
donor|Engine ECU X1|logic-in|park-neutral|PN switch 0V in P
donor|Engine ECU X1|supply-in|battery-supply|Vbat 12.5 always
donor|Engine ECU X1|supply-in|ignition-supply|12V with ign
donor|Engine ECU X1|ground|ground|Gnd < 50 mV
donor|Engine ECU X1|ground|sensor-ground|Sensor gnd < 20 mV
donor|Engine ECU X1|reference-out|sensor-supply|Vref 4.98V
donor|Engine ECU X1|can|powertrain-data|CAN+ 2.6V;CAN- 2.4V
host|Gauges|resistive-in|fuel-level|Fuel 5 ohm full 110 empty
host|Gauges|resistive-in|coolant-temperature|Water 900 ohm 20C
host|Gauges|load-in logic-in|oil-pressure-warning|Oil lamp 12V run, 0V off
host|Gauges|frequency-in|engine-speed|Tacho coil pulses 300V
host|Gauges|supply-in|ignition-supply|Gauge feed 12V ign
`;

/** Each with how many of a hundred were right in kind and quantity at first sight, and how many have to be so since. */
export const NOTES: readonly HeldOutTable[] = [
  // 47 of a hundred before slips of the pen were read.
  ["notes in haste", HASTE, 89, 95],
  ["notes in sentences", SENTENCES, 82, 97],
  ["what a meter shows", BEHAVIOUR, 76, 96],
  ["names with the thing first", REVERSED, 99, 98],
  ["notes in haste, more", HASTE_2, 94, 98],
  ["notes in sentences, more", SENTENCES_2, 85, 95],
  ["what a meter shows, more", BEHAVIOUR_2, 75, 98],
  // 86 of a hundred in quantity: the plug, named by its colour and ways, was not taken for the computer's.
  ["notes in sentences, once more", SENTENCES_3, 54, 94],
  ["what a meter shows, once more", BEHAVIOUR_3, 83, 94],
  ["notes in sentences, a fourth", SENTENCES_4, 87, 91],
  ["what a meter shows, a fourth", BEHAVIOUR_4, 84, 98],
];
