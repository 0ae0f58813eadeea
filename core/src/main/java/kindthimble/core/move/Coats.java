package kindthimble.core.move;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;
import kindthimble.core.geometry.CoatVolume;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.SharedEdge;
import kindthimble.core.kitchen.Filling;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.passes.Colouring;
import kindthimble.core.passes.Crease;
import kindthimble.core.words.Refused;

/**
 * Which coat covers which section, which of them are wet together, and in which pass each is flooded. Sections that meet by flow
 * or wall are one wet surface; surfaces that meet by a crease must not be wet together.
 */
public final class Coats {
    private static final double LEAST_SHARED_MM = 1;

    private final Map<Integer, Set<String>> sectionsOfMove = new HashMap<>();
    private final Map<String, Integer> surfaceOf = new LinkedHashMap<>();
    private final Map<Integer, Region> surfaces = new HashMap<>();
    private final Map<String, Set<String>> touching = new HashMap<>();
    private final Map<String, Seam> seams = new LinkedHashMap<>();
    private final Sections sections;
    private int[] passOfSurface = {};
    private final List<Said> edges = new ArrayList<>();
    private int earlySlots;

    /**
     * @param moves of the design, in order
     * @throws Refused when a coat names sections that do not exist
     */
    public Coats(List<Move> moves, Sections sections) {
        this.sections = sections;
        Set<String> named = new HashSet<>();
        for (int i = 0; i < moves.size(); i++) {
            if (moves.get(i) instanceof Coating coat
                    && coat.on() != null
                    && !coat.on().isBlank()) {
                Set<String> own = resolve(sections, coat.on(), i);
                sectionsOfMove.put(i, own);
                named.addAll(own);
                own.forEach(section -> seams.putIfAbsent(section, orCrease(coat.seam())));
            }
        }
        for (int i = 0; i < moves.size(); i++) {
            if (moves.get(i) instanceof Coating coat && !sectionsOfMove.containsKey(i)) {
                Set<String> rest = new LinkedHashSet<>(sections.leaves().keySet());
                rest.removeAll(named);
                sectionsOfMove.put(i, rest);
                rest.forEach(section -> seams.putIfAbsent(section, orCrease(coat.seam())));
            }
        }
        readEdges(moves);
        List<String> order = inOrderOfWork(moves.size());
        List<int[]> creases = join(order);
        number(order, creases, late(moves));
    }

    /** What she says of edges by themselves: the last word counts. */
    private void readEdges(List<Move> moves) {
        for (int i = 0; i < moves.size(); i++) {
            if (moves.get(i) instanceof Edge edge) {
                edges.add(new Said(resolve(sections, edge.on(), i), edge.seam(), edge.minutes()));
            }
        }
    }

    private record Said(Set<String> among, Seam seam, Double minutes) {
        boolean isOf(String one, String other) {
            return among.contains(one) && among.contains(other);
        }
    }

    private Seam seamBetween(String one, String other) {
        Seam seam = Seam.between(seams.get(one), seams.get(other));
        for (Said said : edges) {
            seam = said.isOf(one, other) ? said.seam() : seam;
        }
        return seam;
    }

    /**
     * Two coated sections that are wet together along an edge.
     *
     * @param one the one that is listed first
     * @param other the other
     */
    public record Meeting(String one, String other) {}

    /** Where coats meet wet among some sections. */
    public List<Meeting> flowing(Collection<String> names) {
        List<Meeting> meetings = new ArrayList<>();
        List<String> own = surfaceOf.keySet().stream().filter(names::contains).toList();
        for (int i = 0; i < own.size(); i++) {
            for (int j = i + 1; j < own.size(); j++) {
                if (neighbours(own.get(i)).contains(own.get(j)) && seamBetween(own.get(i), own.get(j)) == Seam.FLOW) {
                    meetings.add(new Meeting(own.get(i), own.get(j)));
                }
            }
        }
        return meetings;
    }

    /** What a slot waits for: of each of those before it that it meets in a crease, the one for which she says the most minutes. */
    public List<Crease> creases(int slot) {
        Map<Integer, Crease> bySlot = new TreeMap<>();
        for (String section : surfaceOf.keySet()) {
            for (String other : surfaceOf.keySet()) {
                if (pass(section) == slot
                        && pass(other) < slot
                        && neighbours(section).contains(other)
                        && seamBetween(section, other) == Seam.CREASE) {
                    bySlot.merge(
                            pass(other),
                            new Crease(pass(other), creaseMinutes(section, other), other, section),
                            (known, more) -> more.minutes() > known.minutes() ? more : known);
                }
            }
        }
        return List.copyOf(bySlot.values());
    }

    /** Minutes that she says of the crease between two sections; 0 where she does not. */
    public int creaseMinutes(String section, String other) {
        double most = 0;
        for (Said said : edges) {
            if (said.minutes() != null && said.seam() == Seam.CREASE && said.isOf(section, other)) {
                most = Math.max(most, said.minutes());
            }
        }
        return (int) Math.round(most);
    }

    /** How many of the slots come first of all; coats of those beyond are listed after print, paint or marker beside them. */
    public int earlySlots() {
        return earlySlots;
    }

    /** Sections that the coat at this index covers. */
    public Set<String> sectionsOf(int move) {
        return sectionsOfMove.getOrDefault(move, Set.of());
    }

    /** How outlines and floods are carried out here: a dip only where the cookie is one section. */
    public Filling filling(Kitchen kitchen) {
        return kitchen.filling() == Filling.DIP && sections.isDivided() ? Filling.WALL_AND_FLOOD : kitchen.filling();
    }

    public boolean isCoated(String section) {
        return surfaceOf.containsKey(section);
    }

    /** Pass in which a section is flooded, from 1; 1 for one that never is. */
    public int pass(String section) {
        Integer surface = surfaceOf.get(section);
        return surface == null ? 1 : passOfSurface[surface] + 1;
    }

    /** How many passes the coats take, at least 1. */
    public int passes() {
        int most = 0;
        for (int pass : passOfSurface) {
            most = Math.max(most, pass);
        }
        return most + 1;
    }

    /** Sections by the pass that they are flooded in. */
    public Map<Integer, List<String>> byPass(Collection<String> names) {
        Map<Integer, List<String>> byPass = new TreeMap<>();
        names.forEach(name ->
                byPass.computeIfAbsent(pass(name), p -> new ArrayList<>()).add(name));
        return byPass;
    }

    /** Coated neighbours of a section. */
    public Set<String> neighbours(String section) {
        return touching.getOrDefault(section, Set.of());
    }

    /** What takes up a section's icing while it is wet: all that flows into it, or the section alone. */
    public Region wetWith(String section, Region region) {
        Integer surface = surfaceOf.get(section);
        return surface == null || seams.get(section) != Seam.FLOW && edges.isEmpty() ? region : surfaces.get(surface);
    }

    /** Volume of a coat on a section: its share of the surface that is wet together with it. */
    double mm3(String section, Region region, double thicknessMm) {
        Integer surface = surfaceOf.get(section);
        if (surface == null) {
            return CoatVolume.mm3(region, thicknessMm);
        }
        Wet wet = new Wet(namesOf(surface), thicknessMm);
        return sections.once(wet, () -> shares(wet)).get(section);
    }

    private List<String> namesOf(int surface) {
        return surfaceOf.entrySet().stream()
                .filter(of -> of.getValue() == surface)
                .map(Map.Entry::getKey)
                .toList();
    }

    private record Neighbours(String one, String other) {}

    private boolean touch(String one, String other) {
        return sections.once(
                new Neighbours(one, other),
                () -> SharedEdge.isLongerThan(LEAST_SHARED_MM, sections.region(one), sections.region(other)));
    }

    /** Sections that are wet together. */
    private record Surface(List<String> names) {}

    private Region surface(List<String> names) {
        return names.size() == 1
                ? sections.region(names.get(0))
                : sections.once(
                        new Surface(names),
                        () -> sections.together(
                                names.stream().map(sections::region).toList()));
    }

    private record Wet(List<String> names, double thicknessMm) {}

    private Map<String, Double> shares(Wet wet) {
        double[] mm3 = CoatVolume.shares(
                wet.names().stream().map(sections::region).toList(), surface(wet.names()), wet.thicknessMm());
        Map<String, Double> byName = new HashMap<>();
        for (int i = 0; i < mm3.length; i++) {
            byName.put(wet.names().get(i), mm3[i]);
        }
        return byName;
    }

    private List<String> inOrderOfWork(int moves) {
        Set<String> order = new LinkedHashSet<>();
        for (int i = 0; i < moves; i++) {
            order.addAll(sectionsOf(i));
        }
        return new ArrayList<>(order);
    }

    private List<int[]> join(List<String> coated) {
        int[] surface = new int[coated.size()];
        for (int i = 0; i < surface.length; i++) {
            surface[i] = i;
        }
        List<int[]> creases = new ArrayList<>();
        for (int i = 0; i < coated.size(); i++) {
            for (int j = i + 1; j < coated.size(); j++) {
                if (!touch(coated.get(i), coated.get(j))) {
                    continue;
                }
                touching.computeIfAbsent(coated.get(i), k -> new HashSet<>()).add(coated.get(j));
                touching.computeIfAbsent(coated.get(j), k -> new HashSet<>()).add(coated.get(i));
                if (seamBetween(coated.get(i), coated.get(j)) == Seam.CREASE) {
                    creases.add(new int[] {i, j});
                } else {
                    int from = surface[j];
                    int to = surface[i];
                    for (int k = 0; k < surface.length; k++) {
                        surface[k] = surface[k] == from ? to : surface[k];
                    }
                }
            }
        }
        Map<Integer, Integer> numbers = new LinkedHashMap<>();
        for (int i = 0; i < coated.size(); i++) {
            int number = numbers.computeIfAbsent(surface[i], s -> numbers.size());
            surfaceOf.put(coated.get(i), number);
        }
        numbers.values().forEach(number -> surfaces.put(number, surface(namesOf(number))));
        return creases;
    }

    /** For each section that is coated by a move which is listed after print, paint or marker on it or beside it, the index of that move. */
    private Map<String, Integer> late(List<Move> moves) {
        Map<String, Integer> late = new HashMap<>();
        Set<String> coatedBefore = new HashSet<>();
        Set<String> dressed = new HashSet<>();
        for (int i = 0; i < moves.size(); i++) {
            if (moves.get(i) instanceof Coating) {
                Set<String> own = sectionsOf(i);
                boolean waits = own.stream()
                        .anyMatch(section -> dressed.contains(section)
                                || neighbours(section).stream().anyMatch(dressed::contains));
                for (String section : own) {
                    if (waits && !coatedBefore.contains(section)) {
                        late.put(section, i);
                    }
                }
                coatedBefore.addAll(own);
            } else if (moves.get(i).dresses()) {
                sections.named(moves.get(i).on()).stream()
                        .filter(coatedBefore::contains)
                        .forEach(dressed::add);
            }
        }
        return late;
    }

    /** Gives each surface its slot: those that nothing holds back first, then those of each late move. */
    private void number(List<String> coated, List<int[]> creases, Map<String, Integer> late) {
        int count = surfaces.size();
        List<List<Integer>> apart = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            apart.add(new ArrayList<>());
        }
        for (int[] crease : creases) {
            int one = surfaceOf.get(coated.get(crease[0]));
            int other = surfaceOf.get(coated.get(crease[1]));
            if (one != other && !apart.get(one).contains(other)) {
                apart.get(one).add(other);
                apart.get(other).add(one);
            }
        }
        passOfSurface = new int[count];
        int[] heldBy = new int[count];
        Arrays.fill(heldBy, -1);
        late.forEach(
                (section, move) -> heldBy[surfaceOf.get(section)] = Math.max(heldBy[surfaceOf.get(section)], move));
        int slots = 0;
        for (int holding : Arrays.stream(heldBy).distinct().sorted().toArray()) {
            int[] members =
                    IntStream.range(0, count).filter(i -> heldBy[i] == holding).toArray();
            int[] colours = Colouring.of(within(apart, members), movesOf(members));
            int most = 0;
            for (int k = 0; k < members.length; k++) {
                passOfSurface[members[k]] = slots + colours[k];
                most = Math.max(most, colours[k] + 1);
            }
            slots += most;
            if (holding < 0) {
                earlySlots = slots;
            }
        }
    }

    /** A part of the graph, its members numbered from 0. */
    private static List<List<Integer>> within(List<List<Integer>> apart, int[] members) {
        Map<Integer, Integer> number = new HashMap<>();
        for (int k = 0; k < members.length; k++) {
            number.put(members[k], k);
        }
        List<List<Integer>> part = new ArrayList<>();
        for (int member : members) {
            part.add(apart.get(member).stream()
                    .filter(number::containsKey)
                    .map(number::get)
                    .toList());
        }
        return part;
    }

    /** The first move that coats each of some surfaces. */
    private int[] movesOf(int[] members) {
        Map<Integer, Integer> first = new HashMap<>();
        sectionsOfMove.forEach(
                (move, names) -> names.forEach(name -> first.merge(surfaceOf.getOrDefault(name, -1), move, Math::min)));
        return Arrays.stream(members)
                .map(member -> first.getOrDefault(member, -1))
                .toArray();
    }

    private static Seam orCrease(Seam given) {
        return given == null ? Seam.CREASE : given;
    }

    private static Set<String> resolve(Sections sections, String words, int move) {
        try {
            return sections.named(words);
        } catch (Refused refused) {
            throw refused.inside("moves[" + move + "]");
        }
    }
}
