package kindthimble.core.move;

/** A move that puts icing in lines, dots or pieces: into a coat while it is wet, or on it later. */
public sealed interface Detail extends Move
        permits Outline,
                Dot,
                Stripe,
                Piped,
                Beads,
                Drop,
                Piece,
                SecondFlood,
                WetShape,
                RaisedFill,
                Ruffle,
                Dab,
                Stencil,
                Transfer,
                Stack {

    @Override
    String on();
}
