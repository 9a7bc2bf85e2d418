/**
 * Words of English that are near one of ours and mean something else: they are never taken for it. Found by trying all words of two
 * English word lists; forms of our own words ("driven", "switches") are not among them.
 */
export const OTHER_WORDS: ReadonlySet<string> = new Set(
  (
    "access actor after alter angel arms bacon baking banked barking batter bland blanker blast blind blinked blond boast " +
    "boaster bower bracing brad breaking broke brooking buckler buttery cast ceded changing charming charring charting chick " +
    "chock chuck clack clanking click cling clod cloister closets cluck coaling coals coats codded coiling colander cols " +
    "comas comers comets comma commando commend communed commuter compact confection contiguous contract contracts contrail " +
    "convection cooing corded cost court courts cracking craning cranky curtsey curtsy dammed damming defecate deflect " +
    "deforest deforesting demeaned demising derive derives desisting detention dimer direst diver divers dives doers doing " +
    "donors dousing dowsing dozing dripped drivel drivels drove drover drovers droves earthy elect electron excite faculty " +
    "fares fats feasible fibres firs flailed flashier flashy flat fled flesh fleshier flout flush flusher foiled fores form " +
    "fries fussed fusses genera gouge gouges hated hater hating heather heeds hitch hutch indication indicative infection " +
    "inferior inhabit inter internal intro karma kicks knack lacking lacks laughter licensee licking licks limps liver lover " +
    "lucking lucks lumps lunch mainly maker makers mastery mattering maturing menus meteor metre mikes mines minis mister " +
    "mitering mitring modulo moors mother motoring motorise multi multiple multiples muster muttering narrow nears neural " +
    "notwork numbers opera optionally outdo outdoing outgo outsider paint paints palate palls paring patrol perking petrel " +
    "phrase phrasing pills pint pints plated platen pluses pointy polls porpoise positron post potent powder radii rang " +
    "rangy reds reeds reefer regulatory reluctant replay replays resist resolution restrict returnee revaluation " +
    "revelation revere reverence reveres reveries revering reverting rifer roads rotations runnier sander sanding sands " +
    "sheering shied shiftier shifty shrift sides sifter signally slender smarting sneakers sneering snitched snitches sound " +
    "sounding spar spared sparer sparse speak sped spender spending spends spewed spied spire spore sporty spreed spurt squab " +
    "stag star staring starling starring startling starving stater states stating stats statues steeling steeping stitched " +
    "stitches storing straights string suitability super supple swatch swatches sweats tames tamps tares temper tempera tempo " +
    "tempos tempts terns thees theses thirds those throat tier tiers tills timers tiros toils tolls tomes toque tract traffic " +
    "trail trails trains trick tries trons truck trumpeter tumbler turbot tyroes tyros unblock uncle uppers vales vans vars " +
    "vertex vines waiter waned waning wares waste waster watery wending whale wheal whiled whole widow widows winds " +
    "wining wintery wireds wisher wishers wishing wonted wounding wring"
  ).split(" "),
);
