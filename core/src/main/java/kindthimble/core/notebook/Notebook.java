package kindthimble.core.notebook;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import org.hipparchus.distribution.continuous.BetaDistribution;

/** What a kitchen has learnt from its notes: the same notes give the same figures, in any order, on any machine. */
public final class Notebook {
    static final double LOW = 0.05;
    static final double HIGH = 0.95;

    /** By day, then by what tells notes apart. */
    static final Comparator<Dated> BY_DAY_THEN_ID = Comparator.comparing(
                    (Dated one) -> one.taken().day())
            .thenComparing(one -> one.taken().id());

    /** So many times the plan is no work but a pause (kitchen practice). */
    private static final double PAUSE_TIMES = 3;

    /** House's b of a thinning curve. */
    private static final double USUAL_B = 0.23;

    private final Priors priors;
    private final LocalDate today;
    private final double halfLifeDays;
    private final List<Figure> figures = new ArrayList<>();

    private Notebook(Priors priors, LocalDate today, double halfLifeDays) {
        this.priors = priors;
        this.today = today;
        this.halfLifeDays = halfLifeDays;
    }

    /**
     * @param notes in any order
     * @param today days to come count as today
     * @param halfLifeDays after which a note counts half; 0 where notes don't fade
     * @return all figures that were noted, by their names
     * @throws BadNote when a note can't be, or two have one id
     */
    public static List<Figure> figures(Collection<Note> notes, LocalDate today, double halfLifeDays, Priors priors) {
        Set<String> ids = new HashSet<>();
        notes.forEach(note -> {
            note.check();
            if (!ids.add(note.id())) {
                throw new BadNote(note.id(), "id", "another note is called the same.");
            }
        });
        List<Note> sorted = notes.stream()
                .sorted(Comparator.comparing((Note one) -> one.taken().day())
                        .thenComparing(one -> one.getClass().getSimpleName())
                        .thenComparing(Note::id))
                .toList();
        Notebook notebook = new Notebook(priors, today, halfLifeDays);
        notebook.learn(sorted);
        return notebook.figures.stream()
                .sorted(Comparator.comparing(Figure::figure))
                .toList();
    }

    private void learn(List<Note> notes) {
        each(notes, Note.Count.class, Note.Count::recipe).forEach(this::thinning);
        byHand(notes, Note.Weighing.class, one -> "").forEach((key, own) -> coats(key.hand(), own));
        byHand(notes, Note.Run.class, one -> "").forEach((key, own) -> hands(key.hand(), own));
        byHand(notes, Note.Step.class, Note.Step::work)
                .forEach((key, own) -> plain(
                        "minutes " + key.what() + key.named(),
                        own,
                        priors.step(),
                        one -> Math.log(one.measured() / one.planned()),
                        one -> 1));
        each(notes, Note.Look.class, Note.Look::gate).forEach(this::gate);
        each(notes, Note.Broken.class, one -> one.form() + " " + one.when()).forEach(this::broken);
        each(notes, Note.Kept.class, Note.Kept::what)
                .forEach((what, own) -> plain(
                        "kept " + what, own, priors.kept(), one -> Math.log(one.measured() / one.planned()), one -> 1));
        each(notes, Note.Piece.class, Note.Piece::what)
                .forEach((what, own) -> plain(
                        "piece " + what,
                        own,
                        priors.piece(),
                        one -> Math.log(one.measured() / (one.of() * one.planned())),
                        Note.Piece::of));
        each(notes, Note.Place.class, Note.Place::what).forEach(this::places);
        each(notes, Note.Bake.class, one -> one.what() + " " + one.recipe()).forEach(this::bake);
    }

    private double weight(Dated note) {
        long days = Math.max(0, ChronoUnit.DAYS.between(note.taken().day(), today));
        return halfLifeDays > 0 ? Math.pow(2, -days / halfLifeDays) : 1;
    }

    private <N extends Dated> List<Weighted<N>> weighted(List<N> notes) {
        return notes.stream().map(note -> new Weighted<>(note, weight(note))).toList();
    }

    private static <N extends Note> List<N> of(List<Note> notes, Class<N> kind) {
        return notes.stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    private static <N extends Note> Map<String, List<N>> each(
            List<Note> notes, Class<N> kind, Function<N, String> what) {
        return of(notes, kind).stream().collect(Collectors.groupingBy(what, TreeMap::new, Collectors.toList()));
    }

    /** What is learnt of one hand; of all together where none is named. */
    private record OfHand(String what, String hand) {
        String named() {
            return hand == null ? "" : " " + hand;
        }
    }

    /** The shop's figure is that of all notes together; whoever is named has one of her own. */
    private static <N extends Note> Map<OfHand, List<N>> byHand(
            List<Note> notes, Class<N> kind, Function<N, String> what) {
        Map<OfHand, List<N>> grouped = new LinkedHashMap<>();
        for (N note : of(notes, kind)) {
            grouped.computeIfAbsent(new OfHand(what.apply(note), null), key -> new ArrayList<>())
                    .add(note);
            String hand = note.taken().hand();
            if (hand != null) {
                grouped.computeIfAbsent(new OfHand(what.apply(note), hand), key -> new ArrayList<>())
                        .add(note);
            }
        }
        return grouped;
    }

    private static List<String> ids(Collection<? extends Dated> notes) {
        return notes.stream().map(one -> one.taken().id()).sorted().toList();
    }

    private static double sum(Collection<? extends Weighted<?>> notes) {
        return notes.stream().mapToDouble(Weighted::weight).sum();
    }

    private <N extends Dated> void normal(
            String name,
            Figure.Scale scale,
            Mixture believed,
            Double scatter,
            SetAside.Learnt<N, ?> learnt,
            Figure.Coat coat) {
        figures.add(new Figure(
                name,
                scale,
                believed.mean(),
                believed.sd(),
                believed.quantile(LOW),
                believed.quantile(HIGH),
                scatter,
                learnt.counted().size(),
                sum(learnt.counted()),
                ids(learnt.aside()),
                coat));
    }

    private <N extends Note> void plain(
            String name, List<N> notes, Priors.Plain prior, ToDoubleFunction<N> y, ToDoubleFunction<N> together) {
        plain(name, Figure.Scale.LOG, notes, prior, y, together);
    }

    private <N extends Note> void plain(
            String name,
            Figure.Scale scale,
            List<N> notes,
            Priors.Plain prior,
            ToDoubleFunction<N> y,
            ToDoubleFunction<N> together) {
        SetAside.Learnt<N, Regression.Fitted> learnt =
                SetAside.learnt(weighted(notes), Lines.plain(prior, y, together));
        normal(name, scale, learnt.fitted().of(0, 0), learnt.fitted().scatter(), learnt, null);
    }

    private void bake(String what, List<Note.Bake> notes) {
        Priors.Plain prior = notes.get(0).what().equals("spread") ? priors.spread() : priors.loss();
        plain("bake " + what, Figure.Scale.VALUE, notes, prior, one -> one.measured() - one.planned(), one -> 1);
    }

    private void thinning(String recipe, List<Note.Count> notes) {
        double own = Math.log(notes.get(0).ownSeconds());
        SetAside.Learnt<Note.Count, Regression.Fitted> learnt = SetAside.learnt(
                weighted(notes),
                new Lines<>(
                        priors.count().sd(),
                        priors.count().s0(),
                        priors.count().nu(),
                        one -> new double[] {1, -one.water()},
                        one -> Math.log(one.seconds()) - own + USUAL_B * one.water(),
                        one -> 1));
        double scatter = learnt.fitted().scatter();
        normal(
                "thinning " + recipe + " ln t0",
                Figure.Scale.LOG,
                learnt.fitted().of(0, own),
                scatter,
                learnt,
                null);
        normal("thinning " + recipe + " b", Figure.Scale.VALUE, learnt.fitted().of(1, USUAL_B), scatter, learnt, null);
    }

    private void hands(String hand, List<Note.Run> runs) {
        List<Note.Run> pauses = runs.stream()
                .filter(run -> !run.taken().keep() && run.seconds() > PAUSE_TIMES * run.plannedSeconds())
                .toList();
        List<Note.Run> work = runs.stream().filter(run -> !pauses.contains(run)).toList();
        List<String> works = List.copyOf(runs.stream()
                .flatMap(run -> run.planned().keySet().stream())
                .collect(Collectors.toCollection(TreeSet::new)));
        SetAside.Learnt<Note.Run, Hands.Fitted> learnt =
                SetAside.learnt(weighted(work), new Hands(priors.seconds(), works));
        Regression.Fitted lines = learnt.fitted().lines();
        for (int k = 0; k < works.size(); k++) {
            String of = works.get(k);
            List<Note.Run> aside = new ArrayList<>(learnt.aside());
            aside.addAll(pauses);
            normal(
                    "seconds " + (hand == null ? "" : hand + " ") + of,
                    Figure.Scale.LOG,
                    lines.of(k, 0),
                    lines.scatter(),
                    new SetAside.Learnt<>(
                            null,
                            learnt.counted().stream()
                                    .filter(run -> run.note().planned().containsKey(of))
                                    .toList(),
                            aside.stream()
                                    .filter(run -> run.planned().containsKey(of))
                                    .toList()),
                    null);
        }
    }

    private void coats(String hand, List<Note.Weighing> weighings) {
        // An order is as young as its youngest note.
        Map<String, Double> youngest = new TreeMap<>();
        weighings.forEach(one -> youngest.merge(one.order(), weight(one), Math::max));
        List<Weighted<Note.Weighing>> weighted = weighings.stream()
                .map(one -> new Weighted<>(one, youngest.get(one.order())))
                .toList();
        SetAside.Learnt<Note.Weighing, Fullness.Fitted> learnt = SetAside.learnt(weighted, new Fullness(priors.coat()));
        Fullness.Fitted fitted = learnt.fitted();
        Set<String> schools = new LinkedHashSet<>(fitted.schools().keySet());
        for (String school : schools) {
            Mixture believed = fitted.school(school);
            normal(
                    "coat " + school + (hand == null ? "" : " " + hand),
                    Figure.Scale.LOG,
                    believed,
                    fitted.cookie(),
                    new SetAside.Learnt<>(
                            null,
                            learnt.counted().stream()
                                    .filter(one -> one.note().school().equals(school))
                                    .toList(),
                            learnt.aside().stream()
                                    .filter(one -> one.school().equals(school))
                                    .toList()),
                    new Figure.Coat(
                            fitted.hand(), fitted.cookie(), Fullness.student(believed.mean(), fitted.next(school))));
        }
    }

    private void gate(String gate, List<Note.Look> looks) {
        List<Gates.Coat> coats = looks.stream()
                .collect(Collectors.groupingBy(Note.Look::coat, LinkedHashMap::new, Collectors.toList()))
                .values()
                .stream()
                .map(Gates.Coat::of)
                .sorted(BY_DAY_THEN_ID)
                .toList();
        List<String> aside = new ArrayList<>();
        coats.stream().filter(Gates.Coat::contradicts).forEach(coat -> aside.addAll(coat.looks()));
        Gates model = new Gates(priors.gate());
        SetAside.Learnt<Gates.Coat, Gates.Fitted> learnt = SetAside.learnt(
                weighted(coats.stream().filter(coat -> !coat.contradicts()).toList()), model);
        learnt.aside().forEach(coat -> aside.addAll(coat.looks()));
        double[] points = model.points(learnt.counted(), learnt.fitted(), LOW, HIGH);
        figures.add(new Figure(
                "gate " + gate,
                Figure.Scale.LOG,
                points[0],
                points[1],
                points[2],
                points[3],
                learnt.fitted().scatter(),
                learnt.counted().size(),
                sum(learnt.counted()),
                aside.stream().sorted().toList(),
                null));
    }

    private void broken(String what, List<Note.Broken> notes) {
        double a = priors.broken()[0];
        double b = priors.broken()[1];
        double weight = 0;
        for (Note.Broken note : notes) {
            double own = weight(note);
            a += own * note.broken();
            b += own * (note.of() - note.broken());
            weight += own;
        }
        BetaDistribution beta = new BetaDistribution(a, b);
        figures.add(new Figure(
                "broken " + what,
                Figure.Scale.SHARE,
                a / (a + b),
                Math.sqrt(beta.getNumericalVariance()),
                beta.inverseCumulativeProbability(LOW),
                beta.inverseCumulativeProbability(HIGH),
                null,
                notes.size(),
                weight,
                List.of(),
                null));
    }

    private void places(String what, List<Note.Place> notes) {
        Odds odds = Odds.of(weighted(notes), priors.crater());
        figures.add(odds.figure(what + " at the limit", Figure.Scale.LOGIT, 0));
        figures.add(odds.figure(what + " slope", Figure.Scale.VALUE, 1));
    }
}
