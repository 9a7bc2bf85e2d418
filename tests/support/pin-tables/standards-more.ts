import type { HeldOutTable } from "./table";

/* The rest of the standards' names. */

/** Chassis and body circuits as SAE J2012 titles them. */
const CHASSIS = `
host|ABS control module|reluctor-in hall-in frequency-in|wheel-speed|Left Rear Wheel Speed Sensor Input;RF Wheel Speed Signal
host|ABS control module|low-side-out high-side-out motor-out supply-out|anti-lock|Right Front Inlet Valve;
  Left Rear ABS Outlet Valve Solenoid;ABS Pump Motor Control;Solenoid Relay Control;Left TCS Prime Valve
host|ABS control module|logic-in|brake-switch|Brake Pedal Switch;Stop Lamp Switch Signal
host|ABS control module|supply-in|battery-supply|Battery Feed, Pump Motor;Module Battery Supply
host|ABS control module|supply-in|ignition-supply|Ignition Feed;Switched Ignition Run
host|ABS control module|low-side-out|anti-lock|ABS Warning Lamp Control;ESC Telltale Output
host|ABS control module|low-side-out|brake-fluid handbrake|Red Brake Warning Lamp
host|ABS control module|analogue-in can serial|anti-lock other|Yaw Rate Sensor Signal;Lateral Accelerometer;Brake Pressure Sensor A;
  Steering Wheel Position Sensor
host|Body control module|logic-in|door|Driver Door Ajar Switch;Rear Hatch Ajar
host|Body control module|logic-in|lock|Passenger Door Lock Switch;Central Unlock Input
host|Body control module|high-side-out low-side-out motor-out supply-out|lock|Door Lock Actuator Driver Side;All Doors Unlock Output
host|Body control module|high-side-out supply-out|turn-signal|Left Front Turn Lamp Control;Right Rear Turn Signal Output
host|Body control module|high-side-out low-side-out supply-out|lighting|Low Beam Relay Control;High Beam Headlamp Output Left;
  Courtesy Lamp Control;Backup Battery Saver Interior Lamps;Park Lamp Output Right
host|Body control module|high-side-out supply-out|brake-switch lighting|Center High Mounted Stop Lamp;Left Stop Lamp Output
host|Body control module|high-side-out supply-out|reverse-lamp|Reverse Lamp Output
host|Body control module|low-side-out high-side-out|horn|Horn Relay Control
host|Body control module|logic-in|horn|Horn Switch Input
host|Body control module|low-side-out high-side-out motor-out|wiper|Wiper High/Low Relay;Front Wiper Motor Run Relay
host|Body control module|logic-in analogue-in|wiper|Wiper Park Position;Wiper Mode Select Switch
host|Body control module|low-side-out high-side-out motor-out|washer|Rear Washer Pump Motor;Washer Motor Output
host|Body control module|logic-in|other washer|Washer Fluid Level Switch
host|Body control module|low-side-out high-side-out motor-out|window|Driver Window Up;Window Regulator Down Output
host|Body control module|logic-in|window|Passenger Window Switch Up Input
host|Body control module|low-side-out high-side-out pwm-out|illumination|Instrument Panel Dimming Output;Interior Backlighting PWM
host|Body control module|analogue-in logic-in|illumination lighting|Dimmer Rheostat Signal;Ambient Light Sensor;
  Headlamp Switch Park Position
host|Body control module|resistive-in analogue-in|ambient-temperature|Outside Air Temperature Sensor Signal
host|Body control module|resistive-in analogue-in|other|In-Car Temperature Sensor;Evaporator Temperature Sensor;Sunload Sensor
host|Body control module|low-side-out high-side-out|demister|Rear Defogger Relay
host|Body control module|low-side-out high-side-out|seat-heater|Heated Seat Driver Output
host|Body control module|logic-in|handbrake|Park Brake Switch Signal
host|Body control module|logic-in|seat-belt|Driver Seatbelt Switch
host|Body control module|logic-in|brake-fluid|Brake Fluid Level Sensor
host|Body control module|logic-in|key-reader security-data other|Key In Ignition Switch
host|Body control module|serial|security-data key-reader|Immobilizer Transceiver Data;Security Code Signal
host|Body control module|low-side-out|security-lamp|Security Indicator Control
host|Body control module|lin|body-data|LIN Bus 1;Local Interconnect Network to Switch Panel
host|Body control module|can|body-data powertrain-data|Low Speed CAN Bus +;Medium Speed CAN Low;Body Bus High;CAN Bus B (-)
host|Body control module|low-side-out high-side-out motor-out|mirror|Left Mirror Vertical Motor;Mirror Fold Output
host|Climate control module|motor-out low-side-out high-side-out|heater-control|Left Temperature Door Actuator;Mode Door Motor;
  Recirculation Actuator Position Control
host|Climate control module|pwm-out low-side-out high-side-out|heater-blower|Blower Motor Speed Control;Blower Relay
host|Climate control module|low-side-out can serial high-side-out switch-out|ac-request|A/C Request Output
host|Climate control module|analogue-in logic-in|refrigerant-pressure|A/C High Side Pressure Sensor
`;

/** Wires of a car by what BS AU 7 says that each colour is for, at a plug of the main harness. */
const COLOUR_CODE = `
host|Main harness plug|supply-out supply-in|battery-supply|Main battery feed;Battery to ammeter or starter solenoid;
  Alternator main battery lead;Battery feed from starter solenoid to fuse box;Unfused battery supply to lighting switch
host|Main harness plug|load-in supply-out low-side-out logic-in|charge-warning|Alternator to no charge warning light;
  Dynamo D to control box D and no charge warning light;Charge warning lamp to alternator IND
host|Main harness plug|load-in supply-out pwm-out|alternator-field|Dynamo F to control box F;Alternator regulator field F
host|Main harness plug|supply-out load-in switch-out|lighting|Headlamp dip beam LH fused;Headlamp main beam, right hand;
  Dip switch to headlamp main beam;Side lamp left;Number plate illumination;Fog lamp switch to fog lamp;Headlamp relay to headlamp fuse;
  Tail lamp RH
host|Main harness plug|supply-out load-in logic-in|lighting|Main beam warning light;Headlamp flasher to headlamp relay
host|Main harness plug|supply-out load-in switch-out|illumination|Panel light switch to panel lights;Instrument illumination dimmed;
  Panel illumination
host|Main harness plug|supply-out supply-in|ignition-supply|Ignition controlled circuit, unfused;Fused ignition controlled auxiliary feed;
  Ignition switch to ballast resistor;Fuse box to instruments, ignition controlled;Ignition relay to fuse box;
  Ignition switch to coil, direct
host|Main harness plug|coil-out coil-in load-in low-side-out|ignition-coil|Coil CB to distributor contact breaker;
  Ignition coil negative to distributor points
host|Main harness plug|frequency-in frequency-out|engine-speed|Ignition coil or distributor to tachometer;Tachometer, coil contact
host|Main harness plug|supply-out load-in switch-out|start-supply starter-request starter-relay|Ignition switch to starter solenoid;
  Starter relay to solenoid;Starter inhibitor switch to starter solenoid
host|Main harness plug|supply-out load-in|fuel-pump|Fuel pump feed;Inertia switch to electric fuel pump
host|Main harness plug|load-in logic-in switch-out supply-out|oil-pressure-warning|Oil pressure switch to warning lamp
host|Main harness plug|resistive-in|oil-pressure|Oil pressure gauge to sender
host|Main harness plug|resistive-in|coolant-temperature|Water temperature gauge to transmitter;Temperature sender unit
host|Main harness plug|resistive-in resistive-out|fuel-level|Fuel gauge to fuel tank unit;Fuel tank sender
host|Main harness plug|supply-out load-in switch-out|turn-signal|Flasher unit to flasher switch;Left hand flasher lamps;
  Right-hand flasher lamps and repeater;Flasher warning light
host|Main harness plug|supply-out load-in switch-out|hazard turn-signal|Hazard switch to flasher unit
host|Main harness plug|supply-out load-in switch-out|brake-switch|Stop lamp switch to stop lamps;Brake light feed
host|Main harness plug|supply-out load-in switch-out|reverse-lamp|Reverse lamp switch to reverse lamps
host|Main harness plug|supply-out load-in switch-out|wiper|Wiper motor to switch, low speed;Wiper switch to wiper motor, high speed;
  Windscreen wiper park
host|Main harness plug|supply-out load-in switch-out|washer|Screen washer switch to motor
host|Main harness plug|supply-out load-in switch-out|heater-blower|Heater motor to switch slow;Blower motor fast
host|Main harness plug|supply-out load-in switch-out|horn|Horn relay to horn;Horn push to horn relay
host|Main harness plug|supply-out load-in switch-out|door lighting|Interior light to door switch;Courtesy light door switch
host|Main harness plug|supply-out load-in switch-out|lighting|Interior lamp feed, fused;Boot lamp;Glove box lamp
host|Main harness plug|supply-out load-in|audio accessory-supply|Radio feed from accessories;Radio supply
host|Main harness plug|supply-out load-in switch-out|window|Window lift switch to motor, up;Electric window motor down
host|Main harness plug|supply-out load-in switch-out|lock|Door lock motor, unlock;Central locking control to actuator
host|Main harness plug|supply-out load-in switch-out|demister|Heated rear window switch to element;Rear screen heater relay
host|Main harness plug|ground|ground|Earth connections;Earth to body;All earths
host|Main harness plug|load-in switch-out logic-in|handbrake brake-fluid|Handbrake switch to warning lamp;Brake failure warning lamp
host|Main harness plug|load-in switch-out logic-in|seat-belt|Seat belt warning lamp switch
host|Main harness plug|load-in switch-out logic-in|fuel-level|Low fuel warning lamp
host|Main harness plug|load-in switch-out logic-in supply-out|other|Choke switch to choke warning lamp;
  Cigar lighter illumination and feed;Clock feed
host|Main harness plug|supply-out load-in|cooling-fan|Radiator fan motor to thermal switch;Fan relay to cooling fan
host|Main harness plug|supply-out load-in switch-out low-side-out|idle-control other|Anti-run-on valve;Carburettor idle solenoid
host|Main harness plug|supply-out load-in|seat-heater|Heated seat element feed
host|Main harness plug|supply-out load-in|mirror|Door mirror motor, horizontal
host|Main harness plug|supply-out load-in high-side-out|trailer turn-signal|Trailer left indicator feed
host|Main harness plug|frequency-in frequency-out|vehicle-speed|Speed transducer to speedometer;Road speed sensor
`;

/** A boat's engine plug and panel by the circuits of ABYC E-11 and E-2, and by NMEA's and ISO 10133's words. */
const BOAT_CODE = `
donor|Engine harness 10-way|ground|ground|DC negative conductor;Return, DC main;Ground
donor|Engine harness 10-way|supply-in supply-out|battery-supply|DC positive main, unfused;Fused 12 V battery feed, engine harness;
  Battery + to key switch
donor|Engine harness 10-way|supply-in load-in|start-supply starter-request starter-relay|Starting circuit, switch to solenoid;Start;
  Starter solenoid from key
donor|Engine harness 10-way|supply-in|ignition-supply|Ignition, switch to coil and electrical instruments;Ignition run feed;
  Purple, switched 12V
donor|Engine harness 10-way|frequency-out|engine-speed|Tachometer;Tach signal to gauge;Alternator W terminal to tachometer
donor|Engine harness 10-way|resistive-out analogue-out|oil-pressure|Oil pressure sender to gauge;Oil pressure gauge
donor|Engine harness 10-way|resistive-out|coolant-temperature|Water temperature sender to gauge;Coolant temp gauge
donor|Engine harness 10-way|low-side-out load-in supply-out supply-in pwm-in|charge-warning alternator-field|Alternator to charge light;
  Alternator exciter
donor|Engine harness 10-way|switch-out|oil-pressure-warning|Low oil pressure alarm switch
donor|Engine harness 10-way|switch-out|coolant-temperature|High water temperature alarm switch;Overheat switch
donor|Engine harness 10-way|load-in supply-in low-side-out|other|Engine stop solenoid;Fuel shutdown solenoid
donor|Engine harness 10-way|load-in supply-in|glow-plug|Preheat solenoid;Glow plugs
host|Helm panel|switch-out supply-out|lighting|Navigation lights switch;Cabin lights;Anchor light;Compass light;Spreader lights
host|Helm panel|switch-out supply-out|other heater-blower|Bilge pump manual;Bilge blower
host|Helm panel|switch-out supply-out|horn|Horn button
host|Helm panel|switch-out supply-out|wiper|Windscreen wipers
host|Helm panel|switch-out supply-out|other|Trim up;Tilt down;Live-well pump;Fresh water pump switch;Trim tab port up
host|Helm panel|supply-in|accessory-supply battery-supply ignition-supply|Accessory feed, fused;Panel feed
host|Gauge cluster|resistive-in|fuel-level|Fuel gauge, sender to gauge;Tank sender
host|Gauge cluster|frequency-in|engine-speed|Tachometer input
host|Gauge cluster|resistive-in|coolant-temperature oil-pressure|Temperature sender lead;Oil sender lead
host|Gauge cluster|supply-in|ignition-supply|Instrument feed, switched
host|Gauge cluster|illumination supply-in load-in|illumination|Instrument lights;Gauge illumination
host|Gauge cluster|ground|ground|Instrument common ground;DC negative
host|Gauge cluster|can|powertrain-data body-data|NET-H;NET-L;NMEA 2000 bus high
host|Gauge cluster|load-in logic-in|other|Trim gauge warning;Low oil level alarm;Water in fuel alarm
host|Gauge cluster|resistive-in analogue-in|other|Trim position sender;Rudder angle sender;Fresh water tank level sender
`;

const CIRCUITS_2 = `
donor|PCM C1|low-side-out pwm-out|camshaft-phaser|Exhaust "B" Camshaft Profile Control Circuit;Rocker Arm Actuator Control Circuit Bank 1
donor|PCM C1|lambda-in|oxygen|O2 Sensor Negative Current Control Circuit Bank 2 Sensor 1;HO2S Circuit Bank 2 Sensor 3
donor|PCM C1|low-side-out pwm-out|oxygen-heater|HO2S Heater Resistance Bank 1 Sensor 2
donor|PCM C1|low-side-out pwm-out|boost-control|Turbocharger Boost Control Position Actuator;Supercharger Bypass Valve Control Circuit;
  Turbocharger/Supercharger Wastegate Solenoid "B"
donor|PCM C1|analogue-in|boost-control manifold-pressure|Turbocharger Boost Control "A" Position Sensor
donor|PCM C1|analogue-in|manifold-pressure|Turbocharger/Supercharger Boost Sensor B;Intake Manifold Absolute Pressure Sensor 2
donor|PCM C1|injector-out|injector|Injector Control Circuit "B";Cylinder 2 Injector "A" Circuit
donor|PCM C1|low-side-out pwm-out|fuel-pump|Fuel Pump "B" Control Circuit;Fuel Transfer Pump Control Circuit
donor|PCM C1|knock-in|knock|Knock Sensor 2 Circuit Bank 2
donor|PCM C1|low-side-out pwm-out|exhaust-recirculation|Exhaust Gas Recirculation Throttle Control Circuit;EGR Solenoid "B" Control
donor|PCM C1|analogue-in|exhaust-recirculation|Exhaust Gas Recirculation Sensor "B" Circuit;EGR Lift Sensor
donor|PCM C1|low-side-out|cooling-fan|Fan 3 Control Circuit
donor|PCM C1|reluctor-in hall-in frequency-in analogue-in|cooling-fan other|Fan Speed Sensor Circuit
donor|PCM C1|supply-out high-side-out supply-in|cooling-fan ignition-supply battery-supply relay-supply|Fan Power Supply Circuit
donor|PCM C1|resistive-in analogue-in|exhaust-temperature|Exhaust Gas Temperature Sensor Circuit Bank 2 Sensor 2;
  Catalyst Temperature Sensor Circuit
donor|PCM C1|logic-in|cruise-request|Cruise Control Multi-Function Input "B";Cruise Cancel Switch;Cruise Main Switch
donor|PCM C1|logic-in|brake-switch|Brake Switch A/B Input
donor|PCM C1|low-side-out pwm-out|alternator-field|Generator Control Circuit Low;Alternator Regulator Control
donor|PCM C1|reference-out|sensor-supply|Sensor Reference Voltage "C" Circuit;5 Volt Reference Bus 2
donor|PCM C1|low-side-out|main-relay|Power Relay Coil Control;PCM Main Relay Control Circuit
donor|PCM C1|supply-in|relay-supply|Main Relay Switched Supply
donor|PCM C1|motor-out|throttle-motor|Throttle Actuator Control Motor Circuit +;Electronic Throttle Motor Close
donor|PCM C1|analogue-in logic-in|gear-range|Transmission Range Sensor "A" Circuit;Shift Position Switch D
donor|PCM C1|low-side-out pwm-out|shift-solenoid|Shift Solenoid "E" Control Circuit High;Shift/Timing Solenoid
donor|PCM C1|low-side-out pwm-out|pressure-solenoid|Pressure Control Solenoid "C" Control Circuit;Line Pressure Solenoid
donor|PCM C1|low-side-out pwm-out|converter-clutch|Torque Converter Clutch Solenoid Circuit Electrical;TCC Enable Solenoid
donor|PCM C1|reluctor-in hall-in frequency-in|transmission-input-speed|Input/Turbine Speed Sensor "B"
donor|PCM C1|logic-in|shift-mode|Tow/Haul Switch;Sport Mode Switch Circuit;Overdrive Cancel Switch
donor|PCM C1|analogue-in|refrigerant-pressure|A/C Refrigerant Pressure Sensor "B"
donor|PCM C1|low-side-out|ac-clutch|A/C Compressor Clutch Relay "A" Control
donor|PCM C1|resistive-in analogue-in|other|Fuel Tank Temperature Sensor;Humidity Sensor Circuit;Evaporator Temperature Sensor Circuit
donor|PCM C1|analogue-in|other|Fuel Tank Pressure Sensor Circuit;Crankcase Pressure Sensor;Air Filter Restriction Sensor
donor|PCM C1|low-side-out pwm-out high-side-out|other|Engine Coolant Bypass Valve Control;Auxiliary Coolant Pump Relay;
  Active Grille Air Shutter;Crankcase Ventilation Heater
donor|PCM C1|can|powertrain-data|HS CAN Bus (+);Vehicle Communication Bus A
donor|PCM C1|logic-in|four-wheel-drive|4WD Low Switch Circuit;Transfer Case Neutral Switch
donor|PCM C1|low-side-out|starter-relay|Starter Relay Control Circuit "B"
donor|PCM C1|logic-in|power-steering-pressure|Power Steering Pressure Switch Circuit High
donor|PCM C1|serial|security-data|Immobilizer Communication;Theft Deterrent Data
`;

const CIRCUITS_3 = `
donor|ECM X1|low-side-out pwm-out|other|Cold Start Injector Air Valve;Intake Air Heater Relay Control;Fuel Heater Relay;
  Vacuum Pump Relay Control;Engine Mount Solenoid 2;Exhaust Flap Actuator Control Solenoid
donor|ECM X1|low-side-out pwm-out|boost-control|Charge Air Bypass Valve Solenoid;Turbo Vane Control Solenoid
donor|ECM X1|analogue-in|other|Exhaust Back Pressure Sensor;Differential Pressure Sensor DPF;Fuel Filter Pressure Sensor;NOx Sensor Signal
donor|ECM X1|analogue-in|fuel-pressure|High Pressure Fuel Sensor;Low Side Fuel Pressure Sensor;Rail Pressure Sensor Signal 2
donor|ECM X1|resistive-in analogue-in|intake-air-temperature|Charge Air Temperature Sensor Signal;Intake Manifold Temperature;
  Mass Air Flow Sensor Air Temperature
donor|ECM X1|resistive-in analogue-in|exhaust-temperature|Turbine Inlet Temperature;Exhaust Temperature Before DPF
donor|ECM X1|resistive-in analogue-in|coolant-temperature|Coolant Temperature at Radiator Outlet;Engine Temperature Sensor 2
donor|ECM X1|logic-in|other|Coolant Level Switch;Oil Level Switch;Torque Limit Switch
donor|ECM X1|logic-in|cruise-request|Cruise On/Off Switch;Set/Decel Switch;Resume/Accel Switch
donor|ECM X1|logic-in|handbrake door|Parking Brake Switch Input;Hood Switch
donor|ECM X1|logic-in|four-wheel-drive|Transfer Case Low Range Switch
donor|ECM X1|frequency-in|vehicle-speed|Vehicle Speed Signal from Cluster;Speed Signal (from ABS)
donor|ECM X1|frequency-out|vehicle-speed|Vehicle Speed Signal Output to Radio
donor|ECM X1|pwm-out low-side-out high-side-out|fuel-pump|Fuel Pump Control Module Command;Fuel Pump PWM
donor|ECM X1|logic-in pwm-in|fuel-pump|Fuel Pump Control Module Feedback;Fuel Pump Diagnostic Signal
donor|ECM X1|low-side-out|glow-plug|Glow Plug Indicator Lamp;Glow Plug Relay Control
donor|ECM X1|low-side-out|starter-relay|Crank Relay Control;Starter Solenoid Relay Ground
donor|ECM X1|low-side-out|cooling-fan|Radiator Fan Relay No. 1 Control
donor|ECM X1|pwm-out low-side-out|cooling-fan|Fan Control Module PWM Signal
donor|ECM X1|motor-out|throttle-motor|Throttle Control Motor -;TAC Motor 1
donor|ECM X1|analogue-in|throttle-position|TP Sensor 2 Signal;Throttle Valve Potentiometer
donor|ECM X1|ground|sensor-ground|TP Sensor Low Reference;ECT Sensor Return;Pedal Sensor 1 Ground;MAP Sensor Ground
donor|ECM X1|reference-out|sensor-supply|TP Sensor 5V Reference;Pedal Sensor 2 Supply;MAP Sensor 5 Volt Supply
donor|ECM X1|lambda-in|oxygen|O2 Sensor B2S2 High Signal;A/F Sensor 1 (+);HO2S Low Signal Bank 1 Sensor 1
donor|ECM X1|coil-out|ignition-coil|Ignition Coil 7 Control;IC Control Cylinder 3;Spark Command A
donor|ECM X1|logic-in|ignition-coil|Ignition Confirmation Signal
donor|ECM X1|injector-out|injector|Fuel Injector 2 Control;Direct Injector 5 High Side;Injector Common Bank 1
donor|ECM X1|low-side-out pwm-out|camshaft-phaser|CMP Actuator Solenoid Exhaust Control;Variable Cam Timing Solenoid 2
donor|ECM X1|knock-in|knock|Knock Sensor 1 Signal;Knock Sensor 2 Low
donor|ECM X1|can|powertrain-data|CAN-C Bus Low
donor|ECM X1|serial lin|alternator-field body-data|Alternator LIN;Generator Serial Data
`;

const COLOUR_CODE_2 = `
host|Body loom plug|supply-out supply-in|battery-supply|Battery to fuse box;Fusible link output to body
host|Body loom plug|supply-out|ignition-supply|Fuse to instruments and warning lamps;Ignition switch to fuse 5
host|Body loom plug|supply-out load-in switch-out|lighting|Light switch to side lamps;Rear fog switch to rear fog lamps;
  Dipped beam fuse to left lamp;Daytime running lamps
host|Body loom plug|supply-out load-in switch-out|turn-signal|Direction indicator switch to front left lamp;Flasher to hazard switch
host|Body loom plug|supply-out load-in switch-out|brake-switch|Stop lamp switch to rear lamps
host|Body loom plug|supply-out load-in switch-out|reverse-lamp|Gearbox reverse switch to lamps
host|Body loom plug|supply-out load-in switch-out|wiper|Delay unit to wiper motor;Rear wiper switch to motor
host|Body loom plug|supply-out load-in switch-out|washer|Rear washer pump feed
host|Body loom plug|supply-out load-in switch-out|window|Window switch to driver's motor
host|Body loom plug|supply-out load-in switch-out|lock|Locking relay to door motors
host|Body loom plug|supply-out load-in switch-out|horn|Horn button earth
host|Body loom plug|supply-out load-in switch-out|heater-blower|Blower switch to resistor
host|Body loom plug|supply-out load-in switch-out|demister|Heated screen timer to element
host|Body loom plug|resistive-in resistive-out|fuel-level|Tank unit to gauge
host|Body loom plug|resistive-in|coolant-temperature|Temperature transmitter to gauge
host|Body loom plug|load-in switch-out logic-in|oil-pressure-warning|Oil lamp to switch
host|Body loom plug|load-in switch-out logic-in|brake-fluid|Brake fluid level switch to lamp
host|Body loom plug|load-in switch-out logic-in|handbrake|Handbrake lamp
host|Body loom plug|load-in supply-out low-side-out logic-in|charge-warning|Ignition warning light to alternator
host|Body loom plug|frequency-in|engine-speed|Coil to tachometer
host|Body loom plug|ground|ground|Earth for rear lamps;Door earth
host|Body loom plug|supply-out load-in switch-out|audio|Radio memory;Speaker, left door
host|Body loom plug|supply-out load-in switch-out|cooling-fan|Fan switch to fan relay
host|Body loom plug|supply-out load-in switch-out|start-supply starter-request starter-relay|Ignition switch start position to relay;
  Inhibitor to starter relay
host|Body loom plug|supply-out load-in|seat-heater mirror|Seat heater, passenger;Heated mirror, left
host|Body loom plug|supply-out load-in switch-out|door lighting|Door switch to courtesy lamp
host|Body loom plug|supply-out load-in|fuel-pump|Pump relay to fuel pump
`;

/** Each with how many of a hundred were right in kind and quantity at first sight, and how many have to be so since. */
export const STANDARDS_MORE: readonly HeldOutTable[] = [
  ["circuits of a body's faults", CHASSIS, 84, 96],
  ["wires by a colour code", COLOUR_CODE, 77, 95],
  ["a boat's engine and panel", BOAT_CODE, 57, 73],
  ["circuits of an engine's faults, more", CIRCUITS_2, 81, 91],
  ["circuits of an engine's faults, once more", CIRCUITS_3, 81, 94],
  ["wires by a colour code, more", COLOUR_CODE_2, 82, 81],
];
