/** What is fitted to the large sample's two vehicles, zone by zone. A pin reads `role kind quantity description`. */
export interface Device {
  readonly name: string;
  /** How many, told apart by a number or by these names. */
  readonly copies: number | readonly string[];
  readonly zone: string;
  /** The computer that its signals go to. */
  readonly home: string;
  /**
   * Roles: `feed` from a shared fuse, `ground` to the zone's ground, `signal` to its computer, `high` and `low` of the
   * data bus.
   */
  readonly pins: readonly string[];
}

const GROUND = "ground ground ground Earth";
const feed = (words: string, amps = 3) => `feed supply-in ignition-supply ${words};amps=${amps};alive=run`;
const always = (words: string, amps = 2) => `feed supply-in battery-supply ${words};amps=${amps};alive=permanent`;
const lamp = (quantity: string, words: string, amps = 2) =>
  `signal load-in ${quantity} ${words};amps=${amps};otherEnd=ground`;
const BUS = ["high can body-data Body bus high;bitrate=500000", "low can body-data Body bus low;bitrate=500000"];
const CORNERS = ["front left", "front right", "rear left", "rear right"];
const SIDES = ["left", "right"];

const fitted = (
  zone: string,
  home: string,
  list: readonly (readonly [string, number | readonly string[], readonly string[]])[],
): Device[] => list.map(([name, copies, pins]) => ({ name, copies, zone, home, pins }));

export const HOST_DEVICES: readonly Device[] = [
  ...fitted("Front", "Body computer", [
    [
      "Headlamp",
      SIDES,
      [
        lamp("lighting", "Main beam", 5),
        lamp("lighting", "Dip beam", 5),
        lamp("lighting", "Side lamp"),
        lamp("turn-signal", "Turn signal"),
        GROUND,
      ],
    ],
    ["Fog lamp", SIDES, [lamp("lighting", "Front fog lamp", 5), GROUND]],
    ["Horn", SIDES, [lamp("horn", "Horn", 4), GROUND]],
    ["Washer pump", 2, [lamp("washer", "Washer pump", 4), GROUND]],
    [
      "Wiper motor",
      1,
      [
        feed("Wiper feed", 8),
        lamp("wiper", "Wiper slow", 6),
        lamp("wiper", "Wiper fast", 8),
        "signal switch-out wiper Wiper park;to=ground",
        GROUND,
      ],
    ],
    [
      "Outside temperature sensor",
      1,
      ["signal resistive-out ambient-temperature Outside temperature", "return ground sensor-ground Sensor earth"],
    ],
    [
      "Crash sensor",
      SIDES,
      ["signal serial airbag Airbag crash sensor +", "return ground sensor-ground Airbag crash sensor -"],
    ],
    ["Work lamp", 8, [lamp("lighting", "Work lamp", 4), GROUND]],
    ["Winch contactor", 1, [lamp("other", "Winch in", 3), lamp("other", "Winch out", 3), GROUND]],
    ["Bonnet switch", 1, ["signal switch-out door Bonnet switch;to=ground", GROUND]],
  ]),
  ...fitted("Dash", "Body computer", [
    [
      "Instruments",
      1,
      [
        always("Instruments, permanent live"),
        feed("Instruments, ignition live"),
        GROUND,
        ...BUS,
        "signal logic-in handbrake Handbrake lamp input;active=low;pull=up",
        "signal logic-in brake-fluid Brake fluid input;active=low;pull=up",
      ],
    ],
    ["Radio", 1, [always("Radio, permanent live", 6), GROUND, ...BUS]],
    ["Heater control", 1, [feed("Heater control feed"), GROUND, ...BUS]],
    [
      "Light switch",
      1,
      [
        "signal switch-out lighting Light switch side;to=ground",
        "signal switch-out lighting Light switch head;to=ground",
        "signal switch-out lighting Fog switch;to=ground",
        GROUND,
      ],
    ],
    [
      "Column switch",
      1,
      [
        "signal switch-out turn-signal Turn signal left;to=ground",
        "signal switch-out turn-signal Turn signal right;to=ground",
        "signal switch-out wiper Wiper slow switch;to=ground",
        "signal switch-out wiper Wiper fast switch;to=ground",
        "signal switch-out washer Washer switch;to=ground",
        GROUND,
      ],
    ],
    ["Hazard switch", 1, ["signal switch-out hazard Hazard switch;to=ground", GROUND]],
    [
      "Airbag module",
      1,
      [
        feed("Airbag module feed", 5),
        GROUND,
        "signal load-in airbag Driver's airbag squib;otherEnd=free",
        "signal load-in airbag Passenger's airbag squib;otherEnd=free",
        ...BUS,
      ],
    ],
    ["Steering angle sensor", 1, [feed("Steering angle sensor feed"), GROUND, ...BUS]],
    ["Blower", 1, [feed("Blower feed", 20), "signal pwm-in heater-blower Blower control;hz=400", GROUND]],
    [
      "Flap motor",
      4,
      [
        "signal load-in heater-control Heater flap motor +;otherEnd=free",
        "signal load-in heater-control Heater flap motor -;otherEnd=free",
      ],
    ],
    [
      "Switch panel",
      6,
      [
        "signal switch-out other Panel switch 1;to=ground",
        "signal switch-out other Panel switch 2;to=ground",
        "signal switch-out other Panel switch 3;to=ground",
        lamp("illumination", "Panel lighting", 1),
        GROUND,
      ],
    ],
    ["Start button", 1, ["signal switch-out starter-request Start button;to=ground", GROUND]],
    ["Clutch switch", 1, ["signal switch-out clutch-switch Clutch switch;to=ground", GROUND]],
    [
      "Brake light switch",
      1,
      [always("Brake light switch feed", 5), "signal switch-out brake-switch Brake light switch;to=battery"],
    ],
    ["Reader coil", 1, ["signal serial key-reader Key reader coil +", "signal serial key-reader Key reader coil -"]],
  ]),
  ...fitted("Doors", "Door computer", [
    [
      "Window motor",
      CORNERS,
      [
        "signal load-in window Window motor +;otherEnd=free;amps=8",
        "signal load-in window Window motor -;otherEnd=free;amps=8",
      ],
    ],
    [
      "Lock motor",
      CORNERS,
      [
        "signal load-in lock Lock motor +;otherEnd=free;amps=4",
        "signal load-in lock Lock motor -;otherEnd=free;amps=4",
        "signal switch-out door Door switch;to=ground",
        GROUND,
      ],
    ],
    [
      "Window switch",
      CORNERS,
      [
        "signal switch-out window Window up;to=ground",
        "signal switch-out window Window down;to=ground",
        lamp("illumination", "Switch lighting", 0.2),
        GROUND,
      ],
    ],
    [
      "Mirror",
      SIDES,
      [
        "signal load-in mirror Mirror up and down;otherEnd=free",
        "signal load-in mirror Mirror in and out;otherEnd=free",
        lamp("mirror", "Mirror heating", 2),
        lamp("turn-signal", "Mirror turn signal", 0.5),
        GROUND,
      ],
    ],
    [
      "Speaker",
      CORNERS,
      ["signal load-in audio Speaker +;otherEnd=free", "signal load-in audio Speaker -;otherEnd=free"],
    ],
    ["Door lamp", CORNERS, [always("Door lamp feed", 1), lamp("lighting", "Door lamp", 0.5)]],
  ]),
  ...fitted("Seats", "Body computer", [
    ["Seat heater", SIDES, [lamp("seat-heater", "Seat heater", 6), GROUND]],
    ["Belt switch", SIDES, ["signal switch-out seat-belt Belt buckle switch;to=ground", GROUND]],
    [
      "Belt tensioner",
      SIDES,
      [
        "signal load-in airbag Belt pretensioner squib;otherEnd=free",
        "return ground sensor-ground Belt pretensioner return",
      ],
    ],
    [
      "Seat motor",
      4,
      ["signal load-in other Seat motor +;otherEnd=free", "signal load-in other Seat motor -;otherEnd=free"],
    ],
  ]),
  ...fitted("Roof", "Cabin computer", [
    ["Interior lamp", 4, [always("Interior lamp feed", 1), lamp("lighting", "Interior lamp", 1), GROUND]],
    ["Roof lamp", 12, [lamp("lighting", "Roof lamp", 5), GROUND]],
    ["Aerial", 1, [feed("Aerial amplifier feed", 1), "signal analogue-out aerial Aerial signal"]],
    ["Roof vent", 2, [lamp("other", "Roof vent motor +"), lamp("other", "Roof vent motor -"), GROUND]],
  ]),
  ...fitted("Cabin", "Cabin computer", [
    ["Cabin lamp", 44, [lamp("lighting", "Cabin lamp", 1), GROUND]],
    ["Socket", 20, [always("Socket feed", 10), GROUND]],
    ["Water tank sender", 4, ["signal resistive-out other Water tank level", GROUND]],
    ["Water pump", 2, [lamp("other", "Water pump", 6), GROUND]],
    ["Fridge", 1, [always("Fridge feed", 10), GROUND, "signal logic-in other Fridge run;active=high;pull=down"]],
    [
      "Cabin switch",
      14,
      [
        "signal switch-out lighting Cabin switch up;to=ground",
        "signal switch-out lighting Cabin switch down;to=ground",
        lamp("illumination", "Cabin switch lighting", 0.1),
        GROUND,
      ],
    ],
    [
      "Blind motor",
      6,
      ["signal load-in other Blind motor +;otherEnd=free", "signal load-in other Blind motor -;otherEnd=free"],
    ],
    ["Air heater", 1, [always("Air heater feed", 15), GROUND, "signal serial other Air heater data"]],
    ["Cabin panel", 6, [always("Cabin panel feed", 1), GROUND, ...BUS]],
    [
      "Step motor",
      1,
      [
        lamp("other", "Step out", 8),
        lamp("other", "Step in", 8),
        "signal switch-out other Step limit;to=ground",
        GROUND,
      ],
    ],
    ["Gas valve", 2, [lamp("other", "Gas valve", 1), GROUND]],
  ]),
  ...fitted("Chassis", "Chassis computer", [
    [
      "Wheel speed sensor",
      CORNERS,
      ["signal hall-out wheel-speed Wheel speed signal", "return reference-in sensor-supply Wheel speed feed"],
    ],
    ["Anti-lock pump", 1, [always("Anti-lock pump feed", 30), feed("Anti-lock ignition live", 2), GROUND, ...BUS]],
    ["Air spring valve", CORNERS, [lamp("other", "Air spring valve", 1), GROUND]],
    [
      "Height sensor",
      CORNERS,
      ["signal analogue-out other Height sensor signal", "return reference-in sensor-supply Height sensor 5 V", GROUND],
    ],
    ["Fuel sender", 2, ["signal resistive-out fuel-level Fuel level sender", GROUND]],
    ["Fuel pump", 2, [lamp("fuel-pump", "Fuel pump", 8), GROUND]],
    [
      "Lock actuator",
      3,
      [
        lamp("four-wheel-drive", "Axle lock valve", 1),
        "signal switch-out four-wheel-drive Axle lock switch;to=ground",
        GROUND,
      ],
    ],
    ["Pressure switch", 3, ["signal switch-out other Air pressure switch;to=ground", GROUND]],
  ]),
  ...fitted("Tail", "Body computer", [
    [
      "Tail lamp",
      SIDES,
      [
        lamp("lighting", "Tail lamp"),
        lamp("brake-switch", "Brake lamp"),
        lamp("turn-signal", "Turn signal"),
        lamp("reverse-lamp", "Reversing lamp"),
        lamp("lighting", "Rear fog lamp"),
        GROUND,
      ],
    ],
    ["Number plate lamp", 2, [lamp("lighting", "Number plate lamp", 0.5), GROUND]],
    [
      "Trailer socket",
      1,
      [
        always("Trailer permanent live", 15),
        lamp("trailer", "Trailer left turn"),
        lamp("trailer", "Trailer right turn"),
        lamp("trailer", "Trailer brake", 4),
        lamp("trailer", "Trailer tail left"),
        lamp("trailer", "Trailer tail right"),
        lamp("trailer", "Trailer fog"),
        lamp("trailer", "Trailer reverse"),
        GROUND,
      ],
    ],
    ["Rear camera", 1, [feed("Rear camera feed", 1), GROUND, "signal analogue-out other Rear camera picture"]],
    ["Rear glass", 1, [lamp("demister", "Rear demister", 15), GROUND]],
    ["Rear wiper", 1, [feed("Rear wiper feed", 4), lamp("wiper", "Rear wiper", 4), GROUND]],
    ["Side marker", 24, [lamp("lighting", "Side marker", 0.5), GROUND]],
  ]),
];

const relayFeed = (words: string, amps = 1) => `feed supply-in relay-supply ${words};amps=${amps};alive=relay`;
const RETURN = "return ground sensor-ground Sensor earth";
const FIVE = "return reference-in sensor-supply Sensor 5 V";
const BANKS = ["bank 1", "bank 2"];

export const DONOR_DEVICES: readonly Device[] = [
  ...fitted("Engine", "Engine computer", [
    ["Injector", 6, ["signal injector-in injector Injector +", "signal injector-in injector Injector -"]],
    ["Glow plug", 6, ["signal load-in glow-plug Glow plug;amps=12;otherEnd=ground"]],
    ["Rail pressure sensor", 1, [FIVE, "signal analogue-out fuel-pressure Rail pressure", RETURN]],
    [
      "Metering valve",
      2,
      [
        relayFeed("Metering valve feed"),
        "signal load-in fuel-pressure Metering valve control;otherEnd=battery;inductive=yes",
      ],
    ],
    ["Crank sensor", 1, [FIVE, "signal hall-out crankshaft-position Crankshaft signal;pattern=60-2", RETURN]],
    ["Cam sensor", BANKS, [FIVE, "signal hall-out camshaft-position Camshaft signal", RETURN]],
    ["Coolant sensor", 2, ["signal resistive-out coolant-temperature Coolant temperature", RETURN]],
    [
      "Oil sensor",
      1,
      [
        FIVE,
        "signal analogue-out oil-pressure Oil pressure",
        "signal resistive-out oil-temperature Oil temperature",
        RETURN,
      ],
    ],
    [
      "Boost sensor",
      2,
      [
        FIVE,
        "signal analogue-out manifold-pressure Boost pressure",
        "signal resistive-out intake-air-temperature Charge air temperature",
        RETURN,
      ],
    ],
    ["Air mass meter", BANKS, [relayFeed("Air mass meter feed"), "signal analogue-out mass-air-flow Air mass", RETURN]],
    [
      "Exhaust valve",
      2,
      [
        relayFeed("Exhaust recirculation feed", 3),
        "signal pwm-in exhaust-recirculation Exhaust recirculation motor;hz=200",
        "signal analogue-out exhaust-recirculation Exhaust recirculation position",
        FIVE,
        RETURN,
      ],
    ],
    [
      "Turbo actuator",
      2,
      [relayFeed("Turbo actuator feed", 3), "signal pwm-in boost-control Turbo actuator control;hz=200", RETURN],
    ],
    [
      "Throttle flap",
      1,
      [
        relayFeed("Throttle flap feed", 3),
        "signal motor-in throttle-motor Throttle flap motor",
        "signal analogue-out throttle-position Throttle flap position",
        FIVE,
        RETURN,
      ],
    ],
    ["Swirl valve", 2, [relayFeed("Swirl valve feed"), "signal load-in intake-runner Swirl valve;otherEnd=battery"]],
    ["Exhaust temperature sensor", 4, ["signal resistive-out exhaust-temperature Exhaust temperature", RETURN]],
    [
      "Oxygen sensor",
      2,
      [
        relayFeed("Oxygen sensor heater feed", 2),
        "signal load-in oxygen-heater Oxygen sensor heater;otherEnd=battery",
        "signal lambda-out oxygen Oxygen sensor signal",
        RETURN,
      ],
    ],
    ["Difference pressure sensor", 1, [FIVE, "signal analogue-out other Filter pressure difference", RETURN]],
    ["Fan clutch", 1, [relayFeed("Fan clutch feed", 3), "signal pwm-in cooling-fan Fan clutch control;hz=10"]],
    [
      "Alternator",
      1,
      [
        "signal low-side-out charge-warning Alternator lamp;maxAmps=0.5",
        "signal serial alternator-field Alternator data",
      ],
    ],
    ["Starter", 1, ["signal load-in starter-request Starter solenoid;amps=12;otherEnd=ground"]],
    ["Compressor", 1, ["signal load-in ac-clutch Compressor clutch;amps=4;otherEnd=ground", GROUND]],
    ["Fuel temperature sensor", 1, ["signal resistive-out other Fuel temperature", RETURN]],
    ["Water in fuel sensor", 1, [FIVE, "signal logic-in other Water in fuel", RETURN]],
    ["Preheater", 2, [relayFeed("Preheater feed", 20), "signal pwm-in glow-plug Preheater control;hz=5", GROUND]],
    ["Oil level sensor", 1, [relayFeed("Oil level feed"), "signal pwm-out other Oil level;hz=50", GROUND]],
    ["Coolant pump", 2, [relayFeed("Coolant pump feed", 5), "signal pwm-in other Coolant pump control;hz=100", GROUND]],
    ["Knock block", 2, ["signal knock-out knock Knock sensor +", RETURN]],
  ]),
  ...fitted("Transmission", "Transmission computer", [
    [
      "Shift solenoid",
      7,
      [
        "signal load-in shift-solenoid Shift solenoid;otherEnd=battery;inductive=yes",
        "feed supply-in relay-supply Solenoid feed;amps=1;alive=relay",
      ],
    ],
    [
      "Pressure solenoid",
      3,
      [
        "signal load-in pressure-solenoid Pressure solenoid;otherEnd=battery",
        "feed supply-in relay-supply Solenoid feed;amps=1;alive=relay",
      ],
    ],
    ["Turbine speed sensor", 1, [FIVE, "signal hall-out transmission-input-speed Turbine speed", RETURN]],
    ["Output speed sensor", 1, [FIVE, "signal hall-out transmission-output-speed Output speed", RETURN]],
    ["Fluid temperature sensor", 1, ["signal resistive-out transmission-temperature Fluid temperature", RETURN]],
    [
      "Range switch",
      1,
      [
        "signal switch-out gear-range Range contact A;to=ground",
        "signal switch-out gear-range Range contact B;to=ground",
        "signal switch-out gear-range Range contact C;to=ground",
        "signal switch-out park-neutral Closed in P and N;to=ground",
        GROUND,
      ],
    ],
    [
      "Transfer motor",
      1,
      [
        "signal load-in four-wheel-drive Transfer motor +;otherEnd=free",
        "signal load-in four-wheel-drive Transfer motor -;otherEnd=free",
        "signal analogue-out four-wheel-drive Transfer position",
        FIVE,
        RETURN,
      ],
    ],
    [
      "Selector",
      1,
      [
        feed("Selector feed"),
        GROUND,
        "signal serial gear-range Selector data",
        "signal load-in reverse-lockout Selector lock;otherEnd=battery",
      ],
    ],
  ]),
  ...fitted("Engine bay", "Engine computer", [
    [
      "Accelerator pedal",
      1,
      [
        FIVE,
        "signal analogue-out accelerator-position Accelerator track 1",
        RETURN,
        FIVE,
        "signal analogue-out accelerator-position Accelerator track 2",
        RETURN,
      ],
    ],
    [
      "Brake pedal switch",
      1,
      ["signal switch-out brake-switch Brake pedal switch;to=battery", feed("Brake pedal switch feed", 1)],
    ],
    [
      "Reductant pump",
      1,
      [relayFeed("Reductant pump feed", 8), "signal pwm-in other Reductant pump control;hz=100", GROUND],
    ],
    [
      "Reductant heater",
      3,
      [relayFeed("Reductant heater feed", 8), "signal load-in other Reductant heater;otherEnd=battery"],
    ],
    [
      "Nitrogen oxide sensor",
      2,
      [
        relayFeed("Nitrogen oxide sensor feed", 4),
        GROUND,
        "high can powertrain-data Powertrain bus high;bitrate=500000",
        "low can powertrain-data Powertrain bus low;bitrate=500000",
      ],
    ],
    ["Diagnostic socket", 1, [always("Tester feed", 3), GROUND, "signal serial diagnostic-data Diagnosis line"]],
    ["Refrigerant sensor", 1, [FIVE, "signal analogue-out refrigerant-pressure Refrigerant pressure", RETURN]],
    ["Vacuum sensor", 1, [FIVE, "signal analogue-out brake-vacuum Brake vacuum", RETURN]],
    ["Fan", 2, [relayFeed("Fan feed", 25), "signal pwm-in cooling-fan-high Fan control;hz=100", GROUND]],
    ["Air shutter", 1, [relayFeed("Air shutter feed", 1), "signal serial other Air shutter data", GROUND]],
  ]),
];
