package kindthimble.inpage;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import kindthimble.core.bench.BagStanding;
import kindthimble.core.bench.BagUse;
import kindthimble.core.bench.BenchEvent;
import kindthimble.core.bench.ColourRescue;
import kindthimble.core.bench.IcingAge;
import kindthimble.core.bench.InProportion;
import kindthimble.core.bench.NextWater;
import kindthimble.core.bench.TooThin;
import kindthimble.core.bench.TopUp;
import kindthimble.core.bench.TouchedGate;
import kindthimble.core.bench.TrialCookie;
import org.teavm.jso.JSBody;
import org.teavm.jso.JSExport;
import org.teavm.jso.JSObject;

/**
 * The rules that the bench needs where it is without the network: those of core, compiled for the page and not written a second time. {@code web/src/core/rules.ts} says
 * their types.
 */
public final class Rules {
    private Rules() {}

    /** Compiled from here on; there is nothing to run. */
    public static void main(String[] none) {
        // The page calls what is exported.
    }

    @JSExport
    public static double nextWater(double countSeconds, double wantedSeconds, double baseGrams, Given.Base base) {
        return NextWater.grams(countSeconds, wantedSeconds, baseGrams, Given.curve(base));
    }

    @JSExport
    public static double firstWater(double plannedGrams, double inGrams) {
        return NextWater.firstGrams(plannedGrams, inGrams);
    }

    @JSExport
    public static double secondsAt(
            double countSeconds, double countedWater, double water, double baseGrams, Given.Base base) {
        return NextWater.seconds(countSeconds, countedWater, water, baseGrams, Given.curve(base));
    }

    @JSExport
    public static double leastSeconds(double wantedSeconds) {
        return NextWater.leastSeconds(wantedSeconds);
    }

    @JSExport
    public static double mostSeconds(double wantedSeconds) {
        return NextWater.mostSeconds(wantedSeconds);
    }

    @JSExport
    public static JSObject tooThin(double countSeconds, double wantedSeconds, double baseGrams, Given.Base base) {
        TooThin thin = TooThin.of(countSeconds, wantedSeconds, baseGrams, Given.base(base));
        return thin(thin.stiffGrams(), thin.sugarGrams());
    }

    @JSBody(
            params = {"stiffGrams", "sugarGrams"},
            script = "return { stiffGrams: stiffGrams, sugarGrams: sugarGrams };")
    private static native JSObject thin(double stiffGrams, double sugarGrams);

    /** {@code wet}, {@code skinned} or {@code dry}. */
    @JSExport
    public static String icingAge(double seconds, double wetSeconds) {
        return IcingAge.of(seconds, wetSeconds).name().toLowerCase(Locale.ROOT);
    }

    @JSExport
    public static double touchedGate(double gateSeconds, double touchedSeconds, boolean isSkinned) {
        return TouchedGate.seconds(gateSeconds, touchedSeconds, isSkinned);
    }

    @JSExport
    public static double weightBand(double wanted) {
        return InProportion.band(wanted);
    }

    @JSExport
    public static boolean canBeWeighed(double wanted) {
        return InProportion.canBeWeighed(wanted);
    }

    @JSExport
    public static double[] inProportion(double[] wanted, int weighed, double grams) {
        List<Double> all = Arrays.stream(wanted).boxed().toList();
        return InProportion.of(all, weighed, grams).stream()
                .mapToDouble(Double::doubleValue)
                .toArray();
    }

    @JSExport
    public static JSObject trial(
            Given.Weighed[] cookies, double plannedGrams, double coatGrams, double cookieSpread, double handSpread) {
        TrialCookie trial = TrialCookie.of(Given.cookies(cookies), plannedGrams, coatGrams, cookieSpread, handSpread);
        return tried(trial.cookies(), trial.found(), trial.moved(), trial.isAsPlanned(), TrialCookie.BETTER);
    }

    @JSBody(
            params = {"cookies", "found", "moved", "isAsPlanned", "better"},
            script =
                    "return { cookies: cookies, found: found, moved: moved, isAsPlanned: isAsPlanned, better: better };")
    private static native JSObject tried(int cookies, double found, double moved, boolean isAsPlanned, int better);

    @JSExport
    public static double rescueBase(double baseGrams, double times) {
        return ColourRescue.baseGrams(baseGrams, times);
    }

    @JSExport
    public static JSObject rescueGel(double grams, double times) {
        ColourRescue.Dose dose = ColourRescue.more(grams, times);
        return dose(dose.drops(), dose.dabs());
    }

    @JSBody(
            params = {"drops", "dabs"},
            script = "return { drops: drops, dabs: dabs };")
    private static native JSObject dose(int drops, int dabs);

    @JSExport
    public static double gelTimes(double drops, double recipeDrops) {
        return ColourRescue.times(drops, recipeDrops);
    }

    @JSExport
    public static boolean gelShows(double times) {
        return ColourRescue.shows(times);
    }

    @JSExport
    public static JSObject topUp(double wanted, Given.Made made) {
        TopUp topUp = TopUp.of(wanted, made.getKeepsGrams(), Given.making(made));
        return made(
                topUp.grams(),
                topUp.baseGrams(),
                topUp.waterGrams(),
                topUp.sugarGrams(),
                topUp.gelGrams(),
                topUp.flavourGrams());
    }

    @JSBody(
            params = {"grams", "base", "water", "sugar", "gel", "flavour"},
            script = "return { grams: grams, base: base, water: water, sugar: sugar, gel: gel, flavour: flavour };")
    private static native JSObject made(
            double grams, double base, double water, double sugar, double gel, double flavour);

    /** How bags stand; {@code fuller} is how full coats turn out of the plan, for what would be short then. */
    @JSExport
    public static JSObject bagStanding(
            Given.Bag bag, Given.Event[] pressed, double cookieSpread, double handSpread, double fuller) {
        BagUse use = Given.bag(bag);
        List<BenchEvent> events = Given.events(pressed);
        BagStanding standing = BagStanding.of(use, events, cookieSpread, handSpread);
        return standing(
                standing.leftGrams(),
                standing.isWeighed(),
                standing.bagsLeft(),
                standing.toGo(),
                standing.toGoGrams(),
                standing.reaches(),
                standing.forecast().times(),
                standing.forecast().shortGrams(),
                standing.forecast().chance(),
                standing.isShort(),
                standing.wantedGrams(),
                standing.fewer(),
                standing.leaner(),
                standing.shortGrams(use, events, fuller));
    }

    @JSBody(
            params = {
                "leftGrams",
                "isWeighed",
                "bagsLeft",
                "toGo",
                "toGoGrams",
                "reaches",
                "times",
                "shortGrams",
                "chance",
                "isShort",
                "wantedGrams",
                "fewer",
                "leaner",
                "shortIfFuller"
            },
            script =
                    "return { leftGrams: leftGrams, isWeighed: isWeighed, bagsLeft: bagsLeft, toGo: toGo, toGoGrams: toGoGrams,"
                            + " reaches: reaches, times: times, shortGrams: shortGrams, chance: chance, isShort: isShort,"
                            + " wantedGrams: wantedGrams, fewer: fewer, leaner: leaner, shortIfFuller: shortIfFuller };")
    private static native JSObject standing(
            double leftGrams,
            boolean isWeighed,
            int bagsLeft,
            double toGo,
            double toGoGrams,
            double reaches,
            double times,
            double shortGrams,
            double chance,
            boolean isShort,
            double wantedGrams,
            int fewer,
            double leaner,
            double shortIfFuller);
}
