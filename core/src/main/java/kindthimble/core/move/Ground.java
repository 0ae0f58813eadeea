package kindthimble.core.move;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Extent;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Spot;
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
import kindthimble.core.passes.Step;
import kindthimble.core.placing.Laid;
import kindthimble.core.placing.Placing;
import kindthimble.core.placing.Where;
import kindthimble.core.words.Range;
import kindthimble.core.words.Refused;

/** A cookie while its moves are laid on it, one after the other. Lives for one measuring. */
public final class Ground {
    private final Region whole;
    private final Sections sections;
    private final Coats coats;
    private final Kitchen kitchen;
    private final List<Move> moves;
    private final List<Step> laid = new ArrayList<>();
    private final Map<String, Double> outlineMm3 = new HashMap<>();
    private final Map<String, Coated> coated = new HashMap<>();
    private final Set<String> outlined = new HashSet<>();

    /** What stands by itself, by the index of its move. */
    private final Map<Integer, List<Pose>> standing = new HashMap<>();

    /** Small designs that are set on it, by the index of their move. */
    private final Map<Integer, Workpiece> small = new HashMap<>();

    private final Spot middle;
    private int move;

    /** The earlier move on whose marks the one that is being laid goes. */
    private int onMove;

    private record Coated(double thicknessMm, boolean pressed) {}

    public Ground(Region whole, Sections sections, Coats coats, Kitchen kitchen, List<Move> moves) {
        this.whole = whole;
        this.sections = sections;
        this.coats = coats;
        this.kitchen = kitchen;
        this.moves = List.copyOf(moves);
        this.middle = whole.middle();
    }

    /** Lays all moves, in order. */
    public void layAll() {
        for (move = 0; move < moves.size(); move++) {
            onMove = Step.ON_NONE;
            try {
                Move laying = moves.get(move);
                // One that is to be pressed on the cookie first is nothing until then.
                if (laying.where() == null || !laying.where().hasNoPlaceYet()) {
                    laying.lay(this);
                }
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

    /** What lies on it, in her order. */
    public List<Step> laid() {
        return laid;
    }

    /** Where marks stand by themselves, by the index of their move. */
    public Map<Integer, List<Pose>> standing() {
        return standing;
    }

    /** Small designs that are set on it, by the index of their move. */
    public Map<Integer, Workpiece> small() {
        return small;
    }

    /** Lays the moves of a small design, and remembers it as that of the move that is being laid. */
    Workpiece small(List<Move> given, Region baked, Region iced, Kitchen own, boolean onFilm) {
        Workpiece piece = Workpiece.small(given, baked, iced, own, onFilm);
        small.put(move, piece);
        return piece;
    }

    Kitchen kitchen() {
        return kitchen;
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

    /**
     * Where the marks of the move that is being laid are, and remembers it for those that stand on them or make room for them.
     *
     * @param where with its usual values
     * @param pieces how many there are, where their number is not given by the places
     * @param acrossMm how wide one is
     * @return none when there is no room
     */
    List<Pose> stand(Where where, String on, int pieces, double acrossMm) {
        SectionSite site = new SectionSite(this, on);
        List<Pose> poses = where.laid() == Laid.MARKS
                ? inside(() -> new Placing(where, site).poses(pieces, acrossMm))
                : sections.once(
                        new Stood(where, on, pieces, acrossMm, site.standing()),
                        () -> inside(() -> new Placing(where, site).poses(pieces, acrossMm)));
        standing.merge(move, poses, (before, more) -> {
            List<Pose> all = new ArrayList<>(before);
            all.addAll(more);
            return all;
        });
        return poses;
    }

    /** What decides where marks are, beside the sections. */
    private record Stood(Where where, String on, int pieces, double acrossMm, List<Spot> standing) {}

    /** The line that the move which is being laid follows. */
    Lines course(Where where, String on, double usualInsetMm) {
        return inside(() -> new Placing(where, new SectionSite(this, on)).course(usualInsetMm));
    }

    /** What is refused of a placing is a field of it. */
    private static <T> T inside(Supplier<T> placed) {
        try {
            return placed.get();
        } catch (Refused refused) {
            throw refused.field().startsWith("where") ? refused : refused.inside("where");
        }
    }

    /** Whether the marks of an earlier move stand by themselves, so that something can be set on each. */
    boolean standsOn(String marks) {
        return !standing(marks).isEmpty();
    }

    /** What the marks of an earlier move cover, in the sections that words name. */
    Region covered(String marks, String on) {
        int from = earlier(marks);
        List<Region> covers = laid.stream()
                .filter(one -> one.move() == from)
                .map(one -> one.mark().covers())
                .filter(region -> !region.isEmpty())
                .toList();
        Region all = covers.isEmpty() ? Region.EMPTY : Region.union(covers);
        Region there = on == null || on.isBlank() ? all : all.intersection(on(on));
        if (there.isEmpty()) {
            throw new Refused(
                    "where.marks", "%s puts nothing there that could be covered.".formatted(Range.capital(marks)));
        }
        return there;
    }

    private int earlier(String words) {
        onMove = EarlierMoves.index(moves, move, words);
        return onMove;
    }

    /** Where marks of earlier moves stand: those of all of them, in the order of the moves. */
    List<Pose> allStanding() {
        return standing.values().stream().flatMap(List::stream).toList();
    }

    /** Where the marks of the earlier move stand that words name. */
    List<Pose> standing(String marks) {
        return standing.getOrDefault(earlier(marks), List.of());
    }

    Spot middle() {
        return middle;
    }

    boolean isBare(String on) {
        return sections.named(on).stream().noneMatch(coated::containsKey);
    }

    /** Key of the colour that a section is coated with; null for a bare one. */
    String coatColour(String section) {
        for (int i = laid.size() - 1; i >= 0; i--) {
            if (laid.get(i).mark() instanceof Coat coat
                    && laid.get(i).sections().contains(section)) {
                return coat.icing().colour();
            }
        }
        return null;
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

    /** Puts a mark on some sections, in one of the coats' slots. */
    void place(int slot, Collection<String> on, Mark mark) {
        laid.add(step(slot, mark, Set.copyOf(on)));
    }

    /** Puts a mark that sinks into the coat of some sections, or that goes on before or after the coats. */
    void place(String on, Mark mark) {
        Set<String> names = reached(sections.named(on), mark);
        int slot = mark.stage() != Stage.COAT
                ? 0
                : mark.gate() == Gate.BARE_COOKIE && isBare(on)
                        ? 1
                        : names.stream().mapToInt(coats::pass).max().orElse(1);
        laid.add(step(slot, mark, names));
    }

    /** Of sections that are coated at different times, those that a mark really lies on: where it is counts, and not what was named. */
    private Set<String> reached(Set<String> names, Mark mark) {
        if (coats.byPass(names).size() < 2) {
            return names;
        }
        Extent extent = mark.extent();
        Set<String> reached = names.stream()
                .filter(name -> extent.touches(sections.inner(name)))
                .collect(Collectors.toSet());
        return reached.isEmpty() ? names : reached;
    }

    private Step step(int slot, Mark mark, Set<String> on) {
        return new Step(move, slot, mark, on, onMove, moves.get(move).waitMinutes());
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
