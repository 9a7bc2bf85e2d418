import type { HeldOutTable } from "./table";

/* Trades a little apart, in plain words. */

const VAN_DIESEL = `
donor|Diesel ECU plug 1|supply-in|battery-supply|+ permanent;Battery + via fuse 20
donor|Diesel ECU plug 1|supply-in|ignition-supply|+ ignition;After ignition feed
donor|Diesel ECU plug 1|supply-in|relay-supply|+ after relay;Power from injection relay
donor|Diesel ECU plug 1|ground|ground|Earth;ECU earth 1;Engine ground
donor|Diesel ECU plug 1|ground|sensor-ground|Pedal sensor earth;Air flow sensor ground;Rail sensor earth
donor|Diesel ECU plug 1|reference-out|sensor-supply|Rail sensor +5V;Pedal + 5V track 1;Turbo sensor 5V supply
donor|Diesel ECU plug 1|analogue-in|fuel-pressure|Rail sensor signal;Fuel pressure signal
donor|Diesel ECU plug 1|analogue-in|manifold-pressure|Turbo pressure sensor;Boost sensor signal
donor|Diesel ECU plug 1|analogue-in|accelerator-position|Pedal track 1 signal;Accelerator pedal signal 2
donor|Diesel ECU plug 1|frequency-in analogue-in|mass-air-flow|Air flow sensor signal;Air mass signal
donor|Diesel ECU plug 1|resistive-in analogue-in|coolant-temperature|Water temperature signal;Coolant temperature sensor
donor|Diesel ECU plug 1|resistive-in analogue-in|intake-air-temperature|Air temperature sensor;Inlet air temp
donor|Diesel ECU plug 1|resistive-in analogue-in|other|Diesel temperature sensor;Fuel temp
donor|Diesel ECU plug 1|resistive-in analogue-in|oil-temperature|Engine oil temperature
donor|Diesel ECU plug 1|reluctor-in hall-in frequency-in|crankshaft-position|Engine speed sensor +;Crank sensor -;Flywheel sensor
donor|Diesel ECU plug 1|hall-in reluctor-in frequency-in|camshaft-position|Cam sensor;Camshaft signal
donor|Diesel ECU plug 1|injector-out|injector|Injector 1 +;Injector 3 -;Cylinder 2 injector
donor|Diesel ECU plug 1|low-side-out pwm-out|other|Flow control valve;Fuel pressure regulator on pump;Third piston deactivator
donor|Diesel ECU plug 1|low-side-out pwm-out motor-out|exhaust-recirculation|EGR solenoid;EGR motor -
donor|Diesel ECU plug 1|analogue-in|exhaust-recirculation|EGR valve position sensor
donor|Diesel ECU plug 1|low-side-out pwm-out|boost-control|Turbo solenoid;Wastegate control solenoid
donor|Diesel ECU plug 1|low-side-out|glow-plug|Preheat relay control;Glow plug warning light;Pre-post heating unit control
donor|Diesel ECU plug 1|logic-in|glow-plug|Preheat unit diagnostic;Glow plug relay feedback
donor|Diesel ECU plug 1|low-side-out|cooling-fan|Fan relay slow speed;Fan unit low
donor|Diesel ECU plug 1|low-side-out|cooling-fan-high|Fan relay fast speed
donor|Diesel ECU plug 1|low-side-out|ac-clutch|Air con compressor relay
donor|Diesel ECU plug 1|low-side-out|main-relay|Injection relay control;Main relay control
donor|Diesel ECU plug 1|low-side-out|malfunction-lamp|Injection warning light;Engine fault lamp
donor|Diesel ECU plug 1|low-side-out|fuel-pump|Low pressure pump relay;Lift pump relay
donor|Diesel ECU plug 1|low-side-out|coolant-temperature other|Coolant temperature warning light;Additional heater relay 1
donor|Diesel ECU plug 1|frequency-out|engine-speed|Engine speed to rev counter
donor|Diesel ECU plug 1|frequency-in logic-in|vehicle-speed|Vehicle speed;Vehicle speed information
donor|Diesel ECU plug 1|logic-in|brake-switch|Brake light contact;Second brake contact;Brake pedal contact
donor|Diesel ECU plug 1|logic-in|clutch-switch|Clutch contact
donor|Diesel ECU plug 1|logic-in|ac-request|Air con request;AC on information
donor|Diesel ECU plug 1|logic-in|cruise-request|Cruise control + button;Cruise on/off contact
donor|Diesel ECU plug 1|logic-in|other|Water in diesel sensor;Thermostat contact
donor|Diesel ECU plug 1|serial|diagnostic-data|Diagnostic line K;Diagnostic line L
donor|Diesel ECU plug 1|serial|security-data|Immobiliser coded line
donor|Diesel ECU plug 1|can|powertrain-data|CAN H;CAN L
donor|Diesel ECU plug 1|spare|other|Not used
`;

const AUTO_BOX = `
donor|Auto gearbox ECU|supply-in|battery-supply|Battery supply;Permanent feed
donor|Auto gearbox ECU|supply-in|ignition-supply|Ignition supply;Switched feed fuse 9
donor|Auto gearbox ECU|ground|ground|Ground;ECU earth
donor|Auto gearbox ECU|ground|sensor-ground|Temperature sensor ground;Speed sensor ground
donor|Auto gearbox ECU|low-side-out pwm-out high-side-out|shift-solenoid|Shift valve A;Solenoid 1-2;Shift solenoid C;Brake band solenoid
donor|Auto gearbox ECU|low-side-out pwm-out high-side-out|pressure-solenoid|Main pressure regulator solenoid;Pressure regulating valve 2;
  EPC solenoid
donor|Auto gearbox ECU|low-side-out pwm-out high-side-out|converter-clutch|Converter lockup solenoid;TCC PWM
donor|Auto gearbox ECU|supply-out high-side-out|relay-supply shift-solenoid other pressure-solenoid|Solenoid supply;Valve body 12V supply
donor|Auto gearbox ECU|reluctor-in hall-in frequency-in|transmission-input-speed|Turbine speed +;Input shaft sensor
donor|Auto gearbox ECU|reluctor-in hall-in frequency-in|transmission-output-speed|Output speed -;Output shaft sensor
donor|Auto gearbox ECU|resistive-in analogue-in|transmission-temperature|Oil temperature;ATF temp sensor
donor|Auto gearbox ECU|logic-in analogue-in|gear-range|Selector switch L1;Range switch P;Gear position switch R;Multifunction switch S3
donor|Auto gearbox ECU|logic-in|shift-mode|Sport/winter button;Kickdown contact
donor|Auto gearbox ECU|logic-in|brake-switch|Brake light switch
donor|Auto gearbox ECU|frequency-in|engine-speed|Engine speed signal from ECU;Engine rpm
donor|Auto gearbox ECU|analogue-in pwm-in|throttle-position accelerator-position|Throttle position signal;Engine load signal
donor|Auto gearbox ECU|low-side-out logic-out|other|Torque reduction request;Ignition retard request
donor|Auto gearbox ECU|low-side-out high-side-out|other|Shift lock solenoid;Selector lever lock
donor|Auto gearbox ECU|low-side-out|gear-display|Gear display D;Position indicator 3
donor|Auto gearbox ECU|low-side-out|malfunction-lamp other gear-display|Gearbox warning lamp
donor|Auto gearbox ECU|low-side-out high-side-out|reverse-lamp|Reverse light relay
donor|Auto gearbox ECU|low-side-out|starter-relay park-neutral|Starter inhibit relay
donor|Auto gearbox ECU|frequency-out|vehicle-speed|Speedometer output
donor|Auto gearbox ECU|serial|diagnostic-data|K line
donor|Auto gearbox ECU|can|powertrain-data|CAN high to engine ECU;CAN low
donor|Auto gearbox ECU|spare|other|NC
`;

const CLASSIC_SPORTS = `
host|Speedo/tacho pod|frequency-in|engine-speed|Rev counter pulse, white/slate;Tacho
host|Speedo/tacho pod|supply-in|ignition-supply|Instrument supply, green;10V from stabiliser
host|Speedo/tacho pod|load-in|illumination|Instrument lamps, red/white
host|Speedo/tacho pod|load-in|lighting|Main beam lamp, blue/white
host|Speedo/tacho pod|load-in|turn-signal|Indicator warning, green/purple
host|Speedo/tacho pod|load-in|charge-warning|Ignition warning lamp, brown/yellow
host|Speedo/tacho pod|load-in logic-in|oil-pressure-warning|Oil lamp, white/brown
host|Speedo/tacho pod|ground|ground|Black, earth
host|Gauge panel|resistive-in|fuel-level|Fuel gauge, green/black
host|Gauge panel|resistive-in|coolant-temperature|Temperature gauge, green/blue
host|Gauge panel|resistive-in|oil-pressure|Oil gauge sender, white/brown
host|Gauge panel|load-in logic-in|brake-fluid handbrake|Brake warning lamp
host|Gauge panel|load-in logic-in|other|Choke lamp
host|Fuse box|supply-out|ignition-supply|A4, green, ignition circuits;White, ignition fused
host|Fuse box|supply-out|battery-supply|A2, purple, permanent live
host|Fuse box|supply-out|lighting|Red, side lamps;Headlamps main fused
host|Fuse box|supply-in|battery-supply|Brown feed from solenoid
host|Light switch|supply-in|battery-supply lighting|Brown feed
host|Light switch|supply-out switch-out|lighting|Blue, headlamps;Red, side lights
host|Dip switch|supply-in|lighting|From light switch
host|Dip switch|supply-out switch-out|lighting|Main beam;Dipped beam
host|Flasher unit|supply-in|turn-signal ignition-supply|Feed, green
host|Flasher unit|supply-out|turn-signal|To indicator switch
host|Indicator switch|supply-out switch-out|turn-signal|Left hand lamps;Right hand lamps
host|Horn|load-in supply-in|horn|Purple/yellow from relay
host|Horn push|switch-out|horn|Purple/black
host|Starter solenoid|supply-in|battery-supply|Battery cable
host|Starter solenoid|load-in|starter-request start-supply starter-relay|White/red from ignition switch
host|Starter solenoid|supply-out|battery-supply|Brown to alternator
host|Ignition coil|supply-in|ignition-supply|White, ignition feed;SW
host|Ignition coil|coil-in load-in|ignition-coil|White/black to distributor;CB
host|Ignition coil|supply-in|ignition-supply|Ballast bypass from solenoid
host|Fuel pump|load-in supply-in|fuel-pump ignition-supply|White feed
host|Wiper motor|load-in supply-in|wiper|Red/light green slow;Blue/light green fast;Brown/light green park
host|Wiper motor|load-in supply-in|wiper ignition-supply|Green feed
host|Washer pump|load-in supply-in|washer|Light green/black
host|Heater motor|load-in|heater-blower|Green/slate fast;Green/yellow slow
host|Stop lamp switch|switch-out|brake-switch|Green/purple to lamps
host|Reverse lamp switch|switch-out|reverse-lamp|Green/brown to lamps
host|Overdrive switch|switch-out supply-out|shift-mode other|Yellow to solenoid
host|Overdrive solenoid|load-in|other shift-mode shift-solenoid|Yellow/purple
host|Alternator|supply-out|battery-supply|Thick brown
host|Alternator|load-in low-side-out|charge-warning|Brown/yellow
host|Oil pressure sender|resistive-out|oil-pressure|White/brown to gauge
host|Temperature transmitter|resistive-out|coolant-temperature|Green/blue
host|Fuel tank sender|resistive-out|fuel-level|Green/black
host|Door switch|switch-out|door lighting|Purple/white
host|Interior lamp|load-in|lighting|Purple feed;Purple/white to door switches
host|Bulkhead connector|supply-out|ignition-supply|White to coil
host|Bulkhead connector|supply-out|start-supply starter-request|White/red to starter
host|Bulkhead connector|resistive-in|coolant-temperature|Green/blue temperature
host|Bulkhead connector|load-in supply-out|charge-warning|Brown/yellow warning light
host|Bulkhead connector|frequency-in|engine-speed|White/slate rev counter
`;

/** Each with how many of a hundred were right in kind and quantity at first sight, and how many have to be so since. */
export const FURTHER: readonly HeldOutTable[] = [
  ["a van's diesel", VAN_DIESEL, 90, 97],
  ["an automatic gearbox's computer", AUTO_BOX, 74, 88],
  ["an old sports car by its colours", CLASSIC_SPORTS, 80, 89],
];
