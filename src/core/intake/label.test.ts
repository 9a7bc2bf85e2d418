import { expect, test } from "vitest";
import { readLabel } from "./label";

/** How connectors are named after what they belong to, by that; written down before they were read. */
const NAMES: readonly (readonly [place: string, names: string])[] = [
  [
    "computer",
    "ECU|ECM|PCM|EMS|Engine controller|Engine management unit|EFI unit|Injection computer|" +
      "Ignition module|Ignition amplifier|TCU|TCM|Gearbox ECU|Transmission control|ABS ECU|ABS modulator|" +
      "Airbag unit|SRS module|BCM|Body controller|Central locking unit|Alarm unit|Cruise control unit|" +
      "Climate unit|HVAC module|Glow plug controller|Fan controller|Fuel pump controller|" +
      "Fuel pump driver module|Power steering ECU|Park assist module|Gateway|Lighting control module|" +
      "Wiper delay module|Door module LF|Seat module|Sunroof module|Trailer module|" +
      "Transfer case control module|Throttle controller|Electronic control unit (engine)|Motor ECU|" +
      "Logic module|Power module",
  ],
  [
    "instruments",
    "Instrument cluster|Cluster|Combination meter|Combi instrument|Meter assembly|Gauge pack|Gauge panel|" +
      "Dash gauges|Dashboard|Speedo head|Speedometer|Tachometer|Rev counter|Fuel gauge|Temp gauge|" +
      "Oil pressure gauge|Driver information display|Dash display|Binnacle|Instrument panel|IPC|" +
      "Warning lamp panel|Clocks|Dials|Digital dash",
  ],
  [
    "key-switch",
    "Ignition switch|Ign. sw.|Key switch|Ignition barrel|Ignition lock|Steering lock switch|" +
      "Starter/ignition switch|Key barrel|Ignition key switch|IGN SW connector",
  ],
  [
    "fuse-box",
    "Fuse box|Fuse panel|Fuse block|Fusebox A|Underhood fuse box|Engine bay fuse/relay box|Main fuses|" +
      "Fuse holder|Fusible links|Fusible link block|Junction box|Power distribution centre|PDC|" +
      "Relay/fuse plate|Central electrics|Battery fuse board|Mega fuse|Maxi fuse block|BJB|CJB|SJB",
  ],
  [
    "relay",
    "Main relay|Fuel pump relay|Fan relay|Starter relay|Horn relay|Relay R5|Flasher unit|Flasher can|" +
      "EFI relay|A/C relay|Headlight relay|Power hold relay|Ignition relay|Circuit opening relay|" +
      "Relay socket 3",
  ],
  [
    "switch",
    "Brake light switch|Clutch switch|Reverse light switch|Gear lever switch|Inhibitor switch|" +
      "Column stalk|Combination switch|Multifunction switch|Light switch|Hazard switch|Wiper stalk|" +
      "Handbrake switch|Door jamb|Oil pressure switch|Thermo switch|Radiator thermoswitch|Kickdown switch|" +
      "Neutral switch|P/N switch|Start button|Push button|Horn pad|Cruise stalk|Window switch|" +
      "Mirror switch|Park brake switch|Hood switch|Fan switch|A/C pressure switch|Inertia switch|Rocker|" +
      "Dip switch|Distributor",
  ],
  [
    "sensor",
    "Coolant sensor|CTS|ECT|Temp sender|Oil sender|Fuel sender|Tank unit|MAP sensor|MAF|AFM|" +
      "Air flow meter|TPS|Crank sensor|CKP|Cam sensor|CAS|Crank angle sensor|Knock sensor|O2 sensor|" +
      "Lambda probe|HO2S 1|Speed sensor|VSS|IAT|Oil pressure transducer|Fuel pressure sensor|" +
      "Rail pressure sensor|EGT probe|Ambient sensor|Rain sensor|Wheel speed sensor LF|Accelerator pedal|" +
      "Pedal sensor|APP|Steering angle sensor|Flex fuel sensor",
  ],
  [
    "lamp",
    "Headlamp LH|Headlight right|Tail lamp|Rear lamp cluster|Indicator front left|Side repeater|" +
      "Number plate light|Fog lamp|Interior lamp|Dome light|Brake lamp|High level stop lamp|Reversing lamp|" +
      "Boot lamp|Trailer socket|Tail light R|Parking light|Turn signal front",
  ],
  [
    "actuator",
    "Fuel pump|Radiator fan|Cooling fan motor|Wiper motor|Washer pump|Horn|Heater blower|Injector 1|" +
      "Ignition coil|Coil pack|Idle valve|IACV|Purge valve|EGR valve|Wastegate solenoid|VVT solenoid|OCV|" +
      "A/C compressor|Window motor|Central locking motor|Heated rear window|Cigarette lighter|Radio|" +
      "Speaker|Fuel cut solenoid|Glow plug|Water pump|Intake flap motor|Boost valve|Carburettor heater|" +
      "Idle cut-off",
  ],
  ["alternator", "Alternator|Alt|Generator|Dynamo"],
  ["starter", "Starter|Starter solenoid"],
  ["battery", "Battery|Battery +|Battery negative|Batt"],
  ["ground-stud", "G101|Ground point|Earth stud|Engine earth|Body ground|Chassis earth|Earth point 3|Ground strap"],
  [
    "in-line",
    "Bulkhead connector|Engine harness connector|Firewall plug|In-line 12 way|Dash to body|Multi-plug|" +
      "Loom connector|Junction connector|Engine bay connector|Interface connector|Body plug",
  ],
  ["gearbox", "Gearbox|Transmission|Auto box|Transmission case connector|Gearbox plug|Valve body"],
  ["throttle-body", "Throttle body|ETB|Electronic throttle|Throttle valve|DBW throttle"],
  ["diagnostic", "OBD port|Diagnostic socket|DLC|ALDL|Diagnosis plug|Data link connector|OBD2"],
];
/** As many again, 94 of a hundred told at first sight. */
const MORE_NAMES: typeof NAMES = [
  [
    "computer",
    "Engine management ECU|Engine control unit A|Main computer|Injection ECU|Ign module|" +
      "Ignition amplifier module|Auto box computer|Gearbox control unit|TCM C2|ABS/ESP ECU|" +
      "ABS control unit|Restraints module|Airbag control unit|Body electronics|Central electronics|" +
      "Convenience module|Door control unit LF|Seat memory module|Immobiliser box|Alarm module|" +
      "Parking sensor ECU|Fan control module|Glow plug module|Glow control unit|Fuel pump control module|" +
      "Steering ECU|4WD control unit|Transfer box ECU|Suspension ECU|Climate ECU|A/C control module|" +
      "Heater control unit|Cruise ECU|Tow module|Light control module|Wiper control unit|" +
      "Engine interface module|CAN gateway|Display ECU|Injector driver box|Coil driver module|" +
      "Standalone ECU plug A|Wideband controller|Boost controller|Body module X2",
  ],
  [
    "instruments",
    "Speedo|Speedometer plug|Tacho|Instrument pack|Instrument unit|Gauge cluster A|Dash cluster plug|" +
      "Cluster white|Combination instrument|Gauge pod|Oil temp gauge|Clock cluster|Driver display|" +
      "Instrument binnacle plug|Rev counter plug|Multi gauge",
  ],
  [
    "fuse-box",
    "Fusebox|Engine fuse box C1|Interior fuse box|Fuse and relay box|Relay box|Fuse carrier|" +
      "Under dash fuses|Main fuse box plug B|Power distribution box|Battery fuse box|Fuse relay centre|" +
      "Electrical centre",
  ],
  [
    "relay",
    "Relay, fan|Fuel relay|Ignition relay 30|Starter inhibit relay|Headlamp relay base|Relay 3 (horn)|" +
      "Main power relay|Blower relay|Flasher relay",
  ],
  [
    "switch",
    "Ignition stalk|Light stalk|Wiper switch plug|Lights switch|Fog light switch|Stop light switch|" +
      "Brake pedal switch|Clutch switch plug|Neutral switch|Gear switch|P/N/R switch|Handbrake contact|" +
      "Horn button|Door contact LH|Bonnet switch|Boot switch|Oil pressure switch|Fan thermo switch|" +
      "Thermostatic switch|A/C dual pressure switch|Cruise buttons|Steering wheel buttons|" +
      "Mirror control switch|Heater fan switch|Hazard button|Start switch|Kill switch|Overdrive switch|" +
      "Inertia cut-off",
  ],
  [
    "sensor",
    "Temp sensor|Water temp sender|Coolant temperature sender|Air temp sensor|Air mass meter|" +
      "Throttle pot|Throttle position sensor|Crank pickup|Cam sensor plug|Knock sensor 2|" +
      "Oxygen sensor front|Lambda sensor plug|Wheel sensor RF|ABS sensor LR|Oil level sensor|" +
      "Fuel level sender|Fuel gauge sender|Tank float|Gearbox speed sensor|Outside temp sensor|Rail sensor|" +
      "Baro sensor|Pedal position sensor|Throttle pedal|Yaw sensor|Crash sensor|Ride height sensor|" +
      "Detonation sensor",
  ],
  [
    "lamp",
    "Headlight LH|Front indicator RH|Side marker left|Rear light cluster L|Tail light LH|" +
      "Third brake light|Number plate lamp|Reversing light|Fog light LF|Map light|Glovebox light|" +
      "Boot light|Rear combination lamp|Trailer plug|Tow socket 13 pin|Main beam lamp",
  ],
  [
    "actuator",
    "Fuel pump in tank|Electric fan|Fan motor|Injector #3|Inj 4|Coil 1|Coil pack plug|Idle motor|" +
      "Idle air valve|EGR valve plug|Boost solenoid|VVT valve|Canister valve|Swirl flap motor|" +
      "A/C compressor clutch|Washer motor|Rear wiper motor|Horn low|Window motor RF|Lock motor LR|" +
      "Heater fan motor|Seat heater|Mirror LH|Aerial motor|Radio plug A|Glow plugs|Cold start valve|" +
      "Fuel stop solenoid|Reverse lockout solenoid|Electric water pump|Heated screen|Sunroof motor",
  ],
  [
    "in-line",
    "Bulkhead plug 1|Engine loom connector|Engine to body plug|Inline plug near battery|" +
      "Gearbox loom plug|Chassis plug|Firewall connector C|Interface plug|Body harness connector|" +
      "Extension lead|Front loom joint|Splice pack|Joint connector 4",
  ],
  ["ground-stud", "Earth point|G7|Gearbox earth|Earth strap|Chassis ground|Ground lug rear|Engine ground"],
  ["starter", "Starter motor plug|Starter solenoid terminal|Starter"],
  ["alternator", "Alternator plug|Alternator B+|Generator plug|Alt"],
  ["battery", "Battery terminal|Battery + post|Battery"],
  ["key-switch", "Ignition key switch|Ign switch plug|Key switch|Ignition barrel plug|Ignition/start switch"],
  ["diagnostic", "OBD2 socket|Diagnostic plug|DLC 16 pin|Diag connector"],
  ["gearbox", "Automatic gearbox plug|Trans connector|Gearbox 14-pin|Transmission case plug"],
  ["throttle-body", "Electronic throttle|Throttle body plug|Drive by wire throttle"],
];
test.each([...NAMES, ...MORE_NAMES])("%s: its names are told from those of all others", (place, names) => {
  const other = names.split("|").flatMap((name) => {
    const told = readLabel(name).place;
    return told === place ? [] : [`${name} → ${told}`];
  });
  expect(other).toEqual([]);
});
test("a number, and a name of nothing that is known, tell of no place", () => {
  for (const name of ["C101", "X3", "12", "", "Plum"]) expect(readLabel(name).place, name).toBe("unknown");
});
