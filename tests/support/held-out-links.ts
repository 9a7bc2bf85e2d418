/**
 * Jobs written out as a technician would map them, before any of them was matched: who serves whom, and by what. A link
 * is `provider > consumer: adapters`; `wire` is none, `?` is a decision or a value that a person must give. `never` are
 * pairs that would hurt something.
 */
export interface HeldOutJob {
  readonly name: string;
  readonly pins: string;
  readonly links: string;
  readonly never: readonly string[];
}

/** A pickup with gauges and relays receives a petrol four that kept its computer. */
const PICKUP: HeldOutJob = {
  name: "pickup",
  pins: `
    donor E-1@k30 supply-in battery-supply amps=2;alive=permanent;minVolts=6
    donor E-2@k15 supply-in ignition-supply amps=3;alive=run-crank;minVolts=6
    donor E-3@k31 ground ground role=power
    donor E-4@sg ground sensor-ground role=sensor-return
    donor E-5@ref reference-out sensor-supply volts=5;maxAmps=0.1
    donor E-6@tach frequency-out engine-speed pulsesPerRev=2;drive=open-collector
    donor E-7@mil low-side-out malfunction-lamp maxAmps=0.5;clamp=own
    donor E-8@pump low-side-out fuel-pump maxAmps=0.6;clamp=own
    donor E-9@fan low-side-out cooling-fan maxAmps=0.6;clamp=own
    donor E-10@stop logic-in brake-switch active=high;pull=down;maxVolts=18;highVolts=6
    donor E-11@clu logic-in clutch-switch active=low;pull=up
    donor E-12@ect resistive-in coolant-temperature
    donor E-13@ckp reluctor-in crankshaft-position pattern=36-1
    donor E-14@thr analogue-in throttle-position range=0.5..4.5
    donor ECT-1@ect resistive-out coolant-temperature curve=20:2500|60:600|100:180
    donor ECT-2@sg ground sensor-ground role=sensor-return
    donor CKP-1@ckp reluctor-out crankshaft-position pattern=36-1
    donor TPS-1@ref reference-in sensor-supply volts=5
    donor TPS-2@thr analogue-out throttle-position range=0.5..4.5
    donor OPS-1@oil switch-out oil-pressure-warning to=ground;closedWhen=no-pressure;maxAmps=1
    donor VSS-1@vss frequency-out vehicle-speed pulsesPerKm=4000;drive=open-collector
    host FB-1@1 supply-out battery-supply alive=permanent;maxAmps=20
    host FB-2@2 supply-out ignition-supply alive=run-crank;maxAmps=15
    host FB-3@3 supply-out accessory-supply alive=accessory;maxAmps=10
    host STUD-1@4 ground ground role=chassis
    host DASH-1@5 frequency-in engine-speed pulsesPerRev=2;pull=up
    host DASH-2@6 load-in malfunction-lamp amps=0.2;otherEnd=battery;inductive=no
    host DASH-3@7 resistive-in coolant-temperature curve=20:300|60:120|100:40;feedVolts=10
    host DASH-4@8 load-in oil-pressure-warning amps=0.2;otherEnd=battery;inductive=no
    host DASH-5@9 frequency-in vehicle-speed pulsesPerKm=2500;pull=up
    host PUMP-1@10 load-in fuel-pump amps=6;otherEnd=ground;inductive=yes
    host FAN-1@11 load-in cooling-fan amps=16;otherEnd=ground;inductive=yes
    host STOP-1@12 switch-out brake-switch to=battery;maxAmps=10
    host PEDAL-1@13 switch-out clutch-switch to=ground;maxAmps=2`,
  links: `
    FB-1 > E-1: fuse|wire
    FB-2 > E-2: fuse|wire
    STUD-1 > E-3: wire
    E-6 > DASH-1: wire
    E-7 > DASH-2: wire
    E-8 > PUMP-1: relay
    E-9 > FAN-1: relay
    STOP-1 > E-10: wire
    PEDAL-1 > E-11: wire
    ECT-1 > DASH-3: second-sender
    OPS-1 > DASH-4: wire
    VSS-1 > DASH-5: frequency-scaler`,
  never: [
    "E-5 >",
    "E-4 >",
    "> E-4",
    "CKP-1 > DASH",
    "E-6 > DASH-5",
    "FB-3 > E-1",
    "FB-3 > E-2",
    "ECT-1 > DASH-3: wire",
  ],
};

/** A saloon of the nineties with contacts to ground and a lamp for everything receives a diesel. */
const SALOON: HeldOutJob = {
  name: "saloon",
  pins: `
    donor D-1@a supply-in ignition-supply amps=8;alive=run-crank;minVolts=6
    donor D-2@b supply-in battery-supply amps=1;alive=permanent;minVolts=6
    donor D-3@c ground ground role=power
    donor D-4@d low-side-out glow-plug maxAmps=0.5;clamp=own
    donor D-5@e high-side-out charge-warning maxAmps=0.3
    donor D-6@f frequency-out engine-speed pulsesPerRev=6;drive=push-pull;amplitude=12
    donor D-7@g logic-in starter-request active=high;pull=down;maxVolts=18;highVolts=6
    donor D-8@h high-side-out starter-relay maxAmps=1
    donor D-9@i logic-in ac-request active=low;pull=up
    donor D-10@j low-side-out ac-clutch maxAmps=0.5;clamp=own
    donor D-11@k pwm-out coolant-temperature hz=100
    donor D-12@l serial diagnostic-data bitrate=10400;messages=kline
    donor D-13@m injector-out injector index=1
    donor D-14@n injector-out injector index=2
    donor INJ1-1@m injector-in injector index=1
    donor INJ2-1@n injector-in injector index=2
    donor OIL-1@o switch-out oil-pressure-warning to=ground;closedWhen=no-pressure;maxAmps=1
    donor REV-1@p switch-out reverse-lamp to=free;maxAmps=6
    host F-1@1 supply-out battery-supply alive=permanent;maxAmps=30
    host F-2@2 supply-out ignition-supply alive=run-crank;maxAmps=20
    host F-3@3 supply-out ignition-supply alive=run;maxAmps=10
    host KEY-50@4 supply-out starter-request alive=crank;maxAmps=15
    host ST-86@5 load-in starter-relay amps=0.2;otherEnd=ground;inductive=yes
    host CL-1@6 load-in charge-warning amps=0.15;otherEnd=ground;inductive=no
    host TACHO-1@7 frequency-in engine-speed pulsesPerRev=2;highVolts=6;maxVolts=18
    host AC-1@8 switch-out ac-request to=ground;maxAmps=2
    host CLUTCH-1@9 load-in ac-clutch amps=3.5;otherEnd=ground;inductive=yes
    host OILLAMP-1@10 load-in oil-pressure-warning amps=0.2;otherEnd=battery;inductive=no
    host GLOW-1@11 load-in glow-plug amps=0.2;otherEnd=battery;inductive=no
    host OBD-7@12 serial diagnostic-data bitrate=10400;messages=kline
    host REVLAMP-1@13 load-in reverse-lamp amps=3.5;otherEnd=ground;inductive=no
    host EARTH-1@14 ground ground role=chassis`,
  links: `
    F-2 > D-1: fuse|wire
    F-1 > D-2: fuse|wire
    EARTH-1 > D-3: wire
    D-4 > GLOW-1: wire
    D-5 > CL-1: wire
    D-6 > TACHO-1: frequency-scaler
    KEY-50 > D-7: wire
    D-8 > ST-86: wire|flyback-diode
    AC-1 > D-9: wire
    D-10 > CLUTCH-1: relay
    OIL-1 > OILLAMP-1: wire
    D-12 > OBD-7: wire`,
  never: ["F-3 > D-1: wire", "D-13 > CLUTCH", "D-8 > D-7", "D-10 > CLUTCH-1: wire", "INJ1-1 >"],
};

/** A small van whose instruments want other things than the engine gives: levels, polarity, curves. */
const VAN: HeldOutJob = {
  name: "van",
  pins: `
    donor A-1@1 low-side-out fuel-pump maxAmps=0.2;clamp=none
    donor A-2@2 frequency-out engine-speed pulsesPerRev=3;drive=open-collector
    donor A-3@3 analogue-out oil-pressure range=0.5..4.5;curve=0:0.5|1000:4.5
    donor A-4@4 logic-in brake-switch active=low;pull=up
    donor A-5@5 high-side-out cooling-fan maxAmps=1
    donor A-6@6 low-side-out malfunction-lamp maxAmps=0.1;clamp=own
    donor A-7@7 logic-in park-neutral active=low;pull=up
    donor A-8@8 resistive-in fuel-level curve=0:250|100:35
    donor A-9@9 pwm-in accelerator-position hz=200
    donor SPD-1@10 reluctor-out vehicle-speed pulsesPerKm=8000
    donor OPSW-1@11 switch-out oil-pressure-warning to=ground;closedWhen=no-pressure;maxAmps=1
    host B-1@a load-in fuel-pump amps=5;otherEnd=ground;inductive=yes
    host B-2@b frequency-in engine-speed pulsesPerRev=2;pull=up
    host B-3@c resistive-in oil-pressure curve=0:10|600:180
    host B-4@d switch-out brake-switch to=battery;maxAmps=10
    host B-5@e load-in cooling-fan amps=12;otherEnd=ground;inductive=yes
    host B-6@f load-in malfunction-lamp amps=0.25;otherEnd=battery;inductive=no
    host B-7@g switch-out park-neutral to=battery;maxAmps=3
    host TANK-1@h resistive-out fuel-level curve=0:250|100:35
    host GAUGE-1@h resistive-in fuel-level curve=0:250|100:35
    host SPEEDO-1@i frequency-in vehicle-speed pulsesPerKm=4000;highVolts=6;maxVolts=18
    host LAMP-1@j load-in oil-pressure-warning amps=3;otherEnd=battery;inductive=no
    host FUSE-1@k supply-out battery-supply alive=permanent;maxAmps=30
    host FUSE-2@l supply-out ignition-supply alive=run-crank;maxAmps=30`,
  links: `
    A-1 > B-1: relay
    A-2 > B-2: frequency-scaler
    A-3 > B-3: gauge-driver
    B-4 > A-4: inverter|relay|?
    A-5 > B-5: relay
    A-6 > B-6: low-side-switch|relay
    B-7 > A-7: inverter|relay|?
    TANK-1 > A-8: second-sender
    SPD-1 > SPEEDO-1: reluctor-conditioner
    OPSW-1 > LAMP-1: relay`,
  never: [
    "A-1 > B-1: wire",
    "TANK-1 > A-8: wire",
    "A-6 > B-6: wire",
    "OPSW-1 > LAMP-1: wire",
    "B-4 > A-4: wire",
    "B-7 > A-7: wire",
    "SPD-1 > SPEEDO-1: wire",
    "A-3 > B-3: wire",
  ],
};

/** Two cars on buses, one with gauges on wires as well; pairs and cylinders that must stay what they are. */
const BUSES: HeldOutJob = {
  name: "buses",
  pins: `
    donor C-1#high can powertrain-data bitrate=500000;terminated=yes;messages=wren.dbc;carries=engine-speed|coolant-temperature
    donor C-2#low can powertrain-data bitrate=500000;terminated=yes;messages=wren.dbc
    donor C-3#1 coil-out ignition-coil drive=logic
    donor C-4#2 coil-out ignition-coil drive=logic
    donor C-5#3 coil-out ignition-coil drive=logic
    donor C-6@lam lambda-in oxygen band=narrow
    donor O2-1@lam lambda-out oxygen band=narrow
    donor C-7 logic-in cruise-request active=low;pull=up
    donor C-8 low-side-out cruise-active maxAmps=0.3;clamp=own
    donor C-9 low-side-out cooling-fan maxAmps=0.5;clamp=own
    donor C-10 low-side-out cooling-fan-high maxAmps=0.5;clamp=own
    donor C-11 shield crankshaft-position
    host I-1#high can powertrain-data bitrate=250000;terminated=yes;messages=body.dbc
    host I-2#low can powertrain-data bitrate=250000;terminated=yes;messages=body.dbc
    host TACH-1 frequency-in engine-speed pulsesPerRev=2;pull=up
    host COIL1-1#1 coil-in ignition-coil drive=logic
    host COIL2-1#2 coil-in ignition-coil drive=logic
    host COIL3-1#3 coil-in ignition-coil drive=logic
    host CRUISE-1 switch-out cruise-request to=ground;maxAmps=1
    host CRLAMP-1 load-in cruise-active amps=0.1;otherEnd=battery;inductive=no
    host FANLO-1 load-in cooling-fan amps=0.2;otherEnd=battery;inductive=no
    host FANHI-1 load-in cooling-fan-high amps=0.2;otherEnd=battery;inductive=no`,
  links: `
    C-1 > I-1: can-gateway
    C-1 > TACH-1: can-gateway
    C-3 > COIL1-1: wire
    C-4 > COIL2-1: wire
    C-5 > COIL3-1: wire
    CRUISE-1 > C-7: wire
    C-8 > CRLAMP-1: wire
    C-9 > FANLO-1: wire
    C-10 > FANHI-1: wire`,
  never: [
    "C-1 > I-1: wire",
    "C-1 > I-2",
    "C-2 > I-1",
    "C-3 > COIL2",
    "C-3 > COIL3",
    "C-4 > COIL1",
    "C-9 > FANHI",
    "C-10 > FANLO",
    "O2-1 >",
    "C-11 >",
  ],
};

export const HELD_OUT_JOBS: readonly HeldOutJob[] = [PICKUP, SALOON, VAN, BUSES];
