package kindthimble.core.catalogue;

import java.lang.reflect.RecordComponent;

/** A record of the catalogue as somebody starts with it: only what it must have. */
public final class Plain {
    private Plain() {}

    /**
     * @param colour key of the colour that it has where it must have one
     */
    public static <T> T of(Class<T> record, String colour) {
        RecordComponent[] components = record.getRecordComponents();
        Object[] values = new Object[components.length];
        Class<?>[] types = new Class<?>[components.length];
        for (int i = 0; i < components.length; i++) {
            types[i] = components[i].getType();
            Amount amount = components[i].getAnnotation(Amount.class);
            Choice choice = components[i].getAnnotation(Choice.class);
            if (types[i] == int.class) {
                values[i] = (int) Math.round(amount.usual());
            } else if (types[i] == double.class) {
                values[i] = amount.usual();
            } else if (choice != null
                    && choice.from() == Choice.From.PALETTE
                    && choice.otherwise().isEmpty()) {
                values[i] = colour;
            }
        }
        try {
            return record.getDeclaredConstructor(types).newInstance(values);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("can't start with " + record, e);
        }
    }
}
