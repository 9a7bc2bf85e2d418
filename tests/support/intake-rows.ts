/**
 * Rows of several hands and styles with the readings that are right, as `connector | cavity | description | kinds |
 * quantities`.
 * Kinds and quantities are alternatives; `?` means that nothing can be told. Written for the tests of
 * core/intake/classify.ts.
 */
const DONOR = `
ECU A|1|Permanent live 12 V|supply-in|battery-supply
ECU A|2|Ignition live|supply-in|ignition-supply
ECU A|3|Main relay supply|supply-in|relay-supply
ECU A|4|Power earth|ground|ground
ECU A|5|Sensor earth|ground|sensor-ground
ECU A|6|Engine speed output to rev counter|frequency-out|engine-speed
ECU A|7|Crankshaft sensor signal|reluctor-in hall-in|crankshaft-position
ECU A|8|Crankshaft sensor screen|shield ground|crankshaft-position ground sensor-ground
ECU A|9|Camshaft position sensor, inlet|hall-in reluctor-in frequency-in|camshaft-position
ECU A|10|Coolant temperature sensor|resistive-in analogue-in|coolant-temperature
ECU A|11|Inlet air temperature|resistive-in analogue-in|intake-air-temperature
ECU A|12|Throttle position 1|analogue-in|throttle-position
ECU A|13|Throttle position sensor 5 V|reference-out|sensor-supply
ECU A|14|Throttle motor +|motor-out|throttle-motor
ECU A|15|Accelerator pedal track 2|analogue-in|accelerator-position
ECU A|16|Accelerator pedal earth 1|ground|sensor-ground
ECU A|17|Injector cylinder 3|injector-out|injector
ECU A|18|Ignition coil cyl 2|coil-out|ignition-coil
ECU A|19|Knock sensor|knock-in|knock
ECU A|20|Lambda sensor pre-cat signal|lambda-in|oxygen
ECU A|21|Lambda heater post-cat|low-side-out pwm-out|oxygen-heater
ECU A|22|Inlet camshaft timing valve|low-side-out pwm-out|camshaft-phaser
ECU A|23|Canister purge valve|low-side-out pwm-out|purge-valve
ECU A|24|Fuel pump relay|low-side-out high-side-out|fuel-pump
ECU A|25|Cooling fan relay, high speed|low-side-out high-side-out|cooling-fan-high
ECU A|26|Cooling fan relay, low speed|low-side-out high-side-out|cooling-fan
ECU A|27|Air conditioning request|logic-in|ac-request
ECU A|28|A/C clutch relay|low-side-out high-side-out|ac-clutch
ECU A|29|Brake light switch|logic-in|brake-switch
ECU A|30|Clutch pedal switch|logic-in|clutch-switch
ECU A|31|Engine warning lamp|low-side-out|malfunction-lamp
ECU A|32|CAN low|can|powertrain-data
ECU A|33|K line diagnosis|serial|diagnostic-data
ECU A|34|Immobiliser serial line|serial|security-data
ECU A|35|Vehicle speed input|frequency-in|vehicle-speed
ECU A|36|Alternator field control|pwm-out low-side-out|alternator-field
ECU A|37|Start request from key|logic-in|starter-request
ECU A|38|Starter relay control|low-side-out high-side-out|starter-relay
ECU A|39|Air mass meter signal|analogue-in frequency-in|mass-air-flow
ECU A|40|Variable intake runner solenoid|low-side-out pwm-out|intake-runner
ECU A|41|EGR valve|low-side-out pwm-out motor-out|exhaust-recirculation
ECU A|42|Turbo wastegate solenoid|low-side-out pwm-out|boost-control
ECU A|43|Power steering pressure switch|logic-in|power-steering-pressure
ECU A|44|Not connected|spare|
ECU A|45|Refrigerant pressure sensor|analogue-in|refrigerant-pressure
ECU A|46|Fuel rail pressure|analogue-in|fuel-pressure
ECU A|47|Main relay control|low-side-out|main-relay
ECU A|48|Cruise control switch|logic-in analogue-in resistive-in|cruise-request
ECU A|49|Park/neutral position|logic-in|park-neutral
ECU A|50|Oil pressure switch|logic-in|oil-pressure-warning
PCM C1|1|IGN 1 FEED|supply-in|ignition-supply
PCM C1|2|B+|supply-in|battery-supply
PCM C1|3|HOT AT ALL TIMES|supply-in|battery-supply
PCM C1|4|PWR GND|ground|ground
PCM C1|5|ECT SIG|resistive-in analogue-in|coolant-temperature
PCM C1|6|IAT SIG|resistive-in analogue-in|intake-air-temperature
PCM C1|7|ECT/IAT SNSR RTN|ground|sensor-ground
PCM C1|8|MAP SIG|analogue-in|manifold-pressure
PCM C1|9|CKP HI|reluctor-in hall-in|crankshaft-position
PCM C1|10|CMP SIG|hall-in reluctor-in frequency-in|camshaft-position
PCM C1|11|APP1 5V REF|reference-out|sensor-supply
PCM C1|12|APP1 LOW REF|ground|sensor-ground
PCM C1|13|APP2 SIG|analogue-in|accelerator-position
PCM C1|14|TAC MTR CTRL 1|motor-out|throttle-motor
PCM C1|15|INJ #4 CTRL|injector-out|injector
PCM C1|16|COIL 3 CTRL|coil-out|ignition-coil
PCM C1|17|HO2S B1S2 HTR LO|low-side-out pwm-out|oxygen-heater
PCM C1|18|HO2S B1S1 SIG HI|lambda-in|oxygen
PCM C1|19|EVAP PURGE SOL CTRL|low-side-out pwm-out|purge-valve
PCM C1|20|FP RLY CTRL|low-side-out high-side-out|fuel-pump
PCM C1|21|MIL CTRL|low-side-out|malfunction-lamp
PCM C1|22|TACH OUT|frequency-out|engine-speed
PCM C1|23|VSS HI|frequency-in reluctor-in|vehicle-speed
PCM C1|24|KS1 SIG|knock-in|knock
PCM C1|25|CAN H|can|powertrain-data
PCM C1|26|A/C REQ|logic-in|ac-request
PCM C1|27|TCC BRK SW|logic-in|brake-switch
PCM C1|28|STRTR RLY CTRL|low-side-out high-side-out|starter-relay
PCM C1|29|PNP SW|logic-in|park-neutral
PCM C1|30|GEN F TERM|pwm-in logic-in frequency-in pwm-out low-side-out|alternator-field
PCM C1|31|GEN L TERM|low-side-out high-side-out pwm-out|charge-warning
PCM C1|32|FUEL LVL SIG|resistive-in analogue-in|fuel-level
PCM C1|33|BARO SNSR|analogue-in|manifold-pressure other
PCM C1|34|FAN 2 RLY CTRL|low-side-out high-side-out|cooling-fan-high cooling-fan
PCM C1|35|EOP SIG|analogue-in resistive-in|oil-pressure
PCM C1|36|IAC COIL A HI|motor-out|idle-control
PCM C1|37|CRUISE ACTIVE LAMP|low-side-out|cruise-active
PCM C1|38|N/C|spare|
PCM C1|39|SEE NOTE 4|?|
PCM C1|40|RUN/CRANK|supply-in|ignition-supply
TCM|1|SHIFT SOL A|low-side-out high-side-out pwm-out|shift-solenoid
TCM|2|SS2|low-side-out high-side-out pwm-out|shift-solenoid
TCM|3|TCC SOL PWM|low-side-out high-side-out pwm-out|converter-clutch
TCM|4|LINE PRESS SOL|low-side-out high-side-out pwm-out|pressure-solenoid
TCM|5|TFT SIG|resistive-in analogue-in|transmission-temperature
TCM|6|TURBINE SPD SNSR|reluctor-in hall-in frequency-in|transmission-input-speed
TCM|7|OUTPUT SPEED SENSOR +|reluctor-in hall-in frequency-in|transmission-output-speed
TCM|8|RANGE SW A|logic-in|gear-range
TCM|9|REV LAMP RLY|low-side-out high-side-out|reverse-lamp
TCM|10|WINTER MODE SW|logic-in|shift-mode
TCM|11|Brake switch|logic-in|brake-switch
TCM|12|CAN +|can|powertrain-data
TCM|13|Lock-up clutch solenoid|low-side-out high-side-out pwm-out|converter-clutch
TCM|14|Gear position D indicator|low-side-out high-side-out logic-in|gear-display gear-range
TCM|15|Kickdown switch|logic-in|shift-mode
TCM|16|ATF temperature sensor|resistive-in analogue-in|transmission-temperature
Coolant sensor|1|signal|resistive-out|coolant-temperature
Coolant sensor|2|earth|ground|sensor-ground ground
MAP sensor|1|5 V supply|reference-in|sensor-supply
MAP sensor|2|signal|analogue-out|manifold-pressure
MAP sensor|3|0 V|ground|sensor-ground
Injector 2|1|feed|supply-in|ignition-supply relay-supply battery-supply
Injector 2|2|control|injector-in|injector
Coil 1|1|12 V feed|supply-in|ignition-supply relay-supply battery-supply
Coil 1|2|trigger|coil-in|ignition-coil
Crank sensor|1|signal +|reluctor-out hall-out|crankshaft-position
Knock sensor 1|1|signal|knock-out|knock
Throttle body|1|motor A|motor-in|throttle-motor
Throttle body|2|position 1|analogue-out|throttle-position
Throttle body|3|sensor ground|ground|sensor-ground
Accelerator pedal|1|5 V track 1|reference-in|sensor-supply
Accelerator pedal|2|signal track 1|analogue-out|accelerator-position
Oil pressure switch|1|switch to earth|switch-out|oil-pressure-warning
Lambda probe|1|heater -|load-in|oxygen-heater
Lambda probe|2|sensor signal|lambda-out|oxygen
Alternator|B+|output to battery|supply-out|battery-supply
Alternator|D+|charge lamp|low-side-out load-in switch-out|charge-warning
Starter|30|battery cable|supply-in|battery-supply
Starter|50|solenoid|load-in|starter-relay starter-request start-supply
Purge valve|2|control|load-in|purge-valve
Gearbox|3|shift solenoid B|load-in|shift-solenoid
Gearbox|4|fluid temperature|resistive-out|transmission-temperature
Gearbox|5|range switch contact A|switch-out|gear-range
Range switch|6|reversing lamp contact|switch-out|reverse-lamp
Security module|1|battery|supply-in|battery-supply
Security module|2|data to engine computer|serial|security-data
Security module|3|key reader coil|serial|key-reader
Security module|4|security lamp|low-side-out|security-lamp
Diagnostic socket|7|K-line|serial|diagnostic-data
Diagnostic socket|6|CAN high|can|powertrain-data diagnostic-data
Diagnostic socket|4|chassis ground|ground|ground
Diagnostic socket|16|permanent live|supply-out supply-in|battery-supply
Engine earth|1|engine block|ground|ground
ECM X1|1|ENG COOLANT TEMP SENSOR SIGNAL|resistive-in analogue-in|coolant-temperature
ECM X1|2|CRANKSHAFT POS SNSR LO|reluctor-in hall-in|crankshaft-position
ECM X1|3|CMP SNSR 12V REF|reference-out supply-out|sensor-supply
ECM X1|4|HO2S HTR LOW CTRL B1 S2|low-side-out pwm-out|oxygen-heater
ECM X1|5|IDLE AIR CONTROL COIL B LOW|motor-out|idle-control
ECM X1|6|A/C COMPRESSOR CLUTCH RELAY CONTROL|low-side-out high-side-out|ac-clutch
ECM X1|7|STARTER ENABLE RELAY CONTROL|low-side-out high-side-out|starter-relay
ECM X1|8|CRANK REQUEST SIGNAL|logic-in|starter-request
ECM X1|9|A/C REFRIG PRESS LOW REF|ground|sensor-ground
ECM X1|10|CMP ACTUATOR SOL|low-side-out pwm-out|camshaft-phaser
ECM X1|11|WAIT TO START LAMP|low-side-out|glow-plug
ECM X1|12|REVERSE INHIBIT SOL|low-side-out high-side-out|reverse-lockout
ECM X1|13|THROTTLE ACTUATOR CONTROL OPEN|motor-out|throttle-motor
ECM X1|14|RESERVED|spare|
ECM X1|15|-|spare|
ECM X1|16|N/C|spare|
ECM X1|17b|B1S2 HTR CTRL|low-side-out pwm-out|oxygen-heater
O2 sensor bank 1|1|heater control|load-in|oxygen-heater
Neutral safety switch|2|reverse|switch-out|reverse-lamp
Immobiliser unit|3|coil 1|serial|key-reader
Immobiliser unit|4|W line|serial|security-data diagnostic-data
Transmission solenoid pack|1|sol A|load-in|shift-solenoid
Crankshaft sensor|5|+|reluctor-out hall-out|crankshaft-position
ECM X1|17|IGN 1 VOLTAGE|supply-in|ignition-supply
ECM X1|18|POWERTRAIN RELAY VOLTAGE|supply-in|relay-supply
ECM X1|19|4WD LOW SIGNAL|logic-in|four-wheel-drive
ECM X1|20|CRUISE SET/COAST|logic-in|cruise-request
Engine ECU|1|brake switch NC|logic-in|brake-switch
Engine ECU|2|crank sensor -|reluctor-in hall-in|crankshaft-position
Engine ECU|3|throttle pot|analogue-in|throttle-position
Engine ECU|4|EGR position|analogue-in|exhaust-recirculation
Engine ECU|5|start inhibit relay|low-side-out high-side-out|starter-relay
Engine ECU|6|PAS pressure switch|logic-in|power-steering-pressure
Engine ECU|7|main relay drive|low-side-out|main-relay
Engine ECU|8|ISCV|pwm-out motor-out low-side-out|idle-control
TCU|1|oil temp sensor|resistive-in analogue-in|transmission-temperature
TCU|2|solenoid valve 3|low-side-out high-side-out pwm-out|shift-solenoid
TCU|3|manual up switch|logic-in|shift-mode
TCU|4|pressure regulator solenoid|low-side-out high-side-out pwm-out|pressure-solenoid
TCU|5|speedometer output|frequency-out|vehicle-speed
Vehicle speed sensor|2|12 V|supply-in|ignition-supply
Mass air flow sensor|4|IAT|resistive-out|intake-air-temperature
Starter motor|1|S terminal|load-in|starter-relay starter-request start-supply
Alternator 2|W|W|frequency-out|engine-speed
`;
const HOST = `
Ignition switch|30|battery feed|supply-in|battery-supply
Ignition switch|15|ignition|supply-out switch-out|ignition-supply
Ignition switch|50|start|supply-out switch-out|start-supply starter-request
Ignition switch|ACC|accessory|supply-out switch-out|accessory-supply
Fuse box|1|F1 permanent live|supply-out|battery-supply
Fuse box|2|F2 ignition live|supply-out|ignition-supply
Fuse box|3|F3 accessory|supply-out|accessory-supply
Fuse box|4|main feed from battery|supply-in|battery-supply
Fuse box|5|F5 headlamp dip left|supply-out|lighting
Fuse box|6|F7 wipers|supply-out|wiper
Fuse box|7|F8 horn|supply-out|horn
Fuse box|8|F9 fuel pump|supply-out|fuel-pump
Instruments|1|rev counter|frequency-in|engine-speed
Instruments|2|temperature gauge|resistive-in analogue-in|coolant-temperature
Instruments|3|fuel gauge|resistive-in analogue-in|fuel-level
Instruments|4|oil pressure warning light|load-in logic-in|oil-pressure-warning
Instruments|5|ignition warning light|load-in logic-in|charge-warning
Instruments|6|main beam warning light|load-in logic-in|lighting
Instruments|7|direction indicator warning light left|load-in logic-in|turn-signal
Instruments|8|panel lights|load-in supply-in pwm-in|illumination
Instruments|9|handbrake warning light|load-in logic-in|handbrake
Instruments|10|brake fluid warning|load-in logic-in|brake-fluid
Instruments|11|earth|ground|ground
Instruments|12|ignition feed|supply-in|ignition-supply
Instruments|13|speedometer|frequency-in|vehicle-speed
Instruments|14|engine management light|load-in logic-in|malfunction-lamp
Instruments|15|terminal 15|supply-in|ignition-supply
Instruments|16|KL 31|ground|ground
Instruments|17|Kl. 58 illumination|load-in supply-in pwm-in|illumination
Instruments|18|oil pressure gauge|resistive-in analogue-in|oil-pressure
Fuel tank sender|1|level sender|resistive-out|fuel-level
Temperature sender|1|water temperature|resistive-out|coolant-temperature
Brake light switch|1|feed|supply-in|ignition-supply battery-supply brake-switch lighting
Brake light switch|2|to brake lights|switch-out supply-out high-side-out|brake-switch lighting
Reverse light switch|1|to reverse lights|switch-out supply-out|reverse-lamp
Reversing lamp|1|feed|load-in supply-in|reverse-lamp lighting
Headlamp left|1|dip beam|load-in|lighting
Headlamp left|2|main beam|load-in|lighting
Headlamp left|3|earth|ground|ground
Front indicator left|1|feed|load-in|turn-signal
Horn|1|feed|load-in|horn
Fuel pump|1|positive|load-in supply-in motor-in|fuel-pump
Fuel pump|2|earth|ground|ground
Wiper motor|53|slow speed|load-in motor-in supply-in|wiper
Wiper switch|53e|park return|switch-out|wiper
Heater blower|1|feed low speed|load-in motor-in supply-in|heater-blower
Cooling fan|1|supply|load-in supply-in motor-in|cooling-fan
Door switch|1|courtesy light|switch-out|door lighting
Hazard switch|1|output left|switch-out|hazard turn-signal
Battery|+|positive|supply-out|battery-supply
Battery|-|negative|ground|ground
Chassis earth|1|body ground|ground|ground
Charging lamp relay|87|output|supply-out switch-out|charge-warning relay-supply
Starter relay|86|coil from key|load-in|starter-relay starter-request
Starter relay|30|battery|supply-in|battery-supply
Starter relay|87|to starter solenoid|supply-out|starter-relay
BCM|1|headlight switch input|logic-in|lighting
BCM|2|left turn output|high-side-out|turn-signal
BCM|3|wiper motor relay|low-side-out high-side-out|wiper
BCM|4|horn relay control|low-side-out high-side-out|horn
BCM|5|driver's door lock motor|high-side-out motor-out|lock
BCM|6|CAN body high|can|body-data
BCM|7|ignition sense|supply-in logic-in|ignition-supply
BCM|8|rear demister relay|low-side-out high-side-out|demister
BCM|9|fuel level input|resistive-in analogue-in|fuel-level
BCM|10|ambient temperature sensor|resistive-in analogue-in|ambient-temperature
BCM|11|brake fluid level switch|logic-in|brake-fluid
BCM|12|airbag lamp|low-side-out high-side-out logic-in|airbag
BCM|13|seat belt switch|logic-in|seat-belt
Radio|1|permanent feed|supply-in|battery-supply
Radio|2|aerial feed|supply-out supply-in high-side-out|aerial
Clutch switch|1|closed with pedal down|switch-out|clutch-switch
Bulkhead plug|1|ignition feed to engine bay|supply-out|ignition-supply
Bulkhead plug|2|temperature gauge wire|resistive-in analogue-in|coolant-temperature
Bulkhead plug|3|oil light|load-in logic-in|oil-pressure-warning
Bulkhead plug|4|starter solenoid wire|supply-out switch-out|start-supply starter-relay starter-request
Bulkhead plug|5|rev counter wire from coil|frequency-in|engine-speed
Heated seat switch|1|output|switch-out|seat-heater
Air con switch|1|request|switch-out|ac-request
Instrument cluster|1|58|load-in supply-in pwm-in|illumination
Instrument cluster|2|61|load-in logic-in|charge-warning
Instrument cluster|3|low fuel light|load-in logic-in|fuel-level
Instrument cluster|4|gear position display|load-in logic-in|gear-display
Instrument cluster|5|dimmer|load-in supply-in pwm-in analogue-in|illumination
Instrument cluster|6|glow plug lamp|load-in logic-in|glow-plug
Key barrel|1|B|supply-in|battery-supply
Key barrel|2|IGN2|supply-out switch-out|ignition-supply
Body computer|1|brake lamp left|high-side-out supply-out|brake-switch lighting
Body computer|2|LIN window|lin|window body-data
Body computer|3|boot switch|logic-in|door
Body computer|4|crank signal out|low-side-out high-side-out switch-out|starter-request
Body computer|5|outside temperature|resistive-in analogue-in|ambient-temperature
Radiator fan|3|+|load-in supply-in motor-in|cooling-fan
A/C compressor|1|clutch|load-in|ac-clutch
Fuse block|3|F5 ignition coils|supply-out|ignition-coil
Fuse block|4|main supply in|supply-in|battery-supply
Wiper motor|53a|53a|load-in supply-in|wiper
Central electrics|1|Kl. 56a left|supply-out high-side-out|lighting
Central electrics|2|Kl. 75|supply-out|accessory-supply
ABS module|2|pump relay feed|supply-in high-side-out low-side-out|anti-lock
Speedo head|1|pulse input|frequency-in|vehicle-speed
Rev counter|2|12v|supply-in|ignition-supply
Rev counter|3|coil neg|frequency-in|engine-speed
Fuse block|1|relay coil fuel pump|load-in|fuel-pump
Fuse block|2|output fuse 4 run/crank|supply-out|ignition-supply
Column stalks|1|left indicators|switch-out|turn-signal
Joint 9|3|unidentified|?|
Joint 9|4|goes to rear?|?|
`;

export interface Case {
  readonly side: "donor" | "host";
  readonly connector: string;
  readonly cavity: string;
  readonly description: string;
  readonly kinds: readonly string[];
  readonly quantities: readonly string[];
  readonly unknown: boolean;
}

const parse = (side: "donor" | "host", text: string): Case[] =>
  text
    .trim()
    .split("\n")
    .map((line) => {
      const [connector = "", cavity = "", description = "", kinds = "", quantities = ""] = line.split("|");
      return {
        side,
        connector,
        cavity,
        description,
        kinds: kinds.split(" "),
        quantities: quantities.split(" "),
        unknown: kinds === "?",
      };
    });

export const CASES: readonly Case[] = [...parse("donor", DONOR), ...parse("host", HOST)];
