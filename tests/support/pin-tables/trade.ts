import type { HeldOutTable } from "./table";

/*
 * Fifteen manners of the trade: dotted abbreviations, a loom for any car, a combination meter; a carburettor age's injection; a
 * forum's pinout; a diagram translated word by word; a computer whose terminals have names; a plain list; a body's modules; workshop
 * capitals; words as they are spoken; old wiring by its parts; channels and dotted words; a manual's cavities; looms by where they
 * lead; plugs of single parts; whole words in capitals.
 */

const DOTTED = `
donor|PCM conn. A|spare|other|Not Conn.
donor|PCM conn. A|supply-in|ignition-supply|Ign. Sw. Sense;Run-Start Ign. Volt.
donor|PCM conn. A|supply-in|battery-supply|Battery Volt. (Fused 10A)
donor|PCM conn. A|low-side-out|fuel-pump|Fuel Pmp. Rly. Cont.
donor|PCM conn. A|low-side-out|malfunction-lamp|Malf. Ind. Lamp Cont.
donor|PCM conn. A|frequency-out|engine-speed|Eng. Spd. Out (To Instr. Pnl.)
donor|PCM conn. A|resistive-in analogue-in|coolant-temperature|Eng. Cool. Temp. Sens. Sig.
donor|PCM conn. A|ground|sensor-ground|Eng. Cool. Temp. Sens. Rtn.;Sens. Ret. (TPS, MAP);Low Ref. APP 2
donor|PCM conn. A|reference-out|sensor-supply|5 Volt Ref. (MAP, Cam);Throttle Pos. Ref. Volt.
donor|PCM conn. A|analogue-in|manifold-pressure|Manif. Abs. Press. Sens. Sig.
donor|PCM conn. A|analogue-in|throttle-position|Throt. Pos. Sens. 2 Sig.
donor|PCM conn. A|analogue-in|accelerator-position|Accel. Ped. Pos. Sens. 1
donor|PCM conn. A|motor-out|throttle-motor|Throt. Act. Mtr. Open;Throt. Act. Mtr. Close
donor|PCM conn. A|coil-out|ignition-coil|Ign. Coil Cont. Cyl. 5;Elec. Spk. Timing Cyl. 2
donor|PCM conn. A|injector-out|injector|Fuel Inj. Cont. Cyl. 3
donor|PCM conn. A|lambda-in|oxygen|Htd. Oxy. Sens. Hi Bank 1 Sens. 2;Oxy. Sens. Lo. B2
donor|PCM conn. A|low-side-out pwm-out|oxygen-heater|Htd. Oxy. Sens. Htr. Cont. B1 S1
donor|PCM conn. A|low-side-out pwm-out|purge-valve|Evap. Emiss. Can. Purge Sol. Cont.
donor|PCM conn. A|low-side-out pwm-out|camshaft-phaser|Cam. Pos. Act. Sol. Int.
donor|PCM conn. A|reluctor-in hall-in frequency-in|crankshaft-position|Crank. Pos. Sens. Sig.
donor|PCM conn. A|hall-in reluctor-in frequency-in|camshaft-position|Cam. Pos. Sens. Sig. (Exh.)
donor|PCM conn. A|knock-in|knock|Knock Sens. Sig. Rear Bank
donor|PCM conn. A|frequency-in analogue-in|mass-air-flow|Mass Air Flow Sens. Sig.
donor|PCM conn. A|logic-in|clutch-switch|Clutch Ped. Pos. Sw. Sig.
donor|PCM conn. A|logic-in|brake-switch|Stop Lamp Sw. Sig.;Brake Ped. Appl. Sig.
donor|PCM conn. A|logic-in|park-neutral|Trans. P/N Pos. Sw.
donor|PCM conn. A|logic-in|cruise-request|Cruise Cont. Set/Coast Sw.
donor|PCM conn. A|can|powertrain-data|High Spd. Ser. Data (+);Hi. Spd. CAN Ser. Data Bus (-)
donor|PCM conn. A|serial|diagnostic-data|Class 2 Ser. Data;Diag. Enable
donor|PCM conn. A|low-side-out|cooling-fan cooling-fan-high|Cool. Fan Rly. Cont. 1;Cool. Fan Hi Spd. Rly. Cont.
donor|PCM conn. A|low-side-out|ac-clutch|A/C Comp. Clutch Rly. Cont.
donor|PCM conn. A|analogue-in|refrigerant-pressure|A/C Refr. Press. Sens. Sig.
donor|PCM conn. A|pwm-out low-side-out|alternator-field|Gen. Turn On Sig.
donor|PCM conn. A|pwm-in logic-in|alternator-field|Gen. Fld. Duty Cyc. Sig.
donor|PCM conn. A|low-side-out|starter-relay|Start. Enable Rly. Cont.
donor|PCM conn. A|analogue-in resistive-in|fuel-level|Fuel Lev. Sens. Sig. (Prim.)
donor|PCM conn. A|analogue-in|other fuel-pressure|Fuel Tank Press. Sens. Sig.
donor|PCM conn. A|frequency-in|vehicle-speed transmission-output-speed|Veh. Spd. Sens. Hi;Veh. Spd. Sens. Lo
donor|PCM conn. A|serial logic-in|security-data|Theft Det. Fuel Enable Sig.
host|Dash plug A|supply-in|ignition-supply|Gauges, fused from IGN;Wipers & gauges feed (ign)
host|Retro loom|supply-out|fuel-pump ignition-supply|Electric fuel pump, 15A ign
host|Retro loom|supply-out|cooling-fan|Elec fan relay output
host|Retro loom|supply-out|horn|Horn hot, 20A
host|Retro loom|switch-out|horn|Horn button to relay
host|Retro loom|supply-out|turn-signal|Left front turn;RT REAR TURN
host|Retro loom|supply-out|lighting|Headlight high beam;Headlight low beam;Tail lights;Dome light batt
host|Retro loom|supply-out|illumination|Dash lights
host|Retro loom|frequency-in|engine-speed|Tach signal
host|Retro loom|resistive-in|coolant-temperature fuel-level oil-pressure|Temp sender;Fuel sender;Oil pressure sender
host|Retro loom|supply-out|ignition-supply|Coil 12 volt ign;Electric choke ign hot;Ignition hot spare
host|Retro loom|load-in logic-in supply-out|charge-warning|Alternator exciter;Volt regulator warning light
host|Retro loom|supply-out|start-supply starter-request|Starter solenoid purple
host|Retro loom|ground|ground|Ground to chassis;Body ground strap
host|Retro loom|supply-out|battery-supply|Main battery power to fuse block;Radio B+ memory
host|Retro loom|supply-out|accessory-supply|Radio ACC;12V accessory
host|Retro loom|supply-out switch-out|brake-switch|Brake light switch output;Third brake light
host|Retro loom|supply-out|reverse-lamp|Back up lights;Neutral safety / back-up feed
host|Body harness C4 (to engine)|supply-out|ignition-supply|Hot in Run, ign coils;Ign 12V to injectors
host|Body harness C4 (to engine)|supply-out|battery-supply|Perm 12V for ECU
host|Body harness C4 (to engine)|supply-out|start-supply starter-request|Starter sol. from ign. sw.
host|Body harness C4 (to engine)|resistive-in|coolant-temperature|Temp gauge sender
host|Body harness C4 (to engine)|load-in logic-in|oil-pressure-warning|Oil press. warn. sw.
host|Body harness C4 (to engine)|load-in|charge-warning|Alt. warn. lamp (D+)
host|Body harness C4 (to engine)|frequency-in|engine-speed|Tacho from ECU
host|Body harness C4 (to engine)|frequency-in|vehicle-speed|Speed sensor on box
host|Body harness C4 (to engine)|switch-out|ac-request|A/C switch on signal
host|Body harness C4 (to engine)|load-in|malfunction-lamp|Check eng. lamp
host|Body harness C4 (to engine)|load-in supply-out|fuel-pump|Fuel pump relay coil neg.;F/pump rly earth
host|Body harness C4 (to engine)|high-side-out load-in|ac-clutch|Comp. clutch
host|Body harness C4 (to engine)|switch-out|brake-switch|Brake switch sig.
host|Body harness C4 (to engine)|switch-out|clutch-switch|Clutch sw. (cruise)
host|Body harness C4 (to engine)|serial|diagnostic-data|Diag. line K
host|Body harness C4 (to engine)|logic-in load-in|reverse-lamp|Reverse sw. return
host|Combination meter A|supply-in|ignition-supply|IG1 power;METER fuse 7.5A
host|Combination meter A|supply-in|battery-supply|ECU-B fuse
host|Combination meter A|load-in logic-in|brake-fluid handbrake|PKB SW;Brake level warning SW
host|Combination meter A|load-in logic-in|oil-pressure-warning|OIL SW
host|Combination meter A|load-in logic-in|door|Door courtesy SW
host|Combination meter A|resistive-in|fuel-level|Fuel sender gauge +
host|Combination meter A|frequency-in|vehicle-speed|Speed sensor 4P;SPD IN
host|Combination meter A|frequency-in|engine-speed|TACHO input from igniter
host|Combination meter A|load-in|turn-signal|TURN L;TURN R
host|Combination meter A|load-in|lighting|HI-BEAM +;Tail relay output
host|Combination meter A|load-in|illumination|ILL (+);ILL dimmer (-)
host|Combination meter A|load-in|gear-display|A/T P;A/T indicator D;Shift pos. R
host|Combination meter A|load-in|charge-warning|CHG lamp to ALT L
host|Combination meter A|ground|ground|E (signal);E (power)
`;

const EARLY_INJECTION = `
donor|EFI main loom - ECU plug|injector-out|injector|No. 1 Injector;Injector No.4 (-);#2 INJECTOR SIGNAL
donor|EFI main loom - ECU plug|coil-out|ignition-coil|Igniter signal;Ignition module signal cyl 1&4;DIS coil B
donor|EFI main loom - ECU plug|hall-in reluctor-in frequency-in|camshaft-position crankshaft-position|Distributor G signal;
  Distributor NE signal;Dizzy pickup +;CAS 2 pulse/rev
donor|EFI main loom - ECU plug|frequency-in analogue-in|mass-air-flow|Air flow meter Vs signal;Karman vortex signal
donor|EFI main loom - ECU plug|resistive-in|intake-air-temperature|Air flow meter temp
donor|EFI main loom - ECU plug|analogue-in|throttle-position|TPS output voltage;Throttle switch idle-pos sensor
donor|EFI main loom - ECU plug|logic-in|other throttle-position idle-control|Idle switch (IDL);WOT switch
donor|EFI main loom - ECU plug|low-side-out|fuel-pump|Circuit opening relay;Fuel pump relay earth
donor|EFI main loom - ECU plug|low-side-out pwm-out motor-out|idle-control|ISC duty solenoid;AAC idle valve;Stepper motor phase B-
donor|EFI main loom - ECU plug|supply-in|start-supply starter-request|Cranking signal from key
donor|EFI main loom - ECU plug|logic-in supply-in|starter-request start-supply|Start signal (12V when cranking)
donor|EFI main loom - ECU plug|supply-in|battery-supply|Back-up power;Permanent supply from fuse
donor|EFI main loom - ECU plug|supply-in|ignition-supply relay-supply|Power from EFI relay;Ignition feed from key;
  Main relay supply 2
donor|EFI main loom - ECU plug|ground|ground|Power earth;Injector earth;ECU case earth;Earth - manifold
donor|EFI main loom - ECU plug|ground|sensor-ground|Sensor earth;Earth for TPS & temp sensors
donor|EFI main loom - ECU plug|reference-out|sensor-supply|Sensor 5V out;5 volts to TPS/MAP
donor|EFI main loom - ECU plug|lambda-in|oxygen|O2 sensor signal;Oxygen sensor main
donor|EFI main loom - ECU plug|low-side-out pwm-out|boost-control|Boost solenoid;Turbo pressure VSV
donor|EFI main loom - ECU plug|low-side-out|ac-clutch|A/C cut relay;A/C compressor relay ground
donor|EFI main loom - ECU plug|logic-in|ac-request|A/C switched on input;Air con thermostat switch
donor|EFI main loom - ECU plug|low-side-out|malfunction-lamp|Warning lamp (check);Diag lamp to dash
donor|EFI main loom - ECU plug|frequency-in|vehicle-speed|Speedo sensor pulses;Speed sensor signal from dash
donor|EFI main loom - ECU plug|serial logic-in|diagnostic-data|Diagnostic connector TE1;Self-test input
donor|EFI main loom - ECU plug|logic-in|power-steering-pressure|Power steer switch;P.S. oil pressure sw
donor|EFI main loom - ECU plug|logic-in|park-neutral|Neutral/inhibitor switch;Auto trans P&N
donor|EFI main loom - ECU plug|logic-in|other lighting demister|Headlight load input;Electrical load (demister) input
donor|EFI main loom - ECU plug|low-side-out high-side-out|cooling-fan|Radiator fan relay control;Fan relay coil (-)
donor|EFI main loom - ECU plug|frequency-out|engine-speed|Tacho drive to dash
donor|EFI main loom - ECU plug|knock-in|knock|Knock sensor (shielded wire core)
donor|EFI main loom - ECU plug|shield|knock other|Shield for knock
host|Rear loom|load-in high-side-out supply-out|lighting|Tail lamp, o/s;N/S tail & plate lamp;Rear fog
host|Rear loom|load-in supply-out|turn-signal|Flasher N/S rear;O/S/R indicator
host|Rear loom|load-in supply-out|brake-switch lighting|Stop lamps;High level stop lamp
host|Rear loom|resistive-in resistive-out|fuel-level|Tank sender signal
host|Rear loom|load-in supply-out|fuel-pump|Pump supply, 12V (green)
host|Rear loom|load-in supply-out|reverse-lamp|Reverse lamps
host|Rear loom|load-in supply-out|demister|Heated rear window
host|Stalk, left|switch-out supply-out|turn-signal lighting horn|L turn out;R turn out;main beam out;flash out;horn contact
host|Stalk, left|supply-in|turn-signal lighting battery-supply ignition-supply|turn input from flasher can;light switch in;
  fused live for flash
host|Light switch|supply-in|battery-supply lighting|battery supply;30;live in
host|Light switch|switch-out supply-out|lighting illumination|side lights;heads;dash illumination;58;56;park;to dip switch
host|Heater switch|switch-out supply-out|heater-blower|slow;fast;speed 2;to resistor pack
host|Heater switch|supply-in|ignition-supply|ign feed;from fuse 6
host|Hazard switch|supply-in|battery-supply ignition-supply|30;15;batt feed;ign feed
host|Hazard switch|switch-out supply-out|turn-signal hazard|L lamps;R lamps;to flasher 49;left flashers
host|Instrument pack plug 1|resistive-in|fuel-level coolant-temperature oil-pressure|fuel gauge sender;temp gauge sender;
  oil gauge sender
host|Instrument pack plug 1|load-in logic-in|oil-pressure-warning|oil warning lamp switch
host|Instrument pack plug 1|load-in|charge-warning|ignition warning lamp (alternator)
host|Instrument pack plug 1|load-in|turn-signal|L/H direction tell-tale;R/H direction tell-tale
host|Instrument pack plug 1|load-in|lighting illumination|main beam tell-tale;panel illumination
host|Instrument pack plug 1|load-in logic-in|brake-fluid handbrake other fuel-level|brake fluid/handbrake;low fuel;choke lamp
host|Instrument pack plug 1|supply-in|ignition-supply|12v ign for gauges;stabilised 10 V;ign fused to pack
host|Instrument pack plug 1|frequency-in|engine-speed vehicle-speed|tacho from coil neg;speedo transducer
host|Instrument pack plug 1|ground|ground|earth 1;pack earth
`;

const FORUM = `
donor|C1 (grey 32 way)|supply-in|ignition-supply|Run/crank to ECU fuse 12;IGN feed, ECU
donor|C1 (grey 32 way)|supply-in|battery-supply|Constant power ECU;Unswitched 12V from underhood fuse
donor|C1 (grey 32 way)|low-side-out|fuel-pump|To fuel pump relay pin 85
donor|C1 (grey 32 way)|low-side-out|cooling-fan cooling-fan-high|To fan #1 relay (grounds when on);Fan 2 relay ctrl (ground)
donor|C1 (grey 32 way)|low-side-out|malfunction-lamp|Check engine lamp (ground side)
donor|C1 (grey 32 way)|frequency-out|engine-speed|Tach wire, 2 pulses
donor|C1 (grey 32 way)|frequency-out frequency-in|vehicle-speed|VSS output 4000 ppm;Speedometer output 4k
donor|C1 (grey 32 way)|serial|diagnostic-data|OBD2 pin 2;To OBD port pin 7
donor|C1 (grey 32 way)|can|powertrain-data diagnostic-data|OBD2 pin 6 CAN hi;To OBD pin 14 (CAN lo)
donor|C1 (grey 32 way)|logic-in|ac-request|A/C request (12V when on)
donor|C1 (grey 32 way)|logic-in|brake-switch|Brake pedal input for TCC/cruise;Brake switch 12V NC
donor|C1 (grey 32 way)|logic-in|park-neutral|P/N switch ground in park
donor|C1 (grey 32 way)|resistive-in|coolant-temperature|ECT sensor
donor|C1 (grey 32 way)|resistive-in analogue-in|fuel-level|Fuel level from sender
donor|C1 (grey 32 way)|ground|ground|Ground, rear of head;ECU gnd to block
donor|C1 (grey 32 way)|low-side-out pwm-out|oxygen-heater|O2 heater LF;Rear O2 htr right
donor|C1 (grey 32 way)|lambda-in|oxygen|Front left O2;O2 right rear signal
donor|C1 (grey 32 way)|analogue-in|oil-pressure|Oil pressure sensor signal (3 wire)
donor|C1 (grey 32 way)|logic-in serial|security-data|Anti-theft enable
donor|C1 (grey 32 way)|pwm-out low-side-out|alternator-field|Alternator L terminal control
donor|C1 (grey 32 way)|low-side-out pwm-out|purge-valve|EVAP purge solenoid;Vent solenoid evap
donor|C1 (grey 32 way)|low-side-out pwm-out|shift-solenoid pressure-solenoid converter-clutch|1-2 shift solenoid A;
  3-2 downshift solenoid;Pressure control sol hi;TCC apply solenoid;TCC PWM sol
donor|C1 (grey 32 way)|logic-in|gear-range|Trans range A;Fluid press switch B
donor|C1 (grey 32 way)|injector-out|injector|Inj 5 (black/orange)
donor|C1 (grey 32 way)|coil-out|ignition-coil|Coil #7 signal;Coil 2
donor|C1 (grey 32 way)|ground|sensor-ground|Coil ref low bank 1;TPS low;MAP low ref
donor|C1 (grey 32 way)|knock-in|knock|Knock front;Knock sensor rear sig
donor|C1 (grey 32 way)|spare|other|Empty;No wire here
host|Main harness at firewall|supply-out|ignition-supply|Ignition on power to engine;IGN 3 heater
host|Main harness at firewall|supply-out|start-supply starter-request|Crank wire to starter
host|Main harness at firewall|supply-out|battery-supply|Battery feed from fusible link
host|Main harness at firewall|resistive-in|coolant-temperature|Temp gauge sending unit
host|Main harness at firewall|resistive-in|oil-pressure|Oil gauge sending unit
host|Main harness at firewall|load-in|charge-warning|Alternator idiot light
host|Main harness at firewall|frequency-in|engine-speed|Tach (from coil)
host|Main harness at firewall|switch-out|brake-switch|Brake switch (hot with pedal)
host|Main harness at firewall|load-in|reverse-lamp|Backup lights
host|Main harness at firewall|supply-out|wiper washer|Washer pump
host|Main harness at firewall|supply-out load-in|lighting|High beams;Low beams;Parking lights front
host|Main harness at firewall|supply-out load-in|turn-signal|LF turn signal;RF turn signal
host|Main harness at firewall|supply-out load-in|horn|Horn feed
host|Main harness at firewall|high-side-out supply-out load-in|ac-clutch|A/C compressor clutch power
host|Main harness at firewall|switch-out logic-in|refrigerant-pressure ac-request|A/C low pressure cycling switch
host|Main harness at firewall|supply-out load-in|heater-blower|Blower high
host|Gauge cluster 24 pin|supply-in|ignition-supply|Ignition, fuse 4;Run power
host|Gauge cluster 24 pin|supply-in|battery-supply|Constant, fuse 9
host|Gauge cluster 24 pin|resistive-in|fuel-level|Fuel sender, 0-90 ohm
host|Gauge cluster 24 pin|resistive-in|coolant-temperature|Temp sender wire
host|Gauge cluster 24 pin|resistive-in|oil-pressure|Oil press sender
host|Gauge cluster 24 pin|frequency-in|engine-speed|Tach signal from ignition module
host|Gauge cluster 24 pin|frequency-in|vehicle-speed|VSS from trans
host|Gauge cluster 24 pin|load-in|turn-signal|Left arrow;Right turn ind
host|Gauge cluster 24 pin|load-in|lighting|High beam blue light
host|Gauge cluster 24 pin|load-in|illumination|Backlighting (dimmer)
host|Gauge cluster 24 pin|load-in|malfunction-lamp|Service engine soon lamp
host|Gauge cluster 24 pin|load-in logic-in|brake-fluid handbrake|Brake warning light
host|Gauge cluster 24 pin|load-in logic-in|airbag anti-lock seat-belt|ABS light;Air bag lamp;Fasten belts
host|Gauge cluster 24 pin|load-in|security-lamp|Security light
host|Gauge cluster 24 pin|load-in|charge-warning|Volts lamp from alt
host|Gauge cluster 24 pin|ground|ground|Ground, kick panel
host|Gauge cluster 24 pin|load-in|gear-display|PRNDL display
host|Gauge cluster 24 pin|load-in logic-in|fuel-level other|Low coolant lamp;Low fuel light
host|Gauge cluster 24 pin|load-in|four-wheel-drive cruise-active|4WD indicator;Cruise light
host|Body control module|logic-in|door|Driver door ajar switch
host|Body control module|low-side-out|horn lighting|Horn relay control;Headlamp relay coil
host|Body control module|high-side-out|lighting|Courtesy lamp supply;Dome lamp out
host|Body control module|serial can|body-data|Serial data to radio
host|Body control module|logic-in|wake-up ignition-supply accessory-supply|Ignition 0 wake
host|Body control module|logic-in|key-reader security-data other|Key in ignition switch;Key resistor sense
host|Body control module|logic-in|lock|Unlock switch driver;Lock sw passenger
host|Body control module|logic-in|turn-signal|Turn switch left
`;

const TRANSLATED = `
donor|X1|supply-in|ignition-supply|Terminal 15 from ignition lock
donor|X1|supply-in|battery-supply|Terminal 30 permanent;Battery voltage terminal 30
donor|X1|supply-in|relay-supply|Terminal 87 from main relay
donor|X1|ground|ground|Terminal 31 ground;Ground, electronics
donor|X1|low-side-out|main-relay|Activation main relay;Main relay coil 85
donor|X1|low-side-out|fuel-pump|Activation fuel pump relay
donor|X1|injector-out|injector|Activation injector cyl. 4;Injection valve 3
donor|X1|coil-out|ignition-coil|Activation ignition coil cyl 2;Terminal 1 ignition coil 6
donor|X1|low-side-out pwm-out|idle-control|Activation idle valve, close;Idle regulating valve opening winding
donor|X1|low-side-out pwm-out|purge-valve|Tank venting valve;Activation tank vent valve
donor|X1|low-side-out pwm-out|camshaft-phaser|Activation inlet camshaft adjuster;Solenoid valve exhaust cam
donor|X1|low-side-out pwm-out|oxygen-heater|Lambda probe heating before cat. 1;Heater, oxygen sensor behind catalyst
donor|X1|lambda-in|oxygen|Signal lambda probe before cat. 1;Oxygen sensor behind catalyst signal
donor|X1|resistive-in|coolant-temperature|Signal coolant temp. sensor;NTC engine coolant
donor|X1|resistive-in|intake-air-temperature|Signal intake air temp.
donor|X1|resistive-in analogue-in|oil-temperature|Oil temperature signal
donor|X1|frequency-in analogue-in|mass-air-flow|Signal hot film air mass meter
donor|X1|hall-in reluctor-in frequency-in|camshaft-position|Signal camshaft sensor inlet;Hall sender camshaft
donor|X1|reluctor-in hall-in frequency-in|crankshaft-position|Signal crankshaft sensor;Pulse generator crankshaft +
donor|X1|knock-in|knock|Signal knock sensor 2;Knock sensor cyl. 1-3 pos.
donor|X1|analogue-in|throttle-position|Signal throttle potentiometer 1
donor|X1|motor-out|throttle-motor|Activation throttle motor +;Throttle valve motor -
donor|X1|analogue-in|accelerator-position|Signal pedal value sensor 2;Pedal sensor hall 1
donor|X1|reference-out|sensor-supply|Supply pedal sensor 5 V;Voltage supply throttle potentiometer
donor|X1|ground|sensor-ground|Ground pedal sensor 1;Ground, throttle potentiometer;Sensor ground
donor|X1|logic-in|brake-switch|Signal brake light switch;Signal brake test switch
donor|X1|logic-in|clutch-switch|Signal clutch switch
donor|X1|logic-in|ac-request|Request A/C compressor
donor|X1|low-side-out|ac-clutch|Activation A/C compressor relay
donor|X1|low-side-out pwm-out|cooling-fan|Activation electric fan;Fan signal PWM
donor|X1|frequency-out|engine-speed|TD engine speed signal to instruments;Engine speed signal TD
donor|X1|frequency-in|vehicle-speed|Road speed signal from instrument cluster
donor|X1|can|powertrain-data|CAN bus high to gearbox;CAN bus signal low
donor|X1|serial|diagnostic-data|TXD diagnosis line;Diagnosis K
donor|X1|serial logic-in|security-data|Data from immobiliser
donor|X1|low-side-out|malfunction-lamp|Activation check engine lamp
donor|X1|low-side-out|starter-relay|Activation starter relay
donor|X1|spare|other|Not assigned;n.c.
host|X20 engine/body|supply-out|ignition-supply|Term. 15 to engine control unit
host|X20 engine/body|supply-out|start-supply starter-request|Term. 50 to starter
host|X20 engine/body|frequency-in|engine-speed|Engine speed signal to rev counter
host|X20 engine/body|resistive-in|coolant-temperature|Coolant temp sensor to gauge
host|X20 engine/body|load-in|oil-pressure-warning|Oil pressure switch to warning lamp
host|X20 engine/body|load-in|charge-warning|Term. 61 D+ charge indicator
host|X20 engine/body|switch-out|brake-switch|Brake light switch signal to engine
host|X20 engine/body|load-in logic-in|reverse-lamp|Reverse gear switch to lamps
host|X20 engine/body|frequency-out|vehicle-speed|Speed signal from cluster to engine
host|X20 engine/body|load-in|malfunction-lamp|Check engine lamp
host|X20 engine/body|load-in|fuel-pump|Fuel pump relay activation
host|X20 engine/body|serial|diagnostic-data|TXD to diagnosis socket
host|X20 engine/body|ground|ground|Term. 31 ground point
host|Light switch S5|supply-in|battery-supply lighting|Terminal 30 supply
host|Light switch S5|supply-out switch-out|lighting|56 to dip switch;58 R parking light right;58L tail left;NSL rear fog
host|Light switch S5|supply-out switch-out|illumination|58d instrument lighting
host|Wiper switch S7|supply-out switch-out|wiper|53 low speed;53b fast;31b park;J interval
host|Wiper switch S7|supply-in|ignition-supply wiper|53a feed
host|Wiper switch S7|supply-out switch-out|washer|Washer pump 53c
host|Instrument cluster X16|frequency-in|engine-speed|TD signal
host|Instrument cluster X16|resistive-in|fuel-level|Fuel level sensor left
host|Instrument cluster X16|load-in|turn-signal|Terminal 49a left ind.
`;

const NAMED_TERMINALS = `
donor|ENGINE CONTROL COMPUTER E8|injector-out|injector|#10 (No.1 injector);#20 INJECTOR NO.2
donor|ENGINE CONTROL COMPUTER E8|coil-out|ignition-coil|IGT1 (ignition coil No.1 signal);IGT4 IGNITION COIL 4
donor|ENGINE CONTROL COMPUTER E8|logic-in|ignition-coil|IGF (ignition confirmation)
donor|ENGINE CONTROL COMPUTER E8|resistive-in|coolant-temperature|THW (water temp)
donor|ENGINE CONTROL COMPUTER E8|resistive-in|intake-air-temperature|THA (intake air temp)
donor|ENGINE CONTROL COMPUTER E8|analogue-in|throttle-position|VTA1 throttle opening;VTA2 throttle sub
donor|ENGINE CONTROL COMPUTER E8|analogue-in|accelerator-position|VPA accel opening;VPA2 sub
donor|ENGINE CONTROL COMPUTER E8|reference-out|sensor-supply|VC sensor power;VCTA 5V;VCPA (pedal power)
donor|ENGINE CONTROL COMPUTER E8|ground|sensor-ground|E2 sensor earth;EPA pedal earth;ETA throttle earth;E2G MAF earth
donor|ENGINE CONTROL COMPUTER E8|ground|ground|E1 body earth;E01 power earth;E04 earth;ME01
donor|ENGINE CONTROL COMPUTER E8|motor-out|throttle-motor|M+ throttle motor;M- throttle motor
donor|ENGINE CONTROL COMPUTER E8|reluctor-in hall-in frequency-in|crankshaft-position|NE+ crank;NE- crank
donor|ENGINE CONTROL COMPUTER E8|hall-in reluctor-in frequency-in|camshaft-position|G2+ cam;VV1+ cam position bank 1
donor|ENGINE CONTROL COMPUTER E8|low-side-out pwm-out|camshaft-phaser|OC1+ oil control;OCV- intake RH
donor|ENGINE CONTROL COMPUTER E8|knock-in|knock|KNK1;KNK2 knock left
donor|ENGINE CONTROL COMPUTER E8|lambda-in|oxygen|OX1A rear O2;A1A+ air fuel ratio sensor
donor|ENGINE CONTROL COMPUTER E8|low-side-out pwm-out|oxygen-heater|HT1B rear O2 heater;HA1A A/F heater
donor|ENGINE CONTROL COMPUTER E8|frequency-in analogue-in|mass-air-flow|VG air flow
donor|ENGINE CONTROL COMPUTER E8|low-side-out pwm-out|purge-valve|PRG purge VSV;EVP1 purge
donor|ENGINE CONTROL COMPUTER E8|low-side-out|fuel-pump|FC fuel pump relay
donor|ENGINE CONTROL COMPUTER E8|low-side-out high-side-out|main-relay|MREL EFI relay
donor|ENGINE CONTROL COMPUTER E8|supply-in|relay-supply ignition-supply battery-supply|+B EFI relay power;+BM throttle motor power
donor|ENGINE CONTROL COMPUTER E8|supply-in|battery-supply|BATT always on
donor|ENGINE CONTROL COMPUTER E8|supply-in logic-in|ignition-supply|IGSW ignition switch
donor|ENGINE CONTROL COMPUTER E8|logic-in|starter-request|STSW start switch;STA starter signal
donor|ENGINE CONTROL COMPUTER E8|low-side-out high-side-out|starter-relay|STAR starter relay
donor|ENGINE CONTROL COMPUTER E8|frequency-out|engine-speed|TACH rev signal
donor|ENGINE CONTROL COMPUTER E8|frequency-in|vehicle-speed|SPD speed signal from meter
donor|ENGINE CONTROL COMPUTER E8|logic-in|brake-switch|STP brake lamp switch;ST1- brake switch opposite
donor|ENGINE CONTROL COMPUTER E8|low-side-out|malfunction-lamp|W check engine lamp
donor|ENGINE CONTROL COMPUTER E8|serial can|diagnostic-data powertrain-data|SIL diagnosis;CANH CAN high;TC diag terminal
donor|ENGINE CONTROL COMPUTER E8|logic-in|park-neutral|NSW neutral start switch
donor|ENGINE CONTROL COMPUTER E8|serial|security-data|IMI immobiliser in;IMO immobiliser out
donor|ENGINE CONTROL COMPUTER E8|low-side-out pwm-out|shift-solenoid pressure-solenoid converter-clutch|S1 shift solenoid;
  SL1+ shift sol linear;SLT line pressure;SLU lock-up;DSL lock up sol
donor|ENGINE CONTROL COMPUTER E8|resistive-in|transmission-temperature|THO1 ATF temp
donor|ENGINE CONTROL COMPUTER E8|reluctor-in hall-in frequency-in|transmission-input-speed transmission-output-speed|
  NT+ turbine speed;SP2+ output speed;NC0+ counter gear speed
donor|ENGINE CONTROL COMPUTER E8|logic-in|gear-range|P shift position P;R shift position R;D position switch
donor|ENGINE CONTROL COMPUTER E8|pwm-out low-side-out|cooling-fan alternator-field|RFC fan ECU control;RLO alternator control
donor|ENGINE CONTROL COMPUTER E8|logic-in|ac-request|AC1 air con on;ACS A/C switch
donor|ENGINE CONTROL COMPUTER E8|low-side-out|ac-clutch|ACMG compressor relay;MGR A/C magnet clutch
donor|ENGINE CONTROL COMPUTER E8|logic-in|other|ELS1 electric load tail;ELS3 defogger load
donor|ENGINE CONTROL COMPUTER E8|logic-in|power-steering-pressure|PSW power steering pressure
host|Cab junction block A|supply-out|battery-supply|Hazard/stop fuse 15A, battery;Cab dome fuse
host|Cab junction block A|supply-out|ignition-supply|Gauge fuse, run;Wiper fuse ign
host|Truck dash connector|resistive-in analogue-in|oil-pressure coolant-temperature fuel-level transmission-temperature other|
  Air tank 1 pressure sender;Oil psi sender;Water temp sender;Fuel gauge sender
host|Truck dash connector|load-in|other turn-signal lighting|Low air buzzer;Park brake lamp;LH marker tell-tale;PTO engaged lamp
host|Truck dash connector|frequency-in|engine-speed vehicle-speed|Tacho, flywheel sensor;Tachograph speed
host|Truck dash connector|switch-out|other horn cruise-request brake-switch|Engine brake switch;Air horn sw;Cruise set switch;
  Retarder stalk
`;

const PLAIN = `
donor|J1 engine side|injector-out|injector|injector cyl 1 neg;inj drive 6
donor|J1 engine side|coil-out|ignition-coil|coil pack A drive;coil pack B drive;spark cyl 3
donor|J1 engine side|reluctor-in hall-in frequency-in|crankshaft-position|crank sensor sig +;crank sensor sig -
donor|J1 engine side|hall-in reluctor-in frequency-in|camshaft-position|cam phase signal;cam hall output
donor|J1 engine side|resistive-in|coolant-temperature intake-air-temperature|coolant thermistor;inlet air thermistor
donor|J1 engine side|analogue-in|manifold-pressure throttle-position oil-pressure fuel-pressure|manifold vacuum sensor;
  throttle sensor wiper;oil gallery pressure;rail fuel pressure
donor|J1 engine side|knock-in|knock|detonation sensor +
donor|J1 engine side|lambda-in|oxygen|upstream lambda;downstream O2 signal
donor|J1 engine side|low-side-out pwm-out|oxygen-heater|upstream lambda heater neg;downstream O2 heater
donor|J1 engine side|low-side-out pwm-out motor-out|idle-control|idle bypass valve;idle motor a;idle motor b
donor|J1 engine side|low-side-out pwm-out|purge-valve camshaft-phaser exhaust-recirculation|charcoal canister sol;
  cam timing valve;EGR valve drive
donor|J1 engine side|reference-out|sensor-supply|5 V to sensors;5V supply MAP/TPS
donor|J1 engine side|ground|sensor-ground|sensors common ground;0 V to sensors;TPS/temp return
donor|J1 engine side|ground|ground|ECU power ground (head);chassis ground 2
donor|J1 engine side|shield|crankshaft-position other|crank cable screen
donor|J2 vehicle side|supply-in|battery-supply|battery 12 V fused 20 A;keep-alive 12V
donor|J2 vehicle side|supply-in|ignition-supply|ignition sense;switched ignition 12 V;wake-up from key
donor|J2 vehicle side|supply-in|relay-supply|supply from main relay contact
donor|J2 vehicle side|low-side-out|main-relay fuel-pump cooling-fan ac-clutch|main relay drive;pump relay drive;fan relay drive;
  aircon relay drive
donor|J2 vehicle side|low-side-out|malfunction-lamp charge-warning|engine warning lamp drive;check light
donor|J2 vehicle side|frequency-out|engine-speed|tacho drive;rpm signal to dash
donor|J2 vehicle side|frequency-in|vehicle-speed|road speed pulses in;speed from gearbox sensor
donor|J2 vehicle side|logic-in|brake-switch clutch-switch park-neutral ac-request|brake light switch;clutch down switch;
  neutral contact;aircon demand
donor|J2 vehicle side|analogue-in|accelerator-position|pedal track 1;pedal track 2
donor|J2 vehicle side|reference-out|sensor-supply|pedal 5 V 1;pedal 5V feed 2
donor|J2 vehicle side|ground|sensor-ground|pedal 0 V 1;pedal ground 2
donor|J2 vehicle side|can|powertrain-data|CAN high (500k);CAN low (500k)
donor|J2 vehicle side|serial|diagnostic-data|diagnostic K wire
donor|J2 vehicle side|spare|other|free;nothing fitted
host|Engine bay plug 1|supply-out|ignition-supply battery-supply|ignition live to engine;battery live to ECU
host|Engine bay plug 1|supply-out|start-supply starter-request|starter trigger from key
host|Engine bay plug 1|resistive-in|coolant-temperature|temperature gauge
host|Engine bay plug 1|resistive-in|oil-pressure|oil pressure gauge
host|Engine bay plug 1|load-in logic-in|oil-pressure-warning charge-warning|oil pressure light;alternator light
host|Engine bay plug 1|frequency-in|engine-speed|tacho wire
host|Engine bay plug 1|switch-out|brake-switch ac-request|brake light switch to ECU;aircon switch
host|Dash loom to gauges|supply-in supply-out|ignition-supply|gauge feed 12 V
host|Switch panel|switch-out|lighting demister wiper heater-blower hazard|side light switch;headlight switch;
  rear screen heater switch;wiper switch;fan switch;hazard switch
host|Switch panel|supply-in|ignition-supply battery-supply|ignition feed;battery feed;live feed
host|Switch panel|load-in|illumination|switch illumination
host|Switch panel|ground|ground|earth
host|Fuses and relays|supply-out|lighting wiper horn heater-blower demister fuel-pump cooling-fan ignition-supply battery-supply|
  side lights left;wipers;horn;heater fan;rear screen;fuel pump;radiator fan;ECU ignition;ECU battery
host|Fuses and relays|supply-in|battery-supply ignition-supply|battery in;ignition in from key
host|Rear lamps|load-in|lighting turn-signal brake-switch reverse-lamp|tail;stop;left indicator;reverse;fog
host|Rear lamps|ground|ground|earth
`;

const MODULES = `
host|BCM C1|high-side-out|turn-signal|Left front turn lamp output;RR turn lamp ctrl
host|BCM C1|high-side-out|lighting|Park lamp output LH;Interior lamp control;Headlamp low left supply;Licence lamp ctl
host|BCM C1|logic-in|door|Hood ajar switch sig;LR door ajar
host|BCM C1|logic-in|brake-switch|Brake pedal applied signal
host|BCM C1|logic-in|lock|Door lock switch signal;Trunk release switch
host|BCM C1|supply-in|battery-supply|Battery positive voltage;B+ interior lights fuse
host|BCM C1|supply-in|ignition-supply|Run/crank ignition 1 voltage;Off/run/crank voltage
host|BCM C1|supply-in logic-in|accessory-supply|Accessory voltage
host|BCM C1|ground|ground|Ground;Signal ground
host|BCM C1|serial|body-data diagnostic-data|Low speed serial data;Serial data
host|BCM C1|lin|body-data|LIN bus 3
host|BCM C1|low-side-out|horn wiper starter-relay heater-blower|Horn relay control;Wiper relay control;Run/crank relay control;
  Accessory relay coil
host|BCM C1|pwm-out high-side-out|illumination|Instrument panel lamp dimmer;LED backlight dimming ctrl
host|BCM C1|logic-in|hazard turn-signal lighting washer wiper|Hazard switch signal;Turn signal switch left;
  Headlamp flash switch;Washer switch signal;Fog lamp switch
host|BCM C1|logic-in analogue-in|lighting other wiper|Ambient light sensor signal;Wiper switch low signal;Rain sensor
host|BCM C1|logic-in|seat-belt handbrake|Driver belt buckle switch;Park brake switch signal
host|HVAC control|low-side-out|heater-blower|Blower relay control
host|HVAC control|logic-in analogue-in resistive-in|ambient-temperature heater-control other|Ambient air temp sensor;
  Evaporator temp sensor;Interior temp sensor
host|HVAC control|low-side-out switch-out high-side-out|ac-request|A/C request signal;Compressor request output
host|HVAC control|pwm-out low-side-out|heater-blower|Blower motor speed control
host|HVAC control|motor-out high-side-out|heater-control|Mode actuator control;Blend door motor +;Recirc actuator ctrl
host|Airbag module|low-side-out|airbag|Airbag warning lamp
host|Airbag module|high-side-out supply-out|airbag|Driver squib high;Passenger pretensioner low
host|ABS module|reluctor-in hall-in frequency-in|wheel-speed|LF wheel speed +;Wheel speed sensor RR signal;Left rear WSS low
host|ABS module|supply-in|battery-supply ignition-supply|Pump motor feed 40A;Valve supply B+;Ignition
host|ABS module|logic-in|brake-switch|Stop lamp sw input
host|ABS module|frequency-out|vehicle-speed|Vehicle speed output
host|Radio 16 pin|supply-in|battery-supply accessory-supply ignition-supply|Permanent 12 volt;Accessory 12 volt
host|Radio 16 pin|high-side-out supply-out load-in|audio aerial|Left front speaker +;Power aerial
host|Radio 16 pin|load-in|illumination|Dash light dimmer
host|Steering column switch|switch-out|cruise-request horn turn-signal lighting wiper|Cruise resume switch;Horn contact;
  Turn signal right;Dip/main beam;Wiper intermittent
host|Park/neutral switch|switch-out|park-neutral reverse-lamp|Neutral start circuit;Back-up lamp output
host|Park/neutral switch|supply-in|ignition-supply battery-supply start-supply|Back-up lamp feed;Crank feed from ign switch
host|Clutch switch|switch-out|clutch-switch|To starter relay;Output to PCM
host|Oil pressure switch|switch-out|oil-pressure-warning|To gauge lamp
host|Tail lamp LH|load-in|turn-signal lighting brake-switch reverse-lamp|Turn;Stop;Tail;Back-up
host|Fuel sender|resistive-out|fuel-level|Sender to gauge;Fuel level signal
host|Fuel sender|ground|ground sensor-ground|Sender ground
host|Washer pump|load-in motor-in|washer|Positive;Washer feed
host|Main relay panel|supply-out|relay-supply ignition-supply|Ignition relay output 87;Accessory relay 87
host|Dash harness to engine X1|supply-out|battery-supply|ECM battery feed fuse 20
host|Dash harness to engine X1|supply-out|ignition-supply|ECM ignition fuse 8;Coils/injectors ignition feed
host|Dash harness to engine X1|switch-out low-side-out logic-in|ac-request|AC request to ECM
host|Dash harness to engine X1|frequency-in|vehicle-speed engine-speed|VSS from ECM;Tach from ECM
host|Dash harness to engine X1|load-in|malfunction-lamp|MIL from ECM
host|Dash harness to engine X1|can|powertrain-data|HS CAN H;HS CAN L
`;

const WORKSHOP = `
donor|PCM A|supply-in|battery-supply|PERM BATT FEED;B+ KEEP ALIVE
donor|PCM A|supply-in|ignition-supply|IGN RUN/CRANK 15A;SW IGN FEED
donor|PCM A|ground|ground|PWR GRD 1;GRD TO CYL HD
donor|PCM A|resistive-in analogue-in|coolant-temperature|ENG CLT TMP SIG
donor|PCM A|resistive-in analogue-in|intake-air-temperature|INT AIR TMP
donor|PCM A|ground|sensor-ground|SENS RTN A;ANLG RTN
donor|PCM A|reference-out|sensor-supply|5 V REF TPS;VREF 2
donor|PCM A|analogue-in|manifold-pressure|BARO/MAP SIG
donor|PCM A|analogue-in frequency-in|mass-air-flow|MAF SIG +
donor|PCM A|reluctor-in hall-in frequency-in|crankshaft-position|CKP SNSR HI;CKP SNSR LO
donor|PCM A|hall-in reluctor-in frequency-in|camshaft-position|CMP SNSR BK1 EXH
donor|PCM A|shield|crankshaft-position other|CKP SHLD DRAIN
donor|PCM A|knock-in|knock|KS BK 1 SIG;KS BK 2 RTN
donor|PCM A|injector-out|injector|INJ DRV 6;INJECTOR #2 CTL
donor|PCM A|coil-out|ignition-coil|COIL DRV CYL 3;IGN CTL 8;EST 5
donor|PCM A|motor-out|throttle-motor|ETC MTR -;THR ACT MTR +
donor|PCM A|analogue-in|accelerator-position|APP 1 SIG;ACC PDL POS 3
donor|PCM A|lambda-in|oxygen|HO2S 2/1 SIG;O2 SENS B1 S2 HI
donor|PCM B|low-side-out pwm-out|oxygen-heater|HO2S 1/2 HTR CTL;O2 HTR BK2
donor|PCM B|low-side-out pwm-out|purge-valve|CANISTER PRG SOL
donor|PCM B|low-side-out pwm-out|camshaft-phaser|VVT SOL INT BK 2;CAM PHSR EXH
donor|PCM B|low-side-out|fuel-pump|F/P RLY CTL;FUEL PMP RELAY GRD
donor|PCM B|low-side-out|malfunction-lamp|CHECK ENG LT;MIL CTL
donor|PCM B|frequency-out|engine-speed|TACH SIG TO CLUSTER;ENG RPM O/P
donor|PCM B|logic-in|park-neutral|PARK/NEUT SW;PNP IN
donor|PCM B|low-side-out|cooling-fan cooling-fan-high|COOL FAN LO RLY;FAN HI SPD RLY CTL
donor|PCM B|low-side-out|ac-clutch|A/C CMPR RLY CTL
donor|PCM B|logic-in|brake-switch|BRK PDL SW;STOP LT SW IN
donor|PCM B|logic-in|clutch-switch|CLU PDL SW
donor|PCM B|can|powertrain-data|CAN BUS HI;CAN - 
donor|PCM B|serial|diagnostic-data|DIAG K;SERIAL DATA DLC
donor|PCM B|resistive-in analogue-in|oil-temperature|ENG OIL TMP SENS
donor|PCM B|analogue-in|oil-pressure|ENG OIL PRS SENS
donor|PCM B|frequency-in|vehicle-speed|VSS IN;VEH SPD SENS +
donor|PCM B|spare|other|OPEN CAVITY;NOT USED;NO CKT
donor|PCM B|pwm-out low-side-out|alternator-field|GEN FLD CTL;ALT FIELD PWM
donor|PCM B|logic-in analogue-in|refrigerant-pressure|A/C PRS SENS;AC HI PRS SW
donor|PCM B|low-side-out|starter-relay|STRTR RLY CTL
donor|PCM B|logic-in|ac-request|A/C REQ IN
host|Dials|frequency-in|engine-speed|revs;tachometer pulses
host|Dials|frequency-in|vehicle-speed|speedometer pulses
host|Dials|resistive-in analogue-in|coolant-temperature|engine temperature dial;water temp
host|Dials|resistive-in analogue-in|fuel-level|petrol level
host|Dials|resistive-in analogue-in|oil-pressure|oil pressure dial
host|Dials|load-in logic-in|oil-pressure-warning|oil pressure light
host|Dials|load-in logic-in|charge-warning|no-charge light
host|Dials|load-in logic-in|malfunction-lamp|engine fault light
host|Dials|load-in|lighting|main beam light
host|Dials|load-in|illumination|lighting of the dials
host|Dials|load-in|turn-signal|left indicator light;right indicator light
host|Dials|supply-in|ignition-supply|live with ignition
host|Dials|supply-in|battery-supply|always live
host|Dials|ground|ground|earth to body
host|Dials|load-in logic-in|handbrake brake-fluid|handbrake and brake fluid light
host|Starter lock|supply-in|battery-supply|from battery;battery feed
host|Starter lock|supply-out switch-out|ignition-supply|ignition, run and start;run
host|Starter lock|supply-out switch-out|start-supply starter-request|to starter;crank
host|Starter lock|supply-out switch-out|accessory-supply|radio position
host|Dash fuses|supply-out|ignition-supply|F3 out, ignition on;F8 out, run and start
host|Dash fuses|supply-out|battery-supply|F1 out, battery;F10 out, permanent
host|Dash fuses|supply-out|accessory-supply|F6 out, accessories
host|Reverse switch|switch-out|reverse-lamp|closed in reverse gear;to reversing lamps
host|Clutch pedal switch|switch-out|clutch-switch|closed with pedal down;opens when pressed
host|Handbrake switch|switch-out|handbrake|to earth when on
host|Temperature sender|resistive-out|coolant-temperature|to gauge
host|Radiator fan|load-in motor-in|cooling-fan|motor plus
host|Radiator fan|ground|ground|motor minus
host|Body module|logic-in|door|tailgate contact
host|Body module|can|body-data|body CAN low
host|Body module|lin|body-data|LIN to wiper motor
host|Body module|high-side-out|lighting|left dipped beam
host|Body module|low-side-out high-side-out logic-in|ac-request|air conditioning wanted
host|Body module|high-side-out low-side-out|horn|horn output
host|Body module|logic-in|brake-switch|brake pedal contact
host|Tow socket|load-in|turn-signal lighting brake-switch trailer|left turn;stop;tail left
host|Tow socket|ground|ground|earth
`;

/** Each with how many of a hundred were right in kind and quantity at first sight, and how many have to be so since. */
export const TRADE: readonly HeldOutTable[] = [
  ["dotted abbreviations", DOTTED, 62, 94],
  ["early injection", EARLY_INJECTION, 74, 94],
  ["a forum's pinout", FORUM, 90, 97],
  ["a translated diagram", TRANSLATED, 89, 97],
  ["named terminals", NAMED_TERMINALS, 84, 91],
  ["a plain list", PLAIN, 90, 96],
  ["a body's modules", MODULES, 76, 88],
  ["workshop capitals and dials", WORKSHOP, 87, 97],
];
