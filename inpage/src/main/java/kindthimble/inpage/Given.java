package kindthimble.inpage;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import kindthimble.core.bench.BagUse;
import kindthimble.core.bench.BenchEvent;
import kindthimble.core.bench.TooThin;
import kindthimble.core.bench.TrialCookie;
import kindthimble.core.icing.ThinningCurve;
import kindthimble.core.pour.Making;
import org.teavm.jso.JSObject;
import org.teavm.jso.JSProperty;

/** What a page gives to the rules: plain objects, as the application answers them. */
final class Given {
    private Given() {}

    /** A press; its time in ms since 1970. */
    interface Event extends JSObject {
        @JSProperty
        String getId();

        @JSProperty
        double getAtMs();

        @JSProperty
        String getDevice();

        @JSProperty
        String getWhat();

        @JSProperty
        String getStep();

        @JSProperty
        double getAmount();

        @JSProperty
        String getWords();
    }

    interface Drink extends JSObject {
        @JSProperty
        String getStep();

        @JSProperty
        int getCookies();

        @JSProperty
        double getEachGrams();

        @JSProperty
        double getCoatGrams();
    }

    interface Fill extends JSObject {
        @JSProperty
        int getBags();

        @JSProperty
        double getFullGrams();

        @JSProperty
        String getFilledAt();

        @JSProperty
        int getFirstBag();
    }

    interface Bag extends JSObject {
        @JSProperty
        String getKey();

        @JSProperty
        Fill[] getFills();

        @JSProperty
        double getKeepsGrams();

        @JSProperty
        Drink[] getDrinks();
    }

    interface Base extends JSObject {
        @JSProperty
        double getCountSeconds();

        @JSProperty
        double getPerGram();

        @JSProperty
        double getSugarPer100();

        @JSProperty
        double getWaterPer100();
    }

    interface Made extends JSObject {
        @JSProperty
        double getBase();

        @JSProperty
        double getWater();

        @JSProperty
        double getSugar();

        @JSProperty
        double getGel();

        @JSProperty
        double getFlavour();

        @JSProperty
        double getKeepsGrams();
    }

    interface Weighed extends JSObject {
        @JSProperty
        double getBare();

        @JSProperty
        double getIced();
    }

    static List<BenchEvent> events(Event[] events) {
        return Arrays.stream(events)
                .map(one -> new BenchEvent(
                        one.getId(),
                        Instant.ofEpochMilli((long) one.getAtMs()),
                        one.getDevice(),
                        BenchEvent.Pressed.valueOf(one.getWhat()),
                        one.getStep(),
                        one.getAmount(),
                        one.getWords()))
                .toList();
    }

    static BagUse bag(Bag bag) {
        return new BagUse(
                bag.getKey(),
                Arrays.stream(bag.getFills())
                        .map(one -> new BagUse.Fill(
                                one.getBags(), one.getFullGrams(), one.getFilledAt(), one.getFirstBag()))
                        .toList(),
                bag.getKeepsGrams(),
                Arrays.stream(bag.getDrinks())
                        .map(one -> new BagUse.Iced(
                                one.getStep(), one.getCookies(), one.getEachGrams(), one.getCoatGrams()))
                        .toList());
    }

    static ThinningCurve curve(Base base) {
        return new ThinningCurve(base.getCountSeconds(), base.getPerGram());
    }

    static TooThin.Base base(Base base) {
        return new TooThin.Base(curve(base), base.getSugarPer100(), base.getWaterPer100());
    }

    static Making making(Made made) {
        return new Making(made.getBase(), made.getWater(), made.getSugar(), made.getGel(), made.getFlavour());
    }

    static List<TrialCookie.Weighed> cookies(Weighed[] cookies) {
        return Arrays.stream(cookies)
                .map(one -> new TrialCookie.Weighed(one.getBare(), one.getIced()))
                .toList();
    }
}
