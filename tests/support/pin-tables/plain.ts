import type { HeldOutTable } from "./table";

/*
 * Tables in the plain manner of the reference tables: of their 966 rows 97.5 of a hundred were right in kind and 97.2 in quantity at
 * first sight, 6 of 691 wrong in kind at 0.9 and more.
 */

const PLAIN_ECU = `
donor|ECU J1|supply-in|battery-supply|BATT FEED;B+ MEM;UNSW BATT
donor|ECU J1|supply-in|ignition-supply|IGN 1 FEED;SW IGN 12V;RUN/CRANK
donor|ECU J1|supply-in|relay-supply|MAIN RLY OUT;EFI RLY PWR
donor|ECU J1|ground|ground|PWR GND 1;ENG GND;CASE GND
donor|ECU J1|ground|sensor-ground|SENS GND A;SIG RTN;APP 2 RTN;LOW REF
donor|ECU J1|reference-out|sensor-supply|5V REF B;VREF 1;APP1 5V
donor|ECU J1|resistive-in analogue-in|coolant-temperature|ECT;COOLANT TEMP SIG;ENG CLNT TEMP
donor|ECU J1|resistive-in analogue-in|intake-air-temperature|IAT SIG;INLET AIR TEMP
donor|ECU J1|resistive-in analogue-in|oil-temperature|EOT SIG;OIL TEMP
donor|ECU J1|analogue-in|oil-pressure|OIL PRESS SIG;EOP
donor|ECU J1|analogue-in|manifold-pressure|MAP SIG;BOOST PRESS SIG;BARO
donor|ECU J1|frequency-in analogue-in|mass-air-flow|MAF SIG;MAF FREQ
donor|ECU J1|analogue-in|throttle-position|TPS1 SIG;TP2;THROTTLE POS
donor|ECU J1|analogue-in|accelerator-position|APP1 SIG;PEDAL POS 2;ACCEL PED SNSR
donor|ECU J1|analogue-in|fuel-pressure|FUEL RAIL PRESS;FRP SIG
donor|ECU J1|reluctor-in hall-in frequency-in|crankshaft-position|CKP SIG;CRANK +;CRANK SNSR LO
donor|ECU J1|hall-in reluctor-in frequency-in|camshaft-position|CMP B1 INT;CAM SNSR EXH B2;CAM SIG
donor|ECU J1|knock-in|knock|KS 1 SIG;KNOCK 2 +;KNK LO B1
donor|ECU J1|lambda-in|oxygen|O2 B1S2;HO2S 2/1 SIG;WB O2 IP;LAMBDA SIG
donor|ECU J1|low-side-out pwm-out|oxygen-heater|O2 HTR B1S1;HO2S HTR CTRL 2/2
donor|ECU J1|injector-out|injector|INJ 5;INJ #2 CTRL;FUEL INJ 8
donor|ECU J1|coil-out|ignition-coil|IGN COIL 1;COIL 8 CTRL;EST 3;SPARK 6
donor|ECU J1|motor-out|throttle-motor|TAC MTR OPEN;ETB MTR -;THROTTLE MTR 1
donor|ECU J1|motor-out pwm-out low-side-out|idle-control|IAC A LO;IDLE VLV;ISC
donor|ECU J1|low-side-out pwm-out|camshaft-phaser|VVT SOL INT B1;CAM PHASER EXH;OCV B2
donor|ECU J1|low-side-out pwm-out|purge-valve|EVAP PURGE;CANISTER PURGE SOL
donor|ECU J1|low-side-out pwm-out other|other purge-valve|EVAP VENT SOL
donor|ECU J1|low-side-out pwm-out motor-out|exhaust-recirculation|EGR CTRL;EGR SOL
donor|ECU J1|analogue-in|exhaust-recirculation|EGR POS SIG
donor|ECU J1|low-side-out pwm-out|boost-control|WG SOL;BOOST CTRL VLV;BYPASS VLV SC
donor|ECU J1|low-side-out pwm-out|intake-runner|IMRC;VIS VLV
donor|ECU J1|low-side-out|fuel-pump|FP RLY CTRL;FUEL PUMP PRIME
donor|ECU J1|low-side-out|cooling-fan|FAN 1 RLY;FAN LO RLY CTRL;CLG FAN
donor|ECU J1|low-side-out|cooling-fan-high|FAN HI RLY
donor|ECU J1|low-side-out|ac-clutch|A/C CLUTCH RLY;AC RLY
donor|ECU J1|low-side-out|starter-relay|STARTER RLY CTRL;CRANK RLY
donor|ECU J1|low-side-out|malfunction-lamp|MIL;CHECK ENG LT
donor|ECU J1|low-side-out|main-relay|EFI MAIN RLY CTRL;PWR RLY COIL
donor|ECU J1|frequency-out|engine-speed|TACH OUT;RPM SIG TO IP
donor|ECU J1|frequency-in logic-in reluctor-in|vehicle-speed|VSS;VEH SPD SIG IN
donor|ECU J1|frequency-out|vehicle-speed|VSS OUT
donor|ECU J1|logic-in|brake-switch|BRAKE SW;BOO;STOP LT SIG
donor|ECU J1|logic-in|clutch-switch|CLUTCH SW;CPP
donor|ECU J1|logic-in|park-neutral|PNP SW;P/N;NEUT SW
donor|ECU J1|logic-in|ac-request|A/C REQ;AC SW
donor|ECU J1|logic-in|power-steering-pressure|PSP SW
donor|ECU J1|logic-in|cruise-request|CRUISE SET;CC ON/OFF;RES/ACCEL
donor|ECU J1|logic-in|starter-request|START REQ;CRANK SW
donor|ECU J1|logic-in|oil-pressure-warning|OIL PRESS SW
donor|ECU J1|analogue-in|refrigerant-pressure|A/C PRESS SIG;REFRIG PRESS
donor|ECU J1|analogue-in resistive-in|fuel-level|FUEL LVL SIG
donor|ECU J1|pwm-out low-side-out|alternator-field|ALT FIELD;GEN L CTRL;ALT CMD
donor|ECU J1|pwm-in logic-in frequency-in analogue-in|alternator-field|GEN F FB;ALT LOAD
donor|ECU J1|low-side-out|charge-warning|CHARGE LAMP CTRL
donor|ECU J1|can|powertrain-data|CAN HI;HSCAN-;CAN L
donor|ECU J1|serial|diagnostic-data|K-LINE;SER DATA;DLC
donor|ECU J1|serial|security-data|IMMO DATA;ANTI-THEFT SIG
donor|ECU J1|low-side-out|security-lamp|SECURITY LT
donor|ECU J1|low-side-out pwm-out|shift-solenoid|SHIFT SOL A;SS2
donor|ECU J1|low-side-out pwm-out|pressure-solenoid|PC SOL;LINE PRESS SOL
donor|ECU J1|low-side-out pwm-out|converter-clutch|TCC SOL;LOCKUP SOL
donor|ECU J1|resistive-in analogue-in|transmission-temperature|TFT SIG;TRANS OIL TEMP
donor|ECU J1|reluctor-in hall-in frequency-in|transmission-input-speed|ISS HI;TURBINE SPD
donor|ECU J1|reluctor-in hall-in frequency-in|transmission-output-speed|OSS LO;OUTPUT SHAFT SPD
donor|ECU J1|logic-in analogue-in|gear-range|RANGE SW A;TR SIG P
donor|ECU J1|logic-in|shift-mode|TOW/HAUL SW;MANUAL UP;OD CANCEL
donor|ECU J1|logic-in|four-wheel-drive|4WD LO SW
donor|ECU J1|low-side-out|reverse-lockout|REV LOCKOUT SOL
donor|ECU J1|shield|crankshaft-position knock camshaft-position|CKP SHLD;KS SHIELD
donor|ECU J1|spare|other|NOT USED;-;N/C;NO CONN
donor|ECU J1|unknown|other|SEE NOTE 3;TBD;?
donor|ECU J1|low-side-out pwm-out|glow-plug|GLOW RLY;GLOW LT
`;

const PLAIN_BODY = `
host|Instrument cluster|frequency-in|engine-speed|Tach input;rpm signal from engine;rev counter
host|Instrument cluster|frequency-in|vehicle-speed|Speedometer signal;vehicle speed in
host|Instrument cluster|resistive-in|coolant-temperature|Coolant temp sender;water temp gauge
host|Instrument cluster|resistive-in|oil-pressure|Oil pressure sender;oil gauge
host|Instrument cluster|resistive-in|fuel-level|Fuel level sender;fuel gauge
host|Instrument cluster|load-in logic-in|oil-pressure-warning|Oil warning lamp;low oil pressure light
host|Instrument cluster|load-in|charge-warning|Charge lamp;battery warning;alternator lamp
host|Instrument cluster|load-in|malfunction-lamp|Check engine lamp;MIL
host|Instrument cluster|load-in|turn-signal|Left turn indicator;RH indicator lamp
host|Instrument cluster|load-in|lighting|High beam indicator;front fog tell-tale
host|Instrument cluster|load-in logic-in|handbrake|Park brake lamp;handbrake switch
host|Instrument cluster|load-in logic-in|brake-fluid|Brake fluid level lamp;brake warning
host|Instrument cluster|load-in logic-in|anti-lock airbag|ABS lamp;airbag lamp
host|Instrument cluster|load-in logic-in|seat-belt|Seat belt lamp
host|Instrument cluster|load-in logic-in|glow-plug|Glow plug lamp
host|Instrument cluster|load-in logic-in|fuel-level|Low fuel lamp
host|Instrument cluster|load-in|gear-display|Gear indicator P;D lamp
host|Instrument cluster|load-in|security-lamp|Security lamp
host|Instrument cluster|load-in|cruise-active|Cruise lamp
host|Instrument cluster|supply-in|battery-supply|Battery;constant 12V
host|Instrument cluster|supply-in|ignition-supply|Ignition;run feed
host|Instrument cluster|ground|ground|Ground;earth
host|Instrument cluster|load-in supply-in pwm-in|illumination|Illumination;dash lights dimmed
host|Instrument cluster|can|body-data powertrain-data|CAN high;body CAN L
host|Ignition switch|supply-in|battery-supply|Battery feed;30
host|Ignition switch|supply-out switch-out|ignition-supply|Ignition output;run;15
host|Ignition switch|supply-out switch-out|accessory-supply|Accessory;ACC out
host|Ignition switch|supply-out switch-out|start-supply starter-request|Start output;crank;50
host|Fuse box|supply-out|lighting|Left headlamp low;main beam RH;tail lamps;interior lamps
host|Fuse box|supply-out|wiper|Wipers;rear wiper motor
host|Fuse box|supply-out|horn|Horn
host|Fuse box|supply-out|window|Power windows
host|Fuse box|supply-out|lock|Central locking
host|Fuse box|supply-out|audio|Radio
host|Fuse box|supply-out|heater-blower|Blower motor
host|Fuse box|supply-out|demister|Rear defogger
host|Fuse box|supply-out|fuel-pump|Fuel pump
host|Fuse box|supply-out|ignition-supply|Ignition feed to engine bay;ECU ign 10A
host|Fuse box|supply-out|battery-supply|ECU battery 15A;permanent live
host|Fuse box|supply-out|anti-lock airbag|ABS pump;SRS
host|Brake light switch|supply-in|battery-supply ignition-supply brake-switch|Fused battery
host|Brake light switch|switch-out|brake-switch|Output to stop lamps
host|Clutch pedal switch|switch-out|clutch-switch|Switch output
host|Gear selector switch|switch-out|park-neutral gear-range|P/N contact;neutral start
host|Gear selector switch|switch-out|reverse-lamp|Reverse lamps
host|Fuel tank|resistive-out|fuel-level|Level sender
host|Fuel tank|load-in supply-in|fuel-pump|Pump +
host|Fuel tank|ground|ground sensor-ground fuel-pump|Pump ground;sender earth
host|A/C controls|switch-out low-side-out logic-out supply-out|ac-request|A/C request to ECU
host|A/C controls|switch-out supply-out|heater-blower|Fan speed 2
host|Body control module|logic-in|door|Driver door switch;tailgate ajar
host|Body control module|high-side-out|lighting turn-signal|Left indicator output;interior lamp output
host|Body control module|logic-in|wiper washer|Wiper switch low;washer switch
host|Body control module|low-side-out high-side-out|horn|Horn relay
host|Body control module|lin|body-data|LIN
host|Diagnostic connector|can|powertrain-data diagnostic-data|CAN H;CAN low
host|Diagnostic connector|serial|diagnostic-data|K line
host|Diagnostic connector|supply-out|battery-supply|Battery +
host|Diagnostic connector|ground|ground sensor-ground|Chassis ground;signal ground
host|Engine bay bulkhead plug|supply-out|ignition-supply|Ignition feed to engine
host|Engine bay bulkhead plug|resistive-in|coolant-temperature|Temp gauge to sender
host|Engine bay bulkhead plug|load-in logic-in|oil-pressure-warning|Oil light
host|Engine bay bulkhead plug|load-in supply-out|charge-warning|Alternator light
host|Engine bay bulkhead plug|supply-out|start-supply starter-request|Starter solenoid
host|Engine bay bulkhead plug|frequency-in|engine-speed|Tacho
host|Engine bay bulkhead plug|supply-out load-in switch-out|reverse-lamp|Reverse light switch feed
`;

const PLAIN_ECU_2 = `
donor|Engine computer A|supply-in|battery-supply|Battery 12V;Permanent supply from fuse;Battery voltage, constant
donor|Engine computer A|supply-in|ignition-supply|Ignition voltage;Ignition supply (terminal 15);Key-on supply
donor|Engine computer A|supply-in|relay-supply|Supply from main relay;Main relay output voltage
donor|Engine computer A|ground|ground|Ground, engine;Power ground 2;Chassis ground
donor|Engine computer A|ground|sensor-ground|Sensor ground;Throttle sensor ground;Coolant sensor return
donor|Engine computer A|reference-out|sensor-supply|5 V sensor supply;Pedal sensor 1 reference voltage;MAP sensor supply
donor|Engine computer A|resistive-in analogue-in|coolant-temperature|Engine coolant temperature;Coolant sensor signal
donor|Engine computer A|resistive-in analogue-in|intake-air-temperature|Intake air temperature;Charge air temperature sensor signal
donor|Engine computer A|resistive-in analogue-in|other|Fuel temperature sensor
donor|Engine computer A|resistive-in analogue-in|oil-temperature|Oil temperature sensor signal
donor|Engine computer A|analogue-in|manifold-pressure|Boost pressure sensor signal;Intake manifold pressure;Atmospheric pressure sensor
donor|Engine computer A|analogue-in|fuel-pressure|Rail pressure sensor signal;Fuel rail pressure
donor|Engine computer A|frequency-in analogue-in|mass-air-flow|Air mass meter signal;Mass air flow sensor
donor|Engine computer A|analogue-in|accelerator-position|Accelerator pedal position 1;Pedal sensor signal 2
donor|Engine computer A|logic-in|accelerator-position other|Pedal idle switch;Low idle validation switch
donor|Engine computer A|analogue-in|throttle-position|Throttle valve position;Throttle position sensor 1 signal
donor|Engine computer A|reluctor-in hall-in frequency-in|crankshaft-position|Crankshaft speed sensor +;Crankshaft sensor signal
donor|Engine computer A|hall-in reluctor-in frequency-in|camshaft-position|Camshaft position sensor signal;Camshaft sensor, exhaust
donor|Engine computer A|knock-in|knock|Knock sensor 1 signal
donor|Engine computer A|lambda-in|oxygen|Oxygen sensor signal, bank 1 sensor 1;Lambda sensor after catalyst
donor|Engine computer A|low-side-out pwm-out|oxygen-heater|Oxygen sensor heater, bank 2 sensor 1;Lambda sensor heating
donor|Engine computer A|injector-out|injector|Injector cylinder 1 high;Injector cylinder 4 control;Injector 2 -
donor|Engine computer A|coil-out|ignition-coil|Ignition coil cylinder 3;Ignition coil 2 control
donor|Engine computer A|motor-out|throttle-motor|Throttle motor +;Throttle actuator motor -
donor|Engine computer A|low-side-out pwm-out|other|Fuel metering valve;Fuel quantity control valve;Swirl flap valve;
  Rail pressure control valve
donor|Engine computer A|low-side-out pwm-out motor-out|exhaust-recirculation|EGR valve control;EGR valve motor +
donor|Engine computer A|analogue-in|exhaust-recirculation|EGR valve position
donor|Engine computer A|low-side-out pwm-out|boost-control|Turbocharger wastegate valve;Boost pressure control valve;VGT solenoid
donor|Engine computer A|low-side-out pwm-out|camshaft-phaser|Camshaft adjuster valve, intake;Variable valve timing solenoid bank 2
donor|Engine computer A|low-side-out pwm-out|purge-valve|Tank vent valve;Purge control valve
donor|Engine computer A|low-side-out pwm-out|intake-runner|Variable intake manifold valve
donor|Engine computer A|low-side-out|fuel-pump|Fuel pump relay control;Low pressure fuel pump relay
donor|Engine computer A|low-side-out|glow-plug|Glow plug relay;Glow indicator lamp
donor|Engine computer A|low-side-out|cooling-fan|Radiator fan relay 1;Cooling fan relay
donor|Engine computer A|low-side-out|cooling-fan-high|Radiator fan relay, high speed
donor|Engine computer A|low-side-out|ac-clutch|A/C compressor relay
donor|Engine computer A|low-side-out|main-relay|Main relay control
donor|Engine computer A|low-side-out|starter-relay|Starter relay control
donor|Engine computer A|low-side-out|malfunction-lamp|Engine warning lamp;MIL control
donor|Engine computer A|frequency-out|engine-speed|Engine speed signal output;Tachometer signal
donor|Engine computer A|frequency-in logic-in|vehicle-speed|Vehicle speed signal;Road speed input
donor|Engine computer A|logic-in|brake-switch|Brake pedal switch 1;Brake light switch signal
donor|Engine computer A|logic-in|clutch-switch|Clutch pedal switch
donor|Engine computer A|logic-in|park-neutral|Neutral switch;Park/neutral signal
donor|Engine computer A|logic-in|ac-request|A/C request signal;Air conditioning switch
donor|Engine computer A|logic-in|cruise-request|Cruise control set;Cruise control resume
donor|Engine computer A|logic-in|starter-request|Starter switch signal;Start request
donor|Engine computer A|logic-in|oil-pressure-warning|Oil pressure switch
donor|Engine computer A|logic-in|other|Water in fuel sensor;Coolant level sensor;Immobiliser bypass
donor|Engine computer A|can|powertrain-data|CAN high;CAN low;Powertrain CAN +
donor|Engine computer A|serial|diagnostic-data|K line;Diagnostic line
donor|Engine computer A|serial|security-data|Immobiliser signal
donor|Engine computer A|pwm-out low-side-out|alternator-field|Alternator control signal
donor|Engine computer A|pwm-in logic-in frequency-in analogue-in|alternator-field|Alternator load signal
donor|Engine computer A|shield|crankshaft-position knock|Crankshaft sensor shield;Knock sensor screen
donor|Engine computer A|spare|other|Not used;Not connected
donor|Gearbox computer|low-side-out pwm-out|shift-solenoid|Shift solenoid 1;Solenoid valve 2, shift
donor|Gearbox computer|low-side-out pwm-out|pressure-solenoid|Line pressure solenoid;Pressure control valve
donor|Gearbox computer|low-side-out pwm-out|converter-clutch|Lock-up clutch solenoid
donor|Gearbox computer|reluctor-in hall-in frequency-in|transmission-input-speed|Turbine speed sensor;Input speed sensor +
donor|Gearbox computer|reluctor-in hall-in frequency-in|transmission-output-speed|Output speed sensor signal
donor|Gearbox computer|resistive-in analogue-in|transmission-temperature|Gearbox oil temperature;Fluid temperature sensor
donor|Gearbox computer|logic-in analogue-in|gear-range|Selector position D;Range sensor signal
donor|Gearbox computer|logic-in|shift-mode|Sport switch;Kickdown switch
donor|Gearbox computer|logic-in|brake-switch|Brake switch
donor|Gearbox computer|low-side-out|reverse-lamp|Reverse lamp relay
donor|Gearbox computer|low-side-out|starter-relay park-neutral|Starter lockout relay
`;

const PLAIN_BODY_2 = `
host|Dashboard|frequency-in|engine-speed|Tachometer signal;Engine speed from coil
host|Dashboard|frequency-in|vehicle-speed|Speed sensor signal;Speedometer
host|Dashboard|resistive-in|coolant-temperature|Temperature gauge;Coolant temperature sender
host|Dashboard|resistive-in|fuel-level|Fuel gauge sender;Tank sender
host|Dashboard|resistive-in|oil-pressure|Oil pressure gauge
host|Dashboard|load-in logic-in|oil-pressure-warning|Oil pressure warning light
host|Dashboard|load-in|charge-warning|Ignition warning light;Generator light
host|Dashboard|load-in|turn-signal|Direction indicators;Left flasher
host|Dashboard|load-in|lighting|Main beam warning;Rear fog indicator
host|Dashboard|load-in logic-in|handbrake|Handbrake warning
host|Dashboard|load-in logic-in|brake-fluid|Brake fluid warning
host|Dashboard|load-in|malfunction-lamp|Engine management light
host|Dashboard|load-in logic-in|other door|Choke warning light;Door open warning;Washer level warning
host|Dashboard|load-in supply-in|illumination|Panel illumination;Instrument lights
host|Dashboard|supply-in|ignition-supply|Switched feed;Voltage stabiliser feed
host|Dashboard|supply-in|battery-supply|Permanent feed, clock
host|Dashboard|ground|ground|Earth
host|Key switch|supply-in|battery-supply|Feed from battery
host|Key switch|supply-out switch-out|ignition-supply|Ignition;Output to fuse box, ignition
host|Key switch|supply-out switch-out|accessory-supply|Auxiliary;Accessories
host|Key switch|supply-out switch-out|start-supply starter-request|Starter;Start
host|Fuse panel|supply-out|lighting|Dip beam left;Side lamps right;Fog lamps;Interior light
host|Fuse panel|supply-out|wiper|Wiper motor
host|Fuse panel|supply-out|horn|Horns
host|Fuse panel|supply-out|heater-blower|Heater fan
host|Fuse panel|supply-out|demister|Heated rear screen
host|Fuse panel|supply-out|fuel-pump|Fuel pump
host|Fuse panel|supply-out|brake-switch|Brake lights
host|Fuse panel|supply-out|turn-signal hazard|Indicators;Hazards
host|Fuse panel|supply-out|audio accessory-supply|Radio
host|Fuse panel|supply-out|cooling-fan|Radiator fan
host|Fuse panel|supply-out|other|Cigar lighter
host|Fuse panel|supply-in|battery-supply|Feed from battery
host|Column switch|switch-out supply-out|turn-signal|Indicator left;Indicator right
host|Column switch|switch-out supply-out|lighting|Headlamp dip;Headlamp main;Headlamp flash
host|Column switch|switch-out supply-out|wiper|Wiper slow;Wiper fast;Wiper intermittent
host|Column switch|switch-out supply-out|washer|Washer
host|Column switch|switch-out supply-out|horn|Horn
host|Column switch|supply-in|turn-signal ignition-supply|Feed from flasher unit;Ignition feed
host|Reverse light switch|switch-out supply-out|reverse-lamp|To reverse lamps
host|Reverse light switch|supply-in|ignition-supply reverse-lamp|Ignition feed
host|Handbrake switch|switch-out|handbrake|To warning light
host|Stop lamp switch|switch-out|brake-switch|To stop lamps
host|Stop lamp switch|supply-in|battery-supply ignition-supply brake-switch|Fused feed
host|Oil pressure switch|switch-out|oil-pressure-warning|Warning light
host|Coolant temperature sender|resistive-out|coolant-temperature|To gauge
host|Fuel tank unit|resistive-out|fuel-level|Gauge
host|Fuel tank unit|switch-out|fuel-level|Low level warning
host|Fuel tank unit|ground|ground sensor-ground|Earth
host|Fuel pump|load-in supply-in|fuel-pump|Positive
host|Fuel pump|ground|ground|Negative
host|Radiator fan|load-in supply-in|cooling-fan|Fan feed
host|Alternator|load-in low-side-out|charge-warning|Warning lamp;D+
host|Alternator|supply-out|battery-supply|Main output;B+
host|Starter motor|supply-in|battery-supply|Battery cable
host|Starter motor|load-in|starter-request start-supply starter-relay|Solenoid;Terminal 50
host|Horn relay|load-in|horn|Coil, from horn push
host|Horn relay|supply-out|horn|To horns
host|Horn relay|supply-in|battery-supply horn|Battery feed
host|Left headlamp|load-in|lighting|Dip;Main beam
host|Left headlamp|ground|ground|Earth
host|Rear lamp right|load-in|lighting|Tail lamp;Fog lamp
host|Rear lamp right|load-in|brake-switch lighting|Stop lamp
host|Rear lamp right|load-in|turn-signal|Indicator
host|Rear lamp right|load-in|reverse-lamp|Reverse lamp
host|Wiper motor|load-in supply-in|wiper|Slow speed;Fast speed
host|Heater blower motor|load-in|heater-blower|Speed 1;Speed 2
`;

const PLAIN_BIKE = `
donor|ECM (34 pin)|supply-in|battery-supply|Battery backup;Battery voltage (fuse 10 A)
donor|ECM (34 pin)|supply-in|ignition-supply|Ignition switch voltage;Power source, ignition
donor|ECM (34 pin)|supply-in|relay-supply|Engine relay output
donor|ECM (34 pin)|ground|ground|ECM ground;Power ground;Engine earth
donor|ECM (34 pin)|ground|sensor-ground|Sensor ground;Sensor earth 2
donor|ECM (34 pin)|reference-out|sensor-supply|Sensor power supply 5 V;TP sensor power
donor|ECM (34 pin)|analogue-in|throttle-position|TP sensor signal;Throttle sensor;Secondary throttle position sensor
donor|ECM (34 pin)|analogue-in|manifold-pressure|MAP sensor cyl 1;Intake air pressure sensor;Atmospheric pressure
donor|ECM (34 pin)|resistive-in analogue-in|intake-air-temperature|IAT sensor;Intake air temperature
donor|ECM (34 pin)|resistive-in analogue-in|coolant-temperature|ECT sensor signal;Water temperature sensor
donor|ECM (34 pin)|reluctor-in hall-in frequency-in|crankshaft-position|CKP sensor +;Pickup coil -;Crank position
donor|ECM (34 pin)|hall-in reluctor-in frequency-in|camshaft-position|Cam position sensor
donor|ECM (34 pin)|injector-out|injector|Injector 1 primary;Injector 4 secondary;Injector #2
donor|ECM (34 pin)|coil-out|ignition-coil|Ignition coil 1/4;Ignition coil #3;Stick coil 2
donor|ECM (34 pin)|low-side-out|fuel-pump|Fuel pump relay;FP relay ground
donor|ECM (34 pin)|low-side-out|cooling-fan|Fan relay
donor|ECM (34 pin)|motor-out pwm-out low-side-out|idle-control|IAC valve A;Idle speed control stepper 1
donor|ECM (34 pin)|motor-out|throttle-motor other|Secondary throttle motor A
donor|ECM (34 pin)|motor-out low-side-out|other|Exhaust valve servo motor +
donor|ECM (34 pin)|lambda-in|oxygen|O2 sensor;HO2 sensor signal
donor|ECM (34 pin)|low-side-out pwm-out|oxygen-heater|O2 sensor heater
donor|ECM (34 pin)|low-side-out pwm-out|other|PAIR solenoid valve;Air injection valve
donor|ECM (34 pin)|logic-in|park-neutral|Neutral switch;Neutral signal
donor|ECM (34 pin)|logic-in|clutch-switch|Clutch lever switch
donor|ECM (34 pin)|logic-in|other|Side stand switch;Tip-over sensor;Bank angle sensor;Gear position 3
donor|ECM (34 pin)|logic-in|starter-request|Start button
donor|ECM (34 pin)|frequency-out|engine-speed|Tachometer signal to meter
donor|ECM (34 pin)|frequency-in logic-in|vehicle-speed|Speed sensor signal;Vehicle speed sensor
donor|ECM (34 pin)|low-side-out|malfunction-lamp|FI indicator light;Check engine lamp
donor|ECM (34 pin)|serial|diagnostic-data|K-line;Diagnosis
donor|ECM (34 pin)|serial|security-data|Immobilizer
donor|ECM (34 pin)|can|powertrain-data|CAN H to meter;CAN L to meter
donor|ECM (34 pin)|spare|other|Not used;No connection
`;

const PLAIN_TRUCK = `
host|Instrument cluster C1|supply-in|battery-supply|Hot at all times;Battery feed, fuse 12
host|Instrument cluster C1|supply-in|ignition-supply|Hot in run and start;Ignition feed, gauges
host|Instrument cluster C1|ground|ground|Ground;Cluster ground
host|Instrument cluster C1|resistive-in|fuel-level|Fuel level sender signal;Fuel gauge
host|Instrument cluster C1|resistive-in|coolant-temperature|Engine temperature gauge sender;Temp gauge
host|Instrument cluster C1|resistive-in|oil-pressure|Oil pressure gauge sender;Oil gauge
host|Instrument cluster C1|frequency-in|engine-speed|Tachometer;Tach signal
host|Instrument cluster C1|frequency-in|vehicle-speed|Vehicle speed sensor;Speedometer signal
host|Instrument cluster C1|load-in|charge-warning|Generator indicator;Voltmeter / charge indicator
host|Instrument cluster C1|load-in logic-in|oil-pressure-warning|Low oil pressure indicator
host|Instrument cluster C1|load-in|lighting|High beam indicator
host|Instrument cluster C1|load-in|turn-signal|LH turn indicator;RH turn indicator
host|Instrument cluster C1|load-in|malfunction-lamp|Check engine indicator;Service engine soon
host|Instrument cluster C1|load-in logic-in|brake-fluid handbrake|Brake warning indicator;Park brake indicator
host|Instrument cluster C1|load-in logic-in|seat-belt|Fasten seat belts indicator
host|Instrument cluster C1|load-in logic-in|anti-lock|ABS indicator
host|Instrument cluster C1|load-in logic-in|airbag|Air bag indicator
host|Instrument cluster C1|load-in logic-in|four-wheel-drive|4x4 indicator
host|Instrument cluster C1|load-in|gear-display shift-mode|Overdrive off indicator;Shift indicator
host|Instrument cluster C1|load-in supply-in pwm-in|illumination|Panel dimmer feed;Illumination lamps
host|Ignition switch|supply-in|battery-supply|Battery feed 1;Fusible link feed
host|Ignition switch|supply-out switch-out|ignition-supply|Ignition 1;Run and start output
host|Ignition switch|supply-out switch-out|accessory-supply|Accessory output
host|Ignition switch|supply-out switch-out|start-supply starter-request|Start output;Crank signal
host|Headlamp switch|supply-in|battery-supply lighting ignition-supply|Battery feed
host|Headlamp switch|supply-out switch-out|lighting|Headlamp output;Park and tail lamps output;Dome lamp
host|Headlamp switch|supply-out switch-out pwm-out|illumination|Instrument panel dimming
host|Turn signal switch|supply-in|turn-signal ignition-supply|Flasher feed
host|Turn signal switch|supply-out switch-out|turn-signal|Left front turn;Right rear stop/turn
host|Turn signal switch|supply-out switch-out|horn|Horn ground
host|Wiper switch|supply-out switch-out|wiper|Low speed;High speed;Interval
host|Wiper switch|supply-out switch-out|washer|Washer pump
host|Wiper switch|supply-in|ignition-supply wiper accessory-supply|Run/ACC feed
host|Blower switch|supply-out switch-out|heater-blower|Low;Medium;High
host|Trailer connector|supply-out load-in|lighting trailer|Running lamps
host|Trailer connector|supply-out load-in|turn-signal trailer|Left turn/stop;Right turn/stop
host|Trailer connector|ground|ground trailer|Ground
host|Underhood fuse box|supply-out|cooling-fan|Cooling fan feed
host|Underhood fuse box|supply-out|fuel-pump|Fuel pump relay output
host|Underhood fuse box|supply-out|horn|Horn
host|Underhood fuse box|supply-out|lighting|Low beam RH;High beam LH;Fog lamps
host|Underhood fuse box|supply-out|anti-lock|ABS
host|Underhood fuse box|supply-out|ignition-supply|Engine controls ign feed;Injectors and coils
host|Underhood fuse box|supply-out|battery-supply|PCM battery
host|Underhood fuse box|supply-out|ac-clutch|A/C clutch
host|Starter relay|load-in|starter-request start-supply starter-relay|Coil, from ignition switch
host|Starter relay|supply-out|starter-relay start-supply starter-request|To starter solenoid
host|Starter relay|supply-in|battery-supply|Battery feed
host|Transmission range switch|switch-out|park-neutral starter-request start-supply starter-relay|Start circuit, park/neutral
host|Transmission range switch|switch-out supply-out|reverse-lamp|Back-up lamps output
host|Engine harness in-line 24 way|supply-out|ignition-supply|Ignition feed to coils;Ignition feed to injectors
host|Engine harness in-line 24 way|supply-out|battery-supply|PCM memory feed
host|Engine harness in-line 24 way|supply-out|starter-request start-supply|Crank signal to solenoid
host|Engine harness in-line 24 way|resistive-in|coolant-temperature oil-pressure|Temp sender;Oil sender
host|Engine harness in-line 24 way|frequency-in|engine-speed|Tach
host|Engine harness in-line 24 way|load-in supply-out|charge-warning|Generator light
`;

const PLAIN_ECU_3 = `
donor|PCM J2|supply-in|battery-supply|BATT;B+ FUSED;KAM PWR
donor|PCM J2|supply-in|ignition-supply|IGN FEED;KEY ON;RUN 12V FUSED
donor|PCM J2|ground|ground|GND;ENG BLK GRND;PWR GND
donor|PCM J2|ground|sensor-ground|SNSR GND 1;SENS RTN;TPS GND;MAP RTN
donor|PCM J2|reference-out|sensor-supply|TPS 5V REF;APP REF 1;5V REF
donor|PCM J2|resistive-in analogue-in|coolant-temperature|ECT SNSR;CLNT TEMP
donor|PCM J2|resistive-in analogue-in|intake-air-temperature|IAT SNSR SIG;INTK AIR TEMP
donor|PCM J2|resistive-in analogue-in|oil-temperature|ENG OIL TEMP SNSR
donor|PCM J2|resistive-in analogue-in|ambient-temperature|AMB AIR TEMP
donor|PCM J2|analogue-in|manifold-pressure|MAP SNSR SIG;MAN PRESS
donor|PCM J2|analogue-in|oil-pressure|OIL PRESS SNSR
donor|PCM J2|analogue-in|fuel-pressure|FUEL PRESS SNSR SIG
donor|PCM J2|analogue-in|refrigerant-pressure|AC PRESS SNSR SIG
donor|PCM J2|analogue-in|brake-vacuum|BRK BOOST VAC SNSR
donor|PCM J2|frequency-in analogue-in|mass-air-flow|MAF SNSR SIG
donor|PCM J2|analogue-in|throttle-position|TP1 SIG;TPS 2
donor|PCM J2|analogue-in|accelerator-position|PEDAL POS 1 SIG;APP 3
donor|PCM J2|reluctor-in hall-in frequency-in|crankshaft-position|CRANK SNSR -;CKP HI;CRANK SIG
donor|PCM J2|hall-in reluctor-in frequency-in|camshaft-position|CAM SNSR SIG 2;CMP HI
donor|PCM J2|knock-in|knock|KNK SNSR BANK 1;KS2
donor|PCM J2|lambda-in|oxygen|O2 B1S1 SIG;O2 B2S2 LO
donor|PCM J2|low-side-out pwm-out|oxygen-heater|O2 B1S2 HTR;O2 HTR 3
donor|PCM J2|injector-out|injector|INJ 7;INJ CYL 3;INJ A
donor|PCM J2|coil-out|ignition-coil|IGN COIL 6;COIL CYL 2;COIL 5 DRV
donor|PCM J2|motor-out|throttle-motor|THROTTLE MTR B;ETC MTR +
donor|PCM J2|motor-out pwm-out low-side-out|idle-control|IAC COIL A HI;IAC VLV
donor|PCM J2|low-side-out pwm-out|camshaft-phaser|CAM PHASER 2;VVT SOL EXH
donor|PCM J2|low-side-out pwm-out|purge-valve|PURGE SOL;EVAP VLV
donor|PCM J2|low-side-out pwm-out motor-out|exhaust-recirculation|EGR VLV;EGR SOL CTRL
donor|PCM J2|low-side-out pwm-out|boost-control|WASTEGATE SOL;BOOST SOL
donor|PCM J2|low-side-out pwm-out|intake-runner|RUNNER VLV;IMT SOL
donor|PCM J2|low-side-out|fuel-pump|FUEL PUMP RLY CTRL
donor|PCM J2|low-side-out|cooling-fan|FAN 1 RLY CTRL;LOW FAN RLY
donor|PCM J2|low-side-out|cooling-fan-high|HIGH FAN RLY
donor|PCM J2|low-side-out|ac-clutch|AC COMP RLY CTRL;A/C CLU RLY
donor|PCM J2|low-side-out|starter-relay|STRT RLY CTRL;START ENABLE RLY
donor|PCM J2|low-side-out|malfunction-lamp|CEL;SES LAMP
donor|PCM J2|low-side-out|main-relay|PWR RLY CTRL
donor|PCM J2|frequency-out|engine-speed|RPM OUT;TACH
donor|PCM J2|frequency-in logic-in reluctor-in|vehicle-speed transmission-output-speed|VSS +;VSS SIG
donor|PCM J2|logic-in|brake-switch|BRK SW;BRAKE ON/OFF
donor|PCM J2|logic-in|clutch-switch|CLU SW;CLUTCH POS SW
donor|PCM J2|logic-in|park-neutral|P/N SW;PNP INPUT
donor|PCM J2|logic-in|ac-request|A/C ON;AC REQ
donor|PCM J2|logic-in|power-steering-pressure|P/S PRESS SW
donor|PCM J2|logic-in|cruise-request|CRUISE ON/OFF;CRUISE RES
donor|PCM J2|logic-in|four-wheel-drive|4WD SW
donor|PCM J2|logic-in|oil-pressure-warning|OIL SW
donor|PCM J2|pwm-out low-side-out|alternator-field|ALT FLD CTRL;GEN CMD
donor|PCM J2|can|powertrain-data|CAN -;CANH
donor|PCM J2|serial|diagnostic-data|K LINE;OBD DATA
donor|PCM J2|serial|security-data|IMMO;THEFT SIG
donor|PCM J2|low-side-out pwm-out|shift-solenoid|SHFT SOL B;SS1
donor|PCM J2|low-side-out pwm-out|pressure-solenoid|EPC SOL
donor|PCM J2|low-side-out pwm-out|converter-clutch|TCC
donor|PCM J2|resistive-in analogue-in|transmission-temperature|TFT SNSR;TRANS TEMP
donor|PCM J2|reluctor-in hall-in frequency-in|transmission-input-speed|INPUT SHAFT SPD +
donor|PCM J2|reluctor-in hall-in frequency-in|transmission-output-speed|OSS SIG
donor|PCM J2|logic-in analogue-in|gear-range|RANGE A;TR SNSR B
donor|PCM J2|low-side-out|reverse-lockout|REVERSE LOCKOUT
donor|PCM J2|shield|crankshaft-position knock|CRANK SHIELD;KNOCK SNSR SHLD
donor|PCM J2|spare|other|NO WIRE;NOT USED;SPARE
donor|PCM J2|unknown|other|W/O OPT 7;PER BUILD SHEET;REFER TO SHEET 4
`;

const PLAIN_BODY_3 = `
host|Instrument panel|frequency-in|engine-speed|rev counter;tacho signal
host|Instrument panel|frequency-in|vehicle-speed|speedometer pulse;road speed signal
host|Instrument panel|resistive-in|coolant-temperature|coolant temperature gauge;temperature sender
host|Instrument panel|resistive-in|fuel-level|fuel tank sender;fuel level gauge
host|Instrument panel|resistive-in|oil-pressure|oil pressure gauge
host|Instrument panel|load-in logic-in|oil-pressure-warning|oil pressure lamp;oil warning
host|Instrument panel|load-in|charge-warning|charge control lamp;battery lamp
host|Instrument panel|load-in|lighting|main beam lamp;rear fog lamp tell-tale;side lamp indicator
host|Instrument panel|load-in|turn-signal|left indicator lamp;indicator lamp, right;trailer indicators
host|Instrument panel|load-in|hazard turn-signal|hazard lamp
host|Instrument panel|load-in logic-in|handbrake|handbrake lamp
host|Instrument panel|load-in logic-in|brake-fluid|brake fluid lamp
host|Instrument panel|load-in logic-in|glow-plug|preheat lamp
host|Instrument panel|load-in logic-in|seat-belt|belt warning
host|Instrument panel|load-in logic-in|airbag anti-lock|airbag warning lamp;ABS lamp
host|Instrument panel|load-in logic-in|fuel-level|fuel reserve lamp
host|Instrument panel|load-in logic-in|demister other|rear window heater lamp
host|Instrument panel|supply-in|ignition-supply|switched live;ignition live 10A
host|Instrument panel|supply-in|battery-supply|permanent live;battery live, clock
host|Instrument panel|ground|ground|earth;chassis earth
host|Instrument panel|load-in supply-in pwm-in|illumination|instrument lighting, dimmed;panel lamps
host|Key switch|supply-in|battery-supply|live from fuse box, always
host|Key switch|supply-out switch-out|ignition-supply|output, ignition;run output
host|Key switch|supply-out switch-out|accessory-supply|output, radio position;accessories
host|Key switch|supply-out switch-out|start-supply starter-request|output, starter;start
host|Engine bay fuses|supply-out|battery-supply|F2 out, always live
host|Engine bay fuses|supply-out|ignition-supply|F3 out, run and start;F6 out, live in run
host|Engine bay fuses|supply-out|cooling-fan|F8 cooling fan
host|Engine bay fuses|supply-out|horn|F9 horn
host|Dash fuses|supply-out|lighting|dipped beam, left;side lamps, right;interior lighting
host|Dash fuses|supply-out|wiper|wiper motor
host|Dash fuses|supply-out|demister|heated rear window
host|Dash fuses|supply-out|heater-blower|heater blower
host|Dash fuses|supply-out|audio|radio
host|Dash fuses|supply-out|fuel-pump|fuel pump
host|Gear lever switch|switch-out|park-neutral|closed to earth in park and neutral
host|Gear lever switch|switch-out|reverse-lamp|closed in reverse, live
host|Clutch switch|switch-out|clutch-switch|closed to earth when pressed
host|Tank sender|resistive-out|fuel-level|float
host|Tank sender|ground|sensor-ground ground|earth
host|Stop lamp switch|supply-in|battery-supply ignition-supply brake-switch|feed
host|Stop lamp switch|switch-out|brake-switch|to stop lamps
host|Cooling fan|load-in supply-in|cooling-fan|fan motor, live
host|Cooling fan|ground|ground|fan motor, earth
host|Oil switch|switch-out|oil-pressure-warning|to oil lamp
host|Oil sender|resistive-out|oil-pressure|sender to gauge
host|Temperature sender|resistive-out|coolant-temperature|gauge
host|Body computer|logic-in|door|door contact, rear left;boot contact
host|Body computer|can|body-data|comfort CAN low;body CAN high
host|Body computer|lin|body-data|LIN to mirrors
host|Body computer|high-side-out low-side-out|ac-request|air conditioning request
host|Body computer|high-side-out|lighting turn-signal|interior lamp output;indicator output, left
host|Body computer|high-side-out|reverse-lamp|reversing lamps
host|Body computer|logic-in|wiper washer|wiper switch, slow;washer switch
host|Body computer|logic-in|brake-fluid handbrake seat-belt|handbrake contact;brake fluid contact;belt buckle contact
host|Diagnostic socket|supply-out|battery-supply|battery live
host|Diagnostic socket|serial|diagnostic-data|K line
host|Diagnostic socket|can|powertrain-data diagnostic-data|CAN high
host|Diagnostic socket|ground|ground sensor-ground|earth;signal earth
host|Bulkhead plug|resistive-in|coolant-temperature|temperature gauge sender
host|Bulkhead plug|load-in logic-in|oil-pressure-warning|oil lamp
host|Bulkhead plug|load-in supply-out|charge-warning|charge lamp
host|Bulkhead plug|supply-out|ignition-supply|switched live to engine
host|Bulkhead plug|supply-out|start-supply starter-request|starter solenoid
host|Bulkhead plug|frequency-in|engine-speed|tacho
host|Bulkhead plug|unknown|other|purpose unclear;continues on sheet 3
host|Starter|load-in|starter-request start-supply starter-relay|solenoid
host|Starter|supply-in|battery-supply|battery cable
host|Alternator|supply-out|battery-supply|output
host|Alternator|load-in low-side-out|charge-warning|charge lamp
host|Horn|load-in supply-in|horn|live
host|Washer pump|load-in supply-in|washer|live
host|Wiper motor|load-in supply-in|wiper|slow;fast;park
`;

const PLAIN_PARTS = `
donor|Coolant temperature sensor|resistive-out|coolant-temperature|Signal;To ECU
donor|Coolant temperature sensor|ground|sensor-ground|Sensor ground;Return
donor|Intake air temperature sensor|resistive-out|intake-air-temperature|Signal
donor|MAP sensor|analogue-out|manifold-pressure|Signal;Output
donor|MAP sensor|reference-in|sensor-supply|5 V;Supply
donor|MAP sensor|ground|sensor-ground|Ground
donor|MAF sensor|frequency-out analogue-out|mass-air-flow|Signal
donor|MAF sensor|supply-in|ignition-supply relay-supply|12 V feed;Supply from relay
donor|MAF sensor|ground|ground sensor-ground|Ground
donor|Throttle position sensor|analogue-out|throttle-position|Wiper;Signal to ECU
donor|Throttle position sensor|reference-in|sensor-supply|5 V reference
donor|Throttle position sensor|ground|sensor-ground|Sensor ground
donor|Crankshaft sensor|reluctor-out hall-out frequency-out|crankshaft-position|Signal +;Signal -
donor|Crankshaft sensor|shield|crankshaft-position|Screen
donor|Camshaft sensor|hall-out reluctor-out frequency-out|camshaft-position|Signal;Output to ECU
donor|Camshaft sensor|reference-in supply-in|sensor-supply ignition-supply relay-supply|Supply
donor|Camshaft sensor|ground|sensor-ground ground|Ground
donor|Knock sensor 1|knock-out|knock|Signal
donor|Knock sensor 1|ground knock-out|sensor-ground knock|Return
donor|Oxygen sensor bank 1|lambda-out|oxygen|Signal
donor|Oxygen sensor bank 1|load-in supply-in|oxygen-heater ignition-supply relay-supply|Heater feed
donor|Oxygen sensor bank 1|load-in|oxygen-heater|Heater control
donor|Oxygen sensor bank 1|ground|sensor-ground|Signal ground
donor|Oil pressure sensor|analogue-out resistive-out|oil-pressure|Signal
donor|Oil pressure switch|switch-out|oil-pressure-warning|Contact;To warning lamp
donor|Fuel rail pressure sensor|analogue-out|fuel-pressure|Signal
donor|Injector 2|injector-in|injector|Control;ECU driver
donor|Injector 2|supply-in|ignition-supply relay-supply|12 V;Feed
donor|Ignition coil 3|coil-in|ignition-coil|Control from ECU;Trigger
donor|Ignition coil 3|supply-in|ignition-supply relay-supply|12 V supply
donor|Ignition coil 3|ground|ground|Ground;Engine ground
donor|Throttle body|motor-in|throttle-motor|Motor +;Motor -
donor|Throttle body|analogue-out|throttle-position|Position 1;Position signal 2
donor|Throttle body|reference-in|sensor-supply|5 V
donor|Throttle body|ground|sensor-ground|Sensor ground
donor|Idle air valve|motor-in load-in pwm-in|idle-control|Coil A;Control
donor|Purge valve|load-in|purge-valve|Control;Ground side from ECU
donor|Purge valve|supply-in|ignition-supply relay-supply|Feed
donor|EGR valve|load-in motor-in|exhaust-recirculation|Control
donor|EGR valve|analogue-out|exhaust-recirculation|Position signal
donor|Boost control solenoid|load-in|boost-control|ECU control
donor|Camshaft solenoid intake|load-in|camshaft-phaser|Control
donor|Alternator|supply-out|battery-supply|B+ output
donor|Alternator|pwm-in load-in|alternator-field|Field control from ECU
donor|Alternator|low-side-out load-in supply-out|charge-warning|Charge lamp
donor|Starter|load-in|starter-request start-supply starter-relay|Solenoid feed
donor|Starter|supply-in|battery-supply|Battery cable
donor|A/C compressor|load-in|ac-clutch|Clutch coil
donor|A/C pressure sensor|analogue-out|refrigerant-pressure|Signal
donor|Radiator fan|load-in supply-in|cooling-fan|Motor +
donor|Radiator fan|ground|ground|Motor -;Ground
donor|Fuel pump|load-in supply-in|fuel-pump|Motor +;12 V from relay
donor|Fuel pump|ground|ground|Ground
donor|Transmission range switch|switch-out|park-neutral gear-range|P/N contact
donor|Transmission range switch|switch-out supply-out|reverse-lamp|Reverse lamps
donor|Output speed sensor|reluctor-out hall-out frequency-out|transmission-output-speed vehicle-speed|Signal +
donor|Gearbox plug|load-in|shift-solenoid|Shift solenoid A;Shift solenoid B
donor|Gearbox plug|load-in|pressure-solenoid|Pressure solenoid
donor|Gearbox plug|load-in|converter-clutch|Lock-up solenoid
donor|Gearbox plug|resistive-out|transmission-temperature|Oil temperature
donor|Accelerator pedal|analogue-out|accelerator-position|Signal 1;Signal 2
donor|Accelerator pedal|reference-in|sensor-supply|5 V 1
donor|Accelerator pedal|ground|sensor-ground|Ground 2
donor|Clutch switch|switch-out|clutch-switch|To ECU
donor|Brake switch|switch-out|brake-switch|To ECU;Stop lamps
donor|Brake switch|supply-in|battery-supply ignition-supply brake-switch|Battery feed
donor|Vehicle speed sensor|frequency-out reluctor-out hall-out|vehicle-speed|Signal
donor|Vehicle speed sensor|supply-in reference-in|ignition-supply sensor-supply|12 V
donor|Glow plug relay|load-in|glow-plug|Coil from ECU
donor|Glow plug relay|supply-out|glow-plug|To glow plugs
donor|Main relay|supply-in|battery-supply|Battery 30
donor|Main relay|supply-out|relay-supply|Output 87
donor|Main relay|load-in|main-relay|Coil to ECU
`;

/** Each with how many of a hundred were right in kind and quantity at first sight, and how many have to be so since. */
export const PLAIN: readonly HeldOutTable[] = [
  ["a plain computer, short", PLAIN_ECU, 97, 99],
  ["a plain body", PLAIN_BODY, 97, 99],
  ["a plain computer, in words", PLAIN_ECU_2, 95, 96],
  ["a plain old car", PLAIN_BODY_2, 95, 99],
  ["a motorcycle's computer", PLAIN_BIKE, 88, 95],
  ["a truck's body", PLAIN_TRUCK, 95, 98],
  ["a plain computer, short, again", PLAIN_ECU_3, 98, 98],
  ["a plain body, again", PLAIN_BODY_3, 98, 98],
  ["plugs of an engine's parts", PLAIN_PARTS, 98, 99],
];
