package kindthimble.core.catalogue;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** Something that a decorator picks: a colour of the order, a tip of the shop, or one of a few words. */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Choice {
    String word();

    From from();

    /** What is taken when it is left out; empty where it must be given or where leaving it out means something. */
    String usual() default "";

    /** In words, what leaving it out means. */
    String otherwise() default "";

    /** Where the choices come from. */
    enum From {
        /** The keys of the order's palette. */
        PALETTE,
        /** The shop's tips, by name. */
        TIPS,
        /** The sections of the design, by name: several, with blanks between. */
        SECTIONS,
        /** The constants of the component's own type. */
        WORDS
    }
}
