package kindthimble.core.move;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Word;
import kindthimble.core.drying.Gate;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Dabs;
import kindthimble.core.mark.Icing;
import kindthimble.core.words.Unit;

/** Icing dabbed with a sponge or a brush on a dry coat, for a rough texture. */
@Word(value = "dabbed texture", says = "icing dabbed on a dry coat", group = Kind.Group.RAISED)
public record Dab(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Choice(word = "waits until", from = Choice.From.WORDS, otherwise = "the shop's school")
        Wait waits,

        @Amount(word = "own time", unit = Unit.MINUTES, least = 1, most = 2880, otherwise = "as long as that takes")
        Double waitMinutes,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Detail {
    /** One that waits as long as that takes. */
    public Dab(String colour, Wait waits, String on) {
        this(colour, waits, null, on);
    }

    @Override
    public Easier easier() {
        return Easier.by("Airbrush breaks up a plain coat quicker.", "Airbrush instead", new Airbrush(colour, on));
    }

    @Override
    public String needsCoat() {
        return "Texture is dabbed on a dry coat: put a flood before it.";
    }

    @Override
    public void lay(Ground ground) {
        Gate gate = ground.raisedGate(on, waits);
        ground.place(
                on,
                new Dabs(
                        new Icing(
                                colour, new Consistency(ground.mean(Habit.MEDIUM_SECONDS)), null, Icing.Vessel.SPATULA),
                        ground.on(on),
                        ground.mean(Habit.DABBED_MM),
                        gate));
    }
}
