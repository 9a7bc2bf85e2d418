import { always, BANKS, type Device, FIVE, fitted, GROUND, RETURN, relayFeed } from "./ridgeway-devices";

export const DONOR_DEVICES: readonly Device[] = [
  ...fitted("Engine", "Engine computer", [
    ["Injector", 6, ["signal injector-in injector Injector +", "signal injector-in injector Injector -"]],
    ["Glow plug", 6, ["signal load-in glow-plug Glow plug;amps=3;otherEnd=ground"]],
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
    [
      "Air mass meter",
      BANKS,
      [relayFeed("Air mass meter feed"), GROUND, "signal analogue-out mass-air-flow Air mass", RETURN],
    ],
    [
      "Exhaust valve",
      2,
      [
        "signal motor-in exhaust-recirculation Exhaust recirculation motor +",
        "signal motor-in exhaust-recirculation Exhaust recirculation motor -",
        "signal analogue-out exhaust-recirculation Exhaust recirculation position",
        FIVE,
        RETURN,
      ],
    ],
    [
      "Turbo actuator",
      2,
      [relayFeed("Turbo actuator feed", 2), GROUND, "signal pwm-in boost-control Turbo actuator control;hz=200"],
    ],
    [
      "Throttle flap",
      1,
      [
        "signal motor-in throttle-motor Throttle flap motor +",
        "signal motor-in throttle-motor Throttle flap motor -",
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
    ["Compressor", 1, ["signal load-in ac-clutch Compressor clutch;amps=4;otherEnd=ground", GROUND]],
    ["Fuel temperature sensor", 1, ["signal resistive-out other Fuel temperature", RETURN]],
    ["Water in fuel sensor", 1, [FIVE, "signal logic-in other Water in fuel", RETURN]],
    ["Preheater", 2, [always("Preheater feed", 10), "signal pwm-in glow-plug Preheater control;hz=5", GROUND]],
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
        "signal switch-out gear-range Range contact D;to=ground",
        "interlock switch-out park-neutral Starter relay, closed in P and N;to=ground",
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
        relayFeed("Selector feed"),
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
      ["signal switch-out brake-switch Brake pedal switch;to=battery", relayFeed("Brake pedal switch feed")],
    ],
    [
      "Reductant pump",
      1,
      [relayFeed("Reductant pump feed", 3), "signal pwm-in other Reductant pump control;hz=100", GROUND],
    ],
    [
      "Reductant heater",
      3,
      [relayFeed("Reductant heater feed", 3), "signal load-in other Reductant heater;otherEnd=battery"],
    ],
    [
      "Nitrogen oxide sensor",
      2,
      [
        relayFeed("Nitrogen oxide sensor feed", 2),
        GROUND,
        "high can powertrain-data Powertrain bus high;bitrate=500000",
        "low can powertrain-data Powertrain bus low;bitrate=500000",
      ],
    ],
    ["Diagnostic socket", 1, [always("Tester feed", 3), GROUND, "signal serial diagnostic-data Diagnosis line"]],
    ["Refrigerant sensor", 1, [FIVE, "signal analogue-out refrigerant-pressure Refrigerant pressure", RETURN]],
    ["Vacuum sensor", 1, [FIVE, "signal analogue-out brake-vacuum Brake vacuum", RETURN]],
    ["Fan", 2, [always("Fan feed", 15), "signal pwm-in cooling-fan-high Fan control;hz=100", GROUND]],
    ["Air shutter", 1, [relayFeed("Air shutter feed", 1), "signal serial other Air shutter data", GROUND]],
  ]),
];
