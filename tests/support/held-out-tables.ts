/**
 * Tables written down before they were read, in the form of listed-rows.ts: dotted abbreviations, a loom for any car, a
 * combination meter; a carburettor age's injection; a forum's pinout; a diagram translated word by word; a computer whose terminals
 * have names; a plain list; a body's modules; workshop capitals; words as they are spoken; old wiring by its parts; channels and dotted words; a manual's cavities; looms by where they lead; plugs of single parts; whole words in capitals;
 * notes in haste with slips of the pen.
 */
export const DOTTED = `
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

export const EARLY_INJECTION = `
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

export const FORUM = `
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

export const TRANSLATED = `
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

export const NAMED_TERMINALS = `
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

export const PLAIN = `
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

export const MODULES = `
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

export const WORKSHOP = `
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

export const SPOKEN = `
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

export const OLD_WIRING = `
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

export const CHANNELS = `
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

export const MANUAL = `
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

export const LOOMS = `
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

export const PLUGS = `
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

export const CAPITALS = `
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

export const HASTE = `
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
export const SENTENCES = `
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
export const BEHAVIOUR = `
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
export const REVERSED = `
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
export const HASTE_2 = `
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

export const SENTENCES_2 = `
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

export const BEHAVIOUR_2 = `
donor|Control unit|analogue-in|throttle-position|TP 0.45V shut / 4.7V full;TPS2 4.5V closed
donor|Control unit|analogue-in|manifold-pressure|MAP 100 kPa 4.0V;Boost 2.5 bar abs sensor
donor|Control unit|resistive-in analogue-in|coolant-temperature|ECT 320 ohm at 80 C;Coolant 2.2k cold
donor|Control unit|resistive-in analogue-in|oil-temperature|Oil temp 10k NTC
donor|Control unit|lambda-in|oxygen|O2 B1 0.45V bias;LSU pump cell 82 ohm
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

export const SENTENCES_3 = `
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

export const BEHAVIOUR_3 = `
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

/** Four tables in the plain manner of the reference tables: 97.6 of a hundred right in kind, 97.2 in quantity at first sight. */
export const PLAIN_ECU = `
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
donor|ECU J1|serial|security-data|IMMO DATA;VATS SIG
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

export const PLAIN_BODY = `
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
host|Diagnostic connector|ground|ground|Chassis ground;signal ground
host|Engine bay bulkhead plug|supply-out|ignition-supply|Ignition feed to engine
host|Engine bay bulkhead plug|resistive-in|coolant-temperature|Temp gauge to sender
host|Engine bay bulkhead plug|load-in logic-in|oil-pressure-warning|Oil light
host|Engine bay bulkhead plug|load-in supply-out|charge-warning|Alternator light
host|Engine bay bulkhead plug|supply-out|start-supply starter-request|Starter solenoid
host|Engine bay bulkhead plug|frequency-in|engine-speed|Tacho
host|Engine bay bulkhead plug|supply-out load-in switch-out|reverse-lamp|Reverse light switch feed
`;

export const PLAIN_ECU_2 = `
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

export const PLAIN_BODY_2 = `
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

/** Each with how many of a hundred were right in kind and quantity at first sight, and how many have to be so since. */
export const TABLES: readonly (readonly [name: string, rows: string, atFirstSight: number, since: number])[] = [
  ["dotted abbreviations", DOTTED, 62, 94],
  ["early injection", EARLY_INJECTION, 74, 94],
  ["a forum's pinout", FORUM, 90, 97],
  ["a translated diagram", TRANSLATED, 89, 97],
  ["named terminals", NAMED_TERMINALS, 84, 91],
  ["a plain list", PLAIN, 90, 96],
  ["a body's modules", MODULES, 76, 88],
  ["workshop capitals and dials", WORKSHOP, 87, 97],
  ["spoken words", SPOKEN, 80, 96],
  ["old wiring by its parts", OLD_WIRING, 54, 78],
  ["channels and dotted words", CHANNELS, 88, 94],
  ["a manual's cavities", MANUAL, 89, 96],
  ["looms by where they lead", LOOMS, 90, 95],
  ["plugs of single parts", PLUGS, 85, 97],
  ["whole words in capitals", CAPITALS, 88, 96],
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
  ["a plain computer, short", PLAIN_ECU, 97, 99],
  ["a plain body", PLAIN_BODY, 97, 99],
  ["a plain computer, in words", PLAIN_ECU_2, 95, 96],
  ["a plain old car", PLAIN_BODY_2, 95, 99],
];
