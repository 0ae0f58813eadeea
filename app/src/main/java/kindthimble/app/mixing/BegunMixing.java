package kindthimble.app.mixing;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import kindthimble.app.plan.Frozen;
import kindthimble.app.plan.Planned;
import kindthimble.app.plan.PourView;
import kindthimble.app.plan.RecipeGel;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.pour.Difference;
import kindthimble.core.pour.MixingOrder;
import kindthimble.core.pour.Pour;

/**
 * A mixing that was begun, by the keys of the order that leads it: the plan that was kept with what was mixed more since, the plan as it would be now, and
 * what is still to be mixed for the difference.
 *
 * @param frozen as it was begun
 * @param now as it would be, with the numbers and the base of then; null where it can't be worked out
 * @param difference between the two; null as well
 * @param more what is still to be mixed, and is not kept yet; null for nothing
 */
record BegunMixing(
        Frozen frozen,
        @Nullable Planned now,
        @Nullable Difference difference,
        @Nullable Frozen.Addition more) {
    static BegunMixing of(Frozen frozen, Planned now) {
        Difference difference = Difference.between(frozen.begun(), now.view().pour());
        if (difference.isNothing()) {
            return new BegunMixing(frozen, now, difference, null);
        }
        Pour pour = RecipeGel.pour(
                difference.missing(),
                now.tinter(),
                now.view().hexes(),
                difference.pouring(kitchen(frozen, now.view())));
        PourView view = now.view().of(pour);
        return new BegunMixing(
                frozen, now, difference, new Frozen.Addition(view, new Bowls(now.tinter(), view).tints()));
    }

    /** One of which it can't be said how it would be now. */
    static BegunMixing alone(Frozen frozen) {
        return new BegunMixing(frozen, null, null, null);
    }

    /** What it was planned with, for bowls that look like those of a pour. */
    static Kitchen kitchen(Frozen frozen, PourView looks) {
        return Kitchen.of(frozen.shop(), frozen.recipe(), null, looks(looks), null);
    }

    static Palette looks(PourView pour) {
        Map<String, Lab> looks = new HashMap<>();
        pour.hexes().forEach((key, hex) -> looks.put(key, Lab.ofHex(hex)));
        return new Palette(looks);
    }

    /** What was mixed more, and what is to be. */
    List<Frozen.Addition> additions() {
        List<Frozen.Addition> all = new ArrayList<>(frozen.additions());
        if (more != null) {
            all.add(more);
        }
        return all;
    }

    /** All steps, those of the plan first. */
    List<MixingOrder.Step> steps() {
        List<MixingOrder.Step> steps =
                new ArrayList<>(MixingOrder.of(frozen.pour().pour(), kitchen(frozen, frozen.pour())));
        List<Frozen.Addition> additions = additions();
        for (int i = 0; i < additions.size(); i++) {
            PourView pour = additions.get(i).pour();
            steps.addAll(MixingOrder.of(pour.pour(), i + 1, kitchen(frozen, pour)));
        }
        return steps;
    }

    /** Of all bowls, by their keys. */
    List<PourView.BowlColour> colours() {
        Map<String, PourView.BowlColour> colours = new LinkedHashMap<>();
        frozen.pour().colours().forEach(one -> colours.put(one.key(), one));
        additions().forEach(addition -> addition.pour().colours().forEach(one -> colours.putIfAbsent(one.key(), one)));
        if (now != null) {
            now.view().colours().forEach(one -> colours.putIfAbsent(one.key(), one));
        }
        return List.copyOf(colours.values());
    }
}
