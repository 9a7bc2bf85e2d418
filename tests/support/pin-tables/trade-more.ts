import type { HeldOutTable } from "./table";

/* The rest of the fifteen manners of trade.ts. */

const SPOKEN = `
donor|Engine ECU plug X|supply-in|battery-supply|12V battery (constant);Battery + via 20A fuse
donor|Engine ECU plug X|supply-in|ignition-supply|12V with key on;Key-on 12V supply
donor|Engine ECU plug X|supply-in|relay-supply|12V from ECU relay;Relay-fed supply to ECU
donor|Engine ECU plug X|low-side-out|main-relay|ECU relay pull-down
donor|Engine ECU plug X|ground|ground|Engine ground A;Ground to gearbox bolt
donor|Engine ECU plug X|ground|sensor-ground|Common sensor return;Throttle sensor earth
donor|Engine ECU plug X|reference-out|sensor-supply|Sensor feed 5V;5V to pedal
donor|Engine ECU plug X|resistive-in analogue-in|coolant-temperature|Water temperature sensor signal;Cyl head temperature
donor|Engine ECU plug X|resistive-in analogue-in|intake-air-temperature|Air temperature in inlet
donor|Engine ECU plug X|resistive-in analogue-in|oil-temperature|Sump oil temperature
donor|Engine ECU plug X|analogue-in|manifold-pressure|Inlet manifold pressure
donor|Engine ECU plug X|analogue-in|throttle-position|Throttle angle 1;Throttle valve sensor 2
donor|Engine ECU plug X|analogue-in|accelerator-position|Gas pedal sensor A
donor|Engine ECU plug X|motor-out|throttle-motor|Throttle valve motor forward;Throttle plate motor reverse
donor|Engine ECU plug X|reluctor-in hall-in frequency-in|crankshaft-position|Crank pickup signal;Crank pickup return;
  Flywheel position sensor
donor|Engine ECU plug X|hall-in reluctor-in frequency-in|camshaft-position|Inlet cam sensor;Exhaust cam position
donor|Engine ECU plug X|knock-in|knock|Knock detector 1;Knock signal cylinder 2
donor|Engine ECU plug X|lambda-in|oxygen|Lambda sensor before cat;Lambda after cat signal
donor|Engine ECU plug X|low-side-out pwm-out|oxygen-heater|Lambda heater before cat;Heating of lambda sensor 2
donor|Engine ECU plug X|injector-out|injector|Cylinder 1 injector;Injection cylinder 4
donor|Engine ECU plug X|coil-out|ignition-coil|Cylinder 3 coil;Ignition cylinder 1
donor|Engine ECU plug X|low-side-out pwm-out|camshaft-phaser|Inlet cam timing solenoid
donor|Engine ECU plug X|low-side-out pwm-out|purge-valve|Fuel vapour valve;Carbon filter valve
donor|Engine ECU plug X|low-side-out pwm-out motor-out|idle-control|Idle air motor coil 2;Idle speed valve
donor|Engine ECU plug X|low-side-out pwm-out|intake-runner|Inlet length flap;Resonance flap solenoid
donor|Engine ECU plug X|low-side-out pwm-out|boost-control|Boost valve;Waste gate solenoid
donor|Engine ECU plug X|low-side-out pwm-out|exhaust-recirculation|Exhaust recirculation valve
donor|Engine ECU plug X|low-side-out|fuel-pump|Petrol pump relay;Pump relay pull-down
donor|Engine ECU plug X|low-side-out|cooling-fan cooling-fan-high|Electric fan relay, slow;Electric fan relay, fast
donor|Engine ECU plug X|low-side-out|ac-clutch|Compressor relay pull-down;Air con relay
donor|Engine ECU plug X|low-side-out|malfunction-lamp|Engine light;Fault lamp in dash
donor|Engine ECU plug X|low-side-out|starter-relay|Starter relay pull-down
donor|Engine ECU plug X|frequency-out|engine-speed|Signal to rev counter;Engine revs out
donor|Engine ECU plug X|frequency-in|vehicle-speed|Speed from gearbox pickup;Wheel speed pulses (road speed)
donor|Engine ECU plug X|logic-in|brake-switch|Brake lamp signal;Brake pedal contact
donor|Engine ECU plug X|logic-in|clutch-switch|Clutch pedal contact
donor|Engine ECU plug X|logic-in|park-neutral|Park or neutral contact
donor|Engine ECU plug X|logic-in|ac-request|Air con on
donor|Engine ECU plug X|logic-in|power-steering-pressure|Power steering pressure contact
donor|Engine ECU plug X|logic-in|cruise-request|Cruise buttons;Cruise main switch
donor|Engine ECU plug X|can|powertrain-data|CAN to gearbox high;Data bus low (CAN)
donor|Engine ECU plug X|serial|diagnostic-data|Diagnosis plug line K
donor|Engine ECU plug X|pwm-out low-side-out|alternator-field|Alternator field drive
donor|Engine ECU plug X|pwm-in logic-in frequency-in|alternator-field|Alternator load feedback
donor|Engine ECU plug X|resistive-in analogue-in|fuel-level|Tank level
donor|Engine ECU plug X|analogue-in|oil-pressure fuel-pressure refrigerant-pressure|Oil pressure transducer;
  Fuel rail pressure transducer;Air con pressure transducer
donor|Engine ECU plug X|spare|other|Unused cavity;Plug seal fitted
host|Clocks|frequency-in|engine-speed|Rev counter feed from coil;Revs signal
host|Clocks|frequency-in|vehicle-speed|Electronic speedo signal
host|Clocks|resistive-in analogue-in|fuel-level coolant-temperature|Fuel float;Temp gauge feed from sender
host|Clocks|load-in logic-in|oil-pressure-warning charge-warning|Oil lamp earth from switch;Charge lamp to alternator
host|Clocks|load-in|turn-signal lighting illumination|Indicator repeater lamp;High beam lamp;Clock lighting
host|Clocks|supply-in|ignition-supply battery-supply|Ignition 12V;Memory 12V
host|Clocks|ground|ground|Earth tag
host|Wash/wipe stalk|switch-out supply-out|wiper washer|Slow wipe out;Fast wipe out;Flick wipe;Washer out;Rear wash
host|Wash/wipe stalk|supply-in|ignition-supply wiper|12V in from fuse
host|Headlamp relay|load-in|lighting|85 coil earth;86 from switch
host|Headlamp relay|supply-out|lighting|87 to lamps;87b dip
host|Headlamp relay|supply-in|battery-supply|30 from battery
host|Engine bay loom|supply-out|ignition-supply start-supply battery-supply|Ignition to coil;Starter solenoid feed;
  Permanent feed to ECU
host|Engine bay loom|resistive-in|coolant-temperature oil-pressure|Gauge wire, water;Gauge wire, oil pressure
host|Engine bay loom|load-in logic-in|oil-pressure-warning charge-warning reverse-lamp|Oil warning lamp wire;Charge lamp wire;
  Reversing lamp wire from box
`;

const OLD_WIRING = `
host|P201 dash cross-body|supply-out|ignition-supply accessory-supply battery-supply|Ign. 1 fused 10A;Acc. fused;
  Batt. fused 20A (memory)
host|P201 dash cross-body|resistive-in|fuel-level|Fuel lvl sndr
host|P201 dash cross-body|load-in high-side-out supply-out|lighting turn-signal|LR tail;RR stop/turn;Trunk lamp
host|P201 dash cross-body|load-in supply-out|fuel-pump|Fuel pmp pwr
host|P201 dash cross-body|switch-out logic-in|door|LF dr ajar
host|P201 dash cross-body|supply-out load-in|audio demister window lock|RF spkr +;Rr defog grid;LR window up;Pwr lock
host|Turn/hazard flasher|supply-in|battery-supply ignition-supply turn-signal|X feed;B from fuse
host|Turn/hazard flasher|supply-out|turn-signal|L to switch;Load out
host|Dimmer switch (floor)|supply-in|lighting|From headlamp switch
host|Dimmer switch (floor)|switch-out supply-out|lighting|Hi beam;Lo beam
host|Headlight pull switch|supply-in|battery-supply|Battery feed (CB)
host|Headlight pull switch|switch-out supply-out|lighting illumination|To dimmer sw;Tail & park;Instr lamp rheostat
host|Wiper sw 3-pos|switch-out supply-out|wiper washer|Lo;Hi;Park;Washer
host|Heater blower switch|switch-out supply-out|heater-blower|Low;Med;High
host|Heater blower switch|supply-in|ignition-supply accessory-supply|Feed from acc fuse
host|Neutral/back-up sw|switch-out supply-out|start-supply park-neutral|To starter solenoid S
host|Neutral/back-up sw|switch-out supply-out|reverse-lamp|To back-up lamps
host|Stop lamp sw|supply-in|battery-supply brake-switch|Hot from hazard fuse
host|Stop lamp sw|switch-out supply-out|brake-switch|To turn switch
host|Horn relay|load-in|horn|Coil to horn button
host|Horn relay|supply-out|horn|To horns
host|Horn relay|supply-in|battery-supply horn|From battery/junction
host|Volt reg (external)|supply-in|ignition-supply|I from ign sw
host|Volt reg (external)|supply-out pwm-out high-side-out low-side-out|alternator-field|F to alternator
host|Volt reg (external)|analogue-in frequency-in supply-in logic-in|charge-warning|S from stator
host|Volt reg (external)|supply-in|battery-supply|A batt sense
host|Ammeter|supply-in supply-out|battery-supply|Batt side;Charge side
host|Oil sender|resistive-out|oil-pressure|To gauge
host|Temp sender|resistive-out|coolant-temperature|To gauge
host|Ignition coil|supply-in|ignition-supply|+ resistor wire;+ from sol. I term
host|Ignition coil|coil-in|ignition-coil|- to dist. points;Neg to distributor
host|Starter relay (fender)|supply-in|battery-supply|Battery cable
host|Starter relay (fender)|supply-out|start-supply battery-supply ignition-supply relay-supply|Starter cable;I to coil
host|Starter relay (fender)|load-in|starter-request starter-relay start-supply|S from neutral switch
host|Fusible link A|supply-out|battery-supply|To ignition switch and lights
host|Carb idle solenoid|load-in supply-in|other idle-control ignition-supply|Feed with ign
host|Electric choke|load-in|other|7V from alternator stator
host|Seat belt buzzer|load-in supply-in|seat-belt ignition-supply|Ign feed
host|Cigar lighter|load-in supply-in|other battery-supply accessory-supply|Batt feed
host|Courtesy lamps|load-in supply-in|lighting battery-supply|Batt feed
host|Courtesy lamps|load-in switch-out ground|lighting door ground|Door switch ground
host|Speed control amp|logic-in|cruise-request brake-switch|Set/accel;Coast;Brake lamp feed in
host|Speed control amp|frequency-in reluctor-in|vehicle-speed|Speed sensor A;Speed sensor B
host|Speed control amp|supply-in|ignition-supply|Run feed
host|A/C clutch cycling sw|switch-out|ac-request ac-clutch refrigerant-pressure|To clutch coil
host|Rear defog switch|supply-in|ignition-supply|Ign feed
host|Rear defog switch|switch-out supply-out|demister|To grid
host|Tach (add-on)|frequency-in|engine-speed|Coil neg signal
host|Tach (add-on)|supply-in load-in|ignition-supply illumination|12V ign;Light
`;

const CHANNELS = `
donor|Main loom to ECU, plug B|injector-out|injector|Inj. bank A #1;Inj. bank B #2 neg.
donor|Main loom to ECU, plug B|coil-out|ignition-coil|Coil pack ch. 1 trig;Coil-on-plug cyl 4 trig.
donor|Main loom to ECU, plug B|reluctor-in hall-in frequency-in|crankshaft-position|Crank VR +ve;Crank VR -ve;Crk. sens. sig.
donor|Main loom to ECU, plug B|hall-in reluctor-in frequency-in|camshaft-position|Cam Hall sig.;Cam sync sens.
donor|Main loom to ECU, plug B|resistive-in analogue-in|coolant-temperature intake-air-temperature oil-temperature transmission-temperature|
  CLT sens.;IAT sens.;Oil temp;Gearbox oil temp
donor|Main loom to ECU, plug B|analogue-in|manifold-pressure oil-pressure fuel-pressure|MAP 3 bar sig.;Oil press. 0-10 bar;
  Fuel press. sig.
donor|Main loom to ECU, plug B|lambda-in|oxygen|Wideband sig. in;Lambda bank 2
donor|Main loom to ECU, plug B|motor-out|throttle-motor|DBW motor +;DBW motor -
donor|Main loom to ECU, plug B|analogue-in|throttle-position accelerator-position|DBW TPS 1;DBW TPS 2;Pedal PPS 1;Pedal PPS 2
donor|Main loom to ECU, plug B|low-side-out pwm-out|idle-control boost-control camshaft-phaser purge-valve|Idle PWM;Boost PWM;
  VVT inlet PWM;Purge PWM
donor|Main loom to ECU, plug B|low-side-out|fuel-pump cooling-fan ac-clutch main-relay malfunction-lamp|FP relay neg.;
  Fan 1 relay neg.;A/C clutch relay neg.;ECU main relay neg.;CEL neg.
donor|Main loom to ECU, plug B|frequency-out|engine-speed|Tacho out 2 ppr
donor|Main loom to ECU, plug B|frequency-in|vehicle-speed|Speed in (VSS);Gearbox speed Hall
donor|Main loom to ECU, plug B|logic-in|clutch-switch brake-switch ac-request park-neutral|Clutch sw. (to gnd);Brake sw. (12 V);
  A/C req. sw.;Neutral sw.
donor|Main loom to ECU, plug B|supply-in|ignition-supply battery-supply relay-supply|IGN 12 V wake;BAT 12 V perm.;12 V relay fed
donor|Main loom to ECU, plug B|ground|ground sensor-ground|Batt. neg.;ECU gnd 1;Sens. gnd;Analog gnd
donor|Main loom to ECU, plug B|reference-out|sensor-supply|5 V sens. A;5 V sens. B
donor|Main loom to ECU, plug B|can|powertrain-data|CAN H dash;CAN L dash
donor|Main loom to ECU, plug B|knock-in|knock|Knock sens. 1 +;Knock 2 sig.
donor|Main loom to ECU, plug B|shield|knock crankshaft-position other|Crank VR screen;Knock screen
donor|Gearbox plug (5 sp auto)|load-in pwm-in low-side-out|shift-solenoid|Solenoid 1 (1-2, 4-5);Solenoid 2 (2-3);Solenoid 3-4
donor|Gearbox plug (5 sp auto)|load-in pwm-in low-side-out|pressure-solenoid converter-clutch|Modulating press. valve;
  Shift press. valve;TCC PWM valve
donor|Gearbox plug (5 sp auto)|supply-in|ignition-supply relay-supply|Solenoid supply 12 V
donor|Gearbox plug (5 sp auto)|hall-out reluctor-out frequency-out|transmission-input-speed|Speed sens. N2;Speed sens. N3
donor|Gearbox plug (5 sp auto)|resistive-out|transmission-temperature|Temp. sens./start lockout
donor|Gearbox plug (5 sp auto)|ground|sensor-ground ground|Speed sens. gnd
donor|Gearbox plug (5 sp auto)|supply-in reference-in|sensor-supply ignition-supply|Speed sens. supply 6 V
host|Multi-plug, scuttle 12 way|supply-out|ignition-supply battery-supply start-supply starter-request|Ign. live;Batt. live;
  Start (white/red)
host|Multi-plug, scuttle 12 way|resistive-in|coolant-temperature oil-pressure|Water temp. trans.;Oil press. trans.
host|Multi-plug, scuttle 12 way|load-in logic-in|oil-pressure-warning charge-warning|Oil w/l;Ign. w/l (alt.)
host|Multi-plug, scuttle 12 way|frequency-in|engine-speed vehicle-speed|Rev. counter;Speed transducer
host|Multi-plug, scuttle 12 way|load-in supply-out|reverse-lamp|Rev. light sw.
host|Multi-plug, scuttle 12 way|supply-out load-in high-side-out|cooling-fan wiper washer horn heater-blower|Rad. fan;
  Wiper fast;Wiper slow;Washer;Horn
host|Binnacle rear, 16 way|supply-in|ignition-supply battery-supply|Ign. fused;Perm. fused;Stab. 10 V
host|Binnacle rear, 16 way|frequency-in|engine-speed vehicle-speed|Rev. count. sig.;Speedo sig.
host|Binnacle rear, 16 way|resistive-in|fuel-level coolant-temperature|Fuel tank unit;Temp. trans.
host|Binnacle rear, 16 way|load-in|turn-signal lighting illumination|Dir. ind. L;Dir. ind. R;Main beam w/l;Illum.;Panel lts.
host|Binnacle rear, 16 way|load-in logic-in|oil-pressure-warning charge-warning handbrake brake-fluid fuel-level other|
  Oil press. w/l;Charge w/l;H/brake w/l;Brake fluid w/l;Low fuel w/l;Choke w/l
host|Binnacle rear, 16 way|ground|ground|Earth;Earth (sig.)
host|Fusebox, driver's side|supply-out|ignition-supply battery-supply accessory-supply lighting wiper heater-blower horn other audio|
  F1 wipers/washers;F2 heater motor;F4 radio/clock;F5 horn;F7 L sidelamps;F9 R main beam;F12 ign. coil/ECU;F14 perm. feed alarm
host|Fusebox, driver's side|supply-in|battery-supply ignition-supply|Feed from battery;Ign. feed in
host|Steering column sw.|switch-out supply-out|turn-signal lighting horn wiper|Ind. L;Ind. R;Dip;Main;Flash;Horn push
`;

const MANUAL = `
donor|ECM 80-pin blue|spare|other|Cavity plug
donor|ECM 80-pin blue|can|powertrain-data|CAN data high;CAN data low;LAN high speed (+)
donor|ECM 80-pin blue|knock-in|knock|Knock signal rear;Knock signal front
donor|ECM 80-pin blue|ground|sensor-ground|Knock return rear;MAP low reference;TP sensor ground
donor|ECM 80-pin blue|reference-out|sensor-supply|MAP 5 V ref;CMP 12/5 V reference
donor|ECM 80-pin blue|supply-in|ignition-supply|Ignition 1 positive voltage;Run crank voltage
donor|ECM 80-pin blue|supply-in|battery-supply|Battery positive voltage;Fused battery
donor|ECM 80-pin blue|low-side-out|malfunction-lamp|MIL control output
donor|ECM 80-pin blue|low-side-out|fuel-pump|Fuel pump relay ground control
donor|ECM 80-pin blue|logic-in|ac-request|A/C request signal;HVAC A/C request
donor|ECM 80-pin blue|analogue-in|refrigerant-pressure|A/C refrigerant pressure
donor|ECM 80-pin blue|frequency-in|vehicle-speed transmission-output-speed|Vehicle speed sensor high;Vehicle speed low
donor|ECM 80-pin blue|resistive-in|coolant-temperature|ECT signal input
donor|ECM 80-pin blue|analogue-in resistive-in|intake-air-temperature|IAT signal input
donor|ECM 80-pin blue|low-side-out pwm-out|transmission-input-speed shift-solenoid pressure-solenoid converter-clutch|
  1-2 SS valve control;2-3 shift solenoid control;PC solenoid high;TCC PWM solenoid control
donor|ECM 80-pin blue|resistive-in|transmission-temperature|TFT sensor signal
donor|ECM 80-pin blue|logic-in|gear-range|TR switch signal A;Trans range signal P
donor|ECM 80-pin blue|logic-in|brake-switch|TCC/brake switch signal;Brake apply sensor
donor|ECM 80-pin red|injector-out|injector|Injector 1 control;Fuel injector 8
donor|ECM 80-pin red|coil-out|ignition-coil|IC 1 control;Ignition control 7;Coil 4 control circuit
donor|ECM 80-pin red|reluctor-in hall-in frequency-in|crankshaft-position|CKP sensor signal
donor|ECM 80-pin red|hall-in reluctor-in frequency-in|camshaft-position|CMP sensor signal
donor|ECM 80-pin red|frequency-in analogue-in|mass-air-flow|MAF sensor signal
donor|ECM 80-pin red|lambda-in|oxygen|HO2S high signal B1 S1;HO2S low B2 S2
donor|ECM 80-pin red|low-side-out pwm-out|oxygen-heater|HO2S heater low control B1S2
donor|ECM 80-pin red|motor-out low-side-out|idle-control|IAC coil A high;IAC coil B low
donor|ECM 80-pin red|analogue-in|throttle-position|TP sensor signal
donor|ECM 80-pin red|low-side-out pwm-out|purge-valve|EVAP canister purge solenoid control;EVAP vent solenoid
donor|ECM 80-pin red|low-side-out pwm-out|exhaust-recirculation|EGR solenoid low
donor|ECM 80-pin red|analogue-in|exhaust-recirculation|EGR position signal;EGR feedback
donor|ECM 80-pin red|analogue-in|manifold-pressure|MAP signal
donor|ECM 80-pin red|pwm-out low-side-out|alternator-field|Generator turn-on
donor|ECM 80-pin red|pwm-in logic-in|alternator-field|Generator field monitor
donor|ECM 80-pin red|analogue-in|oil-pressure|Engine oil pressure sensor
donor|ECM 80-pin red|logic-in|other|Oil level switch;Coolant level switch
donor|ECM 80-pin red|low-side-out|cooling-fan cooling-fan-high|Fan relay #1 control;Cooling fan relay 2 and 3 control
donor|ECM 80-pin red|low-side-out|starter-relay|Crank relay control
donor|ECM 80-pin red|logic-in|clutch-switch|Clutch start switch;CPP signal
donor|ECM 80-pin red|serial|security-data|Anti-theft security data;Theft deterrent fuel enable
donor|ECM 80-pin red|frequency-out|engine-speed|Engine speed (tach) output
host|Under-dash fuse block|supply-out|ignition-supply battery-supply accessory-supply lighting turn-signal brake-switch illumination wiper heater-blower|
  Turn-B/U 20A;Stop-haz 20A;Ctsy 15A;Gauges 10A;Instr lps 5A;Wiper 25A;Htr-A/C 25A;Radio 10A;Tail lps 20A
host|IP cluster conn (blk)|supply-in|ignition-supply|Gauges fuse feed
host|IP cluster conn (blk)|frequency-in|engine-speed vehicle-speed|Tach;VSS signal (4000 p/mi)
host|IP cluster conn (blk)|resistive-in|fuel-level coolant-temperature oil-pressure|Fuel gauge;Temp gauge;Oil press gauge
host|IP cluster conn (blk)|load-in logic-in|brake-fluid handbrake|Brake warning
host|IP cluster conn (blk)|load-in|turn-signal lighting illumination|LH turn;Hi beam;IP lamps
host|IP cluster conn (blk)|load-in logic-in|malfunction-lamp seat-belt charge-warning oil-pressure-warning|Check engine;
  Seat belts;Volts lamp;Check gauges
host|IP cluster conn (blk)|ground|ground|Cluster gnd
host|Forward lamp harness|load-in|lighting turn-signal horn|LH low beam;RH high beam;LF park;LF turn;Horn
host|Forward lamp harness|ground|ground|Gnd
host|C100 bulkhead|supply-out|ignition-supply battery-supply start-supply starter-request|Ign 1 (pink);Batt (orange);
  Crank (purple)
host|C100 bulkhead|resistive-in|coolant-temperature oil-pressure|Temp gauge;Oil gauge
host|C100 bulkhead|load-in|charge-warning|Gen lamp
host|C100 bulkhead|switch-out|brake-switch ac-request|Brake switch;A/C on
host|C100 bulkhead|frequency-in|engine-speed vehicle-speed|Tach signal;Speedo signal
`;

const LOOMS = `
donor|Engine loom C3 (ECU side)|injector-out|injector|Injector No 3 control;Inj 5 drive
donor|Engine loom C3 (ECU side)|coil-out|ignition-coil|Coil 1 primary switch;Ignition trigger cyl 3
donor|Engine loom C3 (ECU side)|reluctor-in hall-in frequency-in|crankshaft-position|Crank speed sensor +;
  Crank speed sensor screen core -
donor|Engine loom C3 (ECU side)|hall-in reluctor-in frequency-in|camshaft-position|Camshaft sensor output
donor|Engine loom C3 (ECU side)|resistive-in|coolant-temperature intake-air-temperature|Engine coolant sensor;
  Inlet air sensor temp
donor|Engine loom C3 (ECU side)|analogue-in|throttle-position manifold-pressure|Throttle pot signal;Manifold vacuum signal
donor|Engine loom C3 (ECU side)|low-side-out pwm-out motor-out|idle-control|Stepper idle motor A;Stepper idle motor D
donor|Engine loom C3 (ECU side)|low-side-out|fuel-pump main-relay|Fuel pump relay drive;Main relay drive
donor|Engine loom C3 (ECU side)|lambda-in|oxygen|Lambda signal +;Lambda sensor signal
donor|Engine loom C3 (ECU side)|low-side-out pwm-out|oxygen-heater purge-valve|Lambda heater switch;Purge valve drive
donor|Engine loom C3 (ECU side)|ground|sensor-ground ground|Sensor 0V;Lambda ground;Throttle pot ground;
  Power ground (cylinder head)
donor|Engine loom C3 (ECU side)|reference-out|sensor-supply|Throttle pot 5V;MAP sensor 5V
donor|Engine loom C3 (ECU side)|supply-in|ignition-supply battery-supply relay-supply|Ignition sense from key;
  Battery permanent memory;Relay output to ECU
donor|Engine loom C3 (ECU side)|frequency-out|engine-speed|Rev counter drive
donor|Engine loom C3 (ECU side)|frequency-in|vehicle-speed|Road speed transducer in
donor|Engine loom C3 (ECU side)|low-side-out|malfunction-lamp cooling-fan ac-clutch|Engine lamp drive;Fan relay drive;
  Air con relay drive
donor|Engine loom C3 (ECU side)|logic-in|ac-request clutch-switch brake-switch park-neutral|Air con request in;Clutch switch in;
  Brake switch in;Auto box P/N in
donor|Engine loom C3 (ECU side)|serial|diagnostic-data security-data|Diagnostic K;Immobiliser code in
donor|Engine loom C3 (ECU side)|spare|other|Not fitted;Spare
host|Dash loom to engine bay (LH)|supply-out|ignition-supply battery-supply start-supply starter-request|Ignition feed;
  Battery feed 30A;Crank signal
host|Dash loom to engine bay (LH)|resistive-in|coolant-temperature|Coolant gauge signal
host|Dash loom to engine bay (LH)|load-in logic-in|oil-pressure-warning charge-warning|Oil lamp;Charge lamp
host|Dash loom to engine bay (LH)|frequency-in|engine-speed vehicle-speed|Rev counter signal;Speedo signal
host|Dash loom to engine bay (LH)|supply-out load-in|lighting turn-signal horn washer wiper|Dip LH;Main RH;Side LH;Indicator RH;
  Horn;Front wash pump;Wiper fast
host|Dash loom to engine bay (LH)|switch-out|ac-request brake-switch|Air con switch;Brake switch
host|Dash loom to engine bay (LH)|load-in|malfunction-lamp|Engine management lamp
host|Dash loom to engine bay (LH)|serial|diagnostic-data|Diagnostic line
host|Instrument pack (green)|supply-in|ignition-supply battery-supply illumination|Ignition 15;Permanent 30
host|Instrument pack (green)|load-in|illumination lighting turn-signal|Illumination 58;Main beam 56a;Indicator L 49a
host|Instrument pack (green)|frequency-in|engine-speed vehicle-speed|Rev counter 1;Speed signal
host|Instrument pack (green)|resistive-in|fuel-level coolant-temperature oil-pressure|Fuel sender G;Temp sender T;Oil sender
host|Instrument pack (green)|load-in logic-in|charge-warning oil-pressure-warning handbrake brake-fluid|Charge 61;Oil warning;
  Handbrake;Brake fluid
host|Instrument pack (green)|ground|ground|Earth 31
host|Fuse/relay board|supply-out|ignition-supply battery-supply wiper lighting heater-blower fuel-pump horn|F1 15A ignition ECU;
  F2 20A fuel pump;F5 10A side lamps LH;F9 30A heater blower;F11 25A wipers;F14 horn
host|Fuse/relay board|supply-in|battery-supply ignition-supply|Battery in (stud);Ignition in from switch
host|Ignition/starter switch|supply-in|battery-supply|Battery supply
host|Ignition/starter switch|supply-out switch-out|ignition-supply accessory-supply start-supply starter-request|
  Ignition (run + start);Ignition (run only);Accessories;Starter
host|Rear loom tail plug|load-in supply-out|lighting turn-signal brake-switch reverse-lamp demister fuel-pump|Tail LH;Stop;
  Reverse;Indicator LH;Heated screen;Fuel pump feed
host|Rear loom tail plug|resistive-in resistive-out|fuel-level|Fuel sender
host|Brake pedal switch|supply-in|battery-supply ignition-supply|Fused battery
host|Brake pedal switch|switch-out|brake-switch|Stop lamp feed out
host|Gear selector (auto)|switch-out|park-neutral reverse-lamp gear-range|P/N to starter;R to reverse lamps;D lamp
host|Gear selector (auto)|supply-in|ignition-supply|Ignition feed
`;

const PLUGS = `
donor|Crankshaft sensor X12|reluctor-out hall-out|crankshaft-position|Signal to ECU;Sensor +
donor|Crankshaft sensor X12|reluctor-out ground|crankshaft-position sensor-ground|Sensor -
donor|Crankshaft sensor X12|shield|crankshaft-position other|Screen to ECU
donor|Throttle body X7|motor-in|throttle-motor|Motor supply +;Motor supply -;Actuator +
donor|Throttle body X7|analogue-out|throttle-position|Pot 1 signal;Pot 2 output
donor|Throttle body X7|reference-in|sensor-supply|Pot supply 5V
donor|Throttle body X7|ground|sensor-ground|Pot earth
donor|Pedal module|analogue-out|accelerator-position|Track 1 signal;Track 2 signal
donor|Pedal module|reference-in|sensor-supply|Track 1 5V;Track 2 supply
donor|Pedal module|ground|sensor-ground|Track 1 earth;Track 2 ground
donor|Air mass meter B3|supply-in|ignition-supply relay-supply|12V from main relay;Supply 12V
donor|Air mass meter B3|analogue-out frequency-out|mass-air-flow|Mass signal;Output to ECU
donor|Air mass meter B3|ground|sensor-ground ground|Signal earth;Earth
donor|Air mass meter B3|resistive-out|intake-air-temperature|Air temp output
donor|Lambda probe pre-cat|lambda-out|oxygen|Probe signal;Signal +
donor|Lambda probe pre-cat|ground lambda-out|sensor-ground oxygen|Probe earth;Signal -
donor|Lambda probe pre-cat|load-in|oxygen-heater|Heater control;Heater -
donor|Lambda probe pre-cat|supply-in load-in|ignition-supply relay-supply oxygen-heater|Heater supply;Heater +
donor|Injector 4 plug|supply-in|ignition-supply relay-supply|12V supply;Common feed
donor|Injector 4 plug|injector-in|injector|ECU control;Switched earth from ECU
donor|Coil 2 plug|supply-in|ignition-supply relay-supply|Supply 12V;Ignition feed
donor|Coil 2 plug|coil-in|ignition-coil|Trigger from ECU;ECU pin 34
donor|Coil 2 plug|ground|ground|Earth to head
donor|Camshaft solenoid inlet|supply-in|ignition-supply relay-supply|12V supply
donor|Camshaft solenoid inlet|load-in|camshaft-phaser|Control from ECU;PWM earth
donor|Oil pressure/temp sensor|analogue-out resistive-out|oil-pressure oil-temperature|Pressure signal;Temp signal
donor|Oil pressure/temp sensor|reference-in|sensor-supply|5V
donor|Oil pressure/temp sensor|ground|sensor-ground|Earth
donor|Knock sensor rear|knock-out|knock|Signal
donor|Knock sensor rear|knock-out ground|knock sensor-ground|Sig. earth
donor|Coolant sensor 4 pin|resistive-out|coolant-temperature|To ECU;To gauge
donor|Coolant sensor 4 pin|ground|sensor-ground|Earth from ECU
donor|Starter motor|supply-in|battery-supply|Main cable from battery
donor|Starter motor|load-in|starter-request start-supply starter-relay|Solenoid trigger from relay
donor|Alternator 2 pin plug|low-side-out load-in supply-in logic-in|charge-warning|Warning light wire;To charge lamp
donor|Alternator 2 pin plug|supply-in|battery-supply ignition-supply|Battery sense wire;Ignition wake
donor|AC compressor plug|load-in|ac-clutch|Clutch feed from relay
donor|Reverse light switch (gearbox)|supply-in|ignition-supply|Ignition feed in
donor|Reverse light switch (gearbox)|switch-out|reverse-lamp|Out to lamps
donor|Speed sensor (gearbox)|supply-in|ignition-supply|12V ignition
donor|Speed sensor (gearbox)|hall-out frequency-out reluctor-out|vehicle-speed transmission-output-speed|Pulse out
donor|Speed sensor (gearbox)|ground|sensor-ground ground|Earth
host|Tank unit/pump plug|resistive-out|fuel-level|Level sender
host|Tank unit/pump plug|load-in motor-in|fuel-pump|Pump feed;Pump 12V from relay
host|Tank unit/pump plug|ground|ground sensor-ground|Pump earth;Sender earth
host|Headlight RH plug|load-in|lighting turn-signal|Dipped feed;Main feed;Side feed;Indicator feed
host|Headlight RH plug|ground|ground|Earth
host|Cooling fan plug (2 speed)|load-in|cooling-fan cooling-fan-high|Slow feed;Fast feed
host|Cooling fan plug (2 speed)|ground|ground|Earth to inner wing
host|Heater motor plug|load-in motor-in|heater-blower|Feed from resistor;Full speed feed
host|Handbrake switch|switch-out|handbrake|Earths lamp when on
host|Door switch LF|switch-out|door|Earths interior lamp
host|Horn push|switch-out|horn|Earths relay coil
host|Oil light switch|switch-out|oil-pressure-warning|To lamp
host|Washer bottle pump|load-in|washer|Feed from stalk
host|Wiper motor 5 pin|load-in supply-in|wiper ignition-supply|Slow from stalk;Fast from stalk;Park feed (ign);Park return
`;

const CAPITALS = `
donor|ECU-A (26p)|injector-out|injector|INJECTOR CYL.#1;INJECTOR CYL.#4 (-)
donor|ECU-A (26p)|low-side-out pwm-out motor-out|idle-control|IDLE CONTROL VALVE OPEN;IDLE CONTROL VALVE CLOSE
donor|ECU-A (26p)|low-side-out pwm-out|purge-valve exhaust-recirculation oxygen-heater|PURGE CONTROL SOL. VALVE;EGR SOL. VALVE;
  FRONT O2 SENSOR HEATER
donor|ECU-A (26p)|low-side-out|ac-clutch fuel-pump cooling-fan cooling-fan-high main-relay malfunction-lamp|
  A/C COMPRESSOR RELAY;FUEL PUMP RELAY COIL;FAN MOTOR RELAY (LOW);FAN MOTOR RELAY (HIGH);ENGINE CONTROL RELAY;
  ENGINE WARNING LAMP
donor|ECU-A (26p)|coil-out|ignition-coil|IGNITION POWER TRANSISTOR A;POWER TR. UNIT B
donor|ECU-A (26p)|supply-in|relay-supply ignition-supply battery-supply|POWER SUPPLY FROM CONTROL RELAY;BACK-UP POWER SUPPLY;
  IGNITION SWITCH-IG
donor|ECU-A (26p)|ground|ground|EARTH (ENGINE);ECU EARTH 2
donor|ECU-B (16p)|logic-in supply-in|starter-request start-supply|IGNITION SWITCH-ST
donor|ECU-B (16p)|logic-in|power-steering-pressure ac-request park-neutral other|P/S FLUID PRESSURE SWITCH;A/C SWITCH 2;
  INHIBITOR SWITCH;ELECTRICAL LOAD SWITCH
donor|ECU-B (16p)|logic-in|ac-request|A/C SWITCH
donor|ECU-B (16p)|serial|diagnostic-data|DIAGNOSIS CONTROL TERMINAL;DIAG. OUTPUT
donor|ECU-B (16p)|frequency-out|engine-speed|TACHOMETER SIGNAL
donor|ECU-B (16p)|pwm-in logic-in frequency-in analogue-in|alternator-field|ALTERNATOR FR TERMINAL
donor|ECU-B (16p)|pwm-out low-side-out|alternator-field|ALTERNATOR G TERMINAL CONTROL
donor|ECU-C (22p)|resistive-in|coolant-temperature intake-air-temperature|ENGINE COOLANT TEMP. SENSOR;INTAKE AIR TEMP. SENSOR
donor|ECU-C (22p)|analogue-in|throttle-position manifold-pressure accelerator-position|THROTTLE POSITION SENSOR (MAIN);
  BAROMETRIC PRESSURE SENSOR;APP SENSOR (SUB)
donor|ECU-C (22p)|frequency-in analogue-in|mass-air-flow|AIR FLOW SENSOR;VOLUME AIR FLOW SIGNAL
donor|ECU-C (22p)|logic-in|other throttle-position|CLOSED THROTTLE POSITION SWITCH;AIR FLOW SENSOR RESET SIGNAL
donor|ECU-C (22p)|hall-in reluctor-in frequency-in|camshaft-position crankshaft-position|TDC SENSOR;CAMSHAFT POSITION SENSOR;
  CRANK ANGLE SENSOR
donor|ECU-C (22p)|frequency-in|vehicle-speed|VEHICLE SPEED SENSOR;VEHICLE SPEED SIGNAL
donor|ECU-C (22p)|lambda-in|oxygen|OXYGEN SENSOR (FRONT);OXYGEN SENSOR (REAR)
donor|ECU-C (22p)|reference-out|sensor-supply|SENSOR POWER SUPPLY (5V)
donor|ECU-C (22p)|ground|sensor-ground|SENSOR EARTH
donor|ECU-C (22p)|knock-in|knock|DETONATION SENSOR
donor|ECU-C (22p)|spare|other|NOT CONNECTED;-
host|Combination meter (A-12)|supply-in|ignition-supply battery-supply|IG1 FUSE No.11;BATTERY FUSE No.2
host|Combination meter (A-12)|frequency-in|engine-speed vehicle-speed|TACHOMETER DRIVE;SPEED SENSOR INPUT
host|Combination meter (A-12)|resistive-in|coolant-temperature fuel-level|WATER TEMP. GAUGE UNIT;FUEL GAUGE UNIT
host|Combination meter (A-12)|load-in logic-in|oil-pressure-warning charge-warning brake-fluid handbrake seat-belt door fuel-level other|
  OIL PRESSURE GAUGE SWITCH;CHARGE WARNING (ALT. L);BRAKE FLUID LEVEL SWITCH;PARKING BRAKE SWITCH;SEAT BELT WARNING;
  DOOR AJAR LAMP;LOW FUEL WARNING
host|Combination meter (A-12)|load-in|turn-signal lighting illumination|TURN-SIGNAL LAMP (LH);HIGH BEAM INDICATOR;
  ILLUMINATION LAMP;RHEOSTAT
host|Combination meter (A-12)|ground|ground|EARTH
host|Combination meter (A-12)|load-in|malfunction-lamp gear-display|CHECK ENGINE LAMP;A/T POSITION D;N INDICATOR
host|Column switch (C-05)|switch-out supply-out|lighting turn-signal wiper washer|TAIL LAMP;HEADLAMP LOW;PASSING;TURN SIGNAL RH;
  WIPER LOW;WIPER INT;WASHER MOTOR
host|Ignition switch (C-06)|supply-in|battery-supply|FUSIBLE LINK No.2;B1
host|Ignition switch (C-06)|supply-out switch-out|ignition-supply accessory-supply start-supply starter-request|IG1;IG2;ACC;ST
host|Stop lamp switch (C-08)|supply-in|battery-supply brake-switch|FUSE No.3 (BATTERY)
host|Stop lamp switch (C-08)|switch-out|brake-switch|STOP LAMP
host|Junction block (J/B)|supply-out|ignition-supply accessory-supply battery-supply|IG1 OUT 10A;ACC OUT 15A;BATTERY OUT 10A
host|Front harness joint (A-30)|supply-out|ignition-supply starter-request start-supply|IG2 TO ECU;ST TO STARTER RELAY
host|Front harness joint (A-30)|load-in|malfunction-lamp charge-warning|CHECK LAMP TO ECU;CHARGE LAMP TO ALT.
`;

/** Each with how many of a hundred were right in kind and quantity at first sight, and how many have to be so since. */
export const TRADE_MORE: readonly HeldOutTable[] = [
  ["spoken words", SPOKEN, 80, 96],
  ["old wiring by its parts", OLD_WIRING, 54, 78],
  ["channels and dotted words", CHANNELS, 88, 94],
  ["a manual's cavities", MANUAL, 89, 96],
  ["looms by where they lead", LOOMS, 90, 95],
  ["plugs of single parts", PLUGS, 85, 97],
  ["whole words in capitals", CAPITALS, 88, 96],
];
