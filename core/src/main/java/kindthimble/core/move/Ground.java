package kindthimble.core.move;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.TooMuch;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.DetailSchool;
import kindthimble.core.kitchen.Filling;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.mark.Coat;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.Mark;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.words.Refused;

/** A cookie while its moves are laid on it, one after the other. Lives for one measuring. */
public final class Ground {
    private final Region whole;
    private final Sections sections;
    private final Coats coats;
    private final Kitchen kitchen;
    private final List<Move> moves;
    private final List<OnCookie> laid = new ArrayList<>();
    private final Map<String, Double> outlineMm3 = new HashMap<>();
    private final Map<String, Coated> coated = new HashMap<>();
    private final Set<String> outlined = new HashSet<>();
    private int move;

    private record Coated(double thicknessMm, boolean pressed) {}

    public Ground(Region whole, Sections sections, Coats coats, Kitchen kitchen, List<Move> moves) {
        this.whole = whole;
        this.sections = sections;
        this.coats = coats;
        this.kitchen = kitchen;
        this.moves = List.copyOf(moves);
    }

    /** Lays all moves, in order. */
    public void layAll() {
        for (move = 0; move < moves.size(); move++) {
            try {
                moves.get(move).lay(this);
            } catch (Refused refused) {
                throw refused.inside("moves[" + move + "]");
            } catch (TooMuch tooMuch) {
                throw tooMuch(move, moves.get(move), tooMuch);
            }
        }
    }

    /** What to say where a move is more than a cookie holds. */
    public static Refused tooMuch(int index, Move move, TooMuch tooMuch) {
        return new Refused(
                "moves[" + index + "]",
                "Move %d, %s: %s".formatted(index + 1, Catalogue.word(move.getClass()), tooMuch.getMessage()));
    }

    /** What lies on it: with the pass of the coats, from 1; 0 for what goes on before them or afterwards. */
    public List<OnCookie> laid() {
        return laid;
    }

    /** The kitchen's figures. */
    Habits habits() {
        return kitchen.habits();
    }

    /** One of them, in its own unit. */
    double mean(Habit habit) {
        return kitchen.mean(habit);
    }

    /** A move that stands in for another, with its usual values. */
    Move filled(Move move) {
        return move.filled(kitchen);
    }

    /** How outlines and floods are carried out here: a dip only where the cookie is one section. */
    Filling filling() {
        return coats.filling(kitchen);
    }

    Sections sections() {
        return sections;
    }

    Coats coats() {
        return coats;
    }

    Set<String> ownCoat() {
        return coats.sectionsOf(move);
    }

    Set<String> named(String on) {
        return sections.named(on);
    }

    public Region whole() {
        return whole;
    }

    Region region(String section) {
        return sections.region(section);
    }

    Region region(Set<String> names) {
        return sections.region(names);
    }

    /** The region that words name; the whole cookie when they name none. */
    Region on(String words) {
        return words == null || words.isBlank() ? whole : sections.region(sections.named(words));
    }

    boolean isBare(String on) {
        return sections.named(on).stream().noneMatch(coated::containsKey);
    }

    double thicknessUnder(String on) {
        return sections.named(on).stream()
                .map(coated::get)
                .filter(Objects::nonNull)
                .mapToDouble(Coated::thicknessMm)
                .max()
                .orElse(Coat.thicknessMm(habits(), mean(Habit.FLOOD_COUNT_SECONDS)));
    }

    boolean isCoated(String section) {
        return coated.containsKey(section);
    }

    double takeOutline(String section) {
        Double waiting = outlineMm3.remove(section);
        return waiting == null ? 0 : waiting;
    }

    void outline(String section, double mm3) {
        outlined.add(section);
        outlineMm3.merge(section, mm3, Double::sum);
    }

    boolean isOutlined(String section) {
        return outlined.contains(section);
    }

    void coat(String section, double thicknessMm) {
        boolean pressed = moves.get(move) instanceof Spatula spatula && spatula.isPressed();
        coated.put(section, new Coated(thicknessMm, pressed));
    }

    /** Puts a mark in a pass of the coats. */
    void place(int pass, Mark mark) {
        laid.add(new OnCookie(move, pass, mark));
    }

    /** Puts a mark that sinks into the coat of some sections, or that goes on before or after the coats. */
    void place(String on, Mark mark) {
        int pass = mark.stage() != Stage.COAT
                ? 0
                : sections.named(on).stream().mapToInt(coats::pass).max().orElse(1);
        laid.add(new OnCookie(move, pass, mark));
    }

    Tip tip(String name) {
        return kitchen.shop().tip(name);
    }

    Icing piped(String colour, double seconds, Tip tip) {
        return new Icing(colour, new Consistency(seconds), tip.name());
    }

    /** Icing that levels, from a tipless bag unless a tip is given. */
    Icing flooding(String colour, double seconds, String tip) {
        return new Icing(colour, new Consistency(seconds), tip == null || tip.isBlank() ? null : tip(tip).name());
    }

    /** What raised detail waits for: nothing on a bare cookie, else what it says itself or the shop's school. */
    Gate raisedGate(String on, Wait waits) {
        if (isBare(on)) {
            return Gate.BARE_COOKIE;
        }
        if (sections.named(on).stream()
                .map(coated::get)
                .filter(Objects::nonNull)
                .anyMatch(Coated::pressed)) {
            return Gate.TEXTURE_SHEET;
        }
        if (waits != null) {
            return waits.gate();
        }
        return kitchen.shop().detail() == DetailSchool.HALF_DRY ? Gate.HALF_DRY : Gate.DRY_THROUGH;
    }
}
