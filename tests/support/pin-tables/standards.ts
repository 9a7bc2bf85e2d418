import type { HeldOutTable } from "./table";

/* Cavities by the names that standards give them: another hand's words, with what they are written down before they were read. */

/** Circuits as SAE J2012 (ISO 15031-6) titles them, without what it says of the fault. */
const CIRCUITS = `
donor|ECM|pwm-out low-side-out|camshaft-phaser|"A" Camshaft Position Actuator Circuit (Bank 1);
  Intake Camshaft Position Actuator Solenoid Circuit Bank 2;Camshaft Position "B" Actuator Control;
  Exhaust Valve Control Solenoid Circuit (Bank 1)
donor|ECM|low-side-out pwm-out high-side-out|oxygen-heater|HO2S Heater Control Circuit (Bank 1 Sensor 1);
  O2 Sensor Heater Circuit Bank 2 Sensor 2;A/F Sensor Heater Control Circuit Bank 1 Sensor 1;HO2S Heater Circuit High B1S2
donor|ECM|low-side-out pwm-out|boost-control|Turbocharger Bypass Valve Control Circuit;Turbocharger Wastegate Solenoid A;
  Turbocharger/Supercharger Boost Control Solenoid;Supercharger Bypass Valve;Turbocharger Boost Control "A" Circuit
donor|ECM|resistive-in analogue-in|ambient-temperature|Ambient Air Temperature Sensor Circuit
donor|ECM|resistive-in analogue-in|intake-air-temperature|Intake Air Temperature Sensor 1 Circuit;
  Intake Air Temperature Sensor 2 Circuit Bank 1;Charge Air Cooler Temperature Sensor;Manifold Air Temperature
donor|ECM|resistive-in analogue-in|coolant-temperature|Engine Coolant Temperature Circuit;Engine Coolant Temperature Sensor 1 Circuit;
  Cylinder Head Temperature Sensor;Radiator Coolant Temperature Sensor
donor|ECM|resistive-in analogue-in|oil-temperature|Engine Oil Temperature Sensor
donor|ECM|resistive-in analogue-in|other|Fuel Temperature Sensor A;Fuel Rail Temperature Sensor Circuit;
  Engine Fuel Temperature Sensor 1 Circuit
donor|ECM|frequency-in analogue-in|mass-air-flow|Mass or Volume Air Flow Circuit;Mass Air Flow "A" Circuit;Volume Air Flow "A" Circuit
donor|ECM|analogue-in frequency-in|manifold-pressure|Manifold Absolute Pressure/Barometric Pressure Circuit;Barometric Pressure Circuit;
  Turbocharger/Supercharger Boost Sensor "A" Circuit;Manifold Absolute Pressure Circuit
donor|ECM|analogue-in|throttle-position accelerator-position|Throttle/Pedal Position Sensor/Switch "A" Circuit;
  Throttle/Pedal Position Sensor/Switch C
donor|ECM|analogue-in|throttle-position|Throttle Position Sensor 2;Throttle Position Sensor "A" Circuit
donor|ECM|lambda-in|oxygen|O2 Sensor Circuit (Bank 1 Sensor 1);O2 Sensor Signal Circuit Bank 2 Sensor 1;
  O2 Sensor Positive Current Control Circuit Bank 1 Sensor 1;O2 Sensor Pumping Current Trim Circuit;
  O2 Sensor Reference Ground Circuit Bank 1;O2 Sensor Reference Voltage Circuit Bank 1 Sensor 1
donor|ECM|frequency-in analogue-in|other|Fuel Composition Sensor Circuit;Flex Fuel Sensor Circuit;Ethanol Composition Sensor;
  Water in Fuel Sensor Circuit
donor|ECM|analogue-in|fuel-pressure|Fuel Rail Pressure Sensor Circuit;Fuel Pressure Sensor "A" Circuit;Fuel Rail Pressure Sensor "B"
donor|ECM|pwm-out low-side-out high-side-out|fuel-pressure other|Fuel Pressure Regulator 1 Control Circuit;
  Fuel Volume Regulator Control Circuit;Fuel Metering Valve Control
donor|ECM|injector-out|injector|Injector Circuit/Open - Cylinder 1;Cylinder 8 Injector Circuit;Cold Start Injector 1;
  Injector Control Cylinder 5;Cylinder 3 Injector "B" Circuit
donor|ECM|low-side-out pwm-out high-side-out|fuel-pump|Fuel Pump Primary Circuit;Fuel Pump "A" Control Circuit;Fuel Pump Relay Control;
  Fuel Pump Module Control Circuit
donor|ECM|knock-in|knock|Knock Sensor 1 Circuit (Bank 1 or Single Sensor);Knock/Combustion Vibration Sensor 2
donor|ECM|reluctor-in hall-in frequency-in|crankshaft-position engine-speed|Ignition/Distributor Engine Speed Input Circuit;
  Crankshaft Position Sensor "A" Circuit;Crankshaft Position Sensor B;Timing Reference High Resolution Signal A
donor|ECM|reluctor-in hall-in frequency-in|camshaft-position|Camshaft Position Sensor Circuit;
  Camshaft Position Sensor "A" Bank 1 or Single Sensor;Cylinder Identification Sensor
donor|ECM|coil-out|ignition-coil|Ignition Coil "A" Primary/Secondary Circuit;Ignition Coil C Primary Control Circuit;
  Ignition Coil Primary/Secondary Circuit
donor|ECM|low-side-out high-side-out pwm-out|glow-plug|Glow Plug/Heater Circuit "A";Glow Plug Control Module Control Circuit;
  Cylinder 1 Glow Plug Circuit;Glow Plug/Heater Relay
donor|ECM|low-side-out|glow-plug malfunction-lamp|Glow Plug/Heater Indicator Circuit
donor|ECM|low-side-out pwm-out|exhaust-recirculation|Exhaust Gas Recirculation Control Circuit;EGR "A" Control;
  Exhaust Gas Recirculation Cooler Bypass Control
donor|ECM|analogue-in|exhaust-recirculation|Exhaust Gas Recirculation Sensor A Circuit;EGR Position Sensor Circuit;
  Differential Pressure Feedback EGR Sensor
donor|ECM|low-side-out pwm-out|other|Secondary Air Injection System Switching Valve "A" Circuit;Secondary Air Injection Relay A;
  Secondary Air Injection Pump Relay Control;Intake Air Heater A Circuit;Exhaust Pressure Control Valve;Engine Mount Control Circuit;
  Thermostat Heater Control Circuit
donor|ECM|low-side-out pwm-out|purge-valve|Evaporative Emission System Purge Control Valve Circuit;EVAP Purge Solenoid;
  Evaporative Emission Control Canister Purge
donor|ECM|low-side-out pwm-out|other purge-valve|Evaporative Emission System Vent Control Circuit;EVAP Vent Valve
donor|ECM|analogue-in|other|Evaporative Emission System Pressure Sensor/Switch;Exhaust Pressure Sensor "A" Circuit;
  Barometric Altitude Sensor Diesel Particulate Filter Differential Pressure;Ion Current Sense
donor|ECM|analogue-in resistive-in|fuel-level|Fuel Level Sensor "A" Circuit;Fuel Level Sensor B
donor|ECM|low-side-out pwm-out|cooling-fan|Fan 1 Control Circuit;Cooling Fan 1 Control;Fan Control
donor|ECM|frequency-in logic-in|vehicle-speed|Vehicle Speed Sensor "A";Vehicle Speed Signal Input
donor|ECM|motor-out pwm-out low-side-out|idle-control|Idle Air Control Circuit;Idle Air Control System
donor|ECM|logic-in|throttle-position other idle-control|Closed Throttle Position Switch
donor|ECM|logic-in|starter-request|Starter Request Circuit;Engine Start Request
donor|ECM|analogue-in logic-in resistive-in|oil-pressure oil-pressure-warning|Engine Oil Pressure Sensor/Switch Circuit;
  Engine Oil Pressure Sensor
donor|ECM|analogue-in|refrigerant-pressure|A/C Refrigerant Pressure Sensor "A" Circuit;Air Conditioner Refrigerant Pressure
donor|ECM|resistive-in analogue-in|exhaust-temperature|Exhaust Gas Temperature Sensor Circuit Bank 1 Sensor 1;
  Catalyst Temperature Sensor Bank 1
donor|ECM|logic-in analogue-in|power-steering-pressure|Power Steering Pressure Sensor/Switch Circuit;Power Steering Pressure Switch Input
donor|ECM|analogue-in|brake-vacuum|Brake Booster Pressure Sensor Circuit
donor|ECM|supply-in|battery-supply ignition-supply|System Voltage;ECM/PCM Battery Input;Ignition Switch Run/Start Position Circuit;
  ECM/PCM Ignition Feed
donor|ECM|logic-in|cruise-request|Cruise Control On Signal;Cruise Control Resume Signal;Cruise Control Set Signal;
  Cruise Control Coast Signal;Cruise Control Accel Signal;Cruise Control Off Signal;Cruise Control Multi-Function Input "A" Circuit
donor|ECM|logic-in|brake-switch|Brake Switch "A" Circuit;Brake Switch B
donor|ECM|can serial|powertrain-data body-data diagnostic-data|Serial Communication Link;High Speed CAN Communication Bus;
  Medium Speed CAN Communication Bus (+)
donor|ECM|low-side-out high-side-out|starter-relay|Starter Relay Circuit;Starter Relay "A" Control
donor|ECM|pwm-out low-side-out|alternator-field charge-warning|Generator Control Circuit;Generator Field Terminal Circuit;
  Generator Lamp Control Circuit;Generator Lamp/L Terminal
donor|ECM|pwm-in logic-in frequency-in analogue-in|alternator-field|Generator Field/F Terminal Monitor;Alternator Field Duty Feedback
donor|ECM|reference-out|sensor-supply|Sensor Reference Voltage "A" Circuit;Sensor Reference Voltage B
donor|ECM|low-side-out|ac-clutch|A/C Clutch Relay Control Circuit
donor|ECM|low-side-out|malfunction-lamp|Malfunction Indicator Lamp (MIL) Control Circuit
donor|ECM|frequency-out|engine-speed|Engine RPM Output Circuit
donor|ECM|low-side-out|other coolant-temperature|Engine Hot Lamp Output Control Circuit
donor|ECM|analogue-out pwm-out|fuel-level|Fuel Level Output Circuit
donor|ECM|supply-out high-side-out|other relay-supply|Actuator Supply Voltage "A" Circuit
donor|ECM|low-side-out pwm-out|intake-runner|Intake Manifold Tuning Valve Control Circuit;Intake Manifold Runner Control Circuit Bank 1
donor|ECM|analogue-in logic-in|intake-runner|Intake Manifold Runner Position Sensor/Switch Circuit Bank 1
donor|ECM|low-side-out|main-relay|ECM/PCM Power Relay Control Circuit
donor|ECM|supply-in|relay-supply main-relay|ECM/PCM Power Relay Sense Circuit
donor|ECM|motor-out|throttle-motor|Throttle Actuator Control Motor Circuit;Throttle Actuator "A" Control Motor Circuit
donor|TCM|analogue-in logic-in|gear-range|Transmission Range Sensor Circuit (PRNDL Input);Transmission Range Sensor "B" Circuit
donor|TCM|resistive-in analogue-in|transmission-temperature|Transmission Fluid Temperature Sensor "A" Circuit
donor|TCM|reluctor-in hall-in frequency-in|transmission-input-speed|Input/Turbine Speed Sensor Circuit;Intermediate Shaft Speed Sensor;
  Turbine Shaft Speed
donor|TCM|reluctor-in hall-in frequency-in|transmission-output-speed|Output Speed Sensor Circuit;Output Shaft Speed Sensor
donor|TCM|frequency-in|engine-speed|Engine Speed Input Circuit
donor|TCM|low-side-out pwm-out high-side-out|converter-clutch|Torque Converter Clutch Circuit;TCC Pressure Control Solenoid;
  Torque Converter Clutch Pulse Width Modulated Solenoid
donor|TCM|low-side-out pwm-out high-side-out|pressure-solenoid|Pressure Control Solenoid "A";Pressure Control Solenoid B Control Circuit;
  Line Pressure Control
donor|TCM|low-side-out pwm-out high-side-out|shift-solenoid|Shift Solenoid "A" Control Circuit;Shift Solenoid D;
  1-4 Upshift (Skip Shift) Solenoid Control Circuit;3-4 Shift Solenoid
donor|TCM|low-side-out pwm-out|reverse-lockout|Reverse Inhibit Control Circuit
donor|ECM|logic-in analogue-in|clutch-switch|Clutch Position Sensor Circuit;Clutch Pedal Switch "A" Circuit;Clutch Switch Input
donor|TCM|logic-in|reverse-lamp gear-range|Reverse Input Circuit
donor|TCM|low-side-out high-side-out supply-out|reverse-lamp|Reverse Output Circuit
donor|TCM|serial frequency-out pwm-out logic-out low-side-out|gear-display|Transmission Range Display Circuit
donor|TCM|logic-in|shift-mode|Upshift Switch Circuit;Downshift Switch Circuit;Up and Down Shift Switch Circuit
donor|ECM|low-side-out|starter-relay|Starter Disable Circuit
donor|ECM|logic-in|four-wheel-drive|Four Wheel Drive (4WD) Switch Circuit
donor|TCM|analogue-in logic-in|other pressure-solenoid|Transmission Fluid Pressure Sensor/Switch "A" Circuit
donor|ECM|logic-in|park-neutral|Park/Neutral Switch Input Circuit
donor|TCM|low-side-out high-side-out|other|Gear Shift Lock Solenoid/Actuator Control Circuit;Shift Interlock Solenoid
donor|TCM|supply-in|battery-supply ignition-supply relay-supply|TCM Power Input Signal
donor|ABS module|reluctor-in hall-in frequency-in|wheel-speed|Left Front Wheel Speed Sensor Circuit;Right Rear Wheel Speed Circuit
donor|ABS module|low-side-out high-side-out motor-out|anti-lock|Left Front ABS Solenoid 1 Circuit;Pump Motor Circuit;
  ABS Valve Relay Circuit
host|Airbag module|high-side-out low-side-out switch-out supply-out|airbag|Driver Frontal Stage 1 Deployment Control;
  Passenger Frontal Stage 2 Deployment Control;Driver Seatbelt Pretensioner Deployment Control;Left Side Airbag Deployment Loop
host|Airbag module|logic-in resistive-in analogue-in|seat-belt airbag|Driver Seat Belt Buckle Switch;
  Passenger Seat Occupant Classification Sensor;Passenger Seatbelt Sensor Circuit
`;

/** Terminals as DIN 72552 names them; the connector is the part at which the number stands. */
const TERMINALS_BY_NAME = `
donor|Ignition coil|coil-in load-in|ignition-coil|low voltage of ignition coil;ignition coil, switched low voltage
host|Ignition switch|supply-out switch-out|ignition-supply|switched positive after battery (ignition switch output);
  15 ignition-switched positive
host|Ignition switch|supply-in|battery-supply|line from battery positive terminal, direct;30 input from battery positive
host|Starter|ground|ground|return line from battery, battery negative or earth, direct
host|Starter|load-in|starter-relay starter-request start-supply|starter control, direct;50 starter control;starter solenoid input
host|Starter|supply-in|battery-supply|30 line from battery positive, direct
host|Flasher unit|supply-in|turn-signal ignition-supply battery-supply|flasher relay input
host|Flasher unit|supply-out switch-out high-side-out|turn-signal|flasher relay output;output to turn signal indicator lamps;
  output, second flasher circuit
host|Flasher unit|supply-out high-side-out load-in low-side-out switch-out|turn-signal trailer|C turn signal indicator lamp 1;
  C2 trailer indicator lamp
host|Wiper motor|supply-in load-in|wiper|53 wiper motor input (+);53a wiper (+), end position;53b wiper (shunt winding);
  53i wiper motor with permanent magnet, third brush (high speed)
host|Washer pump|load-in supply-in|washer|windscreen washer pump;53c electric windscreen washer pump
host|Fuse box|supply-out|lighting|fog lamp;headlamp;high beam;low beam;licence plate lamp, tail lamp left;right tail lamp;
  parking lamp left;rear fog lamp;side-marker lamp right
host|Fuse box|supply-out|brake-switch lighting|stop lamp
host|Fuse box|supply-out|illumination lighting|instrument panel lighting;illumination of dials
host|Light switch|supply-out switch-out|lighting|56 headlamp light;56a high beam;56b low beam;57a parking lamp;
  58 side-marker, tail, licence plate lamps;55 fog lamps;56d headlamp flasher contact
host|Light switch|supply-out switch-out|illumination|58d dimmed instrument illumination
host|Alternator|supply-out low-side-out|charge-warning|charge indicator lamp;61 charge telltale lamp;
  D+ generator positive, indicator lamp and field of the regulator
host|Alternator|supply-out|battery-supply|B+ battery positive;generator output to battery positive
host|Alternator|load-in pwm-in supply-in|alternator-field|DF generator field winding;DF1 generator field 1
host|Alternator|ground|ground|D- generator negative;B- battery negative
host|Alternator|frequency-out|engine-speed charge-warning|W alternating voltage terminal of the alternator;
  alternator phase output to tachometer
host|Horn relay|load-in|horn|86 start of winding;85 output, actuator (end of winding to negative or earth)
host|Horn relay|supply-in|horn battery-supply|30 common line to the contact
host|Horn relay|supply-out switch-out|horn|87 make contact output
host|Wiper relay|supply-out switch-out|wiper|87a first output, break side
host|Radio|supply-in|accessory-supply|75 radio, cigarette lighter;accessory
host|Trailer socket|supply-out load-in supply-in high-side-out|trailer turn-signal|left turn signal;1/L direction indicator left
host|Trailer socket|supply-out load-in supply-in high-side-out|trailer lighting|rear fog lamp 54g;58R right tail lamp
host|Trailer socket|supply-out load-in supply-in high-side-out|trailer brake-switch|54 stop lamps
host|Trailer socket|ground|ground trailer|31 earth
host|Heater blower|load-in supply-in|heater-blower|blower motor speed 2;fan motor, third speed
host|Glow plug relay|supply-out|glow-plug|output to glow plugs
host|Door switch|switch-out|door lighting|door contact switch, courtesy lamp
donor|Glow relay|load-in|glow-plug|19 preheating start switch;17 start position, glow plug starting switch
host|Horn|load-in supply-in|horn|71 tone-sequence control input;horn, 71a output to horns 1 and 2 low
`;

/** Tell-tales and indicators at an instrument cluster as ISO 2575 names them. */
const TELLTALES = `
host|Instrument cluster|load-in logic-in|lighting|Headlamp high beam;Front fog light;Rear fog light;Position lamps;Side lamps;
  Parking lamps;Headlamps lower beam;Main beam tell-tale;Lamp failure warning;Daytime running lamps
host|Instrument cluster|load-in logic-in|turn-signal hazard|Turn signals, left;Hazard warning;Direction indicator right tell-tale
host|Instrument cluster|load-in logic-in|trailer turn-signal|Trailer turn signal indicator
host|Instrument cluster|load-in logic-in|brake-fluid handbrake anti-lock other|Brake failure;Brake system malfunction;Worn brake linings
host|Instrument cluster|load-in logic-in|handbrake|Parking brake applied;Parking brake
host|Instrument cluster|load-in logic-in|brake-fluid|Brake fluid level low
host|Instrument cluster|load-in logic-in|anti-lock|Antilock brake system malfunction;ABS failure
host|Instrument cluster|load-in logic-in|charge-warning|Battery charging condition;Electrical charge fault;Generator fault
host|Instrument cluster|load-in logic-in|oil-pressure-warning|Engine oil pressure low;Engine lubrication failure
host|Instrument cluster|load-in logic-in|other|Engine oil level;Engine coolant level low;Windscreen washer fluid level;Tyre pressure low;
  Steering failure;Transmission malfunction;Fuel filter water
host|Instrument cluster|load-in logic-in|coolant-temperature|Engine coolant temperature high
host|Instrument cluster|load-in logic-in|malfunction-lamp|Engine malfunction;Engine electronic fault;Engine management failure
host|Instrument cluster|load-in logic-in|fuel-level|Low fuel level;Fuel reserve;Fuel low
host|Instrument cluster|resistive-in|fuel-level|Fuel level gauge input
host|Instrument cluster|load-in logic-in|seat-belt|Seat belt not fastened;Seat belt warning
host|Instrument cluster|load-in logic-in|airbag|Airbag malfunction;Supplementary restraint failure;Passenger airbag disabled
host|Instrument cluster|load-in logic-in|glow-plug|Diesel preheat;Engine preheating;Pre-glow
host|Instrument cluster|load-in logic-in|door other|Door open;Doors ajar;Boot lid open;Bonnet open
host|Instrument cluster|load-in logic-in|security-lamp|Immobiliser active;Anti-theft warning
host|Instrument cluster|load-in logic-in|cruise-active|Cruise control engaged;Cruise control set
host|Instrument cluster|load-in logic-in|four-wheel-drive|Four-wheel drive engaged;Differential lock engaged;4WD low
host|Instrument cluster|load-in logic-in|gear-display|Gear selector position P;Overdrive off
host|Instrument cluster|load-in logic-in|shift-mode gear-display|Winter mode active;Sport mode
host|Instrument cluster|illumination supply-in load-in pwm-in|illumination|Master lighting dimmer;Instrument illumination;
  Panel lighting intensity
host|Control panel|switch-out supply-out|horn|Horn control;Audible warning device
host|Control panel|switch-out supply-out|wiper|Windscreen wiper;Rear window wiper;Intermittent wiping;Headlamp wiper
host|Control panel|switch-out supply-out|washer|Windscreen washer;Rear window washer;Headlamp cleaner with washer
host|Control panel|switch-out supply-out|demister|Windscreen demisting and defrosting;Rear window defrost;Rear window demister
host|Control panel|switch-out supply-out|heater-blower|Ventilating fan;Interior fan speed 2
host|Control panel|switch-out supply-out|ac-request|Air conditioning request;Air conditioner on
host|Control panel|switch-out supply-out|seat-heater|Seat heating left;Heated seat, right
host|Control panel|switch-out supply-out|window|Power window lift;Window lock-out switch
host|Control panel|switch-out supply-out|mirror|Exterior mirror adjustment;Mirror folding;Heated mirrors
host|Control panel|switch-out supply-out|lock|Central locking, lock;Door unlock
host|Control panel|switch-out supply-out|hazard|Hazard flasher switch
host|Control panel|switch-out supply-out|lighting|Interior light;Reading lamp;Rear fog lamp switch;Headlamp levelling;Beacon;Work light
host|Control panel|switch-out supply-out|cruise-request|Cruise speed set;Speed limiter
`;

/** What a heavy engine's computer reads and drives, as SAE J1939-71 names its parameters. */
const PARAMETERS = `
donor|Engine ECU|analogue-in|accelerator-position|Accelerator Pedal Position 1;Remote Accelerator Pedal Position
donor|Engine ECU|logic-in|accelerator-position other|Accelerator Pedal 1 Low Idle Switch;Accelerator Pedal Kickdown Switch
donor|Engine ECU|resistive-in analogue-in|intake-air-temperature|Engine Intake Manifold 1 Temperature;Engine Air Intake Temperature;
  Engine Intercooler Temperature;Engine Charge Air Cooler Outlet Temperature
donor|Engine ECU|resistive-in analogue-in|coolant-temperature|Engine Coolant Temperature
donor|Engine ECU|resistive-in analogue-in|oil-temperature|Engine Oil Temperature 1;Engine Turbocharger Oil Temperature
donor|Engine ECU|resistive-in analogue-in|other|Engine Fuel Temperature 1;Battery Temperature;ECU Temperature
donor|Engine ECU|resistive-in analogue-in|ambient-temperature|Ambient Air Temperature;Outside Air Temperature
donor|Engine ECU|resistive-in analogue-in|exhaust-temperature|Engine Exhaust Temperature;Engine Exhaust Manifold Bank 1 Temperature;
  Aftertreatment 1 Exhaust Temperature 1
donor|Engine ECU|analogue-in|manifold-pressure|Engine Intake Manifold Pressure;Barometric Pressure;Engine Turbocharger Boost Pressure;
  Engine Intake Manifold #1 Absolute Pressure
donor|Engine ECU|analogue-in|fuel-pressure|Engine Fuel Delivery Pressure;Engine Injector Metering Rail 1 Pressure;
  Engine Fuel Rail Pressure
donor|Engine ECU|analogue-in resistive-in|oil-pressure|Engine Oil Pressure;Engine Oil Gallery Pressure
donor|Engine ECU|analogue-in logic-in|other|Engine Oil Level;Engine Coolant Level;Engine Coolant Pressure;
  Engine Air Filter Differential Pressure;Engine Crankcase Pressure;Water In Fuel Indicator;Engine Exhaust Back Pressure;
  Fuel Filter Differential Pressure
donor|Engine ECU|frequency-in reluctor-in hall-in|crankshaft-position engine-speed|Engine Speed;Engine Speed 2 Sensor
donor|Engine ECU|frequency-in reluctor-in hall-in|other|Engine Turbocharger 1 Speed;Engine Fan Speed
donor|Engine ECU|frequency-in reluctor-in hall-in logic-in|vehicle-speed|Wheel-Based Vehicle Speed;Road Speed Sensor
donor|Engine ECU|analogue-in resistive-in|fuel-level|Fuel Level 1
donor|Engine ECU|logic-in|clutch-switch|Clutch Switch;Clutch Pedal Switch
donor|Engine ECU|logic-in|brake-switch|Brake Switch;Service Brake Switch
donor|Engine ECU|logic-in|handbrake|Parking Brake Switch
donor|Engine ECU|logic-in|cruise-request|Cruise Control Enable Switch;Cruise Control Pause Switch;Cruise Control Resume Switch;
  Cruise Control Set Switch;Cruise Control Coast (Decelerate) Switch
donor|Engine ECU|logic-in|other|Engine Brake Switch;PTO Enable Switch;Remote PTO Switch;Idle Increment Switch;Idle Decrement Switch;
  Engine Shutdown Override Switch;Engine Test Mode Switch;Idle Shutdown Switch
donor|Engine ECU|logic-in|ac-request|Air Conditioner Switch
donor|Engine ECU|low-side-out|malfunction-lamp|Malfunction Indicator Lamp;Amber Warning Lamp;Red Stop Lamp
donor|Engine ECU|low-side-out high-side-out|other glow-plug|Wait to Start Lamp;Engine Protection Lamp
donor|Engine ECU|low-side-out high-side-out pwm-out|cooling-fan|Engine Fan Clutch Output;Estimated Fan Drive
donor|Engine ECU|low-side-out high-side-out pwm-out|boost-control|Engine Turbocharger Wastegate Actuator 1;
  Variable Geometry Turbocharger Actuator
donor|Engine ECU|low-side-out high-side-out pwm-out motor-out|exhaust-recirculation|Engine EGR Valve Control;
  Engine Exhaust Gas Recirculation Valve 1
donor|Engine ECU|injector-out|injector|Engine Injector Cylinder 01;Injector Cylinder #6
donor|Engine ECU|low-side-out high-side-out pwm-out|fuel-pump|Engine Fuel Pump Actuator;Electric Lift Pump for Engine Fuel Supply
donor|Engine ECU|supply-in|battery-supply|Battery Potential / Power Input 1;Battery Potential Switched
donor|Engine ECU|supply-in|ignition-supply|Keyswitch Battery Potential;Key Switch
donor|Engine ECU|can|powertrain-data|J1939 Network #1 High;J1939 Data Link -
donor|Engine ECU|reference-out|sensor-supply|5 Volts DC Supply;Sensor Supply Voltage 1 (+5V DC)
donor|Engine ECU|frequency-in reluctor-in hall-in|transmission-output-speed|Transmission Output Shaft Speed;Tail Shaft Speed
donor|Engine ECU|resistive-in analogue-in|transmission-temperature|Transmission Oil Temperature
donor|Engine ECU|low-side-out high-side-out|starter-relay|Engine Starter Motor Relay Control;Starter Motor Enable
donor|Engine ECU|logic-in|starter-request|Engine Starter Mode Request
donor|Engine ECU|low-side-out high-side-out pwm-out|other|Engine Compression Brake Solenoid 1;Exhaust Brake Valve;
  Engine Intake Air Heater Relay
donor|Engine ECU|frequency-out pwm-out|engine-speed|Tachometer Output
donor|Engine ECU|frequency-out|vehicle-speed|Vehicle Speed Output
`;

/** Contacts of sockets and radios as ISO 1724, ISO 11446, SAE J560, ISO 3732, SAE J1962 and ISO 10487 name them. */
const CONTACTS = `
host|Trailer socket 7-pin|supply-out high-side-out load-in|turn-signal trailer|Left-hand direction indicator lamps;
  Right-hand direction indicator lamps;Left turn signal and hazard lamps;Right turn signal and hazard
host|Trailer socket 7-pin|supply-out high-side-out load-in|lighting trailer|Rear fog lamp;
  Right-hand rear position lamps, end-outline marker lamps and rear registration-plate illumination device;Left-hand rear position lamps;
  Side-marker and identification lamps;Tail, clearance and licence lamps
host|Trailer socket 7-pin|supply-out high-side-out load-in|brake-switch trailer|Stop lamps
host|Trailer socket 7-pin|ground|ground trailer|Common return for contacts 1 to 8;Ground return to towing vehicle;
  Return for contact No. 9;Chassis return
host|Trailer socket 7-pin|supply-out high-side-out load-in|reverse-lamp trailer|Reversing lamps
host|Trailer socket 7-pin|supply-out high-side-out load-in|battery-supply trailer|Continuous power supply;Power supply (continuous)
host|Trailer socket 7-pin|supply-out high-side-out load-in|ignition-supply trailer accessory-supply|
  Power supply controlled by ignition switch;Auxiliary circuit, ignition-controlled
host|Trailer socket 7-pin|spare unknown|other trailer|Not allocated
host|OBD connector|serial can|diagnostic-data|K line of ISO 9141-2 and ISO 14230-4;L line of ISO 9141-2;Bus positive line of SAE J1850;
  Bus negative line of SAE J1850 PWM;SAE J1850 bus +
host|OBD connector|can|powertrain-data diagnostic-data|CAN_H line of ISO 15765-4;CAN_L line of ISO 15765-4;CAN High (J-2284);
  CAN Low (J-2284)
host|OBD connector|ground|ground sensor-ground|Chassis ground;Signal ground
host|OBD connector|supply-out|battery-supply|Unswitched vehicle battery positive;Permanent positive voltage;Battery power
host|OBD connector|unknown spare serial can|diagnostic-data other|Manufacturer discretionary
host|Radio A (ISO)|supply-in load-in|battery-supply accessory-supply|Battery, permanent 12 V;Memory 12V (KL30)
host|Radio A (ISO)|supply-in load-in|accessory-supply ignition-supply|Ignition switched 12 V;ACC +12V
host|Radio A (ISO)|supply-in load-in pwm-in|illumination|Illumination;Dash illumination dimmer
host|Radio A (ISO)|supply-out high-side-out|aerial audio|Power antenna;Antenna motor supply;Amplifier remote turn-on
host|Radio A (ISO)|ground|ground|Ground (minus)
host|Radio A (ISO)|logic-in frequency-in|audio vehicle-speed|Speed dependent volume control;Speed signal for volume
host|Radio A (ISO)|logic-in|audio|Telephone mute
host|Radio B (ISO)|supply-out high-side-out load-in analogue-out|audio|Right rear speaker +;Left front speaker -;
  Rear left loudspeaker (+);Front right speaker negative
`;

/** Controls, tell-tales and indicators as FMVSS 101 and UN R121 name them. */
const CONTROLS = `
host|Instrument panel|load-in logic-in|turn-signal|Turn signals tell-tale;Direction indicator, left
host|Instrument panel|load-in logic-in|hazard turn-signal|Hazard warning signal
host|Instrument panel|load-in logic-in|lighting|Upper beam;Headlamps main-beam;Front fog lamps;
  Position, side marker, end-outline marker, identification or clearance lamps;Passing beam on;Rear fog lamp tell-tale
host|Instrument panel|load-in logic-in|seat-belt|Driver's seat belt unfastened;Seat belt, front passenger
host|Instrument panel|load-in logic-in|fuel-level|Fuel level low tell-tale;Low fuel
host|Instrument panel|resistive-in|fuel-level|Fuel level indicator;Fuel contents gauge
host|Instrument panel|resistive-in|coolant-temperature|Engine coolant temperature indicator;Coolant temp gauge sender input
host|Instrument panel|load-in logic-in|coolant-temperature|Engine coolant temperature tell-tale
host|Instrument panel|load-in logic-in|oil-pressure-warning|Oil pressure tell-tale;Engine oil pressure warning
host|Instrument panel|load-in logic-in|charge-warning|Electrical charge tell-tale;Battery charge tell-tale
host|Instrument panel|load-in logic-in|brake-fluid handbrake|Brake system tell-tale;Brake malfunction
host|Instrument panel|load-in logic-in|handbrake|Parking brake applied
host|Instrument panel|load-in logic-in|anti-lock|Malfunction in anti-lock brake system;Electronic stability control malfunction;ESC OFF
host|Instrument panel|load-in logic-in|other|Low tyre pressure;Tire pressure monitor malfunction;Tail door open
host|Instrument panel|load-in logic-in|door other|Door not closed;Trunk ajar
host|Instrument panel|load-in logic-in|airbag|Passenger air bag off;Air bag malfunction
host|Instrument panel|load-in logic-in|malfunction-lamp|Engine on-board diagnostics or engine malfunction;MIL (OBD)
host|Instrument panel|load-in logic-in|glow-plug|Diesel pre-heat;Engine glow plug preheating tell-tale
host|Instrument panel|load-in logic-in|cruise-active|Automatic vehicle speed tell-tale;Cruise control active
host|Instrument panel|load-in logic-in|gear-display|Transmission control position park;Gear position D tell-tale
host|Instrument panel|frequency-in|vehicle-speed|Speedometer;Odometer pulses;Vehicle speed input
host|Instrument panel|frequency-in|engine-speed|Engine revolutions indicator;Tachometer
host|Instrument panel|load-in pwm-in supply-in|illumination|Panel lamps;Illumination intensity control;Dimming signal, instruments
host|Steering column switches|switch-out supply-out|lighting|Master lighting switch, position 2;Headlamp flash control;
  Beam selection switch;Side lamps
host|Steering column switches|switch-out supply-out|wiper|Windshield wiping system low;Windscreen wiper, high;Intermittent wipe
host|Steering column switches|switch-out supply-out|washer|Windshield washing system;Washer control rear
host|Steering column switches|switch-out supply-out|turn-signal|Left turn signal output;Direction indicator control right
host|Steering column switches|switch-out supply-out|horn|Horn;Audible signal
host|Steering column switches|switch-out supply-out|cruise-request|Automatic vehicle speed control;Speed control resume;Cruise cancel
host|Steering column switches|switch-out supply-out|hazard|Hazard warning switch
host|Heater controls switch|switch-out supply-out|demister|Windshield defrosting and defogging system;Rear window defrosting
host|Heater controls switch|switch-out supply-out|heater-blower|Heating and air conditioning system fan, low;Fan speed 3;Blower high
host|Heater controls switch|switch-out supply-out|ac-request|A/C on;Compressor request
host|Ignition switch|supply-in|battery-supply|Battery input (fused 30A);Feed from fusible link;B terminal
host|Ignition switch|supply-out switch-out|ignition-supply|Run;Output in run and start;IGN 3;Ignition circuits
host|Ignition switch|supply-out switch-out|accessory-supply|Accessories output;ACC
host|Ignition switch|supply-out switch-out|start-supply starter-request|Crank output;Start position to relay;ST2
host|Ignition switch|switch-out logic-out load-in supply-out|security-data key-reader door other|Key-in-lock reminder contact
`;

/** Terms of SAE J1930 at an engine computer. */
const TERMS = `
donor|ECM C2|analogue-in|accelerator-position|Accelerator Pedal Position (APP) 1;APP Sensor 2 Signal
donor|ECM C2|analogue-in|manifold-pressure|Barometric Pressure (BARO);Manifold Absolute Pressure (MAP);Manifold Differential Pressure;
  Manifold Surface Pressure
donor|ECM C2|logic-in|brake-switch|Brake On/Off (BOO);Brake Pedal Position (BPP) Switch
donor|ECM C2|low-side-out pwm-out|purge-valve|Canister Purge (CANP);Evaporative Emission (EVAP) Canister Purge Valve
donor|ECM C2|logic-in|clutch-switch|Clutch Pedal Position (CPP) Switch;CPP Start Switch
donor|ECM C2|serial can|diagnostic-data powertrain-data|Data Link Connector (DLC);Serial data to DLC
donor|ECM C2|reluctor-in hall-in frequency-in|crankshaft-position engine-speed camshaft-position|Distributor Ignition Pickup;
  Crankshaft Position (CKP) Sensor;Ignition reference pulse;Profile Ignition Pickup
donor|ECM C2|hall-in reluctor-in frequency-in|camshaft-position|Camshaft Position (CMP) Sensor;CMP Ref Signal
donor|ECM C2|low-side-out pwm-out|exhaust-recirculation|EGR Vacuum Regulator Solenoid;Exhaust Gas Recirculation (EGR) Valve;EVR
donor|ECM C2|resistive-in analogue-in|exhaust-recirculation exhaust-temperature|EGR Temperature (EGRT) Sensor
donor|ECM C2|analogue-in|exhaust-recirculation|EGR Valve Position (EVP);Differential Pressure Feedback EGR (DPFE)
donor|ECM C2|coil-out|ignition-coil|Electronic Ignition Coil A;Ignition Control (IC) 1;Spark Output (SPOUT);Coil Driver 2
donor|ECM C2|low-side-out|cooling-fan|Fan Control (FC);Low Fan Control (LFC)
donor|ECM C2|low-side-out|cooling-fan-high|High Fan Control (HFC)
donor|ECM C2|low-side-out pwm-out|fuel-pump|Fuel Pump (FP) Relay;Fuel Pump Driver
donor|ECM C2|logic-in|fuel-pump|Fuel Pump Monitor (FPM)
donor|ECM C2|lambda-in|oxygen|Heated Oxygen Sensor (HO2S) 1/1;Oxygen Sensor (O2S) Signal;Wide Range A/F Sensor
donor|ECM C2|low-side-out pwm-out|oxygen-heater|HO2S Heater 2/1;Heater, O2 sensor (downstream)
donor|ECM C2|motor-out pwm-out low-side-out|idle-control|Idle Air Control (IAC) Coil A High;Idle Speed Control (ISC) Motor Extend;
  Idle Air Bypass Valve
donor|ECM C2|resistive-in analogue-in|intake-air-temperature|Intake Air Temperature (IAT);Air Charge Temperature
donor|ECM C2|resistive-in analogue-in|coolant-temperature|Engine Coolant Temperature (ECT);Coolant Temp Switch/Sensor
donor|ECM C2|knock-in|knock|Knock Sensor (KS) 1;Engine Knock
donor|ECM C2|frequency-in analogue-in|mass-air-flow|Mass Air Flow (MAF);Volume Air Flow (VAF)
donor|ECM C2|low-side-out|malfunction-lamp|Malfunction Indicator Lamp;Service Reminder Indicator (SRI);Check Engine
donor|ECM C2|low-side-out pwm-out|other|Mixture Control Solenoid (MC);Early Fuel Evaporation Relay;Pulsed Secondary Air Injection;
  Secondary Air Injection Diverter;Air Bypass Solenoid (AIRB)
donor|ECM C2|logic-in|park-neutral|Park/Neutral Position (PNP) Switch;Neutral Drive Switch;Neutral gear switch
donor|ECM C2|logic-in|power-steering-pressure|Power Steering Pressure (PSP) Switch
donor|ECM C2|analogue-in|throttle-position|Throttle Position (TP) Sensor
donor|ECM C2|logic-in|throttle-position other idle-control|Wide Open Throttle (WOT) Switch;Closed Throttle Position (CTP)
donor|ECM C2|low-side-out pwm-out|converter-clutch|Torque Converter Clutch (TCC) Solenoid;TCC Relay
donor|ECM C2|low-side-out|ac-clutch|WOT A/C Cutoff;A/C Compressor Cut-out Relay
donor|ECM C2|logic-in|ac-request|A/C Cycling Switch;A/C Clutch On Signal;Air Conditioning On
donor|ECM C2|logic-in analogue-in|gear-range|Transmission Range (TR) Switch;Manual Lever Position
donor|ECM C2|frequency-in reluctor-in logic-in|vehicle-speed transmission-output-speed|Vehicle Speed Sensor (VSS) +;VSS High
donor|ECM C2|frequency-in reluctor-in hall-in|transmission-input-speed|Turbine Shaft Speed (TSS);Input Speed
donor|ECM C2|reference-out|sensor-supply|Vehicle Reference Voltage (VREF);Sensor 5V Reference
donor|ECM C2|ground|sensor-ground|Signal Return (SIGRTN);Sensor Ground
donor|ECM C2|ground|ground|Power Ground (PWR GND);Case Ground;Ignition Ground;Cylinder Head Ground
donor|ECM C2|supply-in|relay-supply battery-supply ignition-supply|Vehicle Power (VPWR)
donor|ECM C2|supply-in|battery-supply|Keep Alive Power (KAPWR);Battery Direct
donor|ECM C2|low-side-out pwm-out|shift-solenoid|Shift Solenoid 1 (SS1);3-2 Timing/Coast Clutch Solenoid
donor|ECM C2|low-side-out pwm-out|pressure-solenoid|Electronic Pressure Control (EPC);Variable Force Solenoid
donor|ECM C2|resistive-in analogue-in|transmission-temperature|Transmission Fluid Temperature (TFT);Transmission Oil Temp
donor|ECM C2|injector-out|injector|Fuel Injector #4 Driver;Multiport Injector 1
donor|ECM C2|low-side-out pwm-out|boost-control|Supercharger Bypass (SCB) Solenoid;Turbo Wastegate Regulating Valve
donor|ECM C2|low-side-out|intake-runner|Intake Manifold Runner Control (IMRC);IMT Valve Control
donor|ECM C2|frequency-out|engine-speed|Tachometer Drive;Clean Tach Output
donor|ECM C2|pwm-in|alternator-field|Generator Monitor
`;

/** Each with how many of a hundred were right in kind and quantity at first sight, and how many have to be so since. */
export const STANDARDS: readonly HeldOutTable[] = [
  ["circuits of an engine's faults", CIRCUITS, 83, 94],
  ["numbered terminals by their names", TERMINALS_BY_NAME, 85, 94],
  ["tell-tales and controls by their symbols", TELLTALES, 46, 97],
  ["a heavy engine's parameters", PARAMETERS, 76, 89],
  ["contacts of sockets and radios", CONTACTS, 75, 92],
  ["controls and tell-tales by regulation", CONTROLS, 83, 95],
  ["an engine computer in standard terms", TERMS, 83, 96],
];
