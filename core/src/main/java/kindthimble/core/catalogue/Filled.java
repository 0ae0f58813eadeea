package kindthimble.core.catalogue;

import java.lang.reflect.Constructor;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import kindthimble.core.habit.Habits;

/**
 * A record as somebody gave it, and the same with its usual values where nothing was given: the one place where they are put in. What is
 * taken stands in the component's {@link Amount}, {@link Choice} or {@link Text}; where leaving a thing out means something of its own,
 * it stays left out.
 */
public final class Filled {
    private static final ClassValue<Filling> FILLINGS = new ClassValue<>() {
        @Override
        protected Filling computeValue(Class<?> type) {
            return new Filling(type);
        }
    };

    private Filled() {}

    /**
     * @param given a record of the catalogue
     * @param habits of the kitchen
     * @return the record itself where nothing is left out
     */
    public static <T> T of(T given, Habits habits) {
        return FILLINGS.get(given.getClass()).filled(given, habits);
    }

    private static final class Filling {
        private final RecordComponent[] components;
        private final Constructor<?> constructor;

        Filling(Class<?> type) {
            components = type.getRecordComponents();
            try {
                constructor = type.getDeclaredConstructor(
                        Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new));
                constructor.setAccessible(true);
            } catch (NoSuchMethodException e) {
                throw new IllegalStateException(type + " is no record", e);
            }
        }

        private <T> T filled(T given, Habits habits) {
            Object[] values = new Object[components.length];
            boolean changed = false;
            for (int i = 0; i < values.length; i++) {
                values[i] = Catalogue.read(given, components[i]);
                if (components[i].isAnnotationPresent(Laying.class)) {
                    Object laid = laid(components[i], values[i], habits);
                    changed |= laid != values[i];
                    values[i] = laid;
                } else if (values[i] == null || values[i] instanceof String written && written.isBlank()) {
                    Object usual = usual(components[i], habits);
                    changed |= usual != null;
                    values[i] = usual == null ? values[i] : usual;
                }
            }
            if (!changed) {
                return given;
            }
            @SuppressWarnings("unchecked") // its own canonical constructor
            T filled = (T) made(values);
            return filled;
        }

        /** Where marks are placed: in the usual way, where nothing is said. */
        private static Object laid(RecordComponent component, Object given, Habits habits) {
            Filling where = FILLINGS.get(component.getType());
            Object[] values = new Object[where.components.length];
            if (given != null) {
                for (int i = 0; i < values.length; i++) {
                    values[i] = Catalogue.read(given, where.components[i]);
                }
            }
            Object whole = given;
            if (values[0] == null) {
                values[0] = constant(
                        where.components[0].getType(),
                        component.getAnnotation(Laying.class).from()[0]);
                whole = where.made(values);
            }
            return where.filled(whole, habits);
        }

        private Object made(Object[] values) {
            try {
                return constructor.newInstance(values);
            } catch (ReflectiveOperationException e) {
                throw new IllegalStateException("can't make " + constructor, e);
            }
        }

        private static Object constant(Class<?> type, String name) {
            return Arrays.stream(type.getEnumConstants())
                    .filter(constant -> ((Enum<?>) constant).name().equals(name))
                    .findFirst()
                    .orElseThrow();
        }

        /** What is taken for a component that is left out; null for nothing. */
        private static Object usual(RecordComponent component, Habits habits) {
            Amount amount = component.getAnnotation(Amount.class);
            if (amount != null) {
                double usual = amount.habit().length == 0 ? amount.usual() : habits.mean(amount.habit()[0]);
                if (Double.isNaN(usual)) {
                    return null;
                }
                return component.getType() == Integer.class ? (Object) (int) Math.round(usual) : (Object) usual;
            }
            Text text = component.getAnnotation(Text.class);
            if (text != null) {
                return text.usual();
            }
            Choice choice = component.getAnnotation(Choice.class);
            if (choice == null || choice.usual().isEmpty()) {
                return null;
            }
            return component.getType() == String.class ? choice.usual() : constant(component.getType(), choice.usual());
        }
    }
}
