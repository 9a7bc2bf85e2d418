import { expect, test } from "vitest";
import { OTHER_WORDS } from "./data/other-words";
import { PHRASE_WORDS, WORD_CONCEPTS } from "./data/words";
import { classifyPins } from "./index";
import { nearestWord, slipCost } from "./misspelt";

/** As people write in haste, and what they mean; written down before they were read. */
const MEANT = (
  "temprature=temperature temperture=temperature tempreture=temperature presure=pressure pressue=pressure sensore=sensor " +
  "senser=sensor sencor=sensor solenod=solenoid soleniod=solenoid solonoid=solenoid injecter=injector ingector=injector " +
  "alternater=alternator altenator=alternator alternatr=alternator ignitoin=ignition igniton=ignition ignision=ignition " +
  "coolent=coolant coolnat=coolant throtle=throttle throttel=throttle thottle=throttle accelarator=accelerator " +
  "acclerator=accelerator positon=position postion=position posision=position switche=switch swich=switch swtich=switch " +
  "realy=relay rellay=relay batery=battery battry=battery batterey=battery permenant=permanent permanant=permanent " +
  "acessory=accessory accesory=accessory accessary=accessory headlite=headlamp indicater=indicator indcator=indicator " +
  "resistence=resistor wipper=wiper washr=washer horne=horn starer=starter startr=starter diagnositc=diagnostic " +
  "diagnotic=diagnostic immobilser=immobiliser immobilzer=immobilizer nuetral=neutral neutrel=neutral revers=reverse " +
  "clucth=clutch cluch=clutch brak=brake breake=brake vaccum=vacuum vacum=vacuum exaust=exhaust exhuast=exhaust manifld=manifold " +
  "manafold=manifold lamda=lambda oxygene=oxygen camshft=camshaft crankshft=crankshaft crankshalf=crankshaft knok=knock " +
  "tachmeter=tachometer tachometr=tachometer speedometr=speedometer spedometer=speedometer guage=gauge gague=gauge " +
  "chargeing=charging compresor=compressor compresser=compressor refridgerant=refrigerant mirrow=mirror injctr=injector " +
  "snsor=sensor prssr=pressure tmprtr=temperature slnd=solenoid altntr=alternator battrey=battery gnrtr=generator " +
  "thrttl=throttle cmpressor=compressor trnsmssn=transmission cnvrtr=converter pmpe=pump ambnt=ambient exhst=exhaust " +
  "dignostic=diagnostic handbrk=handbrake hdlamp=headlamp hdlmp=headlamp illumintn=illumination illmn=illumination " +
  "gearbx=gearbox grbox=gearbox fusebl=fusible"
)
  .split(" ")
  .map((pair) => pair.split("=") as [string, string]);
/** Words of other things, however near. */
const OTHERS = (
  "plum lamb clamp gage cord core bolt brace poll relax butter soldier trottoir wiser honey stared sector inspector coolie " +
  "sensual presume pasture alternate generate compass muffler marmot gander horse corn dock plank river motel valet cable stack " +
  "mount cuff patch zebra quartz bracket grommet rivet hinge axle spring damper strut piston gasket shim washtub vixen pollen " +
  "lemon rapid ocean header loader"
).split(" ");

const meaning = (word: string | null) => (word === null ? null : (WORD_CONCEPTS.get(word)?.join(" ") ?? null));

test("nine of ten words written in haste are taken for the word that is meant, and none for another", () => {
  const taken = MEANT.map(([written, word]) => [written, meaning(nearestWord(written)), meaning(word)] as const);
  expect(taken.filter(([, is, meant]) => is !== null && is !== meant)).toEqual([]);
  expect(taken.filter(([, is]) => is !== null).length / taken.length).toBeGreaterThanOrEqual(0.88);
});
test("words of other things stay unread", () =>
  expect(OTHERS.filter((word) => !WORD_CONCEPTS.has(word) && nearestWord(word) !== null)).toEqual([]));
test("words of English that are near one of ours stay unread, and words of our wordings are not misspelt", () => {
  for (const word of [...OTHER_WORDS, ...PHRASE_WORDS]) expect(nearestWord(word), word).toBeNull();
  expect(OTHER_WORDS.has("blind") && OTHER_WORDS.has("metre") && OTHER_WORDS.has("trail")).toBe(true);
});
test("a table of words that nobody knows is no long work", () => {
  const words = OTHERS.flatMap((word) => [..."abcdefghijklmnopqrst"].map((letter) => `${word}${letter}`));
  const before = performance.now();
  for (let round = 0; round < 20; round++) for (const word of words) nearestWord(word);
  // Of 20,000 words, a tenth of it is usual.
  expect(performance.now() - before).toBeLessThan(6000);
});
test("numbers, short words and words of no letters that we know are nobody's", () => {
  for (const word of ["", "a", "zz", "12", "x1", "ÿÿÿÿÿ", "q".repeat(24), "s".repeat(200)])
    expect(nearestWord(word), word).toBeNull();
});

/** The same cost by trying every way, without a table. */
function plainCost(one: string, other: string): number {
  if (one === "" && other === "") return 0;
  const vowel = (letter: string) => /[aeiouy]/.test(letter);
  const alone = (word: string, rest: string, whole: string) => {
    const at = whole.length - rest.length;
    return vowel(word[0] as string) || whole[at - 1] === word[0] || rest[1] === word[0] ? 1 : 1.5;
  };
  const go = (a: string, b: string): number => {
    if (a === "" && b === "") return 0;
    const ways: number[] = [];
    if (a !== "") ways.push(alone(a, a, one) + go(a.slice(1), b));
    if (b !== "") ways.push(alone(b, b, other) + go(a, b.slice(1)));
    if (a !== "" && b !== "") {
      const same = a[0] === b[0];
      const alike = ["cs", "sz", "gj", "ck"].some((pair) => pair.includes(a.charAt(0)) && pair.includes(b.charAt(0)));
      const cost = same ? 0 : vowel(a.charAt(0)) && vowel(b.charAt(0)) ? 1 : alike ? 1.5 : 2;
      ways.push(cost + go(a.slice(1), b.slice(1)));
      if (a.length > 1 && b.length > 1 && a[0] === b[1] && a[1] === b[0]) ways.push(1 + go(a.slice(2), b.slice(2)));
    }
    return Math.min(...ways);
  };
  return go(one, other);
}
test.each([
  ["realy", "relay", 1],
  ["swich", "switch", 1.5],
  ["batery", "battery", 1],
  ["lamda", "lambda", 1.5],
  ["coolent", "coolant", 1],
  ["sencor", "sensor", 1.5],
  ["header", "heater", 2],
  ["relay", "relay", 0],
])("%s is %s by slips that cost %d", (written, word, cost) => {
  expect(slipCost(written, word)).toBe(cost);
  expect(slipCost(word, written)).toBe(cost);
});
test("the table gives what trying every way gives", () => {
  const words = ["sensr", "senosr", "pmup", "pump", "lmap", "wippr", "ttl", "aeo", "clutc"];
  for (const one of words) for (const other of words) expect(slipCost(one, other)).toBe(plainCost(one, other));
});

test("what was misspelt is read less surely, and named in the reason", () => {
  const read = (description: string) => classifyPins([{ connector: "ECM", cavity: "1", description }], "donor")[0];
  for (const text of ["Engine grond", "Permenant feed", "Not conected", "Injecter 3"])
    expect(read(text)?.kind.confidence, text).toBeLessThan(0.9);
  const right = read("Coolant temperature sensor");
  const hasty = read("Coolent temprature senser");
  expect(hasty?.kind.value).toBe(right?.kind.value);
  expect(hasty?.quantity.value).toBe("coolant-temperature");
  expect(hasty?.kind.confidence).toBeLessThan(0.9);
  expect(right?.kind.confidence).toBeGreaterThanOrEqual(0.9);
  const once = read("Coolant temprature sensor signal");
  expect(once?.kind.confidence).toBeGreaterThan(hasty?.kind.confidence ?? 1);
  expect(hasty?.quantity.why).toMatchObject({
    readAs: [
      { written: "coolent", word: "coolant" },
      { written: "temprature", word: "temperature" },
      { written: "senser", word: "sensor" },
    ],
  });
});
