package kindthimble.core.catalogue;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import kindthimble.core.words.Range;
import kindthimble.core.words.Refused;

/**
 * Reads the kinds of a sealed family (moves, cutter shapes) from their own records: each record says its {@link Word}, and each
 * component its {@link Amount} or {@link Choice}. So a new kind is one new record; forms and checks follow from it.
 */
public final class Catalogue {
    private static final ClassValue<RecordComponent[]> COMPONENTS = new ClassValue<>() {
        @Override
        protected RecordComponent[] computeValue(Class<?> record) {
            return record.getRecordComponents();
        }
    };

    private static final ClassValue<List<Kind.Parameter>> PARAMETERS = new ClassValue<>() {
        @Override
        protected List<Kind.Parameter> computeValue(Class<?> record) {
            return Arrays.stream(components(record))
                    .filter(c -> c.isAnnotationPresent(Amount.class)
                            || c.isAnnotationPresent(Choice.class)
                            || c.isAnnotationPresent(Text.class)
                            || c.isAnnotationPresent(Laying.class)
                            || c.isAnnotationPresent(Inner.class))
                    .map(Catalogue::parameter)
                    .toList();
        }
    };

    /** Colours and tips have short keys; a list of sections by name may be long. */
    private static final int LONGEST_CHOICE = 2_000;

    private Catalogue() {}

    /** The components of a record: looked up once, since every check of every move asks for them. */
    private static RecordComponent[] components(Class<?> record) {
        return COMPONENTS.get(record);
    }

    /** All kinds of a sealed interface, in the order in which it permits them. */
    public static List<Kind> of(Class<?> family) {
        return recordsOf(family).stream().map(Catalogue::kind).toList();
    }

    /** The records of a sealed interface and of those it permits, in that order. */
    public static List<Class<?>> recordsOf(Class<?> family) {
        return Arrays.stream(family.getPermittedSubclasses())
                .flatMap(kind -> kind.isRecord() ? Stream.<Class<?>>of(kind) : recordsOf(kind).stream())
                .toList();
    }

    /** What can be set on a record, in order. */
    public static List<Kind.Parameter> parametersOf(Class<?> record) {
        return PARAMETERS.get(record);
    }

    /** The word of a record of such a family. */
    public static String word(Class<?> record) {
        return record.getAnnotation(Word.class).value();
    }

    /**
     * Checks every amount of a record against its range, and that nothing required is missing.
     *
     * @throws Refused naming the component
     */
    public static void check(Record record) {
        for (RecordComponent component : components(record.getClass())) {
            Object given = read(record, component);
            Amount amount = component.getAnnotation(Amount.class);
            Choice choice = component.getAnnotation(Choice.class);
            if (amount != null && given != null) {
                range(amount).check(component.getName(), ((Number) given).doubleValue());
            }
            Text text = component.getAnnotation(Text.class);
            if (given instanceof String written) {
                String word = text != null ? text.word() : choice != null ? choice.word() : component.getName();
                checkLength(component.getName(), word, written, text != null ? text.longest() : LONGEST_CHOICE);
            }
            if (given instanceof Record inner && component.isAnnotationPresent(Laying.class)) {
                checkLaying(component, inner);
            }
            if (given instanceof List<?> inner && component.isAnnotationPresent(Inner.class)) {
                checkInner(component.getName(), inner);
            }
            if (choice != null
                    && required(component)
                    && (given == null || given.toString().isBlank())) {
                throw new Refused(component.getName(), "Pick the " + choice.word() + ".");
            }
        }
    }

    private static void checkInner(String name, List<?> inner) {
        for (int i = 0; i < inner.size(); i++) {
            try {
                check((Record) inner.get(i));
            } catch (Refused refused) {
                throw refused.inside(name + "[" + i + "]");
            }
        }
    }

    private static void checkLaying(RecordComponent component, Record where) {
        try {
            check(where);
        } catch (Refused refused) {
            throw refused.inside(component.getName());
        }
        RecordComponent how = components(where.getClass())[0];
        Object laid = read(where, how);
        List<String> offered = List.of(component.getAnnotation(Laying.class).from());
        if (laid != null && !offered.contains(((Enum<?>) laid).name())) {
            throw new Refused(
                    component.getName() + "." + how.getName(),
                    "This can't be placed like that. There is: %s."
                            .formatted(String.join(", ", offered).toLowerCase(Locale.ROOT)));
        }
    }

    /**
     * The same record with another value in one component.
     *
     * @throws IllegalArgumentException when it has no such component
     */
    public static <T> T with(T record, String component, Object value) {
        RecordComponent[] components = components(record.getClass());
        Class<?>[] types =
                Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new);
        Object[] values = new Object[components.length];
        boolean found = false;
        for (int i = 0; i < components.length; i++) {
            boolean meant = components[i].getName().equals(component);
            values[i] = meant ? value : read(record, components[i]);
            found |= meant;
        }
        if (!found) {
            throw new IllegalArgumentException(record + " has no " + component);
        }
        try {
            @SuppressWarnings("unchecked") // its own canonical constructor
            T changed = (T) record.getClass().getDeclaredConstructor(types).newInstance(values);
            return changed;
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("can't change " + component + " of " + record, e);
        }
    }

    /**
     * The same record with each choice from one source put through a function: every colour replaced by another, say.
     *
     * @param from where the choices come from
     * @param change given what is chosen (never null), what stands in its place
     */
    public static <T> T withChoices(T record, Choice.From from, UnaryOperator<String> change) {
        T changed = record;
        for (RecordComponent component : components(record.getClass())) {
            Choice choice = component.getAnnotation(Choice.class);
            if (choice != null && choice.from() == from && read(changed, component) instanceof String chosen) {
                changed = with(changed, component.getName(), change.apply(chosen));
            } else if (component.isAnnotationPresent(Inner.class)
                    && read(changed, component) instanceof List<?> inner) {
                List<Object> others = new ArrayList<>();
                inner.forEach(one -> others.add(withChoices(one, from, change)));
                changed = with(changed, component.getName(), others);
            }
        }
        return changed;
    }

    /** Whether a record has such a component. */
    public static boolean has(Object record, String component) {
        return Arrays.stream(components(record.getClass()))
                .anyMatch(c -> c.getName().equals(component));
    }

    private static void checkLength(String name, String word, String written, int longest) {
        if (written.codePointCount(0, written.length()) > longest) {
            throw new Refused(
                    name,
                    longest == 1
                            ? "%s: write one only.".formatted(Range.capital(word))
                            : "%s: keep it under %d letters.".formatted(Range.capital(word), longest + 1));
        }
    }

    /** What an amount may be. */
    static Range range(Amount amount) {
        return new Range(amount.word(), amount.unit(), amount.least(), amount.most());
    }

    private static Kind kind(Class<?> record) {
        Word word = record.getAnnotation(Word.class);
        return new Kind(word.value(), word.says(), word.group(), parametersOf(record));
    }

    private static Kind.Parameter parameter(RecordComponent component) {
        Amount amount = component.getAnnotation(Amount.class);
        if (amount != null) {
            boolean whole = component.getType() == int.class || component.getType() == Integer.class;
            return new Kind.Parameter(
                    component.getName(),
                    amount.word(),
                    whole ? Kind.Type.WHOLE_NUMBER : Kind.Type.NUMBER,
                    amount.unit().sign(),
                    amount.least(),
                    amount.most(),
                    usual(amount),
                    amount.habit().length == 0 ? null : amount.habit()[0],
                    amount.otherwise(),
                    required(component),
                    List.of(),
                    false);
        }
        Text text = component.getAnnotation(Text.class);
        if (text != null) {
            return new Kind.Parameter(
                    component.getName(),
                    text.word(),
                    Kind.Type.TEXT,
                    "",
                    null,
                    null,
                    text.usual(),
                    null,
                    "",
                    false,
                    List.of(),
                    false);
        }
        Inner inner = component.getAnnotation(Inner.class);
        if (inner != null) {
            return new Kind.Parameter(
                    component.getName(),
                    inner.word(),
                    Kind.Type.MOVES,
                    "",
                    null,
                    null,
                    null,
                    null,
                    inner.otherwise(),
                    false,
                    List.of(),
                    false);
        }
        Laying laying = component.getAnnotation(Laying.class);
        if (laying != null) {
            return new Kind.Parameter(
                    component.getName(),
                    laying.word(),
                    Kind.Type.WHERE,
                    "",
                    null,
                    null,
                    laying.from()[0],
                    null,
                    "",
                    false,
                    List.of(laying.from()),
                    laying.unbroken());
        }
        Choice choice = component.getAnnotation(Choice.class);
        return new Kind.Parameter(
                component.getName(),
                choice.word(),
                Kind.Type.valueOf(choice.from().name()),
                "",
                null,
                null,
                choice.usual().isEmpty() ? null : choice.usual(),
                null,
                choice.otherwise(),
                required(component),
                options(component),
                false);
    }

    private static String usual(Amount amount) {
        double usual = amount.habit().length == 0
                ? amount.usual()
                : amount.habit()[0].house().mean();
        return Double.isNaN(usual) ? null : Range.plain(usual);
    }

    /** A component has to be given when it is a primitive number, or a choice for which nothing stands in. */
    private static boolean required(RecordComponent component) {
        Choice choice = component.getAnnotation(Choice.class);
        return component.getType().isPrimitive()
                || choice != null
                        && choice.usual().isEmpty()
                        && choice.otherwise().isEmpty();
    }

    private static List<String> options(RecordComponent component) {
        return component.getType().isEnum()
                ? Arrays.stream(component.getType().getEnumConstants())
                        .map(Object::toString)
                        .toList()
                : List.of();
    }

    /**
     * What a record has in one component; null where that is left open.
     *
     * @throws IllegalArgumentException when it has no such component
     */
    public static Object read(Object record, String component) {
        for (RecordComponent one : components(record.getClass())) {
            if (one.getName().equals(component)) {
                return read(record, one);
            }
        }
        throw new IllegalArgumentException(record + " has no " + component);
    }

    static Object read(Object record, RecordComponent component) {
        try {
            return component.getAccessor().invoke(record);
        } catch (IllegalAccessException | InvocationTargetException e) {
            throw new IllegalStateException("can't read " + component, e);
        }
    }
}
