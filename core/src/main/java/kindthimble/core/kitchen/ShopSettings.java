package kindthimble.core.kitchen;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.dough.DoughRecipe;
import kindthimble.core.drying.RoomDay;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.hours.Hours;
import kindthimble.core.hours.Working;
import kindthimble.core.icing.KitchenWords;
import kindthimble.core.mark.Pieces;
import kindthimble.core.words.Refused;

/**
 * What a shop can set for itself: its figures, and what it has decided.
 *
 * @param habits its figures; the house's when null
 * @param detail when raised detail goes on
 * @param filling how outlines and floods are carried out
 * @param recipe key of the base that orders take unless they say otherwise
 * @param measures whether spoons and cups stand beside the grams
 * @param customs how it writes dates, numbers and money
 * @param words what the shop calls the named consistencies
 * @param tips the shop's tips
 * @param weights of the pieces that it has weighed
 * @param doughs what it bakes from; the house's two when null
 * @param dough key of the one that orders take unless they say otherwise
 * @param working whose hands work when; the house's hours when null
 * @param drying how iced trays dry; in still air when null
 * @param roomDays days on which the room is otherwise than its figures say
 * @param followsSensor whether the room's figures are those of its sensor; null for no
 */
public record ShopSettings(
        Habits habits,

        @Choice(word = "raised detail goes on", from = Choice.From.WORDS)
        DetailSchool detail,

        @Choice(word = "cookies are filled", from = Choice.From.WORDS)
        Filling filling,

        String recipe,

        @Choice(word = "measures", from = Choice.From.WORDS) Measures measures,

        Customs customs,

        KitchenWords words,

        List<Tip> tips,
        List<PieceWeight> weights,
        List<DoughRecipe> doughs,
        String dough,
        Working working,

        @Choice(word = "trays dry", from = Choice.From.WORDS)
        TraysDry drying,

        List<RoomDay> roomDays,
        Boolean followsSensor) {

    /** Rows of pieces that a shop has weighed. */
    public static final int MOST_WEIGHTS = 100;

    private static final int LONGEST_TIP_NAME = 20;

    public ShopSettings {
        habits = habits == null ? Habits.HOUSE : habits;
        customs = customs == null ? Customs.HOUSE : customs;
        words = words == null ? KitchenWords.HOUSE : words;
        tips = tips == null ? List.of() : withTipsOfPieces(tips);
        weights = weights == null ? List.of() : List.copyOf(weights);
        doughs = doughs == null || doughs.isEmpty() ? DoughRecipe.HOUSE : List.copyOf(doughs);
        dough = dough == null ? doughs.get(0).key() : dough;
        working = working == null ? Working.HOUSE : working;
        drying = drying == null ? TraysDry.IN_STILL_AIR : drying;
        roomDays = roomDays == null ? List.of() : List.copyOf(roomDays);
        followsSensor = Boolean.TRUE.equals(followsSensor);
    }

    /** A shop that has told of none has the house's. */
    private static List<Tip> withTipsOfPieces(List<Tip> tips) {
        boolean has = tips.isEmpty() || tips.stream().anyMatch(tip -> tip.shape() != Tip.Shape.ROUND);
        return has
                ? List.copyOf(tips)
                : Stream.concat(
                                tips.stream(),
                                Tip.OF_PIECES.stream()
                                        .filter(house -> tips.stream()
                                                .noneMatch(tip -> house.name().equals(tip.name()))))
                        .toList();
    }

    /** A shop that has weighed no pieces. */
    public ShopSettings(
            Habits habits,
            DetailSchool detail,
            Filling filling,
            String recipe,
            Measures measures,
            Customs customs,
            KitchenWords words,
            List<Tip> tips) {
        this(habits, detail, filling, recipe, measures, customs, words, tips, null);
    }

    /** A shop that bakes and works as the house does. */
    public ShopSettings(
            Habits habits,
            DetailSchool detail,
            Filling filling,
            String recipe,
            Measures measures,
            Customs customs,
            KitchenWords words,
            List<Tip> tips,
            List<PieceWeight> weights) {
        this(
                habits, detail, filling, recipe, measures, customs, words, tips, weights, null, null, null, null, null,
                null);
    }

    /** What one piece weighs in g, see {@link PieceWeight}. */
    public double pieceGrams(Pieces.PieceKind kind, String tip, double sizeMm, double houseGrams) {
        return PieceWeight.grams(weights, tips, kind, tip, sizeMm, houseGrams);
    }

    /** How wide one of its tips is, in mm; of one that it has put away, as the house's of that name. */
    public double openingMm(String tip) {
        return PieceWeight.opening(tips, tip);
    }

    /** What a new shop's settings are. */
    public static ShopSettings house() {
        return new ShopSettings(
                Habits.HOUSE,
                DetailSchool.OVERNIGHT,
                Filling.WALL_AND_FLOOD,
                HouseRecipes.MERINGUE_POWDER.key(),
                Measures.GRAMS,
                Customs.HOUSE,
                KitchenWords.HOUSE,
                Tip.HOUSE);
    }

    /** A figure, in the habit's unit. */
    public double mean(Habit habit) {
        return habits.mean(habit);
    }

    /** A figure that counts pieces. */
    public int pieces(Habit habit) {
        return habits.pieces(habit);
    }

    /** The same with one figure as the shop sets it. */
    public ShopSettings with(Habit habit, double mean) {
        return with(habits.with(habit, mean));
    }

    /** The same with other figures. */
    public ShopSettings with(Habits others) {
        return changed(others, detail, working, drying, roomDays);
    }

    /** The same with other hours. */
    public ShopSettings with(Working others) {
        return changed(habits, detail, others, drying, roomDays);
    }

    /** The same with trays that dry otherwise. */
    public ShopSettings with(TraysDry other) {
        return changed(habits, detail, working, other, roomDays);
    }

    /** The same with another school of detail. */
    public ShopSettings with(DetailSchool other) {
        return changed(habits, other, working, drying, roomDays);
    }

    /** The same with other days on which the room is otherwise than its figures say. */
    public ShopSettings withRoomDays(List<RoomDay> others) {
        return changed(habits, detail, working, drying, others);
    }

    /** The same, whose room follows its sensor. */
    public ShopSettings followingSensor() {
        return made(habits, detail, working, drying, roomDays, true);
    }

    /** The same with doughs that spread otherwise. */
    public ShopSettings withDoughs(List<DoughRecipe> others) {
        return new ShopSettings(
                habits,
                detail,
                filling,
                recipe,
                measures,
                customs,
                words,
                tips,
                weights,
                others,
                dough,
                working,
                drying,
                roomDays,
                followsSensor);
    }

    private ShopSettings changed(Habits figures, DetailSchool school, Working hands, TraysDry dry, List<RoomDay> days) {
        return made(figures, school, hands, dry, days, followsSensor);
    }

    private ShopSettings made(
            Habits figures, DetailSchool school, Working hands, TraysDry dry, List<RoomDay> days, boolean follows) {
        return new ShopSettings(
                figures, school, filling, recipe, measures, customs, words, tips, weights, doughs, dough, hands, dry,
                days, follows);
    }

    /**
     * A dough by its key, or the shop's usual one where there is none of that key any more.
     *
     * @param wanted key of a dough; null for the usual one
     */
    public DoughRecipe dough(String wanted) {
        return doughs.stream()
                .filter(one -> one.key().equals(wanted))
                .findFirst()
                .or(() -> doughs.stream().filter(one -> one.key().equals(dough)).findFirst())
                .orElse(doughs.get(0));
    }

    /**
     * @throws Refused when a number is out of its range
     */
    public void check() {
        Catalogue.check(this);
        try {
            habits.check();
        } catch (Refused refused) {
            throw refused.inside("habits");
        }
        words.check();
        try {
            customs.check();
        } catch (Refused refused) {
            throw refused.inside("customs");
        }
        if (mean(Habit.MIXER_LEAST_GRAMS) > mean(Habit.MIXER_MOST_GRAMS)) {
            throw new Refused(
                    "habits." + Habit.MIXER_LEAST_GRAMS + ".mean", "The mixer's least can't be more than its most.");
        }
        DoughRecipe.check(doughs);
        checkRoomDays();
        try {
            working.check();
        } catch (Refused refused) {
            throw refused.inside("working");
        }
        Set<String> names = new HashSet<>();
        for (int i = 0; i < tips.size(); i++) {
            String name = tips.get(i).name();
            if (name == null || name.isBlank() || name.length() > LONGEST_TIP_NAME || !names.add(name)) {
                throw new Refused("tips[" + i + "].name", "Give each tip a short name of its own.");
            }
            try {
                Catalogue.check(tips.get(i));
            } catch (Refused refused) {
                throw refused.inside("tips[" + i + "]");
            }
        }
        if (weights.size() > MOST_WEIGHTS) {
            throw new Refused("weights", "Keep at most %d weights of pieces.".formatted(MOST_WEIGHTS));
        }
        for (int i = 0; i < weights.size(); i++) {
            try {
                Catalogue.check(weights.get(i));
                weights.get(i).check(tips);
            } catch (Refused refused) {
                throw refused.inside("weights[" + i + "]");
            }
        }
    }

    private void checkRoomDays() {
        if (roomDays.size() > Hours.MOST_CHANGES) {
            throw new Refused("roomDays", "Keep at most %d days that are unlike.".formatted(Hours.MOST_CHANGES));
        }
        Set<LocalDate> seen = new HashSet<>();
        for (int i = 0; i < roomDays.size(); i++) {
            if (roomDays.get(i).day() == null || !seen.add(roomDays.get(i).day())) {
                throw new Refused("roomDays[" + i + "].day", "Name each day once.");
            }
            try {
                Catalogue.check(roomDays.get(i));
            } catch (Refused refused) {
                throw refused.inside("roomDays[" + i + "]");
            }
        }
    }

    /**
     * The shop's tip of a name, or a bag that is cut to a width; one of the house's where the shop has put that away, since designs may still take it.
     *
     * @param name of a tip
     * @throws Refused when neither has such a tip
     */
    public Tip tip(String name) {
        if (Tip.isCut(name)) {
            return Tip.cut(name);
        }
        return Stream.concat(tips.stream(), Tip.HOUSE.stream())
                .filter(tip -> tip.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new Refused(
                        "tip",
                        "The shop has no tip %s. It has %s."
                                .formatted(
                                        name,
                                        String.join(
                                                ", ",
                                                tips.stream().map(Tip::name).toList()))));
    }
}
