import { expect, test } from "vitest";
import { readLabel } from "./label";

/** How connectors are named after what they belong to, by that; written down before they were read. */
const NAMES: readonly (readonly [place: string, names: string])[] = [
  [
    "computer",
    "ECU|ECM|PCM|EMS|Engine controller|Engine management unit|EFI unit|Injection computer|Ignition module|Ignition amplifier|TCU|TCM|Gearbox ECU|Transmission control|ABS ECU|ABS modulator|Airbag unit|SRS module|BCM|Body controller|Central locking unit|Alarm unit|Cruise control unit|Climate unit|HVAC module|Glow plug controller|Fan controller|Fuel pump controller|Fuel pump driver module|Power steering ECU|Park assist module|Gateway|Lighting control module|Wiper delay module|Door module LF|Seat module|Sunroof module|Trailer module|Transfer case control module|Throttle controller|Electronic control unit (engine)|Motor ECU|Logic module|Power module",
  ],
  [
    "instruments",
    "Instrument cluster|Cluster|Combination meter|Combi instrument|Meter assembly|Gauge pack|Gauge panel|Dash gauges|Dashboard|Speedo head|Speedometer|Tachometer|Rev counter|Fuel gauge|Temp gauge|Oil pressure gauge|Driver information display|Dash display|Binnacle|Instrument panel|IPC|Warning lamp panel|Clocks|Dials|Digital dash",
  ],
  [
    "key-switch",
    "Ignition switch|Ign. sw.|Key switch|Ignition barrel|Ignition lock|Steering lock switch|Starter/ignition switch|Key barrel|Ignition key switch|IGN SW connector",
  ],
  [
    "fuse-box",
    "Fuse box|Fuse panel|Fuse block|Fusebox A|Underhood fuse box|Engine bay fuse/relay box|Main fuses|Fuse holder|Fusible links|Fusible link block|Junction box|Power distribution centre|PDC|Relay/fuse plate|Central electrics|Battery fuse board|Mega fuse|Maxi fuse block|BJB|CJB|SJB",
  ],
  [
    "relay",
    "Main relay|Fuel pump relay|Fan relay|Starter relay|Horn relay|Relay R5|Flasher unit|Flasher can|EFI relay|A/C relay|Headlight relay|Power hold relay|Ignition relay|Circuit opening relay|Relay socket 3",
  ],
  [
    "switch",
    "Brake light switch|Clutch switch|Reverse light switch|Gear lever switch|Inhibitor switch|Column stalk|Combination switch|Multifunction switch|Light switch|Hazard switch|Wiper stalk|Handbrake switch|Door jamb|Oil pressure switch|Thermo switch|Radiator thermoswitch|Kickdown switch|Neutral switch|P/N switch|Start button|Push button|Horn pad|Cruise stalk|Window switch|Mirror switch|Park brake switch|Hood switch|Fan switch|A/C pressure switch|Inertia switch|Rocker|Dip switch|Distributor",
  ],
  [
    "sensor",
    "Coolant sensor|CTS|ECT|Temp sender|Oil sender|Fuel sender|Tank unit|MAP sensor|MAF|AFM|Air flow meter|TPS|Crank sensor|CKP|Cam sensor|CAS|Crank angle sensor|Knock sensor|O2 sensor|Lambda probe|HO2S 1|Speed sensor|VSS|IAT|Oil pressure transducer|Fuel pressure sensor|Rail pressure sensor|EGT probe|Ambient sensor|Rain sensor|Wheel speed sensor LF|Accelerator pedal|Pedal sensor|APP|Steering angle sensor|Flex fuel sensor",
  ],
  [
    "lamp",
    "Headlamp LH|Headlight right|Tail lamp|Rear lamp cluster|Indicator front left|Side repeater|Number plate light|Fog lamp|Interior lamp|Dome light|Brake lamp|High level stop lamp|Reversing lamp|Boot lamp|Trailer socket|Tail light R|Parking light|Turn signal front",
  ],
  [
    "actuator",
    "Fuel pump|Radiator fan|Cooling fan motor|Wiper motor|Washer pump|Horn|Heater blower|Injector 1|Ignition coil|Coil pack|Idle valve|IACV|Purge valve|EGR valve|Wastegate solenoid|VVT solenoid|OCV|A/C compressor|Window motor|Central locking motor|Heated rear window|Cigarette lighter|Radio|Speaker|Fuel cut solenoid|Glow plug|Water pump|Intake flap motor|Boost valve|Carburettor heater|Idle cut-off",
  ],
  ["alternator", "Alternator|Alt|Generator|Dynamo"],
  ["starter", "Starter|Starter solenoid"],
  ["battery", "Battery|Battery +|Battery negative|Batt"],
  ["ground-stud", "G101|Ground point|Earth stud|Engine earth|Body ground|Chassis earth|Earth point 3|Ground strap"],
  [
    "in-line",
    "Bulkhead connector|Engine harness connector|Firewall plug|In-line 12 way|Dash to body|Multi-plug|Loom connector|Junction connector|Engine bay connector|Interface connector|Body plug",
  ],
  ["gearbox", "Gearbox|Transmission|Auto box|Transmission case connector|Gearbox plug|Valve body"],
  ["throttle-body", "Throttle body|ETB|Electronic throttle|Throttle valve|DBW throttle"],
  ["diagnostic", "OBD port|Diagnostic socket|DLC|ALDL|Diagnosis plug|Data link connector|OBD2"],
];
test.each(NAMES)("%s: its names are told from those of all others", (place, names) => {
  const other = names.split("|").flatMap((name) => {
    const told = readLabel(name).place;
    return told === place ? [] : [`${name} → ${told}`];
  });
  expect(other).toEqual([]);
});
test("a number, and a name of nothing that is known, tell of no place", () => {
  for (const name of ["C101", "X3", "12", "", "Plum"]) expect(readLabel(name).place, name).toBe("unknown");
});
