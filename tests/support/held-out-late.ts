/**
 * Rows of six more tables, in the form of held-out-rows.ts: a boat, a motorcycle, a tractor, a coach and a motorhome as hosts;
 * a diesel with its gearbox, a programmable computer, and a computer whose maker names each terminal by a code of his own.
 */
export const BOAT_HOST = `
Helm panel|1|Purple ign feed|supply-in|ignition-supply
Helm panel|2|Tach grey|frequency-in|engine-speed
Helm panel|3|Temp sender tan|resistive-in|coolant-temperature
Helm panel|4|Oil press sender lt blue|resistive-in|oil-pressure
Helm panel|5|Ground black|ground|ground
Helm panel|6|Start yellow/red|supply-out switch-out|starter-request start-supply
Helm panel|7|Red fused 20A|?|
Helm panel|8|Panel lights dk blue|supply-in load-in|illumination
Helm panel|9|Fuel gauge sender pink|resistive-in|fuel-level
Helm panel|10|Blower brown/yellow|supply-out switch-out| other heater-blower
Helm panel|11|Bilge alarm|load-in logic-in| other
Helm panel|12|Trim gauge|resistive-in| other
Helm panel|13|Neutral safety|switch-out logic-in|park-neutral
Helm panel|14|Alarm buzzer|load-in| other
Helm panel|15|Horn switch|switch-out|horn
Instrument plug|1|Speedo pickup|frequency-in reluctor-in hall-in|vehicle-speed
Instrument plug|2|Speedo pickup gnd|ground|sensor-ground
Instrument plug|3|Neutral lamp|load-in|park-neutral
Instrument plug|4|Hi beam ind|load-in|lighting
Instrument plug|5|L/H ind|load-in|turn-signal
Instrument plug|6|R/H ind|load-in|turn-signal
Instrument plug|7|Side stand|logic-in load-in| other
Instrument plug|8|Oil warn|load-in logic-in|oil-pressure-warning
Instrument plug|9|Fuel low|load-in logic-in|fuel-level
Instrument plug|10|Sw live|supply-in|ignition-supply
Instrument plug|11|Perm live|supply-in|battery-supply
Instrument plug|12|Temp|resistive-in|coolant-temperature
Instrument plug|13|Rev counter|frequency-in|engine-speed
L/H switch cluster|1|Horn push|switch-out|horn
L/H switch cluster|2|Ind L|supply-out switch-out|turn-signal
L/H switch cluster|3|Ind R|supply-out switch-out|turn-signal
L/H switch cluster|4|From flasher|supply-in|turn-signal
L/H switch cluster|5|Dip beam|supply-out switch-out|lighting
L/H switch cluster|6|Main beam|supply-out switch-out|lighting
L/H switch cluster|7|Lights feed|supply-in|lighting
R/H switch cluster|1|Kill switch in|supply-in|ignition-supply
R/H switch cluster|2|Kill switch out|supply-out switch-out|ignition-supply
R/H switch cluster|3|Starter button|switch-out supply-out|starter-request
R/H switch cluster|4|Front brake light sw|switch-out|brake-switch
Regulator/rectifier|1|Stator phase|supply-in frequency-in| other alternator-field
Regulator/rectifier|2|Stator phase|supply-in frequency-in| other alternator-field
Regulator/rectifier|3|DC+ to battery|supply-out|battery-supply
Regulator/rectifier|4|Ground|ground|ground
Fuse panel|1|Headlight LH fuse 10A|supply-out|lighting
Fuse panel|2|Cigar lighter 15A|supply-out| accessory-supply other
Fuse panel|3|Wiper motor 10A ign|supply-out|wiper ignition-supply
Fuse panel|4|Main feed from battery|supply-in|battery-supply
Fuse panel|5|Heater fan sw|supply-out|heater-blower
Fuse panel|6|Fuel pump 15A|supply-out|fuel-pump
Fuse panel|7|ECU 5A perm|supply-out|battery-supply
Fuse panel|8|Spare|spare|
Tractor dash|1|Hourmeter|load-in supply-in frequency-in| other
Tractor dash|2|PTO lamp|load-in| other
Tractor dash|3|Preheat lamp|load-in|glow-plug
Tractor dash|4|Chg lamp|load-in|charge-warning
Tractor dash|5|Air filter restriction|load-in logic-in| other
Tractor dash|6|Seat switch|logic-in switch-out| other
Tractor dash|7|4WD lamp|load-in|four-wheel-drive
Tractor dash|8|Parking brake lamp|load-in|handbrake
Tractor dash|9|Fuel shut off sol|supply-out load-in high-side-out| other
Tractor dash|10|Work lamps rear|supply-out switch-out load-in|lighting
Body module|A1|Central lock mtr open|motor-out high-side-out|lock
Body module|A2|Central lock mtr close|motor-out high-side-out|lock
Body module|A3|Door ajar LF|logic-in|door
Body module|A4|Int lamp ctl|low-side-out high-side-out pwm-out|lighting illumination
Body module|A5|Washer lvl sw|logic-in|washer
Body module|A6|Rr demist rly|low-side-out high-side-out|demister
Body module|A7|LIN wiper|lin|wiper body-data
Body module|A8|Horn rly ctl|low-side-out|horn
Body module|A9|Immo coil|serial analogue-in|key-reader
Body module|A10|Park brk sw|logic-in|handbrake
Body module|A11|Seatbelt buckle drv|logic-in|seat-belt
Body module|A12|Ambient temp|resistive-in|ambient-temperature
Body module|A13|Fuel sender rtn|ground|sensor-ground
Body module|A14|Fuel sender sig|resistive-in analogue-in|fuel-level
Body module|A15|Start button|logic-in|starter-request
Body module|A16|Stop lamp sw|logic-in|brake-switch
Body module|A17|Rev lt out|high-side-out|reverse-lamp
Body module|A18|IS CAN H|can|body-data
Body module|A19|KL30|supply-in|battery-supply
Body module|A20|KL31|ground|ground
Body module|A21|KL15|supply-in logic-in|ignition-supply
Body module|A22|KL50|logic-in supply-in|starter-request start-supply
Tow socket|1|LH ind|supply-out load-in|turn-signal trailer
Tow socket|3|Earth|ground|ground
Tow socket|6|Stop|supply-out load-in|brake-switch trailer
Tow socket|7|LH tail|supply-out load-in|lighting trailer
Tank unit|1|Gauge|resistive-out|fuel-level
Tank unit|2|Low level lamp|switch-out|fuel-level
Tank unit|3|Earth|ground|ground
Flasher can|B|Feed|supply-in|turn-signal ignition-supply
Flasher can|L|To switch|supply-out switch-out|turn-signal
Stop tail lamp|1|Stop|load-in|brake-switch
Stop tail lamp|2|Tail|load-in|lighting
Stop tail lamp|3|E|ground|ground
`;

export const RAIL_DONOR = `
ECM|1|Rail press sens sig|analogue-in|fuel-pressure
ECM|2|Rail press sens 5v|reference-out|sensor-supply
ECM|3|Rail press sens gnd|ground|sensor-ground
ECM|4|Inj 1 hi|injector-out|injector
ECM|5|Inj 1 lo|injector-out|injector
ECM|6|Inj 4 hi|injector-out|injector
ECM|7|Fuel metering unit +|pwm-out supply-out high-side-out| other fuel-pressure
ECM|8|Fuel metering unit PWM|pwm-out low-side-out| other fuel-pressure
ECM|9|VGT actuator|pwm-out motor-out low-side-out|boost-control
ECM|10|Turbo vane pos fbk|analogue-in|boost-control
ECM|11|EGR vlv motor A|motor-out|exhaust-recirculation
ECM|12|EGR vlv motor B|motor-out|exhaust-recirculation
ECM|13|EGR vlv pos|analogue-in|exhaust-recirculation
ECM|14|Glow relay ctl|low-side-out high-side-out|glow-plug
ECM|15|Glow lamp|low-side-out|glow-plug
ECM|16|Water in fuel snsr|logic-in analogue-in resistive-in| other
ECM|17|Fuel temp|resistive-in| other
ECM|18|Boost press sig|analogue-in|manifold-pressure
ECM|19|IAT (in MAP)|resistive-in|intake-air-temperature
ECM|20|MAF freq|frequency-in|mass-air-flow
ECM|21|Cam hall|hall-in frequency-in|camshaft-position
ECM|22|Crank VR A|reluctor-in|crankshaft-position
ECM|23|Crank VR B|reluctor-in|crankshaft-position
ECM|24|APP1|analogue-in|accelerator-position
ECM|25|APP2|analogue-in|accelerator-position
ECM|26|APP1 ref|reference-out|sensor-supply
ECM|27|APP2 rtn|ground|sensor-ground
ECM|28|Brake sw NO|logic-in|brake-switch
ECM|29|Brake sw NC|logic-in|brake-switch
ECM|30|Clutch pedal|logic-in|clutch-switch
ECM|31|PTO enable|logic-in| other
ECM|32|Remote stop|logic-in| other
ECM|33|K line|serial|diagnostic-data
ECM|34|CAN H J|can|powertrain-data body-data
ECM|35|CAN L J|can|powertrain-data body-data
ECM|36|Main rly ctl|low-side-out|main-relay
ECM|37|Batt + via main rly|supply-in|battery-supply relay-supply
ECM|38|Batt + via main rly|supply-in|battery-supply relay-supply
ECM|39|PWR GND|ground|ground
ECM|40|Key on|supply-in logic-in|ignition-supply
ECM|41|Crank req|logic-in|starter-request
ECM|42|Starter rly|low-side-out high-side-out|starter-relay
ECM|43|Tach out|frequency-out|engine-speed
ECM|44|VSS in|frequency-in|vehicle-speed
ECM|45|Eng fan clutch PWM|pwm-out|cooling-fan
ECM|46|A/C press|analogue-in|refrigerant-pressure
ECM|47|Oil lvl snsr|analogue-in resistive-in logic-in| other
ECM|48|Oil press snsr|analogue-in|oil-pressure
ECM|49|ECT|resistive-in|coolant-temperature
ECM|50|Intake heater rly|low-side-out high-side-out| glow-plug other
ECM|51|Exh brake sol|low-side-out high-side-out| other
ECM|52|DPF dp sensor|analogue-in| other
ECM|53|EGT 1|resistive-in analogue-in|exhaust-temperature
ECM|54|EGT 1 rtn|ground|sensor-ground
ECM|55|SCR dosing|low-side-out pwm-out| other
ECM|56|Lift pump rly|low-side-out high-side-out|fuel-pump
ECM|57|MIL|low-side-out|malfunction-lamp
ECM|58|Stop lamp red|low-side-out|malfunction-lamp
ECM|59|n/c|spare|
ECM|60|Cruise set/coast|logic-in|cruise-request
ECM|61|Throttle inhibit|logic-in| other
ECM|62|Turbine spd|frequency-in reluctor-in| other
TCU|A1|SS A|low-side-out high-side-out|shift-solenoid
TCU|A2|SS B|low-side-out high-side-out|shift-solenoid
TCU|A3|EPC|pwm-out low-side-out high-side-out|pressure-solenoid
TCU|A4|TCC PWM|pwm-out low-side-out high-side-out|converter-clutch
TCU|A5|TR P|logic-in|gear-range park-neutral
TCU|A6|TR R|logic-in|gear-range reverse-lamp
TCU|A7|ISS +|reluctor-in frequency-in|transmission-input-speed
TCU|A8|ISS -|reluctor-in frequency-in|transmission-input-speed
TCU|A9|OSS hi|reluctor-in frequency-in|transmission-output-speed
TCU|A10|TFT|resistive-in|transmission-temperature
TCU|A11|TFT rtn|ground|sensor-ground
TCU|A12|Kickdown sw|logic-in| shift-mode accelerator-position other
TCU|A13|Mode sel (pwr/econ)|logic-in|shift-mode
TCU|A14|Rev lamp rly|low-side-out high-side-out|reverse-lamp
TCU|A15|P/N to starter|switch-out low-side-out high-side-out|park-neutral
TCU|A16|Ign|supply-in logic-in|ignition-supply
TCU|A17|B+|supply-in|battery-supply
TCU|A18|Gnd|ground|ground
TCU|A19|Shift lock sol|low-side-out high-side-out| other brake-switch
TCU|A20|Sol pwr|supply-out high-side-out| other relay-supply pressure-solenoid shift-solenoid
Inj 1|1|Hi side|injector-in|injector
Inj 1|2|Lo side|injector-in|injector
Rail sensor|1|Sig|analogue-out|fuel-pressure
Rail sensor|2|Gnd|ground|sensor-ground
Rail sensor|3|5V|reference-in|sensor-supply
Glow plug relay|85|Coil gnd from ECM|load-in|glow-plug
Glow plug relay|86|Ign|load-in supply-in|ignition-supply glow-plug
Glow plug relay|30|Batt|supply-in|battery-supply
Glow plug relay|87|To plugs|supply-out|glow-plug relay-supply
Glow plug 1|1||load-in|glow-plug
Stop solenoid|1|Run/hold|load-in supply-in| other ignition-supply
Coolant sender|1|To temp gauge|resistive-out|coolant-temperature
Coolant sw|1|Over-temp warning|switch-out|coolant-temperature
Oil sw|1|Oil lamp|switch-out|oil-pressure-warning
Alternator|W|Tacho|frequency-out|engine-speed
Alternator|D+|Charge lamp|load-in supply-out low-side-out switch-out|charge-warning
Alternator|B+|Output|supply-out|battery-supply
Lift pump|1|+|supply-in load-in|fuel-pump
Lift pump|2|-|ground load-in|ground fuel-pump
`;

export const COACH_HOST = `
Dash loom|1|Oil light|load-in|oil-pressure-warning
Dash loom|2|Ign light|load-in|charge-warning
Dash loom|3|Temp gauge|resistive-in|coolant-temperature
Dash loom|4|Fuel gauge|resistive-in|fuel-level
Dash loom|5|Tacho signal|frequency-in|engine-speed
Dash loom|6|Gauge feed 10V stab|supply-in|ignition-supply
Dash loom|7|Panel lamps|load-in supply-in|illumination
Dash loom|8|Main beam tell tale|load-in|lighting
Dash loom|9|Flasher tell tale|load-in|turn-signal
Dash loom|10|Brake fluid lamp|load-in|brake-fluid
Dash loom|11|Hazard switch feed|supply-in|hazard battery-supply
Dash loom|12|Heater 2 speed|supply-out switch-out load-in|heater-blower heater-control
Fuse board|1/1|Horns, interior lamp (permanent)|supply-out|battery-supply horn lighting
Fuse board|1/2|Sidelamps LH|supply-out|lighting
Fuse board|2/1|Ign services: wiper, indicators, stop lamps|supply-out|ignition-supply wiper
Fuse board|2/2|Heated rear screen|supply-out|demister
Fuse board|3/1|Electric fuel pump|supply-out|fuel-pump
Fuse board|3/2|Fan|supply-out|cooling-fan
Steering column switch|1|Flash|switch-out supply-out|lighting
Steering column switch|2|Dip|switch-out supply-out|lighting
Steering column switch|3|Horn earth|switch-out ground|horn
Steering column switch|4|Wiper slow|switch-out supply-out|wiper
Steering column switch|5|Wiper park|switch-out supply-out supply-in|wiper
Steering column switch|6|Wash|switch-out supply-out|washer
Steering column switch|7|O/D|switch-out| shift-mode other
Gearbox plug|1|Reverse lamp sw|switch-out|reverse-lamp
Gearbox plug|2|Reverse lamp feed|supply-in|reverse-lamp ignition-supply
Gearbox plug|3|Overdrive sol|load-in| other shift-mode shift-solenoid
Gearbox plug|4|Speed drive pulse|frequency-out reluctor-out|vehicle-speed
Starter relay|C1|Coil, from key|load-in|starter-request start-supply starter-relay
Starter relay|C2|Coil, earth via inhibitor|load-in ground|park-neutral starter-relay
Starter relay|C4|Contact, from battery|supply-in|battery-supply
Starter relay|C3|Contact, to solenoid|supply-out|starter-relay start-supply
Inertia switch|1|Pump feed in|supply-in|fuel-pump
Inertia switch|2|Pump feed out|supply-out switch-out|fuel-pump
Voltage stabiliser|B|From fuse 4|supply-in|ignition-supply
Voltage stabiliser|I|To gauges|supply-out|ignition-supply
Body controller X2|1|Wiper int relay|low-side-out|wiper
Body controller X2|2|Door 1 valve|low-side-out high-side-out| door other
Body controller X2|3|Kneel request|logic-in| other
Body controller X2|4|Retarder stage 1|high-side-out low-side-out| other
Body controller X2|5|Saloon lights 1|high-side-out low-side-out|lighting
Body controller X2|6|Stop request bell|high-side-out low-side-out logic-in| other
Body controller X2|7|Park brake press sw|logic-in|handbrake
Body controller X2|8|Air press front|analogue-in| other
Body controller X2|9|Speed limiter sol|low-side-out high-side-out| other
Body controller X2|10|Engine stop|low-side-out high-side-out logic-in| other
Body controller X2|11|D+ alternator|logic-in|charge-warning
Body controller X2|12|W alternator|frequency-in|engine-speed
Body controller X2|13|Coolant level|logic-in| other
Body controller X2|14|Tacho graph B7 speed|frequency-in|vehicle-speed
Body controller X2|15|Fuel level|resistive-in analogue-in|fuel-level
Body controller X2|16|Washer level sw|logic-in|washer
Body controller X2|17|CAN shield|shield|body-data powertrain-data
Body controller X2|18|24V perm|supply-in|battery-supply
Body controller X2|19|KL15|supply-in logic-in|ignition-supply
Body controller X2|20|Reversing buzzer|high-side-out low-side-out| reverse-lamp other
Body controller X2|21|Fog rear sw|logic-in|lighting
Body controller X2|22|Fog rear lamp|high-side-out|lighting
Bulkhead C1|1|Coil feed|supply-out|ignition-supply
Bulkhead C1|2|Starter|supply-out|starter-relay starter-request start-supply
Bulkhead C1|3|Temp|resistive-in|coolant-temperature
Bulkhead C1|4|Oil|?|
Bulkhead C1|5|Fan|supply-out low-side-out high-side-out|cooling-fan
Bulkhead C1|6|Tach|frequency-in|engine-speed
Radiator fan sw|1|To relay|switch-out|cooling-fan coolant-temperature
Radiator fan sw|2|Earth|ground|ground
Brake lamp sw|1|Feed|supply-in|brake-switch ignition-supply
Brake lamp sw|2|Out|switch-out supply-out|brake-switch
Washer pump|1|+|load-in supply-in|washer
Heater motor|1|Slow|load-in|heater-blower
Heater motor|2|Fast|load-in|heater-blower
Horn|1|+|load-in supply-in|horn
Door switch|1|Courtesy|switch-out|door lighting
`;

export const FREE_DONOR = `
Main A|1|Inj out 1|injector-out|injector
Main A|2|Inj out 2|injector-out|injector
Main A|3|Inj out 3|injector-out|injector
Main A|4|Ign drive 1|coil-out|ignition-coil
Main A|5|Ign drive 2|coil-out|ignition-coil
Main A|6|Aux out 1 (boost)|pwm-out low-side-out|boost-control
Main A|7|Aux out 2 (fan relay)|low-side-out|cooling-fan
Main A|8|Aux out 3 (fuel pump relay)|low-side-out|fuel-pump
Main A|9|Aux out 4 (tacho)|frequency-out low-side-out|engine-speed
Main A|10|Aux out 5 spare|spare|
Main A|11|Aux out 6 (shift light)|low-side-out| other
Main A|12|H bridge 1 +|motor-out|throttle-motor
Main A|13|H bridge 1 -|motor-out|throttle-motor
Main A|14|Pwr gnd|ground|ground
Main A|15|Pwr gnd|ground|ground
Main A|16|12V sw|supply-in|ignition-supply
Main A|17|12V perm (clock)|supply-in|battery-supply
Main A|18|5V sens|reference-out|sensor-supply
Main A|19|0V sens|ground|sensor-ground
Main A|20|AN1 throttle|analogue-in|throttle-position
Main A|21|AN2 MAP|analogue-in|manifold-pressure
Main A|22|AN3 oil press|analogue-in|oil-pressure
Main A|23|AN4 fuel press|analogue-in|fuel-pressure
Main A|24|AT1 water|resistive-in|coolant-temperature
Main A|25|AT2 air|resistive-in|intake-air-temperature
Main A|26|Lambda Nernst|lambda-in|oxygen
Main A|27|Lambda htr|low-side-out pwm-out|oxygen-heater
Main A|28|Knock 1|knock-in|knock
Main A|29|Trig 1 +|reluctor-in hall-in|crankshaft-position
Main A|30|Trig 1 -|reluctor-in ground|crankshaft-position sensor-ground
Main A|31|Trig 2 cam|hall-in reluctor-in|camshaft-position
Main A|32|Trig screen|shield|crankshaft-position
Main A|33|Dig in 1 clutch|logic-in|clutch-switch
Main A|34|Dig in 2 launch|logic-in| other
Main A|35|Dig in 3 A/C req|logic-in|ac-request
Main A|36|Dig in 4 road speed|frequency-in|vehicle-speed
Main A|37|CAN H|can|powertrain-data
Main A|38|CAN L|can|powertrain-data
Main A|39|USB D+|?|
Main A|40|Main relay drive|low-side-out|main-relay
Main A|41|Idle stepper A|motor-out|idle-control
Main A|42|Idle stepper B|motor-out|idle-control
Main A|43|Cam advance sol|low-side-out pwm-out|camshaft-phaser
Main A|44|Starter enable out|low-side-out high-side-out|starter-relay
Engine plug|A|To starter solenoid|load-in|starter-relay starter-request
Engine plug|B|Temp gauge sender|resistive-out|coolant-temperature
Engine plug|C|Oil gauge sender|resistive-out|oil-pressure
Engine plug|D|Tacho (coil -)|frequency-out coil-in|engine-speed
Engine plug|E|Coil + / choke|supply-in load-in|ignition-supply
Engine plug|F|Alt exciter|load-in supply-in low-side-out|alternator-field charge-warning
Engine plug|G|Battery charge output|supply-out|battery-supply
Engine plug|H|Eng earth|ground|ground
Engine plug|J|Trim up relay|load-in low-side-out| other
Engine plug|K|Overheat switch|switch-out|coolant-temperature
Engine plug|L|Shift interrupt|switch-out logic-in| other
Throttle body|1|TPS1|analogue-out|throttle-position
Throttle body|2|TPS2|analogue-out|throttle-position
Throttle body|3|Mot +|motor-in|throttle-motor
Throttle body|4|Mot -|motor-in|throttle-motor
Throttle body|5|5V|reference-in|sensor-supply
Throttle body|6|0V|ground|sensor-ground
Coil pack|1|Cyl 1 trig|coil-in logic-in|ignition-coil
Coil pack|2|12V|supply-in|ignition-supply relay-supply
Coil pack|3|Gnd|ground|ground
VVT sol|1|PWM|load-in|camshaft-phaser
VVT sol|2|12V|supply-in|ignition-supply relay-supply
Crank sensor|1|+|reluctor-out hall-out reference-in supply-in|crankshaft-position sensor-supply
Crank sensor|3|Screen|shield|crankshaft-position
Air temp|1|Sig|resistive-out|intake-air-temperature
Air temp|2|Rtn|ground|sensor-ground
Knock sensor|1|Sig|knock-out|knock
Wastegate sol|1|Feed|supply-in|ignition-supply relay-supply boost-control
Wastegate sol|2|Control|load-in|boost-control
Fuel press sender|3|Out|analogue-out|fuel-pressure
Idle valve|1|Open winding|motor-in load-in|idle-control
Idle valve|2|Centre 12V|supply-in|ignition-supply relay-supply idle-control
Idle valve|3|Close winding|motor-in load-in|idle-control
Lambda|1|Htr +|supply-in load-in|oxygen-heater ignition-supply relay-supply
Lambda|2|Htr -|load-in ground|oxygen-heater
Lambda|3|Sig|lambda-out|oxygen
Lambda|4|Sig gnd|ground|sensor-ground
`;

export const MOTORHOME_HOST = `
Habitation panel|1|Leisure batt +|supply-in|battery-supply
Habitation panel|2|Fridge relay|low-side-out supply-out load-in high-side-out| other
Habitation panel|3|Fresh water level|resistive-in logic-in analogue-in| other
Habitation panel|4|Waste tank gauge|resistive-in| other
Habitation panel|5|Step motor out|motor-out supply-out high-side-out| other
Habitation panel|6|Step motor in|motor-out supply-out high-side-out| other
Habitation panel|7|Step switch|logic-in switch-out| other
Habitation panel|8|Awning light|high-side-out supply-out load-in|lighting
Habitation panel|9|D+ signal from alternator|logic-in load-in|charge-warning
Habitation panel|10|Starter batt sense|analogue-in supply-in|battery-supply
Habitation panel|11|0V|ground|ground sensor-ground
Habitation panel|12|Pump|high-side-out supply-out load-in| other fuel-pump
Dash clocks|1|Ign 12V|supply-in|ignition-supply
Dash clocks|2|Earth|ground|ground
Dash clocks|3|Turn R|load-in|turn-signal
Dash clocks|4|Turn L|load-in|turn-signal
Dash clocks|5|High beam|load-in|lighting
Dash clocks|6|Water temp|resistive-in|coolant-temperature
Dash clocks|7|Fuel|resistive-in|fuel-level
Dash clocks|8|Low fuel|load-in logic-in|fuel-level
Dash clocks|9|Oil|load-in|oil-pressure-warning
Dash clocks|10|Charge|load-in|charge-warning
Dash clocks|11|Brake|load-in|handbrake brake-fluid brake-switch
Dash clocks|12|Belt|load-in|seat-belt
Dash clocks|13|Door|load-in|door
Dash clocks|14|Illum|load-in|illumination
Dash clocks|15|Tach in|frequency-in|engine-speed
Dash clocks|16|Spd in|frequency-in|vehicle-speed
Dash clocks|17|Check eng|load-in|malfunction-lamp
Dash clocks|18|AT oil temp|load-in resistive-in|transmission-temperature
Dash clocks|19|O/D off|load-in|shift-mode
Dash clocks|20|P|load-in logic-in|gear-range gear-display
Kick panel J/B|1|Stop fuse|supply-out|brake-switch
Kick panel J/B|2|Gauge fuse|supply-out|ignition-supply
Kick panel J/B|3|Ign coil|supply-out|ignition-supply ignition-coil
Kick panel J/B|4|EFI|supply-out| other relay-supply
Kick panel J/B|5|Alt S|supply-out|battery-supply
Kick panel J/B|6|Dome|supply-out|lighting battery-supply
Combi switch|1|Head|switch-out supply-out|lighting
Combi switch|2|Tail|switch-out supply-out|lighting
Combi switch|3|HU|switch-out supply-out|lighting
Combi switch|4|Wiper +1|switch-out supply-out|wiper
Combi switch|5|Wiper +B|supply-in|wiper
Combi switch|6|WF washer|switch-out|washer
Blower sw|1|Lo|switch-out|heater-blower
Blower sw|2|Hi|switch-out|heater-blower
Blower sw|3|Earth|ground|ground
Heater relay|1|Coil + IG|load-in|heater-blower ignition-supply
Heater relay|3|Contact in|supply-in|heater-blower battery-supply
Fuel sender|1|Level|resistive-out|fuel-level
Fuel sender|2|Warn|switch-out|fuel-level
Stop switch|1|B+|supply-in|battery-supply brake-switch
Stop switch|2|To lamps|switch-out supply-out|brake-switch
`;

export const CODED_DONOR = `
E10|1|No. 1 injector|injector-out|injector
E10|2|No. 3 injector|injector-out|injector
E10|3|Igniter signal 1-4|coil-out|ignition-coil
E10|4|Igniter confirm|logic-in| ignition-coil other
E10|5|Idle speed cont. valve open|pwm-out motor-out low-side-out|idle-control
E10|6|EVAP VSV|low-side-out|purge-valve
E10|7|EGR VSV|low-side-out|exhaust-recirculation
E10|8|Fuel pressure up VSV|low-side-out| other fuel-pressure
E10|9|Cam angle sensor G+|reluctor-in hall-in|camshaft-position
E10|10|Crank angle NE+|reluctor-in hall-in|crankshaft-position
E10|11|NE-|reluctor-in ground|crankshaft-position sensor-ground
E10|12|Main O2|lambda-in|oxygen
E10|13|Sub O2|lambda-in|oxygen
E10|14|Sub O2 heater|low-side-out|oxygen-heater
E10|15|Vacuum sensor PIM|analogue-in|manifold-pressure
E10|16|Water temp THW|resistive-in|coolant-temperature
E10|17|Air temp THA|resistive-in|intake-air-temperature
E10|18|Throttle VTA|analogue-in|throttle-position
E10|19|Idle contact IDL|logic-in| throttle-position other
E10|20|Sensor earth E2|ground|sensor-ground
E10|21|Power earth E01|ground|ground
E10|22|5V to sensors VC|reference-out|sensor-supply
E10|23|+B from main relay|supply-in|relay-supply battery-supply ignition-supply
E10|24|Backup BATT|supply-in|battery-supply
E10|25|IGSW|supply-in logic-in|ignition-supply
E10|26|Starter signal STA|logic-in supply-in|starter-request start-supply
E10|27|Neutral start NSW|logic-in|park-neutral
E10|28|Speed SPD from meter|frequency-in|vehicle-speed
E10|29|Stop lamp STP|logic-in|brake-switch
E10|30|Check lamp W|low-side-out|malfunction-lamp
E10|31|Aircon amp ACT|logic-in low-side-out|ac-request ac-clutch
E10|32|Electrical load ELS|logic-in| other
E10|33|P/S press switch|logic-in|power-steering-pressure
E10|34|Diag TE1|logic-in serial|diagnostic-data
E10|35|Fuel pump relay FC|low-side-out|fuel-pump
E10|36|Tacho IGF out|frequency-out|engine-speed
E10|37|Rad fan relay|low-side-out|cooling-fan
E10|38|Overdrive off sw|logic-in|shift-mode
E10|39|Lock up sol SL|low-side-out|converter-clutch
E10|40|No.1 shift sol S1|low-side-out|shift-solenoid
E10|41|Trans speed SP2|reluctor-in frequency-in|transmission-output-speed vehicle-speed
E10|42|Cruise cancel to A/T|logic-in low-side-out|cruise-request cruise-active
E10|43|A/C magnet clutch relay|low-side-out|ac-clutch
E10|44|Alternator lamp|low-side-out logic-in|charge-warning
E10|45|Alternator load FR|pwm-in frequency-in|alternator-field
E10|46|Transponder amp IMLD|serial low-side-out|security-data security-lamp
E10|47|Oil control valve OCV+|low-side-out pwm-out|camshaft-phaser
E10|48|Oil control valve OCV-|low-side-out pwm-out|camshaft-phaser
E10|49|Knock KNK|knock-in|knock
E10|50|Knock shield|shield|knock
Cold start injector|1|From start signal|load-in supply-in injector-in|injector start-supply
Time switch|1|STJ|switch-out| other injector
Air flow meter|3|Output|analogue-out|mass-air-flow
Air flow meter|4|+B|supply-in|ignition-supply relay-supply battery-supply
Temp switch rad|1|Fan on|switch-out|cooling-fan coolant-temperature
Oil sender|1|Gauge|resistive-out|oil-pressure
`;
